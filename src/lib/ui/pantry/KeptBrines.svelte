<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import { dayOfWall, daysBetween, wall } from '$lib/core/calendar';
  import { brineServes, brineUseBy, type KnownBrine } from '$lib/core/pantry';
  import { plain, writePercent } from '$lib/core/quantity';
  import { brineFrom, brineSays } from '$lib/words';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import BrineShown from '../meter/BrineShown.svelte';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';

  /** Brine made ahead or left over: strength, age, where it comes from. The Bench offers it to the next batch. */
  let { brines }: { brines: readonly KnownBrine[] } = $props();
  const house = useHouse();
  let strength = $state('');
  const today = $derived(dayOfWall(house.now));
</script>

<section aria-label="Brine">
  <h2 class="border-b-2 border-ink pb-1">Brine</h2>
  <ul>
    {#each brines as b (b.id)}
      {@const left = daysBetween(today, brineUseBy(b))}
      <li class="line">
        <p class="flex flex-wrap justify-between gap-x-4">
          <b>{b.name}</b><span>{house.volume(b.ml)} of {writePercent(b.strength)}</span>
        </p>
        <p class="text-sm text-quiet">
          {[brineFrom(b), brineSays(brineServes(b, today))].filter(Boolean).join('; ')}
        </p>
        <div class="flex flex-wrap items-center justify-between gap-x-4 text-sm">
          <span class={left < 0 ? 'text-heed' : 'text-quiet'}
            >{b.from === 'batch' ? 'drained' : 'mixed'}
            {relativeDay(wall(b.day, 12), house.now)}; {left < 0
              ? 'older than it should be: pour it away'
              : left === 0
                ? 'use it today'
                : `use within ${left} day${left === 1 ? '' : 's'}`}</span
          >
          <ActionForm command="take-brine" values={{ brineId: b.id }}>
            {#snippet children({ busy })}<button
                class="min-h-11 underline underline-offset-4"
                disabled={busy}
                aria-label="Used up or poured away: {b.name}">used up, poured away</button
              >{/snippet}
          </ActionForm>
        </div>
      </li>
    {:else}<li class="py-2 text-quiet">None is kept.</li>{/each}
  </ul>
  <Fold text="Save a brine">
    <ActionForm
      command="keep-brine"
      class="grid gap-3 py-2"
      label="Save a brine"
      ondone={() => (strength = '')}
    >
      {#snippet children({ busy, problemAt })}
        <TextField
          label="Name"
          id="b-name"
          name="name"
          problem={problemAt('name')}
          placeholder="Brine off the kraut"
        />
        <div class="grid grid-cols-2 gap-3">
          <TextField
            label="How much"
            id="b-amount"
            name="amount"
            problem={problemAt('amount')}
            placeholder="1.5 l"
          />
          <TextField
            label="Salt in the brine, %"
            id="b-strength"
            name="strengthPercent"
            problem={problemAt('strengthPercent')}
            placeholder="5"
            inputmode="decimal"
            bind:value={strength}
          />
        </div>
        <BrineShown id="b-shown" onuse={(b) => (strength = plain(b * 100, 2))} />
        <p class="text-sm text-quiet">
          50 g of salt and 950 g of water are 5 %. Drained from a batch? Name the batch, and give the salt it
          settled at.
        </p>
        <div><Button type="submit" outline disabled={busy}>Save</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
</section>
