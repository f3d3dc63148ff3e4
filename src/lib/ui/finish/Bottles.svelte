<script lang="ts">
  import { Button, Checkbox } from 'flowbite-svelte';
  import {
    bottleSets,
    SAUCE_G_PER_ML,
    sauceMl,
    sauceReckonedG,
    type Batch,
    type Finishing
  } from '$lib/core/batch';
  import { setOf } from '$lib/core/vessel';
  import type { OwnedSize } from '$lib/core/worksheet';
  import { LIVE_CAUTION, LEFT_OVER_WORDS } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import PHField from '../meter/PHField.svelte';
  import Shelf from '../jar/Shelf.svelte';
  import Jar from '../jar/Jar.svelte';

  interface Props {
    batch: Batch;
    finishing: Finishing;
    sizes: readonly OwnedSize[];
  }
  /** Weighed, and filled: which bottles, how full the last, what is left over. */
  let { batch, finishing, sizes }: Props = $props();
  const house = useHouse();
  const needMl = $derived(sauceMl(batch, finishing));
  const sets = $derived(bottleSets(needMl, sizes));
  let byHand = $state.raw<Readonly<Record<string, number>> | null>(null);
  const counts = $derived(byHand ?? sets[0]?.counts ?? {});
  const set = $derived(setOf(counts, needMl, sizes));
  const change = (id: string, by: number, free: number) =>
    (byHand = { ...counts, [id]: Math.min(free, Math.max(0, (counts[id] ?? 0) + by)) });
  /** Each with how full it gets, the larger ones first. */
  const filled = $derived.by(() => {
    let left = needMl;
    return [...sizes]
      .sort((a, b) => b.usableMl - a.usableMl || (a.id < b.id ? -1 : 1))
      .flatMap((size) => Array.from({ length: counts[size.id] ?? 0 }, () => size))
      .map((size) => {
        const ml = Math.max(0, Math.min(left, size.usableMl));
        left -= ml;
        return { key: `${size.id}-${left}`, size, share: ml / size.usableMl, g: ml * SAUCE_G_PER_ML };
      });
  });
  const restG = $derived(set.leftMl * SAUCE_G_PER_ML);
  const cold = $derived(house.household.places.filter((p) => p.kind !== 'pantry'));
  // svelte-ignore state_referenced_locally
  let placeId = $state(cold.find((p) => p.kind === 'cold')?.id ?? cold[0]?.id ?? '');
  let rest = $state<'eaten' | 'thrown'>('eaten');
  const keeps = $derived((finishing.brineG ?? 0) - (finishing.backG ?? 0) >= 1);
  let pH = $state('');
  let by = $state<'strip' | 'meter'>('strip');
  /** What is being typed; else what was weighed last, here or on another phone. */
  let typed = $state<string>();
  const weighed = $derived(typed ?? (finishing.sauceG === null ? '' : house.mass(finishing.sauceG)));
  /** So much less than the bowl adds up to is asked after. Our judgement. */
  const MUCH_LESS = 0.85;
  const missingG = $derived(
    finishing.sauceG === null ? 0 : sauceReckonedG(batch, finishing) - finishing.sauceG
  );
  const muchLess = $derived(
    finishing.sauceG !== null && finishing.sauceG < MUCH_LESS * sauceReckonedG(batch, finishing)
  );
  const items = $derived(
    batch.items.map((i) => ({ cropId: i.cropId, cut: 'mash' as const, share: 1 / batch.items.length }))
  );
</script>

