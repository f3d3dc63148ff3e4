<script lang="ts">
  import {
    kindsInSeason,
    type PlanFacts,
    type SeasonInput,
    type SeasonPast,
    type SeasonPlan
  } from '$lib/core/season';
  import ChoiceField from '../../forms/ChoiceField.svelte';
  import Fold from '../../forms/Fold.svelte';
  import Bands from './Bands.svelte';
  import Kind from './Kind.svelte';
  import Names from './Names.svelte';
  import Picks from './Picks.svelte';
  import ByMonth from './ByMonth.svelte';
  import { LOOKS, weeksOf } from './weeks';

  /** The season on one line of weeks, what has passed and what is planned: picks, each kind from counter to table, and how full everything gets. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    facts: PlanFacts;
    past: SeasonPast;
    today: string;
  }
  let { input, plan, facts, past, today }: Props = $props();
  let looks = $state<(typeof LOOKS)[number]['value']>('season');
  const hand: { on: string | null } = { on: null };
  const ahead = $derived(kindsInSeason(input, plan));
  /** What was made and is not planned any more stands below. */
  const kinds = $derived([
    ...ahead,
    ...past.kinds
      .filter((p) => !ahead.some((k) => k.group === p.group))
      .map(({ group }) => ({ group, counter: [], stored: [], eaten: [], wanted: [] }))
  ]);
  const look = $derived(LOOKS.find((l) => l.value === looks)!);
  const n = $derived(Math.min(input.weeks.length, look.weeks ?? input.weeks.length));
  const weeks = $derived(weeksOf({ n, back: look.back }, today));
  const pastOf = (group: string) => past.kinds.find((p) => p.group === group);
</script>

<ChoiceField
  label="How far to look"
  items={LOOKS.map(({ value, name }) => ({ value, name }))}
  bind:value={looks}
  class="no-print w-56 max-w-full pt-2"
/>
<ul class="@container" data-picture={n}>
  <Names {weeks} />
  <Picks {input} {past} {weeks} />
  {#each kinds as kind (kind.group)}
    <Kind {kind} past={pastOf(kind.group)} {weeks} firmWeeks={input.firmWeeks} {today} {hand} />
  {/each}
  <Bands {input} {plan} {facts} {past} {weeks} />
</ul>
<p class="pt-2 text-sm text-quiet">
  The line from top to bottom is this week: before it what was, after it what is planned. Boxes: on the
  counter, dashed where they are planned, empty where they are not firm yet; drag one, or move it by its arrow
  keys, and it is held to in its new week. Columns: how much of what is wanted comes to the table, all of it
  where a column is full. The line under them: some of it is stored. In the grey rows the dashed line is all
  there is, and dark is full.
</p>
<Fold text="The same as a table" quiet><ByMonth kinds={ahead} {past} {today} /></Fold>
