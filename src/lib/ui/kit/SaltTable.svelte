<script lang="ts">
  import { asMeasured, gPerTeaspoon, SALT_KINDS } from '$lib/core/salt';
  import { plusMinus, relativeSd, writePercent } from '$lib/core/quantity';
  import OwnSpoon from './OwnSpoon.svelte';
  import { useHouse } from '../house/house.svelte';

  const house = useHouse();
</script>

<section id="salts">
  <h2 class="border-b-2 border-ink pb-1">Salts by the spoon</h2>
  <div class="overflow-x-auto">
    <table class="w-full text-left max-sm:text-sm">
      <thead class="text-sm text-quiet"
        ><tr
          ><th class="py-2 pr-4 font-normal">Kind</th><th class="pr-4 text-right font-normal">level tsp</th
          ><th class="pr-4 text-right font-normal">±</th><th class="text-right font-normal">pure salt</th></tr
        ></thead
      >
      <tbody>
        {#each SALT_KINDS.map((k) => asMeasured(k, house.household.ownSpoons)) as kind (kind.id)}
          <tr class={['border-t border-rule', kind.id === house.household.saltKindId && 'font-bold']}>
            <td class="py-2 pr-4"
              >{kind.name}{kind.id === house.household.saltKindId
                ? ', yours'
                : ''}{house.household.ownSpoons.some((o) => o.saltKindId === kind.id)
                ? ', your spoon'
                : ''}</td
            >
            <td class="pr-4 text-right whitespace-nowrap"
              >{gPerTeaspoon(kind, house.household.spoons).toFixed(1)} g</td
            >
            <td class="pr-4 text-right whitespace-nowrap"
              >{writePercent(plusMinus({ mean: 1, sd: relativeSd(kind.gsd) }), 0)}</td
            >
            <td class="text-right whitespace-nowrap">{writePercent(kind.purity)}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  <p class="pt-2 text-sm text-quiet">
    Weighing beats the spoon with every kind. Potassium blends are not worked out here: they need a tested
    recipe.
  </p>
  <OwnSpoon />
</section>
