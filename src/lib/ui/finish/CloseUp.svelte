<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { Batch } from '$lib/core/batch';
  import ActionForm from '../forms/ActionForm.svelte';
  import { dialogs } from '../batch/dialogs.svelte';

  /** No sauce: levelled, closed tight, into the cold. */
  let { batch, locked }: { batch: Batch; locked: boolean } = $props();
  const ids = $derived(batch.finishing?.fillingIds ?? []);
</script>

<section aria-label="Close and move">
  <h2 class="border-b-2 border-ink pb-1">Close it, into the cold</h2>
  {#if locked}<p class="pt-2 text-quiet">
      A weight may stay in where nothing else holds the pieces down: then leave it unticked.
    </p>{/if}
  <p class="pt-2">
    Press it level, fill up with its own brine to the line, wipe the rim, seal back on, close it tight. What
    stands in the cold still gives a little gas: open it once in the first week.
  </p>
  <div class="flex flex-wrap gap-2 pt-3">
    <Button outline class="min-h-14" onclick={() => dialogs.show('lid', batch, ids)}>Another lid</Button>
    <Button outline class="min-h-14" onclick={() => dialogs.show('move', batch, ids)}>Into the cold</Button>
    <a class="act self-center" href="/notebook/{batch.id}/labels">New labels</a>
  </div>
  <ActionForm command="leave-finish" values={{ batchId: batch.id }} label="Closed">
    {#snippet children({ busy })}<Button type="submit" class="mt-3 min-h-14 text-lg" disabled={busy}
        >Closed and put away</Button
      >{/snippet}
  </ActionForm>
</section>
