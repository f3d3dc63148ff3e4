<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { wall } from '$lib/core/calendar';
  import { mondayAhead, SERVING_G } from '$lib/core/season';
  import { weekOf } from '$lib/core/sowing';
  import {
    betterSays,
    changeSays,
    fullSays,
    oneMoreSays,
    planSays,
    provenSays,
    shortDay,
    yearsSay,
    type PlanWays
  } from '$lib/words';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import AddStart from '$lib/ui/plan/AddStart.svelte';
  import Basket from '$lib/ui/plan/Basket.svelte';
  import ByHand from '$lib/ui/plan/ByHand.svelte';
  import KeepPlan from '$lib/ui/plan/KeepPlan.svelte';
  import KeptTo from '$lib/ui/plan/KeptTo.svelte';
  import Matters from '$lib/ui/plan/Matters.svelte';
  import { jarNames } from '$lib/ui/plan/names';
  import NextYear from '$lib/ui/plan/NextYear.svelte';
  import SeasonPicture from '$lib/ui/plan/picture/SeasonPicture.svelte';
  import { seasonSearch, YEARS } from '$lib/ui/plan/plan.svelte';
  import RunsShort from '$lib/ui/plan/RunsShort.svelte';
  import ThisWeek from '$lib/ui/plan/ThisWeek.svelte';
  import WeekHands from '$lib/ui/plan/WeekHands.svelte';
  import WeeksAhead from '$lib/ui/plan/WeeksAhead.svelte';
  import WhatIf from '$lib/ui/plan/WhatIf.svelte';
  import Wishes from '$lib/ui/plan/Wishes.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const search = seasonSearch();
  onDestroy(() => search.leave());
  /** Planned anew when the season is another one, not whenever the page looks again. */
  const asked = $derived(JSON.stringify(data.input));
  const anything = $derived(data.input.styles.length > 0);
  $effect(() => {
    // What the search has found is no reason to ask again.
    const input = JSON.parse(asked) as typeof data.input;
    if (anything) untrack(() => void search.ask(input, weekOf(data.today)));
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
  const jarName = $derived(jarNames(house.household));
  const placeOrJar = (id: string) => PLACES[id] ?? jarName(id);
  const found = $derived(search.found);
  const better = $derived(
    found && search.plain && !search.stale ? betterSays(search.plain.facts, found.facts, ways) : ''
  );
  const proven = $derived(found && !search.looking ? provenSays(found.facts.points, found.bound) : '');
  const more = $derived(
    [...search.jars].flatMap(([id, worth]) => {
      const says = oneMoreSays(worth, ways);
      return says ? [{ id, says: `One more ${jarName(id)} would ${says}.` }] : [];
    })
  );
</script>

<svelte:head><title>What to make of it · Crockle</title></svelte:head>

<div class="sheet">
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
          {search.stale
            ? 'Laying it out anew …'
            : search.looking
              ? `Looking for a better plan${better ? `; so far, ${better} than by going week by week` : ' …'}`
              : [better ? `Against going week by week, ${better}.` : '', proven].filter(Boolean).join(' ')}
        </p>
        {#if search.before && !search.looking}
          <p data-change>Against the plan before: {changeSays(search.before, found.facts, ways)}.</p>
        {/if}
      {:else}<p class="mt-2 text-lg">Laying out the season …</p>{/if}
    </div>
    {#if search.looking && found && !search.stale}
      <button class="act no-print" onclick={() => search.enough()}>Enough: take this one</button>
    {/if}
    {#if found}
      <KeepPlan
        input={found.of}
        plan={found.plan}
        today={data.today}
        kept={data.kept}
        settled={!search.looking}
      />
      <div class="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)] print:block">
        <div
          class="starts grid grid-cols-[minmax(0,1fr)] content-start gap-8 print:block print:columns-3 print:gap-6"
        >
          <section aria-labelledby="this-week">
            <h2 id="this-week" class="border-b-2 border-ink pb-1">Begin this week</h2>
            <ThisWeek
              input={found.of}
              plan={found.plan}
              whys={search.whys}
              {ways}
              lots={data.lots}
              bench={data.bench}
              today={data.today}
              held={data.said.held}
            />
          </section>
          {#if data.lots.length > 0}
            <section aria-labelledby="basket" class="no-print">
              <h2 id="basket" class="border-b-2 border-ink pb-1">What lies in the Garden</h2>
              <Basket input={found.of} plan={found.plan} others={search.others} {ways} />
            </section>
          {/if}
          <section aria-labelledby="after">
            <h2 id="after" class="border-b-2 border-ink pb-1">The weeks after</h2>
            <WeeksAhead
              input={found.of}
              plan={found.plan}
              {ways}
              today={data.today}
              held={data.said.held}
              years={search.years}
            />
            <AddStart input={found.of} today={data.today} />
          </section>
          {#if data.said.held.length + data.said.barred.length > 0}
            <section aria-labelledby="by-hand" class="no-print">
              <h2 id="by-hand" class="border-b-2 border-ink pb-1">Said by hand</h2>
              <ByHand input={found.of} plan={found.plan} today={data.today} said={data.said} />
            </section>
          {/if}
          {#if data.keptTo.length > 0}
            <section aria-labelledby="kept-to" class="no-print">
              <h2 id="kept-to" class="border-b-2 border-ink pb-1">What came of the plan</h2>
              <KeptTo all={data.keptTo} />
            </section>
          {/if}
        </div>
        <div class="no-print grid grid-cols-[minmax(0,1fr)] content-start gap-8">
          <section aria-labelledby="full">
            <h2 id="full" class="border-b-2 border-ink pb-1">The season, week by week</h2>
            <SeasonPicture
              input={found.of}
              plan={found.plan}
              facts={found.facts}
              past={data.past}
              today={data.today}
            />
            {#each more as m (m.id)}<p class="pt-2">{m.says}</p>{/each}
          </section>
          <section aria-labelledby="short">
            <h2 id="short" class="border-b-2 border-ink pb-1">What comes to the table</h2>
            <RunsShort input={found.of} facts={found.facts} {ways} />
            <Wishes
              input={found.of}
              wishes={data.said.wishes}
              wishesAt={data.said.wishesAt}
              today={data.today}
            />
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
              <p class="pt-2 text-quiet">
                {search.looking || search.explaining ? 'Once it is laid out.' : 'Not played through.'}
              </p>
            {/if}
          </section>
          {#if data.toSow.length > 0}
            <section aria-labelledby="next-year">
              <h2 id="next-year" class="border-b-2 border-ink pb-1">To sow for next year</h2>
              <NextYear all={data.toSow} />
            </section>
          {/if}
          <section aria-labelledby="hands" class="no-print">
            <h2 id="hands" class="border-b-2 border-ink pb-1">Another way to have it</h2>
            <Matters matters={data.said.matters} />
            <WeekHands hands={data.hands} />
            {#if !search.looking}<WhatIf
                input={found.of}
                plan={found.plan}
                facts={found.facts}
                today={data.today}
              />{/if}
          </section>
        </div>
      </div>
      <p class="no-print mt-8 max-w-prose text-sm text-quiet">
        Picks by what the beds are expected to bring, what is eaten by what was eaten so far, a serving taken
        as {house.mass(SERVING_G)}. Whole jars for six weeks; what lies farther off is only a direction. Every
        figure is a guess that gets better as you weigh and eat.
      </p>
    {/if}
  {/if}
</div>

<style>
  /* For the kitchen door. */
  @page plan {
    size: landscape;
  }
  .sheet {
    page: plan;
  }
  @media print {
    .starts :global(:is(p, span, li)) {
      font-size: 0.74rem;
      line-height: 1.25;
    }
    /* A week's day goes with its first start. */
    .starts :global([data-week] > p),
    .starts :global(h2) {
      break-after: avoid;
    }
    .starts :global(li li),
    .starts :global([data-start]) {
      break-inside: avoid;
    }
  }
</style>
