<script lang="ts">
  import { AS_IT_IS, outlookTried, triedOn, type Ahead, type Tried } from '$lib/core/outlook';
  import { writePercent } from '$lib/core/quantity';
  import { LIDS, type Lid } from '$lib/core/vessel';
  import { zoneOf } from '$lib/core/worksheet';
  import { aheadSays, LID_WORDS, triedSays, ZONE_WORDS } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import SouringCurve from './SouringCurve.svelte';

  /** What a warm week, a weak brine, thicker pieces or a spoon of old brine would do: tried, and nothing of it kept. */
  let { base, begun }: { base: Ahead; begun: boolean } = $props();
  const house = useHouse();
  let tried = $state.raw<Tried>(AS_IT_IS);
  const asItIs = $derived(outlookTried(base));
  const would = $derived(outlookTried(triedOn(base, tried, begun)));
  const temp = $derived(tried.tempC ?? base.airs[base.airs.length - 1]?.tempC ?? 21);
  const salt = $derived(tried.salt ?? base.inside.later?.at(-1)?.settles ?? base.inside.settles);
  const thick = $derived(tried.thickMm ?? Math.round(2 * base.inside.radiusMm));
  const starter = $derived(tried.starterG ?? 0);
  const lid = $derived(tried.lid ?? base.vessel.lid);
  const zone = $derived(zoneOf(salt));
  const changed = $derived(Object.values(tried).some((v) => v !== null));
  const says = $derived([
    ...triedSays(asItIs, would, base.from, lid),
    ...[aheadSays(would, begun ? base.now : base.from)].filter(Boolean)
  ]);
  const set = (change: Partial<Tried>) => (tried = { ...tried, ...change });
  const id = $props.id();
</script>

{#snippet slider(
  name: string,
  value: number,
  shown: string,
  [min, max, step]: readonly [number, number, number],
  onmove: (v: number) => void
)}
  <div>
    <label for="{id}-{name}" class="flex justify-between gap-4">
      <span>{name}</span><span class="font-semibold">{shown}</span>
    </label>
    <input
      id="{id}-{name}"
      type="range"
      class="h-11 w-full accent-leaf"
      aria-valuetext={shown}
      {min}
      {max}
      {step}
      {value}
      oninput={(e) => onmove(Number(e.currentTarget.value))}
    />
  </div>
{/snippet}

<div class="no-print flex flex-col gap-3 border-l-4 border-rule pl-4">
  <p class="text-quiet">
    Move a slider and see. Nothing of it is kept{begun ? '; it holds from now on' : ''}.
  </p>
  <div class="flex flex-wrap gap-2" role="group" aria-label="As warm as">
    {#each house.household.places.filter((p) => p.kind !== 'pantry') as place (place.id)}
      <button
        class="min-h-11 rounded-lg border border-rule-strong px-3 hover:bg-rule-soft"
        aria-pressed={temp === place.tempC}
        onclick={() => set({ tempC: place.tempC })}>{place.name}, {house.temp(place.tempC)}</button
      >
    {/each}
  </div>
  <div class="grid gap-x-8 gap-y-2 sm:grid-cols-2">
    {@render slider('Warmth', temp, house.temp(temp), [4, 34, 1], (tempC) => set({ tempC }))}
    {@render slider('Salt settles at', salt * 100, writePercent(salt), [0.5, 8, 0.1], (s) =>
      set({ salt: s / 100 })
    )}
    {#if !begun}
      {@render slider('Pieces, thick', thick, `${thick} mm`, [2, 45, 1], (thickMm) => set({ thickMm }))}
      {@render slider(
        'Fresh sour brine',
        starter,
        starter === 0 ? 'none' : `${starter} g a kilo`,
        [0, 60, 5],
        (starterG) => set({ starterG })
      )}
    {/if}
    <ChoiceField
      label="Lid"
      value={lid}
      class="sm:col-span-2"
      items={LIDS.map((l) => ({ value: l, name: LID_WORDS[l] }))}
      onchange={(l: Lid) => set({ lid: l })}
    />
  </div>
  {#if zone.level === 'harm' || zone.level === 'heed'}<p class="heed">
      {writePercent(salt)} salt: {ZONE_WORDS[zone.id]}.
    </p>{/if}
  <SouringCurve outlook={would} from={base.from} now={begun ? house.now : null} text={says.join(' ')} />
  <div aria-live="polite">
    {#each says as s (s)}<p>{s}</p>{/each}
  </div>
  <p class="flex flex-wrap items-center gap-x-6 text-sm text-quiet">
    <span>A guess to learn by, eight times in ten within these days; no safety test.</span>
    {#if changed}<button class="act" onclick={() => (tried = AS_IT_IS)}>as it is</button>{/if}
  </p>
</div>
