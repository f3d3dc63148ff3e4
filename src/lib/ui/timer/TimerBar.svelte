<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { nextRing, ringing, type ElapsedMs, type Timer } from '$lib/core/timer';
  import { lastingWords } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import { stepOn } from '../house/step';
  import { notify } from './notify';
  import { canSound, play, wakeSound } from './sound';
  import { leftText, timers } from './timers.svelte';

  /** What runs, in every room; what rings, over everything else. */
  interface Props {
    all: readonly Timer[];
    /** The house's elapsed clock when the page was made. */
    elapsed: ElapsedMs;
    /** The demo's clock: it can be stepped to the next ring. */
    stepped: boolean;
    /** A guest sees what rings, and cannot silence it: it makes no sound there. */
    quiet: boolean;
  }
  let { all, elapsed, stepped, quiet }: Props = $props();
  const house = useHouse();
  // Once before anything is shown, so that the first picture is right; then whenever the house says otherwise.
  // svelte-ignore state_referenced_locally
  timers.all = all;
  // svelte-ignore state_referenced_locally
  timers.now = elapsed;
  $effect.pre(() => {
    timers.all = all;
    timers.look(elapsed);
  });
  const some = $derived(all.length > 0);
  $effect(() => {
    if (!some) return;
    const tick = setInterval(() => timers.look(elapsed), 250);
    return () => clearInterval(tick);
  });

  let silent = $state(false);
  onMount(() => {
    const wake = () =>
      void wakeSound().then((sounds) => {
        if (sounds) silent = false;
      });
    const on = ['pointerdown', 'keydown'] as const;
    for (const what of on) addEventListener(what, wake);
    const takeUp = () => {
      timers.look(elapsed);
      if (document.visibilityState === 'visible') timers.takeUp();
    };
    takeUp();
    document.addEventListener('visibilitychange', takeUp);
    return () => {
      for (const what of on) removeEventListener(what, wake);
      document.removeEventListener('visibilitychange', takeUp);
    };
  });
  // By what rings, not by when it is looked at.
  const aloud = $derived((quiet ? [] : timers.aloud).map((t) => t.sound).join());
  const AGAIN_MS = 3000;
  $effect(() => {
    if (!aloud) return;
    const ring = () => {
      silent = !canSound();
      for (const sound of aloud.split(',')) play(sound as Timer['sound']);
    };
    ring();
    const again = setInterval(ring, AGAIN_MS);
    return () => clearInterval(again);
  });
  const said = $derived(timers.rings.map((t) => t.name).join(', '));
  $effect(() => {
    if (!said) return;
    // Once for what rings, not at every look at the clock.
    notify(
      said,
      untrack(() => timers.rings.map((t) => t.next).join(' '))
    );
  });
  // The page's title, for whoever looks at another one; a page that is opened meanwhile brings its own.
  $effect(() => {
    if (!said) return;
    const rung = `${said}: now · `;
    let own = '';
    const put = () => {
      if (document.title.startsWith(rung)) return;
      own = document.title;
      document.title = rung + own;
    };
    put();
    const watch = new MutationObserver(put);
    watch.observe(document.head, { childList: true, characterData: true, subtree: true });
    return () => {
      watch.disconnect();
      document.title = own;
    };
  });
  const since = (t: Timer) => (timers.now - (ringing(t, timers.now) ?? timers.now)) / 60_000;
</script>

{#if timers.shown.length > 0}
  <section
    aria-label="Timers"
    class="no-print pt-2 {timers.rings.length > 0 ? 'sticky top-0 z-30 max-h-[60dvh] overflow-y-auto' : ''}"
  >
    {#each timers.rings as t (t.id)}
      <div role="alert" class="flex flex-wrap items-center gap-x-5 gap-y-1 bg-slate px-4 py-2 text-chalk">
        <p class="min-w-0 grow leading-tight">
          <b class="font-display text-xl">{t.name}</b>
          <span
            >{since(t) < 1 ? 'now' : `since ${lastingWords(Math.floor(since(t)))}`}{t.placeId
              ? `, ${house.placeName(t.placeId)}`
              : ''}</span
          >
          {#if t.next}<span class="block">{t.next}</span>{/if}
        </p>
        <div class="flex gap-x-3">
          <ActionForm command="hear-timer" values={{ timerId: t.id }}>
            {#snippet children({ busy })}<button
                class="min-h-14 rounded-lg border-2 border-chalk px-5 font-display text-lg font-bold"
                disabled={busy}
                aria-label="{t.name}: heard">Heard</button
              >{/snippet}
          </ActionForm>
          {#if nextRing(t, timers.now) === null}
            <ActionForm command="change-timer" values={{ timerId: t.id, way: 'longer', by: '5 min' }}>
              {#snippet children({ busy })}<button
                  class="min-h-14 px-3 underline underline-offset-4"
                  disabled={busy}
                  aria-label="{t.name}: five minutes more">5 minutes more</button
                >{/snippet}
            </ActionForm>
          {/if}
        </div>
      </div>
    {/each}
    <!-- A line either way: the tap that wakes the sound must not move what is tapped. -->
    {#if timers.rings.length > 0}<p class="bg-slate px-4 pb-2 text-sm text-chalk">
        {silent ? 'Tap anywhere to hear it.' : 'Heard on one phone, it is silent on all.'}
      </p>{/if}
    {#if timers.runs.length > 0}
      <ul class="flex flex-wrap gap-x-6 border-b border-rule-soft">
        {#each timers.runs as t (t.id)}
          <li>
            <button class="flex min-h-11 items-center gap-x-2" onclick={() => timers.set()}>
              <span class="underline decoration-rule-strong underline-offset-4">{t.name}</span>
              <b class="big text-lg tabular-nums" role="timer">{leftText(t, timers.now)}</b>
            </button>
          </li>
        {/each}
        {#if stepped}<li class="ml-auto text-sm text-quiet">
            <button class="min-h-11 underline underline-offset-4" onclick={() => stepOn('ring')}
              >step to the next ring</button
            >
          </li>{/if}
      </ul>
    {/if}
  </section>
{/if}
