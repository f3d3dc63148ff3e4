<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { asCrop, crop, CROPS, CUTS, likeOf, type Crop, type CropSaid } from '$lib/core/produce';
  import { UNITS, writePercent } from '$lib/core/quantity';
  import { bareMass, PIECE_NAMES } from '$lib/core/reading';
  import type { FieldOf } from '$lib/schema/commands';
  import type { Problem } from '$lib/words';
  import { CUT_WORDS } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Crops that the table lacks, and its figures where this household knows better; the table's always beside them. */
  const house = useHouse();
  const table = [...CROPS].sort((a, b) => (a.name < b.name ? -1 : 1));
  const items = table.map((c) => ({ value: c.id, name: c.name }));
  type Editing = { readonly kind: 'own' | 'table'; readonly said: CropSaid | null };
  let editing = $state<Editing | null>(null);
  let like = $state('');
  let weight = $state('');
  const own = $derived(house.household.crops.filter((c) => !c.retired));
  const shipped = $derived(crop(like, []));

  function edit(kind: Editing['kind'], said: CropSaid | null): void {
    editing = { kind, said };
    like = said ? likeOf(said.id) : '';
    weight = said?.pieceG ? exactly(said.pieceG) : '';
  }
  /** As it was typed: what is saved unchanged must not change. */
  const number = (x: number | null | undefined, times = 1) =>
    x === null || x === undefined ? '' : String(Math.round(x * times * 1e4) / 1e4);
  const exactly = (g: number) =>
    bareMass(house.ways) === 'g' ? `${number(g)} g` : `${number(g / UNITS.oz.factor)} oz`;
  type Figure = readonly [name: FieldOf<'set-crop'>, label: string, value: string, table: string];
  const shares = (kind: Editing['kind'], said: CropSaid | null, was: Crop): Figure[] => [
    ['water', 'Water, %', number(said?.moisture, 100), `table ${number(was.moisture, 100)}`],
    ...(kind === 'own'
      ? [['sugar', 'Sugar, %, if you know it', number(said?.sugar, 100), 'kept with the crop'] as const]
      : []),
    ['trim', 'Prepared out of picked, %', number(said?.trim, 100), `table ${number(was.trim, 100)}`]
  ];
  const days = (said: CropSaid | null, was: Crop): Figure[] => [
    ['keepRoom', 'Keeps raw in the kitchen, days', number(said?.keepRoom), `table ${was.keepRoom}`],
    ['keepCold', `In a bag at ${house.temp(4)}, days`, number(said?.keepCold), `table ${was.keepCold}`]
  ];
  const percent = (x: number) => writePercent(x, Math.abs(x * 100 - Math.round(x * 100)) < 0.05 ? 0 : 1);
  /** What is said of a crop, each beside the table's own figure. */
  function figures(said: CropSaid): { what: string; says: string; table: string }[] {
    const now = asCrop(said);
    const was = crop(likeOf(said.id), []);
    if (!now || !was) return [];
    const rows: [boolean, string, (c: Crop) => string][] = [
      [said.moisture !== null, 'water', (c) => percent(c.moisture)],
      [said.trim !== null, 'prepared out of picked', (c) => percent(c.trim)],
      [said.pieceG !== null || said.piece !== null, 'a piece', (c) => `${c.piece}, ${house.mass(c.pieceG)}`],
      [said.pack !== null, 'cut', (c) => c.pack],
      [said.keepRoom !== null, 'keeps in the kitchen', (c) => `${c.keepRoom} days`],
      [said.keepCold !== null, 'keeps in the cold', (c) => `${c.keepCold} days`]
    ];
    return rows.filter(([is]) => is).map(([, what, of]) => ({ what, says: of(now), table: of(was) }));
  }
</script>

