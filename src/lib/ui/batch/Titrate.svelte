<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { BatchInHand, Filling } from '$lib/core/batch';
  import { DROP_ML, titratableAcidity } from '$lib/core/instrument';
  import { plain } from '$lib/core/quantity';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import JarPicker from './JarPicker.svelte';

  /** Acid titrated, for those who do: what was used, and what that makes before it is saved. */
  let { batch, jars, ondone }: { batch: BatchInHand; jars: Filling[]; ondone: () => void } = $props();
  let sample = $state('10');
  let molar = $state('0.1');
  let used = $state('');
  let unit = $state<'ml' | 'drops'>('ml');
  const number = (said: string) => Number(said.replace(',', '.'));
  const percent = $derived(
    titratableAcidity({
      ...{ sampleMl: number(sample), molar: number(molar) },
      usedMl: number(used) * (unit === 'drops' ? DROP_ML : 1)
    })
  );
</script>

<ActionForm command="titrate" values={{ batchId: batch.id }} {ondone} label="Log a titration">
  {#snippet children({ busy, problemAt })}
    <div class="flex flex-col gap-3 py-2">
      <p class="text-sm">
        Strained brine, a drop of phenolphthalein, lye by ml or drops until it stays pink. Lye burns: gloves
        and glasses, and what was titrated is thrown away.
      </p>
      <JarPicker {jars} />
      <Trouble problem={problemAt('fillingIds')} />
      <div class="grid grid-cols-2 gap-3">
        <TextField
          label="Brine, ml"
          name="sampleMl"
          bind:value={sample}
          problem={problemAt('sampleMl')}
          inputmode="decimal"
        />
        <TextField
          label="Lye, mol/l"
          name="molar"
          bind:value={molar}
          problem={problemAt('molar')}
          inputmode="decimal"
        />
        <TextField
          label="It took"
          name="used"
          bind:value={used}
          problem={problemAt('used')}
          inputmode="decimal"
          placeholder="9.5"
        />
        <ChoiceField
          label="of"
          name="unit"
          items={[
            { value: 'ml', name: 'ml' },
            { value: 'drops', name: 'drops, 20 a ml' }
          ]}
          bind:value={unit}
        />
      </div>
      {#if Number.isFinite(percent) && percent > 0}<p role="status">
          <b class="big text-lg">{plain(percent, 2)} %</b> acid, reckoned as lactic
        </p>{/if}
      <div><Button type="submit" outline disabled={busy}>Save the titration</Button></div>
    </div>
  {/snippet}
</ActionForm>
