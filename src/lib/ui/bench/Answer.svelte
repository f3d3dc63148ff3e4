<script lang="ts">
  import { rollups } from 'd3-array';
  import { plain, plusMinus, relativeSd, roundSalt } from '$lib/core/quantity';
  import type { Worksheet } from '$lib/core/worksheet';
  import { useHouse } from '../house/house.svelte';
  import { partWords, spoonWords } from '../style/salt-words';
  import Why from '../why/Why.svelte';

  /** The big answer: jars, brine, salt. */
  let { sheet, dry }: { sheet: Worksheet; dry: boolean } = $props();
  // Until the rinsed leaf is weighed, the salt to strew is what the hand wants to know.
  const strew = $derived(sheet.rinse !== null && !sheet.rinse.weighed);
  const saltG = $derived(sheet.rinse && strew ? sheet.rinse.heavySaltG : sheet.salt.weighG);
  const spoonful = $derived(sheet.rinse && strew ? sheet.rinse.heavySpoons : sheet.salt.spoons);
  const house = useHouse();
  const working = (id: string) => sheet.working.find((w) => w.id === id);
  /** Where it is weighed out: each part by itself, where there are several. */
  const parts = $derived(strew || sheet.salt.parts.length < 2 ? [] : sheet.salt.parts);
  const inBowl = $derived(dry && sheet.salt.parts.every((p) => p.where === 'bowl'));
  const spoonPercent = $derived(
    Math.round(plusMinus({ mean: 0, sd: relativeSd(sheet.salt.spoons.gsd) }) * 100)
  );
  const sizes = $derived(
    rollups(
      sheet.jars,
      (all) => all.length,
      (j) => j.name
    )
      .map(([name, n]) => (n > 1 ? `${n} × ${name}` : name))
      .join(', ')
  );
  const volume = $derived(house.volume(sheet.brine?.mixMl ?? 0).split('\u00a0'));
</script>

<div aria-live="polite" data-answer>
  <div class="flex justify-between gap-x-4 md:justify-start md:gap-x-12">
    <p class="flex flex-col md:block">
      <span class="answer">{sheet.jars.length}</span>
      <span class="big">jar{sheet.jars.length === 1 ? '' : 's'}</span>
    </p>
    <p class="flex flex-col md:block">
      {#if sheet.brine}<span class="answer">{volume[0]}</span>
        <span class="big">{volume.slice(1).join(' ')} brine</span>
      {:else}<span class="answer">0</span> <span class="big">brine</span>{/if}
    </p>
    <p class="flex flex-col md:block">
      <span class="answer">{plain(roundSalt(saltG), 1)}</span>
      <span class="big">{strew ? 'g to sprinkle' : 'g salt'}</span>
    </p>
  </div>
  <p class="text-sm text-quiet md:hidden">
    {#if parts.length > 0}{parts.map((p) => `${partWords(p)} (${spoonWords(p.spoons)})`).join(', ')}
    {:else}{strew ? 'Sprinkled, then rinsed: ' : inBowl ? 'Salt rubbed in dry: ' : ''}{spoonWords(
        spoonful
      )}{/if} ±
    {spoonPercent}&nbsp;%
  </p>
  <ul class="hidden flex-wrap items-center gap-x-5 text-sm text-quiet md:flex">
    <li>{sizes} <Why working={working('jars')} /></li>
    <li>
      {#if sheet.brine}{house.volume(sheet.brine.waterMl)} water, {house.volume(sheet.brine.reserveMl)} to spare
        <Why working={working('brine')} />{:else}its own juice{/if}
    </li>
    <li>
      {#if parts.length > 0}{parts.map((p) => `${partWords(p)}, ${spoonWords(p.spoons)}`).join('; ')}
      {:else}{strew ? 'sprinkled, then rinsed; ' : inBowl ? 'rubbed in dry; ' : ''}{spoonWords(spoonful)}{/if} ±
      {spoonPercent}&nbsp;%
      <Why working={working('salt')} />
    </li>
  </ul>
</div>
