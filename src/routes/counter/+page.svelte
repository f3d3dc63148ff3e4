<script lang="ts">
  import { goto } from '$app/navigation';
  import { placeOf, standing, type BatchInHand, type Filling } from '$lib/core/batch';
  import { dayNumberOf, verdictOn, verdictsOf } from '$lib/core/care';
  import { aheadOf, knowsOf } from '$lib/core/outlook';
  import Later from '$lib/ui/house/Later.svelte';
  import Seen from '$lib/ui/house/Seen.svelte';
  import Gone from '$lib/ui/batch/Gone.svelte';
  import BatchPanel from '$lib/ui/batch/BatchPanel.svelte';
  import Carry from '$lib/ui/batch/Carry.svelte';
  import StandingJar from '$lib/ui/batch/StandingJar.svelte';
  import TaskRow from '$lib/ui/batch/TaskRow.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import BesidePanel from '$lib/ui/shell/BesidePanel.svelte';
  import Shelf from '$lib/ui/jar/Shelf.svelte';
  import { OnPanel } from '$lib/ui/house/chosen.svelte';
  import { relativeDay } from '$lib/ui/time';
  import { careShort } from '$lib/words';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const knows = $derived(knowsOf(house.household, data.souring));
  const counters = $derived(house.household.places.filter((p) => p.kind === 'counter'));
  type Standing = { b: BatchInHand; f: Filling };
  const at = (place: string): Standing[] =>
    data.batches
      .flatMap((b) =>
        standing(b)
          .filter((f) => placeOf(f) === place)
          .map((f) => ({ b, f }))
      )
      .sort((x, y) => x.f.lidNumber - y.f.lidNumber);
  const firstDue = () => data.tasks.filter((t) => t.due <= house.now).sort((x, y) => x.since - y.since)[0];
  const panel = new OnPanel(
    'batch',
    (id) => data.batches.find((b) => b.id === id),
    () =>
      // What is to be thrown away stands before what is due.
      (
        data.batches.find((b) => verdictsOf(b, house.household.places).length > 0) ??
        data.batches.find((b) => b.id === firstDue()?.batchId) ??
        data.batches[0]
      )?.id
  );
  const chosen = $derived(panel.now);
  const tasksOf = (f: Filling) => data.tasks.filter((t) => t.fillingIds.includes(f.id));
  const soon = $derived(data.tasks.filter((t) => t.due > house.now).slice(0, 4));
  const says = (f: Filling, b: BatchInHand) => {
    if (verdictOn(b, f, house.household.places)) return { due: true, text: 'throw away' };
    const due = tasksOf(f).find((t) => t.due <= house.now);
    if (due) return { due: true, text: careShort(due.kind) };
    const next = tasksOf(f)[0];
    return {
      due: false,
      text: next ? `${careShort(next.kind)} ${relativeDay(next.due, house.now)}` : 'quiet'
    };
  };
  const choose = (id: string) => goto(`/counter?batch=${id}`, { noScroll: true, keepFocus: true });
</script>

<svelte:head><title>Counter · Crockle</title></svelte:head>

{#if data.batches.length === 0}
  <h1>The counter is bare</h1>
  <p class="mt-3 max-w-prose text-lg">
    Start a batch on the <a class="act" href="/bench">Bench</a>, or
    <a class="act" href="/kit#standing">enter jars you already have</a>.
  </p>
{:else}
  <div class="grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_25rem]">
    <BesidePanel label="The chosen batch" what="batch" room="/counter">
      {#if chosen}<BatchPanel
          batch={chosen}
          souring={data.souring}
          likings={data.likings}
          tasks={data.tasks.filter((t) => t.batchId === chosen.id)}
        />
      {:else}<Gone batch={panel.gone} room="on the counter" />{/if}
    </BesidePanel>
    <div class="flex min-w-0 flex-col gap-7 lg:col-start-1 lg:row-start-1">
      {#each counters as place (place.id)}
        {@const jars = at(place.id)}
        {#if jars.length > 0}
          <section>
            <div class="flex justify-between border-b border-rule-soft pb-1">
              <h2>{place.name}</h2>
              <p class="text-quiet">{house.temp(place.tempC)}</p>
            </div>
            <div class="pt-4">
              <Shelf {jars} key={(j) => j.f.id}>
                {#snippet jar({ b, f })}
                  <StandingJar
                    batch={b}
                    filling={f}
                    scale={0.68}
                    bubbles={data.bubbling.includes(f.id)}
                    chosen={chosen?.id === b.id}
                    text="{b.name}, {f.jarName}, day {dayNumberOf(b, house.now)}"
                    onchoose={() => choose(b.id)}
                    carries
                  />
                {/snippet}
                {#snippet caption({ b, f })}
                  {@const s = says(f, b)}
                  <Seen class="block h-[26px] w-[84px]">
                    {@const ahead = aheadOf(b, f, knows, house.now)}
                    {#if ahead}{#await import('$lib/ui/outlook/SmallCurve.svelte') then { default: SmallCurve }}<SmallCurve
                          {ahead}
                        />{:catch}<span></span>{/await}{/if}
                  </Seen>
                  <p class="font-bold">day {dayNumberOf(b, house.now)}</p>
                  <p class={['max-w-24', s.due ? 'font-bold text-heed' : 'text-quiet']}>
                    {s.text}{s.due ? ' now' : ''}
                  </p>
                {/snippet}
              </Shelf>
            </div>
          </section>
        {/if}
      {/each}
      {#if soon.length > 0}
        <section>
          <h2 class="border-b border-rule-strong pb-1">Next on the counter</h2>
          <ul class="@container">
            {#each soon as task (task.key)}<TaskRow
                {task}
                batch={data.batches.find((b) => b.id === task.batchId)}
                showPlace
              />{/each}
          </ul>
        </section>
      {/if}
    </div>
  </div>
{/if}

<Carry />
<Later load={() => import('$lib/ui/batch/BatchDialogs.svelte')} props={{ souring: data.souring }} />
