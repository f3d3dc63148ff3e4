<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { dayOfWall, wall } from '$lib/core/calendar';
  import ActionForm from '$lib/ui/forms/ActionForm.svelte';
  import Fold from '$lib/ui/forms/Fold.svelte';
  import TextField from '$lib/ui/forms/TextField.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import CropsAhead from '$lib/ui/sowing/CropsAhead.svelte';
  import SowingForm from '$lib/ui/sowing/SowingForm.svelte';
  import { relativeDay } from '$lib/ui/time';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const today = $derived(dayOfWall(house.now));
  const name = (cropId: string) => house.crop(cropId)?.name ?? cropId;
  const day = (d: string) => relativeDay(wall(d, 12), house.now);
  const weeks = (n: number) => `${n} week${n === 1 ? '' : 's'}`;
  const growing = $derived(data.sowings.filter((s) => !s.over));
  const earlier = $derived(data.sowings.filter((s) => s.over));
  let changing = $state<string | null>(null);
  const much = (s: (typeof data.sowings)[number]) =>
    s.g !== null ? 'as you say' : s.metres !== null ? `${s.metres} m` : `${s.plants} plants`;
</script>

{#snippet row(s: (typeof data.sowings)[number])}
  <li class="line">
    <div class="flex flex-wrap items-baseline justify-between gap-x-4">
      <p>
        <b class="text-lg">{name(s.cropId)}{s.variety ? `, ${s.variety}` : ''}</b>
        <span class="text-quiet"
          >{[s.bed, much(s), `${s.planted ? 'planted' : 'sown'} ${day(s.day)}`]
            .filter(Boolean)
            .join(', ')}</span
        >
      </p>
      <p>
        <b class="big">{s.givesG < 1 ? 'nothing: the frost comes first' : house.mass(s.givesG)}</b>
        {s.firstPick > today ? 'from' : 'since'}
        {day(s.firstPick)}{s.lateWeeks === 0
          ? ''
          : `, ${weeks(Math.abs(s.lateWeeks))} ${s.lateWeeks > 0 ? 'late' : 'early'}`}
      </p>
    </div>
    <div class="no-print flex flex-wrap gap-x-5">
      <button
        class="act"
        aria-label="{changing === s.id ? 'leave' : 'change'} {name(s.cropId)}"
        onclick={() => (changing = changing === s.id ? null : s.id)}
        >{changing === s.id ? 'leave it' : 'change'}</button
      >
      <ActionForm command="drop-sowing" values={{ sowingId: s.id }}>
        {#snippet children({ busy })}<button class="act" disabled={busy} aria-label="Remove {name(s.cropId)}"
            >remove</button
          >{/snippet}
      </ActionForm>
    </div>
    {#if changing === s.id}<SowingForm sowing={s} ondone={() => (changing = null)} />{/if}
  </li>
{/snippet}

<svelte:head><title>Beds and sowings · Crockle</title></svelte:head>

<p class="no-print"><a class="act" href="/garden">Garden</a></p>
<h1>Beds and sowings</h1>
<p class="max-w-prose text-quiet">
  What grows, and what it will bring week by week. What nobody says is asked of the table; what you pick
  corrects the rest.
</p>

<section class="mt-6">
  <h2 class="border-b-2 border-ink pb-1">In the beds</h2>
  <ul>
    {#each growing as s (s.id)}{@render row(s)}
    {:else}<li class="py-2 text-quiet">Nothing is written down yet. Say what you sowed or planted.</li>{/each}
  </ul>
  {#if earlier.length > 0}<Fold text="Earlier seasons: they teach what a bed gives here" quiet>
      <ul>
        {#each earlier as s (s.id)}{@render row(s)}{/each}
      </ul>
    </Fold>{/if}
  <Fold text="Sow or plant something" open={data.sowings.length === 0}><SowingForm /></Fold>
  <Fold
    text={data.frost
      ? `First frost about ${day(`${today.slice(0, 4)}-${data.frost}`)}`
      : 'When is the first frost?'}
    quiet
  >
    <ActionForm command="say-frost" class="flex flex-wrap items-end gap-3 py-2" label="First frost">
      {#snippet children({ busy, problemAt })}
        <TextField
          label="Usually about"
          id="frost"
          name="day"
          type="date"
          value={data.frost ? `${today.slice(0, 4)}-${data.frost}` : ''}
          problem={problemAt('day')}
        />
        <Button type="submit" outline disabled={busy}>Save</Button>
      {/snippet}
    </ActionForm>
    <p class="text-sm text-quiet">It ends what is tender: beans, gherkins, peppers, tomatoes.</p>
  </Fold>
</section>

{#if data.ahead.length > 0}
  <section class="mt-8" id="ahead">
    <h2 class="border-b-2 border-ink pb-1">What they will bring</h2>
    <CropsAhead ahead={data.ahead} />
  </section>
{/if}
