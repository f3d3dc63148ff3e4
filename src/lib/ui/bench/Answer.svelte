<script lang="ts">
  import { rollups } from 'd3-array';
  import { plain, plusMinus, relativeSd, roundSalt } from '$lib/core/quantity';
  import type { Spoonful } from '$lib/core/salt';
  import type { Worksheet } from '$lib/core/worksheet';
  import { useHouse } from '../house.svelte';
  import Why from '../why/Why.svelte';

  /** The big answer: jars, brine, salt. */
  let { sheet, dry }: { sheet: Worksheet; dry: boolean } = $props();
  const house = useHouse();
  const working = (id: string) => sheet.working.find((w) => w.id === id);
  const quarter = (n: number) => {
    const whole = Math.floor(n);
    return `${whole > 0 ? whole : ''}${{ 0: '', 0.25: '¼', 0.5: '½', 0.75: '¾' }[n - whole] ?? ''}` || '0';
  };
  const spoons = (s: Spoonful) =>
    [s.tbsp > 0 ? `${s.tbsp} tbsp` : '', s.restTsp > 0 ? `${quarter(s.restTsp)} tsp` : '']
      .filter(Boolean)
      .join(' + ');
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
  const volume = $derived(house.volume(sheet.brine?.mixMl ?? 0).split(' '));
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
      <span class="answer">{plain(roundSalt(sheet.salt.weighG), 1)}</span> <span class="big">g salt</span>
    </p>
  </div>
  <p class="text-sm text-quiet md:hidden">
    {dry ? 'Salt rubbed in dry: ' : ''}{spoons(sheet.salt.spoons)} ± {spoonPercent} %
  </p>
  {#if sheet.salt.scale.nearest === 'spoon'}
    <p class="heed mt-1 text-sm">
      Your scale is out by up to {Math.round(sheet.salt.scale.scaleError * 100)} % of this dose; a level spoon comes
      within {Math.round(sheet.salt.scale.spoonError * 100)} %{#if sheet.brine && sheet.salt.scale.inBulk > 1},
        and {sheet.salt.scale.inBulk} times the brine, made at once, within 5 %{/if}.
    </p>
  {/if}
  <ul class="hidden flex-wrap items-center gap-x-8 text-sm text-quiet md:flex">
    <li>{sizes} <Why working={working('jars')} /></li>
    <li>
      {#if sheet.brine}{house.volume(sheet.brine.waterMl)} water, {house.volume(sheet.brine.reserveMl)} to spare
        <Why working={working('brine')} />{:else}its own juice{/if}
    </li>
    <li>
      {dry ? 'rubbed in dry; ' : ''}{spoons(sheet.salt.spoons)} ± {spoonPercent} % <Why
        working={working('salt')}
      />
    </li>
  </ul>
</div>
