<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import {
    stillIn,
    type BatchInHand,
    type BatchEvent,
    type Finishing,
    type Portion,
    type TasteMarks
  } from '$lib/core/batch';
  import { massOf } from '$lib/core/contents';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { undoCommand } from '../house/toasts.svelte';
  import { clockTime } from '../time';
  import { plain, writePercent, writeSalt } from '$lib/core/quantity';
  import CorrectPH from './CorrectPH.svelte';
  import TasteSheet from './TasteSheet.svelte';
  import {
    becauseWords,
    careShort,
    GAS_WORDS,
    LID_WORDS,
    listed,
    signName,
    TROUBLE_WORDS,
    shortDay
  } from '$lib/words';
  import { didWords } from './right';

  interface Line {
    readonly id: string;
    readonly at: number;
    readonly command: string;
    readonly by: string | null;
    readonly event: BatchEvent;
  }
  /** One line of the record: when, what; a way to take it back or put it right. Folded, it shows on paper only. */
  let { line, batch, folded = false }: { line: Line; batch: BatchInHand; folded?: boolean } = $props();
  const house = useHouse();
  let open = $state(false);
  let weight = $state('');

  const lids = (ids: readonly string[]) =>
    listed(batch.fillings.filter((f) => ids.includes(f.id)).map((f) => f.lidNumber));
  const whyThrown = ({ because, reason }: Pick<Portion, 'because' | 'reason'>) =>
    [...(because ? [becauseWords(because)] : []), ...(reason ? [reason] : [])]
      .map((why) => `: ${why}`)
      .join('');
  const HOW_CARED = { done: '', skipped: 'Skipped: ', unknown: 'Not known whether done: ' };
  const HOW = { eaten: 'eaten', cooked: 'cooked with', given: 'given away', thrown: 'thrown away' };
  const marks = (t: TasteMarks) =>
    (['sour', 'salt', 'crunch', 'bite', 'aroma'] as const)
      .flatMap((of) => (t[of] === null ? [] : `${of} ${t[of]}`))
      .join(', ') +
    (t.who ? `, by ${t.who}` : '') +
    (t.liked ? ', as we like it' : '') +
    (t.note ? `. “${t.note}”` : '');
  const text = $derived.by(() => {
    const e = line.event;
    switch (e.type) {
      case 'cared':
        return `${HOW_CARED[e.data.how]}${careShort(e.data.kind)}, jar ${lids(e.data.fillingIds)}`;
      case 'tasted':
        return `Tasted ${lids(e.data.fillingIds)}: ${marks(e.data)}`;
      case 'tasteCorrected':
        return `Taste corrected: ${marks(e.data)}`;
      case 'measured':
        return `pH ${e.data.pH}${e.data.by === 'meter' ? ' by meter' : ''}, jar ${lids(e.data.fillingIds)}`;
      case 'photoTaken':
        return `A photo, jar ${lids(e.data.fillingIds)}`;
      case 'photoDeleted':
        return 'A photo deleted for good';
      case 'titrated':
        return `${plain(e.data.percent, 2)} % acid by titration, jar ${lids(e.data.fillingIds)}`;
      case 'gasSeen':
        return `Gas, jar ${lids(e.data.fillingIds)}: ${GAS_WORDS[e.data.seen]}`;
      case 'pHCorrected':
        return e.data.pH === null ? 'A pH reading taken back' : `pH corrected: it was ${e.data.pH}`;
      case 'signSeen':
        return `Seen on ${lids(e.data.fillingIds)}: ${signName(e.data.sign)}`;
      case 'signTakenBack':
        return 'A sign taken back';
      case 'moved':
        return `Moved ${lids(e.data.fillingIds)} to ${house.placeName(e.data.placeId)}`;
      case 'lidChanged':
        return `Another lid on ${lids(e.data.fillingIds)}: ${LID_WORDS[e.data.lid]}`;
      case 'queued':
        return e.data.waitsFor
          ? `${lids(e.data.fillingIds)} wait till jar ${e.data.waitsFor.lidNumber} (${e.data.waitsFor.batchName}) is eaten`
          : `${lids(e.data.fillingIds)} no longer wait`;
      case 'portioned':
        return `${house.mass(e.data.g)} ${HOW[e.data.how]}, jar ${lids([e.data.fillingId])}${whyThrown(e.data)}`;
      case 'putRight':
        return `Put right ${lids([e.data.fillingId])} (${TROUBLE_WORDS[e.data.trouble]}): ${didWords(e.data, house)}, from ${writePercent(e.data.from)} to ${writePercent(e.data.to)}${e.data.reason ? `. “${e.data.reason}”` : ''}`;
      case 'soured':
        return `Soured at pH ${e.data.pH} for ${e.data.wanted}: ${[e.data.vinegarMl > 0 ? `${house.volume(e.data.vinegarMl)} of 5 % vinegar` : '', e.data.citricG > 0 ? `${writeSalt(e.data.citricG)} of citric acid` : ''].filter(Boolean).join(' and ')} in ${house.mass(e.data.sauceG)}`;
      case 'decanted':
        return `${house.mass(e.data.g)} decanted from jar ${lids([e.data.fillingId])} into jar ${e.data.into.lidNumber}`;
      case 'finishing':
        return finishingSays(e.data);
      case 'heated':
        return `Heated for the pantry, jar ${lids(e.data.fillingIds)}: ${e.data.process.product}, ${e.data.process.minutes} minutes, by ${e.data.process.guide} (${e.data.process.edition})`;
      case 'finishingLeft':
        return 'No longer being finished';
      case 'bottled':
        return `Bottled out of ${lids(e.data.fillingIds)}: ${e.data.bottles.map((x) => `jar ${x.lidNumber}, ${house.mass(x.g)}`).join('; ')}`;
      case 'drained':
        return `${house.mass(e.data.g)} of brine drained off, jar ${lids([e.data.fillingId])}`;
      case 'passedOn':
        return `${house.mass(massOf(e.data.what))} poured from jar ${lids([e.data.fillingId])} into ${lids([e.data.other.fillingId]) ? `jar ${lids([e.data.other.fillingId])}` : 'another batch'}`;
      case 'received':
        return `${house.mass(massOf(e.data.what))} of another batch poured into jar ${lids([e.data.fillingId])}`;
      case 'added':
        return `A second pick in ${lids([e.data.fillingId])}: ${house.mass(e.data.vegG)} with ${writeSalt(e.data.saltG)} salt`;
      case 'portionCorrected':
        return `Corrected: it was ${house.mass(e.data.g)}`;
      default:
        return 'Started';
    }
  });
  const event = $derived(line.event);
  const correctable = $derived(
    event.type === 'tasted' || event.type === 'portioned' || event.type === 'measured'
  );
  /** How far a finishing is. */
  function finishingSays(f: Omit<Finishing, 'since'>): string {
    const weighed = [
      [f.brineG, 'of brine drained'],
      [f.backG, 'of it put back'],
      [f.waterG, 'of water'],
      [f.sweetG, 'of sugar'],
      [f.pulpG, 'of pulp sieved off'],
      [f.sauceG, 'of sauce weighed']
    ] as const;
    const said = weighed.flatMap(([g, what]) => (g ? [`${house.mass(g)} ${what}`] : []));
    const fresh = f.fresh.map((i) => `${house.mass(i.preparedG)} of ${i.name.toLowerCase()}`);
    const left = stillIn(f).reduce((a, o) => a + o.n, 0);
    const out = left > 0 ? `${left} still in the jars` : 'all out of the jars';
    return `Finishing ${lids(f.fillingIds)}: ${[out, ...said, ...fresh].join(', ')}`;
  }
