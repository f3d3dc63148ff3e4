<script lang="ts">
  import type { StartAt } from '$lib/core/season';
  import ActionForm from '../forms/ActionForm.svelte';

  /** What one may say of a start by hand: hold to it, put it off by a week, not then; and let go of what was said. */
  let { start, name, held }: { start: StartAt; name: string; held: boolean } = $props();
  const acts = $derived(
    held
      ? [{ how: 'free', does: 'Let go of it' } as const]
      : ([
          { how: 'begin', does: 'Hold to it' },
          { how: 'later', does: 'A week later' },
          { how: 'not', does: 'Not then' }
        ] as const)
  );
</script>

<ActionForm command="say-start" values={{ ...start }} class="no-print flex flex-wrap gap-x-4">
  {#snippet children({ busy })}
    {#each acts as { how, does } (how)}
      <button
        name="how"
        value={how}
        class="min-h-11 text-sm underline underline-offset-4"
        disabled={busy}
        aria-label="{does}: {name}">{does}</button
      >
    {/each}
  {/snippet}
</ActionForm>
