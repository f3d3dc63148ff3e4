<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { ZONES, zoneOf } from '$lib/core/worksheet';
  import { ZONE_WORDS } from '$lib/words';
  import { writePercent } from '$lib/core/quantity';

  /** Several ends side by side on one ladder lying down: a row a rung, the zones behind them. */
  interface Row {
    readonly text: string;
    readonly at: number;
    readonly main?: boolean;
  }
  let { rows, label }: { rows: readonly Row[]; label: string } = $props();
  const TOP = 0.06;
  const ROW = 26;
  const x = scaleLinear().domain([0, TOP]).range([0, 200]).clamp(true);
  const FILL = {
    harm: 'var(--zone-harm)',
    heed: 'var(--zone-heed)',
    usual: 'var(--zone-usual)',
    good: 'var(--zone-good)'
  };
  const said = $derived(
    `${label}: ${rows.map((r) => `${r.text} ${writePercent(r.at)}, ${ZONE_WORDS[zoneOf(r.at).id]}`).join('; ')}.`
  );
</script>

<svg role="img" aria-label={said} viewBox="0 0 400 {rows.length * ROW + 22}" class="w-full max-w-md">
  {#each ZONES.filter((z) => z.from < TOP) as z (z.from)}
    <rect
      x={130 + x(z.from)}
      y="0"
      width={x(Math.min(z.to, TOP)) - x(z.from)}
      height={rows.length * ROW}
      fill={FILL[z.level]}
    />
  {/each}
  {#each rows as r, i (r.text)}
    {@const y = i * ROW + ROW / 2}
    <text x="0" y={y + 5} font-size="15" font-weight={r.main ? 700 : 400} fill="var(--ink)">{r.text}</text>
    <line x1="130" x2="330" y1={y} y2={y} stroke="var(--rule-strong)" stroke-width="0.7" />
    {#if r.main}
      <path d="M{130 + x(r.at)},{y - 9} l9,9 l-9,9 l-9,-9 Z" fill="var(--ink)" />
    {:else}
      <circle cx={130 + x(r.at)} cy={y} r="6" fill="var(--raised)" stroke="var(--ink)" stroke-width="2.2" />
    {/if}
    <text x="340" y={y + 5} font-size="15" font-weight={r.main ? 700 : 400} fill="var(--ink)"
      >{writePercent(r.at)}</text
    >
  {/each}
  {#each [0, 0.01, 0.02, 0.03, 0.04, 0.05, 0.06] as t (t)}
    <text x={130 + x(t)} y={rows.length * ROW + 17} font-size="14" text-anchor="middle" fill="var(--quiet)"
      >{Math.round(t * 100)}{t === TOP ? ' %' : ''}</text
    >
  {/each}
</svg>
