<script lang="ts">
  import { Modal } from 'flowbite-svelte';
  import { nanoid } from 'nanoid';
  import { tick, untrack, type Snippet } from 'svelte';
  import { laySheet } from '../house/entries';
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
  /** A sheet that was never opened is not there: a room has many, and a phone feels each. */
  let met = $state(false);
  /** Where the hand was: there it goes on once the sheet is gone. */
  let before: Element | null = null;
  $effect.pre(() => {
    if (!open) return;
    met = true;
    before = document.activeElement;
  });
  let body: HTMLElement | undefined = $state();
  // It opens on its first field, not on what closes it.
  $effect(() => {
    if (!open || !body) return;
    const inside = body;
    const was = before;
    const sheet = inside.closest('dialog');
    void tick().then(() => {
      if (inside.contains(document.activeElement)) return;
      inside
        .querySelector<HTMLElement>(':is(input:not([type=hidden]), select, textarea):not(:disabled)')
        ?.focus({ preventScroll: true });
    });
    const giveBack = () => {
      const free = document.activeElement === null || document.activeElement === document.body;
      if (free && was instanceof HTMLElement && was.isConnected) was.focus({ preventScroll: true });
    };
    // As long as it fades nothing beside it can be reached.
    return () => sheet?.addEventListener('outroend', () => setTimeout(giveBack), { once: true });
  });
  // Back takes it away.
  $effect(() => {
    if (!open) return;
    return untrack(() =>
      laySheet(nanoid(8), () => {
        open = false;
        onclose?.();
      })
    );
  });
  // What lies outside an open dialog cannot be touched: the scale comes into it.
  $effect(() => {
    if (!open) return;
    untrack(() => scale.dialogs++);
    return () => {
      scale.dialogs--;
    };
  });
</script>

{#if met}
  <Modal bind:open {title} {size} {placement} {onclose} aria-label={title} outsideclose
    ><div class="contents" bind:this={body}>{@render children()}</div>
    {#if scale.open}<ScalePanel />{/if}</Modal
  >
{/if}
