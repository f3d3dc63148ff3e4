<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { SeasonInput } from '$lib/core/season';
  import ActionForm from '../forms/ActionForm.svelte';
  import Fold from '../forms/Fold.svelte';
  import TextField from '../forms/TextField.svelte';
  import KindField from './KindField.svelte';

  /** A start that the plan has not: it is held to, and all else laid out around it. */
  let { input, today }: { input: SeasonInput; today: string } = $props();
</script>

<Fold text="Begin something else in a week" quiet class="no-print">
  <ActionForm
    command="say-start"
    values={{ how: 'begin' }}
    class="grid items-start gap-3 py-2 sm:grid-cols-2"
    label="A start of your own"
  >
    {#snippet children({ busy, problemAt })}
      <KindField ids={input.styles.map((s) => s.id)} problem={problemAt('styleId')} />
      <TextField
        label="In the week of"
        name="monday"
        type="date"
        value={today}
        min={today}
        problem={problemAt('monday')}
      />
      <div class="sm:col-span-2"><Button type="submit" outline disabled={busy}>Hold to it</Button></div>
    {/snippet}
  </ActionForm>
</Fold>
