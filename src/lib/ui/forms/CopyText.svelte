<script lang="ts">
  import { Button, Textarea } from 'flowbite-svelte';
  import Sheet from './Sheet.svelte';
  import { toasts } from '../house/toasts.svelte';

  /** Copies as plain text; where the browser allows no clipboard (plain HTTP), shows it to be copied by hand. */
  let { text, label = 'Copy' }: { text: string; label?: string } = $props();
  let open = $state(false);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
      toasts.say('Copied as plain text');
    } catch {
      open = true;
    }
  };
</script>

<Button class="px-3 sm:px-4" outline onclick={copy}>{label}</Button>
<Sheet bind:open title="Copy it from here">
  <Textarea
    class="w-full font-mono text-sm"
    rows={14}
    value={text}
    readonly
    aria-label="The text to copy"
    onfocus={(e) => e.currentTarget.select()}
  />
  <p class="text-sm text-quiet">This browser lets no page copy by itself here. Select all, then copy.</p>
</Sheet>
