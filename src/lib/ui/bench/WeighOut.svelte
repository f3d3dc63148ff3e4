<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { bowlTooSalty } from '$lib/core/correct';
  import { as, writePercent, writeSalt } from '$lib/core/quantity';
  import { saltKind } from '$lib/core/salt';
  import { bar, nextToWeigh, overshoot, rescale, type Target } from '$lib/core/weighing';
  import { endsAsMade } from '$lib/core/worksheet';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { scale } from '../scale/scale.svelte';
  import type { Bench } from './bench.svelte';
  import { isSalt } from './targets';

  /** One thing after another against its target: a bar that fills, a soft landing, a way out of too much. */
  let {
    bench,
    targets,
    open = false
  }: { bench: Bench; targets: readonly Target[]; open?: boolean } = $props();
  const house = useHouse();
  const step = $derived(house.household.scaleStepG);
  // While the finger is in an empty field the bar follows the scale itself; what is typed or taken prevails.
  let at = $state<string | null>(null);
  const live = (t: Target): Target =>
    at === t.id && t.weighedG === null && !scale.lost && (scale.reading?.g ?? 0) > 0
      ? { ...t, weighedG: scale.reading?.g ?? 0 }
      : t;
  /** Dry salt that is in cannot be taken out: unsalted vegetables bring the bowl back. */
  const bowl = $derived.by(() => {
    const sheet = bench.sheet;
    const salt = targets.find((t) => t.id === 'salt');
    const kind = saltKind(bench.saltKindId);
    if (!sheet || bench.salting !== 'dry' || salt?.weighedG == null || !kind) return null;
    const target = sheet.ends.equilibrium;
    const bowlG = sheet.salt.parts.find((p) => p.where === 'bowl')?.weighG ?? sheet.salt.weighG;
    const vegWaterG = (bowlG * kind.purity * (1 - target)) / target;
    const moisture = vegWaterG / sheet.packedG;
    const made = bowlTooSalty(
      salt.weighedG * kind.purity,
      vegWaterG,
      as.equilibriumSalinity(target),
      moisture
    );
    return made.ok ? made.value : null;
  });
  /** Of the salt, kept as it was weighed: where it ends, and it is the dose from then on. */
  const saltedTo = (t: Target): number | null =>
    isSalt(t) && bench.sheet && t.weighedG !== null
      ? endsAsMade(bench.sheet, { salted: saltedBy(t, bench.sheet) })
      : null;
  /** All the salt over what was planned, with this part of it as weighed. */
  const saltedBy = (t: Target, sheet: { salt: { weighG: number } }) => {
    const planned = targets.find((x) => x.id === t.id)?.g ?? t.g;
    return (sheet.salt.weighG - planned + (t.weighedG ?? planned)) / sheet.salt.weighG;
  };
  /** What is short may be all there is; less than this of it is only begun. */
  const BEGUN = 0.3;
  const next = $derived(nextToWeigh(targets, step));
  const amount = (g: number) => (g < 100 ? writeSalt(g) : house.mass(g));
  const ended = (ends: number | null) => (ends === null ? '' : `: it settles at ${writePercent(ends)}`);
  const say = (id: string, text: string) => bench.choose({ weighed: { ...bench.weighedOut, [id]: text } });
  const amounts = (of: readonly Target[]) => Object.fromEntries(of.map((t) => [t.id, t.g]));
  const keep = (t: Target) => {
    const ends = saltedTo(t);
    bench.choose({
      weighed: { ...bench.weighedOut, [t.id]: bench.weighedOut[t.id] || `${t.weighedG} g` },
      // The salt's own target follows the dose, unless it was moved by hand.
      ...(ends === null || t.id in bench.targets
        ? { targets: { ...bench.targets, [t.id]: t.weighedG ?? t.g } }
        : {}),
      ...(ends === null ? {} : { way: 'equilibrium' as const, fraction: ends })
    });
  };
</script>

<Fold text="Weigh it out, one after the other" {open} class="no-print border-t border-rule-strong pt-1">
  <ol>
    {#each targets.map(live) as t (t.id)}
      {@const b = bar(t, step)}
      {@const over = overshoot(t, step)}
      <li class="line grid grid-cols-[1fr_9rem] items-start gap-x-4">
        <div>
          <p class={['flex flex-wrap justify-between gap-x-3', next?.id === t.id && 'font-bold']}>
            <span>{t.name}</span><span>{amount(t.g)}</span>
          </p>
          <div
            class="relative mt-1 h-4 overflow-hidden rounded-sm bg-rule-soft"
            role="meter"
            aria-label="{t.name}: {t.weighedG === null ? 'nothing' : amount(t.weighedG)} of {amount(t.g)}"
            aria-valuemin={0}
            aria-valuemax={Math.round(t.g * 10) / 10}
            aria-valuenow={Math.min(t.g, t.weighedG ?? 0)}
          >
            <div
              class={['h-full', b.state === 'over' ? 'bg-heed' : 'bg-slate']}
              style:width="{b.filled * 90}%"
            ></div>
            <!-- The landing zone: from here on slowly, to here it is right. -->
            <div
              class="absolute inset-y-0 border-x-2 border-ink bg-brine/60"
              style:left="{(b.from / t.g) * 90}%"
              style:width="{Math.max(1.5, ((b.to - b.from) / t.g) * 90)}%"
            ></div>
          </div>
          <p class="min-h-6 text-sm" aria-live="polite">
            {#if b.state === 'right'}right
            {:else if over}<span class="text-heed">{amount(over.takeOutG)} too much</span>
            {:else if t.weighedG !== null}{amount(t.g - t.weighedG)} to go{/if}
          </p>
          {#if over && !over.slip && t.id === 'salt' && bowl}
            <p class="text-sm">
              Strewn in already? <b>{house.mass(bowl.addVegG)}</b> more of the vegetables, unsalted, brings it
              back to {writePercent(bowl.after.salinity)}.
            </p>
          {/if}
          {#if over?.slip}
            <p class="heed text-sm">
              {Math.round(over.factor)} times its target. Was the bowl weighed too, or is it another unit?
            </p>
          {:else if over}
            <div class="flex flex-wrap gap-x-4 text-sm">
              <button class="act" onclick={() => keep(t)}>keep it{ended(saltedTo(t))}</button>
              <button class="act" onclick={() => bench.choose({ targets: amounts(rescale(targets, t.id)) })}
                >raise the rest by {Math.round((over.factor - 1) * 100)} %{bench.salting === 'brine'
                  ? ''
                  : `, with ${house.mass((bench.sheet?.packedG ?? 0) * over.over)} more vegetables`}</button
              >
              <button class="act" onclick={() => say(t.id, `${Math.round(t.g * 10) / 10} g`)}
                >{amount(over.takeOutG)} taken out</button
              >
            </div>
          {:else if isSalt(t) && b.state === 'short' && (t.weighedG ?? 0) > BEGUN * t.g}
            <button class="act text-sm" onclick={() => keep(t)}>leave it at that{ended(saltedTo(t))}</button>
          {/if}
        </div>
        <WeightField
          label="{t.name}, weighed"
          hideLabel
          value={bench.weighedOut[t.id] ?? ''}
          placeholder={amount(t.g)}
          oninput={(text) => say(t.id, text)}
          onfinger={(here) => (at = here ? t.id : at === t.id ? null : at)}
          pad="focus"
          spread
        />
      </li>
    {/each}
  </ol>
  {#if !next && targets.length > 0}<p class="py-2 font-semibold">All of it is weighed.</p>{/if}
</Fold>
