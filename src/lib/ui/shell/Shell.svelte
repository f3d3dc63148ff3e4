<script lang="ts">
  import type { Snippet } from 'svelte';
  import { goto } from '$app/navigation';
  import { navigating, page } from '$app/state';
  import { writeMass } from '$lib/core/quantity';
  import type { Household } from '$lib/core/kit';
  import type { Timer } from '$lib/core/timer';
  import TimerBar from '../timer/TimerBar.svelte';
  import { timers } from '../timer/timers.svelte';
  import { weighIn } from '../weigh/weigh-in.svelte';
  import Later from '../house/Later.svelte';
  import RoundBell from './RoundBell.svelte';
  import ClockControl from './ClockControl.svelte';
  import CommandBox from './CommandBox.svelte';
  import KeyHelp from './KeyHelp.svelte';
  import LightSwitch from './LightSwitch.svelte';
  import ScalePanel from '../scale/ScalePanel.svelte';
  import { thermometers, type ThermometersThere } from '../kit/thermometers.svelte';
  import { meter, type MeterThere } from '../meter/meter.svelte';
  import { scale, type ScaleThere } from '../scale/scale.svelte';
  import { BESIDE, fillsScreen, isIn, WAY } from './rooms';

  interface Overview {
    readonly household: Household;
    readonly now: number;
    readonly stepped: boolean;
    readonly due: number;
    readonly next: number | null;
    readonly gardenG: number;
    readonly benchG: number;
    readonly counterJars: number;
    readonly coldJars: number;
    readonly toBuy: number;
    readonly scale: ScaleThere | null;
    readonly meter: MeterThere | null;
    readonly thermometers: ThermometersThere | null;
    readonly timers: readonly Timer[];
    readonly elapsed: number;
  }
  let {
    overview,
    hand,
    children
  }: {
    overview: Overview;
    /** Who is signed in; null where nobody is asked. */
    hand: { name: string; role: 'hand' | 'guest' } | null;
    children: Snippet;
  } = $props();

  // svelte-ignore state_referenced_locally
  scale.there = overview.scale;
  // svelte-ignore state_referenced_locally
  meter.there = overview.meter;
  // svelte-ignore state_referenced_locally
  thermometers.there = overview.thermometers;
  const alone = $derived(fillsScreen(page.url.pathname));
  let commandOpen = $state(false);
  let helpOpen = $state(false);

  const mass = (g: number) =>
    g >= 1000 && overview.household.units === 'metric'
      ? `${(g / 1000).toFixed(1)} kg`
      : writeMass(g, overview.household.units);
  const jars = (n: number) => `${n} jar${n === 1 ? '' : 's'}`;
  const inside: Record<string, string> = $derived({
    garden: overview.gardenG > 0 ? mass(overview.gardenG) : 'empty',
    bench: overview.benchG > 0 ? mass(overview.benchG) : 'clear',
    counter: jars(overview.counterJars),
    cold: jars(overview.coldJars),
    pantry: overview.toBuy > 0 ? `${overview.toBuy} to buy` : 'all there'
  });

  function onkeydown(event: KeyboardEvent): void {
    const at = event.target as HTMLElement;
    const typing = /^(INPUT|SELECT|TEXTAREA)$/.test(at.tagName) || at.isContentEditable;
    if (typing || event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]'))
      return;
    const room = [...WAY, ...BESIDE].find((r) => r.key === event.key);
    if (room) void goto(room.href);
    else if (event.key === 'w') weighIn.show();
    else if (event.key === 'z' && scale.there) scale.open = !scale.open;
    else if (event.key === 'r') timers.set();
    else if (event.key === '/') commandOpen = true;
    else if (event.key === '?') helpOpen = true;
    else return;
    event.preventDefault();
  }
</script>

<svelte:window {onkeydown} />

