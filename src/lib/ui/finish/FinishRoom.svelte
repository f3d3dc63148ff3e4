<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { sauceReckonedG, standing, stillIn, toFinish } from '$lib/core/batch';
  import { verdictsOf } from '$lib/core/care';
  import { SAUCE_BASES } from '$lib/core/correct';
  import { styleLike } from '$lib/core/style';
  import type { FinishShown } from './shown';
  import { listed } from '$lib/words';
  import JarPicker from '../batch/JarPicker.svelte';
  import Verdicts from '../batch/Verdicts.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import Bottles from './Bottles.svelte';
  import Bowl from './Bowl.svelte';
  import CloseUp from './CloseUp.svelte';
  import InTheBowl from './InTheBowl.svelte';
  import ObjectsOut from './ObjectsOut.svelte';
  import Sour from './Sour.svelte';

  /** From sour jars to bottles, or to the cold: what comes out, what is blended, what it is filled into. */
  let { shown }: { shown: FinishShown } = $props();
  const house = useHouse();
  const b = $derived(shown.batch);
  const jars = $derived(toFinish(b));
  const bottles = $derived(standing(b).filter((j) => j.finished));
  const f = $derived(b.finishing);
  const sauce = $derived(SAUCE_BASES[styleLike(b.styleId)] !== undefined);
  const verdicts = $derived(verdictsOf(b, house.household.places));
  const locked = $derived(f ? stillIn(f).length > 0 : true);
  const lids = $derived(
    listed((f ? jars.filter((j) => f.fillingIds.includes(j.id)) : jars).map((j) => j.lidNumber))
  );
</script>

<h1>Finish {b.name}</h1>
{#if jars.length === 0 && bottles.length > 0}
  <p class="big">
    Done: {bottles.length} bottle{bottles.length > 1 ? 's' : ''}, {listed(bottles.map((j) => j.lidNumber))}.
  </p>
  <p class="flex flex-wrap gap-x-6 pt-2">
    <a class="act" href="/notebook/{b.id}/labels">Lid labels</a>
    <a class="act" href="/notebook/{b.id}/grams">Where every gram went</a>
    <a class="act" href="/cold">The Cold</a>
  </p>
{:else if jars.length === 0}<p class="big">Nothing of it stands any more.</p>
{:else if verdicts.length > 0}<Verdicts batch={b} {verdicts} />
{:else if !f}
  <p class="big max-w-prose">
    {sauce
      ? 'Out of the jars, through the blender, into bottles. Each step is kept as you go: leave it and come back.'
      : 'What was laid in comes out, the jar is closed tight and goes into the cold.'}
  </p>
  {#if shown.laid.length > 0}<p class="mt-2 text-quiet">
      Laid in at its making: {shown.laid.reduce((a, o) => a + o.n, 0)} things. They are counted out first.
    </p>{/if}
  <ActionForm
    command="finish"
    values={{ batchId: b.id }}
    class="mt-5 flex max-w-xl flex-col gap-4"
    label="Begin to finish"
  >
    {#snippet children({ busy, problemAt })}
      <JarPicker {jars} legend="Which jars" problem={problemAt('fillingIds')} />
      <Button type="submit" class="min-h-14 text-lg" disabled={busy}>Begin to finish</Button>
    {/snippet}
  </ActionForm>
{:else}
  <p class="text-quiet">jar{f.fillingIds.length > 1 ? 's' : ''} {lids}</p>
  <div class="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_22rem]">
    <div class="flex min-w-0 flex-col gap-8">
      <ObjectsOut batchId={b.id} finishing={f} blade={sauce} />
      {#if !sauce}<CloseUp batch={b} {locked} />
      {:else if locked}<p class="text-quiet">Draining, blending and bottling open when everything is out.</p>
      {:else}
        <InTheBowl batch={b} finishing={f} brine={shown.brine} kept={shown.brines} />
        <Sour batch={b} finishing={f} />
        <Bottles batch={b} finishing={f} sizes={shown.sizes} />
      {/if}
    </div>
    <aside class="flex flex-col gap-6 self-start lg:sticky lg:top-6">
      {#if sauce}<Bowl batch={b} finishing={f} reckonedG={sauceReckonedG(b, f)} />{/if}
      <ActionForm command="leave-finish" values={{ batchId: b.id }} class="no-print">
        {#snippet children({ busy })}<button class="act" type="submit" disabled={busy}
            >Do not finish it after all</button
          >{/snippet}
      </ActionForm>
    </aside>
  </div>
{/if}
