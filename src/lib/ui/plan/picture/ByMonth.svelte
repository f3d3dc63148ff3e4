<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import { mondayAhead, WEEKS_BACK, type KindInSeason, type SeasonPast } from '$lib/core/season';
  import { monthName } from '$lib/words';
  import { useHouse } from '../../house/house.svelte';
  import { styleNames } from '../names';

  /** What of each kind was eaten in the last weeks, and is in each month to come, of what is wanted. */
  interface Props {
    kinds: readonly KindInSeason[];
    past: SeasonPast;
    today: string;
  }
  let { kinds, past, today }: Props = $props();
  const was = (group: string) =>
    Math.round((past.kinds.find((p) => p.group === group)?.eaten ?? []).reduce((a, n) => a + n, 0));
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
        <th class="pr-3 text-right font-normal">last {WEEKS_BACK} weeks</th>
        {#each months as m (m.key)}<th class="pr-3 text-right font-normal">{m.name}</th>{/each}
      </tr>
    </thead>
    <tbody>
      {#each kinds as k (k.group)}
        <tr class="border-t border-rule-soft">
          <th scope="row" class="py-1 pr-3 text-left font-semibold">{styleNames(house.household)(k.group)}</th
          >
          <td class="pr-3 text-right">{was(k.group)}</td>
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
