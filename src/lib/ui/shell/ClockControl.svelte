<script lang="ts">
  import { weekdayName, shortDay } from '$lib/words';
  import { stepOn } from '../house/step';
  import { clockTime, longDay } from '../time';

  /** The household's time; in the demo with a way to step it on. */
  let { now, stepped }: { now: number; stepped: boolean } = $props();
  let busy = $state(false);

  async function step(by: 'hour' | 'day' | 'due'): Promise<void> {
    busy = true;
    await stepOn(by);
    busy = false;
  }
</script>

<div class="text-right text-sm text-quiet">
  <time class="block"
    ><span class="hidden md:inline">{longDay(now)}</span><span class="md:hidden"
      >{weekdayName(now)} {shortDay(now)}</span
    >, {clockTime(now)}</time
  >
  {#if stepped}
    <div class="flex items-center justify-end gap-1" role="group" aria-label="Step the demo’s clock on">
      <span class="hidden sm:inline">step</span>
      {#each [['hour', 'hour'], ['day', 'day'], ['due', 'next due']] as const as [by, text] (by)}
        <button
          class="min-h-8 rounded px-1.5 underline decoration-rule-strong underline-offset-4 hover:decoration-2"
          disabled={busy}
          onclick={() => step(by)}
          aria-label="Step to {by === 'due' ? 'the next due thing' : `one ${by} later`}">{text}</button
        >
      {/each}
    </div>
  {/if}
</div>
