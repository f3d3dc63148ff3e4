<script lang="ts">
  import { Modal } from 'flowbite-svelte';
  import { untrack, type Snippet } from 'svelte';
  import { scale } from '../scale/scale.svelte';
  import ScalePanel from '../scale/ScalePanel.svelte';

  /** A sheet laid over the room: named for those who hear it, closed by Esc or a tap beside it. */
  interface Props {
    open: boolean;
    title: string;
    size?: 'xs' | 'sm' | 'md';
    placement?: 'center' | 'top-center';
    onclose?: () => void;
    children: Snippet;
  }
  let { open = $bindable(), title, size = 'sm', placement = 'center', onclose, children }: Props = $props();
  // What lies outside an open dialog cannot be touched: the scale comes into it.
  $effect(() => {
    if (!open) return;
    untrack(() => scale.dialogs++);
    return () => {
      scale.dialogs--;
    };
  });
</script>

<Modal bind:open {title} {size} {placement} {onclose} aria-label={title} outsideclose
  >{@render children()}{#if scale.open}<ScalePanel />{/if}</Modal
>
