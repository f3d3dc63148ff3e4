<script lang="ts">
  import { Checkbox } from 'flowbite-svelte';
  import { daysBetween, dayOfWall } from '$lib/core/calendar';
  import { brineFrom, lastingWords, STEP_WORDS, waterWords } from '$lib/words';
  import { brineServes, type KnownBrine } from '$lib/core/pantry';
  import { plain, unitFor, writePercent, writeSalt } from '$lib/core/quantity';
  import type { BrineToMix, Worksheet } from '$lib/core/worksheet';
  import { useHouse } from '../house/house.svelte';
  import type { Bench } from './bench.svelte';
  import { timers } from '../timer/timers.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';

  /** How the brine is made: jug or jar, cold or hot, from what is there already, with which water. */
  let { bench, sheet, brines }: { bench: Bench; sheet: Worksheet; brines: readonly KnownBrine[] } = $props();
  const house = useHouse();
  const water = $derived(waterWords(house.household.waterId));
  const cupMl = $derived(unitFor('cup', house.household.spoons)?.factor ?? 250);
  const cups = (b: BrineToMix) => plain(Math.round((b.waterMl / cupMl) * 4) / 4, 2);
  const age = (b: KnownBrine) => daysBetween(b.day, dayOfWall(house.now));
  /** Whether it brings a flora that sours what it is poured into. */
  const startsWith = (b: KnownBrine) =>
    brineServes(b, dayOfWall(house.now)).includes('starter')
      ? 'a starter'
      : 'no starter: only of a sound batch that was read sour, within a month';
  const time = (minutes: number) =>
    minutes < 90
      ? `${Math.round(minutes / 5) * 5} minutes`
      : `${plain(Math.round(minutes / 30) / 2, 1)} hours`;
  const timeCooling = ({ coolsMinutes }: BrineToMix) =>
    timers.set({
      name: 'Brine cools',
      lasts: lastingWords(Math.round((coolsMinutes ?? 0) / 5) * 5),
      next: STEP_WORDS.pour
    });
  const toggle = (id: string, on: boolean) =>
    bench.choose({ brineIds: on ? [...bench.brineIds, id] : bench.brineIds.filter((b) => b !== id) });
</script>

{#if sheet.brine}
  {@const brine = sheet.brine}
  <section aria-label="The brine" class="flex flex-col gap-1 text-sm">
    <h2 class="border-b border-rule-strong pb-1 text-base">The brine</h2>
    {#if brine.mix === 'jug'}
      <p>
        <b>{house.volume(brine.waterMl)} water</b>, {house.mass(brine.waterG)} on the scale, {cups(brine)} cups
        of {Math.round(cupMl)} ml; <b>{writeSalt(brine.saltG)} salt</b> stirred in. {writePercent(
          brine.strengthByWater
        )} of the water.
      </p>
    {:else}
      <p>
        Salt into each jar, as its card says, then water to the fill line; turn it until the salt is gone.
        {house.volume(brine.waterMl)} water in all, none to spare.
      </p>
    {/if}
    {#each brine.fromSaved as b (b.id)}
      <p>With {house.volume(b.ml)} of {b.name}, which brings {writeSalt(b.naclG)} of pure salt.</p>
    {/each}
    {#if brine.coolsMinutes !== null}
      <p class="heed">
        Boiled, it is cool enough after about {time(brine.coolsMinutes)}. Poured hot: warm jar, a cloth
        beneath, slowly; cold glass cracks.
        <button
          class="no-print min-h-11 px-1 underline underline-offset-4"
          aria-label="Time the cooling"
          onclick={() => timeCooling(brine)}>time it</button
        >
      </p>
    {/if}
    <p class="text-quiet">
      Water: {water.name}. {water.says}
      <a class="underline underline-offset-4" href="/kit#settings">Change it in Kit.</a>
    </p>
    <div class="no-print grid grid-cols-2 items-end gap-x-4">
      <ChoiceField
        label="Mixed"
        id="mix"
        value={bench.mix}
        items={[
          { value: 'jug', name: 'in a jug, some to spare' },
          { value: 'in the jar', name: 'in the jar: salt, then water' }
        ]}
        onchange={(mix) => bench.choose({ mix })}
      />
      <Checkbox checked={bench.hot} onchange={(e) => bench.choose({ hot: e.currentTarget.checked })}
        >Boiled, hot brine</Checkbox
      >
    </div>
    {#if brines.length > 0}
      <p class="no-print pt-1 font-semibold">Brine that is there already:</p>
      {#each brines as b (b.id)}
        <Checkbox
          checked={bench.brineIds.includes(b.id)}
          onchange={(e) => toggle(b.id, e.currentTarget.checked)}
          >{b.name}: {house.volume(b.ml)} of {writePercent(b.strength)}, {age(b) === 0
            ? 'from today'
            : `${age(b)} day${age(b) === 1 ? '' : 's'} old`}{b.from === 'batch'
            ? ['', brineFrom(b), startsWith(b)].filter((t, i) => i === 0 || t !== '').join('; ')
            : ''}</Checkbox
        >
      {/each}
    {/if}
  </section>
{/if}
{#if sheet.bags}
  <p class="text-sm">
    Water bag{sheet.bags.bags > 1 ? 's' : ''}: {sheet.bags.bags} × {house.volume(sheet.bags.eachMl)} of brine as
    strong as the batch, {house.volume(sheet.bags.waterG)} water with {writeSalt(sheet.bags.saltG)} salt in all,
    so that a leak changes nothing.
  </p>
{/if}
