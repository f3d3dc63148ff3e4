<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { BatchInHand } from '$lib/core/batch';
  import type { Verdict } from '$lib/core/care';
  import { becauseWords } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import CorrectPH from './CorrectPH.svelte';

  /** Jars that are to be thrown away: first of all, until they are, or until what says so is corrected. */
  let {
    batch,
    verdicts,
    named = false
  }: { batch: BatchInHand; verdicts: readonly Verdict[]; named?: boolean } = $props();
  let wrong = $state<string | null>(null);
</script>

<ul>
  {#each verdicts as v (v.fillingId)}
    <li class="harm my-2" data-verdict>
      <p class="big">Throw jar {v.lidNumber} away{named ? `, ${batch.name}` : ''}</p>
      <p>{becauseWords(v.by)}. Do not taste. Close it; throw the whole jar away.</p>
      <div class="no-print flex flex-wrap items-center gap-x-4 gap-y-2 pt-2">
        <ActionForm
          command="portion"
          values={{
            batchId: v.batchId,
            fillingId: v.fillingId,
            how: 'thrown',
            amount: 'all'
          }}
          label="Thrown away"
        >
          {#snippet children({ busy, problems })}
            <Button type="submit" disabled={busy}>Thrown away</Button>
            <Trouble problem={problems[0]} />
          {/snippet}
        </ActionForm>
        <button
          class="act"
          aria-expanded={wrong === v.of}
          onclick={() => (wrong = wrong === v.of ? null : v.of)}
          >{v.by.kind === 'pH' ? 'the reading was wrong' : 'it was something else'}</button
        >
      </div>
      {#if wrong === v.of && v.by.kind === 'pH'}
        <CorrectPH batchId={v.batchId} of={v.of} ondone={() => (wrong = null)} />
      {:else if wrong === v.of}
        <ActionForm
          command="take-back-sign"
          values={{ batchId: v.batchId, of: v.of }}
          ondone={() => (wrong = null)}
          label="Take the sign back"
          class="pt-2"
        >
          {#snippet children({ busy })}
            <Button type="submit" outline disabled={busy}>I looked again: it is not that</Button>
          {/snippet}
        </ActionForm>
      {/if}
    </li>
  {/each}
</ul>
