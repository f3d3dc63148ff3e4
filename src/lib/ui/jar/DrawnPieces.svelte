<script lang="ts">
  import type { Drawn } from './drawn.svelte';
  import { DRAWN_SCALE } from './pieces';

  /** Shows nothing itself: what jars use stands here once. Comes after the jars, which say what they need. */
  let { drawn }: { drawn: Drawn } = $props();
</script>

<svg class="absolute" width="0" height="0" aria-hidden="true" focusable="false">
  <defs>
    {#each drawn.all as [id, { as, paths }] (id)}
      {#if as === 'glass'}
        <path {id} d={paths[0]} />
        <clipPath id="{id}-in"><use href="#{id}" /></clipPath>
      {:else if as === 'front'}
        <!-- The outline is as strong as the jar that uses it says; lids are all alike. -->
        <g {id}>
          <path d={paths[0]} fill="none" />
          <path d={paths[1]} fill="var(--glass)" class="jar-lid" />
          <path d={paths[2]} fill="none" class="jar-lid" />
        </g>
      {:else}
        <g {id} transform="scale({DRAWN_SCALE})">
          {#each paths as d, i (i)}<path {d} fill="var(--p{i})" fill-rule="evenodd" />{/each}
        </g>
      {/if}
    {/each}
  </defs>
</svg>
