<script lang="ts">
  import { page } from '$app/state';

  /** What stands behind the first of a long list: one tap shows all of it. */
  let { more, what }: { more: number; what: string } = $props();
  const all = $derived(page.url.search === '' ? '?all' : `${page.url.search}&all`);
</script>

{#if more > 0}<a class="act no-print" href={all} data-sveltekit-noscroll>{more} more {what}</a>{/if}
