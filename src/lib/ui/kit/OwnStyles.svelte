<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { plain, writePercent } from '$lib/core/quantity';
  import { style, styleLike, STYLES, type Range, type StyleSaid } from '$lib/core/style';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** The household's own ways of making a style: its salt and its days, within what keeps the style safe. */
  const house = useHouse();
  let editing = $state<StyleSaid | 'new' | null>(null);
  let like = $state('');
  const own = $derived(house.household.styles.filter((s) => !s.retired));
  const table = $derived(style(like));

  function edit(said: StyleSaid | 'new'): void {
    editing = said;
    like = said === 'new' ? '' : styleLike(said.id);
  }
  const number = (x: number | undefined) => (x === undefined ? '' : String(Math.round(x * 10) / 10));
  const range = (of: Range) => `${plain(of.from, 1)}–${plain(of.to, 1)}`;
  const says = (s: StyleSaid) =>
    [
      style(s.id)?.name.toLowerCase(),
      ...(s.usualSalt === null ? [] : [`${writePercent(s.usualSalt)} salt`]),
      ...(s.counterDays === null ? [] : [`${range(s.counterDays)} days on the counter`]),
      ...(s.coldMonths === null ? [] : [`${range(s.coldMonths)} months in the cold`])
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
          bind:value={like}
          items={STYLES.map((s) => ({ value: s.id, name: s.name }))}
          placeholder="Choose a style"
          problem={problemAt('like')}
        />{/if}
      {#if table}
        <p class="text-sm text-quiet sm:col-span-2">
          Steps, cuts and the day by which pH must have fallen stay as the style has them.
        </p>
        <TextField
          label="Salt, %, within {plain(table.salt.from * 100, 1)}–{plain(table.salt.to * 100, 1)}"
          id="y-salt"
          name="salt"
          inputmode="decimal"
          problem={problemAt('salt')}
          value={number(said?.usualSalt ? said.usualSalt * 100 : undefined)}
          placeholder="style {plain(table.usualSalt * 100, 1)}"
        />
        <div class="grid grid-cols-2 gap-3">
          <TextField
            label="Counter, from day"
            id="y-from"
            name="daysFrom"
            inputmode="numeric"
            problem={problemAt('daysFrom')}
            value={number(said?.counterDays?.from)}
            placeholder="style {table.counterDays.from}"
          />
          <TextField
            label="to day"
            id="y-to"
            name="daysTo"
            inputmode="numeric"
            problem={problemAt('daysTo')}
            value={number(said?.counterDays?.to)}
            placeholder="style {table.counterDays.to}"
          />
        </div>
        <div class="grid grid-cols-2 gap-3">
          <TextField
            label="Cold, best, months"
            id="y-best"
            name="monthsFrom"
            inputmode="numeric"
            problem={problemAt('monthsFrom')}
            value={number(said?.coldMonths?.from)}
            placeholder="style {table.coldMonths.from}"
          />
          <TextField
            label="at the longest"
            id="y-latest"
            name="monthsTo"
            inputmode="numeric"
            problem={problemAt('monthsTo')}
            value={number(said?.coldMonths?.to)}
            placeholder="style {table.coldMonths.to}"
          />
        </div>
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
