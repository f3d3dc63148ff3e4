<script lang="ts">
  import { Modal } from 'flowbite-svelte';
  import type { Snippet } from 'svelte';

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
</script>

<Modal bind:open {title} {size} {placement} {onclose} aria-label={title} outsideclose
  >{@render children()}</Modal
>
