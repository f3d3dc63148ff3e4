<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { bareMass, readQuantity } from '$lib/core/reading';
  import type { LotOnBench } from '$lib/core/lot';
  import ActionForm from '../forms/ActionForm.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Picked, sound, prepared: what is culled, what has another use, what goes in; the rest is compost. */
  let {
    lot = $bindable(),
    ondone
  }: {
    lot: LotOnBench | null;
    ondone: (lot: LotOnBench, offcuts: { id: string; g: number } | null) => void;
  } = $props();
  const house = useHouse();
  const PARTS = [
    ['culled', 'Culled: soft, mouldy, old', 'to the compost'],
    ['followers', 'Leaves for followers', ''],
    ['greens', 'Greens for the kitchen', ''],
    ['seed', 'Kept for seed', ''],
    ['offcuts', 'Off-cuts and second-grade pieces', 'a jar of their own: they wait in the Garden, prepared'],
    ['prepared', 'Prepared', 'goes in']
  ] as const;
  type Part = (typeof PARTS)[number][0];
  const NOTHING: Record<Part, string> = {
    culled: '',
    followers: '',
    greens: '',
    seed: '',
    offcuts: '',
    prepared: ''
  };
  let said = $state({ ...NOTHING });
  const g = (part: Part): number => {
    const read = readQuantity(said[part], {
      kind: 'mass',
      unit: bareMass(house.ways),
      system: house.household.spoons
    });
    return read.ok ? read.value.value : 0;
  };
  const rest = $derived((lot?.benchG ?? 0) - PARTS.reduce((a, [p]) => a + g(p), 0));
  const sound = $derived((lot?.benchG ?? 0) - g('culled'));
</script>

<Sheet
  bind:open={
    () => lot !== null,
    (open) => {
      if (!open) lot = null;
    }
  }
  title="Sort and trim"
  size="md"
>
  {#if lot}
    {@const one = lot}
    <ActionForm
      command="sort-pick"
      values={{ lotId: one.id, bench: one.bench }}
      label="Sort and trim"
      ondone={({ answer }) => {
        ondone(one, answer.offcutsId === null ? null : { id: answer.offcutsId, g: answer.offcutsG });
        said = { ...NOTHING };
        lot = null;
      }}
    >
      {#snippet children({ busy, problemAt })}
        <p class="pb-3 text-lg">
          <b>{house.mass(one.benchG)}</b>
          {house.crop(one.cropId)?.name.toLowerCase()} picked, <b>{house.mass(Math.max(0, sound))}</b> sound.
        </p>
        <div class="grid gap-x-6 sm:grid-cols-2">
          {#each PARTS as [part, label, hint] (part)}
            <div>
              <WeightField
                label={hint ? `${label} (${hint})` : label}
                name={part}
                bind:value={said[part]}
                placeholder="0 g"
                problem={problemAt(part)}
                pad="focus"
              />
            </div>
          {/each}
        </div>
        <p class={['min-h-7', rest < -0.05 * one.benchG && 'heed']} aria-live="polite">
          {#if rest >= 0}{house.mass(rest)} left: compost.{:else}{house.mass(-rest)} more than was there.{/if}
        </p>
        <Button type="submit" disabled={busy}>Save</Button>
      {/snippet}
    </ActionForm>
  {/if}
</Sheet>
