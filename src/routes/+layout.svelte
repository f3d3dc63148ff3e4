<script lang="ts">
  import '../app.css';
  import { onMount } from 'svelte';
  import { afterNavigate, beforeNavigate } from '$app/navigation';
  import { ThemeProvider } from 'flowbite-svelte';
  import Shell from '$lib/ui/shell/Shell.svelte';
  import LookRound from '$lib/ui/shell/LookRound.svelte';
  import Toasts from '$lib/ui/shell/Toasts.svelte';
  import { NEW_HOUSEHOLD } from '$lib/core/kit';
  import { standsAnew, wentBack } from '$lib/ui/house/entries';
  import { provideHouse } from '$lib/ui/house/house.svelte';
  import { knowHouse } from '$lib/ui/house/send';
  import { news } from '$lib/ui/house/news.svelte';
  import { isTyped } from '$lib/ui/house/typed';
  import { provideDrawn } from '$lib/ui/jar/drawn.svelte';
  import DrawnPieces from '$lib/ui/jar/DrawnPieces.svelte';
  import { theme } from '$lib/ui/theme';
  import type { LayoutProps } from './$types';

  let { data, children }: LayoutProps = $props();
  provideHouse(() => ({
    household: data.overview?.household ?? NEW_HOUSEHOLD,
    now: data.overview?.now ?? 0,
    hand: data.hand?.name ?? ''
  }));
  // Told as it is loaded, for whatever is sent from then on.
  $effect.pre(() => {
    if (data.overview) knowHouse(data.overview);
  });
  const inside = $derived(data.overview !== null);
  $effect(() => (inside ? news.listen() : undefined));
  // Signed out from afar: being sent to sign in would lose what was typed. Sending it says so.
  beforeNavigate(({ to, cancel }) => {
    if (news.looks && to?.url.pathname === '/sign-in' && isTyped()) cancel();
  });
  afterNavigate(standsAnew);
  const drawn = provideDrawn();
  // From here on keys and taps are heard: the browser tests and the pictures wait for it.
  onMount(() => {
    document.body.dataset.alive = 'yes';
  });
</script>

<svelte:window onpopstate={wentBack} />

<ThemeProvider {theme}>
  {#if data.overview}
    {#if data.round}<LookRound back />{/if}
    <Shell overview={data.overview} hand={data.hand}>{@render children()}</Shell>
  {:else}
    <main class="mx-auto max-w-xl px-4 pt-6 pb-16">{@render children()}</main>
  {/if}
  <Toasts />
  <DrawnPieces {drawn} />
</ThemeProvider>
