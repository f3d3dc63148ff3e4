<script lang="ts">
  import ActionForm from '$lib/ui/forms/ActionForm.svelte';
  import Later from '$lib/ui/house/Later.svelte';
  import Verdicts from '$lib/ui/batch/Verdicts.svelte';
  import TaskRow from '$lib/ui/batch/TaskRow.svelte';
  import PlaceRound from '$lib/ui/batch/PlaceRound.svelte';
  import FinishingDue from '$lib/ui/finish/FinishingDue.svelte';
  import MakingsDue from '$lib/ui/run/MakingsDue.svelte';
  import More from '$lib/ui/house/More.svelte';
  import { wall } from '$lib/core/calendar';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import { longDay, relativeDay, relativeTime } from '$lib/ui/time';
  import { timers } from '$lib/ui/timer/timers.svelte';
  import { weighIn } from '$lib/ui/weigh/weigh-in.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const next = $derived(data.overview?.next ?? null);
  /** Days past its best. */
  const LONG_PAST = -5;
  const batchOf = (id: string) => data.batches.find((b) => b.id === id);
</script>

<svelte:head><title>Today · Crockle</title></svelte:head>

<div class="flex flex-wrap items-baseline justify-between gap-x-6">
  <h1>{longDay(house.now)}</h1>
  <button class="act ml-auto" onclick={() => timers.set()}>Set a timer</button>
  {#if data.due.length > 0}<p class="big">about {data.minutes} minutes for all of it</p>{/if}
</div>

{#if data.backupFailure}<p class="harm mt-2">
    No backup could be made: {data.backupFailure}. Make room, or name another folder in CROCKLE_BACKUPS.
  </p>{/if}
{#each data.condemned as c (c.batch.id)}<Verdicts batch={c.batch} verdicts={c.verdicts} named />{/each}

<MakingsDue makings={data.makings} />
<FinishingDue finishing={data.finishing} />

{#if data.leaving}
  {@const { id, from, to, jars } = data.leaving}
  <p class="mt-3 border-l-4 border-heed pl-3">
    You are away {relativeDay(wall(from, 12), house.now)} to {relativeDay(wall(to, 12), house.now)}.
    {#if jars > 0}<a class="act" href="/away/{id}"
        >{jars === 1 ? 'One jar wants' : `${jars} jars want`} something before</a
      >{:else}<a class="act" href="/away/{id}">No jar wants anything before</a>{/if}
  </p>
{/if}

{#if data.due.length === 0 && data.condemned.length === 0 && data.makings.length === 0 && data.finishing.length === 0}
  <p class="mt-4 max-w-prose text-lg">
    {#if data.anyJars}Nothing to do now{next === null
        ? '.'
        : `. Next: ${relativeTime(next, house.now)}.`}{:else}No jars yet. Weigh in a pick and see what it
      makes.{/if}
    {#if !data.anyJars}<button class="act" onclick={() => weighIn.show()}>+ weigh in</button> or
      <a class="act" href="/kit#standing">enter jars you already have</a>.{/if}
  </p>
{/if}

<div class="grid gap-x-12 lg:grid-cols-[2fr_1fr]">
  <div>
    {#each data.due as { placeId, stops, jars, minutes } (placeId)}
      <PlaceRound
        {placeId}
        stops={stops.shown}
        more={stops.more}
        {jars}
        {minutes}
        batches={data.batches}
        overdue={data.overdue}
      />
    {/each}
    {#each [['Later today', data.later], ['Tomorrow', data.tomorrow]] as const as [title, tasks] (title)}
      {#if tasks.shown.length > 0}
        <section class="mt-8">
          <h2 class="border-b border-rule-strong pb-1">{title}</h2>
          <ul class="@container">
            {#each tasks.shown as task (task.key)}<TaskRow
                {task}
                batch={batchOf(task.batchId)}
                showPlace
              />{/each}
          </ul>
          <More more={tasks.more} what={title.toLowerCase()} />
        </section>
      {/if}
    {/each}
  </div>

  <aside class="mt-6">
    <h2 class="border-b-2 border-ink pb-1">Use first</h2>
    {#if data.picks.length === 0}
      <p class="py-3 text-quiet">Nothing in the Garden is about to spoil.</p>
    {:else}
      <ul>
        {#each data.picks as pick (pick.id)}
          <li class="line flex items-baseline justify-between gap-4">
            <a class="font-semibold underline underline-offset-4" href="/garden"
              >{house.crop(pick.cropId)?.name}</a
            >
            <span class="big text-base">{house.mass(pick.gardenG)}</span>
            <span class={['text-sm', pick.daysLeft < 0 && 'text-heed']}
              >{pick.daysLeft < 0
                ? 'past its best'
                : pick.daysLeft === 0
                  ? 'today'
                  : pick.daysLeft === 1
                    ? 'by tomorrow'
                    : `within ${pick.daysLeft} days`}</span
            >
            <!-- Long past its days it is gone, most likely; nobody scolds. -->
            {#if pick.daysLeft < LONG_PAST}
              <ActionForm command="end-pick" values={{ lotId: pick.id, how: 'spoiled' }}>
                {#snippet children({ busy })}<button
                    class="act"
                    disabled={busy}
                    aria-label="Gone: {house.crop(pick.cropId)?.name}">gone</button
                  >{/snippet}
              </ActionForm>
            {/if}
          </li>
        {/each}
      </ul>
    {/if}
  </aside>
</div>

<Later load={() => import('$lib/ui/batch/BatchDialogs.svelte')} props={{ souring: data.souring }} />
