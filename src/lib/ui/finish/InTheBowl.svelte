<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { Batch, Finishing } from '$lib/core/batch';
  import { dayOfWall } from '$lib/core/calendar';
  import { brineServes, type KnownBrine } from '$lib/core/pantry';
  import { allCrops } from '$lib/core/produce';
  import { writePercent } from '$lib/core/quantity';
  import { BACK_SHARE, BLADE_CAUTION, brineFrom, brineSays, PULP_WORDS, SWEET_CAUTION } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Fold from '../forms/Fold.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  interface Props {
    batch: Batch;
    finishing: Finishing;
    brine: { readonly pouredG: number; readonly strength: number };
    /** Brines that are kept and may go in. */
    kept: readonly KnownBrine[];
  }
  /** Drained, blended, thinned, sieved: what comes into the bowl and what goes out of it, weighed. */
  let { batch, finishing, brine, kept }: Props = $props();
  const house = useHouse();
  const base = $derived({ batchId: batch.id });
  type Weighed = 'brine' | 'back' | 'water' | 'oldBrine' | 'sweet' | 'pulp';
  const written = (g: number | null) => (g === null ? '' : house.mass(g));
  /** What is being typed; what is not stands as it was said last, here or on another phone. */
  let typed = $state.raw<Partial<Record<Weighed, string | undefined>>>({});
  const was = $derived({
    brine: finishing.brineG,
    back: finishing.backG,
    water: finishing.waterG,
    oldBrine: finishing.oldBrine?.g ?? null,
    sweet: finishing.sweetG,
    pulp: finishing.pulpG
  });
  const said = (name: Weighed) => typed[name] ?? written(was[name]);
  const type = (name: Weighed, text: string) => (typed = { ...typed, [name]: text });
  let pulpSaid = $state<Finishing['pulpTo']>();
  const noted = () => {
    typed = { brine: typed.brine };
    pulpSaid = undefined;
    [fresh, freshCropId, oldChosen] = ['', '', undefined];
  };
  let fresh = $state('');
  let freshCropId = $state('');
  const today = $derived(dayOfWall(house.now));
  let oldChosen = $state<string>();
  const oldBrineId = $derived(oldChosen ?? finishing.oldBrine?.brineId ?? '');
  const isMother = (k: KnownBrine) => brineServes(k, today).includes('starter');
  const mothersFirst = $derived([...kept].sort((a, b) => Number(isMother(b)) - Number(isMother(a))));
  const old = $derived(kept.find((k) => k.id === oldBrineId));
  const part = (share: number) => house.mass((finishing.brineG ?? 0) * share);
  const crops = $derived([
    { value: '', name: 'what' },
    ...allCrops(house.crops).map((c) => ({ value: c.id, name: c.name }))
  ]);
</script>

