<script lang="ts">
  import { goto } from '$app/navigation';
  import {
    isBehind,
    laterSteps,
    layersNow,
    minutesLeft,
    runSteps,
    stepNow,
    usualLayers,
    usualObjects,
    type Run
  } from '$lib/core/run';
  import { styleIn, STYLES } from '$lib/core/style';
  import { GATE_ASKS, lastingWords, STEP_WORDS } from '$lib/words';
  import { Bench } from '../bench/bench.svelte';
  import type { BenchRoomData } from '../bench/room';
  import NotLikeThis from '../bench/NotLikeThis.svelte';
  import StartDialog from '../bench/StartDialog.svelte';
  import { isSalt, weighedRight } from '../bench/targets';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { lookAgain } from '../house/look-again';
  import { news } from '../house/news.svelte';
  import CloseStep from './CloseStep.svelte';
  import DoStep from './DoStep.svelte';
  import GateStep from './GateStep.svelte';
  import KitStep from './KitStep.svelte';
  import LaterStep from './LaterStep.svelte';
  import { Making, NOT_KEPT } from './making.svelte';
  import PrintedRun from './PrintedRun.svelte';
  import RunBar from './RunBar.svelte';
  import { keepAwake, readAloud } from './screen.svelte';
  import { seasonsOf } from './seasons';

  /** A making, one step at a time: hands wet, the amounts of this batch, what was done becomes the batch. */
  interface Props {
    run: Run;
    data: BenchRoomData;
    /** Salt on the shelf that no other making holds, by kind, g. */
    shelf: Readonly<Record<string, number>>;
    /** What else is under way. */
    others: readonly { readonly id: string; readonly name: string }[];
  }
  let { run: told, data, shelf, others }: Props = $props();
  const house = useHouse();
  const bench = new Bench(
    () => data,
    () => house.household
  );
  const making = new Making(() => ({ run: told, styles: house.household.styles, now: house.now }));
  const run = $derived(making.run);
  let starting = $state(false);
  $effect(() => news.hold(() => bench.keeping !== 'kept' || starting));
  $effect(() => {
    if (data.lots.length > 0) bench.hold();
  });
  $effect(keepAwake);

  const sheet = $derived(bench.sheet);
  const style = $derived(styleIn(run.styleId, house.household.styles) ?? STYLES[0]!);
  const seasons = $derived(
    sheet ? seasonsOf(sheet, bench.style.additions, bench.scaled, bench.jarsWorth) : []
  );
  const byJar = $derived(seasons.filter((s) => s.per === 'jar').map((s) => s.name));
  const salts = $derived(bench.toWeigh.filter(isSalt));
  const steps = $derived(
    run.became
      ? laterSteps(style, run.became.made)
      : sheet
        ? runSteps(sheet, bench.style, seasons, data.learnt.paces)
        : []
  );
  const current = $derived(stepNow(run, steps));
  let looked = $state<string | null>(null);
  const step = $derived(steps.find((s) => s.id === looked) ?? current);
  const at = $derived(step ? steps.indexOf(step) : -1);
  const behind = $derived(step !== null && isBehind(run, step));
  const left = $derived(Math.round(minutesLeft(run, steps)));
  const usual = $derived(
    sheet
      ? usualObjects(sheet, layersNow(run.layers, usualLayers(sheet.items, bench.style, byJar, house.crops)))
      : {}
  );
  const saysOf = (i: number) => {
    const s = steps[i];
    return s?.does ? STEP_WORDS[s.does] : s?.gate ? GATE_ASKS[s.gate][0] : '';
  };
  const around = $derived({
    free: Object.fromEntries(data.jars.map((j) => [j.id, j.free])),
    ...{ toWash: data.toWash, saltG: shelf[bench.saltKindId] ?? null },
    hot: bench.cropIds.some((id) => (house.crop(id)?.heat ?? 0) > 0)
  });
  const jarName = (id: string) => data.jars.find((j) => j.id === id)?.name ?? id;
  const atGate = $derived(
    sheet && {
      ...{ sheet, oneMore: sheet.oneMore.map(jarName), pouredHot: bench.style.hotBrine },
      saltWeighed: weighedRight(salts, house.household.scaleStepG)
    }
  );

  /** The step is done, or looked at again: on to the next. */
  async function next(): Promise<void> {
    if (!step || making.busy) return;
    if (behind) return look(1);
    if (step.kind === 'gate' || step.kind === 'close') return;
    // What was typed here and the house does not hold is said, not passed over.
    if (!(await bench.settle()) && bench.unkept.length > 0) return void (making.problem = NOT_KEPT);
    if (step.id === 'cover' && Object.keys(run.objects).length === 0)
      await making.say('put-in', { objects: usual });
    if (await making.say('do-step', { step: step.id })) looked = null;
  }
  function look(by: number): void {
    const to = steps[at + by];
    looked = to && isBehind(run, to) ? to.id : null;
  }
  let screen: HTMLElement | undefined = $state();
  // Another step begins at its top, and is read aloud where that is wanted; one that only changes its figures stays.
  const stepId = $derived(step?.id);
  $effect(() => {
    if (stepId === undefined) return;
    scrollTo(0, 0);
    readAloud(screen);
  });

  function onkeydown(event: KeyboardEvent): void {
    const on = event.target as HTMLElement;
    if (document.querySelector('dialog[open]') || event.ctrlKey || event.metaKey || event.altKey) return;
    if (on !== document.body && on !== screen && on.id !== 'room') return;
    if (event.key === ' ' || event.key === 'ArrowRight') void next();
    else if (event.key === 'ArrowLeft') look(-1);
    else return;
    event.preventDefault();
  }
  /** A big swipe, not a slip of the thumb and not a scroll. */
  const SWIPE = { acrossPx: 140, downPx: 60 };
  let from: { x: number; y: number } | null = null;
  const swiped = (event: PointerEvent) => {
    const across = from ? event.clientX - from.x : 0;
    const down = from ? Math.abs(event.clientY - from.y) : 0;
    from = null;
    if (Math.abs(across) < SWIPE.acrossPx || down > SWIPE.downPx) return;
    if (across < 0) void next();
    else look(-1);
  };
