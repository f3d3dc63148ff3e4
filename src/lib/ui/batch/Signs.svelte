<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import { placeOf, standing, type BatchInHand } from '$lib/core/batch';
  import { dayNumberOf } from '$lib/core/care';
  import type { TaughtBySouring } from '$lib/core/outlook';
  import { isRed, judge, LOOKS, SIGNS, WHERES, type AnswerTo, type Look, type Where } from '$lib/core/safety';
  import { LOOK_WORDS, QUESTION_WORDS, signWords, WHERE_WORDS } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { dialogs, type BatchDialog } from './dialogs.svelte';
  import JarPicker from './JarPicker.svelte';
  import Level from './Level.svelte';
  import SignPicture from './SignPicture.svelte';

  /** What does one see or smell? Two or three taps; what it usually means, and what the cautious do. */
  let {
    batch,
    souring,
    jarId = ''
  }: {
    batch: BatchInHand;
    souring: readonly TaughtBySouring[];
    /** The jar in hand, where it is one. */
    jarId?: string;
  } = $props();
  const house = useHouse();
  let where = $state<Where | null>(null);
  let look = $state<Look | null>(null);
  let answer = $state<AnswerTo | null>(null);
  const jars = $derived(standing(batch));
  /** One jar is meant, as a rule: of several none is chosen for the hand. */
  let chosen = $state<string[]>([]);
  const facts = $derived({
    day: dayNumberOf(batch, house.now),
    tempC: house.household.places.find((p) => jars[0] && p.id === placeOf(jars[0]))?.tempC ?? 21,
    red: batch.items.some((i) => isRed(i.cropId))
  });
  const judged = $derived(look ? judge(look, facts, answer) : null);
  const sign = $derived(
    judged && 'sign' in judged
      ? { id: judged.sign, level: SIGNS[judged.sign], ...signWords(judged.sign) }
      : null
  );
  const asks = $derived(judged && 'asks' in judged ? QUESTION_WORDS[judged.asks] : null);
  /** What helps, a tap away. */
  const HELPS: Partial<Record<string, readonly [BatchDialog, string]>> = {
    'no-bubbles': ['ph', 'Measure pH…'],
    lull: ['ph', 'Measure pH…'],
    domed: ['lid', 'Another lid…'],
    soft: ['move', 'Move…'],
    yeasty: ['move', 'Move…']
  };
  const helps = $derived(sign && HELPS[sign.id]);
  const at = (to: Where | null) => {
    [where, look, answer] = [to, null, null];
    chosen = jars.length === 1 && jars[0] ? [jars[0].id] : [];
  };
</script>

{#snippet choices(all: readonly { id: Where | Look; text: string; choose: () => void }[])}
  <div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
    {#each all as c (c.id)}
      <button
        type="button"
        class="flex min-h-14 flex-col items-center gap-1 rounded-lg border border-rule-strong px-2 py-2 text-center leading-tight hover:bg-rule-soft"
        onclick={c.choose}><SignPicture of={c.id} /> {c.text}</button
      >
    {/each}
  </div>
{/snippet}

<Fold text="Something looks or smells odd?" quiet>
  <div role="group" aria-label="Where is it?" class="pt-1">
    {#if where === null}
      {@render choices(WHERES.map((id) => ({ id, text: WHERE_WORDS[id], choose: () => at(id) })))}
    {:else}
      <p class="flex flex-wrap items-baseline gap-x-4">
        <b class="font-semibold">{WHERE_WORDS[where]}{look ? `: ${LOOK_WORDS[look]}` : ''}</b>
        <button type="button" class="act" onclick={() => at(look ? where : null)}
          >{look ? 'something else' : 'elsewhere'}</button
        >
      </p>
    {/if}
  </div>
  {#if where && !look}
    <div role="group" aria-label="What is it like?">
      {@render choices(LOOKS[where].map((id) => ({ id, text: LOOK_WORDS[id], choose: () => (look = id) })))}
    </div>
  {/if}
  {#if asks && answer === null}
    <div role="group" aria-labelledby="asks-{batch.id}">
      <p id="asks-{batch.id}" class="pb-2">{asks[0]}</p>
      <div class="flex flex-wrap gap-2">
        <Button outline onclick={() => (answer = 'yes')}>{asks[1]}</Button>
        <Button outline onclick={() => (answer = 'no')}>{asks[2]}</Button>
        <Button outline onclick={() => (answer = 'unsure')}>Not sure</Button>
      </div>
    </div>
  {/if}
  <div aria-live="polite">
    {#if sign}
      <div class={['mt-2', sign.level === 'discard' ? 'harm' : sign.level === 'heed' ? 'heed' : '']}>
        <p>{sign.means}</p>
        <p class="font-semibold">{sign.does}</p>
        {#if sign.schools}<p class="pt-1 text-sm">{sign.schools}</p>{/if}
      </div>
    {/if}
  </div>
  {#if sign?.id === 'low'}<Level {batch} {souring} {jarId} />{/if}
  {#if sign && helps}<Button class="mt-2" outline onclick={() => dialogs.show(helps[0], batch)}
      >{helps[1]}</Button
    >{/if}
  {#if sign && sign.level !== 'fine'}
    <ActionForm
      command="see-sign"
      values={{ batchId: batch.id, sign: sign.id }}
      label="Note it"
      class="pt-2"
      ondone={() => at(null)}
    >
      {#snippet children({ busy, problemAt })}
        <JarPicker {jars} bind:chosen legend="On which jars?" />
        <Trouble problem={problemAt('fillingIds')} />
        <Button type="submit" class="mt-2" outline disabled={busy}
          >{sign.level === 'discard' ? 'Mark these jars: throw away' : 'Note it'}</Button
        >
      {/snippet}
    </ActionForm>
  {/if}
  <p class="pt-2 text-sm text-quiet">When in doubt, throw it out. Common practice, no source.</p>
</Fold>
