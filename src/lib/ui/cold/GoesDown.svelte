<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { area, line } from 'd3-shape';
  import { addDays, dayOfWall, daysBetween, wall, type Day } from '$lib/core/calendar';
  import type { KindShown } from '$lib/core/appetite';
  import { monthName } from '$lib/words';

  /** A kind's stock from now on: what is likely as a line, what it may be nine times in ten around it. */
  let { kind, days, now }: { kind: KindShown; days: number; now: number } = $props();
  const [WIDE, HIGH, TOP, FOOT] = [320, 64, 6, 16];
  const x = $derived(scaleLinear([0, days], [1, WIDE - 1]).clamp(true));
  const most = $derived(Math.max(1, ...kind.line.map((p) => p.slow)));
  const y = $derived(scaleLinear([0, most], [HIGH - FOOT, TOP]));
  /** The first of the month after a day's. */
  const nextFirst = (day: Day): Day => `${addDays(`${day.slice(0, 7)}-01`, 31).slice(0, 7)}-01`;
  type Point = KindShown['line'][number];
  const drawn = $derived(kind.line.filter((p) => p.day <= days));
  /** Where nothing is left for good. */
  const gone = $derived(drawn.findLastIndex((p) => p.likely >= 1) + 1 || -1);
  const band = $derived(
    area<Point>()
      .x((p) => x(p.day))
      .y0((p) => y(p.fast))
      .y1((p) => y(p.slow))([...drawn])
  );
  const likely = $derived(
    line<Point>()
      .x((p) => x(p.day))
      .y((p) => y(p.likely))(drawn.slice(0, gone < 0 ? undefined : gone + 1))
  );
  /** The first of every month, or of every third where there are many. */
  const months = $derived.by(() => {
    const today = dayOfWall(now);
    const firsts: { day: number; name: string }[] = [];
    for (let first = nextFirst(today); daysBetween(today, first) <= days; first = nextFirst(first))
      firsts.push({ day: daysBetween(today, first), name: monthName(wall(first, 12)) });
    const every = firsts.length > 7 ? 2 : 1;
    return firsts.filter((_, i) => i % every === 0);
  });
</script>

<svg viewBox="0 0 {WIDE} {HIGH}" class="w-full max-w-96" aria-hidden="true">
  {#each months as m (m.day)}
    <line x1={x(m.day)} x2={x(m.day)} y1={TOP} y2={HIGH - FOOT} stroke="var(--rule-soft)" />
    {#if x(m.day) < WIDE - 24}<text x={x(m.day) + 2} y={HIGH - 3} font-size="12" fill="var(--quiet)"
        >{m.name}</text
      >{/if}
  {/each}
  <path d={band} fill="var(--leaf)" opacity="0.22" />
  <path d={likely} fill="none" stroke="var(--leaf)" stroke-width="2.5" />
  <line x1="0" x2={WIDE} y1={HIGH - FOOT} y2={HIGH - FOOT} stroke="var(--rule-strong)" />
</svg>
