<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { onDestroy } from 'svelte';
  import {
    lineOf,
    seasonIf,
    type PlanFacts,
    type SeasonInput,
    type SeasonPlan,
    type WhatIf
  } from '$lib/core/season';
  import { weekOf } from '$lib/core/sowing';
  import { roughly, whatIfSays } from '$lib/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { jarNames } from './names';
  import { PlanSearch } from './plan.svelte';

  /** The plan beside that of another season, line by line: nothing of it is stored. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    facts: PlanFacts;
    today: string;
  }
  let { input, plan, facts, today }: Props = $props();
  const house = useHouse();
  const jarName = $derived(jarNames(house.household));
  const all = $derived<readonly WhatIf[]>([
    ...(input.weeks.some((w) => w.away) ? [{ is: 'nobody-away' } as const] : []),
    { is: 'more-hands' },
    { is: 'more-cold' },
    ...input.sizes.map((j) => ({ is: 'more-jars', sizeId: j.id }) as const),
    ...(input.crops.some((c) => c.frost !== undefined && c.picks.some((kg, t) => kg > 0 && t > 0))
      ? [{ is: 'early-frost' } as const]
      : []),
    { is: 'fewer-picks' },
    { is: 'more-picks' }
  ]);
  const keyOf = (w: WhatIf) => (w.is === 'more-jars' ? `${w.is} ${w.sizeId}` : w.is);
  let chosen = $state('');
  const beside = new PlanSearch(false);
  onDestroy(() => beside.stop());
  let shown = $state<WhatIf | null>(null);
  function lay(): void {
    const what = all.find((w) => keyOf(w) === chosen);
    if (!what) return;
    shown = what;
    void beside.ask(seasonIf(input, what), weekOf(today));
  }
  const lines = $derived.by(() => {
    const other = beside.found;
    if (!other) return [];
    const now = lineOf(plan.batches.length, facts);
    const then = lineOf(other.plan.batches.length, other.facts);
    const whole = (n: number) => String(Math.round(n));
    const mass = (kg: number) => house.mass(roughly(kg * 1000));
    return [
      { name: 'batches', now: whole(now.batches), then: whole(then.batches) },
      { name: 'servings on the table', now: whole(now.servings), then: whole(then.servings) },
      { name: 'servings missed', now: whole(now.missed), then: whole(then.missed) },
      { name: 'rots', now: mass(now.rotsKg), then: mass(then.rotsKg) },
      { name: 'hours', now: whole(now.hours), then: whole(then.hours) }
    ];
  });
</script>

<div class="flex flex-wrap items-end gap-4 pt-3">
  <ChoiceField
    label="What if"
    placeholder="Choose one"
    items={all.map((w) => ({ value: keyOf(w), name: whatIfSays(w, jarName) }))}
    bind:value={chosen}
    class="w-72 max-w-full"
  />
  <Button color="alternative" disabled={chosen === ''} onclick={lay}>Lay it beside</Button>
</div>
{#if shown && lines.length > 0}
  <div class="overflow-x-auto" role="status" data-what-if={beside.looking ? 'looking' : 'settled'}>
    <table class="mt-3 w-full max-w-xl">
      <caption class="pb-1 text-left">If {whatIfSays(shown, jarName)}{beside.looking ? ' …' : ''}</caption>
      <thead>
        <tr class="text-left text-sm text-quiet">
          <th class="py-1 pr-4 font-normal"><span class="sr-only">what</span></th>
          <th class="pr-4 text-right font-normal">this plan</th>
          <th class="text-right font-normal">then</th>
        </tr>
      </thead>
      <tbody>
        {#each lines as l (l.name)}
          <tr class="border-t border-rule-soft">
            <th scope="row" class="py-1 pr-4 text-left font-normal">{l.name}</th>
            <td class="pr-4 text-right">{l.now}</td>
            <td class="text-right" class:font-semibold={l.now !== l.then}>{l.then}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
{/if}
