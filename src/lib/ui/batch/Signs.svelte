<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import { standing, type BatchInHand } from '$lib/core/batch';
  import { isSign, SIGNS } from '$lib/core/safety';
  import { SIGN_IDS, signWords } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import JarPicker from './JarPicker.svelte';

  /** What do I see or smell? What it usually means, and what the cautious do. */
  let { batch }: { batch: BatchInHand } = $props();
  let chosen = $state('');
  const sign = $derived(isSign(chosen) ? { id: chosen, level: SIGNS[chosen], ...signWords(chosen) } : null);
</script>

<Fold text="Film, spots, slime, a smell, no bubbles?" quiet>
  <ChoiceField
    label="What is to be seen or smelt"
    id="sign"
    value={chosen}
    items={[
      { value: '', name: 'choose' },
      ...SIGN_IDS.map((id) => ({ value: id, name: signWords(id).sign }))
    ]}
    onchange={(id) => (chosen = id)}
  />
  {#if sign}
    <div
      class={['mt-2', sign.level === 'discard' ? 'harm' : sign.level === 'heed' ? 'heed' : '']}
      aria-live="polite"
    >
      <p>{sign.means}</p>
      <p class="font-semibold">{sign.does}</p>
    </div>
    {#if sign.level === 'discard'}
      <ActionForm
        command="see-sign"
        values={{ batchId: batch.id, sign: sign.id }}
        label="Mark it"
        class="pt-2"
      >
        {#snippet children({ busy, problemAt })}
          <JarPicker jars={standing(batch)} />
          <Trouble problem={problemAt('fillingIds')} />
          <Button type="submit" class="mt-2" outline disabled={busy}>Mark these jars: throw away</Button>
        {/snippet}
      </ActionForm>
    {/if}
  {/if}
  <p class="pt-2 text-sm text-quiet">When in doubt, throw it out. Common practice, no source.</p>
</Fold>
