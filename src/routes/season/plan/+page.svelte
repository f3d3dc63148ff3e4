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
  import Part from '$lib/ui/plan/Part.svelte';
  import RunsShort from '$lib/ui/plan/RunsShort.svelte';
  import Scored from '$lib/ui/plan/Scored.svelte';
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
    [...search.more]
      .map(([what, worth]) => oneMoreSays(what, worth, { ...ways, volume: house.volume }, jarName))
      .filter(Boolean)
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
          <Part name="Begin this week">
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
          </Part>
          {#if data.lots.length > 0}
            <Part name="What lies in the Garden" aside>
              <Basket input={found.of} plan={found.plan} others={search.others} {ways} />
            </Part>
          {/if}
          <Part name="The weeks after">
            <WeeksAhead
              input={found.of}
              plan={found.plan}
              {ways}
              today={data.today}
              held={data.said.held}
              years={search.years}
            />
            <AddStart input={found.of} today={data.today} />
          </Part>
          {#if data.said.held.length + data.said.barred.length > 0}
            <Part name="Said by hand" aside>
              <ByHand input={found.of} plan={found.plan} today={data.today} said={data.said} />
            </Part>
          {/if}
          {#if data.keptTo.length > 0}
            <Part name="What came of the plan" aside>
              <KeptTo all={data.keptTo} />
            </Part>
          {/if}
          {#if data.scored.length > 0}
            <Part name="What came of the beds" aside>
              <Scored all={data.scored} />
            </Part>
          {/if}
        </div>
        <div class="no-print grid grid-cols-[minmax(0,1fr)] content-start gap-8">
          <Part name="The season, week by week">
            <SeasonPicture
              input={found.of}
              plan={found.plan}
              facts={found.facts}
              past={data.past}
              today={data.today}
            />
            {#each more as says (says)}<p class="pt-2">{says}</p>{/each}
          </Part>
          <Part name="What comes to the table">
            <RunsShort input={found.of} facts={found.facts} {ways} />
            <Wishes
              input={found.of}
              wishes={data.said.wishes}
              wishesAt={data.said.wishesAt}
              today={data.today}
            />
          </Part>
          <Part name="In other years">
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
          </Part>
          {#if data.toSow.length > 0}
            <Part name="To sow for next year">
              <NextYear all={data.toSow} />
            </Part>
          {/if}
          <Part name="Another way to have it" aside>
            <Matters matters={data.said.matters} />
            <WeekHands hands={data.hands} />
            {#if !search.looking}<WhatIf
                input={found.of}
                plan={found.plan}
                facts={found.facts}
                today={data.today}
              />{/if}
          </Part>
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
