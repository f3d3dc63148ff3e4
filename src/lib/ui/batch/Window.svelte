<script lang="ts">
  import { shortDay } from '$lib/words';
  import { scaleLinear } from 'd3-scale';
  import type { BatchInHand } from '$lib/core/batch';

  /** The batch's way on the counter: from the start to first taste, the window, the latest day; what was tasted and measured. */
  let {
    batch,
    window,
    now,
    fillingId
  }: { batch: BatchInHand; window: { from: number; to: number }; now: number; fillingId: string } = $props();
  const W = 400;
  const end = $derived(Math.max(window.to, now) + 1440);
  const x = $derived(
    scaleLinear()
      .domain([batch.startedAt, end])
      .range([6, W - 6])
  );
  const mine = $derived({
    tastes: batch.tastes.filter((t) => t.fillingIds.includes(fillingId)),
    readings: batch.readings.filter((r) => r.fillingIds.includes(fillingId))
  });
  const words = $derived(
    `Started ${shortDay(batch.startedAt)}; first taste about ${shortDay(window.from)}; to the cold by ${shortDay(window.to)}.`
  );
  const endAt = (at: number) => (at > W - 60 ? 'end' : at < 60 ? 'start' : 'middle');
</script>

<svg role="img" aria-label={words} viewBox="0 0 {W} 112" class="w-full">
  <rect
    x={x(batch.startedAt)}
    y="48"
    width={x(window.from) - x(batch.startedAt)}
    height="12"
    fill="var(--rule-soft)"
  />
  <rect
    x={x(window.from)}
    y="48"
    width={Math.max(2, x(window.to) - x(window.from))}
    height="12"
    fill="var(--zone-usual)"
  />
  <line x1="0" x2={W} y1="60" y2="60" stroke="var(--ink)" stroke-width="2" />
  {#each mine.tastes as t (t.id)}
    <circle cx={x(t.at)} cy="54" r="5" fill="var(--ink)" />
    <text x={x(t.at)} y="78" text-anchor="middle" font-size="14" fill="var(--ink)">{t.sour}</text>
  {/each}
  {#each mine.readings as r, i (r.id)}
    <path d="M{x(r.at)},36 l-5,-9 h10 z" fill="var(--ink)" />
    {#if i === mine.readings.length - 1 || (i === 0 && x(mine.readings[mine.readings.length - 1]?.at ?? r.at) - x(r.at) > 64)}
      <text x={x(r.at)} y="22" text-anchor={endAt(x(r.at))} font-size="14" fill="var(--ink)">pH {r.pH}</text>
    {/if}
  {/each}
  <line x1={x(now)} x2={x(now)} y1="30" y2="88" stroke="var(--ink)" stroke-width="2" stroke-dasharray="3 3" />
  <text x={x(now)} y="102" text-anchor={endAt(x(now))} font-size="14" font-weight="700" fill="var(--ink)"
    >now</text
  >
  {#if Math.abs(x(window.from) - x(now)) > 50}<text
      x={x(window.from)}
      y="102"
      text-anchor={endAt(x(window.from))}
      font-size="14"
      fill="var(--quiet)">taste {shortDay(window.from)}</text
    >{/if}
  {#if Math.abs(x(window.to) - x(now)) > 60 && x(window.to) - x(window.from) > 110}<text
      x={x(window.to)}
      y="102"
      text-anchor="end"
      font-size="14"
      fill="var(--quiet)">cold by {shortDay(window.to)}</text
    >{/if}
</svg>
<p class="text-sm text-quiet">
  Sourness tasted stands under the line, pH above it. Days go by the place’s temperature; a forecast by
  reading comes later. It is no safety test: go by pH, look and smell together.
</p>
