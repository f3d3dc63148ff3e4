<script lang="ts" generics="N extends FormName">
  import type { ComponentProps } from 'svelte';
  import type { FormName } from '$lib/schema/commands';
  import ActionForm from './ActionForm.svelte';

  /** A small thing that one tap does, beside what it is about: a line of underlined words. */
  interface Props extends Omit<ComponentProps<typeof ActionForm<N>>, 'children' | 'label'> {
    does: string;
    /** What it does to what, where the words alone do not say. */
    label?: string | undefined;
  }
  let { does, label, ...form }: Props = $props();
</script>

<ActionForm {...form}>
  {#snippet children({ busy })}
    <button class="no-print min-h-11 text-sm underline underline-offset-4" disabled={busy} aria-label={label}
      >{does}</button
    >
  {/snippet}
</ActionForm>
