<script lang="ts">
  import { whatBecomes, type Otherwise, type SeasonInput, type SeasonPlan } from '$lib/core/season';
  import { listed, otherwiseSays, roughly, type PlanWays } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { styleNames } from './names';

  /** What lies in the Garden: what the plan does with it, and what comes of it when it waits or is given away. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    others: ReadonlyMap<string, Otherwise>;
    ways: PlanWays;
  }
  let { input, plan, others, ways }: Props = $props();
  const house = useHouse();
  const name = $derived(styleNames(house.household));
  const rough = (kg: number) => house.mass(roughly(kg * 1000));
  const crops = $derived(
    input.crops
      .map((c) => ({ id: c.id, kg: c.lots.reduce((a, l) => a + l.kg, 0) }))
      .filter((c) => c.kg > 0)
      .map((c) => ({ ...c, becomes: whatBecomes(input, plan, c.id), other: others.get(c.id) }))
  );
  const when = (week: number) => (week === 0 ? 'now' : `in the week of ${ways.week(week)}`);
  const freshKg = (parts: ReturnType<typeof whatBecomes>['parts']) =>
    parts.reduce((a, p) => (p.styleId === null ? a + p.kg : a), 0);
  const says = ({ parts, rotsKg }: ReturnType<typeof whatBecomes>) =>
    listed([
      ...parts.flatMap((p) =>
        p.styleId === null ? [] : [`${rough(p.kg)} into ${name(p.styleId)} ${when(p.week)}`]
      ),
      ...(freshKg(parts) > 0 ? [`${rough(freshKg(parts))} eaten fresh`] : []),
      ...(rotsKg > 0 ? [`${rough(rotsKg)} finds no use: give it away`] : [])
    ]);
</script>

<ul>
  {#each crops as c (c.id)}
    <li class="border-b border-rule-soft py-2" data-basket={c.id}>
      <p><b>{house.crop(c.id)?.name ?? c.id}</b>, {rough(c.kg)}: {says(c.becomes)}.</p>
      {#if c.other}
        <p class="text-sm text-quiet">
          {#if c.other.waits}If it waits a week: {otherwiseSays(c.other.waits, ways)}.{/if}
          {#if c.other.given}If all of it is given away: {otherwiseSays(
              c.other.given,
              ways,
              'of what is left'
            )}.{/if}
        </p>
      {/if}
    </li>
  {/each}
</ul>
