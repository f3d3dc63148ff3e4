<script lang="ts">
  import { onMount } from 'svelte';
  import { plain, writePercent } from '$lib/core/quantity';
  import { fleshShare } from '$lib/core/salt';
  import { waitWords } from '../batch/right';
  import { Bench } from './bench.svelte';
  import Answer from './Answer.svelte';
  import AddToCrock from './AddToCrock.svelte';
  import { Elsewhere } from './alternatives.svelte';
  import EmptyBench from './EmptyBench.svelte';
  import BenchBar from './BenchBar.svelte';
  import ByRecipe from './ByRecipe.svelte';
  import BrineChoices from './BrineChoices.svelte';
  import Choices from './Choices.svelte';
  import Extras from './Extras.svelte';
  import FillAndWeigh from './FillAndWeigh.svelte';
  import NotFull from './NotFull.svelte';
  import NotLikeThis from './NotLikeThis.svelte';
  import GoingIn from './GoingIn.svelte';
  import InAWord from './InAWord.svelte';
  import JarRow from './JarRow.svelte';
  import JarSets from './JarSets.svelte';
  import RinsePanel from './RinsePanel.svelte';
  import { heldAgainst } from './said';
  import ScaleOrSpoon from './ScaleOrSpoon.svelte';
  import SayIt from './SayIt.svelte';
  import StartDialog from './StartDialog.svelte';
  import { isSalt } from './targets';
  import WaysList from './WaysList.svelte';
  import WeighOut from './WeighOut.svelte';
  import { useHouse } from '../house/house.svelte';
  import { news } from '../house/news.svelte';
  import SaltLadder from '../ladder/SaltLadder.svelte';
  import { questionWords } from '$lib/words';
  import ToPick from './ToPick.svelte';
  import TryHere from './TryHere.svelte';
  import { eveningOut } from '$lib/core/worksheet';
  import Cautions from '../why/Cautions.svelte';
  import HowItIsMade from '../style/HowItIsMade.svelte';
  import Unfold from '../style/Unfold.svelte';
  import Why from '../why/Why.svelte';
  import type { BenchRoomData } from './room';

  /** One bench: what goes in, the jars, the salt, and where it ends. */
  let { data }: { data: BenchRoomData } = $props();
  const house = useHouse();
  const bench = new Bench(
    () => data,
    () => house.household
  );
  let starting = $state(false);

  // Two cooks, two phones, one bench: what the other weighed turns up here, but not under a hand that types.
  $effect(() => news.hold(() => bench.keeping !== 'kept' || starting));
  const sheet = $derived(bench.sheet);
  const dry = $derived(bench.salting !== 'brine');
  const elsewhere = new Elsewhere();
  $effect(() => {
    if (data.lots.length > 0) elsewhere.ask(bench.input);
  });
  $effect(() => () => elsewhere.stop());
  const sets = $derived(elsewhere.answer?.sets ?? null);
  const bands = $derived(elsewhere.answer?.bands ?? null);
  const ways = $derived(elsewhere.answer?.ways ?? null);
  const doses = $derived(
    sheet ? bench.saidDoses.map((text) => heldAgainst(text, bench.input, sheet, house.ways)) : []
  );
  const rungs = $derived(
    doses.flatMap((d) => (d.ask ? [] : d.readings.slice(0, 1).map((r) => ({ text: d.text, ends: r.ends }))))
  );
  const evening = $derived.by(() => {
    if (!sheet) return '';
    const { radiusMm, d, hours } = eveningOut(sheet.items, bench.salting);
    const { from: day } = bench.style.counterDays;
    const share = fleshShare(day * 24, radiusMm, d);
    return `Salt needs about ${waitWords(hours)} to even out; correct nothing sooner.${share < 0.95 ? ` On day ${day}, when this style may first be tasted, the flesh has about ${writePercent(share, 0)} of its salt.` : ''}`;
  });
  onMount(() => {
    if (data.make && data.recipes.some((r) => r.id === data.make) && bench.recipe?.id !== data.make)
      bench.follow(data.make);
  });
  $effect(() => {
    if (data.lots.length > 0) bench.hold();
  });
  const hints = $derived(Object.fromEntries(data.lots.map((l) => [l.id, l.variety])));
  const noJars = $derived(house.household.jars.length === 0);
</script>

<!-- Left or loaded anew within the moment in which a weight waits to be sent: it is sent now. -->
<svelte:window onpagehide={() => bench.leave()} />

