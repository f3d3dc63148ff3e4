<script lang="ts">
  import { extent } from 'd3-array';
  import { scaleLinear } from 'd3-scale';
  import { area, curveMonotoneX, line } from 'd3-shape';
  import type { ForecastEvent } from '$lib/core/forecast';
  import type { Noted, Outlook, Span } from '$lib/core/outlook';
  import { beyondSays, EVENT_WORDS, shortDay } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { endOf } from './range';

  /** pH by days with its band, what was read, when each window is likely, how warm it is: one picture, days across. */
  interface Props {
    outlook: Outlook;
    from: number;
    /** null: nothing has begun yet. */
    now: number | null;
    noted?: readonly Noted[];
    /** When it is as sour as it is liked here. */
    liked?: Span | null;
    /** A day that is pointed at. */
    pointed?: number | null;
    text: string;
  }
  let { outlook, from, now, noted = [], liked = null, pointed = null, text }: Props = $props();
  const house = useHouse();
  const DAY = 1440;
  const [LEFT, RIGHT, TOP, PLOT, ROW, WARM, AXIS] = [30, 6, 22, 150, 22, 48, 22];
  let width = $state(400);

  const ROWS = ['firstTaste', 'mild', 'tangy', 'fullySour', 'last'] as const;
  const rows = $derived([
    ...ROWS.map((e) => ({
      id: e,
      event: e,
      name: EVENT_WORDS[e],
      guide: false,
      ...outlook.spans[e]
    })),
    ...(liked?.early != null
      ? [{ id: 'liked', event: 'tangy' as const, name: 'as you like it', guide: false, ...liked }]
      : []),
    ...(outlook.guide?.apart
      ? [
          {
            ...{ id: 'guide', event: 'fullySour' as const, name: 'fully sour, say guides', guide: true },
            ...{ early: outlook.guide.from, likely: null, late: outlook.guide.to }
          }
        ]
      : [])
  ]);
  const end = $derived(endOf(outlook, from, now));
  const curve = $derived(outlook.curve.filter((c) => c.at <= end));
  const x = $derived(
    scaleLinear()
      .domain([from, end])
      .range([LEFT, Math.max(240, width) - RIGHT])
      .clamp(true)
  );
  const pHs = $derived(extent(curve.flatMap((c) => [c.pH.low, c.pH.high])));
  const y = $derived(
    scaleLinear()
      .domain([Math.max(4.8, (pHs[1] ?? 6) + 0.1), Math.min(3.6, (pHs[0] ?? 3.5) - 0.1)])
      .range([TOP, TOP + PLOT])
  );
  const warm = $derived(extent(curve.map((c) => c.tempC)));
  const warmTop = $derived(TOP + PLOT + 8 + rows.length * ROW);
  const t = $derived(
    scaleLinear()
      .domain([(warm[0] ?? 20) - 1, (warm[1] ?? 20) + 1])
      .range([warmTop + WARM, warmTop + 22])
  );
  type Point = Outlook['curve'][number];
  const band = $derived(
    area<Point>()
      .x((c) => x(c.at))
      .y0((c) => y(c.pH.low))
      .y1((c) => y(c.pH.high))
      .curve(curveMonotoneX)([...curve])
  );
  const middle = $derived(
    line<Point>()
      .x((c) => x(c.at))
      .y((c) => y(c.pH.likely))
      .curve(curveMonotoneX)([...curve])
  );
  const warmth = $derived(
    line<Point>()
      .x((c) => x(c.at))
      .y((c) => t(c.tempC))([...curve])
  );
  const high = $derived(warmTop + WARM + AXIS);
  /** Days written under it, about four of them. */
  const days = $derived.by(() => {
    const all = (end - from) / DAY;
    const by = [1, 2, 3, 5, 7, 14, 28, 56].find((d) => all / d <= 5) ?? 84;
    return Array.from({ length: Math.floor(all / by) + 1 }, (_, i) => from + i * by * DAY);
  });
  const likelyAt = (at: number) => curve.findLast((c) => c.at <= at)?.pH.likely ?? 6;
  const shown = $derived(
    noted.flatMap((n) => {
      if (n.of === 'pH') return [{ id: n.id, at: n.when, pH: n.pH, says: `pH ${n.pH}`, round: true }];
      if (n.of === 'acidity')
        return [{ id: n.id, at: n.when, pH: likelyAt(n.when), says: `${n.percent} % acid`, round: false }];
      if (n.of === 'taste')
        return [{ id: n.id, at: n.when, pH: likelyAt(n.when), says: `sour ${n.sour}`, round: false }];
      return [];
    })
  );
  /** So many letters fit beside a bar, px. */
  const LETTER = 7.6;
  const beside = (name: string, early: number, late: number) => {
    const wide = name.length * LETTER + 8;
    if (late + wide < width) return { at: late + 6, anchor: 'start' as const, in: false };
    if (early - wide > LEFT) return { at: early - 6, anchor: 'end' as const, in: false };
    return { at: early + 6, anchor: 'start' as const, in: true };
  };
  const saysRow = (row: { name: string; event: ForecastEvent; late: number | null }) =>
    row.late === null && row.event !== 'last' ? `${row.name}, perhaps never here` : row.name;
</script>

