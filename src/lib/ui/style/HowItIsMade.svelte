<script lang="ts">
  import { stepsFor, type Addition, type Salting, type Step, type Style } from '$lib/core/style';
  import { REST_WORDS, STEP_CAUTIONS, STEP_WORDS, styleWords } from '$lib/words';
  import { plain } from '$lib/core/quantity';
  import type { SaltPart } from '$lib/core/worksheet';
  import { partWords } from './salt-words';
  import { timers } from '../timer/timers.svelte';
  import { useHouse } from '../house/house.svelte';
  import { amountWords, BY_THE_LITRE } from '../recipe/words';

  /** The style's steps in their order, with rests and cautions; how it is laid; and what usually goes with it. */
  interface Props {
    style: Style;
    salting: Salting;
    /** What is made now: additions are worked out for it; without it they stand as the style says them. */
    batch?: { vegG: number; jars: number; vessels: number; parts?: readonly SaltPart[] } | null;
    /** What it is made of, for the names of its timers; without it none is offered. */
    of?: string;
    /** The seasoning comes from elsewhere: from a recipe. */
    seasoned?: boolean;
  }
  let { style, salting, batch = null, of = '', seasoned = false }: Props = $props();
  const house = useHouse();
  const restWords = ({ fromMinutes, toMinutes }: { fromMinutes: number; toMinutes: number }) =>
    fromMinutes >= 60
      ? `${plain(fromMinutes / 60, 1)}–${plain(toMinutes / 60, 1)} hours`
      : toMinutes >= 120
        ? `${fromMinutes} minutes to ${plain(toMinutes / 60, 1)} hours`
        : `${fromMinutes}–${toMinutes} minutes`;
  /** The salt of this batch at the step where it is weighed out; brine that tops up shreds is mixed once they are packed. */
  const partsAt = (id: string) =>
    (batch?.parts ?? []).filter((p) =>
      p.where === 'bowl' ? id === 'salt' : salting === 'brine' ? id === 'brine' : id === 'pack'
    );
  /** A timer for a rest: when one first looks, and what is done then. */
  const timeRest = ({ id, rest }: Step) => {
    const steps = stepsFor(style, salting);
    const after = steps[steps.findIndex((s) => s.id === id) + 1];
    if (rest) timers.setRest(of, rest, after ? STEP_WORDS[after.does] : '');
  };
  const amount = (a: Addition): string => {
    const grows = { kg: (batch?.vegG ?? 0) / 1000, jar: batch?.jars ?? 0, batch: 1, free: 1 }[a.per];
    const said = amountWords(
      { amount: a.per === 'free' ? null : a.amount * (batch === null ? 1 : grows), unit: a.unit },
      house,
      house.household.spoons
    );
    const of = { kg: ' per kg', jar: ' a jar', batch: ' a batch', free: '' }[a.per];
    return batch === null ? said + of : said;
  };
</script>

<ol class="list-decimal pl-6">
  {#each stepsFor(style, salting) as step (step.id)}
    <li class="py-1.5">
      {STEP_WORDS[step.does]}
      {#if step.id === 'cut' && style.ownCut}<b>Into {style.ownCut.name.toLowerCase()}.</b>{/if}
      {#each partsAt(step.id) as p (p.where)}<b class="block">{partWords(p)}</b>{/each}
      {#if step.rest}Rest {restWords(step.rest)}, until {REST_WORDS[step.rest.until]}{step.rest
          .turnEveryMinutes
          ? `; turn every ${step.rest.turnEveryMinutes} minutes`
          : ''}.{#if of}<button
            class="no-print min-h-11 px-1 underline underline-offset-4"
            aria-label="Time the rest"
            onclick={() => timeRest(step)}>time it</button
          >{/if}{/if}
      {#if step.afterDays}<span class="text-quiet">After {step.afterDays} days.</span>{/if}
      {#if step.caution}<span class="heed my-1 block text-sm">{STEP_CAUTIONS[step.caution]}</span>{/if}
    </li>
  {/each}
</ol>
<p class="pt-1 text-sm">{styleWords(style).layers}</p>
<h3 class="pt-3 text-base">Later, for the cold</h3>
<p class="text-sm">{styleWords(style).finishing}</p>
<p class="text-sm text-quiet">
  Under oil, garlic, herbs and ferments never stand at room temperature: in the fridge, eaten within days.
</p>
{#if !seasoned && style.additions.length > 0}
  <h3 class="pt-3 text-sm text-quiet">
    What usually goes with it{batch === null ? '' : ', for this batch'}
  </h3>
  <dl>
    {#each style.additions as a (a.name)}
      <div class="flex justify-between gap-4 border-b border-rule-soft py-1">
        <dt>{a.name}{a.optional ? '' : ' (belongs in)'}</dt>
        <dd class="font-semibold">{amount(a)}</dd>
      </div>
    {/each}
  </dl>
  {#if batch !== null && batch.jars > batch.vessels && style.additions.some((a) => a.per === 'jar')}<p
      class="pt-1 text-sm text-quiet"
    >
      {BY_THE_LITRE}
    </p>{/if}
{/if}
