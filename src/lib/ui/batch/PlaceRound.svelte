<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { placeOf, standing, type BatchInHand } from '$lib/core/batch';
  import { BY_LOG, type RoundStop } from '$lib/core/care';
  import { careShort } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import More from '../house/More.svelte';
  import { useHouse } from '../house/house.svelte';
  import StillThere from './StillThere.svelte';
  import StandingJar from './StandingJar.svelte';
  import StopRow from './StopRow.svelte';
  import TakePlace from './TakePlace.svelte';
  import { visitOf } from './visit';

  /** The round at one place: its shelf, with the jars that call standing out, and each batch once with all that it wants. */
  interface Props {
    placeId: string;
    stops: readonly RoundStop[];
    /** Stops behind those that are shown. */
    more: number;
    jars: number;
    minutes: number;
    /** What stands there; where it is too much to be drawn, those that call only. */
    batches: readonly BatchInHand[];
    /** Jars that stood on the counter past their last sensible day. */
    overdue: readonly string[];
  }
  let { placeId, stops, more, jars, minutes, batches, overdue }: Props = $props();
  const house = useHouse();
  const batchOf = (id: string) => batches.find((b) => b.id === id);
  /** By hand and in one tap: all but what is tasted, read or moved. */
  const byHand = $derived(
    stops.flatMap((stop) => {
      const wants = stop.wants.filter((w) => !BY_LOG.has(w.kind));
      if (stop.quietSince !== null || wants.length === 0) return [];
      return [visitOf({ ...stop, wants, fillingIds: [...new Set(wants.flatMap((w) => w.fillingIds))] })];
    })
  );
  /** Of which nothing was noted for long. */
  const quiet = $derived(stops.filter((s) => s.quietSince !== null));
  const kinds = $derived([...new Set(byHand.flatMap((v) => v.cares.map((c) => careShort(c.kind))))]);
  const shelf = $derived(
    batches.flatMap((b) => standing(b).flatMap((f) => (placeOf(f) === placeId ? [{ b, f }] : [])))
  );
  const calls = (id: string) => stops.find((s) => s.fillingIds.includes(id));
  const goTo = (stop: RoundStop | undefined) => {
    const row = stop && document.getElementById(`stop-${stop.key}`);
    row?.scrollIntoView({ block: 'start' });
    row?.focus();
  };
</script>

<section class="mt-6" aria-label={house.placeName(placeId)}>
  <div class="flex flex-wrap items-baseline gap-x-4 border-b-2 border-ink pb-1">
    <h2>{house.placeName(placeId)}</h2>
    <p class="text-sm text-quiet">
      {jars} jar{jars === 1 ? '' : 's'}, about {minutes} minute{minutes === 1 ? '' : 's'}
    </p>
    <TakePlace {placeId} />
  </div>
  <!-- A long shelf is pushed along with a finger. -->
  <ul class="no-print flex items-end overflow-x-auto pt-3" aria-label="The shelf">
    {#each shelf as { b, f } (f.id)}
      {@const stop = calls(f.id)}
      <li class="flex shrink-0 flex-col items-center">
        <div class="flex w-full justify-center border-b-[5px] border-[var(--wood)]">
          <div class={[!stop && 'opacity-35']}>
            <StandingJar
              batch={b}
              filling={f}
              scale={0.34}
              text="{b.name}, {f.jarName}{stop ? '' : ', wants nothing now'}"
              onchoose={() => goTo(stop)}
            />
          </div>
        </div>
      </li>
    {/each}
  </ul>
  {#if quiet.length > 1}
    <ActionForm
      command="visit"
      values={{ visits: JSON.stringify(quiet.map((s) => visitOf(s))), how: 'unknown' }}
      class="no-print pt-3"
    >
      {#snippet children({ busy, problems })}
        <Button type="submit" outline disabled={busy}>All here is as it was</Button>
        <Trouble problem={problems.find((p) => p.field !== null)} />
        <p class="text-sm text-quiet">
          What passed meanwhile is closed as not known: neither done nor missed.
        </p>
      {/snippet}
    </ActionForm>
  {/if}
  <ul class="@container">
    {#each stops as stop (stop.key)}
      {#if stop.quietSince !== null}<StillThere
          {stop}
          batch={batchOf(stop.batchId)}
          overdue={stop.fillingIds.some((id) => overdue.includes(id))}
        />{:else}<StopRow {stop} batch={batchOf(stop.batchId)} />{/if}
    {/each}
  </ul>
  {#if byHand.length > 1}
    <ActionForm
      command="visit"
      values={{ visits: JSON.stringify(byHand), how: 'done' }}
      class="no-print pt-3"
    >
      {#snippet children({ busy, problems })}
        <Button type="submit" outline disabled={busy}>All here done: {kinds.join(', ')}</Button>
        <Trouble problem={problems.find((p) => p.field !== null)} />
      {/snippet}
    </ActionForm>
  {/if}
  <More {more} what="here" />
</section>
