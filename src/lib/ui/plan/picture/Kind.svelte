<script lang="ts">
  import { max, median } from 'd3-array';
  import type { KindInPast, KindInSeason } from '$lib/core/season';
  import { cropColour } from '../../jar/colours';
  import { useHouse } from '../../house/house.svelte';
  import { styleNames } from '../names';
  import Box from './Box.svelte';
  import Row from './Row.svelte';
  import { columns, shownOf, type Weeks } from './weeks';

  /** A kind through the season: on the counter, then what comes to the table of what is wanted, over what is stored. */
  interface Props {
    kind: KindInSeason;
    past: KindInPast | undefined;
    weeks: Weeks;
    /** From this week on, starts are not firm. */
    firmWeeks: number;
    today: string;
    hand: { on: string | null };
  }
  let { kind, past, weeks, firmWeeks, today, hand }: Props = $props();
  const house = useHouse();
  const [BAR, TABLE, GAP] = [13, 16, 3];
  const name = $derived(styleNames(house.household)(kind.group));
  /** Batches that stand side by side have a line each. */
  const lines = $derived.by(() => {
    const ends: number[] = [];
    // What was begun stands in the record; the plan has it by its jars.
    return [...(past?.counter ?? []), ...kind.counter.filter((c) => c.planned)]
      .filter((c) => c.from < weeks.n && c.until > -weeks.back)
      .sort((a, b) => a.from - b.from)
      .map((c) => {
        const free = ends.findIndex((e) => e <= c.from);
        const line = free < 0 ? ends.length : free;
        ends[line] = c.until;
        return { ...c, line };
      });
  });
  const nLines = $derived(Math.max(0, ...lines.map((l) => l.line + 1)));
  const top = $derived(nLines * (BAR + 2) + GAP);
  const shown = $derived(Array.from({ length: weeks.n }, (_, t) => t));
  const column = (week: number, of: number) => ({
    ...{ week, top: top + 1 + TABLE * (1 - of), foot: top + 1 + TABLE }
  });
  const share = (t: number) =>
    kind.wanted[t]! > 0 ? Math.min(1, kind.eaten[t]! / kind.wanted[t]!) : kind.eaten[t]! > 0 ? 1 : 0;
  /** What was eaten is drawn of what is wanted in a usual week; where the plan has none of it, of the most that was eaten. */
  const usual = $derived(median(kind.wanted) || max(past?.eaten ?? []) || 1);
  const eaten = $derived(
    shownOf(past?.eaten ?? [], weeks).map(({ week, of }) => ({ week, of: Math.min(1, of / usual) }))
  );
  const sum = (of: readonly number[]) => shown.reduce((a, t) => a + (of[t] ?? 0), 0);
  const says = $derived(
    kind.wanted.length === 0
      ? 'none of it planned'
      : `${Math.round(sum(kind.eaten))} of ${Math.round(sum(kind.wanted))} servings`
  );
</script>

<Row {name} {says} {weeks} high={top + TABLE + 4} acts>
  {#each lines as c, i (c.planned ? `${c.styleId} ${c.from}` : i)}
    {@const y = c.line * (BAR + 2) + 1}
    {#if c.planned}
      <Box
        styleId={c.styleId}
        name={styleNames(house.household)(c.styleId)}
        week={c.from}
        until={c.until}
        {weeks}
        {y}
        high={BAR - 1}
        fill={c.cropId && c.from < firmWeeks ? cropColour(c.cropId, house.cropName(c.cropId)) : 'none'}
        {today}
        of={kind}
        {hand}
      />
    {:else}
      {@const from = Math.max(c.from, -weeks.back)}
      <rect
        x={weeks.x(from) + 1}
        width={Math.max(3, weeks.x(Math.min(c.until, weeks.n)) - weeks.x(from) - 2)}
        {y}
        height={BAR - 1}
        fill={c.cropId ? cropColour(c.cropId, house.cropName(c.cropId)) : 'var(--rule-strong)'}
        stroke="var(--ink)"
      />
    {/if}
  {/each}
  <path
    d={columns(
      shown.filter((t) => kind.wanted[t]! > 0.01).map((week) => column(week, 1)),
      weeks
    )}
    fill="none"
    stroke="var(--rule-strong)"
    stroke-width="0.75"
  />
  <path
    d={columns(
      eaten.map(({ week, of }) => column(week, of)),
      weeks
    )}
    fill="var(--ink)"
  />
  <path
    d={columns(
      shown.map((week) => column(week, share(week))),
      weeks
    )}
    fill="var(--slate)"
  />
  <path
    d={shown
      .filter((t) => kind.stored[t]! > 0.05)
      .map((t) => `M${weeks.x(t)},${top + TABLE + 3}h${weeks.step}`)
      .join('')}
    stroke="var(--ink)"
    stroke-width="1.5"
  />
</Row>
