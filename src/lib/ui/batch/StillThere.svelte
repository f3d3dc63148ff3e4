<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { BatchInHand } from '$lib/core/batch';
  import type { RoundStop } from '$lib/core/care';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { jarsSaid } from '$lib/words';
  import { relativeDay } from '../time';
  import { dialogs } from './dialogs.svelte';
  import SomeJars from './SomeJars.svelte';
  import { visitOf } from './visit';

  /** Nothing was written down of it for long: what is still there? By jar, or all at once. */
  interface Props {
    stop: RoundStop;
    batch: BatchInHand | undefined;
    /** It stood on the counter past its last sensible day. */
    overdue: boolean;
  }
  let { stop, batch, overdue }: Props = $props();
  const house = useHouse();
  let choosing = $state(false);
  let left = $state<string[]>([]);
  const chosen = $derived(stop.fillingIds.filter((id) => !left.includes(id)));
  const jars = $derived(jarsSaid(stop.lidNumbers));
  const visits = $derived(JSON.stringify([visitOf(stop, chosen)]));
  const answered = () => {
    choosing = false;
    left = [];
  };
</script>

<li class="line scroll-mt-20" id="stop-{stop.key}" tabindex="-1" aria-label="{jars}: {stop.batchName}">
  <p class="flex flex-wrap items-baseline gap-x-3">
    <b class="big text-lg">{jars[0]?.toUpperCase()}{jars.slice(1)}</b>
    <a class="text-sm underline underline-offset-4" href="/notebook/{stop.batchId}">{stop.batchName}</a>
    <span class="text-sm text-quiet"
      >nothing noted since {relativeDay(stop.quietSince ?? house.now, house.now)}; what is still there?</span
    >
  </p>
  {#if overdue}
    <p class="heed mt-1">
      Stood past its last sensible day. Before anything else: look for mould, slime and colours; smell;
      measure its pH, 4.6 or less. Where one of them is wrong or in doubt, throw it away untasted.
    </p>
  {/if}
  {#if choosing}<SomeJars {batch} fillingIds={stop.fillingIds} bind:left />{/if}
  <div class="flex flex-wrap items-center gap-1 pt-1">
    <ActionForm command="visit" values={{ visits, how: 'unknown' }} ondone={answered}>
      {#snippet children({ busy, problems })}
        <Button type="submit" disabled={busy || chosen.length === 0}>Still there, as it was</Button>
        <Trouble problem={problems.find((p) => p.field !== null)} />
      {/snippet}
    </ActionForm>
    <ActionForm command="gone" values={{ batchId: stop.batchId, fillingIds: chosen }} ondone={answered}>
      {#snippet children({ busy, problems })}
        {#each [['eaten', 'eaten'], ['given', 'given away'], ['thrown', 'thrown away']] as [how, text] (how)}
          <button
            class="min-h-11 px-2 text-sm underline underline-offset-4"
            name="how"
            value={how}
            disabled={busy || chosen.length === 0}>{text}</button
          >
        {/each}
        <Trouble problem={problems.find((p) => p.field !== null)} />
      {/snippet}
    </ActionForm>
    <button
      class="min-h-11 px-2 text-sm underline underline-offset-4"
      onclick={() => batch && dialogs.show('move', batch, stop.fillingIds)}>stands elsewhere…</button
    >
    {#if stop.fillingIds.length > 1 && !choosing}
      <button class="min-h-11 px-1 text-sm underline underline-offset-4" onclick={() => (choosing = true)}
        >only some jars?</button
      >
    {/if}
  </div>
</li>
