<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import PHField from '../meter/PHField.svelte';
  import Fold from '../forms/Fold.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import { placeOf, standing } from '$lib/core/batch';
  import { jarCase, pHLineDay } from '$lib/core/care';
  import type { Place } from '$lib/core/kit';
  import { standsMm, tooTall } from '$lib/core/larder';
  import { aheadOf, knowsOf, type TaughtBySouring } from '$lib/core/outlook';
  import { LIDS } from '$lib/core/vessel';
  import { PH_LINE } from '$lib/core/safety';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { LID_WORDS, listed, styleWords } from '$lib/words';
  import { dialogs } from './dialogs.svelte';
  import EachPlace from '../outlook/EachPlace.svelte';
  import JarPicker from './JarPicker.svelte';
  import Titrate from './Titrate.svelte';
  import WaitsTurn from './WaitsTurn.svelte';
  import TasteSheet from './TasteSheet.svelte';

  /** What this household's ferments taught, for what a place would do. */
  let { souring }: { souring: readonly TaughtBySouring[] } = $props();
  const house = useHouse();
  const b = $derived(dialogs.batch);
  const jars = $derived(b ? standing(b).filter((f) => dialogs.of?.includes(f.id) ?? true) : []);
  const tasting = $derived(b ? styleWords({ id: b.styleId }).tasting : []);
  // On the counter first what makes sense next: the cold places.
  const places = $derived(
    [...house.household.places]
      .filter((p) => p.kind !== 'pantry' || jars.every((f) => f.heated))
      .sort((x) => (x.kind === 'cold' ? -1 : 1))
  );
  const here = $derived(new Set(jars.map(placeOf)));
  let by = $state<'strip' | 'meter'>('strip');
  /** The day by which this batch, where it stands, should read 4.6 or lower. */
  const lineDay = $derived.by(() => {
    const f = jars[0];
    const c = b && f && jarCase(b, f, house.household.places);
    return c ? pHLineDay(c.style, c.tempC) : 7;
  });
  /** Of the first jar, where it is asked what a place would do to it. */
  const ahead = $derived(
    b && jars[0] && dialogs.open === 'move'
      ? aheadOf(b, jars[0], knowsOf(house.household, souring), house.now)
      : null
  );
  /** Jars that stand higher than a place is clear. */
  const tallSays = (place: Place) => {
    const tall = jars.filter((f) => tooTall(place, f.geometryId));
    const high = Math.max(...tall.map((f) => standsMm(f.geometryId) ?? 0));
    return `Too tall: jar ${listed(tall.map((f) => f.lidNumber))} stands about ${house.height(high)}, ${house.height(place.shelfMm ?? 0)} are clear.`;
  };
  const noSour = $derived(
    b ? jars.filter((f) => !b.readings.some((r) => r.fillingIds.includes(f.id) && r.pH <= PH_LINE)) : []
  );
</script>

