<script lang="ts">
  import type { Snippet } from 'svelte';

  /** Folded on the screen until it is asked for; on paper it is always there. */
  let { text, children }: { text: string; children: Snippet } = $props();
  const id = $props.id();
  let open = $state(false);
</script>

<section class="border-t border-rule-strong pt-1">
  <button class="act no-print" aria-expanded={open} aria-controls={id} onclick={() => (open = !open)}
    >{text}</button
  >
  <h2 class="hidden print:block">{text}</h2>
  <div {id} class={open ? '' : 'hidden print:block'}>{@render children()}</div>
</section>
