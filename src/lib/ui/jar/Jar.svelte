<script lang="ts">
  import type { Cut } from '$lib/core/produce';
  import { heightOf, isCrock, jarGeometry, profile, type Lid } from '$lib/core/vessel';
  import { cropColour } from './colours';
  import { useDrawn } from './drawn.svelte';
  import { courseMm, laidFor, layPieces } from './pieces';
  import { lidPaths } from './lid';

  interface Props {
    geometryId: string;
    lid: Lid;
    /** Room to the fill line and the part of it that packed vegetables take, ml. */
    usableMl: number;
    vegRoomMl: number;
    /** How much of the jar is still in, 0-1. */
    left?: number;
    items: readonly {
      readonly cropId: string;
      readonly cut: Cut;
      readonly share: number;
      readonly hint?: string;
    }[];
    /** Pixels to a mm; all jars on a shelf share it. */
    scale: number;
    label?: string | number;
    fillLine?: string;
    /** Written beside it as on a working drawing, so that it can be packed by: under the rim, to the line, of solids. */
    measures?: { readonly headspace: string; readonly liquid: string; readonly solids: string };
    bubbles?: boolean;
    chosen?: boolean;
    /** The picture in words. */
    text: string;
  }
  let {
    geometryId,
    lid,
    usableMl,
    vegRoomMl,
    left = 1,
    items,
    scale,
    label,
    fillLine,
    measures,
    bubbles = false,
    chosen = false,
    text
  }: Props = $props();

  const LID_MM = 34;
  const PAD = 10;
  /** Of the measures: as large as the words beside them, and so much room to their right, px. */
  const MEASURE_PX = 13;
  const MEASURES_PX = 96;
  const shape = $derived(jarGeometry(geometryId));
  /** A tenth of a mm is finer than a screen; more figures only make the page heavy. */
  const tenth = (n: number) => Math.round(n * 10) / 10;
  const beside = $derived(measures ? tenth(MEASURES_PX / scale) : 0);
  const rounded = <T extends object>(measures: T): T =>
    Object.fromEntries(
      Object.entries(measures).map(([name, v]) => [name, typeof v === 'number' ? tenth(v) : (v as unknown)])
    ) as T;
  const p = $derived(shape ? rounded(profile(shape)) : null);
  const crock = $derived(shape ? isCrock(shape) : false);
  const width = $derived(p?.bodyWidthMm ?? 80);
  const height = $derived(p?.heightMm ?? 100);
  const liquidTop = $derived(p ? tenth(height - heightOf(usableMl * left, p)) : 0);
  const lineTop = $derived(p ? tenth(height - heightOf(usableMl, p)) : 0);
  // Light things lift: a finger of brine stands over everything, and a follower between.
  const vegTop = $derived(p ? tenth(Math.max(liquidTop + 12, height - heightOf(vegRoomMl * left, p))) : 0);
  const cut = $derived(items[0]?.cut ?? 'chunk');
  /** By colour, in tenths: a gram more or less moves no piece, and two picks of one crop are one. */
  const mix = $derived.by(() => {
    const by: Record<string, number> = {};
    for (const i of items) {
      const colour = cropColour(i.cropId, i.hint);
      by[colour] = (by[colour] ?? 0) + i.share;
    }
    return Object.entries(by).map(([colour, share]) => ({ colour, share: Math.round(share * 10) / 10 }));
  });
  const drawn = useDrawn();
  /** Of a small picture pieces are drawn coarser: as many as the eye tells apart, and a page that is no heavier for it. */
  const grain = $derived(scale < 0.4 ? 2 : scale < 0.7 ? 1.5 : 1);
  const laid = $derived(laidFor(width / grain));
  const pieces = $derived.by(() => {
    const shares = mix.length === 1 ? [1] : mix.map((m) => m.share);
    return drawn.keep('pieces', [cut, laid, ...shares].join(' '), () => layPieces(laid, cut, shares));
  });
  /** How the courses of pieces lie one on another, from the floor up: every other one turned about. */
  const courses = $derived.by(() => {
    const high = courseMm(cut);
    const many = Math.max(1, Math.ceil((height - vegTop) / grain / high));
    return Array.from({ length: many }, (_, i) =>
      i % 2 === 1 ? `translate(${laid} ${tenth(-i * high)}) scale(-1 1)` : `translate(0 ${tenth(-i * high)})`
    );
  });
  const colours = $derived(mix.map((m, i) => `--p${i}:${m.colour}`).join(';'));
  const outline = $derived.by(() => {
    if (!p) return '';
    const inset = tenth((p.bodyWidthMm - p.neckWidthMm) / 2);
    const [l, r] = [inset, tenth(p.bodyWidthMm - inset)];
    const neck = tenth(p.neckMm * 0.72);
    const round = 9;
    return inset < 1
      ? `M0,0 V${tenth(height - round)} Q0,${height} ${round},${height} H${tenth(width - round)} Q${width},${height} ${width},${tenth(height - round)} V0`
      : crock
        ? `M${l},0 C${l},${tenth(neck * 0.7)} 0,${tenth(neck * 0.55)} 0,${tenth(neck * 1.5)} V${tenth(height - round)} Q0,${height} ${round},${height} H${tenth(width - round)} Q${width},${height} ${width},${tenth(height - round)} V${tenth(neck * 1.5)} C${width},${tenth(neck * 0.55)} ${r},${tenth(neck * 0.7)} ${r},0`
        : `M${l},0 V${neck} C${l},${tenth(neck + 10)} 0,${tenth(p.neckMm - 2)} 0,${tenth(p.neckMm + 14)} V${tenth(height - round)} Q0,${height} ${round},${height} H${tenth(width - round)} Q${width},${height} ${width},${tenth(height - round)} V${tenth(p.neckMm + 14)} C${width},${tenth(p.neckMm - 2)} ${r},${tenth(neck + 10)} ${r},${neck} V0`;
  });
  const glass = $derived(drawn.keep('glass', `${geometryId} ${width} ${height}`, () => [outline]));
  /** Its lid stands over the middle of the neck. */
  const front = $derived(
    drawn.keep('front', `${geometryId} ${width} ${height} ${lid}`, () => {
      const { solid, lines } = lidPaths(lid, p?.neckWidthMm ?? width, tenth(width / 2));
      return [outline, solid, lines];
    })
  );
  $effect.pre(() => {
    void [pieces, glass, front];
    drawn.look();
  });
