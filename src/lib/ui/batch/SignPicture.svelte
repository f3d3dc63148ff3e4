<script lang="ts">
  import type { Look, Where } from '$lib/core/safety';

  /** What is seen or smelt, drawn: a window onto a jar's neck, its brine and its pieces. The words beside it say the same. */
  let { of }: { of: Look | Where } = $props();

  const NOSE = new Set<Look | Where>(['smell', 'sulphur', 'yeast', 'foul']);
  const PIECES = new Set<Look | Where>(['pieces', 'garlic', 'soft', 'slimy', 'dull']);
  /** Where the brine stands, from the top. */
  const level = $derived(of === 'low' ? 44 : of === 'over' ? 8 : 22);
  const brine = $derived(of === 'cloudy' ? '#efece0' : of === 'reddish' ? '#d98a97' : 'var(--brine)');
  /** Pieces: where they lie, and how far they stand out. */
  const top = $derived(of === 'lifted' ? 8 : 28);
</script>

<svg viewBox="0 0 96 64" class="h-14 w-20 shrink-0" aria-hidden="true">
  {#if NOSE.has(of)}
    <path
      d="M40,6 C40,26 24,38 26,48 C27,56 40,58 46,52"
      fill="none"
      stroke="var(--ink)"
      stroke-width="3"
      stroke-linecap="round"
    />
    {#if of === 'foul'}
      {#each [0, 12, 24] as dx (dx)}<path
          d="M{58 + dx},50 l5,-8 l-6,-7 l6,-8 l-5,-8"
          fill="none"
          stroke="#6d7a1f"
          stroke-width="3"
        />{/each}
    {:else if of === 'yeast'}
      <path
        d="M56,46 c-6,-14 4,-24 16,-24 s20,10 14,24 z"
        fill="#c99a55"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <path d="M64,30 l4,6 M73,28 l4,6" stroke="var(--ink)" stroke-width="2" />
    {:else if of === 'sulphur'}
      <path
        d="M72,50 C54,46 54,20 72,16 C90,20 90,46 72,50 Z M72,50 V22 M72,34 l-9,-7 M72,34 l9,-7"
        fill="#a9bf6a"
        stroke="var(--ink)"
        stroke-width="2"
      />
    {:else}
      {#each [0, 12, 24] as dx (dx)}<path
          d="M{60 + dx},50 c-6,-8 6,-12 0,-20 s6,-10 0,-18"
          fill="none"
          stroke="var(--quiet)"
          stroke-width="2.5"
          stroke-linecap="round"
        />{/each}
    {/if}
  {:else if PIECES.has(of)}
    <rect width="96" height="64" fill="var(--brine)" />
    {#if of === 'garlic'}
      <path
        d="M30,50 C18,38 26,18 38,12 C50,20 52,40 44,50 Z"
        fill="#4f9aa8"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <path
        d="M58,52 C50,40 56,24 66,18 C76,26 78,42 72,52 Z"
        fill="#efe8d2"
        stroke="var(--ink)"
        stroke-width="2"
      />
    {:else if of === 'soft'}
      <path
        d="M14,24 C30,20 34,30 48,32 S74,24 84,44"
        fill="none"
        stroke="#a5b266"
        stroke-width="12"
        stroke-linecap="round"
      />
    {:else if of === 'slimy'}
      <path d="M14,20 H82" stroke="#a5b266" stroke-width="14" stroke-linecap="round" />
      {#each [22, 38, 54, 70] as x, i (x)}<path
          d="M{x},26 c-4,12 4,{14 + 5 * (i % 2)} 0,{24 + 6 * (i % 2)}"
          fill="none"
          stroke="#c9cfa0"
          stroke-width="4"
          stroke-linecap="round"
        />{/each}
    {:else if of === 'dull'}
      <rect x="12" y="12" width="30" height="40" rx="5" fill="#5f9148" stroke="var(--ink)" stroke-width="2" />
      <rect x="54" y="12" width="30" height="40" rx="5" fill="#8a8a45" stroke="var(--ink)" stroke-width="2" />
    {:else}
      <rect x="12" y="10" width="26" height="20" rx="4" fill="#c6d69b" stroke="var(--ink)" stroke-width="2" />
      <rect x="46" y="14" width="34" height="16" rx="4" fill="#e08a3c" stroke="var(--ink)" stroke-width="2" />
      <rect x="24" y="38" width="44" height="16" rx="4" fill="#c6d69b" stroke="var(--ink)" stroke-width="2" />
    {/if}
  {:else}
    <rect x="14" y={level} width="68" height={64 - level} fill={brine} />
    {#each [0, 1, 2] as i (i)}
      <rect
        x={18 + i * 21}
        y={top + (i % 2) * 3}
        width="18"
        height="40"
        rx="3"
        fill="#c6d69b"
        opacity={of === 'cloudy' ? 0.45 : 1}
      />
    {/each}
    <path d="M14,{level} H82" stroke="var(--quiet)" stroke-width="1.5" />
    {#if of === 'film' || of === 'surface'}
      <path
        d="M14,{level} q8,-4 17,0 t17,0 t17,0 t17,0 V{level + 4} H14 Z"
        fill="#fdfaf0"
        stroke="#a99a86"
        stroke-width="1.5"
      />
    {:else if of === 'spots'}
      {#each [[28, 8, '#3f7a4a'], [50, 10, '#f4f1e6'], [70, 6, '#2a2622']] as const as [x, r, c] (x)}
        <circle cx={x} cy={level - 2} {r} fill={c} stroke="#2a2622" stroke-width="1" />
        {#each [-60, -30, 0, 30, 60] as turn (turn)}<path
            d="M{x},{level - 2 - r} v-6"
            stroke={c === '#f4f1e6' ? '#645849' : c}
            stroke-width="1.5"
            transform="rotate({turn} {x} {level - 2})"
          />{/each}
      {/each}
    {:else if of === 'patches'}
      <path
        d="M20,{level - 2} q9,-6 18,0 q-9,7 -18,0 Z M48,{level - 1} q13,-8 26,0 q-13,8 -26,0 Z"
        fill="#d9687a"
        stroke="#8e2f4c"
        stroke-width="1.5"
      />
    {:else if of === 'specks'}
      {#each [[22, 30], [34, 40], [44, 27], [55, 46], [63, 33], [74, 42], [28, 53], [49, 57], [70, 55]] as const as [x, y] (x)}<circle
          cx={x}
          cy={y}
          r="2"
          fill="#fffdf8"
          stroke="#645849"
          stroke-width="0.8"
        />{/each}
    {:else if of === 'threads'}
      {#each [26, 44, 62] as x (x)}<path
          d="M{x},2 c6,12 -6,22 2,34 s-4,18 0,26"
          fill="none"
          stroke="#8b8f5e"
          stroke-width="3"
          stroke-linecap="round"
        />{/each}
    {:else if of === 'over'}
      <path
        d="M82,8 c8,2 7,20 7,34 M14,8 c-8,2 -7,24 -7,40"
        fill="none"
        stroke="#9fae5c"
        stroke-width="5"
        stroke-linecap="round"
      />
    {:else if of === 'low'}
      <path d="M89,26 v14 m-4,-5 l4,6 l4,-6" fill="none" stroke="var(--heed)" stroke-width="2.5" />
    {:else if of === 'still'}
      <g fill="none" stroke="var(--quiet)" stroke-width="1.5">
        <circle cx="34" cy="40" r="4" /><circle cx="56" cy="48" r="4" /><circle cx="62" cy="34" r="3" />
        <path d="M24,52 L72,26" stroke="var(--heed)" stroke-width="3" />
      </g>
    {/if}
    <path
      d="M14,{of === 'domed' || of === 'lid' ? 14 : 2} V64 M82,{of === 'domed' || of === 'lid' ? 14 : 2} V64"
      stroke="var(--ink)"
      stroke-width="3"
    />
    {#if of === 'domed'}
      <path d="M10,14 Q48,-8 86,14 Z" fill="var(--wood)" stroke="var(--ink)" stroke-width="2" />
    {:else if of === 'lid'}
      <rect x="10" y="8" width="76" height="7" rx="2" fill="var(--wood)" />
      <circle cx="38" cy="36" r="4" fill="none" stroke="var(--quiet)" stroke-width="1.5" /><circle
        cx="58"
        cy="30"
        r="3"
        fill="none"
        stroke="var(--quiet)"
        stroke-width="1.5"
      />
    {/if}
  {/if}
</svg>