{#if b}
  <Sheet
    open={dialogs.open === 'taste'}
    onclose={() => dialogs.close('taste')}
    title="Taste: {b.name}"
    size="sm"
  >
    <ActionForm
      command="taste"
      values={{ batchId: b.id }}
      ondone={() => dialogs.close('taste')}
      label="Log a taste"
    >
      {#snippet children({ busy, problemAt })}
        <div class="flex flex-col gap-4">
          <p class="text-sm">
            A clean fork, from under the brine. If it looks or smells wrong, do not taste it.
          </p>
          <JarPicker {jars} />
          <Trouble problem={problemAt('fillingIds')} />
          <TasteSheet id="taste" {tasting} problem={problemAt('sour')} />
          <Trouble problem={problemAt('note') ?? problemAt('who')} />
          <Button type="submit" disabled={busy}>Save the taste</Button>
        </div>
      {/snippet}
    </ActionForm>
  </Sheet>

  <Sheet open={dialogs.open === 'ph'} onclose={() => dialogs.close('ph')} title="pH: {b.name}" size="sm">
    <ActionForm
      command="ph"
      values={{ batchId: b.id }}
      ondone={() => dialogs.close('ph')}
      label="Log a pH strip"
    >
      {#snippet children({ busy, problemAt })}
        <div class="flex flex-col gap-4">
          <JarPicker {jars} />
          <Trouble problem={problemAt('fillingIds')} />
          <PHField
            id="ph"
            bind:by
            problem={problemAt('pH')}
            class="max-w-40 font-display text-3xl font-bold"
          />
          <ChoiceField
            label="Read with"
            name="by"
            items={[
              { value: 'strip', name: 'a strip' },
              { value: 'meter', name: 'a meter, calibrated today' }
            ]}
            bind:value={by}
          />
          <p class="text-sm">
            4.6 or lower by day {lineDay}{b.items.some((i) => i.cropId.startsWith('tomato'))
              ? '; tomatoes start near it, so it must also have fallen'
              : ''}. {by === 'strip'
              ? 'A strip can be 0.3 out: look for 4.3.'
              : 'Rinse the meter with water, wait until it stands still.'}
          </p>
          <Button type="submit" disabled={busy}>Save the reading</Button>
        </div>
      {/snippet}
    </ActionForm>
    <Fold text="Titrated its acid?" quiet>
      <Titrate batch={b} {jars} ondone={() => dialogs.close('ph')} />
    </Fold>
  </Sheet>

  <Sheet
    open={dialogs.open === 'move'}
    onclose={() => dialogs.close('move')}
    title="Move: {b.name}"
    size="sm"
  >
    <ActionForm
      command="move"
      values={{ batchId: b.id }}
      ondone={() => dialogs.close('move')}
      label="Move jars"
    >
      {#snippet children({ busy, problemAt })}
        <div class="flex flex-col gap-4">
          <JarPicker {jars} />
          <Trouble problem={problemAt('fillingIds')} />
          <p class="text-sm">{styleWords({ id: b.styleId }).finishing}</p>
          {#if noSour.length > 0}<p class="heed text-sm">
              No reading of 4.6 or lower yet: jar{noSour.length > 1 ? 's' : ''}
              {listed(noSour.map((f) => f.lidNumber))}. The cold slows the souring; measure before it goes
              there.
            </p>{/if}
          <Trouble problem={problemAt('placeId')} />
          <div class="flex flex-col gap-2">
            <EachPlace {ahead} {places}>
              {#snippet each(place, says)}
                {@const only = here.size === 1 && here.has(place.id)}
                <div>
                  <Button
                    type="submit"
                    name="placeId"
                    value={place.id}
                    class="w-full"
                    outline={place.kind !== 'cold'}
                    disabled={busy || only}
                  >
                    {place.name}, {house.temp(place.tempC)}{only ? ' (here)' : ''}
                  </Button>
                  {#if says}<p class="pt-0.5 text-sm">{says}</p>{/if}
                  {#if jars.some((f) => tooTall(place, f.geometryId))}<p class="heed mt-0.5 text-sm">
                      {tallSays(place)}
                    </p>{/if}
                </div>
              {/snippet}
            </EachPlace>
          </div>
          {#if ahead}<p class="text-sm text-quiet">
              A guess from what is known of it, no safety test: go by pH, look and smell together.
            </p>{/if}
        </div>
      {/snippet}
    </ActionForm>
    {#if jars[0]}<Fold text="Or it waits till another is eaten" quiet
        ><WaitsTurn batch={b} {jars} {ahead} ondone={() => dialogs.close('move')} /></Fold
      >{/if}
  </Sheet>

  <Sheet
    open={dialogs.open === 'lid'}
    onclose={() => dialogs.close('lid')}
    title="Another lid: {b.name}"
    size="sm"
  >
    <ActionForm
      command="change-lid"
      values={{ batchId: b.id }}
      ondone={() => dialogs.close('lid')}
      label="Another lid"
    >
      {#snippet children({ busy, problemAt })}
        <div class="flex flex-col gap-4">
          <JarPicker {jars} />
          <Trouble problem={problemAt('fillingIds')} />
          <p class="text-sm">What is to be done with a jar goes by its lid from now on.</p>
          <Trouble problem={problemAt('lid')} />
          <div class="flex flex-col gap-2">
            {#each LIDS as lid (lid)}
              {@const on = jars.every((f) => f.lid === lid)}
              <Button type="submit" name="lid" value={lid} outline disabled={busy || on}>
                {LID_WORDS[lid]}{on ? ' (on now)' : ''}
              </Button>
            {/each}
          </div>
        </div>
      {/snippet}
    </ActionForm>
  </Sheet>

  <!-- Seldom wanted and large: fetched when somebody asks. -->
  {#if dialogs.open === 'right'}
    {#await import('./PutRightDialog.svelte') then { default: PutRightDialog }}<PutRightDialog
        batch={b}
      />{/await}
  {:else if dialogs.open === 'heat'}
    {#await import('./HeatDialog.svelte') then { default: HeatDialog }}<HeatDialog batch={b} {jars} />{/await}
  {:else if dialogs.open === 'sour'}
    {#await import('./SourDialog.svelte') then { default: SourDialog }}<SourDialog batch={b} />{/await}
  {/if}
{/if}
