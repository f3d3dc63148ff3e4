<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { BatchInHand, Filling } from '$lib/core/batch';
  import { MINUTES_PER_DAY, wallOfText } from '$lib/core/calendar';
  import { eatenBy } from '$lib/core/larder';
  import type { Ahead } from '$lib/core/outlook';
  import { NOT_FETCHED, shortDay, sourAt } from '$lib/words';
  import type { ReadOf } from '$lib/schema/reads';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { read } from '../house/send';
  import { keyOf, outlooks } from '../outlook/outlooks.svelte';

  /** A jar waits where it stands till another is eaten: which, by when that is, and how sour this one will be by then. */
  let {
    batch,
    jars,
    ahead,
    ondone
  }: { batch: BatchInHand; jars: readonly Filling[]; ahead: Ahead | null; ondone: () => void } = $props();
  const house = useHouse();
  let all = $state.raw<ReadOf<'batches'> | null>(null);
  let cut = $state(false);
  $effect(() => {
    void read('batches').then((said) => {
      if (said.ok) all = said.answer;
      else cut = true;
    });
  });
  const mine = $derived(new Set(jars.map((f) => f.id)));
  const cold = $derived(new Set(house.household.places.filter((p) => p.kind === 'cold').map((p) => p.id)));
  /** What could be eaten before it: what stands in the cold, the opened first. */
  const others = $derived(
    (all ?? [])
      .flatMap((b) => b.jars.map((j) => ({ ...j, batchId: b.id, name: b.name })))
      .filter((j) => j.emptiedAt === null && j.leftG > 0 && cold.has(j.placeId) && !mine.has(j.id))
      .sort((x, y) => Number(y.openedAt !== null) - Number(x.openedAt !== null) || x.lidNumber - y.lidNumber)
  );
  let chosen = $state('');
  const other = $derived(others.find((j) => j.id === chosen) ?? others[0]);
  const by = $derived(
    other &&
      eatenBy({ ...other, openedAt: other.openedAt === null ? null : wallOfText(other.openedAt) }, house.now)
  );
  const key = $derived(ahead ? keyOf(ahead) : '');
  $effect(() => {
    if (key) outlooks.ask(key);
  });
  const outlook = $derived(key ? outlooks.of(key) : undefined);
  const last = $derived(outlook?.spans.last.likely ?? null);
  const WEEKS = [1, 2, 4];
  const inWeeks = (n: number) => house.now + n * 7 * MINUTES_PER_DAY;
  const quarters = (j: { stockG: number; fullStockG: number }) =>
    j.stockG < j.fullStockG - 1 ? `, ${house.mass(j.stockG)} left` : '';
</script>

{#if cut}
  <p class="text-quiet">{NOT_FETCHED}</p>
{:else if !all}
  <p class="text-quiet">Looking at what stands in the cold …</p>
{:else if !other}
  <p class="text-quiet">Nothing stands in the cold that could be eaten first.</p>
{:else}
  <ActionForm
    command="let-wait"
    values={{
      batchId: batch.id,
      fillingIds: jars.map((f) => f.id),
      waitsForBatchId: other.batchId,
      waitsForId: other.id
    }}
    {ondone}
    label="Let it wait"
    class="flex flex-col gap-3 pt-2"
  >
    {#snippet children({ busy, problems })}
      <ChoiceField
        label="It waits for"
        id="w-jar-{batch.id}"
        items={others.map((j) => ({ value: j.id, name: `jar ${j.lidNumber}, ${j.name}${quarters(j)}` }))}
        bind:value={() => other.id, (id) => (chosen = id)}
      />
      <div aria-live="polite" data-by-then>
        {#if by !== null && by !== undefined}
          <p>
            At its pace so far jar {other.lidNumber} is eaten about <b>{shortDay(by)}</b>{#if outlook}; by
              then this one is <b>{sourAt(outlook, by)}</b>{/if}.
          </p>
        {:else if outlook}
          <p>How soon jar {other.lidNumber} is eaten nobody can tell yet. Where it stands, this one is:</p>
          <ul>
            {#each WEEKS as n (n)}<li>
                in {n === 1 ? 'a week' : `${n} weeks`}
                {sourAt(outlook, inWeeks(n))}
              </li>{/each}
          </ul>
        {/if}
        {#if last !== null}<p class="text-sm text-quiet">
            {last > house.now
              ? `Its last sensible day here is about ${shortDay(last)}: it is called then, eaten or not.`
              : `Its last sensible day here was about ${shortDay(last)}: it only gets softer.`}
          </p>{/if}
      </div>
      <Trouble problem={problems.find((p) => p.field !== null)} />
      <Button type="submit" outline disabled={busy}>It waits for jar {other.lidNumber}</Button>
    {/snippet}
  </ActionForm>
{/if}
