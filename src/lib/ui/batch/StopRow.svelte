<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { BatchInHand } from '$lib/core/batch';
  import { BY_LOG, type RoundStop, type Want } from '$lib/core/care';
  import { careDoes, jarsSaid, listed, styleWords } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import PHField from '../meter/PHField.svelte';
  import { relativeDay } from '../time';
  import { dialogs } from './dialogs.svelte';
  import Marks from './Marks.svelte';
  import SomeJars from './SomeJars.svelte';
  import { visitOf } from './visit';
  import { whyWords } from './why';

  /** The jars of a batch, gone to once: all that they want, and one tap for it; a taste and a pH said in line. */
  let { stop, batch }: { stop: RoundStop; batch: BatchInHand | undefined } = $props();
  const house = useHouse();
  let choosing = $state(false);
  let left = $state<string[]>([]);
  let sour = $state(false);
  let pH = $state('');
  let by = $state<'strip' | 'meter'>('strip');
  const saidMore = $derived(sour || pH.trim() !== '');
  const chosen = $derived(stop.fillingIds.filter((id) => !left.includes(id)));
  const wants = (kind: Want['kind']) => stop.wants.some((w) => w.kind === kind);
  const jarsFor = (kind: Want['kind']) => stop.wants.find((w) => w.kind === kind)?.fillingIds ?? [];
  const byHand = $derived(stop.wants.some((w) => !BY_LOG.has(w.kind)));
  const visits = $derived(JSON.stringify([visitOf(stop, chosen)]));
  const jars = $derived(jarsSaid(stop.lidNumbers));
  const tasting = $derived(batch ? styleWords({ id: batch.styleId }).tasting : []);
  /** Where it is not wanted of all of them. */
  const some = (w: Want) =>
    w.fillingIds.length < stop.fillingIds.length ? ` (${listed(w.lidNumbers)} only)` : '';
</script>

<li class="line scroll-mt-20" id="stop-{stop.key}" tabindex="-1">
  <ActionForm
    command="visit"
    values={{ visits }}
    label="{jars}: {stop.batchName}"
    ondone={() => {
      choosing = false;
      sour = false;
      pH = '';
      by = 'strip';
      left = [];
    }}
  >
    {#snippet children({ busy, problemAt, problems })}
      <div
        class="grid items-start gap-x-6 gap-y-2 @xl:grid-cols-[1fr_auto]"
        oninput={(e) => {
          const form = new FormData((e.target as HTMLInputElement).form ?? undefined);
          sour = form.has('sour');
        }}
      >
        <div class="min-w-0">
          <p class="flex flex-wrap items-baseline gap-x-3">
            <b class="big text-lg">{jars[0]?.toUpperCase()}{jars.slice(1)}</b>
            <a class="text-sm underline underline-offset-4" href="/notebook/{stop.batchId}"
              >{stop.batchName}</a
            >
            {#if stop.since !== null}<span class="text-sm text-heed"
                >waits since {relativeDay(stop.since, house.now)}</span
              >{/if}
          </p>
          <ul>
            {#each stop.wants as w (w.kind)}
              <li class="pt-0.5">
                <b class="font-semibold">{careDoes(w.kind)}</b>{some(w)}
                <span class="text-sm text-quiet">{whyWords(w.kind, batch, w.fillingIds)}</span>
              </li>
            {/each}
          </ul>
          {#if wants('taste')}
            <div class="max-w-md pt-2">
              <Marks
                legend="How sour is it?"
                name="sour"
                low={tasting[0] ?? 'not'}
                high={tasting[3] ?? 'very'}
              />
              <button
                type="button"
                class="act text-sm"
                onclick={() => batch && dialogs.show('taste', batch, jarsFor('taste'))}>say more of it</button
              >
            </div>
          {/if}
          {#if wants('pH')}
            <div class="flex flex-wrap items-end gap-x-4 pt-2">
              <PHField id="ph-{stop.key}" bind:value={pH} bind:by problem={problemAt('pH')} class="w-28" />
              <label class="flex min-h-11 items-center gap-2 text-sm"
                ><input
                  type="checkbox"
                  class="size-4 rounded border-rule-strong"
                  name="by"
                  value="meter"
                  bind:checked={() => by === 'meter', (on) => (by = on ? 'meter' : 'strip')}
                /> by meter</label
              >
            </div>
          {/if}
          {#if choosing}<SomeJars {batch} fillingIds={stop.fillingIds} bind:left />{/if}
          <Trouble problem={problems.find((p) => p.field !== null && p.field !== 'pH')} />
        </div>
        <div class="flex flex-wrap items-center gap-1 @xl:w-64">
          {#if byHand || wants('taste') || wants('pH')}
            <Button
              type="submit"
              name="how"
              value="done"
              disabled={busy || chosen.length === 0 || !(byHand || saidMore)}
              aria-label="Done: {jars}, {stop.batchName}">Done</Button
            >
          {/if}
          {#if wants('toCold')}<Button
              outline={byHand}
              onclick={() => batch && dialogs.show('move', batch, jarsFor('toCold'))}>Move…</Button
            >{/if}
          {#if stop.wants.some((w) => w.kind !== 'toCold')}<button
              class="min-h-11 px-2 text-sm underline underline-offset-4"
              name="how"
              value="skipped"
              disabled={busy}>skip</button
            >{/if}
          {#if stop.fillingIds.length > 1 && !choosing}
            <button
              type="button"
              class="min-h-11 px-1 text-sm underline underline-offset-4"
              onclick={() => (choosing = true)}>only some jars?</button
            >
          {/if}
        </div>
      </div>
    {/snippet}
  </ActionForm>
</li>
