<script lang="ts">
  import { dayAndYear, monthName } from '$lib/words';
  import { scaleLinear } from 'd3-scale';
  import { cropColour } from '../jar/colours';
  import PicksAbove from './PicksAbove.svelte';

  interface Span {
    readonly id: string;
    readonly name: string;
    readonly cropId: string;
    readonly startedAt: number;
    readonly coldAt: number | null;
    readonly window: { readonly from: number; readonly to: number } | null;
    readonly best: number | null;
    readonly endedAt: number | null;
  }
  /** Weeks across: picks above the line, batches below it from counter to cold to eaten. */
  let {
    spans,
    picks,
    ahead = [],
    planned = [],
    now,
    year = null
  }: {
    spans: readonly Span[];
    picks: readonly { at: number; g: number }[];
    /** What is expected to be picked, by week. */
    ahead?: readonly { at: number; g: number }[];
    /** What a kept plan is still to begin. */
    planned?: readonly { styleId: string; name: string; cropId: string; at: number; until: number }[];
    now: number;
    /** A year that is over is drawn from its first day to its last. */
    year?: { readonly from: number; readonly before: number } | null;
  } = $props();

  const WEEK = 7 * 1440;
  const BAR = 24;
  const NAME = 18;
  const TOP = 120;
  /** A letter is about so wide, px. */
  const LETTER = 7.4;
  let width = $state(1100);
  const inner = $derived(Math.max(680, width));
  /** On a narrow screen the strip is moved along under the eye: there each name has a line of its own, always in sight. */
  const narrow = $derived(width < inner);
  const row = $derived(narrow ? BAR + NAME : BAR);
  const all = $derived(spans.length + planned.length);
  const highAt = (rowPx: number) => TOP + all * rowPx + 12;
  let moved = $state(0);
  const begins = $derived(
    year?.from ??
      Math.min(
        now - 6 * WEEK,
        ...picks.map((p) => p.at),
        ...spans
          .filter((s) => s.endedAt === null || s.startedAt > now - 20 * WEEK)
          .map((s) => Math.max(s.startedAt, now - 20 * WEEK))
      )
  );
  /** Farther where something is to come. */
  const looksAhead = $derived((ahead.length + planned.length > 0 ? 10 : 6) * WEEK);
  const ends = $derived(year?.before ?? now + looksAhead);
  const x = $derived(
    scaleLinear()
      .domain([begins, ends])
      .rangeRound([4, inner - 8])
      .clamp(year !== null)
  );
  const months = $derived.by(() => {
    const out: number[] = [];
    for (let at = begins; at < ends; at += 1440)
      if (new Date(at * 60_000).getUTCDate() === 1) out.push(Math.floor(at / 1440) * 1440);
    return out;
  });
  const rows = $derived([...spans].sort((a, b) => a.startedAt - b.startedAt));
  // On a narrow screen the strip opens at now, not at the season's first week.
  let frame = $state<HTMLElement>();
  $effect(() => {
    if (frame) frame.scrollLeft = x(now) - frame.clientWidth * 0.6;
  });
  /** Where a name stands: behind its bar, before it, or in it; on a narrow screen over it, where the eye is. */
  const nameAt = (name: string, from: number, to: number): number => {
    const long = name.length * LETTER;
    if (narrow) return Math.max(moved + 4, Math.min(from, moved + width - long - 8));
    if (to + 6 + long <= inner) return to + 6;
    return from - 6 - long >= 0 ? from - 6 - long : from + 6;
  };
  const upTo = (s: Span) => s.coldAt ?? s.endedAt ?? Math.max(now, s.window?.to ?? now);
</script>

<div
  class="strip overflow-x-auto"
  style="--wide: {highAt(BAR)}px; --narrow: {highAt(BAR + NAME)}px"
  bind:clientWidth={width}
  bind:this={frame}
  onscroll={(e) => (moved = e.currentTarget.scrollLeft)}
  role="region"
  aria-label="The season strip"
  tabindex="-1"
