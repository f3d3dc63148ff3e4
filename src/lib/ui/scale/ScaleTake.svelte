<script lang="ts">
  import { takenText } from '$lib/core/scale';
  import { scale } from './scale.svelte';

  /** Takes the weight into a field, once it stands still. */
  let { label, ontake }: { label: string; ontake: (text: string) => void } = $props();
  $effect(() => scale.listen());
  const now = $derived.by(() => {
    const r = scale.reading;
    if (!r) return '';
    if (r.state === 'off') return 'the scale is off';
    if (r.state === 'overload') return 'more than the scale holds';
    return takenText(r, scale.there?.stepG ?? 1);
  });
  const doing = $derived.by(() => {
    if (scale.settled) return 'take the weight';
    if (!scale.reading) return 'asking the scale';
    return scale.reading.state === 'on' ? 'settling' : '';
  });
</script>

{#if scale.lost}
  <p class="text-sm text-heed" role="status">
    The scale does not answer. Type the weight, or wait: nothing is lost.
  </p>
{:else}
  <div class="flex flex-wrap items-center gap-x-3">
    <button
      type="button"
      class="flex min-h-11 grow flex-wrap content-center items-center justify-between gap-x-3 text-left text-sm"
      aria-label="Take the weight for {label}"
      disabled={!scale.settled}
      onmousedown={(e) => e.preventDefault()}
      onclick={() => {
        const text = scale.take();
        if (text !== undefined) ontake(text);
      }}
    >
      <span class={['whitespace-nowrap', scale.settled ? 'act min-h-0' : 'text-quiet']}>{doing}</span><span
        class="font-display font-bold whitespace-nowrap">{now}</span
      >
    </button>
    {#if !scale.open}<button
        type="button"
        class="min-h-11 text-sm whitespace-nowrap underline underline-offset-4"
        onmousedown={(e) => e.preventDefault()}
        onclick={() => (scale.open = true)}>the scale</button
      >{/if}
  </div>
{/if}
