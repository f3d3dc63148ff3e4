<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { BatchInHand, Filling, HeatProcess } from '$lib/core/batch';
  import { writeVolume } from '$lib/core/quantity';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { dialogs } from './dialogs.svelte';
  import JarPicker from './JarPicker.svelte';

  /** Jars heated by the process of a tested guide: all that the guide asks, or they stay in the cold. */
  let { batch, jars }: { batch: BatchInHand; jars: readonly Filling[] } = $props();
  const house = useHouse();
  const shelves = $derived(house.household.places.filter((p) => p.kind === 'pantry'));
  /** As it was said of others of this batch: they are mostly heated by one guide. */
  const last = $derived<HeatProcess | undefined>(batch.fillings.findLast((f) => f.heated)?.heated);
  const metres = (m: number | undefined) =>
    m === undefined
      ? ''
      : house.household.units === 'metric'
        ? `${Math.round(m)} m`
        : `${Math.round((m * 1000) / 304.8)} ft`;
  let way = $derived<string>(last?.way ?? '');
  const raw = $derived(jars.filter((f) => !f.heated));
</script>

<Sheet
  open={dialogs.open === 'heat'}
  onclose={() => dialogs.close('heat')}
  title="Heated for the pantry: {batch.name}"
  size="sm"
>
  <ActionForm
    command="heat-jars"
    values={{ batchId: batch.id }}
    ondone={() => dialogs.close('heat')}
    label="Heated for the pantry"
  >
    {#snippet children({ busy, problemAt })}
      <div class="flex flex-col gap-4">
        <p class="harm text-sm">
          Only by a tested guide that names this very product, by its row for your jar and your altitude. No
          guide for it? Then it stays in the cold. Crockle knows no minutes: it writes down yours.
        </p>
        <JarPicker jars={raw} />
        <Trouble problem={problemAt('fillingIds')} />
        <div class="grid grid-cols-[2fr_1fr] gap-3">
          <TextField
            label="Guide"
            name="guide"
            id="heat-guide"
            value={last?.guide ?? ''}
            problem={problemAt('guide')}
          />
          <TextField
            label="Edition"
            name="edition"
            id="heat-edition"
            value={last?.edition ?? ''}
            placeholder="2015"
            problem={problemAt('edition')}
          />
        </div>
        <div class="grid grid-cols-[2fr_1fr] gap-3">
          <TextField
            label="Product, as the guide calls it"
            name="product"
            id="heat-product"
            problem={problemAt('product')}
          />
          <ChoiceField
            label="Pack"
            name="pack"
            id="heat-pack"
            placeholder="Choose"
            items={[
              { value: 'raw', name: 'raw pack' },
              { value: 'hot', name: 'hot pack' }
            ]}
            problem={problemAt('pack')}
          />
        </div>
        <div class="grid grid-cols-3 items-end gap-3">
          <TextField
            label="Its row: jars of"
            name="jarSize"
            id="heat-jar"
            value={last ? writeVolume(last.jarMl, house.household.units) : ''}
            placeholder={house.household.units === 'metric' ? '500 ml' : '1 pint'}
            problem={problemAt('jarSize')}
          />
          <TextField
            label="Its row: as high as"
            name="rowTo"
            id="heat-row"
            placeholder={house.household.units === 'metric' ? '300 m' : '1000 ft'}
            problem={problemAt('rowTo')}
          />
          <TextField
            label="Your altitude"
            name="kitchen"
            id="heat-kitchen"
            value={metres(last?.kitchenM)}
            placeholder={house.household.units === 'metric' ? '220 m' : '720 ft'}
            problem={problemAt('kitchen')}
          />
        </div>
        <div class="grid grid-cols-2 items-end gap-3">
          <ChoiceField
            label="How"
            name="way"
            id="heat-way"
            placeholder="Choose"
            items={[
              { value: 'boiling-water', name: 'boiling water' },
              { value: 'pressure', name: 'under pressure' }
            ]}
            bind:value={way}
            problem={problemAt('way')}
          />
          <TextField
            label="Minutes that they had"
            name="minutes"
            id="heat-minutes"
            inputmode="numeric"
            problem={problemAt('minutes')}
          />
        </div>
        {#if way === 'pressure'}<TextField
            label="Pressure, as the gauge said"
            name="pressure"
            id="heat-pressure"
            problem={problemAt('pressure')}
          />{/if}
        <TextField
          label="Who did it"
          name="who"
          id="heat-who"
          value={last?.who ?? ''}
          problem={problemAt('who')}
        />
        {#if shelves.length > 0}
          <ChoiceField
            label="Onto which shelf"
            name="placeId"
            id="heat-place"
            value={shelves[0]!.id}
            items={shelves.map((p) => ({ value: p.id, name: p.name }))}
            problem={problemAt('placeId')}
          />
          <p class="text-sm text-quiet">
            Steam and hot glass: tongs, gloves, a cloth under the jars, none with a crack. Once cold, look at
            each seal; what did not seal goes into the cold. Its culture is gone: it is no starter any more.
          </p>
          <Button type="submit" disabled={busy}>Onto the pantry shelf</Button>
        {:else}<p class="heed">
            There is no pantry shelf: <a class="act" href="/kit#places">add one in Kit</a>.
          </p>{/if}
      </div>
    {/snippet}
  </ActionForm>
</Sheet>
