<script lang="ts">
  import { standing, type BatchInHand, type Filling } from '$lib/core/batch';
  import { jarsSaid } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';

  /** Jars of a batch that wait their turn, by what they wait for, and a tap that lets them go. */
  let { batch }: { batch: BatchInHand } = $props();
  const waiting = $derived(
    standing(batch).flatMap((f) => (f.waitsFor ? [{ ...f, waitsFor: f.waitsFor }] : []))
  );
  const awaited = $derived(
    waiting
      .map((f) => f.waitsFor)
      .filter((w, i, all) => all.findIndex((x) => x.fillingId === w.fillingId) === i)
  );
  const groups = $derived(
    awaited.map((waitsFor) => ({
      waitsFor,
      jars: waiting.filter((f) => f.waitsFor.fillingId === waitsFor.fillingId)
    }))
  );
  const lids = (jars: readonly Filling[]) => jarsSaid(jars.map((f) => f.lidNumber)).replace('j', 'J');
</script>

{#each groups as { jars, waitsFor } (waitsFor.fillingId)}
  <ActionForm
    command="let-wait"
    values={{ batchId: batch.id, fillingIds: jars.map((f) => f.id), waitsForId: '' }}
    label="Waiting"
    class="flex flex-wrap items-center gap-x-4"
  >
    {#snippet children({ busy })}
      <span
        >{lids(jars)} wait{jars.length > 1 ? '' : 's'} till jar {waitsFor.lidNumber} ({waitsFor.batchName}) is
        eaten</span
      >
      <button class="act" disabled={busy}>no longer</button>
    {/snippet}
  </ActionForm>
{/each}