</script>

<li class={['border-b border-rule-soft py-1', folded && 'hidden print:list-item']}>
  <div class="grid grid-cols-[1fr_auto] items-center gap-x-4 sm:flex">
    <div class="grow sm:flex sm:items-center sm:gap-x-4">
      <time class="block w-28 shrink-0 text-sm text-quiet">{shortDay(line.at)}, {clockTime(line.at)}</time>
      <span class="grow"
        >{text}{#if line.by}<span class="text-sm text-quiet">, {line.by}</span>{/if}</span
      >
    </div>
    <span class="no-print flex gap-3">
      {#if event.type === 'portioned' && event.data.how === 'given'}<a
          class="flex min-h-11 items-center text-sm underline underline-offset-4"
          href="/notebook/{batch.id}/card/{event.data.fillingId}">card</a
        >{/if}
      {#if correctable}<button
          class="min-h-11 text-sm underline underline-offset-4"
          onclick={() => (open = !open)}
          aria-expanded={open}>correct</button
        >{/if}
      {#if event.type !== 'photoDeleted'}<button
          class="min-h-11 text-sm underline underline-offset-4"
          onclick={() => undoCommand(line.command)}
          aria-label="Undo: {text}">undo</button
        >{/if}
    </span>
  </div>
  {#if open && event.type === 'tasted'}
    <ActionForm
      command="correct-taste"
      values={{ batchId: batch.id, of: line.id }}
      ondone={() => (open = false)}
      class="flex flex-col gap-3 py-3"
    >
      {#snippet children({ busy, problems })}
        <TasteSheet said={event.data} id={line.id} />
        <Trouble problem={problems[0]} />
        <div><Button type="submit" outline disabled={busy}>Correct the taste</Button></div>
      {/snippet}
    </ActionForm>
  {:else if open && event.type === 'measured'}
    <CorrectPH batchId={batch.id} of={line.id} was={event.data.pH} ondone={() => (open = false)} />
  {:else if open && event.type === 'portioned'}
    <ActionForm
      command="correct-portion"
      values={{ batchId: batch.id, of: line.id }}
      ondone={() => (open = false)}
      class="flex max-w-md flex-col gap-2 py-3"
    >
      {#snippet children({ busy, problems })}
        <WeightField
          label="What it really was"
          name="weight"
          bind:value={weight}
          problem={problems[0]}
          placeholder={house.mass(event.data.g)}
        />
        <div><Button type="submit" outline disabled={busy}>Correct it</Button></div>
      {/snippet}
    </ActionForm>
  {/if}
</li>
