<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { onDestroy } from 'svelte';
  import { wall } from '$lib/core/calendar';
  import { mondayAhead, SERVING_G } from '$lib/core/season';
  import {
    betterSays,
    fullSays,
    oneMoreSays,
    planSays,
    provenSays,
    shortDay,
    yearsSay,
    type PlanWays
  } from '$lib/words';
  import TextField from '$lib/ui/forms/TextField.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import HowFull from '$lib/ui/plan/HowFull.svelte';
  import { PlanSearch, YEARS } from '$lib/ui/plan/plan.svelte';
  import RunsShort from '$lib/ui/plan/RunsShort.svelte';
  import ThisWeek from '$lib/ui/plan/ThisWeek.svelte';
  import WeeksAhead from '$lib/ui/plan/WeeksAhead.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const search = new PlanSearch();
  onDestroy(() => search.stop());
  /** Planned anew when the season is another one, not whenever the page looks again. */
  const asked = $derived(JSON.stringify(data.input));
  const anything = $derived(data.input.styles.length > 0);
  $effect(() => {
    if (anything) void search.ask(JSON.parse(asked) as typeof data.input);
  });
  const ways = $derived<PlanWays>({
    mass: house.mass,
    week: (t) => shortDay(wall(mondayAhead(data.today, t), 12))
  });
  const PLACES: Readonly<Record<string, string>> = {
    counter: 'the counter',
    cold: 'the cold',
    cellar: 'the cellar'
  };
  const placeOrJar = (id: string) => PLACES[id] ?? house.household.jars.find((j) => j.id === id)?.name ?? id;
  const found = $derived(search.found);
  const better = $derived(found && search.plain ? betterSays(search.plain, found.facts, ways) : '');
  const proven = $derived(found && !search.looking ? provenSays(found.facts.points, found.bound) : '');
  const more = $derived(
    [...search.jars].flatMap(([id, worth]) => {
      const says = oneMoreSays(worth, ways);
      const name = house.household.jars.find((j) => j.id === id)?.name ?? id;
      return says ? [{ id, says: `One more ${name} would ${says}.` }] : [];
    })
  );
</script>

<svelte:head><title>What to make of it · Crockle</title></svelte:head>

<h1>What to make of it</h1>
{#if !anything}
  <p class="mt-3 max-w-prose text-lg">
    {#if data.input.sizes.length === 0}There are no jars to plan with. <a class="act" href="/kit"
        >Say which there are</a
      >.{:else}Nothing lies in the Garden, and nobody has said what grows.
      <a class="act" href="/garden/beds">Beds and sowings</a>{/if}
  </p>
{:else}
  <div role="status" aria-live="polite">
    {#if found}
      <p class="mt-2 max-w-prose text-lg" data-plan={search.looking ? 'looking' : 'settled'}>
        {planSays(found.facts, found.plan.batches.length, ways)}
      </p>
      <p class="text-quiet">
        {search.looking
          ? `Looking for a better plan${better ? `; so far, ${better} than by going week by week` : ' …'}`
          : [better ? `Against going week by week, ${better}.` : '', proven].filter(Boolean).join(' ')}
      </p>
    {:else}<p class="mt-2 text-lg">Laying out the season …</p>{/if}
  </div>
  {#if search.looking && found}
    <button class="act no-print" onclick={() => search.enough()}>Enough: take this one</button>
  {/if}
  {#if found}
    <div class="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-2">
      <div class="grid content-start gap-8">
        <section aria-labelledby="this-week">
          <h2 id="this-week" class="border-b-2 border-ink pb-1">Begin this week</h2>
          <ThisWeek
            input={data.input}
            plan={found.plan}
            whys={search.whys}
            {ways}
            lots={data.lots}
            bench={data.bench}
          />
        </section>
        <section aria-labelledby="after">
          <h2 id="after" class="border-b-2 border-ink pb-1">The weeks after</h2>
          <WeeksAhead input={data.input} plan={found.plan} {ways} />
        </section>
      </div>
      <div class="grid content-start gap-8">
        <section aria-labelledby="full">
          <h2 id="full" class="border-b-2 border-ink pb-1">How full it gets</h2>
          <HowFull input={data.input} plan={found.plan} facts={found.facts} today={data.today} />
          {#each more as m (m.id)}<p class="pt-2">{m.says}</p>{/each}
        </section>
        <section aria-labelledby="short">
          <h2 id="short" class="border-b-2 border-ink pb-1">What comes to the table</h2>
          <RunsShort input={data.input} facts={found.facts} {ways} />
        </section>
        <section aria-labelledby="years">
          <h2 id="years" class="border-b-2 border-ink pb-1">In other years</h2>
          {#if search.years}
            <p class="pt-2">{yearsSay(search.years, ways)}</p>
            <p>{fullSays(search.years, placeOrJar)}</p>
            <p class="pt-1 text-sm text-quiet">
              Played through {search.years.n} years of better and worse picks, as people go on when the weather
              does not keep to the plan. Planning anew as it comes does better.
            </p>
          {:else if search.passed !== null}
            <p class="pt-2 text-quiet">Playing it through other years: {search.passed} of {YEARS} …</p>
          {:else}
            <p class="pt-2 text-quiet">{search.looking ? 'Once it is laid out.' : 'Not played through.'}</p>
          {/if}
        </section>
        <section aria-labelledby="hands" class="no-print">
          <h2 id="hands" class="border-b-2 border-ink pb-1">Another way to have it</h2>
          <form method="GET" class="flex flex-wrap items-end gap-4 pt-3">
            <TextField
              label="Hours a week for it"
              name="hours"
              inputmode="decimal"
              value={String(data.hands.hours)}
              class="w-40"
            />
            <TextField
              label="Batches a week at most"
              name="batches"
              inputmode="numeric"
              value={String(data.hands.batches)}
              class="w-40"
            />
            <Button type="submit" color="alternative">Lay it out so</Button>
          </form>
        </section>
      </div>
    </div>
    <p class="mt-8 max-w-prose text-sm text-quiet">
      Picks by what the beds are expected to bring, what is eaten by what was eaten so far, a serving taken as {house.mass(
        SERVING_G
      )}. Whole jars for six weeks; what lies farther off is only a direction. Every figure is a guess that
      gets better as you weigh and eat.
    </p>
  {/if}
{/if}
