<script lang="ts">
  import { scaleBand, scaleLinear } from 'd3-scale';
  import { wall } from '$lib/core/calendar';
  import { mondayAhead, type PlanFacts, type SeasonInput, type SeasonPlan } from '$lib/core/season';
  import { monthName } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { jarNames } from './names';

  /** How full everything gets, week by week: hands, counter, cold, and each kind of jar against how many there are. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    facts: PlanFacts;
    today: string;
  }
  let { input, plan, facts, today }: Props = $props();
  const house = useHouse();
  const [WIDE, HIGH, FOOT] = [560, 44, 16];
  /** No more room than this is meant where nobody said how much there is. */
  const UNSAID = 1000;

  interface Band {
    readonly name: string;
    readonly says: string;
    readonly used: readonly number[];
    readonly most: readonly number[];
  }
  /** Nobody plans when jars come back after the last start. */
  const lastStart = $derived(Math.max(0, ...plan.batches.map((b) => b.week)));
  const peak = (of: readonly number[]) => Math.max(0, ...of);
  const room = (name: string, used: readonly number[], most: readonly number[]): Band[] =>
    peak(used) < 0.05
      ? []
      : [
          {
            ...{ name, used, most: peak(most) > UNSAID ? used.map(() => peak(used)) : most },
            says:
              peak(most) > UNSAID
                ? `${house.volume(Math.round(peak(used)) * 1000)} at most; nobody said how much room there is`
                : `${house.volume(Math.round(peak(used)) * 1000)} of ${house.volume(Math.round(peak(most)) * 1000)} at most`
          }
        ];
  const bands = $derived<Band[]>([
    ...input.sizes
      .filter((j) => peak(facts.jars[j.id] ?? []) > 0.05)
      .map((j) => ({
        name: jarNames(house.household)(j.id),
        says: `${Math.ceil(peak(facts.jars[j.id] ?? []) - 0.01)} of ${j.owned} at most`,
        used: (facts.jars[j.id] ?? []).slice(0, lastStart + 1),
        most: input.weeks.map(() => j.owned)
      })),
    ...room(
      'Counter',
      facts.room.counter,
      input.weeks.map((w) => w.counter)
    ),
    ...room(
      'Cold',
      facts.room.cold,
      input.weeks.map((w) => w.cold)
    ),
    ...room(
      'Cellar',
      facts.room.cellar,
      input.weeks.map((w) => w.cellar)
    ),
    {
      name: 'Hands',
      says: `${peak(facts.hours).toFixed(1)} h of ${peak(input.weeks.map((w) => w.hours))} h in a week at most`,
      used: facts.hours,
      most: input.weeks.map((w) => w.hours)
    }
  ]);
  const x = $derived(
    scaleBand(
      input.weeks.map((_, t) => t),
      [0, WIDE]
    ).paddingInner(0.2)
  );
  const months = $derived(
    input.weeks.flatMap((_, t) => {
      const monday = mondayAhead(today, t);
      return Number(monday.slice(8)) <= 7 ? [{ t, name: monthName(wall(monday, 12)) }] : [];
    })
  );
  const y = (b: Band) => scaleLinear([0, Math.max(0.01, peak(b.most), peak(b.used))], [0, HIGH - FOOT]);
</script>

<ul class="@container">
  {#each bands as b (b.name)}
    {@const high = y(b)}
    <li class="grid gap-x-6 border-b border-rule-soft py-2 @xl:grid-cols-[12rem_1fr]">
      <div>
        <p class="font-semibold">{b.name}</p>
        <p class="text-sm text-quiet">{b.says}</p>
      </div>
      <svg viewBox="0 0 {WIDE} {HIGH}" class="w-full max-w-[36rem]" aria-hidden="true">
        {#each months as m (m.t)}
          <line x1={x(m.t)} x2={x(m.t)} y1="0" y2={HIGH - FOOT} stroke="var(--rule-soft)" />
          {#if (x(m.t) ?? 0) < WIDE - 26}<text
              x={(x(m.t) ?? 0) + 2}
              y={HIGH - 3}
              font-size="12"
              fill="var(--quiet)">{m.name}</text
            >{/if}
        {/each}
        {#each b.used as n, t (t)}
          {@const full = n >= b.most[t]! - 0.02 * b.most[t]! && n > 0.05}
          <rect
            x={x(t)}
            width={x.bandwidth()}
            y={HIGH - FOOT - high(n)}
            height={Math.max(0, high(n))}
            fill={full ? 'var(--ink)' : 'var(--rule-strong)'}
          />
        {/each}
        <path
          d={b.most
            .map((n, t) => `${t === 0 ? 'M' : 'L'}${x(t)},${HIGH - FOOT - high(n)}h${x.bandwidth()}`)
            .join('')}
          fill="none"
          stroke="var(--ink)"
          stroke-dasharray="3 3"
        />
        <line x1="0" x2={WIDE} y1={HIGH - FOOT} y2={HIGH - FOOT} stroke="var(--rule-strong)" />
      </svg>
    </li>
  {/each}
</ul>
<p class="pt-2 text-sm text-quiet">
  Dashed: all there is. Dark: full in that week, so that nothing more could be begun in it.
</p>
