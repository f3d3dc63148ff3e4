<script lang="ts">
  import type { Snippet } from 'svelte';

  /** Folded until it is asked for; what lies in it is made when it is first opened, so that a room comes quickly. */
  let {
    text,
    open = $bindable(false),
    quiet = false,
    class: className = '',
    children
  }: { text: string; open?: boolean; quiet?: boolean; class?: string; children: Snippet } = $props();
  let opened = $state(false);
</script>

<details class={className} bind:open ontoggle={(e) => (opened ||= e.currentTarget.open)}>
  <summary class={quiet ? 'min-h-11 content-center underline underline-offset-4' : 'act'}>{text}</summary>
  {#if open || opened}{@render children()}{/if}
</details>
