<script lang="ts">
  import type { Snippet } from 'svelte';
  import { likedFrom, type Ahead, type Outlook } from '$lib/core/outlook';
  import { PH_LINE } from '$lib/core/safety';
  import {
    ALCOHOLIC_SAYS,
    fillsSays,
    gasSays,
    guideSays,
    likedSays,
    movedSays,
    nextSays,
    NOT_FETCHED,
    PHASE_WORDS,
    trustSays,
    whatNowSays
  } from '$lib/words';
  import { relativeDay, relativeTime } from '../time';
  import { useHouse } from '../house/house.svelte';
  import Fold from '../forms/Fold.svelte';
  import CurveText from './CurveText.svelte';
  import { keyOf, outlooks } from './outlooks.svelte';
  import SouringCurve from './SouringCurve.svelte';

  /** What a standing jar is doing and will do: the curve, and what it means. */
  interface Props {
    ahead: Ahead;
    /** How sour the household likes this style, 0 to 5; null: it has not said. */
    liking: number | null;
    children?: Snippet;
  }
  let { ahead, liking, children }: Props = $props();
  const house = useHouse();
  const key = $derived(keyOf(ahead));
  $effect(() => outlooks.ask(key));
  const found = $derived(outlooks.of(key));
  /** The last one stands until the next is there, so that nothing jumps. */
  let last = $state.raw<{ of: number; outlook: Outlook } | null>(null);
  $effect(() => {
    if (found) last = { of: ahead.from, outlook: found };
  });
  const outlook = $derived(found ?? (last?.of === ahead.from ? last.outlook : null));
  let pointed = $state<number | null>(null);
  const liked = $derived(outlook && liking !== null ? likedFrom(outlook, liking) : null);
  const day = (at: number) => relativeDay(at, house.now);
  const says = $derived(
    outlook
      ? [
          nextSays(outlook, house.now, day),
          liking !== null && liked ? likedSays(liked, liking, house.now, day) : '',
          movedSays(outlook, house.now),
          guideSays(outlook, day),
          outlook.mayTurnAlcoholic ? ALCOHOLIC_SAYS : ''
        ].filter(Boolean)
      : []
  );
  /** A pH of 4.6 or lower was read. */
  const sourRead = $derived(ahead.noted.some((n) => n.of === 'pH' && n.pH <= PH_LINE));
  const phase = $derived(outlook?.phases.findLast((p) => p.from <= house.now)?.phase ?? 'waking');
  const gas = $derived(
    outlook
      ? [gasSays(outlook, house.now, (at) => relativeTime(at, house.now)), fillsSays(outlook)]
          .filter(Boolean)
          .join(' ')
      : ''
  );
</script>

<section aria-label="What it will do">
  {#if outlook}
    <p class="mb-3">{PHASE_WORDS[phase]}</p>
    <SouringCurve
      {outlook}
      from={ahead.from}
      now={house.now}
      noted={ahead.noted}
      {liked}
      {pointed}
      text={says.join(' ')}
    />
    <p class="mt-2 font-semibold">{says[0]}</p>
    <p>{whatNowSays(outlook, house.now, day, sourRead)}</p>
    {#each says.slice(1) as s (s)}<p>{s}</p>{/each}
    {#if gas}<p>{gas}</p>{/if}
    <CurveText {outlook} from={ahead.from} now={house.now} bind:pointed {day} />
    <p class="text-sm text-quiet">{trustSays(outlook, ahead.batches)}</p>
    {@render children?.()}
    <Fold text="Try it before you risk it" class="no-print mt-2">
      {#await import('./TryIt.svelte') then { default: TryIt }}
        <TryIt base={{ ...ahead, prior: outlook.rate, noted: [] }} begun />
      {:catch}
        <p class="text-quiet">{NOT_FETCHED}</p>
      {/await}
    </Fold>
  {:else}
    <p class="flex min-h-[42rem] items-center justify-center text-quiet">reckoning what it will do …</p>
  {/if}
</section>
