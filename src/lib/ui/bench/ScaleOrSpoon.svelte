<script lang="ts">
  import type { Worksheet } from '$lib/core/worksheet';

  /** Where a level spoon, or a brine made in bulk, comes nearer than this scale. */
  let { sheet }: { sheet: Worksheet } = $props();
  const scale = $derived(sheet.salt.scale);
</script>

{#if scale.nearest === 'spoon'}
  <p class="heed text-sm">
    Your scale is out by up to {Math.round(scale.scaleError * 100)} % of this dose; a level spoon comes within {Math.round(
      scale.spoonError * 100
    )} %{#if sheet.brine && scale.inBulk > 1}, and {scale.inBulk} times the brine, made at once, within 5 %{/if}.
  </p>
{/if}