<section aria-label="Bottles">
  <h2 class="border-b-2 border-ink pb-1">Bottles</h2>
  <ActionForm
    command="finish"
    values={{ batchId: batch.id }}
    label="Sauce weighed"
    ondone={() => (typed = undefined)}
    class="mt-3 grid grid-cols-[1fr_auto] gap-x-3"
  >
    {#snippet children({ busy, problemAt })}
      <WeightField
        label="The sauce, weighed without its pot"
        name="sauce"
        bind:value={() => weighed, (text) => (typed = text)}
        pad="focus"
        problem={problemAt('sauce')}
        placeholder={house.mass(needMl * SAUCE_G_PER_ML)}
      />
      <Button type="submit" outline class="mt-6 h-12" disabled={busy}>Note it</Button>
    {/snippet}
  </ActionForm>
  {#if muchLess}<p class="heed">
      {house.mass(missingG)} less than the bowl adds up to. Does it stick in the pot, or was it weighed before all
      was in?
    </p>{/if}
  {#if sizes.length === 0}<p class="heed mt-2">
      No jar or bottle is free. Wash one, or say in Kit what you own.
    </p>
  {:else}
    <p class="pt-1"><span class="answer">{house.volume(needMl)}</span> <span class="big">to fill</span></p>
    {#if sets.length > 1}<div class="flex flex-wrap gap-2 pt-2">
        {#each sets as s, i (i)}<Button outline class="min-h-12" onclick={() => (byHand = s.counts)}
            >{sizes
              .filter((z) => (s.counts[z.id] ?? 0) > 0)
              .map((z) => `${s.counts[z.id]} × ${z.jar.name}`)
              .join(', ')}</Button
          >{/each}
      </div>{/if}
    <ul class="pt-2">
      {#each sizes as size (size.id)}
        {@const n = counts[size.id] ?? 0}
        <li class="line flex items-center gap-3">
          <span class="min-w-0 grow"
            >{size.jar.name}
            <span class="text-quiet">{house.volume(size.usableMl)}, {size.free} free</span></span
          >
          <button
            type="button"
            class="size-14 shrink-0 text-2xl font-bold"
            aria-label="One {size.jar.name} fewer"
            disabled={n === 0}
            onclick={() => change(size.id, -1, size.free)}>−</button
          >
          <b class="w-6 shrink-0 text-center text-xl" aria-live="polite">{n}</b>
          <button
            type="button"
            class="size-14 shrink-0 text-2xl font-bold"
            aria-label="One {size.jar.name} more"
            disabled={n >= size.free}
            onclick={() => change(size.id, 1, size.free)}>+</button
          >
        </li>
      {/each}
    </ul>
    {#if filled.length > 0}
      <div class="pt-4">
        <Shelf jars={filled} key={(x) => x.key}>
          {#snippet jar(x)}<Jar
              geometryId={x.size.jar.geometryId}
              lid={x.size.jar.lid}
              usableMl={x.size.usableMl}
              vegRoomMl={x.size.usableMl}
              left={x.share}
              {items}
              scale={0.62}
              text="{x.size.jar.name}, {Math.round(x.share * 100)} % full"
            />{/snippet}
          {#snippet caption(x)}<p class="font-semibold">{house.mass(x.g)}</p>{/snippet}
        </Shelf>
      </div>
    {/if}
    <ActionForm
      command="bottle"
      values={{ batchId: batch.id, counts: JSON.stringify(counts), ...(by === 'meter' ? { by } : {}) }}
      label="Bottle it"
      class="mt-3 flex flex-col gap-3"
      ondone={() => (byHand = null)}
      next={(a) => ({ href: `/notebook/${a.batchId}/labels`, text: 'Lid labels' })}
    >
      {#snippet children({ busy, problemAt })}
        {#if restG >= 1}<div class="flex flex-wrap items-end gap-3">
            <p class="heed grow">{house.mass(restG)} finds no bottle.</p>
            <ChoiceField
              label="It"
              name="rest"
              bind:value={rest}
              items={[
                { value: 'eaten', name: LEFT_OVER_WORDS.eaten },
                { value: 'thrown', name: LEFT_OVER_WORDS.thrown }
              ]}
            />
          </div>{/if}
        <Trouble problem={problemAt('counts')} />
        <div class="grid grid-cols-[1fr_auto] gap-x-3 sm:max-w-md">
          <PHField id="fi-ph" bind:value={pH} bind:by problem={problemAt('pH')} />
        </div>
        <ChoiceField
          label="They go to"
          name="placeId"
          bind:value={placeId}
          items={cold.map((p) => ({ value: p.id, name: p.name }))}
          problem={problemAt('placeId')}
          class="sm:max-w-md"
        />
        {#if keeps}<Checkbox name="keepBrine" checked
            >Keep the brine that did not go back ({house.mass(
              (finishing.brineG ?? 0) - (finishing.backG ?? 0)
            )})</Checkbox
          >{/if}
        <p class="heed text-sm">{LIVE_CAUTION}</p>
        <Button type="submit" class="min-h-14 text-lg" disabled={busy || filled.length === 0}
          >Bottled: {filled.length}</Button
        >
      {/snippet}
    </ActionForm>
  {/if}
</section>
