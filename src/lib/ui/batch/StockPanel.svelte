<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button, Input, Label } from 'flowbite-svelte';
  import { verdictsOf } from '$lib/core/care';
  import { EATERS } from '$lib/core/safety';
  import { EATER_WORDS, dayAndYear } from '$lib/words';
  import { inBrine, leftG, stockG, type BatchInHand } from '$lib/core/batch';
  import type { StockJar } from '$lib/core/larder';
  import { quarterG } from '$lib/core/larder';
  import { aheadOf, knowsOf, type TaughtBySouring } from '$lib/core/outlook';
  import type { OwnedSize } from '$lib/core/worksheet';
  import ActionForm from '../forms/ActionForm.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { dialogs } from './dialogs.svelte';
  import StoredSouring from '../outlook/StoredSouring.svelte';
  import Decant from './Decant.svelte';
  import PourInto, { type Other } from './PourInto.svelte';
  import Signs from './Signs.svelte';
  import Verdicts from './Verdicts.svelte';

  /** One jar in the cold: eat, give, throw away a part or the whole; move it. */
  let {
    jar,
    souring,
    free,
    others
  }: {
    jar: Omit<StockJar, 'batch'> & { readonly batch: BatchInHand };
    souring: readonly TaughtBySouring[];
    /** Free jars it may be poured into, smallest first, and what stands beside it. */
    free: readonly OwnedSize[];
    others: readonly Other[];
  } = $props();
  const house = useHouse();
  const f = $derived(jar.filling);
  /** How it sours on; nothing where nobody knows its salt, or where nothing lives in it. */
  const ahead = $derived(
    f.heated ? null : aheadOf(jar.batch, f, knowsOf(house.household, souring), house.now)
  );
  const base = $derived({ batchId: jar.batch.id, fillingId: f.id, seenG: leftG(f) });
  let weight = $state('');
  const verdicts = $derived(
    verdictsOf(jar.batch, house.household.places).filter((v) => v.fillingId === f.id)
  );
  /** The household's own portions that the jar still gives. */
  const portions = $derived(house.household.portions.filter((p) => p.g <= stockG(f) + 0.5));
  /** Who eats here, and wants a word with it. */
  const eaters = $derived(EATERS.filter((e) => house.household.eaters.includes(e)));
</script>

