<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import TextField from '../forms/TextField.svelte';

  /** A reading that was wrong: what it really was, or that there was none. `of` is the reading's entry. */
  let {
    batchId,
    of,
    was = undefined,
    ondone
  }: { batchId: string; of: string; was?: number | undefined; ondone: () => void } = $props();
</script>

<ActionForm
  command="correct-ph"
  values={{ batchId, of }}
  {ondone}
  label="Correct the reading"
  class="flex max-w-md flex-wrap items-end gap-3 py-3"
>
  {#snippet children({ busy, problemAt })}
    <TextField
      label="What it really was; empty if there was none"
      id="ph-{of}"
      name="pH"
      problem={problemAt('pH')}
      inputmode="decimal"
      placeholder="3.9"
      value={was === undefined ? '' : String(was)}
    />
    <Button type="submit" outline disabled={busy}>Correct it</Button>
  {/snippet}
</ActionForm>