<div bind:clientWidth={width} class="w-full">
  <svg role="img" aria-label={text} width="100%" height={high}>
    {#each [4, 5, 6] as pH (pH)}
      {#if y(pH) >= TOP - 1 && y(pH) <= TOP + PLOT + 1}
        <line x1={LEFT} x2={x(end)} y1={y(pH)} y2={y(pH)} stroke="var(--rule)" />
        <text x="6" y={y(pH) + 5} font-size="14" fill="var(--quiet)">{pH}</text>
      {/if}
    {/each}
    <text x="2" y="14" font-size="14" fill="var(--quiet)">pH</text>
    <path d={band} fill="var(--zone-usual)" />
    <line
      x1={LEFT}
      x2={x(end)}
      y1={y(4.6)}
      y2={y(4.6)}
      stroke="var(--ink)"
      stroke-width="1.5"
      stroke-dasharray="2 5"
    />
    <text x={x(end)} y={y(4.6) - 5} text-anchor="end" font-size="14" fill="var(--ink)">4.6</text>
    <path d={middle} fill="none" stroke="var(--leaf)" stroke-width="3" />
    {#if now !== null && now >= from && now <= end}
      <line x1={x(now)} x2={x(now)} y1="4" y2={warmTop + WARM} stroke="var(--ink)" stroke-width="2" />
      <text
        x={x(now) > width - 50 ? x(now) - 5 : x(now) + 5}
        y="15"
        text-anchor={x(now) > width - 50 ? 'end' : 'start'}
        font-size="14"
        font-weight="700"
        fill="var(--ink)">now</text
      >
    {/if}
    {#each shown as r, i (r.id)}
      {#if r.round}
        <circle
          cx={x(r.at)}
          cy={y(r.pH)}
          r="6"
          fill="var(--paper)"
          stroke={outlook.tooEarly.includes(r.id) ? 'var(--rule-strong)' : 'var(--ink)'}
          stroke-width="2.5"
        />
      {:else}
        <rect
          x={x(r.at) - 5}
          y={y(r.pH) - 5}
          width="10"
          height="10"
          transform="rotate(45 {x(r.at)} {y(r.pH)})"
          fill="var(--paper)"
          stroke="var(--ink)"
          stroke-width="2.5"
        />
      {/if}
      {#if i === shown.length - 1}
        <text
          x={x(r.at) > width - 90 ? x(r.at) - 11 : x(r.at) + 11}
          y={y(r.pH) - 9}
          text-anchor={x(r.at) > width - 90 ? 'end' : 'start'}
          font-size="14"
          fill="var(--ink)">{r.says}</text
        >
      {/if}
    {/each}
    {#each rows as row, i (row.id)}
      {@const top = TOP + PLOT + 8 + i * ROW}
      {#if row.early !== null && row.early <= end}
        {@const [a, b] = [x(row.early), x(row.late ?? end)]}
        {@const word = beside(saysRow(row), a, Math.max(a + 3, b))}
        <rect
          x={a}
          y={top + 3}
          width={Math.max(3, b - a)}
          height="14"
          rx="2"
          fill={row.guide ? 'none' : 'var(--zone-usual)'}
          stroke={row.guide ? 'var(--ink)' : 'none'}
          stroke-dasharray={row.guide ? '3 3' : undefined}
        />
        {#if row.likely !== null && row.likely <= end}<line
            x1={x(row.likely)}
            x2={x(row.likely)}
            y1={top + 1}
            y2={top + 19}
            stroke="var(--leaf)"
            stroke-width="3"
          />{/if}
        <text
          x={word.at}
          y={top + 15}
          text-anchor={word.anchor}
          font-size="14"
          fill={word.in ? 'var(--ink)' : 'var(--quiet)'}>{saysRow(row)}</text
        >
      {:else}
        <text x={x(end)} y={top + 15} text-anchor="end" font-size="14" fill="var(--quiet)"
          >{row.name}: {row.early === null ? beyondSays(row.event) : `after ${shortDay(end)}`}</text
        >
      {/if}
    {/each}
    <path d={warmth} fill="none" stroke="var(--heed)" stroke-width="2" />
    <text x={x(end)} y={warmTop + 16} text-anchor="end" font-size="14" fill="var(--quiet)"
      >{house.temp(warm[0] ?? 20)}{(warm[1] ?? 0) - (warm[0] ?? 0) > 1
        ? ` to ${house.temp(warm[1] ?? 20)}`
        : ''} inside</text
    >
    {#each days as at, i (at)}
      <text
        x={x(at)}
        y={high - 4}
        text-anchor={i === 0 ? 'start' : x(at) > width - 26 ? 'end' : 'middle'}
        font-size="14"
        fill="var(--quiet)"
        >{now === null ? (i === 0 ? 'day 0' : Math.round((at - from) / DAY)) : shortDay(at)}</text
      >
    {/each}
    {#if pointed !== null}
      <line
        x1={x(pointed)}
        x2={x(pointed)}
        y1={TOP}
        y2={warmTop + WARM}
        stroke="var(--leaf)"
        stroke-width="2"
        stroke-dasharray="4 3"
      />
      <circle cx={x(pointed)} cy={y(likelyAt(pointed))} r="4" fill="var(--leaf)" />
    {/if}
  </svg>
</div>
