<script lang="ts">
  import { Radio } from 'flowbite-svelte';
  import type { FieldOf } from '$lib/schema/commands';
  import type { Problem } from '$lib/words';
  import Trouble from '../forms/Trouble.svelte';
  import { UNITS } from '../kit/choices';
  import Eaters from '../kit/Eaters.svelte';
  import YourJars from './YourJars.svelte';
  import type { First } from './first.svelte';

  /** The few things that Crockle cannot guess, each with its reason; fields of the form round it. */
  let { first, problemAt }: { first: First; problemAt: (field: FieldOf<'settle'>) => Problem | undefined } =
    $props();
</script>

<fieldset class="mt-6">
  <legend class="font-display text-lg font-bold">How do you weigh and measure?</legend>
  <p class="text-sm text-quiet">So that every figure is one your scale and your jug know.</p>
  <div class="mt-1 flex flex-col">
    {#each UNITS as u (u.value)}<Radio
        name="units"
        value={u.value}
        bind:group={first.units}
        classes={{ label: 'min-h-11' }}>{u.name}</Radio
      >{/each}
  </div>
</fieldset>
<fieldset class="mt-6">
  <legend class="font-display text-lg font-bold">Which jars do you own?</legend>
  <p class="text-sm text-quiet">
    Sizes decide how many are filled to the line, lids what must be opened by hand. The answer above follows.
  </p>
  <YourJars {first} />
  <Trouble problem={problemAt('jars')} />
</fieldset>
<div class="mt-6">
  <Eaters eaters={[]} legend="Who eats?" class="font-display text-lg font-bold" />
</div>