<section aria-label="Drain">
  <h2 class="border-b-2 border-ink pb-1">Drain, and weigh the brine</h2>
  <p class="pt-2 text-quiet">
    {brine.pouredG >= 1
      ? `About ${house.mass(brine.pouredG)} was poured, `
      : 'None was poured; its juice is '}{writePercent(brine.strength)} salt. What does not go back is kept under
    the batch’s name.
  </p>
  <ActionForm
    command="finish"
    values={base}
    label="Brine drained off"
    ondone={() => (typed = { ...typed, brine: undefined })}
    class="mt-2 grid grid-cols-[1fr_auto] gap-x-3"
  >
    {#snippet children({ busy, problemAt })}
      <WeightField
        label="Brine drained off"
        name="brine"
        bind:value={() => said('brine'), (text) => type('brine', text)}
        pad="focus"
        problem={problemAt('brine')}
        placeholder="400 g"
      />
      <Button type="submit" outline class="mt-6 h-12" disabled={busy}>Note it</Button>
    {/snippet}
  </ActionForm>
</section>

<section aria-label="Blend">
  <h2 class="border-b-2 border-ink pb-1">Blend, with brine by taste</h2>
  <p class="heed mt-2 text-sm">{BLADE_CAUTION}</p>
  {#if finishing.brineG}
    <div class="flex flex-wrap gap-2 pt-3">
      {#each [BACK_SHARE.from, 0.4, BACK_SHARE.to] as share (share)}
        <Button outline class="min-h-14" onclick={() => type('back', part(share))}
          >{Math.round(share * 100)} %: {part(share)}</Button
        >
      {/each}
    </div>
  {/if}
  <ActionForm command="finish" values={base} label="Blended" ondone={noted} class="mt-3 flex flex-col gap-1">
    {#snippet children({ busy, problemAt })}
      <div class="grid gap-x-4 sm:grid-cols-2">
        <WeightField
          label="Brine put back"
          name="back"
          bind:value={() => said('back'), (text) => type('back', text)}
          problem={problemAt('back')}
          placeholder="150 g"
        />
        <WeightField
          label="Water, if any"
          name="water"
          bind:value={() => said('water'), (text) => type('water', text)}
          problem={problemAt('water')}
          placeholder="0 g"
        />
      </div>
      {#if kept.length > 0}
        <Fold text="Kept brine into the bowl" open={finishing.oldBrine !== undefined} quiet>
          <p class="text-sm">
            Brine off a sour batch is a mother: it sours the bowl on. Any brine brings its own salt. Measure
            the pH before you bottle.
          </p>
          <div class="grid gap-x-4 pt-2 sm:grid-cols-2">
            <ChoiceField
              label="Which brine"
              name={oldBrineId ? 'oldBrineId' : undefined}
              bind:value={() => oldBrineId, (id) => (oldChosen = id)}
              items={[
                { value: '', name: 'none' },
                ...mothersFirst.map((k) => ({ value: k.id, name: `${k.name}, ${house.volume(k.ml)} there` }))
              ]}
              problem={problemAt('oldBrineId')}
            />
            <WeightField
              label="How much of it"
              name="oldBrine"
              bind:value={
                () => (oldChosen === '' ? (typed.oldBrine ?? '') : said('oldBrine')),
                (text) => type('oldBrine', text)
              }
              problem={problemAt('oldBrine')}
              placeholder="100 g"
            />
          </div>
          {#if old}<p class="text-sm text-quiet">
              {[`${writePercent(old.strength)} salt`, brineFrom(old), brineSays(brineServes(old, today))]
                .filter(Boolean)
                .join('; ')}
            </p>{/if}
        </Fold>
      {/if}
      <Fold text="Sieve it" quiet>
        <div class="grid gap-x-4 sm:grid-cols-2">
          <WeightField
            label="Pulp kept back by the sieve"
            name="pulp"
            bind:value={() => said('pulp'), (text) => type('pulp', text)}
            problem={problemAt('pulp')}
            placeholder="120 g"
          />
          <ChoiceField
            label="The pulp is"
            name="pulpTo"
            bind:value={() => pulpSaid ?? finishing.pulpTo, (to) => (pulpSaid = to)}
            items={[
              { value: 'kept', name: PULP_WORDS.kept },
              { value: 'thrown', name: PULP_WORDS.thrown }
            ]}
          />
        </div>
        <p class="text-sm text-quiet">A fine sieve keeps back 10 to 35 %. The pulp dries to a seasoning.</p>
      </Fold>
      <Fold text="Sweeten it, or add something fresh" quiet>
        <p class="text-sm">{SWEET_CAUTION}</p>
        <div class="grid gap-x-4 pt-2 sm:grid-cols-3">
          <WeightField
            label="Sugar or honey"
            name="sweet"
            bind:value={() => said('sweet'), (text) => type('sweet', text)}
            problem={problemAt('sweet')}
            placeholder="20 g"
          />
          <ChoiceField
            label="Fresh or cooked"
            name={freshCropId ? 'freshCropId' : undefined}
            bind:value={freshCropId}
            items={crops}
            problem={problemAt('freshCropId')}
          />
          <WeightField
            label="How much of it"
            name="fresh"
            bind:value={fresh}
            problem={problemAt('fresh')}
            placeholder="100 g"
          />
        </div>
      </Fold>
      <Button type="submit" class="mt-2 min-h-14 self-start" disabled={busy}>Note what is in the bowl</Button>
    {/snippet}
  </ActionForm>
</section>
