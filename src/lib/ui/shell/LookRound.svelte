<script lang="ts">
  import { Button } from 'flowbite-svelte';

  /** Into the demo's house, in full harvest; or, from there, the way back. */
  let { back = false }: { back?: boolean } = $props();
  // The house is made up while one waits.
  let opening = $state(false);
</script>

<svelte:window onpageshow={() => (opening = false)} />

<form method="POST" action="/round" onsubmit={() => (opening = true)}>
  {#if back}
    <input type="hidden" name="back" value="yes" />
    <p class="no-print flex flex-wrap items-center gap-x-4 bg-slate px-4 text-chalk md:px-7">
      <span class="py-2">A made-up house in September: nothing that you do here reaches your own.</span>
      <button class="min-h-11 font-semibold underline underline-offset-4">Back to mine</button>
    </p>
  {:else}
    <p>
      Rather see a kitchen in full harvest first? Its people, jars and picks are made up; yours stays as it
      is.
    </p>
    <Button type="submit" outline class="mt-2" disabled={opening}
      >{opening ? 'It is being laid out …' : 'Look round a house in September'}</Button
    >
  {/if}
</form>
