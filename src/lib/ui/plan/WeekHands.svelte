<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { Hands } from '$lib/core/season';
  import ActionForm from '../forms/ActionForm.svelte';
  import TextField from '../forms/TextField.svelte';

  /** What people can do in a week. */
  let { hands }: { hands: Hands } = $props();
</script>

<ActionForm command="say-hands" class="flex flex-wrap items-end gap-4 pt-3" label="A week’s hands">
  {#snippet children({ busy, problemAt })}
    <TextField
      label="Hours a week for it"
      name="hours"
      inputmode="decimal"
      value={String(hands.hours)}
      problem={problemAt('hours')}
      class="w-40"
    />
    <TextField
      label="Batches a week at most"
      name="batches"
      inputmode="numeric"
      value={String(hands.batches)}
      problem={problemAt('batches')}
      class="w-40"
    />
    <TextField
      label="Litres of water for brine, where it is short"
      name="waterL"
      inputmode="decimal"
      value={hands.waterL === undefined ? '' : String(hands.waterL)}
      problem={problemAt('waterL')}
      class="w-56"
    />
    <Button type="submit" color="alternative" disabled={busy}>Lay it out so</Button>
  {/snippet}
</ActionForm>
