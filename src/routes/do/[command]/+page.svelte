<script lang="ts">
  import type { PageProps } from './$types';

  /** Seen only where no script runs: what was done, or why not. */
  let { form }: PageProps = $props();
</script>

<svelte:head><title>Done · Crockle</title></svelte:head>
{#if form && 'said' in form}
  <h1>{form.said}</h1>
{:else}
  <h1>Not stored</h1>
  {#each form?.problems ?? [] as p (p.code + (p.field ?? ''))}
    <p class="heed mt-3"><b>{p.says}</b> {p.wouldWork}</p>
  {/each}
  <p class="mt-3">Go back with your browser: what you typed is still there.</p>
{/if}
<p class="mt-4"><a class="act" href="/">To Today</a></p>
