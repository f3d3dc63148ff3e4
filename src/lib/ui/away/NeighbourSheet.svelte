<script lang="ts">
  import { dayOfWall } from '$lib/core/calendar';
  import type { RoundAhead } from '$lib/core/care';
  import { careDoes, careWhy, jarsSaid, kindsSaid, signWords } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { clockTime, longDay } from '../time';

  /** What whoever comes by does, round by round: to print, and to tick with a pencil. */
  let { rounds }: { rounds: readonly RoundAhead[] } = $props();
  const house = useHouse();
  const kinds = $derived([...new Set(rounds.flatMap((r) => r.cares.flatMap((c) => c.kinds)))]);
  const days = $derived([...new Set(rounds.map((r) => dayOfWall(r.at)))]);
</script>

<ul class="max-w-prose">
  {#each kinds as kind (kind)}<li><b class="font-semibold">{careDoes(kind)}</b>: {careWhy(kind)}.</li>{/each}
</ul>
<p class="max-w-prose pt-2">
  <b class="font-semibold">A lid that is domed, or hisses hard</b>: {signWords('domed').does}
</p>
<p class="max-w-prose pt-1">
  <b class="font-semibold">Anything furry, pink, slimy or rotten</b>: leave it closed, taste nothing, and tell
  us.
</p>
<p class="pt-3">We can be reached at <span class="inline-block w-64 border-b border-ink">&nbsp;</span></p>
<div class="overflow-x-auto pt-3">
  <table class="w-full text-left">
    <caption class="sr-only">Rounds while we are away</caption>
    <thead>
      <tr class="border-b-2 border-ink">
        <th scope="col" class="py-1 pr-4">When</th>
        <th scope="col" class="py-1 pr-4">Where</th>
        <th scope="col" class="py-1 pr-4">What</th>
        <th scope="col" class="py-1 text-right">Done</th>
      </tr>
    </thead>
    {#each days as day (day)}
      <tbody>
        {#each rounds.filter((r) => dayOfWall(r.at) === day) as r, i (`${r.at} ${r.placeId}`)}
          <tr class={['align-top', i === 0 ? 'border-t border-ink' : 'border-t border-rule']}>
            <th scope="row" class="py-1 pr-4 font-normal whitespace-nowrap"
              >{#if i === 0}<b class="font-semibold">{longDay(r.at)}</b>{/if}
              {clockTime(r.at)}</th
            >
            <td class="py-1 pr-4">{house.placeName(r.placeId)}</td>
            <td class="py-1 pr-4">
              {#each r.cares as c (`${c.batchId} ${c.lidNumbers.join()}`)}
                <p>
                  <b class="font-semibold">{jarsSaid(c.lidNumbers)}</b>
                  <span class="text-quiet">{c.batchName}</span>: {kindsSaid(c.kinds)}
                </p>
              {/each}
            </td>
            <td class="py-1 text-right">☐</td>
          </tr>
        {/each}
      </tbody>
    {/each}
  </table>
</div>