{#if data.lots.length === 0}
  <EmptyBench bench={data.bench} waiting={data.waiting} others={data.makings.length} />
{:else}
  {#if bench.keeping === 'trouble'}
    <p class="heed mb-3" role="status">
      Crockle cannot be reached. What you typed stays on this page and is sent again as soon as it does.
    </p>
  {/if}
  <div class="grid gap-x-9 gap-y-6 lg:grid-cols-[20rem_1fr_17rem]">
    <!-- On a phone the columns fall into one: the answer, what goes in, the jars, and then the choices; written in that order, so
      that nothing is pushed down while the page comes in. -->
    <div class="-mb-4 lg:hidden">
      <h1>{bench.style.name}</h1>
      <InAWord {bench} />
    </div>
    {#if sheet}
      <div
        class="sticky top-0 z-30 -mx-4 border-b-[3px] border-ink bg-paper px-4 py-2 lg:hidden short:static"
      >
        <Answer {sheet} {dry} />
      </div>
      <div class="lg:hidden"><SaltLadder ends={sheet.ends} {rungs} lying /></div>
    {/if}
    <div class="contents lg:order-1 lg:flex lg:flex-col lg:gap-6">
      <div class="hidden lg:block">
        <h1>{bench.style.name}</h1>
        <InAWord {bench} />
      </div>
      <div class="lg:order-2">
        <GoingIn
          {bench}
          lots={data.lots}
          pieces={data.learnt.pieces}
          waiting={data.waiting}
          alone={data.makings.length < 2}
        />
      </div>
      <div class="lg:order-1">
        <ByRecipe {bench} recipes={data.recipes} scaled={bench.scaled} />
      </div>
      <div class="order-5 lg:order-3"><Extras {bench} /></div>
      <div class="order-6 lg:order-4"><Choices {bench} /></div>
    </div>

    <div class="contents lg:order-2 lg:flex lg:min-w-0 lg:flex-col lg:gap-4">
      <div class="order-4 flex min-w-0 flex-col gap-4 lg:order-none">
        {#if !noJars}<JarSets {bench} jars={data.jars} {sets} toWash={data.toWash} {hints} />{/if}
        {#if sheet}
          {#each bench.questions.filter((q) => q.itemId === null) as q (q.code)}<p class="heed">
              {questionWords(q, house.mass)}
            </p>{/each}
          <Cautions cautions={sheet.cautions} />
          {#if sheet.rinse}<RinsePanel {bench} rinse={sheet.rinse} />{/if}
          <JarRow {sheet} {hints} />
          <p class="flex flex-wrap gap-x-5 md:hidden">
            {#each sheet.working as w (w.id)}<Why
                working={w}
                text="why {w.id === 'ends'
                  ? 'it settles there'
                  : `so ${w.id === 'jars' ? 'many jars' : `much ${w.id === 'prepared' ? 'in' : w.id}`}`}?"
              />{/each}
          </p>
          <ScaleOrSpoon {sheet} />
          {#if sheet.shreds}<NotFull {bench} {sheet} shreds={sheet.shreds} />{/if}
          <BrineChoices {bench} {sheet} brines={data.brines} />
          {#if bench.salting === 'brine'}<FillAndWeigh {bench} {sheet} />{/if}
          <WeighOut {bench} targets={bench.toWeigh} />
          <Unfold text="How it is made, step by step">
            <HowItIsMade
              style={bench.style}
              salting={bench.salting}
              batch={{
                vegG: sheet.packedG,
                jars: bench.jarsWorth,
                vessels: sheet.jars.length,
                parts: sheet.salt.parts
              }}
              of={[...new Set(data.lots.map((l) => house.cropName(l.cropId)))].join(', ')}
              seasoned={bench.scaled !== null}
            />
          </Unfold>
          <TryHere {bench} {sheet} souring={data.souring} />
          <AddToCrock {bench} young={data.young} onadded={() => bench.clear()} />
          {#if sheet.leftG > 0.5}
            <p class="heed">
              <b>{house.mass(sheet.leftG)} does not fit</b> and stays on the bench.
              {#if sheet.oneMore.length > 0}One more {data.jars.find((j) => j.id === sheet.oneMore[0])?.name} would
                take it.{/if}
            </p>
          {/if}
        {:else if noJars}
          <p class="heed text-lg">
            No jars yet: <a class="act" href="/kit">say which jars you own</a>, and the best set is chosen
            from them.
          </p>
        {:else if bench.refused}
          <NotLikeThis problem={bench.refused} />
        {/if}
      </div>
    </div>

    <div class="order-7 lg:order-3">
      {#if sheet}
        <h2 class="hidden lg:block">How salty it settles</h2>
        <div class="hidden pt-2 lg:block"><SaltLadder ends={sheet.ends} {rungs} /></div>
        <WaysList {ways} {sheet} />
        <Why working={sheet.working.find((w) => w.id === 'ends')} text="why does it settle there?" />
        {#if bands}<p class="text-sm text-quiet">
            Drawn {bands.draws} times with weights, moisture, flesh and packing as uncertain as they are: ends between
            {writePercent(bands.ends.low)} and {writePercent(bands.ends.high)}{bands.brineMl
              ? `, the jars take ${house.volume(bands.brineMl.low)} to ${house.volume(bands.brineMl.high)} of brine`
              : ''}, nine times in ten.
          </p>{/if}
        {#if evening}<p class="text-sm">{evening}</p>{/if}
        <SayIt {bench} {doses} {sheet} />
      {/if}
    </div>
  </div>

  {#if sheet}
    <BenchBar {bench} {sheet} {dry} run={data.run} onstart={() => (starting = true)} />
    {#if sheet.juice}
      <p class="mt-3 max-w-prose text-sm">
        The juice must stand over the shreds within 24 hours. If not, pour brine of {writePercent(
          sheet.juice.strength
        )}: {plain(sheet.juice.saltPerLitreG, 0)} g of your salt to 1 l water; it keeps the strength.
      </p>
    {/if}
    <StartDialog bind:open={starting} {bench} {sheet} salts={bench.toWeigh.filter(isSalt)} />
  {/if}
{/if}

<ToPick jars={data.jars} learnt={data.learnt} picks={data.raw} styleId={bench.style.id} />
