<script lang="ts">
  import { Toast } from 'flowbite-svelte';
  import { page } from '$app/state';
  import { toasts } from '../house/toasts.svelte';
  import { fillsScreen } from './rooms';

  // In a making the hand is at the foot of the screen, and its header is read: one at a time, above.
  const inMaking = $derived(fillsScreen(page.url.pathname));
  /** Hidden, not gone: it hears that the hand or the keyboard left it. */
  const over = (i: number): string => (inMaking && i < toasts.all.length - 1 ? 'hidden' : '');
</script>

<div
  class={[
    'no-print pointer-events-none fixed inset-x-0 z-50 flex flex-col items-center gap-2 px-4',
    inMaking ? 'top-3' : 'bottom-24 md:bottom-6'
  ]}
  role="status"
  aria-live="polite"
>
  {#each toasts.all as said, i (said.id)}
    <Toast
      dismissable={false}
      class="pointer-events-auto w-full max-w-xl rounded-lg border-0 bg-slate p-0 text-chalk shadow-lg dark:bg-slate dark:text-chalk {over(
        i
      )}"
      onpointerenter={() => toasts.hold(said.id)}
      onpointerleave={() => toasts.letGo(said.id)}
      onfocusin={() => toasts.hold(said.id)}
      onfocusout={() => toasts.letGo(said.id)}
    >
      <div class="flex items-center gap-4 px-4 py-1">
        <p class="grow py-2 text-base">
          <span class="font-semibold">{said.text}</span>
          {#if said.more}<span class="block text-sm">{said.more}</span>{/if}
        </p>
        {#if said.link}
          <a class="min-h-11 content-center font-bold underline underline-offset-4" href={said.link.href}
            >{said.link.text}</a
          >
        {/if}
        {#if said.undo}
          <button
            class="min-h-11 min-w-11 font-bold underline underline-offset-4"
            onclick={() => toasts.undo(said)}
          >
            Undo
          </button>
        {/if}
        <button class="min-h-11 min-w-11" aria-label="Close this message" onclick={() => toasts.drop(said.id)}
          >×</button
        >
      </div>
    </Toast>
  {/each}
</div>
