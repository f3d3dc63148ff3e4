<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { mmUnderLine, readLiquid, remedyFor, standing, type BatchInHand } from '$lib/core/batch';
  import { levelBy, levelFacts, TROUBLE_BY, type LevelBy } from '$lib/core/care';
  import { aheadOf, knowsOf, type TaughtBySouring } from '$lib/core/outlook';
  import { plain } from '$lib/core/quantity';
  import { asMeasured, saltKind } from '$lib/core/salt';
  import { LEVEL_WORDS, problem } from '$lib/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { keyOf, outlooks } from '../outlook/outlooks.svelte';
  import { dialogs } from './dialogs.svelte';
  import { doingWords } from './right';

  /** Brine stands low: why, by what the house knows of the jar, how much that can be, and what to pour. */
  let { batch, souring, jarId }: { batch: BatchInHand; souring: readonly TaughtBySouring[]; jarId: string } =
    $props();
  const house = useHouse();
  const jars = $derived(standing(batch));
  let chosen = $state('');
  let missing = $state('');
  const f = $derived(jars.find((j) => j.id === (chosen || jarId)) ?? jars[0]);
  const ahead = $derived(f ? aheadOf(batch, f, knowsOf(house.household, souring), house.now) : null);
  const key = $derived(ahead ? keyOf(ahead) : '');
  $effect(() => {
    if (key) outlooks.ask(key);
  });
  const outlook = $derived(key ? outlooks.of(key) : undefined);
  const read = $derived(f && missing.trim() !== '' ? readLiquid(missing, 'amount', f, house.ways) : null);
  // Grams of a brine are millilitres to a hundredth.
  const ml = $derived(read?.ok ? read.value : null);
  const causes = $derived(
    f && ahead && outlook ? levelBy(levelFacts(batch, f, { ahead, outlook }, house.now), ml) : []
  );
  const about = (g: number) => house.volume(g < 95 ? Math.round(g / 5) * 5 : Math.round(g / 10) * 10);
  const most = ({ upToMl }: LevelBy) =>
    f && upToMl !== null && upToMl >= 1
      ? `at most about ${about(upToMl)} by now, ${plain(mmUnderLine(f, Math.min(upToMl, f.usableMl)), 0)} mm`
      : '';
  const purity = $derived.by(() => {
    const kind = saltKind(batch.saltKindId ?? house.household.saltKindId);
    return kind ? asMeasured(kind, house.household.ownSpoons).purity : 1;
  });
  /** What makes it up, where it is said how much is missing. */
  const pours = (cause: LevelBy): string[] => {
    const trouble = TROUBLE_BY[cause.cause];
    if (!f || !trouble || ml === null) return [];
    const said = { trouble, amount: missing, lost: '', salinityPercent: '', targetPercent: '' };
    const more = { freeBrine: '', strengthPercent: '', cropId: '' };
    const right = remedyFor({ ...said, ...more }, batch, f, house.now, house.ways);
    return right.ok ? doingWords(right.value.remedy, purity, house) : [];
  };
</script>

<div class="flex flex-col gap-3 pt-2" role="group" aria-label="Why it stands low">
  <div class="grid items-end gap-3 sm:grid-cols-2">
    {#if jars.length > 1}
      <ChoiceField
        label="Which jar"
        id="l-jar-{batch.id}"
        items={jars.map((j) => ({ value: j.id, name: `jar ${j.lidNumber}, ${j.jarName}` }))}
        bind:value={() => f?.id ?? '', (id) => (chosen = id)}
      />
    {/if}
    <TextField
      label="How much lower, if you can tell"
      id="l-missing-{batch.id}"
      bind:value={missing}
      placeholder="15 mm, or 80 ml"
      problem={read && !read.ok ? problem(read.refusal) : undefined}
    />
  </div>
  <div aria-live="polite" data-level>
    {#if !ahead}
      <p class="text-quiet">Nobody knows how it was filled: press it down, and see tomorrow.</p>
    {:else if !outlook}
      <p class="text-quiet">Looking at its lid, its days and its gas …</p>
    {:else}
      <ol class="flex flex-col gap-3">
        {#each causes as c, i (c.cause)}
          {@const words = LEVEL_WORDS[c.cause]}
          {@const trouble = TROUBLE_BY[c.cause]}
          <li class={i === 0 ? 'border-l-4 border-ink pl-3' : 'pl-4 text-sm'}>
            <p>
              <b class={i === 0 ? 'big' : 'font-semibold'}>{i === 0 ? 'Most likely ' : 'Or '}{words.name}</b>
              {#if most(c)}<span class="text-sm text-quiet">{most(c)}</span>{/if}
            </p>
            <p>{words.why}</p>
            <p class="font-semibold">{words.does}</p>
            {#if i === 0}{#each pours(c) as says (says)}<p
                  class={c.cause === 'sunkBack' ? '' : 'big leading-snug'}
                >
                  {c.cause === 'sunkBack'
                    ? `Not covered still: ${says[0]?.toLowerCase()}${says.slice(1)}`
                    : says}
                </p>{/each}{/if}
            {#if trouble && f && i === 0}
              <Button
                class="mt-2"
                outline
                onclick={() => f && dialogs.putRight(batch, [f.id], { trouble, amount: missing })}
                >Put right…</Button
              >
            {:else if trouble && f}
              <button
                type="button"
                class="act"
                onclick={() => f && dialogs.putRight(batch, [f.id], { trouble, amount: missing })}
                >it is that: put right</button
              >
            {/if}
          </li>
        {/each}
      </ol>
    {/if}
  </div>
</div>
