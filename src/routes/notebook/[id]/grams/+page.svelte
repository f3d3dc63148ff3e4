<script lang="ts">
  import Grams from '$lib/ui/ledger/Grams.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Every gram: {data.name} · Crockle</title></svelte:head>

<p class="no-print flex flex-wrap justify-between gap-x-6">
  <a class="act" href="/notebook/{data.id}">{data.name}</a>
  <a class="act" href="/notebook/{data.id}/grams.csv" download>As a table for a spreadsheet (CSV)</a>
</p>
<h1>Every gram of {data.name}</h1>
<div class="mt-5"><Grams book={data.book} /></div>