>
  <svg
    width={inner}
    height={highAt(row)}
    role="group"
    font-size="14"
    aria-label="Picks by week above the line, batches below it; the table underneath says the same in words."
  >
    {#each months as m (m)}
      <line x1={x(m)} x2={x(m)} y1="14" y2={TOP + all * row} stroke="var(--rule-soft)" />
      <text x={x(m) + 4} y="12" fill="var(--quiet)">{monthName(m)}</text>
    {/each}
    {#if !year}
      <line
        x1={x(now)}
        x2={x(now)}
        y1="14"
        y2={TOP + all * row}
        stroke="var(--ink)"
        stroke-width="2"
        stroke-dasharray="4 3"
      />
    {/if}
    <PicksAbove {x} {begins} {ends} {picks} {ahead} base={TOP - 24} left={narrow ? moved + 4 : 4} />
    <line x1="0" x2={inner} y1={TOP - 22} y2={TOP - 22} stroke="var(--ink)" stroke-width="3" />
    <g class="rows">
      {#each rows as s, i (s.id)}
        {@const top = TOP + i * row}
        {@const y = top + row - BAR}
        {@const from = Math.max(4, x(s.startedAt))}
        {@const to = Math.max(from + 3, Math.min(inner - 8, x(upTo(s))))}
        <a href="/notebook/{s.id}" class={s.endedAt ? 'ended' : undefined}>
          <rect x={from} y={y + 3} width={to - from} height="16" fill={cropColour(s.cropId, s.name)} />
          {#if s.window}
            <rect
              x={x(s.window.from)}
              y={y + 3}
              width={Math.max(2, Math.min(inner - 8, x(s.window.to)) - x(s.window.from))}
              height="16"
              fill="none"
              stroke-width="2.5"
            />
          {/if}
          {#if s.coldAt !== null}
            <line
              x1={x(s.coldAt)}
              x2={Math.min(inner - 8, x(s.endedAt ?? Math.min(ends, s.best ?? ends)))}
              y1={y + 18}
              y2={y + 18}
            />
          {/if}
          <text x={nameAt(s.name, from, to)} y={narrow ? top + 16 : y + 13}>{s.name}</text>
        </a>
      {/each}
      {#each planned as s, i (`${s.at} ${s.styleId}`)}
        {@const top = TOP + (rows.length + i) * row}
        {@const y = top + row - BAR}
        {@const from = Math.max(4, x(s.at))}
        {@const to = Math.max(from + 3, Math.min(inner - 8, x(s.until)))}
        <a href="/season/plan" class="planned">
          <rect x={from} y={y + 3} width={to - from} height="16" />
          <text x={nameAt(s.name, from, to)} y={narrow ? top + 16 : y + 13}>{s.name}</text>
        </a>
      {/each}
    </g>
    {#if !year}
      <text x={x(now)} y={TOP + all * row + 11} text-anchor="middle" font-weight="700" fill="var(--ink)"
        >now</text
      >
    {/if}
  </svg>
</div>
<p class="flex flex-wrap gap-x-6 text-sm text-quiet">
  <span>coloured: on the counter</span><span>heavy frame: ready within this span</span><span
    >dark line: in the cold, till best</span
  ><span>pale: finished</span>{#if planned.length > 0}<span>dashed: planned</span>{/if}
</p>
{#if !year}<p class="sr-only">Now is {dayAndYear(now)}.</p>{/if}

<style>
  /* As high as it will be, before the page knows how wide it is: nothing below jumps. */
  .strip :global(svg) {
    height: var(--wide);
  }
  @media (max-width: 711px) {
    .strip :global(svg) {
      height: var(--narrow);
    }
  }
  /* Of each row only what is its own stands in it: a season may have hundreds. */
  .rows :global(rect) {
    stroke: var(--ink);
  }
  .rows :global(line) {
    stroke: var(--slate);
    stroke-width: 4;
  }
  .rows :global(text) {
    fill: var(--ink);
    /* Nothing that it crosses makes it hard to read. */
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 3px;
    stroke-linejoin: round;
  }
  .rows :global(.planned rect) {
    fill: none;
    stroke-dasharray: 4 3;
  }
  .rows :global(.ended rect) {
    opacity: 0.55;
  }
  .rows :global(.ended line) {
    opacity: 0.45;
  }
  .rows :global(.ended text) {
    fill: var(--quiet);
  }
</style>
