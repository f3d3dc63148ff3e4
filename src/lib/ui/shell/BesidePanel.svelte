<script lang="ts">
  import type { Snippet } from 'svelte';
  import { goto } from '$app/navigation';
  import { chosenBy } from '../house/chosen.svelte';

  interface Props {
    label: string;
    /** How the address names what is chosen, such as `batch`. */
    what: string;
    /** The room with nothing chosen. */
    room: string;
    children: Snippet;
  }
  /**
   * What is chosen in a room, beside it; on a phone the jars come first, and it rises from below when one is tapped. Its foot
   * is high enough for what has just been said: no link of it lies under a message.
   */
  let { label, what, room, children }: Props = $props();
  const risen = $derived(chosenBy(what) !== null);
  let panel: HTMLElement | undefined = $state();
  const onPhone = () => window.matchMedia('(max-width: 1023px)').matches;
  // Where one reads on; where it stands beside the jars the hand stays at its jar.
  $effect(() => {
    if (risen && panel && onPhone()) panel.focus({ preventScroll: true });
  });
  const close = () => void goto(room, { noScroll: true, keepFocus: true });
</script>

<svelte:window
  onkeydown={(e) => {
    if (e.key === 'Escape' && risen && onPhone() && !document.querySelector('dialog[open]')) close();
  }}
/>

<aside
  bind:this={panel}
  tabindex="-1"
  aria-label={label}
  class={[
    'outline-none lg:col-start-2 lg:row-start-1',
    risen
      ? 'max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-30 max-lg:max-h-[72dvh] max-lg:overflow-y-auto max-lg:rounded-t-2xl max-lg:border-t-[3px] max-lg:border-ink max-lg:bg-paper max-lg:px-4 max-lg:pb-56 max-lg:shadow-[0_-8px_24px_rgb(0_0_0/0.25)] print:static print:max-h-none'
      : 'max-lg:hidden'
  ]}
>
  {#if risen}
    <div class="sticky top-0 z-10 flex justify-center bg-paper lg:hidden print:hidden">
      <button class="act min-h-11 px-6" onclick={close}>back to the jars</button>
    </div>
  {/if}
  {@render children()}
</aside>
