<script lang="ts">
  import { kindsInSeason, type PlanFacts, type SeasonInput, type SeasonPlan } from '$lib/core/season';
  import ChoiceField from '../../forms/ChoiceField.svelte';
  import Fold from '../../forms/Fold.svelte';
  import Bands from './Bands.svelte';
  import Kind from './Kind.svelte';
  import Names from './Names.svelte';
  import Picks from './Picks.svelte';
  import ByMonth from './ByMonth.svelte';
  import { LOOKS, weeksOf } from './weeks';

  /** The season ahead on one line of weeks: picks, each kind from counter to table, and how full everything gets. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    facts: PlanFacts;
    today: string;
  }
  let { input, plan, facts, today }: Props = $props();
  let looks = $state<(typeof LOOKS)[number]['value']>('season');
  const kinds = $derived(kindsInSeason(input, plan));
  const n = $derived(
    Math.min(input.weeks.length, LOOKS.find((l) => l.value === looks)?.weeks ?? input.weeks.length)
  );
  const weeks = $derived(weeksOf(n, today));
</script>

<ChoiceField
  label="How far to look"
  items={LOOKS.map(({ value, name }) => ({ value, name }))}
  bind:value={looks}
  class="no-print w-56 max-w-full pt-2"
/>
<ul class="@container" data-picture={n}>
  <Names {weeks} />
  <Picks {input} {weeks} />
  {#each kinds as kind (kind.group)}
    <Kind {kind} {weeks} firmWeeks={input.firmWeeks} {today} />
  {/each}
  <Bands {input} {plan} {facts} {weeks} />
</ul>
<p class="pt-2 text-sm text-quiet">
  This week stands at the left edge. Boxes: on the counter, dashed where they are planned, empty where they
  are not firm yet; drag one, or move it by its arrow keys, and it is held to in its new week. Columns: how
  much of what is wanted comes to the table, all of it where a column is full. The line under them: some of it
  is stored. In the grey rows the dashed line is all there is, and dark is full.
</p>
<Fold text="The same as a table" quiet><ByMonth {kinds} {today} /></Fold>
