<script lang="ts">
  import { scaleBand, scaleLinear } from 'd3-scale';
  import { dayOfWall, wall } from '$lib/core/calendar';
  import { mondayOf, weekOf, type CropAhead } from '$lib/core/sowing';
  import { monthName, shortDay } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { cropColour } from '../jar/colours';

  /** What the beds will bring, crop by crop: picked weeks filled, weeks to come as outlines, on one scale of time. */
  let { ahead }: { ahead: readonly CropAhead[] } = $props();
  const house = useHouse();
  const today = $derived(dayOfWall(house.now));
  const [WIDE, HIGH, FOOT] = [420, 72, 18];
  const mondays = $derived([...new Set(ahead.flatMap((c) => c.weeks.map((w) => w.monday)))].sort());
  const x = $derived(scaleBand(mondays, [0, WIDE]).paddingInner(0.15));
  const name = (c: CropAhead) => house.crop(c.cropId)?.name ?? c.cropId;
  const week = (monday: string) => shortDay(wall(monday, 12));
  const high = (c: CropAhead) =>
    scaleLinear([0, Math.max(1, ...c.weeks.map((w) => Math.max(w.expectedG, w.pickedG)))], [0, HIGH - FOOT]);
  /** Nobody knows it finer: two figures. */
  const rough = (g: number) => house.mass(Number(g.toPrecision(2)));
  /** A week stands out where it brings so many times what the others do. */
  const STANDS_OUT = 1.15;
  function says(c: CropAhead): string {
    if (c.restG < 1) return 'nothing more is expected';
    const much = `about ${rough(c.restG)} more (${rough(c.least)} to ${rough(c.most)})`;
    const ahead = c.weeks.filter((w) => w.monday >= mondayOf(weekOf(today)) && w.expectedG > 0);
    const most = Math.max(...ahead.map((w) => w.expectedG));
    const last = ahead.at(-1);
    if (c.peak && c.peak > today && most > (STANDS_OUT * c.restG) / ahead.length)
      return `${much}, most in the week of ${week(c.peak)}`;
    return last && last.monday > today
      ? `${much}, till the week of ${week(last.monday)}`
      : `${much}, this week`;
  }
  /** Where a month begins. */
  const months = $derived(
    mondays.flatMap((m) => {
      const first = Number(m.slice(8)) <= 7;
      return first ? [{ at: x(m) ?? 0, name: monthName(wall(m, 12)) }] : [];
    })
  );
  const now = $derived(x(mondayOf(weekOf(today))));
  /** Said only where picks say something else than the table did. */
  const scaled = (c: CropAhead) =>
    Math.abs(c.factor - 1) < 0.1 || c.restG < 1
      ? ''
      : `${c.factor > 1 ? 'better' : 'less'} than expected so far: what is to come is taken as ${Math.round(c.factor * 100)} % of it`;
</script>

<ul class="@container">
  {#each ahead as c (c.cropId)}
    {@const y = high(c)}
    <li
      class="grid gap-x-6 gap-y-1 border-b border-rule-soft py-3 @xl:grid-cols-[1fr_26rem]"
      data-crop={c.cropId}
    >
      <div>
        <h3 class="text-lg">{name(c)}</h3>
        <p>{says(c)}</p>
        <p class="text-sm text-quiet">
          {[c.pickedG > 0 ? `${house.mass(c.pickedG)} picked` : '', scaled(c)].filter(Boolean).join('; ')}
        </p>
      </div>
      <svg viewBox="0 0 {WIDE} {HIGH}" class="w-full max-w-[26rem]" aria-hidden="true">
        {#each months as m (m.at)}
          <line x1={m.at} x2={m.at} y1="0" y2={HIGH - FOOT} stroke="var(--rule-soft)" />
          {#if m.at < WIDE - 24}<text x={m.at + 2} y={HIGH - 4} font-size="12" fill="var(--quiet)"
              >{m.name}</text
            >{/if}
        {/each}
        {#if now !== undefined}<line
            x1={now}
            x2={now}
            y1="0"
            y2={HIGH - FOOT}
            stroke="var(--ink)"
            stroke-dasharray="2 3"
          />{/if}
        {#each c.weeks as w (w.monday)}
          {@const at = x(w.monday) ?? 0}
          {#if w.pickedG > 0}<rect
              x={at}
              width={x.bandwidth()}
              y={HIGH - FOOT - y(w.pickedG)}
              height={y(w.pickedG)}
              fill={cropColour(c.cropId, '')}
            />{/if}
          <rect
            x={at + 0.5}
            width={Math.max(0, x.bandwidth() - 1)}
            y={HIGH - FOOT - y(w.expectedG)}
            height={y(w.expectedG)}
            fill="none"
            stroke="var(--rule-strong)"
            stroke-dasharray={w.monday > today ? '3 2' : undefined}
          />
        {/each}
        <line x1="0" x2={WIDE} y1={HIGH - FOOT} y2={HIGH - FOOT} stroke="var(--rule-strong)" />
      </svg>
    </li>
  {/each}
</ul>
<p class="pt-2 text-sm text-quiet">
  Filled: picked. Outlined: expected, dashed from now on. In brackets: nine times in ten.
</p>
<details>
  <summary class="min-h-11 content-center text-sm underline underline-offset-4"
    >Week by week as a table</summary
  >
  <div class="overflow-x-auto">
    <table class="text-sm">
      <thead
        ><tr
          ><th class="pr-4 text-left">week of</th>{#each ahead as c (c.cropId)}<th class="px-3 text-right"
              >{name(c)}</th
            >{/each}</tr
        ></thead
      >
      <tbody>
        {#each mondays as m (m)}
          <tr class="border-t border-rule-soft">
            <th scope="row" class="py-1 pr-4 text-left font-normal whitespace-nowrap">{week(m)}</th>
            {#each ahead as c (c.cropId)}
              {@const w = c.weeks.find((one) => one.monday === m)}
              <td class="px-3 text-right whitespace-nowrap"
                >{#if w}{w.pickedG > 0 ? `${house.mass(w.pickedG)} picked` : ''}{w.pickedG > 0 &&
                  w.expectedG >= 1
                    ? ' of '
                    : ''}{w.expectedG >= 1 ? house.mass(w.expectedG) : ''}{/if}</td
              >
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
</details>
