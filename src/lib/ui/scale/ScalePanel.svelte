<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { takenText } from '$lib/core/scale';
  import { useHouse } from '../house/house.svelte';
  import { scale } from './scale.svelte';

  /** What the scale shows, its keys, and for the stand-in a hand that puts things on it. */
  const house = useHouse();
  $effect(() => (scale.open ? scale.listen() : undefined));
  const r = $derived(scale.reading);
  const shown = $derived(
    scale.lost
      ? 'no line'
      : !r
        ? '…'
        : r.state === 'off'
          ? 'off'
          : r.state === 'overload'
            ? 'too much'
            : takenText(r, scale.there?.stepG ?? 1)
  );
  const THINGS = [
    { name: 'a handful', g: 86 },
    { name: 'a head', g: 905 },
    { name: 'a pinch', g: 2 },
    { name: 'a spoonful', g: 17 },
    { name: 'a handful off', g: -86 }
  ];
  const bowl = $derived(house.household.tares[0]);
</script>

{#if scale.open && scale.there}
  <aside
    class="no-print fixed inset-x-2 top-16 z-[70] rounded-lg border-2 border-ink bg-paper px-4 py-2 shadow-lg md:inset-x-auto md:top-auto md:right-4 md:bottom-4 md:w-96 md:p-4"
    aria-label="The kitchen scale"
  >
    <div class="flex items-start justify-between gap-3">
      <div>
        <p class="text-sm text-quiet">{scale.there.name}</p>
        <p class="font-display text-4xl font-extrabold" data-scale>{shown}</p>
        <p class="min-h-6 text-sm" aria-live="polite">
          {scale.lost
            ? 'The line is cut.'
            : r?.state === 'on'
              ? r.settled
                ? 'stands still'
                : 'moving'
              : r?.state === 'off'
                ? 'It turned itself off; press a key.'
                : ''}
        </p>
      </div>
      <div class="flex gap-2">
        <Button size="sm" outline disabled={scale.lost} onclick={() => scale.act({ do: 'tare' })}
          >{r?.state === 'off' ? 'On' : 'Tare'}</Button
        >
        <Button size="sm" outline disabled={scale.lost} onclick={() => scale.act({ do: 'unit' })}
          >g / oz</Button
        >
        <button class="size-11 text-xl" aria-label="Close the scale" onclick={() => (scale.open = false)}
          >×</button
        >
      </div>
    </div>
    {#if scale.there.playable}
      <p class="text-sm text-quiet">A stand-in to play with. Put on it:</p>
      <div class="flex gap-x-4 overflow-x-auto whitespace-nowrap md:flex-wrap">
        {#if bowl}<button class="act" onclick={() => scale.act({ do: 'put', g: bowl.g })}
            >{bowl.name}, {house.mass(bowl.g)}</button
          >{/if}
        {#each THINGS as t (t.name)}<button class="act" onclick={() => scale.act({ do: 'put', g: t.g })}
            >{t.name}</button
          >{/each}
        <button class="act" onclick={() => scale.act({ do: 'empty' })}>all off</button>
        <button class="act" onclick={() => scale.act({ do: 'plug', connected: scale.lost })}
          >{scale.lost ? 'plug it in' : 'pull the plug'}</button
        >
      </div>
    {/if}
  </aside>
{/if}