<div class="flex flex-col gap-4">
  <div>
    <h1 class="text-2xl">{jar.batch.name}</h1>
    <p class="text-quiet">jar {f.lidNumber}, {f.jarName}, {house.placeName(jar.placeId)}</p>
  </div>
  <p>
    <span class="answer">{house.mass(stockG(f))}</span>
    <span class="big">{inBrine(f) ? `left, in ${house.mass(leftG(f) - stockG(f))} of brine` : 'left'}</span>
  </p>
  <p>
    {jar.opened ? `Opened; ${jar.quarters} of 4 quarters left.` : 'Not opened yet.'}
    Best before {dayAndYear(jar.best)}, at the longest {dayAndYear(jar.latest)}: quality dates, not safety
    dates. Looks or smells wrong? Throw it out untasted.
  </p>
  {#if f.heated}<p class="text-sm" data-heated>
      Heated {dayAndYear(f.heated.at)} by {f.heated.who}: {f.heated.product}, {f.heated.pack} pack, {f.heated
        .minutes} minutes
      {f.heated.way === 'pressure' ? `at ${f.heated.pressure}` : 'in boiling water'}, by {f.heated.guide},
      {f.heated.edition}. No living culture.
      {#if jar.opened}<b>Opened it belongs in the cold, and is eaten within weeks.</b>{/if}
    </p>{/if}
  {#if ahead && verdicts.length === 0}<StoredSouring {ahead} />{/if}
  {#if verdicts.length > 0}<Verdicts batch={jar.batch} {verdicts} />{/if}
  {#each eaters as e (e)}<p class="heed text-sm">{EATER_WORDS[e].says}</p>{/each}
  {#if verdicts.length === 0}<ActionForm command="portion" values={{ ...base, how: 'eaten' }}>
      {#snippet children({ busy, problemAt })}
        <div class="grid grid-cols-2 gap-2">
          <Button type="submit" name="amount" value="quarter" class="min-h-14" disabled={busy}
            >Eat a quarter</Button
          >
          <Button type="submit" name="amount" value="all" class="min-h-14" outline disabled={busy}
            >Eat it up</Button
          >
        </div>
        <p class="pt-1 text-sm text-quiet">
          A quarter is {house.mass(quarterG(f))}{inBrine(f)
            ? ' of pieces; their brine stays, and goes with the last of them'
            : ''}.
        </p>
        {#if inBrine(f) && !f.heated}<label class="flex min-h-11 items-center gap-2 text-sm"
            ><input
              type="checkbox"
              name="keepBrine"
              class="size-4 rounded border-rule-strong text-primary-700"
            /> Keep its brine when the last is eaten: for a start, a soup, a dressing</label
          >{/if}
        <Trouble problem={problemAt('amount')} />
      {/snippet}
    </ActionForm>
    {#if portions.length > 0}<div class="flex flex-wrap gap-2" role="group" aria-label="Your portions">
        {#each portions as p (p.id)}
          <ActionForm
            command="portion"
            values={{ ...base, how: 'eaten', amount: 'weight', weight: `${p.g} g` }}
          >
            {#snippet children({ busy, problems })}
              <Button type="submit" outline class="min-h-11" disabled={busy}
                >{p.name}, {house.mass(p.g)}</Button
              >
              <Trouble problem={problems[0]} />
            {/snippet}
          </ActionForm>
        {/each}
      </div>{/if}
    <div class="grid grid-cols-2 gap-2">
      <ActionForm command="portion" values={{ ...base, how: 'given', amount: 'all' }}>
        {#snippet children({ busy })}<Button type="submit" outline class="w-full" disabled={busy}
            >Give it away</Button
          >{/snippet}
      </ActionForm>
      <Button outline onclick={() => dialogs.show('move', jar.batch, [f.id])}>Move…</Button>
    </div>
    <p class="text-sm text-quiet">
      Given away: say what is in it{f.heated
        ? ', and by which guide it was heated'
        : ', that it is raw, alive and salty, and that it stays in the fridge'}; the lid label names the
      allergens. Selling needs what your local food rules ask.
    </p>
    <Fold text="A card to go with it, and for whom" quiet>
      <ActionForm command="portion" values={{ ...base, how: 'given', amount: 'all' }} label="Given to">
        {#snippet children({ busy, problemAt })}
          <TextField
            label="For whom (may be left out)"
            id="given-to"
            name="reason"
            problem={problemAt('reason')}
          />
          <div class="mt-2 flex flex-wrap items-center gap-x-5">
            <Button type="submit" outline disabled={busy}>Give it to them</Button>
            <a class="act" href="/notebook/{jar.batch.id}/card/{f.id}">Its card</a>
          </div>
        {/snippet}
      </ActionForm>
    </Fold>{/if}
  {#if verdicts.length === 0 && !f.heated}
    <button class="act self-start" onclick={() => dialogs.show('heat', jar.batch, [f.id])}
      >Heated for the pantry…</button
    >
    <Decant batchId={jar.batch.id} filling={f} {free} />
    <PourInto
      batchId={jar.batch.id}
      filling={f}
      others={others.filter((o) => o.filling.id !== f.id && !o.filling.heated)}
    />
  {/if}
  {#if verdicts.length === 0}<Signs batch={jar.batch} {souring} jarId={f.id} />{/if}
  <Fold text="Another amount" quiet>
    <ActionForm
      command="portion"
      values={{ ...base, amount: 'weight' }}
      ondone={() => (weight = '')}
      label="Another amount"
    >
      {#snippet children({ busy, problemAt })}
        <WeightField
          label="How much"
          name="weight"
          bind:value={weight}
          problem={problemAt('weight')}
          placeholder="150 g"
        />
        <Label for="part-reason">Why, if it is thrown away</Label>
        <Input id="part-reason" name="reason" list="reasons" autocomplete="off" />
        <Trouble problem={problemAt('reason')} />
        <div class="mt-2 flex flex-wrap gap-2">
          <Button type="submit" name="how" value="eaten" outline disabled={busy}>Eaten</Button>
          <Button type="submit" name="how" value="cooked" outline disabled={busy}>Cooked with</Button>
          <Button type="submit" name="how" value="given" outline disabled={busy}>Given</Button>
          <Button type="submit" name="how" value="thrown" outline disabled={busy}>Thrown away</Button>
        </div>
      {/snippet}
    </ActionForm>
  </Fold>
  <Fold text="Throw it away" quiet>
    <ActionForm command="portion" values={{ ...base, amount: 'all', how: 'thrown' }}>
      {#snippet children({ busy, problemAt })}
        <Label for="reason">Why</Label>
        <Input
          id="reason"
          name="reason"
          list="reasons"
          autocomplete="off"
          placeholder="mould, soft, too long"
        />
        <datalist id="reasons"
          >{#each ['mould', 'soft', 'slimy', 'bad smell', 'too salty', 'kept too long'] as r (r)}<option
              value={r}
            ></option>{/each}</datalist
        >
        <Trouble problem={problemAt('reason')} />
        <Button type="submit" outline class="mt-2" disabled={busy}>Throw it away</Button>
      {/snippet}
    </ActionForm>
  </Fold>
  <a class="act" href="/notebook/{jar.batch.id}">Its record</a>
</div>
