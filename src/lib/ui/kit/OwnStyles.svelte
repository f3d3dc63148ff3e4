<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { jarMeasureMl } from '$lib/core/kit';
  import type { Cut } from '$lib/core/produce';
  import { plain, writePercent } from '$lib/core/quantity';
  import {
    style,
    styleLike,
    STYLES,
    type OwnCut,
    type Range,
    type Style,
    type StyleSaid
  } from '$lib/core/style';
  import type { FieldOf } from '$lib/schema/commands';
  import { CUT_WORDS } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** The household's own ways of making a style: its salt, its days and its cut, within what keeps the style safe. */
  const house = useHouse();
  let editing = $state<StyleSaid | 'new' | null>(null);
  let like = $state('');
  let cut = $state<Cut | ''>('');
  const jarful = (gPerLitre: number) => house.mass((gPerLitre * jarMeasureMl(house.household)) / 1000);
  const own = $derived(house.household.styles.filter((s) => !s.retired));
  const table = $derived(style(like));

  function edit(said: StyleSaid | 'new'): void {
    editing = said;
    like = said === 'new' ? '' : styleLike(said.id);
    cut = said === 'new' ? '' : (said.cut?.like ?? '');
  }
  /** Another style may not allow the cut that was chosen. */
  function choose(styleId: string): void {
    like = styleId;
    if (cut !== '' && !style(styleId)?.cuts.includes(cut)) cut = '';
  }
  /** As it was typed: what is saved unchanged must not change. */
  const number = (x: number | undefined) => (x === undefined ? '' : String(Math.round(x * 1e4) / 1e4));
  type Figure = readonly [name: FieldOf<'set-style'>, label: string, value: string, of: string];
  const figures = (said: StyleSaid | null, of: Style): Figure[] => [
    [
      'salt',
      `Salt, %, within ${range({ from: of.salt.from * 100, to: of.salt.to * 100 })}`,
      number(said?.usualSalt == null ? undefined : said.usualSalt * 100),
      plain(of.usualSalt * 100, 1)
    ],
    ['daysFrom', 'Counter, from day', number(said?.counterDays?.from), String(of.counterDays.from)],
    ['daysTo', 'Counter, to day', number(said?.counterDays?.to), String(of.counterDays.to)],
    ['monthsFrom', 'Cold, best, months', number(said?.coldMonths?.from), String(of.coldMonths.from)],
    ['monthsTo', 'Cold, at the longest, months', number(said?.coldMonths?.to), String(of.coldMonths.to)]
  ];
  const range = (of: Range) => `${plain(of.from, 1)}–${plain(of.to, 1)}`;
  const cutSays = ({ name, like: of, gPerLitre }: OwnCut) =>
    `cut into ${name}, like ${CUT_WORDS[of]}${
      gPerLitre === null
        ? ''
        : `, ${jarful(gPerLitre)} in a ${house.household.units === 'US' ? 'quart' : 'litre'}`
    }`;
  const says = (s: StyleSaid) =>
    [
      style(s.id)?.name.toLowerCase(),
      ...(s.usualSalt === null ? [] : [`${writePercent(s.usualSalt)} salt`]),
      ...(s.counterDays === null ? [] : [`${range(s.counterDays)} days on the counter`]),
      ...(s.coldMonths === null ? [] : [`${range(s.coldMonths)} months in the cold`]),
      ...(s.cut ? [cutSays(s.cut)] : [])
    ].join('; ');
</script>

{#snippet editor(said: StyleSaid | null)}
  <ActionForm
    command="set-style"
    values={{ styleId: said?.id, like: like || undefined }}
    ondone={() => (editing = null)}
    class="grid items-start gap-3 py-3 sm:grid-cols-2"
    label="A way of your own"
  >
    {#snippet children({ busy, problemAt })}
      <TextField
        label="Name"
        id="y-name"
        name="name"
        problem={problemAt('name')}
        value={said?.name ?? ''}
        placeholder="Long sticks"
      />
      {#if said}<p class="self-end pb-2 text-sm text-quiet">{table?.name}</p>{:else}
        <ChoiceField
          label="A way of making"
          id="y-like"
          bind:value={() => like, choose}
          items={STYLES.map((s) => ({ value: s.id, name: s.name }))}
          placeholder="Choose a style"
          problem={problemAt('like')}
        />{/if}
      {#if table}
        <p class="text-sm text-quiet sm:col-span-2">
          Steps and the day by which pH must have fallen stay as the style has them.
        </p>
        {#each figures(said, table) as [name, label, value, of] (name)}
          <TextField
            {label}
            id="y-{name}"
            {name}
            inputmode="decimal"
            problem={problemAt(name)}
            {value}
            placeholder="style {of}"
            class={name === 'salt' ? 'sm:col-span-2' : ''}
          />
        {/each}
        {#if table.cuts.length > 1}
          <ChoiceField
            label="A cut of your own, like"
            id="y-cut"
            name="cutLike"
            bind:value={cut}
            problem={problemAt('cutLike')}
            items={[
              { value: '', name: 'no: as the style cuts' },
              ...table.cuts.map((c) => ({ value: c, name: CUT_WORDS[c] }))
            ]}
          />
          {#if cut !== ''}
            <TextField
              label="What you call it"
              id="y-cutName"
              name="cutName"
              problem={problemAt('cutName')}
              value={said?.cut?.name ?? ''}
              placeholder="Matchsticks"
            />
            <TextField
              label="{house.household.units === 'US' ? 'A quart' : 'One litre'} of jar takes, prepared"
              id="y-cutWeight"
              name="cutWeight"
              problem={problemAt('cutWeight')}
              value={said?.cut?.gPerLitre == null ? '' : jarful(said.cut.gPerLitre)}
              placeholder="empty: as {CUT_WORDS[cut]} pack"
              class="sm:col-span-2"
            />
          {/if}
        {/if}
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

<section id="ways">
  <h2 class="border-b-2 border-ink pb-1">Your own ways of making a style</h2>
  <ul>
    {#each own as said (said.id)}
      <li class="line">
        {#if editing !== 'new' && editing?.id === said.id}{@render editor(said)}{:else}
          <div class="flex flex-wrap items-center justify-between gap-x-4">
            <div>
              <p class="font-semibold">{said.name}</p>
              <p class="text-sm text-quiet">{says(said)}</p>
            </div>
            <div class="flex gap-4">
              <button class="act" onclick={() => edit(said)} aria-label="Change {said.name}">change</button>
              <ActionForm command="drop-style" values={{ styleId: said.id }}>
                {#snippet children({ busy })}<button
                    class="act"
                    disabled={busy}
                    aria-label="No longer offer {said.name}">no longer offer</button
                  >{/snippet}
              </ActionForm>
            </div>
          </div>
        {/if}
      </li>
    {:else}<li class="py-2 text-quiet">
        Always 2.8 % for your sticks, and ten days? Name that way once, and the Bench offers it.
      </li>{/each}
  </ul>
  {#if editing === 'new'}{@render editor(null)}{:else}<button class="act" onclick={() => edit('new')}
      >Add a way of your own</button
    >{/if}
</section>
