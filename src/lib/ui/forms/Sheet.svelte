<script lang="ts">
  import { Modal } from 'flowbite-svelte';
  import { nanoid } from 'nanoid';
  import { pushState } from '$app/navigation';
  import { navigating } from '$app/state';
  import { tick, untrack, type Snippet } from 'svelte';
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
  /** By then the router has begun to follow a link: it lets the browser paint first, 100 ms at most. */
  const LINK_FOLLOWED_MS = 300;
  /** Back takes it away: it has an entry of its own in the history, another each time it is laid; null: it lies not. */
  let laid: string | null = null;
  let going: ReturnType<typeof setTimeout> | undefined;
  /** The sheet of the entry where the history stands; the page's own state is set anew whenever it looks again. */
  const atEntry = (): unknown =>
    (history.state as { 'sveltekit:states'?: App.PageState } | null)?.['sveltekit:states']?.sheet;
  $effect(() => {
    if (open === (laid !== null)) return;
    const before = laid;
    laid = open ? nanoid(8) : null;
    if (laid !== null) untrack(() => pushState('', { sheet: laid ?? '' }));
    // Closed by hand: its entry goes, too, unless what closed it leads elsewhere. A link that is tapped is followed a moment
    // later, and going back then would take it back.
    else
      going = setTimeout(() => {
        if (atEntry() === before && !navigating.to) history.back();
      }, LINK_FOLLOWED_MS);
  });
  const onpopstate = () => {
    if (laid === null || atEntry() === laid) return;
    laid = null;
    open = false;
    onclose?.();
  };
  // What lies outside an open dialog cannot be touched: the scale comes into it.
  $effect(() => {
    if (!open) return;
    untrack(() => scale.dialogs++);
    return () => {
      scale.dialogs--;
    };
  });
</script>

<!-- Another page is being loaded: going back now would call that off. -->
<svelte:window {onpopstate} onbeforeunload={() => clearTimeout(going)} />

{#if met}
  <Modal bind:open {title} {size} {placement} {onclose} aria-label={title} outsideclose
    ><div class="contents" bind:this={body}>{@render children()}</div>
    {#if scale.open}<ScalePanel />{/if}</Modal
  >
{/if}
