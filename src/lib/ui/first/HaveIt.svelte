<script lang="ts">
  import { Input, Label } from 'flowbite-svelte';
  import Trouble from '../forms/Trouble.svelte';
  import type { First } from './first.svelte';

  /** What is in the basket, in the newcomer's own words; a few to begin with, a tap each. */
  let { first }: { first: First } = $props();
  const EXAMPLES = ['3 kg cabbage', '2 kg cucumbers', '900 g jalapeños', '5 lb kohlrabi'];
</script>

<Label for="basket" class="font-display text-2xl font-bold">I have</Label>
<Input
  id="basket"
  class="mt-1 min-h-14 text-xl md:text-[1.75rem]"
  bind:value={first.basket}
  autocomplete="off"
  autocapitalize="off"
  enterkeyhint="done"
  aria-describedby="basket-how"
  aria-invalid={first.refused ? true : undefined}
/>
<p id="basket-how" class="mt-1 text-quiet">
  Weight and name, as you would say it; several with “and” between.
</p>
<p class="flex flex-wrap gap-x-5" role="group" aria-label="For example">
  {#each EXAMPLES as example (example)}<button class="act" onclick={() => (first.basket = example)}
      >{example}</button
    >{/each}
</p>
{#if first.refused}<Trouble problem={first.refused} />{/if}
