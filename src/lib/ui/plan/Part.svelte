<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A part of the season's plan under its name. */
  interface Props {
    name: string;
    /** Left out on paper. */
    aside?: boolean;
    children: Snippet;
  }
  let { name, aside = false, children }: Props = $props();
  const id = $props.id();
</script>

<section aria-labelledby={id} class={aside ? 'no-print' : ''}>
  <h2 {id} class="border-b-2 border-ink pb-1">{name}</h2>
  {@render children()}
</section>