</script>

{#if p}
  <svg
    role="img"
    aria-label={text}
    viewBox="{-PAD} {-LID_MM} {width + 2 * PAD + beside} {height + LID_MM + 2}"
    width={tenth((width + 2 * PAD + beside) * scale)}
    height={tenth((height + LID_MM + 2) * scale)}
    class="block max-w-full overflow-visible"
  >
    <use href="#{glass}" fill="var(--glass)" />
    <g clip-path="url(#{glass}-in)">
      <rect y={liquidTop} {width} height={tenth(height - liquidTop)} fill="var(--brine)" />
      <!-- What lies over the vegetables is cut off at their top. -->
      <svg y={vegTop} {width} height={tenth(Math.max(0, height - vegTop))}>
        <g
          transform="translate(0 {tenth(Math.max(0, height - vegTop))}){grain === 1
            ? ''
            : ` scale(${grain})`}"
          style={colours}
        >
          {#each courses as at, i (i)}<use href="#{pieces}" transform={i === 0 ? undefined : at} />{/each}
        </g>
      </svg>
      {#if left > 0.02}
        <rect x="2" y={tenth(vegTop - 5)} width={tenth(width - 4)} height="5" rx="2" fill="#7f9f62" />
        {#if left > 0.9}<rect
            x={tenth(width * 0.2)}
            y={tenth(vegTop - 13)}
            width={tenth(width * 0.6)}
            height="8"
            rx="4"
            fill="#f6f3ec"
            stroke="#a99a86"
          />{/if}
      {/if}
      {#if bubbles}
        {#each [0.2, 0.34, 0.55, 0.7, 0.82, 0.45, 0.62, 0.28] as at, i (i)}
          <circle
            cx={tenth(width * at)}
            cy={liquidTop + 6 + ((i * 37) % Math.max(20, height - liquidTop - 20))}
            r={1.4 + (i % 3)}
            fill="#fffdf8"
            opacity="0.85"
          />
        {/each}
      {/if}
    </g>
    <use href="#{front}" class={['jar-front', crock && 'jar-crock', chosen && 'jar-chosen']} />
    {#if fillLine}
      <line
        x1={-PAD + 2}
        x2={width + PAD - 2}
        y1={lineTop}
        y2={lineTop}
        stroke="var(--ink)"
        stroke-width="1"
        stroke-dasharray="4 3"
      />
    {/if}
    {#if measures}
      {@const at = width + PAD + 4}
      {@const size = tenth(MEASURE_PX / scale)}
      <g stroke="var(--ink)" stroke-width={tenth(1 / scale)} fill="none">
        <path d="M{width + 3},0 H{at + 3} M{at},0 V{lineTop} M{width + PAD},{lineTop} H{at + 3}" />
        <path d="M{width + 3},{vegTop} H{at + 3} M{at},{vegTop} V{height} M{width + 3},{height} H{at + 3}" />
      </g>
      <g font-size={size} fill="var(--ink)">
        <text x={at + 7} y={tenth(lineTop / 2 + size * 0.35)}>{measures.headspace} free</text>
        <text x={at + 7} y={tenth((lineTop + vegTop) / 2 + size * 0.35)}>{measures.liquid}</text>
        <text x={at + 7} y={tenth((vegTop + height) / 2)} font-weight="700">{measures.solids}</text>
        <text x={at + 7} y={tenth((vegTop + height) / 2 + size * 1.2)}>of solids</text>
      </g>
    {/if}
    {#if label !== undefined}
      {@const size = tenth(Math.max(17, 15 / scale))}
      <rect
        x={tenth(width / 2 - size * 1.15)}
        y={tenth(height * 0.58 - size * 0.72)}
        width={tenth(size * 2.3)}
        height={tenth(size * 1.44)}
        rx="3"
        fill="#33393a"
      />
      <text x={width / 2} y={tenth(height * 0.58 + size * 0.36)} class="jar-number" font-size={size}
        >{label}</text
      >
    {/if}
  </svg>
{/if}
