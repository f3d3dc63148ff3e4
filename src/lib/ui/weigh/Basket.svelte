<script lang="ts">
  import { cropColour } from '../jar/colours';

  /** A basket as large as what lies in it: its area goes with the weight. */
  let { cropId, g, text }: { cropId: string; g: number; text: string } = $props();
  const width = $derived(44 + 22 * Math.sqrt(Math.min(8000, g) / 250));
  const height = $derived(width * 0.5);
  const heap = $derived(Math.round(width / 11));
</script>

<svg
  role="img"
  aria-label={text}
  viewBox="{-width / 2 - 4} {-height - width * 0.24} {width + 8} {height + width * 0.24 + 3}"
  width={width + 8}
  height={height + width * 0.24 + 3}
  class="block"
>
  {#each Array.from({ length: heap }, (_, i) => i) as i (i)}
    <circle
      cx={-width / 2 + (i + 0.5) * (width / heap)}
      cy={-height - 1 - Math.sin(((i + 0.5) / heap) * Math.PI) * width * 0.1}
      r={width / heap / 1.5}
      fill={cropColour(cropId)}
      stroke="var(--paper)"
      stroke-width="1"
    />
  {/each}
  <path
    d="M{-width / 2},{-height} H{width / 2} L{width / 2 - width * 0.12},0 H{-width / 2 + width * 0.12} Z"
    fill="var(--rule-soft)"
    stroke="var(--ink)"
    stroke-width="2"
    stroke-linejoin="round"
  />
  <path
    d="M{-width / 2 + width * 0.04},{-height * 0.66} H{width / 2 - width * 0.04} M{-width / 2 +
      width * 0.08},{-height * 0.33} H{width / 2 - width * 0.08}"
    stroke="var(--rule-strong)"
    stroke-width="1.5"
  />
</svg>
