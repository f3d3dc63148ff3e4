<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { BatchInHand } from '$lib/core/batch';
  import type { CareTask } from '$lib/core/care';
  import { dialogs, type BatchDialog } from './dialogs.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay, relativeTime } from '../time';
  import { careWords } from '$lib/words';
  import { whyWords } from './why';
  import SomeJars from './SomeJars.svelte';

  /** One thing to do; one tap does all its jars, one can be left out, it can be skipped. */
  let {
    task,
    batch,
    showPlace = false
  }: { task: CareTask; batch: BatchInHand | undefined; showPlace?: boolean } = $props();
  const house = useHouse();
  const due = $derived(task.due <= house.now);
  let choosing = $state(false);
  let left = $state<string[]>([]);
  const chosen = $derived(task.fillingIds.filter((id) => !left.includes(id)));

  const LOGGED: Partial<Record<CareTask['kind'], readonly [BatchDialog, string]>> = {
    taste: ['taste', 'Taste'],
    pH: ['ph', 'pH'],
    toCold: ['move', 'Move']
  };
  const logged = $derived(LOGGED[task.kind]);
</script>

<li class="line grid grid-cols-[1fr_auto] items-center gap-x-4 gap-y-2 @xl:grid-cols-[1fr_8.5rem_15rem]">
  <div class="col-span-2 min-w-0 @xl:col-span-1">
    <p class="text-lg font-semibold">{careWords(task.kind, task.lidNumbers)}</p>
    <p class="text-sm text-quiet">
      <a class="underline underline-offset-4" href="/notebook/{task.batchId}">{task.batchName}</a>{showPlace
        ? `, ${house.placeName(task.placeId)}`
        : ''} · {whyWords(task.kind, batch, task.fillingIds)}
    </p>
    {#if choosing}
      <SomeJars {batch} fillingIds={task.fillingIds} bind:left />
    {/if}
  </div>
  <p class="big text-base @xl:text-right">
    {#if due}
      {task.missed > 0 ? `since ${relativeDay(task.since, house.now)}` : 'now'}
      {#if task.missed > 0}<span class="block text-sm font-normal text-heed"
          >missed {task.missed === 1 ? 'once' : `${task.missed} times`}</span
        >{/if}
    {:else}{relativeTime(task.due, house.now)}{/if}
  </p>
  <div class="flex flex-wrap items-center justify-end gap-1 @xl:justify-start">
    {#if logged}
      <Button outline={!due} onclick={() => batch && dialogs.show(logged[0], batch, task.fillingIds)}
        >{logged[1]}…</Button
      >
      {#if due && task.kind !== 'toCold'}
        <ActionForm
          command="care"
          values={{
            batchId: task.batchId,
            kind: task.kind,
            how: 'skipped',
            slot: task.due,
            fillingIds: chosen
          }}
        >
          {#snippet children({ busy })}<button
              class="min-h-11 px-2 text-sm underline underline-offset-4"
              disabled={busy}>skip</button
            >{/snippet}
        </ActionForm>
      {/if}
    {:else}
      <ActionForm
        command="care"
        class="flex items-center"
        values={{ batchId: task.batchId, kind: task.kind, slot: task.due, fillingIds: chosen }}
        ondone={() => {
          choosing = false;
          left = [];
        }}
      >
        {#snippet children({ busy })}
          <Button
            type="submit"
            name="how"
            value="done"
            outline={!due}
            disabled={busy || chosen.length === 0}
            aria-label="Done: {careWords(task.kind, task.lidNumbers)}">Done</Button
          >
          <button
            class="min-h-11 px-2 text-sm underline underline-offset-4"
            name="how"
            value="skipped"
            disabled={busy}>skip</button
          >
        {/snippet}
      </ActionForm>
      {#if task.fillingIds.length > 1 && !choosing}
        <button class="min-h-11 px-1 text-sm underline underline-offset-4" onclick={() => (choosing = true)}
          >only some jars?</button
        >
      {/if}
    {/if}
  </div>
</li>
