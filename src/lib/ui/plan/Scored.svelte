<script lang="ts">
  import { roughly, scoredSays } from '$lib/words';
  import { useHouse } from '../house/house.svelte';

  /** What was expected of the beds in the weeks before, a week ahead, and what came. */
  interface Crop {
    readonly cropId: string;
    readonly expectedG: number;
    readonly pickedG: number;
    readonly isNear: boolean;
  }
  let { all }: { all: readonly Crop[] } = $props();
  const house = useHouse();
  const mass = (g: number) => house.mass(roughly(g));
</script>

<p class="pt-2">{scoredSays(all)}</p>
<ul>
  {#each all as s (s.cropId)}
    <li class="flex flex-wrap justify-between gap-x-4 border-b border-rule-soft py-1">
      <b>{house.cropName(s.cropId)}</b>
      <span
        >{mass(s.pickedG)} picked, {mass(s.expectedG)} expected{s.isNear
          ? ''
          : s.pickedG > s.expectedG
            ? ': far more'
            : ': far less'}</span
      >
    </li>
  {/each}
</ul>
<p class="pt-1 text-sm text-quiet">
  Of the last eight weeks, each as it was expected on its Monday, by the <a
    class="underline underline-offset-4"
    href="/garden/beds">beds</a
  > as they are written down now. What still stands in its bed counts as not picked.
</p>
