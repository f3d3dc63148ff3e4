<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A picture beside words that say the same: made once it comes into sight, so that a phone does not wait for what lies below. */
  let { class: className, children }: { class: string; children: Snippet } = $props();
  let place: HTMLElement | undefined = $state();
  let seen = $state(false);
  $effect(() => {
    if (!place || seen) return;
    const watch = new IntersectionObserver((all) => (seen ||= all.some((one) => one.isIntersecting)));
    watch.observe(place);
    return () => watch.disconnect();
  });
</script>

<span bind:this={place} class={className} aria-hidden="true"
  >{#if seen}{@render children()}{/if}</span
>
