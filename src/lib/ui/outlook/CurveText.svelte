<script lang="ts">
  import type { Outlook } from '$lib/core/outlook';
  import { EVENT_WORDS, PHASE_WORDS, shortDay, spanSays } from '$lib/words';
  import Fold from '../forms/Fold.svelte';
  import { useHouse } from '../house/house.svelte';
  import { endOf } from './range';

  /** The curve in words: any day by finger or keys, and all of it as tables. */
  let {
    outlook,
    from,
    now,
    pointed = $bindable(null),
    day
  }: {
    outlook: Outlook;
    from: number;
    now: number | null;
    pointed?: number | null;
    day: (at: number) => string;
  } = $props();
  const house = useHouse();
  const DAY = 1440;
  const most = $derived(Math.floor((endOf(outlook, from, now) - from) / DAY));
  const reckoned = $derived(((outlook.curve.at(-1)?.at ?? from) - from) / DAY);
  const at = (n: number) => outlook.curve.find((c) => c.at >= from + n * DAY) ?? outlook.curve[0]!;
  const today = $derived(now === null ? 3 : Math.round((now - from) / DAY));
  const dayOf = (when: number) => (now === null ? `day ${Math.round((when - from) / DAY)}` : day(when));
  /** One that is over as soon as it begins is not told. */
  const phases = $derived(outlook.phases.filter((p, i, all) => all[i + 1]?.from !== p.from));
  let chosen = $state<number | null>(null);
  const n = $derived(Math.min(most, chosen ?? today));
  const c = $derived(at(n));
  const says = $derived(
    `Day ${n}${now === null ? '' : `, ${shortDay(c.at)}`}: pH about ${c.pH.likely.toFixed(1)} (${c.pH.low.toFixed(1)} to ${c.pH.high.toFixed(1)}), ${house.temp(c.tempC)} inside`
  );
  const EVENTS = ['bubbles', 'under46', 'firstTaste', 'mild', 'tangy', 'fullySour', 'last'] as const;
  const weekly = $derived(
    [0, 1, 2, 3, 4, 5, 7, 10, 14, 21, 28, 42, 60, 90, 120, 180]
      .filter((d) => d <= reckoned)
      .map((d) => ({ d, c: at(d) }))
  );
</script>

<div class="no-print">
  <input
    type="range"
    class="ml-[1.3rem] h-11 w-[calc(100%-1.3rem)] accent-leaf"
    aria-label="A day of the curve"
    aria-valuetext={says}
    min={0}
    max={most}
    step={1}
    value={n}
    oninput={(e) => {
      chosen = Number(e.currentTarget.value);
      pointed = at(chosen).at;
    }}
  />
  <p class="text-sm" aria-hidden="true">{says}</p>
</div>
<Fold text="The curve as a table" quiet class="text-sm">
  <table class="w-full text-left text-sm">
    <caption class="sr-only">When it likely comes</caption>
    <tbody>
      {#each EVENTS as e (e)}<tr class="border-b border-rule-soft"
          ><th scope="row" class="py-1 pr-3 font-normal">{EVENT_WORDS[e]}</th><td
            >{spanSays(e, outlook.spans[e], day)}</td
          ></tr
        >{/each}
    </tbody>
  </table>
  <table class="mt-3 w-full text-left text-sm">
    <caption class="sr-only">What to expect, day by day</caption>
    <tbody>
      {#each phases as p (p.from)}<tr class="border-b border-rule-soft"
          ><th scope="row" class="w-24 py-1 pr-3 font-normal">from {dayOf(p.from)}</th><td
            >{PHASE_WORDS[p.phase]}</td
          ></tr
        >{/each}
    </tbody>
  </table>
  <table class="mt-3 w-full text-left text-sm">
    <caption class="sr-only">pH and acidity by days</caption>
    <thead
      ><tr class="border-b border-rule-strong"
        ><th scope="col">day</th><th scope="col">pH</th><th scope="col">acidity, %</th></tr
      ></thead
    >
    <tbody>
      {#each weekly as { d, c: w } (d)}<tr class="border-b border-rule-soft"
          ><td>{d}</td><td>{w.pH.likely.toFixed(1)} ({w.pH.low.toFixed(1)} to {w.pH.high.toFixed(1)})</td><td
            >{w.acidity.likely.toFixed(2)} ({w.acidity.low.toFixed(2)} to {w.acidity.high.toFixed(2)})</td
          ></tr
        >{/each}
    </tbody>
  </table>
</Fold>
