<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { PlanFacts, SeasonInput, SeasonPast, SeasonPlan } from '$lib/core/season';
  import { useHouse } from '../../house/house.svelte';
  import { jarNames } from '../names';
  import Row from './Row.svelte';
  import { columns, shownOf, type Weeks } from './weeks';

  /** How full everything gets, week by week: each kind of jar, counter, cold, hands, against how much there is. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    facts: PlanFacts;
    past: SeasonPast;
    weeks: Weeks;
  }
  let { input, plan, facts, past, weeks }: Props = $props();
  const house = useHouse();
  const HIGH = 28;
  /** No more room than this is meant where nobody said how much there is. */
  const UNSAID = 1000;

  interface Band {
    readonly name: string;
    readonly says: string;
    readonly used: readonly number[];
    readonly most: readonly number[];
    readonly was: readonly number[];
  }
  /** Nobody plans when jars come back after the last start. */
  const lastStart = $derived(Math.max(0, ...plan.batches.map((b) => b.week)));
  const peak = (of: readonly number[]) => Math.max(0, ...of);
  const litres = (l: number) => house.volume(Math.round(l) * 1000);
  const room = (at: 'counter' | 'cold' | 'cellar', most: readonly number[]): Band[] => {
    const [used, was] = [facts.room[at], past.room[at]];
    const name = `${at[0]!.toUpperCase()}${at.slice(1)}`;
    if (peak(used) < 0.05) return [];
    const unsaid = peak(most) > UNSAID;
    return [
      {
        ...{ name, used, was, most: unsaid ? used.map(() => peak(used)) : most },
        says: unsaid
          ? `${litres(peak(used))} at most; nobody said how much room there is`
          : `${litres(peak(used))} of ${litres(peak(most))} at most`
      }
    ];
  };
  const bands = $derived<Band[]>([
    ...input.sizes
      .filter((j) => peak(facts.jars[j.id] ?? []) > 0.05)
      .map((j) => ({
        name: jarNames(house.household)(j.id),
        says: `${Math.ceil(peak(facts.jars[j.id] ?? []) - 0.01)} of ${j.owned} at most`,
        used: (facts.jars[j.id] ?? []).slice(0, lastStart + 1),
        was: past.jars[j.id] ?? [],
        most: input.weeks.map(() => j.owned)
      })),
    ...(['counter', 'cold', 'cellar'] as const).flatMap((place) =>
      room(
        place,
        input.weeks.map((w) => w[place])
      )
    ),
    {
      name: 'Hands',
      says: `${peak(facts.hours).toFixed(1)} h of ${peak(input.weeks.map((w) => w.hours))} h in a week at most`,
      used: facts.hours,
      was: past.hours,
      most: input.weeks.map((w) => w.hours)
    }
  ]);
  const y = (b: Band) =>
    scaleLinear([0, Math.max(0.01, peak(b.most), peak(b.used), peak(b.was))], [0, HIGH - 2]);
  const isFull = (n: number, most: number) => n >= 0.98 * most && n > 0.05;
</script>

{#each bands as b (b.name)}
  {@const high = y(b)}
  <Row name={b.name} says={b.says} {weeks} high={HIGH}>
    {@const column = (week: number, n: number) => ({ week, top: HIGH - high(n), foot: HIGH })}
    {@const ahead = b.used.slice(0, weeks.n).map((n, week) => ({ n, week, full: isFull(n, b.most[week]!) }))}
    <path
      d={columns(
        shownOf(b.was, weeks).map(({ week, of }) => column(week, of)),
        weeks
      )}
      fill="var(--quiet)"
    />
    {#each [false, true] as full (full)}
      <path
        d={columns(
          ahead.filter((a) => a.full === full).map((a) => column(a.week, a.n)),
          weeks
        )}
        fill={full ? 'var(--ink)' : 'var(--rule-strong)'}
      />
    {/each}
    <path
      d={b.most
        .slice(0, weeks.n)
        .map((n, t) => `${t === 0 ? 'M' : 'L'}${weeks.x(t)},${HIGH - high(n)}h${weeks.step}`)
        .join('')}
      fill="none"
      stroke="var(--ink)"
      stroke-dasharray="3 3"
    />
  </Row>
{/each}
