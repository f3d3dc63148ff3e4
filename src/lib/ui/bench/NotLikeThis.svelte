<script lang="ts">
  import type { Problem } from '$lib/words';

  /** In the place of the answer: why there is none, and what would work. */
  let { problem }: { problem: Problem } = $props();
</script>

<div class="heed">
  <p class="text-lg font-semibold">{problem.says}</p>
  <p>{problem.wouldWork}</p>
</div>
