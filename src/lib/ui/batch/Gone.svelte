<script lang="ts">
  import type { BatchInHand } from '$lib/core/batch';

  /** In the place of what was chosen and left the room: nothing else comes under the finger by itself. */
  let {
    batch,
    lid = null,
    room
  }: { batch: BatchInHand | undefined; lid?: number | null; room: string } = $props();
</script>

<div class="min-h-60" role="status">
  <h1>{batch ? batch.name : 'Not here any more'}</h1>
  <p class="mt-3 text-lg">
    {lid === null ? 'It does' : `Jar ${lid} does`} not stand {room} any more. Tap a jar on the shelves.
  </p>
  {#if batch}<a class="act" href="/notebook/{batch.id}">Its record</a>{/if}
</div>
