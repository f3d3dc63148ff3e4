<script lang="ts">
  import type { Drawn } from './drawn.svelte';

  /** Shows nothing itself: what jars use stands here once. Comes after the jars, which say what they need. */
  let { drawn }: { drawn: Drawn } = $props();
</script>

<svg class="absolute" width="0" height="0" aria-hidden="true" focusable="false">
  <defs>
    {#each drawn.all as [id, { paths, clips }] (id)}
      {#if clips}
        <path {id} d={paths[0]} />
        <clipPath id="{id}-in"><use href="#{id}" /></clipPath>
      {:else}
        <g {id}>
          {#each paths as d, i (i)}<path {d} fill="var(--p{i})" fill-rule="evenodd" />{/each}
        </g>
      {/if}
    {/each}
  </defs>
</svg>