</script>

<svelte:window {onkeydown} onpagehide={() => bench.leave()} />
<PrintedRun name={run.name} {steps} />

<div class="no-print flex min-h-[calc(100dvh-1.25rem)] flex-col">
  <header class="flex flex-wrap items-baseline gap-x-6 border-b-[3px] border-ink pb-2">
    <h1 class="w-full text-2xl md:w-auto md:grow">{run.name}</h1>
    {#if step}<p class="order-last w-full text-lg md:order-none md:w-auto" role="status">
        Step {at + 1} of {steps.length}{left > 0 && !run.became
          ? `, about ${lastingWords(left)} of hands left`
          : ''}
      </p>{/if}
    {#if others.length > 0}<a class="act min-h-14 content-center" href="/making" aria-label="the day's order"
        >the day</a
      >{/if}
    {#each others as o (o.id)}<a class="act min-h-14 content-center" href="/making/{o.id}">{o.name}</a>{/each}
    <a
      class="act min-h-14 content-center"
      href={run.became ? `/counter?batch=${run.became.batchId}` : `/bench?bench=${run.bench}`}
      >{run.became ? 'to the Counter' : 'to the Bench'}</a
    >
  </header>
  <section
    bind:this={screen}
    aria-label="The step"
    class="flex grow flex-col gap-5 py-5"
    onpointerdown={(e) =>
      (from =
        e.pointerType !== 'mouse' && !(e.target as HTMLElement).closest('input, select, [data-layer]')
          ? { x: e.clientX, y: e.clientY }
          : null)}
    onpointerup={swiped}
    onpointercancel={() => (from = null)}
  >
    {#if run.waitsTill !== null && run.waitsTill > house.now}
      <p class="heed text-lg">
        It waits {lastingWords(run.waitsTill - house.now)} more. Go on whenever you like.
      </p>
    {/if}
    {#if run.over}
      <p class="text-[1.75rem] font-semibold">
        {run.givenUp ? 'This making was given up.' : 'All of it is done.'}
      </p>
    {:else if !run.became && data.lots.length === 0}
      <p class="text-[1.75rem] font-semibold">Nothing lies on its bench any more.</p>
      <p class="text-xl">Take something there from the Garden, or give the making up.</p>
    {:else if !run.became && bench.refused}
      <NotLikeThis problem={bench.refused} />
    {:else if step === null}
      <p class="text-[1.75rem] font-semibold">All of it is done.</p>
    {:else if run.became}
      <LaterStep {run} {step} />
    {:else if sheet && atGate}
      {#if step.kind === 'kit'}<KitStep {run} {making} {sheet} style={bench.style} {around} />
      {:else if step.gate}{#key step.id}<GateStep
            {run}
            {making}
            gate={step.gate}
            at={atGate}
            {bench}
            lots={data.lots}
          />{/key}
      {:else if step.kind === 'close'}<CloseStep {bench} {sheet} onclose={() => (starting = true)} />
      {:else}{#key step.id}<DoStep
            {run}
            {making}
            {step}
            {bench}
            {byJar}
            objects={usual}
            lots={data.lots}
            after={saysOf(at + 1)}
          />{/key}{/if}
    {/if}
    <Trouble problem={making.problem} />
  </section>

  <RunBar
    {run}
    {making}
    {step}
    {behind}
    canBack={at > 0 && isBehind(run, steps[at - 1]!)}
    saltG={sheet ? sheet.salt.weighG + (sheet.rinse?.heavySaltG ?? 0) : 0}
    saltKindId={bench.saltKindId}
    onback={() => look(-1)}
    onnext={() => void next()}
  />
</div>
{#if sheet}
  <StartDialog
    bind:open={starting}
    {bench}
    {sheet}
    {salts}
    onstarted={() => {
      void lookAgain();
      void goto(`/making/${run.id}`, { invalidateAll: true });
    }}
  />
{/if}
