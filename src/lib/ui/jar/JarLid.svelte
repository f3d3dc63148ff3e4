<script lang="ts">
  import type { Lid } from '$lib/core/vessel';

  /** How gas gets out, as it looks: drawn above y = 0. */
  let { lid, neckWidth, centre, crock }: { lid: Lid; neckWidth: number; centre: number; crock: boolean } =
    $props();
  const half = $derived(neckWidth / 2 + 4);
</script>

<g
  transform="translate({centre} 0)"
  fill="var(--glass)"
  stroke={crock ? 'var(--wood)' : 'var(--ink)'}
  stroke-width={crock ? 4 : 2.2}
  stroke-linejoin="round"
>
  {#if lid === 'water channel'}
    <path d="M{-half - 6},-7 V2 H{half + 6} V-7" fill="none" />
    <path d="M{-half + 6},-4 Q0,-20 {half - 6},-4 Z" />
    <rect x="-6" y="-20" width="12" height="7" rx="3" />
  {:else if lid === 'cloth'}
    <path d="M{-half},4 V-3 Q0,-16 {half},-3 V4 Z" />
    <line x1={-half} x2={half} y1="1" y2="1" />
  {:else}
    <rect x={-half} y="-10" width={half * 2} height="10" rx="2" />
    {#if lid === 'clamped'}
      <path d="M{half - 3},-5 Q{half + 9},4 {half - 2},16" fill="none" />
      <path d="M{-half + 3},-5 Q{-half - 6},2 {-half + 2},10" fill="none" />
    {:else if lid === 'airlock'}
      <path d="M0,-10 V-20 H7 V-28 H-6 V-24" fill="none" />
    {:else if lid === 'valve'}
      <rect x="-7" y="-16" width="14" height="6" rx="3" />
    {/if}
  {/if}
</g>
