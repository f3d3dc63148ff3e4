<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { writePercent } from '$lib/core/quantity';
  import {
    gateAnswers,
    type AtGate,
    type GateAnswer,
    type GateId,
    type GateSays,
    type Lead,
    type Run
  } from '$lib/core/run';
  import { tasteWord } from '$lib/core/salt';
  import type { LotOnBench } from '$lib/core/lot';
  import { GATE_ASKS, GATE_SAYS, lastingWords, leadWords } from '$lib/words';
  import type { Bench } from '../bench/bench.svelte';
  import RinsePanel from '../bench/RinsePanel.svelte';
  import SortDialog from '../bench/SortDialog.svelte';
  import { useHouse } from '../house/house.svelte';
  import { lookAgain } from '../house/look-again';
  import { send } from '../house/send';
  import { toasts } from '../house/toasts.svelte';
  import SaltLadder from '../ladder/SaltLadder.svelte';
  import { timers } from '../timer/timers.svelte';
  import { weighIn } from '../weigh/weigh-in.svelte';
  import BigChoice from './BigChoice.svelte';
  import type { Making } from './making.svelte';
  import OwnJar from './OwnJar.svelte';

  /** Where the trade decides: each answer says what it leads to before it is given. */
  interface Props {
    run: Run;
    making: Making;
    gate: GateId;
    at: AtGate;
    bench: Bench;
    lots: readonly LotOnBench[];
  }
  let { run, making, gate, at, bench, lots }: Props = $props();
  const house = useHouse();
  const answers = $derived(gateAnswers(gate, at));
  const said = $derived(run.gates[gate]);
  let chosen = $state<string | null>(null);
  /** Chosen here, or given before; what was given and lets it go on is only shown. */
  const picked = $derived(chosen ?? said?.answer ?? null);
  const now = $derived(
    chosen === null && said?.passes === true ? null : (answers.find((a) => a.id === picked) ?? null)
  );
  let sorting = $state<LotOnBench | null>(null);
  /** Off-cuts that were sorted out here, and may get a jar of their own at once. */
  let offcuts = $state<{ id: string; g: number; name: string } | null>(null);
  let beginning = $state(false);
  const beside = async ({ id: lotId, name }: NonNullable<typeof offcuts>) => {
    beginning = true;
    const sent = await send('begin-beside', { runId: run.id, lotId, name: `Off-cuts of ${name}` });
    await lookAgain();
    beginning = false;
    if (!sent.ok) return toasts.say(sent.problem.says, { tone: 'trouble', more: sent.problem.wouldWork });
    offcuts = null;
    const link = { href: `/making/${sent.answer.runId}`, text: 'Open it' };
    toasts.say(`Beside it: ${sent.answer.name}`, { undo: sent.commandId, link });
  };

  const leads = (lead: Lead) => leadWords(lead, house.household.units);
  const more = (a: GateAnswer): string =>
    gate === 'taste' && a.lead.to === 'on'
      ? a.expected
        ? `As it should be: it settles at ${writePercent(at.sheet.ends.equilibrium)}.`
        : 'The scale says otherwise, and is believed: is all of the salt in, and stirred? Go on.'
      : leads(a.lead);
  const choose = (a: GateAnswer) => {
    if (a.lead.to === 'on') void answer(a);
    else chosen = a.id;
  };
  const answer = async (a: GateAnswer) => {
    // What stays dry is topped up: the worksheet reckons the brine, and the steps for it follow.
    if (gate === 'juice' && a.lead.to === 'brine') bench.choose({ topUp: 'yes' });
    if (await making.say('answer-gate', { gate, answer: a.id })) chosen = null;
  };
  // What to do stands below the answers: it comes into sight with the choice.
  let doing: HTMLElement | undefined = $state();
  const nowId = $derived(now?.id);
  $effect(() => {
    // And so does what else may be done once something was sorted out.
    if (nowId !== undefined || offcuts) doing?.scrollIntoView({ block: 'nearest' });
  });
  const ladder = $derived(gate === 'taste');
  /** What people mean by the two that everybody knows, on the ladder. */
  const TASTE_RUNGS = [
    { id: 'soup', text: 'like soup' },
    { id: 'sea', text: 'like the sea' }
  ].flatMap(({ id, text }) => {
    const ends = tasteWord(id)?.salinity;
    return ends ? [{ text, ends }] : [];
  });
</script>

<p class="text-[1.75rem] leading-snug font-semibold">{GATE_ASKS[gate][0]}</p>
<p class="text-xl">{GATE_ASKS[gate][1]}</p>
{#if gate === 'rinse' && at.sheet.rinse}<RinsePanel {bench} rinse={at.sheet.rinse} />{/if}
<div class={ladder ? 'grid gap-x-10 lg:grid-cols-[1fr_17rem]' : ''}>
  <ul class="flex flex-col gap-3" aria-label="Answers">
    {#each answers as a (a.id)}
      <li>
        <BigChoice
          on={picked === a.id}
          says={GATE_SAYS[`${gate}.${a.id}` as GateSays]}
          leads={more(a)}
          onchoose={() => choose(a)}
        />
      </li>
    {/each}
  </ul>
  {#if ladder}<div class="hidden lg:block"><SaltLadder ends={at.sheet.ends} rungs={TASTE_RUNGS} /></div>{/if}
</div>
{#if now}
  <section
    bind:this={doing}
    aria-label="What to do"
    class="max-w-3xl scroll-mb-44 border-t-[3px] border-ink pt-3"
  >
    <p class="text-[1.75rem] leading-snug">{leads(now.lead)}</p>
    <div class="flex flex-wrap gap-x-6">
      {#if now.lead.to === 'sort' || now.lead.to === 'eat'}
        {#each lots as lot (lot.id)}<button class="act min-h-14 text-xl" onclick={() => (sorting = lot)}
            >weigh out of {house.cropName(lot.cropId).toLowerCase()}</button
          >{/each}
        {#if offcuts}{@const one = offcuts}<button
            class="act min-h-14 text-left text-xl"
            disabled={beginning}
            onclick={() => void beside(one)}
            >the {house.mass(one.g)} of off-cuts: a making of their own, beside this one</button
          >{/if}
      {:else if now.lead.to === 'own'}
        <OwnJar {bench} />
      {:else if now.lead.to === 'leaf'}
        <button class="act min-h-14 text-xl" onclick={() => weighIn.show()}>weigh them in</button>
      {:else if now.lead.to === 'wait'}
        {@const minutes = now.lead.minutes}
        <button
          class="act min-h-14 text-xl"
          onclick={() =>
            timers.set({ name: `${run.name}: ${GATE_ASKS[gate][0]}`, lasts: lastingWords(minutes) })}
          >Time it</button
        >
      {:else if now.lead.to === 'jars'}
        <button class="act min-h-14 text-xl" onclick={() => bench.oneMoreJar()}>take it</button>
        <a class="act min-h-14 content-center text-xl" href="/bench?bench={bench.id}">choose on the Bench</a>
      {/if}
      <Button size="xl" class="min-h-14 text-xl" disabled={making.busy} onclick={() => void answer(now)}
        >{now.passes ? 'Done, go on' : 'Done, ask again'}</Button
      >
    </div>
  </section>
{/if}
<SortDialog
  bind:lot={sorting}
  ondone={(lot, off) => {
    bench.weights.forget(lot.id);
    offcuts = off && { ...off, name: house.cropName(lot.cropId).toLowerCase() };
  }}
/>
