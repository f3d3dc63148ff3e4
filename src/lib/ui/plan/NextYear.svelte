<script lang="ts">
  import { wall } from '$lib/core/calendar';
  import type { ToSow } from '$lib/core/season';
  import { dayAndYear, sowSays } from '$lib/words';
  import QuietAct from '../forms/QuietAct.svelte';
  import { useHouse } from '../house/house.svelte';

  /** How much of what to sow for next year's table; a tap writes it down as it was sown this year. */
  interface Next extends ToSow {
    readonly again: { bed: string; variety: string; planted: boolean; day: string } | null;
    readonly written: number;
  }
  let { all }: { all: readonly Next[] } = $props();
  const house = useHouse();
  const shown = (metres: number) => String(Number(metres.toFixed(1)));
</script>

<ul>
  {#each all as s (s.cropId)}
    {@const name = house.crop(s.cropId)?.name ?? s.cropId}
    <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule-soft py-1">
      <span
        ><b>{name}</b>: {sowSays(s, { mass: house.mass })}{#if s.written > 0}; {shown(s.written)} m written down{/if}</span
      >
      {#if s.again && s.metres && s.written === 0}
        <QuietAct
          command="sow"
          values={{
            cropId: s.cropId,
            ...s.again,
            metres: shown(Math.max(0.1, s.metres.likely)),
            lateWeeks: 0
          }}
          does="write it down"
          label="Write it down for {dayAndYear(wall(s.again.day, 12))}: {name}"
        />
      {/if}
    </li>
  {/each}
</ul>
<p class="pt-1 text-sm text-quiet">
  For a year’s table as it is wanted now, each kind made of what it was made of in the last twelve months;
  metres by what your rows give, where they are said, else by the table. Nine seasons in ten lie between. What
  is written down stands in <a class="underline underline-offset-4" href="/garden/beds">Beds and sowings</a>,
  a year on from when it was sown last.
</p>
