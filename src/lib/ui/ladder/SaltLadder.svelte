<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { ZONES, zoneOf, type SaltEnds } from '$lib/core/worksheet';
  import { ZONE_WORDS } from '$lib/words';
  import { plusMinus, writePercent, writeShare } from '$lib/core/quantity';

  /** One upright axis of equilibrium salinity, with the rungs that matter; lying down on a phone. */
  interface Rung {
    readonly text: string;
    readonly ends: { readonly mean: number; readonly sd: number };
  }
  let {
    ends,
    rungs = [],
    lying = false
  }: { ends: SaltEnds; rungs?: readonly Rung[]; lying?: boolean } = $props();

  const TOP = 0.06;
  const LENGTH = 380;
  const y = scaleLinear().domain([0, TOP]).range([LENGTH, 0]).clamp(true);
  const x = scaleLinear().domain([0, TOP]).range([0, 100]).clamp(true);
  const FILL = {
    harm: 'var(--zone-harm)',
    heed: 'var(--zone-heed)',
    usual: 'var(--zone-usual)',
    good: 'var(--zone-good)'
  };
  const zones = ZONES.filter((z) => z.from < TOP);
  const s = $derived(ends.equilibrium);
  const pm = $derived(plusMinus({ mean: s, sd: ends.equilibriumSd }));
  const said = $derived(
    `This batch settles at ${writePercent(s)}, give or take ${writePercent(pm)}: ${ZONE_WORDS[zoneOf(s).id]}.${ends.asPoured === null ? '' : ` The brine as poured is ${writePercent(ends.asPoured)}.`}`
  );
  /** Where a rung's label stands: at its height, moved off the batch's own label and off the other rung. */
  const rungAt = (i: number): number => {
    const mine = y(s);
    const clear = (at: number, from: number) =>
      Math.abs(at - from) < 29 ? (at < from ? from - 29 : from + 29) : at;
    const own = clear(y(rungs[i]?.ends.mean ?? 0), mine);
    if (i === 0) return own;
    const first = rungAt(0);
    const off = clear(own, first);
    return Math.abs(off - mine) < 28
      ? off < mine
        ? Math.min(first, mine) - 29
        : Math.max(first, mine) + 29
      : off;
  };
  const hidden = (at: number) => rungs.some((_, i) => Math.abs(rungAt(i) - at) < 22);
  // The labels keep out of each other's way.
  const labelAt = (value: number) => {
    const at = y(value);
    const mine = y(s);
    return Math.abs(at - mine) < 24 ? (at <= mine ? mine - 26 : mine + 26) : at;
  };
</script>

{#if lying}
  <svg role="img" aria-label={said} viewBox="0 0 358 66" class="w-full">
    {#each zones as z (z.from)}
      <rect
        x={x(z.from) * 3.58}
        y="26"
        width={(x(z.to) - x(z.from)) * 3.58}
        height="16"
        fill={FILL[z.level]}
      />
    {/each}
    {#each [0, 1, 2, 3, 4, 5, 6] as tick (tick)}
      <text
        x={Math.min(350, Math.max(6, x(tick / 100) * 3.58))}
        y="60"
        text-anchor="middle"
        font-size="14"
        fill="var(--quiet)">{tick}</text
      >
    {/each}
    <rect
      x={x(s - pm) * 3.58}
      y="26"
      width={Math.max(3, (x(s + pm) - x(s - pm)) * 3.58)}
      height="16"
      fill="var(--slate)"
      opacity="0.35"
    />
    <line x1={x(s) * 3.58} x2={x(s) * 3.58} y1="20" y2="46" stroke="var(--slate)" stroke-width="3" />
    <text
      x={Math.min(232, Math.max(0, x(s) * 3.58 - 60))}
      y="15"
      font-size="15"
      font-weight="700"
      fill="var(--ink)">settles at {writePercent(s)} ± {writeShare(pm)}</text
    >
    {#if ends.asPoured !== null}
      <circle cx={x(ends.asPoured) * 3.58} cy="34" r="6" fill="none" stroke="var(--ink)" stroke-width="2" />
    {/if}
    {#each rungs as r (r.text)}
      <path
        d="M{x(r.ends.mean) * 3.58},44 l-5,9 h10 z"
        fill="var(--paper)"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
    {/each}
  </svg>
{:else}
  <svg role="img" aria-label={said} viewBox="0 -14 268 {LENGTH + 28}" class="w-full max-w-[17rem]">
    {#each zones as z (z.from)}
      <rect x="44" y={y(z.to)} width="14" height={y(z.from) - y(z.to)} fill={FILL[z.level]} />
      {#if !hidden(y((z.from + Math.min(z.to, TOP)) / 2)) && Math.abs(y((z.from + Math.min(z.to, TOP)) / 2) - y(s)) > 20 && y(z.from) - y(Math.min(z.to, TOP)) > 18 && !(ends.asPoured !== null && Math.abs(y((z.from + Math.min(z.to, TOP)) / 2) - labelAt(ends.asPoured)) < 18)}
        <text x="66" y={y((z.from + Math.min(z.to, TOP)) / 2) + 5} font-size="14" fill="var(--quiet)"
          >{ZONE_WORDS[z.id]}</text
        >
      {/if}
    {/each}
    <line x1="44" x2="44" y1="0" y2={LENGTH} stroke="var(--ink)" stroke-width="2" />
    {#each [0, 1, 2, 3, 4, 5, 6] as tick (tick)}
      <line x1="38" x2="58" y1={y(tick / 100)} y2={y(tick / 100)} stroke="var(--ink)" stroke-width="1.2" />
      <text x="32" y={y(tick / 100) + 5} text-anchor="end" font-size="15" fill="var(--ink)"
        >{tick}{tick === 6 ? ' %' : ''}</text
      >
    {/each}
    {#if ends.asPoured !== null}
      <circle cx="51" cy={y(ends.asPoured)} r="6" fill="var(--paper)" stroke="var(--ink)" stroke-width="2" />
      <text x="66" y={labelAt(ends.asPoured) + 5} font-size="15" font-weight="600" fill="var(--ink)"
        >brine as poured {writePercent(ends.asPoured)}</text
      >
    {/if}
    {#each rungs as r, i (r.text + i)}
      {@const at = rungAt(i)}
      <line x1="58" x2="66" y1={y(r.ends.mean)} y2={at} stroke="var(--ink)" />
      <rect x="66" y={at - 13} width="200" height="26" fill="var(--raised)" stroke="var(--rule-strong)" />
      <text x="74" y={at + 5} font-size="14" font-weight="600" fill="var(--ink)"
        >“{r.text.length > 16 ? `${r.text.slice(0, 15)}…` : r.text}” {writePercent(r.ends.mean)}</text
      >
    {/each}
    <rect
      x="44"
      y={y(s + pm)}
      width="14"
      height={Math.max(3, y(s - pm) - y(s + pm))}
      fill="var(--slate)"
      opacity="0.4"
    />
    <path d="M60,{y(s)} l12,-14 H262 v28 H72 Z" fill="var(--slate)" />
    <text x="80" y={y(s) + 5} font-size="15" font-weight="700" fill="var(--chalk)"
      >settles at {writePercent(s)} ± {writeShare(pm)}</text
    >
  </svg>
{/if}
