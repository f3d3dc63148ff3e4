<script lang="ts">
  import { saltKind } from '$lib/core/salt';
  import { writeSalt } from '$lib/core/quantity';
  import { kitList, shortOf, type KitAround, type KitNeed, type Run } from '$lib/core/run';
  import type { Style } from '$lib/core/style';
  import type { Worksheet } from '$lib/core/worksheet';
  import { KIT_WORDS, RUN_WORDS } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import type { Making } from './making.svelte';

  /** What has to lie ready, ticked by a tap; what is short of it with a way out. */
  interface Props {
    run: Run;
    making: Making;
    sheet: Worksheet;
    style: Style;
    around: KitAround;
  }
  let { run, making, sheet, style, around }: Props = $props();
  const house = useHouse();
  const needs = $derived(kitList(sheet, style, around));
  const name = (n: KitNeed): string => {
    switch (n.of) {
      case 'jar':
        return `${n.n} × ${n.name}`;
      case 'weight':
        return n.n === 1 ? 'A weight for the jar' : `A weight for each of ${n.n} jars`;
      case 'salt':
        return `${writeSalt(n.g)} of ${(saltKind(n.saltKindId)?.name ?? 'salt').toLowerCase()}`;
      case 'brine':
        return `${house.volume(n.ml)} of ${n.name}`;
      default:
        return KIT_WORDS[n.of];
    }
  };
  const note = (n: KitNeed): string => {
    if (n.of === 'jar') {
      const washes = n.toWash > 0 ? `wash ${n.toWash} first; ` : '';
      return `${washes}hold each to the light: no hairline, no chip`;
    }
    if (n.of === 'salt' && n.haveG !== null && n.haveG < n.g)
      return `only ${writeSalt(n.haveG)} on the shelf that nobody else has`;
    return '';
  };
  const on = (n: KitNeed) => run.ticked.includes(n.id);
  const left = $derived(needs.filter((n) => !on(n)).length);
  const short = (n: KitNeed) => n.of === 'salt' && n.haveG !== null && n.haveG < n.g;
</script>

<p class="text-[1.75rem] leading-snug font-semibold">{RUN_WORDS.kit}</p>
<ul aria-label="Kit list" class="grid gap-x-12 lg:grid-cols-2">
  {#each needs as n (n.id)}
    <li class="line flex flex-wrap items-center gap-x-4">
      <button
        role="checkbox"
        aria-checked={on(n)}
        class="flex min-h-14 grow items-center gap-4 text-left text-[1.5rem] leading-tight"
        onclick={() => void making.say('tick-kit', { thing: n.id, on: !on(n) })}
      >
        <span
          aria-hidden="true"
          class={[
            'flex size-9 shrink-0 items-center justify-center rounded-lg border-2 border-ink text-2xl font-bold',
            on(n) ? 'bg-leaf text-paper' : 'bg-raised'
          ]}
          >{#if on(n)}<svg
              viewBox="0 0 24 24"
              class="size-7"
              fill="none"
              stroke="currentColor"
              stroke-width="4"><path d="M4 12.5 10 18 20 6" /></svg
            >{/if}</span
        >
        <span class={on(n) ? 'text-quiet' : ''}
          >{name(n)}{#if note(n)}<span class={['block text-base', short(n) ? 'text-heed' : 'text-quiet']}
              >{note(n)}</span
            >{/if}</span
        >
      </button>
      {#if n.of === 'jar'}
        {#if shortOf(n) > 0}<p class="heed">{shortOf(n)} fewer free: choose others on the Bench.</p>{/if}
        <ActionForm command="break-jar" values={{ jarId: n.jarId }} label="One of {n.name} is broken">
          {#snippet children({ busy })}<button class="act min-h-14" disabled={busy}>one is broken</button
            >{/snippet}
        </ActionForm>
      {:else if short(n)}
        <a class="act min-h-14 content-center" href="/pantry">count it anew</a>
        <a class="act min-h-14 content-center" href="/bench?bench={run.bench}">another salt</a>
      {/if}
    </li>
  {/each}
</ul>
<p class="pt-2 text-lg" aria-live="polite">
  {left === 0 ? 'All of it is there.' : `${left} of ${needs.length} still to lay ready.`}
</p>
