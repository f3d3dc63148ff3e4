<script lang="ts">
  import { labelLines } from '$lib/words';
  import type { LidLabel } from '$lib/core/batch';

  /** A lid's label as it comes out of the printer, 70 by 38 mm. */
  let { label }: { label: LidLabel } = $props();
</script>

<div class="label">
  <b class="number">{label.lidNumber}</b>
  <div class="min-w-0">
    <p class="name">{label.name}</p>
    {#each labelLines(label) as { text, strong } (text)}<p class={strong ? 'font-bold' : ''}>{text}</p>{/each}
  </div>
</div>

<style>
  .label {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 3mm;
    align-items: center;
    width: 70mm;
    max-width: 100%;
    height: 38mm;
    padding: 2mm 3mm;
    overflow: hidden;
    text-align: left;
    font-size: 10pt;
    line-height: 1.25;
    color: black;
    background: white;
  }
  .number {
    min-width: 14mm;
    font-family: var(--font-display);
    font-size: 34pt;
    line-height: 1;
    text-align: center;
  }
  .name {
    display: -webkit-box;
    overflow: hidden;
    font-family: var(--font-display);
    font-size: 12pt;
    font-weight: 700;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    line-clamp: 2;
  }
</style>
