<script lang="ts">
  import { GAS_SEEN, standing, type BatchInHand } from '$lib/core/batch';
  import { GAS_WORDS } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';

  /** What one sees of the gas, in one tap: it teaches the outlook. */
  let { batch }: { batch: BatchInHand } = $props();
  const jars = $derived(standing(batch).map((f) => f.id));
</script>

<ActionForm
  command="see-gas"
  values={{ batchId: batch.id, fillingIds: jars }}
  label="How it bubbles now"
  class="no-print"
>
  {#snippet children({ busy })}
    <p id="gas-{batch.id}">How does it bubble now? One tap, and the guess goes by it.</p>
    <div class="mt-1 flex flex-wrap gap-2" role="group" aria-labelledby="gas-{batch.id}">
      {#each GAS_SEEN as seen (seen)}
        <button
          class="min-h-14 grow rounded-lg border border-rule-strong px-4 hover:bg-rule-soft"
          name="seen"
          value={seen}
          disabled={busy}>{GAS_WORDS[seen]}</button
        >
      {/each}
    </div>
  {/snippet}
</ActionForm>
