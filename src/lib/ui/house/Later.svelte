<script lang="ts" generics="P extends Record<string, unknown>">
  import { onMount, type Component } from 'svelte';

  /**
   * A part that shows nothing until it is asked for: fetched once the page answers a finger, so that a phone need not wait
   * for it. Asked for before, it comes a moment later.
   */
  let { load, props }: { load: () => Promise<{ default: Component<P> }>; props: P } = $props();
  /** By then it is fetched, whatever else goes on; and where the line was cut, again so much later. */
  const IDLE_MS = 400;
  const AGAIN_MS = 3000;
  let Part = $state.raw<Component<P>>();
  onMount(() => {
    let gone = false;
    const fetchIt = () =>
      load().then(
        (part) => (Part = part.default),
        () => {
          if (!gone) setTimeout(() => void fetchIt(), AGAIN_MS);
        }
      );
    // Not every phone's browser says when it is idle.
    if ('requestIdleCallback' in window) requestIdleCallback(() => void fetchIt(), { timeout: IDLE_MS });
    else setTimeout(() => void fetchIt(), IDLE_MS);
    return () => {
      gone = true;
    };
  });
</script>

{#if Part}<Part {...props} />{/if}
