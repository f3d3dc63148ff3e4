<script lang="ts">
  import { styleLike } from '$lib/core/style';
  import { Button } from 'flowbite-svelte';
  import { sauceReckonedG, standing, type BatchInHand } from '$lib/core/batch';
  import { bufferFrom, SAUCE_BASES, souring } from '$lib/core/correct';
  import { plain } from '$lib/core/quantity';
  import { bareMass, readQuantity } from '$lib/core/reading';
  import { problem } from '$lib/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { dialogs } from './dialogs.svelte';
  import JarPicker from './JarPicker.svelte';

  /** A sauce too mild for its pH: half the estimate, stir, measure, then the rest by what the first half did. */
  let { batch }: { batch: BatchInHand } = $props();
  const house = useHouse();
  const jars = $derived(standing(batch).filter((f) => !f.heated && (dialogs.of?.includes(f.id) ?? true)));
  /** In the bowl already, where it is being finished. */
  const bowlG = $derived(
    batch.finishing ? (batch.finishing.sauceG ?? sauceReckonedG(batch, batch.finishing)) : null
  );
  let sauceSaid = $state<string | null>(null);
  /** Measured in the bowl, and nothing was stirred in since. */
  const measured = $derived.by(() => {
    const since = Math.max(batch.finishing?.since ?? Infinity, (batch.sourings.at(-1)?.at ?? -1) + 1);
    const mine = batch.readings.filter(
      (r) => r.at >= since && r.fillingIds.some((id) => jars.some((f) => f.id === id))
    );
    return mine.at(-1)?.pH;
  });
  let pHSaid = $state<string | null>(null);
  const pH = $derived(pHSaid ?? (measured === undefined ? '' : plain(measured, 2)));
  let wanted = $state('3.6');
  let by = $state<'vinegar' | 'citric'>('vinegar');
  const number = (said: string) => Number(said.replace(',', '.').trim() || NaN);
  const last = $derived(batch.sourings.at(-1));
  const table = $derived(SAUCE_BASES[styleLike(batch.styleId)]!);
  /** What the last step did tells this sauce's own buffer. */
  const own = $derived(
    last && number(pH) < last.pH
      ? bufferFrom(
          table,
          last.pH,
          number(pH),
          last.sauceG,
          last.citricG > 0 ? { citricG: last.citricG } : { vinegarMl: last.vinegarMl }
        )
      : undefined
  );
  const base = $derived(own ? { ...table, buffer: own } : table);
  const sauce = $derived(sauceSaid ?? (bowlG === null ? '' : house.mass(bowlG)));
  const grams = $derived.by(() => {
    const read = readQuantity(sauce, {
      kind: 'mass',
      unit: bareMass(house.ways),
      system: house.household.spoons
    });
    return read.ok ? read.value.value : NaN;
  });
  const answer = $derived(
    grams > 0 && number(pH) > 0 && number(wanted) > 0
      ? souring(base, number(pH), number(wanted), grams)
      : null
  );
  // Once its own buffer is known the rest goes in whole.
  const share = $derived(own ? 1 : 0.5);
  const vinegarMl = $derived(answer?.ok && by === 'vinegar' ? Math.round(answer.value.vinegarMl * share) : 0);
  const citricG = $derived(
    answer?.ok && by === 'citric' ? Math.round(answer.value.citricG * share * 10) / 10 : 0
  );
</script>

<Sheet
  open={dialogs.open === 'sour'}
  onclose={() => dialogs.close('sour')}
  title="Add acid: {batch.name}"
  size="sm"
>
  <ActionForm
    command="sour-sauce"
    label="Add acid"
    values={{ batchId: batch.id, vinegarMl, citricG }}
    ondone={() => {
      pHSaid = null;
      dialogs.close('sour');
    }}
  >
    {#snippet children({ busy, problemAt })}
      <div class="flex flex-col gap-3">
        <p class="text-sm">
          Blend it, let it stand, stir, and measure at room temperature. An estimate only: the meter decides.
        </p>
        <JarPicker {jars} />
        <WeightField
          label="Sauce in all"
          name="sauce"
          problem={problemAt('sauce')}
          bind:value={() => sauce, (said) => (sauceSaid = said)}
          placeholder="1 kg"
        />
        <div class="grid grid-cols-2 gap-4">
          <TextField
            label="pH now"
            id="so-ph"
            name="pH"
            problem={problemAt('pH')}
            bind:value={() => pH, (said) => (pHSaid = said)}
            inputmode="decimal"
            placeholder="4.1"
          />
          <TextField
            label="pH wanted"
            id="so-wanted"
            name="wanted"
            problem={problemAt('wanted')}
            bind:value={wanted}
            inputmode="decimal"
          />
        </div>
        <ChoiceField
          label="With"
          id="so-by"
          bind:value={by}
          items={[
            { value: 'vinegar', name: 'vinegar of 5 %' },
            { value: 'citric', name: 'citric acid' }
          ]}
        />
        <div class="border-y border-rule-strong py-3" aria-live="polite" data-souring>
          {#if answer?.ok}
            <p class="big">
              {own ? 'The rest' : 'First half'}: {by === 'vinegar'
                ? house.volume(vinegarMl)
                : `${plain(citricG, 1)} g`}
            </p>
            <p class="text-sm">
              {own
                ? 'Reckoned by what the first half did. '
                : `About ${by === 'vinegar' ? house.volume(answer.value.vinegarMl) : `${plain(answer.value.citricG, 1)} g`} in all, ± 30 %. `}
              Stir, wait ten minutes, measure again.
              {answer.value.vinegarWeak && by === 'vinegar'
                ? 'Under 3.6 vinegar thins more than it sours: citric acid is the better tool.'
                : ''}
            </p>
          {:else if answer}<Trouble problem={problem(answer.refusal)} />
          {:else}<p class="text-quiet">
              Weigh the sauce, measure its pH, and the first step stands here.
            </p>{/if}
        </div>
        <Button type="submit" disabled={busy || !answer?.ok}>Stirred in</Button>
      </div>
    {/snippet}
  </ActionForm>
</Sheet>
