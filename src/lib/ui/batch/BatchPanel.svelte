<script lang="ts">
  import { styleLike } from '$lib/core/style';
  import { Button } from 'flowbite-svelte';
  import { placeOf, salinityOf, standing, type BatchInHand } from '$lib/core/batch';
  import { batchPHCautions, dayNumberOf, verdictsOf, type CareTask } from '$lib/core/care';
  import { SAUCE_BASES } from '$lib/core/correct';
  import { aheadOf, knowsOf, type Likings, type TaughtBySouring } from '$lib/core/outlook';
  import { writePercent } from '$lib/core/quantity';
  import TaskRow from './TaskRow.svelte';
  import { useHouse } from '../house/house.svelte';
  import Cautions from '../why/Cautions.svelte';
  import { listed, UNKNOWN_OUTLOOK } from '$lib/words';
  import { dialogs } from './dialogs.svelte';
  import Fold from '../forms/Fold.svelte';
  import Photos from './Photos.svelte';
  import Signs from './Signs.svelte';
  import Waiting from './Waiting.svelte';
  import Verdicts from './Verdicts.svelte';
  import GasNow from './GasNow.svelte';
  import OutlookSoon from '../outlook/OutlookSoon.svelte';

  /** One batch on the counter: how it is doing, and what to do with it. */
  let {
    batch,
    tasks,
    souring,
    likings
  }: {
    batch: BatchInHand;
    tasks: readonly CareTask[];
    souring: readonly TaughtBySouring[];
    /** How sour the household likes what it makes, by style. */
    likings: Likings;
  } = $props();
  const house = useHouse();
  const places = $derived(house.household.places);
  const jars = $derived(standing(batch));
  const first = $derived(jars[0]);
  const day = $derived(dayNumberOf(batch, house.now));
  const ahead = $derived(first ? aheadOf(batch, first, knowsOf(house.household, souring), house.now) : null);
  const tempC = $derived(places.find((p) => first && p.id === placeOf(first))?.tempC ?? 21);
  /** Jars put right stand apart from the batch. */
  const own = $derived(
    jars
      .filter((f) => f.equilibrium !== undefined)
      .map((f) => `${f.lidNumber} at ${writePercent(salinityOf(batch, f) ?? 0)}`)
      .join(', ')
  );
  const verdicts = $derived(verdictsOf(batch, places));
  const due = $derived(tasks.filter((t) => t.due <= house.now));
  const next = $derived(tasks.find((t) => t.due > house.now));
</script>

<div class="flex flex-col gap-4">
  <div>
    <h1 class="text-2xl">{batch.name}</h1>
    <p class="text-quiet">
      jar{jars.length > 1 ? 's' : ''}
      {listed(jars.map((f) => f.lidNumber))}{batch.equilibrium === null
        ? ''
        : `, ${writePercent(batch.equilibrium)} salt`}{own ? `; ${own}` : ''}
    </p>
  </div>
  {#if verdicts.length > 0}<Verdicts {batch} {verdicts} />{/if}
  <Waiting {batch} />
  <p><span class="answer">{day}</span> <span class="big">day{day === 1 ? '' : 's'}</span></p>
  {#if tempC < 15}<p>so cold that it may not start</p>{/if}
  <div class="no-print grid grid-cols-2 gap-2">
    <Button class="min-h-14" outline onclick={() => dialogs.show('taste', batch)}>Taste</Button>
    <Button class="min-h-14" outline onclick={() => dialogs.show('ph', batch)}>pH</Button>
    <Button class="min-h-14" outline onclick={() => dialogs.show('move', batch)}>Move</Button>
    <Button class="min-h-14" outline onclick={() => dialogs.show('right', batch)}>Put right</Button>
    {#if SAUCE_BASES[styleLike(batch.styleId)]}<Button
        class="col-span-2 min-h-14"
        outline
        onclick={() => dialogs.show('sour', batch)}>Add acid</Button
      >{/if}
  </div>
  {#if verdicts.length === 0}<Cautions cautions={batchPHCautions(batch, places, house.now)} />{/if}
  {#if due.length > 0}
    <ul class="@container border-t-2 border-ink">
      {#each due as task (task.key)}<TaskRow {task} {batch} />{/each}
    </ul>
  {:else if next}
    <ul class="@container border-t border-rule-strong"><TaskRow task={next} {batch} /></ul>
  {/if}
  {#if ahead && first}{#key first.id}<OutlookSoon {ahead} liking={likings[styleLike(batch.styleId)] ?? null}
        ><GasNow {batch} /></OutlookSoon
      >{/key}{:else}<p>
      {UNKNOWN_OUTLOOK}
    </p>{/if}
  {#key batch.id}
    <Signs {batch} {souring} />
    <Fold text={batch.photos.length > 0 ? `Photos (${batch.photos.length})` : 'Add a photo'}
      ><Photos {batch} /></Fold
    >
  {/key}
  <p class="no-print flex flex-wrap gap-x-6">
    <a class="act" href="/notebook/{batch.id}">Its record</a>
    <a class="act" href="/notebook/{batch.id}/finish">{batch.finishing ? 'Go on finishing' : 'Finish it'}</a>
    <a class="act" href="/notebook/{batch.id}/labels">Lid labels</a>
    <button class="act" onclick={() => dialogs.show('lid', batch)}>Another lid</button>
  </p>
</div>
