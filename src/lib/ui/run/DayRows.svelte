<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { DayPlan } from '$lib/core/day';
  import type { WallMinute } from '$lib/core/calendar';
  import { clockTime } from '../time';

  /** Rows of hands over the morning, and beneath them a row for each pot: what is worked on, and what rests. */
  interface Props {
    plan: DayPlan;
    now: WallMinute;
    nameOf: (making: string) => string;
    who: (person: number) => string;
  }
  let { plan, now, nameOf, who }: Props = $props();
  const across = $derived(
    scaleLinear()
      .domain([0, Math.max(plan.ends, 1)])
      .range([0, 100])
  );
  const pots = $derived([...new Set(plan.placed.map((p) => p.making))]);
  const hands = $derived([...new Set(plan.placed.map((p) => p.person))].sort((a, b) => a - b));
  const FILLS = ['var(--leaf)', 'var(--slate)', 'var(--heed)', 'var(--wood)', 'var(--brine)'];
  const fill = (making: string) => FILLS[pots.indexOf(making) % FILLS.length] ?? '';
  const ticks = $derived(across.ticks(plan.ends > 240 ? 6 : 8));
  const rows = $derived([
    ...hands.map((h) => ({
      id: `hand-${h}`,
      name: who(h),
      spans: plan.placed.filter((p) => p.person === h),
      rests: [] as { from: number; to: number; making: string }[]
    })),
    ...pots.map((making) => {
      const spans = plan.placed.filter((p) => p.making === making);
      return {
        ...{ id: `pot-${making}`, name: nameOf(making), spans },
        rests: spans.slice(1).flatMap((p, i) => {
          const from = spans[i]?.to ?? 0;
          return p.from - from > 1 ? [{ from, to: p.from, making }] : [];
        })
      };
    })
  ]);
</script>

<figure aria-label="Hands and pots over the day" class="pt-4">
  {#each rows as r, i (r.id)}
    <div
      class={[
        'grid grid-cols-[7rem_1fr] items-center gap-x-3 py-1 md:grid-cols-[12rem_1fr]',
        i === hands.length && 'mt-2 border-t border-rule-strong pt-3'
      ]}
    >
      <span class="truncate text-sm font-semibold" title={r.name}>{r.name}</span>
      <span class="relative block h-9 rounded-sm bg-rule-soft">
        {#each r.rests as x (x.from)}<span
            class="absolute inset-y-3 border-y-2 border-dashed border-quiet"
            style:left="{across(x.from)}%"
            style:width="{across(x.to) - across(x.from)}%"
          ></span>{/each}
        {#each r.spans as p (p.making + p.step)}<span
            class="absolute inset-y-0 rounded-sm border-2 border-paper"
            style:left="{across(p.from)}%"
            style:width="{Math.max(0.8, across(p.to) - across(p.from))}%"
            style:background={fill(p.making)}
          ></span>{/each}
      </span>
    </div>
  {/each}
  <div class="grid grid-cols-[7rem_1fr] gap-x-3 md:grid-cols-[12rem_1fr]" aria-hidden="true">
    <span></span>
    <span class="relative block h-6 text-sm text-quiet">
      {#each ticks as t, i (t)}{#if across(t) < 93}<span
            class={['absolute -translate-x-1/2 first:translate-x-0', i % 3 !== 0 && 'hidden md:inline']}
            style:left="{across(t)}%">{clockTime(now + t)}</span
          >{/if}{/each}
    </span>
  </div>
  <figcaption class="text-sm text-quiet">
    Above, whose hands; below, each pot: full bars are work, along the dashed line it rests or waits.
  </figcaption>
</figure>
