<script lang="ts">
  import type { Problem } from '$lib/words';

  let { problem, id }: { problem: Problem | undefined; id?: string } = $props();
</script>

{#if problem}
  <p class="harm mt-1 text-sm" {id} role="alert">
    <span class="font-semibold text-harm">{problem.says}</span>
    {problem.wouldWork}
  </p>
{/if}
