<script lang="ts">
  import '../app.css';
  import { onMount } from 'svelte';
  import { ThemeProvider } from 'flowbite-svelte';
  import Shell from '$lib/ui/shell/Shell.svelte';
  import Toasts from '$lib/ui/shell/Toasts.svelte';
  import { provideHouse } from '$lib/ui/house.svelte';
  import { theme } from '$lib/ui/theme';
  import type { LayoutProps } from './$types';

  let { data, children }: LayoutProps = $props();
  provideHouse(() => ({ household: data.overview.household, now: data.overview.now }));
  // From here on keys and taps are heard: the browser tests and the pictures wait for it.
  onMount(() => {
    document.body.dataset.alive = 'yes';
  });
</script>

<ThemeProvider {theme}>
  <Shell overview={data.overview} find={data.find}>{@render children()}</Shell>
  <Toasts />
</ThemeProvider>
