<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import { mondayAhead, type KindInSeason } from '$lib/core/season';
  import { monthName } from '$lib/words';
  import { useHouse } from '../../house/house.svelte';
  import { styleNames } from '../names';

  /** What of each kind is eaten in each month, of what is wanted. */
  let { kinds, today }: { kinds: readonly KindInSeason[]; today: string } = $props();
  const house = useHouse();
  /** Less than half of it is short. */
  const SHORT = 0.5;
  const months = $derived.by(() => {
    const all = (kinds[0]?.wanted ?? []).map((_, t) => ({ t, monday: mondayAhead(today, t) }));
    const keys = [...new Set(all.map((w) => w.monday.slice(0, 7)))];
    return keys.map((key) => ({
      key,
      name: monthName(wall(`${key}-01`, 12)),
      weeks: all.filter((w) => w.monday.startsWith(key)).map((w) => w.t)
    }));
  });
  const sum = (of: readonly number[], weeks: readonly number[]) =>
    Math.round(weeks.reduce((a, t) => a + (of[t] ?? 0), 0));
</script>

<div class="overflow-x-auto">
  <table class="w-full text-sm">
    <caption class="pb-1 text-left">Servings eaten of servings wanted; what is short in heavy type</caption>
    <thead>
      <tr class="text-left text-quiet">
        <th class="py-1 pr-3 font-normal">kind</th>
        {#each months as m (m.key)}<th class="pr-3 text-right font-normal">{m.name}</th>{/each}
      </tr>
    </thead>
    <tbody>
      {#each kinds as k (k.group)}
        <tr class="border-t border-rule-soft">
          <th scope="row" class="py-1 pr-3 text-left font-semibold">{styleNames(house.household)(k.group)}</th
          >
          {#each months as m (m.key)}
            {@const [eaten, wanted] = [sum(k.eaten, m.weeks), sum(k.wanted, m.weeks)]}
            <td class="pr-3 text-right whitespace-nowrap" class:font-bold={eaten < SHORT * wanted}
              >{eaten} of {wanted}</td
            >
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
