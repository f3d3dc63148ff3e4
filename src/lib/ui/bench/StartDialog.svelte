<script lang="ts">
  import { Button, Checkbox, Input, Label, Textarea } from 'flowbite-svelte';
  import TextField from '../forms/TextField.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import { goto } from '$app/navigation';
  import { writePercent, writeSalt } from '$lib/core/quantity';
  import { readQuantity } from '$lib/core/reading';
  import { brineOf, saltKind } from '$lib/core/salt';
  import { bar, type Target } from '$lib/core/weighing';
  import { endsAsMade, type Worksheet } from '$lib/core/worksheet';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { lookAgain } from '../house/look-again';
  import { cautionWords } from '$lib/words';
  import Cautions from '../why/Cautions.svelte';
  import type { Bench } from './bench.svelte';

  /** Packed and closed: what really happened, a name, and the harm that was read. */
  interface Props {
    open: boolean;
    bench: Bench;
    sheet: Worksheet;
    /** The salt against its targets, if it is weighed out here. */
    salts: readonly Target[];
    /** Where it goes on from here; left out: to the Counter. */
    onstarted?: () => void;
  }
  let { open = $bindable(), bench, sheet, salts, onstarted }: Props = $props();
  const house = useHouse();
  const unsettled = $derived(
    salts.find((t) => t.weighedG !== null && bar(t, house.household.scaleStepG).state !== 'right') ?? null
  );
  /** All the salt, with the part that is not right as it was weighed. */
  const salted = $derived(
    unsettled ? (sheet.salt.weighG - unsettled.g + (unsettled.weighedG ?? 0)) / sheet.salt.weighG : 1
  );
  // Said as it is poured: what is left over follows at once.
  let brineUsed = $state('');
  const left = $derived.by(() => {
    if (!sheet.brine) return null;
    const read = readQuantity(brineUsed, { kind: 'volume', unit: 'ml', system: house.ways.system });
    const ml = sheet.brine.mixMl - (read.ok ? read.value.value : sheet.brine.inJarsMl);
    if (ml < 10) return null;
    const kind = saltKind(sheet.saltKindId);
    return { ml, saltG: brineOf(ml, sheet.brine.strength, 20).naclG / (kind?.purity ?? 1) };
  });
  const harms = $derived([
    ...new Map(sheet.cautions.filter((c) => c.level === 'harm').map((c) => [c.rule, c])).values()
  ]);
  let known = $state<string[]>([]);
  let keepRest = $state(false);
  // A batch is started on what the house holds: it must be what stands on this page.
  let asked = $state(false);
  const settled = async () => {
    asked = true;
    return bench.settle();
  };
  $effect(() => {
    if (!open) asked = false;
  });
</script>

