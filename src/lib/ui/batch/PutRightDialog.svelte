<script lang="ts">
  import { Button, Label, Textarea } from 'flowbite-svelte';
  import { salinityOf, standing, usualTarget, type BatchInHand, remedyFor } from '$lib/core/batch';
  import { TROUBLES, type TroubleKind } from '$lib/core/correct';
  import { allCrops } from '$lib/core/produce';
  import { plain, writePercent } from '$lib/core/quantity';
  import { asMeasured, saltKind } from '$lib/core/salt';
  import { problem } from '$lib/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import BrineShown from '../meter/BrineShown.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import Rungs from '../ladder/Rungs.svelte';
  import { jarsSaid } from '$lib/words';
  import { TROUBLE_WORDS } from '$lib/words';
  import JarPicker from './JarPicker.svelte';
  import { dialogs } from './dialogs.svelte';
  import { doingWords, waitWords } from './right';

  /** A jar went wrong: what is known of it, what to do, where it ends; and that it was done. */
  let { batch }: { batch: BatchInHand } = $props();
  const house = useHouse();
  const jars = $derived(standing(batch).filter((f) => !f.heated));
  let chosen = $state<string[]>([]);
  let trouble = $state<TroubleKind>('short');
  let amount = $state('');
  let salinityPercent = $state('');
  let targetPercent = $state('');
  let freeBrine = $state('');
  let strengthPercent = $state('');
  let lost = $state('');
  let cropId = $state('');
  // Another batch is another trouble; and what was found out of it stands there.
  $effect(() => {
    chosen = jars.map((f) => f.id).filter((id) => dialogs.of?.includes(id) ?? true);
    trouble = dialogs.found?.trouble ?? 'short';
    lost = salinityPercent = targetPercent = freeBrine = strengthPercent = '';
    amount = dialogs.found?.amount ?? '';
    cropId = batch.items[0]?.cropId ?? '';
  });
  const asks = $derived({
    amount: trouble !== 'too-salty' && trouble !== 'too-weak',
    free: trouble === 'too-salty' || trouble === 'wrong-top-up' || trouble === 'spilled-refilled',
    strength: trouble === 'wrong-top-up' || trouble === 'spilled-refilled',
    lost: trouble === 'spilled-refilled',
    crop: trouble === 'unsalted-added'
  });
  const AMOUNT: Partial<Record<TroubleKind, string>> = {
    'wrong-top-up': 'Poured in, each jar',
    'spilled-refilled': 'Poured in after, each jar',
    'unsalted-added': 'Put in, each jar'
  };
  const first = $derived(jars.find((f) => chosen.includes(f.id)));
  const known = $derived(first ? salinityOf(batch, first) : null);
  const purity = $derived.by(() => {
    const kind = saltKind(batch.saltKindId ?? house.household.saltKindId);
    return kind ? asMeasured(kind, house.household.ownSpoons).purity : 1;
  });
  const said = $derived({
    trouble,
    amount,
    lost,
    salinityPercent,
    targetPercent,
    freeBrine,
    strengthPercent,
    cropId
  });
  const answer = $derived(first ? remedyFor(said, batch, first, house.now, house.ways) : null);
  /** Jars of one size want the same; what differs is said jar by jar. */
  const groups = $derived.by(() => {
    const out: { lids: number[]; says: string[] }[] = [];
    for (const f of jars.filter((j) => chosen.includes(j.id))) {
      const r = remedyFor(said, batch, f, house.now, house.ways);
      if (!r.ok) continue;
      const says = doingWords(r.value.remedy, purity, house);
      const same = out.find((g) => g.says.join() === says.join());
      if (same) same.lids.push(f.lidNumber);
      else out.push({ lids: [f.lidNumber], says });
    }
    return out;
  });
  const waiting = $derived(asks.amount && amount.trim() === '');
  const rows = $derived.by(() => {
    if (!answer?.ok) return [];
    const { now, beside } = answer.value.remedy;
    return [
      { text: 'as it is now', at: now.salinity },
      ...(beside.water === null ? [] : [{ text: 'plain water', at: beside.water }]),
      ...(beside.standard === null ? [] : [{ text: 'usual brine', at: beside.standard }]),
      { text: 'this answer', at: beside.answer, main: true }
    ];
  });
</script>

<Sheet
  open={dialogs.open === 'right'}
  onclose={() => dialogs.close('right')}
  title="Put right: {batch.name}"
  size="md"
