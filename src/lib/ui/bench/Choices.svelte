<script lang="ts">
  import { Checkbox, Label, Select } from 'flowbite-svelte';
  import { SALT_KINDS, type DosingWay } from '$lib/core/salt';
  import { reasonWords, saltNotes, styleWords } from '$lib/words';
  import { saltings, stylesIn, type Salting } from '$lib/core/style';
  import { plain } from '$lib/core/quantity';
  import { useHouse } from '../house/house.svelte';
  import type { Bench } from './bench.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';

  let { bench }: { bench: Bench } = $props();
  const house = useHouse();
  const counters = $derived(house.household.places.filter((p) => p.kind === 'counter'));
  const ways = $derived(
    [
      { value: 'equilibrium', name: 'settled, all water counted' },
      { value: 'perVegetables', name: 'of the vegetables' },
      { value: 'perTotal', name: 'of vegetables and water' },
      { value: 'perWater', name: 'of the water, as poured' },
      { value: 'byTaste', name: 'by taste, like a soup' }
    ].filter((w) => w.value !== 'perWater' || bench.salting === 'brine')
  );
  const SALTINGS: Record<Salting, string> = {
    dry: 'dry, rubbed in',
    brine: 'in brine',
    rinsed: 'heavily, then rinsed'
  };
  // What suits the bench stands first, the rest below it.
  const styles = $derived([
    ...bench.proposals.map((p) => ({ value: p.style.id, name: p.style.name })),
    ...stylesIn(house.household.styles)
      .filter((s) => !bench.proposals.some((p) => p.style.id === s.id))
      .map((s) => ({
        value: s.id,
        name: `${s.name} (not usual for these)`
      }))
  ]);
  const why = $derived(
    bench.proposals
      .find((p) => p.style.id === bench.style.id)
      ?.reasons.map(reasonWords)
      .join(', ')
  );
  /** What was typed as a share of salt and is none. */
  let strange = $state('');
  const step = (by: number) =>
    bench.choose({ fraction: Math.max(0.005, Math.round((bench.fraction + by) * 1000) / 1000) });
</script>

<section aria-label="How it is made" class="no-print flex flex-col gap-3">
  <div>
    <Label for="style">Style</Label>
    <Select
      id="style"
      value={bench.style.id}
      items={styles}
      placeholder=""
      onchange={(e) => bench.make(e.currentTarget.value)}
    />
    <p class="pt-1 text-sm text-quiet">
      {styleWords(bench.style).says}
      {plain(bench.style.salt.from * 100, 1)}–{plain(bench.style.salt.to * 100, 1)}&nbsp;% salt, {bench.style
        .counterDays.from}–{bench.style.counterDays.to} days{why ? `; ${why}` : ''}.
    </p>
    {#if saltings(bench.style).length > 1}
      <Label for="salting" class="mt-2">Salted</Label>
      <Select
        id="salting"
        value={bench.salting}
        items={saltings(bench.style).map((s) => ({ value: s, name: SALTINGS[s] }))}
        placeholder=""
        onchange={(e) => bench.choose({ salting: e.currentTarget.value as Salting })}
      />
    {/if}
  </div>
  <div>
    <Label for="salt-percent">Salt</Label>
    <div class="grid grid-cols-[auto_1fr] gap-2">
      <div class="flex items-center rounded-lg border border-rule-strong bg-raised">
        <button class="size-11 text-xl font-bold" aria-label="Less salt" onclick={() => step(-0.001)}
          >−</button
        >
        <input
          id="salt-percent"
          class="w-14 border-0 bg-transparent p-0 text-center font-display text-lg font-bold focus:ring-0"
          inputmode="decimal"
          value={plain(bench.fraction * 100, 2)}
          onchange={(e) => {
            const said = Number(e.currentTarget.value.replace(',', '.').replace('%', ''));
            strange = said >= 0.1 && said <= 60 ? '' : e.currentTarget.value;
            if (strange === '') bench.choose({ fraction: said / 100 });
            else e.currentTarget.value = plain(bench.fraction * 100, 2);
          }}
        />
        <span aria-hidden="true">%</span>
        <button class="size-11 text-xl font-bold" aria-label="More salt" onclick={() => step(0.001)}>+</button
        >
      </div>
      <Select
        aria-label="Percent of what"
        value={bench.way}
        items={ways}
        placeholder=""
        onchange={(e) => bench.sayIn(e.currentTarget.value as DosingWay)}
      />
    </div>
    {#if strange}<p class="heed mt-1 text-sm" role="alert">
        “{strange}” is no share of salt: say 0.1 to 60 %, such as 2.5. It stays at {plain(
          bench.fraction * 100,
          2
        )}&nbsp;%.
      </p>{/if}
    <Select
      class="mt-2"
      id="salt-kind"
      aria-label="Which salt"
      value={bench.saltKindId}
      items={SALT_KINDS.map((k) => ({ value: k.id, name: k.name }))}
      placeholder=""
      onchange={(e) => bench.choose({ saltKindId: e.currentTarget.value })}
    />
    {#each saltNotes({ id: bench.saltKindId }) as note (note)}<p class="pt-1 text-sm text-quiet">
        {note}
      </p>{/each}
  </div>
  <ChoiceField
    label="Stands"
    id="place"
    value={bench.place?.id ?? ''}
    items={counters.map((p) => ({ value: p.id, name: `${p.name}, ${house.temp(p.tempC)}` }))}
    onchange={(placeId) => bench.choose({ placeId })}
  />
  <Checkbox checked={bench.opens} onchange={(e) => bench.choose({ opens: e.currentTarget.checked })}
    >Somebody is here daily to open lids</Checkbox
  >
</section>
