<script lang="ts">
  import { plain, plusMinus, relativeSd, roundSalt, writePercent } from '$lib/core/quantity';
  import { saltKind, type Spoonful } from '$lib/core/salt';
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
  const spoons = (s: Spoonful) => [s.tbsp > 0 ? `${s.tbsp} tbsp` : '', s.restTsp > 0 ? `${quarter(s.restTsp)} tsp` : ''].filter(Boolean).join(' + ');
  const kind = $derived(saltKind(sheet.saltKindId));
  const spoonPercent = $derived(Math.round(plusMinus({ mean: 0, sd: relativeSd(kind?.gsd ?? 1) }) * 100));
  const sizes = $derived.by(() => {
    const names = new Map<string, number>();
    for (const j of sheet.jars) names.set(j.name, (names.get(j.name) ?? 0) + 1);
    return [...names].map(([name, n]) => (n > 1 ? `${n} × ${name}` : name)).join(', ');
  });
  const volume = $derived(house.volume(sheet.brine?.mixMl ?? 0).split(' '));
</script>

<div class="grid grid-cols-3 gap-x-4 gap-y-3 md:flex md:flex-wrap md:gap-x-12" aria-live="polite" data-answer>
  <div class="min-w-0">
    <p><span class="answer">{sheet.jars.length}</span> <span class="big">jar{sheet.jars.length === 1 ? '' : 's'}</span></p>
    <p class="text-sm text-quiet">{sizes} <Why working={working('jars')} /></p>
  </div>
  <div class="min-w-0">
    {#if sheet.brine}
      <p><span class="answer">{volume[0]}</span> <span class="big">{volume.slice(1).join(' ')} brine</span></p>
      <p class="text-sm text-quiet">{house.volume(sheet.brine.waterMl)} water, {house.volume(sheet.brine.reserveMl)} to spare <Why working={working('brine')} /></p>
    {:else}
      <p><span class="answer">0</span> <span class="big">brine</span></p>
      <p class="text-sm text-quiet">its own juice</p>
    {/if}
  </div>
  <div class="min-w-0">
    <p><span class="answer">{plain(roundSalt(sheet.salt.weighG), 1)}</span> <span class="big">g salt</span></p>
    <p class="text-sm text-quiet">{dry ? 'rubbed in dry; ' : ''}{spoons(sheet.salt.spoons)} ± {spoonPercent} % <Why working={working('salt')} /></p>
  </div>
</div>
{#if sheet.juice}
  <p class="mt-3 max-w-prose text-sm">
    The juice must stand over the shreds within 24 hours. If not, pour brine of {writePercent(sheet.juice.strength)}: {plain(sheet.juice.saltPerLitreG, 0)} g of your salt to 1 l water; it keeps the strength.
  </p>
{/if}
