<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import {
    whatStops,
    type SeasonInput,
    type SeasonPlan,
    type SeasonSaid,
    type StartAt
  } from '$lib/core/season';
  import { mondayOf, weekOf } from '$lib/core/sowing';
  import { stopsSays, shortDay } from '$lib/words';
  import QuietAct from '../forms/QuietAct.svelte';
  import { styleNames } from './names';
  import { useHouse } from '../house/house.svelte';

  /** What was said of starts by hand: what is held to and whether it could be, and what is not begun. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    today: string;
    said: Pick<SeasonSaid, 'held' | 'barred'>;
  }
  let { input, plan, today, said }: Props = $props();
  const house = useHouse();
  const name = $derived(styleNames(house.household));
  const when = (s: StartAt) => shortDay(wall(mondayOf(weekOf(s.monday)), 12));
  const at = (s: StartAt) => ({ styleId: s.styleId, week: weekOf(s.monday) - weekOf(today) });
  const isIn = (s: StartAt) =>
    plan.batches.some((b) => b.styleId === s.styleId && b.week === at(s).week && b.kg > 0);
  const lines = $derived([
    ...said.held.map((s) => ({
      ...{ s, key: `held ${s.styleId} ${s.monday}` },
      says: isIn(s)
        ? `held to in the week of ${when(s)}`
        : `wanted in the week of ${when(s)}, but ${stopsSays(whatStops(input, at(s)))}`
    })),
    ...said.barred.map((s) => ({
      ...{ s, key: `not ${s.styleId} ${s.monday}`, says: `not in the week of ${when(s)}` }
    }))
  ]);
</script>

<ul>
  {#each lines as { s, key, says } (key)}
    <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule-soft">
      <span><b>{name(s.styleId)}</b>: {says}</span>
      <QuietAct
        command="say-start"
        values={{ styleId: s.styleId, monday: s.monday, how: 'free' }}
        does="as the plan likes"
        label="As the plan likes: {name(s.styleId)}, {when(s)}"
      />
    </li>
  {/each}
</ul>
