<script lang="ts">
  import { Button, Checkbox, Input, Label, Select } from 'flowbite-svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import {
    allCrops,
    keepsRaw,
    pickedOfCount,
    preparedFrom,
    trimKey,
    type Kept,
    type Quality
  } from '$lib/core/produce';
  import { readCount, readQuantity } from '$lib/core/reading';
  import { plusMinus, together, type Spread } from '$lib/core/quantity';
  import { FIRST_BENCH } from '$lib/core/lot';
  import type { Answer } from '$lib/schema/commands';
  import type { ReadOf } from '$lib/schema/reads';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { lookAgain } from '../house/look-again';
  import { read, send } from '../house/send';
  import { toasts } from '../house/toasts.svelte';
  import ByTare from './ByTare.svelte';
  import { weighIn } from './weigh-in.svelte';
  import WeighMore from './WeighMore.svelte';

  const house = useHouse();
  const recent = $derived(
    (page.data.recentCrops as string[] | undefined) ?? [
      'cabbage-pointed',
      'cucumber-small',
      'kohlrabi',
      'carrot',
      'pepper-wax'
    ]
  );
  const options = $derived(allCrops(house.crops).map((c) => ({ value: c.id, name: c.name })));

  let cropId = $state('');
  let weight = $state('');
  let gross = $state('');
  let tare = $state('');
  let byTare = $state(false);
  let withTops = $state(false);
  let quality = $state<Quality>('sound');
  let kept = $state<Kept>('room');
  let bed = $state('');
  let toBench = $state(false);
  // Taken on at once, it goes to the bench that one stands at.
  const bench = $derived(
    page.url.pathname === '/bench' ? String(page.data.bench ?? FIRST_BENCH) : FIRST_BENCH
  );
  let day = $state('');
  let form = $state<HTMLElement>();

  // What the household's own picks have taught, asked for when the pad opens.
  let learnt = $state<ReadOf<'learnt'> | null>(null);
  $effect(() => {
    if (!weighIn.open) return;
    void read('learnt').then((said) => (learnt = said.ok ? said.answer : null));
  });

  const kind = $derived(house.crop(cropId));
  const ownPiece = $derived(learnt?.pieces[cropId]);
  const unit = $derived(house.household.units === 'metric' ? 'g' : 'oz');
  /** What was picked, as typed: a weight, gross less tare, or a count with its spread. */
  const picked = $derived.by((): Spread | null => {
    const typed = (t: string) => {
      const r = readQuantity(t, { kind: 'mass', unit, system: house.household.spoons });
      return r.ok ? r.value.value : NaN;
    };
    const g = byTare ? typed(gross) - typed(tare) : typed(weight);
    const count = !byTare && Number.isNaN(g) && kind ? readCount(weight, kind, house.crops) : null;
    if (kind && count?.ok) return pickedOfCount(count.value, kind, withTops, ownPiece);
    return g > 0 ? { mean: g, sd: 0 } : null;
  });
  const grams = $derived(picked?.mean ?? 0);
  const estimate = $derived.by(() => {
    if (!kind || !picked) return null;
    const own = learnt?.trims[trimKey(kind.id, withTops)];
    const est = own
      ? { mean: picked.mean * own.mean, sd: picked.mean * own.sd }
      : preparedFrom(picked.mean, kind, withTops);
    return { mean: est.mean, sd: together(est.sd, (picked.sd * est.mean) / picked.mean) };
  });

  function clear(): void {
    [weight, gross, tare] = ['', '', ''];
    withTops = false;
    quality = 'sound';
  }

  async function after({ lotId }: Answer<'weigh-in'>): Promise<void> {
    clear();
    // The pad goes once it is known where to: what closes by hand goes back in the history, which would call the way on off.
    const taken = toBench && (await send('take-to-bench', { lotId, bench }));
    weighIn.open = false;
    if (!taken) return;
    if (!taken.ok)
      toasts.say('It is weighed in, but still in the Garden.', {
        tone: 'trouble',
        more: 'Take it to the bench from there.'
      });
    if (String(page.url.pathname) === '/bench') await lookAgain();
    else await goto(`/bench?bench=${bench}`, { invalidateAll: true });
  }
</script>

