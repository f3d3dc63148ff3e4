<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { isSalted, type GivenUp, type Run, type RunStep } from '$lib/core/run';
  import { writeSalt } from '$lib/core/quantity';
  import { GIVEN_UP_WORDS, SKIP_REASONS } from '$lib/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import type { Making } from './making.svelte';
  import { aloud } from './screen.svelte';

  /** At the thumb: back, on; and beneath it what is rarer. */
  interface Props {
    run: Run;
    making: Making;
    step: RunStep | null;
    behind: boolean;
    canBack: boolean;
    /** Salt that goes with it where it is given up after salting, g. */
    saltG: number;
    saltKindId: string;
    onback: () => void;
    onnext: () => void;
  }
  let { run, making, step, behind, canBack, saltG, saltKindId, onback, onnext }: Props = $props();
  let sheet = $state<'skip' | 'wait' | 'give' | null>(null);
  /** On a phone what is rarer is folded away: the step wants the room. */
  let more = $state(false);
  let why = $state('');
  let minutes = $state('60');
  let how = $state<GivenUp>('back');
  const salted = $derived(isSalted(run));
  const ways = $derived(salted ? (['eaten', 'thrown'] as const) : (['back', 'eaten', 'thrown'] as const));
  const goesOn = $derived(behind || (step !== null && step.kind !== 'gate' && step.kind !== 'close'));
  const skips = $derived(
    step !== null && !behind && !run.over && step.kind !== 'close' && step.gate !== 'covered'
  );
  const WAITS = [
    { value: '30', name: 'half an hour' },
    { value: '60', name: 'an hour, for a meal' },
    { value: '180', name: 'three hours' },
    { value: '720', name: 'twelve hours, over night' },
    { value: '1440', name: 'a day' }
  ];
  const done = async (said: Promise<boolean>) => {
    if (await said) {
      sheet = null;
      why = '';
    }
  };
</script>

<div
  class="sticky bottom-0 z-30 -mx-4 border-t-[3px] border-ink bg-paper px-4 pt-3 pb-[max(0.75rem,env(safe-area-inset-bottom))]"
>
  <div class="flex gap-3">
    <Button size="xl" outline class="min-h-14 px-5 text-xl" disabled={!canBack} onclick={onback}>Back</Button>
    {#if goesOn && !run.over}
      <Button size="xl" class="min-h-14 grow text-xl" onclick={onnext}
        >{behind ? 'Next' : step?.kind === 'kit' ? 'Begin' : 'Done, next'}</Button
      >
    {:else}<p class="grow content-center text-center text-lg text-quiet">
        {run.over ? '' : step?.kind === 'gate' ? 'Answer above to go on.' : ''}
      </p>{/if}
    <Button
      size="xl"
      outline
      class="min-h-14 px-4 text-xl md:hidden"
      aria-expanded={more}
      aria-controls="run-more"
      onclick={() => (more = !more)}>More</Button
    >
  </div>
  <div id="run-more" class={['flex-wrap gap-x-5 md:flex', more ? 'flex' : 'hidden']}>
    <button class="act min-h-14" disabled={!making.canUndo} onclick={() => void making.undo()}>Undo</button>
    {#if skips}<button class="act min-h-14" onclick={() => (sheet = 'skip')}>Leave it out</button>{/if}
    {#if !run.over && !run.became}
      <button class="act min-h-14" onclick={() => (sheet = 'wait')}>Put it off</button>
      <button
        class="act min-h-14"
        onclick={() => {
          how = ways[0];
          sheet = 'give';
        }}>Give it up</button
      >
    {/if}
    {#if aloud.can}<button class="act min-h-14" aria-pressed={aloud.on} onclick={() => aloud.turn()}
        >{aloud.on ? 'Stop reading aloud' : 'Read aloud'}</button
      >{/if}
    <button class="act min-h-14" onclick={() => print()}>Print</button>
  </div>
</div>

<Sheet
  bind:open={() => sheet === 'skip', (open) => (sheet = open ? 'skip' : null)}
  title="Leave this step out"
  size="sm"
>
  <div class="flex flex-col gap-4">
    <TextField
      label="Why"
      id="skip-why"
      value={why}
      placeholder="done yesterday"
      oninput={(said) => (why = said)}
    />
    <div class="flex flex-wrap gap-x-5" role="group" aria-label="Why, as one mostly says it">
      {#each SKIP_REASONS as reason (reason)}<button
          class="act min-h-14"
          aria-pressed={why === reason}
          onclick={() => (why = reason)}>{reason}</button
        >{/each}
    </div>
    <Button
      size="xl"
      class="min-h-14 text-xl"
      disabled={making.busy}
      onclick={() => void done(making.say('skip-step', { step: step?.id ?? '', why }))}>Leave it out</Button
    >
    <Trouble problem={making.problem} />
  </div>
</Sheet>
<Sheet
  bind:open={() => sheet === 'wait', (open) => (sheet = open ? 'wait' : null)}
  title="Put it off"
  size="sm"
>
  <div class="flex flex-col gap-4">
    <ChoiceField
      label="For"
      id="wait-for"
      value={minutes}
      items={WAITS}
      onchange={(said) => (minutes = said)}
    />
    <p>Its picks, jars and salt stay held. Today says when it goes on, and with what.</p>
    <Button
      size="xl"
      class="min-h-14 text-xl"
      disabled={making.busy}
      onclick={() => void done(making.say('put-off', { minutes: Number(minutes) }))}>Put it off</Button
    >
    <Trouble problem={making.problem} />
  </div>
</Sheet>
<Sheet
  bind:open={() => sheet === 'give', (open) => (sheet = open ? 'give' : null)}
  title="Give it up"
  size="sm"
>
  <div class="flex flex-col gap-4">
    <ChoiceField
      label="What lies there is"
      id="give-how"
      value={how}
      items={ways.map((w) => ({ value: w, name: GIVEN_UP_WORDS[w] }))}
      onchange={(said) => (how = said as GivenUp)}
    />
    {#if salted}<p>{writeSalt(saltG)} of salt went with it and comes off the shelf.</p>{/if}
    <Button
      size="xl"
      color="red"
      class="min-h-14 text-xl"
      disabled={making.busy}
      onclick={() =>
        void done(
          making.say('give-up', salted ? { how, saltKindId, amount: `${Math.round(saltG)} g` } : { how })
        )}>Give it up</Button
    >
    <Trouble problem={making.problem} />
  </div>
</Sheet>
