<script lang="ts">
  import { writePercent } from '$lib/core/quantity';
  import type { Worksheet } from '$lib/core/worksheet';

  /** Where a level spoon, or a brine made in bulk, comes nearer than this scale. */
  let { sheet }: { sheet: Worksheet } = $props();
  const scale = $derived(sheet.salt.scale);
</script>

{#if scale.nearest === 'spoon'}
  <p class="heed text-sm">
    Your scale is out by up to {writePercent(scale.scaleError, 0)} of this dose; a level spoon comes within {writePercent(
      scale.spoonError,
      0
    )}{#if sheet.brine && scale.inBulk > 1}, and {scale.inBulk} times the brine, made at once, within 5&nbsp;%{/if}.
  </p>
{/if}