<Sheet bind:open title="Start batch" size="sm">
  <ActionForm
    command="start-batch"
    label="Start batch"
    before={settled}
    onproblems={(all) => all.some((p) => p.code === 'bench-changed') && void lookAgain()}
    values={{
      bench: bench.id,
      styleId: bench.style.id,
      way: bench.way,
      fraction: bench.input.fraction,
      saltKindId: bench.saltKindId,
      counts: JSON.stringify(sheet.chosen.counts),
      choice: 0,
      placeId: bench.place?.id,
      opens: bench.opens,
      salting: bench.salting,
      rinsed: bench.salting === 'rinsed' ? JSON.stringify(bench.rinsed) : undefined,
      mix: bench.mix,
      hot: bench.hot,
      heavy: bench.said.heavy,
      topUp: bench.said.topUp,
      filled: bench.filledRead.ok ? JSON.stringify(bench.filled) : undefined,
      side: bench.said.side && JSON.stringify(bench.said.side),
      brineIds: JSON.stringify(bench.brineIds),
      keepRest,
      recipeId: bench.recipe?.id ?? '',
      knowing: JSON.stringify(known),
      seen: JSON.stringify(bench.seen),
      extras: JSON.stringify(bench.extras.filter((e) => e.amount.trim() !== ''))
    }}
    next={(answer) => ({
      href: `/notebook/${answer.batchId}/labels`,
      text: 'Print lid labels'
    })}
    ondone={(done) => {
      open = false;
      bench.clear();
      if (onstarted) onstarted();
      else void goto(`/counter?batch=${done.answer.batchId}`, { invalidateAll: true });
    }}
  >
    {#snippet children({ busy, problemAt, problems })}
      <div class="flex flex-col gap-4">
        <TextField
          label="Name"
          id="name"
          name="name"
          value={bench.name}
          oninput={(name) => bench.choose({ name })}
          required
          problem={problemAt('name')}
        />
        {#if sheet.brine}
          <div>
            <Label for="brine-used">Brine that went into the jars</Label>
            <Input
              id="brine-used"
              name="brineUsed"
              placeholder="{house.volume(sheet.brine.inJarsMl)}, as planned"
              bind:value={brineUsed}
              autocomplete="off"
            />
            <Trouble problem={problemAt('brineUsed')} />
            {#if left}<Checkbox bind:checked={keepRest}
                >Of the brine made, {house.volume(left.ml)} with {writeSalt(left.saltG)} salt is left: keep it for
                the next batch</Checkbox
              >{/if}
          </div>
        {/if}
        <p class="text-sm">
          Other jars than planned? Change them on the bench first, under “by hand”: {sheet.jars.length} jar{sheet
            .jars.length === 1
            ? ''
            : 's'} will be taken.
        </p>
        <div>
          <Label for="start-note">Note</Label>
          <Textarea
            id="start-note"
            name="note"
            rows={2}
            class="w-full"
            placeholder="oak leaf, two cloves a jar"
          />
          <Trouble problem={problemAt('note')} />
        </div>
        {#if unsettled}<p class="heed">
            Of the {unsettled.name.toLowerCase()}, {writeSalt(unsettled.weighedG ?? 0)} of {writeSalt(
              unsettled.g
            )} is weighed: with that it settles at
            <b>{writePercent(endsAsMade(sheet, { salted }))}</b>. The batch is written down with {writeSalt(
              sheet.salt.weighG
            )}: weigh it to the end, or settle it under “Weigh it out”.
          </p>{/if}
        {#if bench.estimated}<p class="heed">
            The prepared weight is estimated. Weigh again before you salt: the dose follows it.
          </p>{/if}
        {#if harms.length > 0}
          <Cautions cautions={harms} />
          {#each harms as h (h.rule)}
            <Checkbox
              checked={known.includes(h.rule)}
              onchange={(e) =>
                (known = e.currentTarget.checked ? [...known, h.rule] : known.filter((k) => k !== h.rule))}
              >I know, and take it on myself: {cautionWords(h, house.household.units).says}</Checkbox
            >
          {/each}
        {/if}
        {#each problems.filter((p) => p.field && !['name', 'note', 'brineUsed'].includes(p.field)) as p (p.code)}<Trouble
            problem={p}
          />{/each}
        {#if asked && bench.keeping === 'trouble'}
          <p class="heed" role="alert">
            Not started: Crockle cannot be reached. What you typed stays here. Try again.
          </p>
        {:else if asked && bench.keeping === 'kept'}
          {#each bench.unkept as { lot, problem } (lot.id)}
            <Trouble
              problem={problem
                ? { ...problem, says: `${house.crop(lot.cropId)?.name}: ${problem.says}` }
                : {
                    code: 'not-read',
                    field: null,
                    says: `${house.crop(lot.cropId)?.name}: “${bench.weights.said(lot)}” is not a weight.`,
                    wouldWork: 'Correct it on the bench, then start.'
                  }}
            />
          {/each}
        {/if}
        <Button type="submit" size="lg" disabled={busy}>Start batch</Button>
      </div>
    {/snippet}
  </ActionForm>
</Sheet>
