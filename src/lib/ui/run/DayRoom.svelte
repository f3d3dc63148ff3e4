<script lang="ts">
  import { onMount } from 'svelte';
  import { dayMaking, type DayMaking, type Hands } from '$lib/core/day';
  import { isBehind, runSteps, type Run, type RunStep } from '$lib/core/run';
  import { lastingWords, STEP_WORDS } from '$lib/words';
  import { Bench } from '../bench/bench.svelte';
  import type { BenchRoomData } from '../bench/room';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { clockTime } from '../time';
  import DayRows from './DayRows.svelte';
  import { kitchen, MOST_HANDS } from './hands.svelte';
  import { Order } from './order.svelte';

  /** What is made today, laid over hands and rests: who does what when, and what comes next for each. */
  let { makings }: { makings: readonly { readonly run: Run; readonly bench: BenchRoomData }[] } = $props();
  const house = useHouse();
  // svelte-ignore state_referenced_locally
  const benches = makings.map(
    (_, i) =>
      new Bench(
        () => makings[i]!.bench,
        () => house.household
      )
  );
  const order = new Order();
  onMount(() => {
    kitchen.look();
    return () => order.stop();
  });

  const stepsOf = (i: number): RunStep[] => {
    const bench = benches[i]!;
    return bench.sheet ? runSteps(bench.sheet, bench.style, [], makings[i]!.bench.learnt.paces) : [];
  };
  /** Since the last step that rests was done, minutes; null: it does not rest now. */
  const restsFor = (run: Run, steps: readonly RunStep[]): number | null => {
    const first = steps.findIndex((s) => s.kind === 'do' && !isBehind(run, s));
    const before = steps.slice(0, Math.max(0, first)).findLast((s) => s.kind === 'do');
    const at = before?.rest ? run.done[before.id] : undefined;
    return at === undefined ? null : Math.max(0, house.now - at);
  };
  const days = $derived(
    makings.map(({ run }, i): DayMaking => {
      const steps = stepsOf(i).filter((s) => s.kind === 'do');
      const bench = benches[i]!;
      return dayMaking(run.id, steps, (s) => !isBehind(run, s), {
        inBowl: bench.salting !== 'brine',
        restsFor: restsFor(run, steps),
        hot: bench.cropIds.some((id) => (house.crop(id)?.heat ?? 0) > 0)
      });
    })
  );
  $effect(() => order.ask(days, kitchen.hands));
  const plan = $derived(order.plan);
  const nameOf = (id: string) => makings.find((m) => m.run.id === id)?.run.name ?? '';
  const saysOf = (id: string, step: string): string => {
    const i = makings.findIndex((m) => m.run.id === id);
    const does = stepsOf(i).find((s) => s.id === step)?.does;
    return does ? STEP_WORDS[does] : '';
  };
  const people = $derived([...new Set((plan?.placed ?? []).map((p) => p.person))].sort((a, b) => a - b));
  const who = (person: number) => ['You', 'The other', 'The third'][person] ?? `Hands ${person + 1}`;
  const CHOICES: readonly (readonly [keyof Hands, string])[] = [
    ['people', 'People'],
    ['boards', 'Boards'],
    ['scales', 'Scales'],
    ['bowls', 'Bowls']
  ];
</script>

<div class="flex flex-wrap items-baseline justify-between gap-x-6">
  <h1>The day's order</h1>
  <a class="act" href="/">to Today</a>
</div>

{#if makings.length === 0}
  <p class="py-4 text-lg">
    Nothing is being made now. <a class="act" href="/bench">Begin on the Bench</a>.
  </p>
{:else}
  {#if plan}
    <p class="text-[1.5rem]" aria-live="polite">
      Done about <b>{clockTime(house.now + Math.ceil(plan.ends))}</b>, {lastingWords(Math.ceil(plan.ends))} from
      now{plan.exact ? '; no other order is sooner done' : ''}.
    </p>
    {#if plan.overruns > 0.5}<p class="heed">
        Some rest will be {lastingWords(plan.overruns)} longer than it should: one more pair of hands, or begin
        one of them another day.
      </p>{/if}
    <DayRows {plan} {nameOf} {who} now={house.now} />
    <div class="grid gap-x-12 gap-y-6 pt-6 md:grid-cols-2 lg:grid-cols-3">
      {#each people as person (person)}
        <section aria-label="Next for {who(person).toLowerCase()}">
          <h2 class="border-b-2 border-ink pb-1">Next for {who(person).toLowerCase()}</h2>
          <ol>
            {#each plan.placed.filter((p) => p.person === person) as p (p.making + p.step)}
              <li class="line grid grid-cols-[4rem_1fr] gap-x-3">
                <span class="font-semibold">{clockTime(house.now + Math.round(p.from))}</span>
                <span
                  ><a class="font-semibold underline underline-offset-4" href="/making/{p.making}"
                    >{nameOf(p.making)}</a
                  >
                  <span class="block text-quiet"
                    >{saysOf(p.making, p.step)} {lastingWords(Math.max(1, p.to - p.from))}.</span
                  ></span
                >
              </li>
            {/each}
          </ol>
        </section>
      {/each}
    </div>
  {:else}<p class="py-4 text-lg">Laying it out …</p>{/if}
  <section aria-label="In the kitchen" class="no-print pt-8">
    <h2 class="border-b border-rule-strong pb-1">In the kitchen today</h2>
    <div class="grid max-w-2xl grid-cols-2 gap-4 pt-2 sm:grid-cols-4">
      {#each CHOICES as [k, label] (k)}<ChoiceField
          {label}
          id="hands-{k}"
          value={String(kitchen.hands[k])}
          items={Array.from({ length: MOST_HANDS[k] }, (_, i) => ({
            value: String(i + 1),
            name: String(i + 1)
          }))}
          onchange={(n) => kitchen.say({ [k]: Number(n) })}
        />{/each}
    </div>
  </section>
{/if}