>
  <ActionForm
    command="put-right"
    label="Put a jar right"
    values={{ batchId: batch.id }}
    next={{ href: `/notebook/${batch.id}/labels`, text: 'Print lid labels' }}
    ondone={() => dialogs.close('right')}
  >
    {#snippet children({ busy, problemAt })}
      <div class="flex flex-col gap-3">
        <div class="grid gap-x-6 gap-y-3 sm:grid-cols-2">
          <ChoiceField
            class="sm:col-span-2"
            label="What went wrong"
            id="r-trouble"
            name="trouble"
            bind:value={trouble}
            items={TROUBLES.map((t) => ({ value: t, name: TROUBLE_WORDS[t] }))}
            problem={problemAt('trouble')}
          />
          <div class="sm:col-span-2">
            <JarPicker {jars} legend="Jars, the same in each" bind:chosen problem={problemAt('fillingIds')} />
          </div>
          {#if asks.crop}
            <ChoiceField
              label="What"
              id="r-crop"
              name="cropId"
              bind:value={cropId}
              items={allCrops(house.crops).map((c) => ({ value: c.id, name: c.name }))}
            />
          {/if}
          {#if asks.amount}
            <TextField
              label={AMOUNT[trouble] ?? 'Missing, each jar'}
              id="r-amount"
              name="amount"
              problem={problemAt('amount')}
              bind:value={amount}
              placeholder={trouble === 'unsalted-added' ? '200 g' : '150 ml, or 15 mm of level'}
            />
          {/if}
          {#if asks.lost}
            <TextField
              label="Ran over before, each jar"
              id="r-lost"
              name="lost"
              problem={problemAt('lost')}
              bind:value={lost}
              placeholder="as much as was poured"
            />
          {/if}
          {#if asks.strength}
            <TextField
              label="Salt in what was poured, % of its water or as you say it"
              id="r-strength"
              name="strengthPercent"
              problem={problemAt('strengthPercent')}
              bind:value={strengthPercent}
              placeholder="0 for plain water; 3 %; 1 tbsp a cup"
            />
            <BrineShown
              id="r-shown"
              onuse={(b) => (strengthPercent = `${plain((b / (1 - b)) * 100, 2)} %`)}
            />
          {/if}
          <TextField
            label="Its salt, tasted or measured, %"
            id="r-salinity"
            name="salinityPercent"
            problem={problemAt('salinityPercent')}
            bind:value={salinityPercent}
            placeholder={known === null ? '2.2' : `${plain(known * 100, 2)}, by the record`}
            inputmode="decimal"
          />
          <TextField
            label="What it should settle at, %"
            id="r-target"
            name="targetPercent"
            problem={problemAt('targetPercent')}
            bind:value={targetPercent}
            placeholder="{plain(usualTarget(batch) * 100, 2)}, {batch.aim ? 'as it was aimed' : 'usual here'}"
            inputmode="decimal"
          />
          {#if asks.free}
            <TextField
              label="Brine that can be drawn off"
              id="r-free"
              name="freeBrine"
              problem={problemAt('freeBrine')}
              bind:value={freeBrine}
              placeholder="as a rule of thumb"
            />
          {/if}
        </div>

        <div aria-live="polite" class="border-y border-rule-strong py-3" data-remedy>
          {#if waiting}
            <p class="text-quiet">Say how much, and you will see what to do.</p>
          {:else if answer?.ok}
            {@const { remedy } = answer.value}
            {#if remedy.prematureHours > 0}<p class="heed mb-2">
                It has not evened out yet: wait {waitWords(remedy.prematureHours)} more before you trust its salt.
              </p>{/if}
            {#if remedy.doing.length === 0}<p class="big">Nothing to do: it settles where it should.</p>{/if}
            {#if remedy.doing.some((d) => d.act === 'salt')}<p class="heed mb-2">
                Salt now does not undo the weak days. Above pH 4.6 on its day: throw it away.
              </p>{/if}
            {#each groups as g (g.lids[0])}
              {#each g.says as says, i (says)}<p class="big leading-snug">
                  {groups.length > 1 && i === 0 ? `${jarsSaid(g.lids).replace('j', 'J')}: ` : ''}{says}
                </p>{/each}
            {/each}
            <p class="py-1 text-sm">
              {groups.length > 1 ? '' : 'In each jar. '}It settles at
              <b>{writePercent(remedy.after.salinity)}</b>; salt needs about
              {waitWords(remedy.waitHours)} to even out. Then taste.
            </p>
            <Rungs {rows} label="What jar {first?.lidNumber} settles at" />
          {:else if answer}
            <Trouble problem={problem(answer.refusal)} />
          {:else}<p class="text-quiet">Choose a jar.</p>{/if}
        </div>
        <div>
          <Label for="r-reason">Why, for next time</Label><Textarea
            id="r-reason"
            name="reason"
            rows={2}
            class="w-full"
            placeholder="topped up with salted water"
          /><Trouble problem={problemAt('reason')} />
        </div>
        <Button type="submit" disabled={busy || !answer?.ok}
          >Done so with {jarsSaid(jars.filter((f) => chosen.includes(f.id)).map((f) => f.lidNumber))}</Button
        >
      </div>
    {/snippet}
  </ActionForm>
</Sheet>
