<script lang="ts">
  import { bareMass, readQuantity } from '$lib/core/reading';
  import { writePercent, writeSalt } from '$lib/core/quantity';
  import { scaleRecipe, substituted, substitutesFor, type Card } from '$lib/core/recipe';
  import { saltKind, type DosingWay } from '$lib/core/salt';
  import { problem } from '$lib/words';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { amountWords, noteWords, type ProposedChange } from './words';

  /** The recipe for other amounts: from half a jar to a bucket. */
  let {
    card,
    text,
    onswap
  }: {
    card: Card;
    /** The card as written, and what is done with it once something stands in. */
    text: string;
    onswap: (proposed: ProposedChange) => void;
  } = $props();
  const house = useHouse();
  // svelte-ignore state_referenced_locally
  let weight = $state(card.baseG ? `${Math.round(card.baseG)} g` : '2 kg');
  let jars = $state('2');
  let room = $state('2 l');
  const vegG = $derived.by(() => {
    const r = readQuantity(weight, {
      kind: 'mass',
      unit: bareMass(house.ways),
      system: house.household.spoons
    });
    return r.ok ? r.value.value : 0;
  });
  const roomMl = $derived.by(() => {
    const r = readQuantity(room, { kind: 'volume', unit: 'l', system: house.household.spoons });
    return r.ok ? r.value.value : 0;
  });
  const scaled = $derived(scaleRecipe(card, { vegG, jars: Math.max(0, Number(jars) || 0), roomMl }));
  const OF: Record<DosingWay, string> = {
    equilibrium: 'what it settles at',
    byTaste: 'what it settles at, by taste',
    perWater: 'of the water',
    perVegetables: 'of the vegetables',
    perTotal: 'of vegetables and water'
  };
  const purity = $derived(saltKind(house.household.saltKindId)?.purity ?? 1);
</script>

<section aria-label="For other amounts" data-scaler>
  <h2 class="border-b-2 border-ink pb-1">For other amounts</h2>
  <div class="no-print grid grid-cols-2 items-start gap-3 pt-2 sm:grid-cols-3">
    <WeightField label="Prepared vegetables" bind:value={weight} placeholder="2 kg" pad="focus" spread />
    <TextField label="Jars" id="sc-jars" bind:value={jars} inputmode="numeric" />
    <TextField label="Their room in all" id="sc-room" bind:value={room} />
  </div>
  {#if scaled.ok}
    <ul>
      {#each scaled.value.lines as l (l.of.line)}
        {@const subs = substitutesFor(l.of.name).filter((s) => !l.of.instead.includes(s.name))}
        <li class="line">
          <div class="flex justify-between gap-4">
            <span>
              {l.of.name}{l.of.instead.length > 0 ? `, or ${l.of.instead.join(', or ')}` : ''}
            </span>
            <b class="text-right">{amountWords(l, house, house.household.spoons)}</b>
          </div>
          {#if subs.length > 0}<details>
              <summary class="text-sm text-quiet underline underline-offset-4">swap</summary>
              <ul class="text-sm">
                {#each subs as s (s.name)}
                  {@const swapped = substituted(text, l.of, s)}
                  <li class="flex items-center justify-between gap-x-4">
                    <span
                      >{s.name}{l.amount !== null
                        ? `, ${amountWords({ ...l, amount: l.amount * s.factor }, house, house.household.spoons)}`
                        : ''}: {s.reason}</span
                    >
                    {#if swapped !== undefined}<button
                        class="act no-print shrink-0"
                        aria-label="Take {s.name} instead of {l.of.name}"
                        onclick={() =>
                          onswap({
                            card: swapped,
                            what: `${s.name} instead of ${l.of.name}`,
                            why: s.reason
                          })}>take it</button
                      >{/if}
                  </li>
                {/each}
              </ul>
            </details>{/if}
        </li>
      {/each}
      {#if scaled.value.salt}
        <li class="line flex justify-between gap-4">
          <span>salt, {OF[scaled.value.salt.way]}</span>
          <b class="text-right">
            {scaled.value.salt.way === 'perVegetables'
              ? writeSalt((scaled.value.salt.fraction * vegG) / purity)
              : `${writePercent(scaled.value.salt.fraction)}: the Bench weighs it for your jars`}
          </b>
        </li>
      {/if}
    </ul>
    {#each scaled.value.notes as n (n)}<p class="pt-1 text-sm text-quiet">{noteWords(n)}</p>{/each}
  {:else}<Trouble problem={problem(scaled.refusal)} />{/if}
</section>
