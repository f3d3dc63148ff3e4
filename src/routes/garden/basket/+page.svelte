<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { wall } from '$lib/core/calendar';
  import { mondayAhead } from '$lib/core/season';
  import { freshSays, shortDay, startNowSays, waitsSays, type PlanWays } from '$lib/words';
  import QuietAct from '$lib/ui/forms/QuietAct.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import { styleNames } from '$lib/ui/plan/names';
  import StartLine from '$lib/ui/plan/StartLine.svelte';
  import ToBench from '$lib/ui/plan/ToBench.svelte';
  import { weighIn } from '$lib/ui/weigh/weigh-in.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const ways = $derived<PlanWays>({
    mass: house.mass,
    week: (t) => shortDay(wall(mondayAhead(data.today, t), 12))
  });
  const name = $derived(styleNames(house.household));
  const answers = $derived(data.answers);
  /** As many as one can choose between. */
  const SHOWN = 3;
  const starts = $derived(answers?.starts.slice(0, SHOWN) ?? []);
  const lots = $derived(data.lots.filter((l) => l.cropId === data.cropId));
  const cropName = $derived(data.cropId === null ? '' : house.cropName(data.cropId));
</script>

<svelte:head><title>What to do with it · Crockle</title></svelte:head>

<h1>What to do with it</h1>
{#if data.cropId === null}
  <p class="mt-3 max-w-prose text-lg">
    Nothing lies in the Garden. Weigh in what you picked, and see here what may become of it.
  </p>
  <Button size="lg" class="mt-4" onclick={() => weighIn.show()}>Weigh in</Button>
{:else}
  <nav aria-label="What lies in the Garden" class="flex flex-wrap gap-x-6">
    {#each data.lying as { cropId, g } (cropId)}
      {#if cropId === data.cropId}
        <span class="flex min-h-11 items-center font-semibold" aria-current="page"
          >{house.cropName(cropId)}, {house.mass(g)}</span
        >
      {:else}
        <a class="act" href="/garden/basket?crop={cropId}">{house.cropName(cropId)}, {house.mass(g)}</a>
      {/if}
    {/each}
  </nav>
  {#if !answers}
    <p class="mt-3 max-w-prose text-lg">So little of it makes no batch: eat it, or weigh in more.</p>
  {:else}
    <div class="mt-4 grid max-w-5xl gap-x-12 gap-y-8 lg:grid-cols-2">
      <section aria-labelledby="begin">
        <h2 id="begin" class="border-b-2 border-ink pb-1">Begin something now</h2>
        <ul>
          {#each starts as start, i (start.batch.styleId)}
            <li class="border-b border-rule-soft py-3" data-way={start.batch.styleId}>
              <StartLine input={data} batch={start.batch} firm />
              <p>{startNowSays(start, ways)}</p>
              {#if start.held}<p class="text-quiet">The plan that is kept has it so.</p>{/if}
              <ToBench
                batch={start.batch}
                crops={data.crops}
                lots={data.lots}
                bench={data.bench}
                name={name(start.batch.styleId)}
                quiet={i > 0}
              />
            </li>
          {:else}
            <li class="py-2 text-quiet">
              No batch comes of what lies there: too little of it, or no jar, room or hour is free.
            </li>
          {/each}
        </ul>
      </section>
      <div class="grid content-start gap-8">
        <section aria-labelledby="wait" data-way="wait">
          <h2 id="wait" class="border-b-2 border-ink pb-1">Let it wait</h2>
          <p class="pt-2">{waitsSays(answers.waits, ways)}</p>
        </section>
        <section aria-labelledby="eat" data-way="eat">
          <h2 id="eat" class="border-b-2 border-ink pb-1">Eat it fresh</h2>
          <p class="pt-2">{freshSays(answers.eaten, ways)}</p>
          {#if lots.length === 1}<QuietAct
              command="end-pick"
              values={{ lotId: lots[0]!.id, how: 'eaten fresh', weight: '' }}
              does="All of it was eaten"
              label="All of it was eaten: {cropName}"
            />{/if}
        </section>
        <section aria-labelledby="give" data-way="give">
          <h2 id="give" class="border-b-2 border-ink pb-1">Give it away</h2>
          <p class="pt-2">
            {starts.length > 0 && starts[0]!.wanted >= 1
              ? `Then about ${Math.round(starts[0]!.wanted)} servings of ${name(starts[0]!.batch.styleId)} are still to be made of something else.`
              : 'Nothing that is wanted is missed for it.'}
          </p>
          {#if lots.length === 1}<QuietAct
              command="end-pick"
              values={{ lotId: lots[0]!.id, how: 'given', weight: '' }}
              does="It is given away"
              label="It is given away: {cropName}"
            />{/if}
        </section>
        <p class="text-sm text-quiet">
          By what lies there, stands and is free this week, each way by itself. How it goes with all that is
          still to come: <a class="underline underline-offset-4" href="/season/plan">What to make of it</a>.
        </p>
      </div>
    </div>
  {/if}
{/if}
