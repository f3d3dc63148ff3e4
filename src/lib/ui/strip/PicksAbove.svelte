<script lang="ts">
  import { max, rollups } from 'd3-array';
  import { scaleLinear, type ScaleLinear } from 'd3-scale';

  /** Above the line of the strip: what was picked by week, and dashed what is expected. */
  interface Props {
    x: ScaleLinear<number, number>;
    begins: number;
    ends: number;
    picks: readonly { at: number; g: number }[];
    ahead: readonly { at: number; g: number }[];
    /** Where the bars stand, and where the eye begins, px. */
    base: number;
    left: number;
  }
  let { x, begins, ends, picks, ahead, base, left }: Props = $props();
  const WEEK = 7 * 1440;
  const inWeeks = (all: readonly { at: number; g: number }[]) =>
    rollups(
      all,
      (of) => of.reduce((a, p) => a + p.g, 0),
      (p) => Math.floor((p.at - begins) / WEEK)
    ).map(([week, g]) => ({ at: begins + week * WEEK, g }));
  const weeks = $derived(inWeeks(picks));
  /** What is still to come stands on what was picked of its week. */
  const coming = $derived(
    inWeeks(ahead.filter((p) => p.at < ends)).map((w) => ({
      ...w,
      on: weeks.find((p) => p.at === w.at)?.g ?? 0
    }))
  );
  const most = $derived(max([...weeks.map((w) => w.g), ...coming.map((w) => w.on + w.g)]) ?? 1);
  const bar = $derived(scaleLinear().domain([0, most]).rangeRound([0, 58]));
  const roomy = $derived(x(begins + WEEK) - x(begins) > 36);
</script>

{#each weeks as w (w.at)}
  <rect
    x={x(w.at)}
    y={base - bar(w.g)}
    width={Math.max(2, x(w.at + WEEK) - x(w.at) - 3)}
    height={bar(w.g)}
    fill="var(--rule-strong)"
  />
{/each}
{#each coming.filter((c) => bar(c.on + c.g) - bar(c.on) >= 3) as w (w.at)}
  <rect
    x={x(w.at) + 1}
    y={base - bar(w.on + w.g)}
    width={Math.max(2, x(w.at + WEEK) - x(w.at) - 5)}
    height={bar(w.on + w.g) - bar(w.on)}
    fill="none"
    stroke="var(--rule-strong)"
    stroke-width="1.5"
    stroke-dasharray="4 3"
  />
  {#if w.on === 0 && (roomy ? w.g > most * 0.55 : w.g === most)}<text
      x={x(w.at + WEEK / 2) - 2}
      y={base - 4 - bar(w.g)}
      text-anchor="middle"
      fill="var(--quiet)">{Math.round(w.g / 1000)}</text
    >{/if}
{/each}
{#each weeks as w (w.at)}
  <!-- Where weeks are too narrow for their figures, only the fullest says its own. -->
  {#if roomy ? w.g > most * 0.55 : w.g === most}<text
      x={x(w.at + WEEK / 2) - 2}
      y={base - 4 - bar(w.g)}
      text-anchor="middle"
      class="over"
      fill="var(--ink)">{(w.g / 1000).toFixed(1)}</text
    >{/if}
{/each}
<text x={left} y={base + 18} fill="var(--quiet)"
  >picked, kg a week{ahead.length > 0 ? '; dashed: expected' : ''}</text
>

<style>
  /* Nothing that it crosses makes it hard to read. */
  .over {
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 3px;
    stroke-linejoin: round;
  }
</style>
