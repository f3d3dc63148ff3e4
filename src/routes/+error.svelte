<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>Crockle</title></svelte:head>

<h1>{page.status === 404 ? 'There is nothing here' : 'Something broke here'}</h1>
<p class="mt-3 max-w-prose">
  {page.error?.message}
  {#if page.error?.id}<span class="text-quiet">It is noted in the log as {page.error.id}.</span>{/if}
</p>
<p class="mt-4"><a class="act" href="/">Go to Today</a></p>
