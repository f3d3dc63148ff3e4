<script lang="ts">
  import ShoppingList from '$lib/ui/pantry/ShoppingList.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Shopping list · Crockle</title></svelte:head>

<p class="no-print"><a class="act" href="/pantry">Pantry</a></p>
<div class="max-w-xl">
  <h1>Shopping list</h1>
  <ShoppingList list={data.list} />
</div>
