<script lang="ts">
  import { plusMinus, writePercent, writeSalt, writeShare } from '$lib/core/quantity';
  import type { DosingWay } from '$lib/core/salt';
  import type { WayEnds, Worksheet } from '$lib/core/worksheet';

  /** The same figure said of each base, and where it ends in these jars. */
  interface Props {
    /** null: still being reckoned. */
    ways: readonly WayEnds[] | null;
    sheet: Worksheet;
  }
  let { ways, sheet }: Props = $props();
  const NAMES: Record<DosingWay, string> = {
    equilibrium: 'what it settles at',
    perWater: 'of the water',
    perVegetables: 'of the vegetables',
    perTotal: 'of vegetables and water',
    byTaste: 'by taste, as a soup'
  };
</script>

<table class="w-full text-sm" aria-label="Each way of dosing, in these jars">
  <thead>
    <tr class="text-left text-quiet"
      ><th class="font-normal" scope="col">The same figure</th><th class="px-2 font-normal" scope="col"
        >settles at</th
      ><th class="text-right font-normal" scope="col">salt</th></tr
    >
  </thead>
  <tbody>
    {#if ways === null}
      <!-- Room is kept for them, so that nothing jumps when they come. -->
      <tr class="h-32 align-top text-quiet lg:h-52"><td colspan="3">working it out …</td></tr>
    {/if}
    {#each ways ?? [] as w (w.way)}
      <tr class="border-b border-rule-soft">
        <th scope="row" class="py-1 text-left font-normal"
          >{w.way === 'byTaste' ? '' : `${writePercent(w.fraction)} `}{NAMES[w.way]}</th
        >
        <td class="px-2 font-semibold whitespace-nowrap"
          >{writePercent(w.ends.mean)} ± {writeShare(plusMinus(w.ends))}</td
        >
        <td class="text-right whitespace-nowrap">{writeSalt(w.saltG)}</td>
      </tr>
    {/each}
  </tbody>
</table>
<p class="pt-1 text-sm text-quiet">
  The batch as it stands is {writePercent(sheet.ends.perVegetables)} of the vegetables, {writePercent(
    sheet.ends.perTotal
  )} of vegetables and water{sheet.ends.perWater === null
    ? '; no water is added'
    : `, ${writePercent(sheet.ends.perWater)} of the water`}.
</p>