{#if navigating.to}
  <p class="fixed inset-x-0 top-0 z-50 h-1 bg-slate" role="status">
    <span class="sr-only">Opening {navigating.to.url.pathname.slice(1) || 'Today'}</span>
  </p>
{/if}

<a
  href="#room"
  class="sr-only focus:not-sr-only focus:absolute focus:top-2 focus:left-2 focus:z-50 focus:bg-raised focus:p-3"
  >Skip to the room</a
>

<div class="mx-auto flex min-h-dvh max-w-[84rem] flex-col px-4 md:px-7">
  {#if !alone}<header class="no-print flex flex-wrap items-end gap-x-6 pt-3 md:pt-4">
      <a href="/" class="font-display text-2xl font-extrabold md:pb-2.5">Crockle</a>

      <!-- The way: rooms on one heavy line; on a phone it lies at the thumb. -->
      <nav
        aria-label="The way"
        class="fixed inset-x-0 bottom-0 z-40 border-t-[3px] border-ink bg-paper pb-[env(safe-area-inset-bottom)] md:static md:border-t-0 md:border-b-[3px] md:pr-8 md:pb-0 short:static"
      >
        <ul class="grid grid-cols-5 md:flex">
          {#each WAY as room (room.id)}
            {@const here = isIn(room, page.url.pathname)}
            <li>
              <a
                href={room.href}
                aria-current={here ? 'page' : undefined}
                class={[
                  'flex min-h-14 flex-col items-center justify-center rounded-b-lg px-1 leading-tight md:items-start md:rounded-t-lg md:rounded-b-none md:px-4 md:py-1.5',
                  here ? 'bg-slate text-chalk' : 'hover:bg-rule-soft'
                ]}
              >
                <span class="font-display font-bold">{room.name}</span>
                <span class={['text-sm', here ? '' : 'text-quiet']}>{inside[room.id]}</span>
              </a>
            </li>
          {/each}
        </ul>
      </nav>

      <div class="ml-auto md:order-last md:pb-2">
        <ClockControl now={overview.now} stepped={overview.stepped} />
      </div>

      <nav
        aria-label="Beside the way"
        class="flex w-full flex-wrap items-center gap-x-1 md:w-auto md:flex-nowrap md:pb-1"
      >
        {#each BESIDE as room (room.id)}
          {@const here = isIn(room, page.url.pathname)}
          <a
            href={room.href}
            aria-current={here ? 'page' : undefined}
            class={[
              'flex min-h-11 items-center rounded-lg px-1.5 first:-ml-1.5 md:px-2.5 md:first:ml-0',
              here ? 'bg-slate font-semibold text-chalk' : 'hover:bg-rule-soft'
            ]}
          >
            {room.name}{#if room.id === 'today' && overview.due > 0}&nbsp;<b>{overview.due}</b>{/if}
          </a>
        {/each}
        <button class="act ml-auto whitespace-nowrap md:ml-2" onclick={() => weighIn.show()}
          >+ weigh in</button
        >
      </nav>
    </header>{/if}

  <RoundBell
    now={overview.now}
    next={overview.next}
    stepped={overview.stepped}
    household={overview.household.name}
  />
  <TimerBar
    all={overview.timers}
    elapsed={overview.elapsed}
    stepped={overview.stepped}
    quiet={hand?.role === 'guest'}
  />

  {#if hand?.role === 'guest'}
    <p class="no-print mt-3 border-l-4 border-heed pl-3">
      You look on as a guest: nothing that you do here is stored.
    </p>
  {/if}

  <main id="room" class={['@container/room grow pt-5', alone ? '' : 'pb-28 md:pb-10']} tabindex="-1">
    {@render children()}
  </main>

  {#if !alone}<footer
      class="no-print mb-24 flex flex-wrap items-center gap-x-5 border-t border-rule-soft py-2 text-sm text-quiet md:mb-0"
    >
      <span>{overview.household.name}</span>
      <button class="min-h-11 underline-offset-4 hover:underline" onclick={() => (commandOpen = true)}
        >Find <kbd>/</kbd></button
      >
      <button class="min-h-11 underline-offset-4 hover:underline" onclick={() => (helpOpen = true)}
        >Keys <kbd>?</kbd></button
      >
      <button class="min-h-11 underline-offset-4 hover:underline" onclick={() => timers.set()}
        >Timer <kbd>r</kbd></button
      >
      <LightSwitch />
      {#if hand}
        <form method="POST" action="/sign-in?/out" class="flex items-center gap-x-2">
          <span>{hand.name}</span>
          <button class="min-h-11 underline-offset-4 hover:underline">Sign out</button>
        </form>
      {/if}
      {#if overview.scale}<button
          class="min-h-11 underline-offset-4 hover:underline"
          onclick={() => (scale.open = !scale.open)}>Scale <kbd>z</kbd></button
        >{/if}
      <span class="ml-auto max-w-prose py-2"
        >A tool for the arithmetic, not a safety test: follow tested guides, and when in doubt, throw it out.</span
      >
    </footer>{/if}
</div>

<Later load={() => import('../weigh/WeighIn.svelte')} props={{}} />
<Later load={() => import('../timer/TimerSheet.svelte')} props={{}} />
{#if scale.dialogs === 0}<ScalePanel />{/if}
<CommandBox bind:open={commandOpen} />
<KeyHelp bind:open={helpOpen} />