{#snippet figure(all: Figure[], problemAt: (field: FieldOf<'set-crop'>) => Problem | undefined)}
  {#each all as [name, label, value, table] (name)}
    <TextField
      {label}
      id="c-{name}"
      {name}
      inputmode="decimal"
      problem={problemAt(name)}
      {value}
      placeholder={table}
    />
  {/each}
{/snippet}

{#snippet editor({ kind, said }: Editing)}
  <ActionForm
    command="set-crop"
    values={{ cropId: said?.id ?? (kind === 'table' && like ? like : undefined), like: like || undefined }}
    ondone={() => (editing = null)}
    class="grid items-start gap-3 py-3 sm:grid-cols-2"
    label={kind === 'own' ? 'A crop of your own' : 'A figure of the table'}
  >
    {#snippet children({ busy, problemAt })}
      {#if kind === 'own'}
        <TextField
          label="Name"
          id="c-name"
          name="name"
          problem={problemAt('name')}
          value={said?.name ?? ''}
          placeholder="Yard-long bean"
        />
      {/if}
      {#if said}
        <p class="self-end pb-2 text-sm text-quiet">
          {kind === 'own' ? `Like ${shipped?.name.toLowerCase()}` : shipped?.name}
        </p>
      {:else}
        <ChoiceField
          label={kind === 'own' ? 'Most like' : 'Which crop'}
          id="c-like"
          bind:value={like}
          {items}
          placeholder="Choose a crop"
          problem={problemAt(kind === 'own' ? 'like' : 'cropId')}
        />
      {/if}
      {#if shipped}
        <p class="text-sm text-quiet sm:col-span-2">
          {#if kind === 'own'}What you leave empty is taken from {shipped.name.toLowerCase()}, with a wider ±:
            how it is cut, packs and keeps, and what is said of it.{:else}What you leave empty stays as the
            table has it.{/if}
        </p>
        {@render figure(shares(kind, said, shipped), problemAt)}
        <ChoiceField
          label="Counted by the"
          id="c-piece"
          name="piece"
          value={said?.piece ?? ''}
          items={[
            { value: '', name: `${shipped.piece}, as in the table` },
            ...PIECE_NAMES.map((p) => ({ value: p, name: p }))
          ]}
          problem={problemAt('piece')}
        />
        <WeightField
          label="One weighs, usable"
          name="weight"
          bind:value={weight}
          placeholder="table {house.mass(shipped.pieceG)}"
          problem={problemAt('weight')}
        />
        {@render figure(days(said, shipped), problemAt)}
        <ChoiceField
          label="Usually cut"
          id="c-cut"
          name="cut"
          value={said?.pack ?? ''}
          items={[
            { value: '', name: `${CUT_WORDS[shipped.pack]}, as in the table` },
            ...CUTS.map((c) => ({ value: c, name: CUT_WORDS[c] }))
          ]}
          problem={problemAt('cut')}
        />
      {/if}
      <div class="flex gap-3 sm:col-span-2">
        <Button type="submit" outline disabled={busy}>Save</Button><button
          type="button"
          class="min-h-11 underline underline-offset-4"
          onclick={() => (editing = null)}>never mind</button
        >
      </div>
    {/snippet}
  </ActionForm>
{/snippet}

<section id="crops">
  <h2 class="border-b-2 border-ink pb-1">Crops of your own, and corrected figures</h2>
  <ul>
    {#each own as said (said.id)}
      {@const isOwn = likeOf(said.id) !== said.id}
      <li class="line">
        {#if editing?.said?.id === said.id}{@render editor(editing)}{:else}
          <div class="flex flex-wrap items-center justify-between gap-x-4">
            <div>
              <p class="font-semibold">{house.cropName(said.id)}</p>
              <p class="text-sm text-quiet">
                {[
                  ...(isOwn ? [`like ${house.cropName(likeOf(said.id)).toLowerCase()}`] : []),
                  ...figures(said).map((f) => `${f.what} ${f.says} (table ${f.table})`)
                ].join('; ')}
              </p>
            </div>
            <div class="flex gap-4">
              <button
                class="act"
                onclick={() => edit(isOwn ? 'own' : 'table', said)}
                aria-label="Change {house.cropName(said.id)}">change</button
              >
              <ActionForm command="drop-crop" values={{ cropId: said.id }}>
                {#snippet children({ busy })}<button
                    class="act"
                    disabled={busy}
                    aria-label={isOwn
                      ? `No longer offer ${house.cropName(said.id)}`
                      : `Back to the table for ${house.cropName(said.id)}`}
                    >{isOwn ? 'no longer offer' : 'back to the table'}</button
                  >{/snippet}
              </ActionForm>
            </div>
          </div>
        {/if}
      </li>
    {:else}<li class="py-2 text-quiet">
        What grows here and is not in the list: name it, say what it is most like, and it can be weighed in
        and fermented like any other.
      </li>{/each}
  </ul>
  {#if editing && !editing.said}{@render editor(editing)}{:else}
    <div class="flex flex-wrap gap-x-6">
      <button class="act" onclick={() => edit('own', null)}>Add a crop of your own</button>
      <button class="act" onclick={() => edit('table', null)}>Correct a figure of the table</button>
    </div>
  {/if}
</section>
