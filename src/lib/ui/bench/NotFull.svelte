<script lang="ts">
  import { writePercent } from '$lib/core/quantity';
  import type { ShredsAnswer, Worksheet } from '$lib/core/worksheet';
  import { useHouse } from '../house/house.svelte';
  import type { Bench } from './bench.svelte';

  /** Shreds or mash that do not fill their jars: what was done about it, and what else could be. */
  let { bench, sheet, shreds }: { bench: Bench; sheet: Worksheet; shreds: ShredsAnswer } = $props();
  const house = useHouse();
  const n = $derived(sheet.jars.length);
  const pours = $derived(sheet.brine !== null);
</script>

<section aria-label="Jars that are not full" class="border-y border-rule-strong py-2">
  <p>
    <b
      >{n === 1 ? 'The jar is' : shreds.how === 'level' ? `All ${n} jars are` : 'The last jar is'}
      {writePercent(shreds.level, 0)} full</b
    >{shreds.how === 'level' ? ', levelled so that none is nearly empty' : ''}{pours
      ? ', topped up with brine as strong as the batch'
      : shreds.mash
        ? '; a mash is not thinned unless you want it'
        : ''}.
  </p>
  <ul class="no-print flex flex-wrap gap-x-6">
    {#if shreds.holdBack}
      <li>
        <button class="act" onclick={() => bench.choose({ counts: shreds.holdBack?.counts ?? null })}
          >hold back {house.mass(shreds.holdBack.leftG)}</button
        >
        <span class="text-sm text-quiet"
          >for {n - 1} full jar{n > 2 ? 's' : ''}: eat it fresh, keep it for the next jar, or an off-cut jar</span
        >
      </li>
    {/if}
    {#if shreds.smaller}
      <li>
        <button class="act" onclick={() => bench.choose({ counts: shreds.smaller?.counts ?? null })}
          >take a {shreds.smaller.name} for the last</button
        >
      </li>
    {/if}
    {#if pours || shreds.mash}
      <li>
        <button class="act" onclick={() => bench.choose({ topUp: pours ? 'no' : 'yes' })}
          >{pours ? 'do not top up' : 'top it up with brine all the same'}</button
        >
      </li>
    {/if}
  </ul>
  {#if shreds.moreG > 5}<p class="text-sm text-quiet">
      Full, {n === 1 ? 'it wants' : `these ${n} want`}
      {house.mass(shreds.moreG)} more, prepared.
    </p>{/if}
</section>