<Sheet bind:open={weighIn.open} title="Weigh in" size="md">
  <ActionForm
    command="weigh-in"
    keep="weigh-in"
    ondone={(d) => after(d.answer)}
    next={toBench ? null : { href: `/garden/basket?crop=${cropId}`, text: 'What to do with it' }}
    label="Weigh in a pick"
  >
    {#snippet children({ busy, problemAt })}
      <div class="grid gap-x-6 gap-y-3 md:grid-cols-2" bind:this={form}>
        <div class="md:col-span-2">
          <Label for="crop">What</Label>
          <Select
            id="crop"
            name="cropId"
            bind:value={cropId}
            items={options}
            placeholder="Choose a crop"
            aria-invalid={problemAt('cropId') ? 'true' : undefined}
          />
          <div class="flex flex-wrap gap-x-4" role="group" aria-label="Picked lately">
            {#each recent.slice(0, 5) as id (id)}
              <button
                type="button"
                class={['min-h-11 text-sm underline underline-offset-4', cropId === id && 'font-bold']}
                aria-pressed={cropId === id}
                onclick={() => (cropId = id)}>{house.crop(id)?.name}</button
              >
            {/each}
          </div>
          <Trouble problem={problemAt('cropId')} />
          <a
            href="/kit#crops"
            class="inline-block min-h-11 content-center text-sm underline underline-offset-4"
            onclick={() => (weighIn.open = false)}>It is not in the list</a
          >
        </div>

        <div class="md:col-span-2">
          {#if byTare}
            <ByTare bind:gross bind:tare {unit} {problemAt} />
          {:else}
            <WeightField
              label="Weight"
              name="weight"
              problem={problemAt('weight')}
              bind:value={weight}
              countOf={kind}
              own={ownPiece}
              {unit}
              big
              pad
            />
          {/if}
          <input type="hidden" name="unit" value={unit} />
          <button
            type="button"
            class="min-h-11 text-sm underline underline-offset-4"
            onclick={() => (byTare = !byTare)}
            >{byTare ? 'Weight without the bowl' : 'With the bowl on the scale'}</button
          >
        </div>

        <p class="min-h-12 text-sm md:col-span-2" aria-live="polite">
          {#if kind && estimate}
            <b>{house.mass(grams)}</b> of {kind.name.toLowerCase()} gives about
            <b>{house.mass(estimate.mean)}</b>
            prepared, ± {house.mass(plusMinus(estimate))}, and keeps raw about {keepsRaw(kind, kept, quality)} days.
          {:else}
            <span class="text-quiet"
              >Any unit: 3 kg 400 g, 1 195 g, 2 lb 3 oz; or a count: 7 peppers, half a head.</span
            >
          {/if}
        </p>

        <div>
          <Label for="bed">Bed</Label>
          <Input id="bed" name="bed" bind:value={bed} list="beds" autocomplete="off" placeholder="Long bed" />
          <datalist id="beds"
            >{#each house.household.beds as b (b)}<option value={b}></option>{/each}</datalist
          >
          <Trouble problem={problemAt('bed')} />
        </div>
        <TextField label="Variety" id="variety" name="variety" problem={problemAt('variety')} />
        <ChoiceField
          label="Condition"
          id="quality"
          name="quality"
          bind:value={quality}
          items={[
            { value: 'sound', name: 'sound' },
            { value: 'trim', name: 'some to cut away' },
            { value: 'cull', name: 'many soft or spotted' }
          ]}
        />
        <ChoiceField
          label="Waits"
          id="kept"
          name="kept"
          bind:value={kept}
          items={[
            { value: 'room', name: `in the kitchen, about ${house.temp(20)}` },
            { value: 'cold', name: `in a bag at ${house.temp(4)}` }
          ]}
        />
        {#if kind?.trimWithTops !== null && kind}
          <div class="md:col-span-2">
            <Checkbox name="withTops" bind:checked={withTops}>Weighed with its leaves on</Checkbox>
          </div>
        {/if}
        <WeighMore bind:day piece={kind?.piece} {problemAt} />
        <div class="sticky bottom-0 -mx-1 flex gap-3 bg-paper px-1 pt-2 pb-1 md:col-span-2">
          <Button type="submit" disabled={busy} onclick={() => (toBench = true)}
            >Weigh in, to the bench</Button
          >
          <Button type="submit" outline disabled={busy} onclick={() => (toBench = false)}>Weigh in</Button>
        </div>
      </div>
    {/snippet}
  </ActionForm>
</Sheet>
