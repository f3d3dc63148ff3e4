<script lang="ts">
  import { Button, Input } from 'flowbite-svelte';
  import { basketCost, type Goods, type ToBuy } from '$lib/core/pantry';
  import { listText, whyBought } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import CopyText from '../forms/CopyText.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import TextField from '../forms/TextField.svelte';
  import TickBox from '../forms/TickBox.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';

  /** What is to be bought, ticked in the shop, and brought home onto the shelf. */
  let { list }: { list: readonly ToBuy[] } = $props();
  const house = useHouse();
  const units = $derived(house.household.units);
  const basket = $derived(list.filter((l) => l.inBasket));
  const cost = $derived(basketCost(list));
  const goods = $derived(basket.flatMap((l) => l.goods ?? []));
  let line = $state('');
  let home = $state(false);
  let came = $state<Record<string, { amount: string; useBy: string }>>({});
  const of = (g: Goods) => came[g.id] ?? { amount: '', useBy: '' };
  const DATED = ['strip', 'vinegar', 'sugar', 'spice', 'other'];
</script>

{#if list.length === 0}<p class="py-2 text-quiet">Nothing is short.</p>{/if}
<ul>
  {#each list as l (l.id)}
    <li class="line flex flex-wrap items-center gap-x-3">
      <ActionForm
        command="tick-line"
        values={{ lineId: l.id, isIn: !l.inBasket }}
        class="min-w-0 grow"
        label={l.name}
      >
        {#snippet children({ busy })}
          <button
            type="submit"
            class="flex min-h-14 w-full items-center gap-4 text-left"
            aria-pressed={l.inBasket}
            disabled={busy}
          >
            <TickBox on={l.inBasket} />
            <span class="min-w-0"
              ><b class={l.inBasket ? 'text-quiet line-through' : ''}>{l.name}</b><br /><span
                class="text-sm text-quiet">{whyBought(l, units)}</span
              ></span
            >
          </button>
        {/snippet}
      </ActionForm>
      {#if l.inBasket}
        <ActionForm command="tick-line" values={{ lineId: l.id, isIn: true }} label="What {l.name} cost">
          {#snippet children({ problemAt })}
            <label class="no-print flex items-center gap-2 text-sm"
              ><span>price</span><Input
                name="price"
                inputmode="decimal"
                autocomplete="off"
                class="w-24 text-right"
                value={l.price === null ? '' : l.price.toFixed(2)}
                onchange={(e) => e.currentTarget.form?.requestSubmit()}
              /></label
            >
            <Trouble problem={problemAt('price')} />
          {/snippet}
        </ActionForm>
      {:else if !l.goods}
        <ActionForm command="strike-line" values={{ lineId: l.id }}>
          {#snippet children({ busy })}<button
              class="act no-print shrink-0"
              disabled={busy}
              aria-label="Take off the list: {l.name}">take off</button
            >{/snippet}
        </ActionForm>
      {/if}
    </li>
  {/each}
</ul>
<ActionForm
  command="write-line"
  class="no-print flex items-end gap-2 pt-3"
  label="Write on the list"
  ondone={() => (line = '')}
>
  {#snippet children({ busy, problemAt })}
    <TextField
      label="Also buy"
      id="list-line"
      name="line"
      class="grow"
      placeholder="cheesecloth"
      bind:value={line}
      problem={problemAt('line')}
    />
    <Button type="submit" outline disabled={busy} class="min-h-11">Write</Button>
  {/snippet}
</ActionForm>
<div class="no-print flex flex-wrap items-center gap-3 pt-3">
  {#if basket.length > 0}<Button class="min-h-14" onclick={() => (home = true)}
      >Home with {basket.length}{cost > 0 ? `, ${cost.toFixed(2)} in all` : ''}</Button
    >{/if}
  {#if list.length > 0}
    <CopyText text={listText(list, units)} label="Copy the list" />
    <Button outline onclick={() => print()}>Print</Button>
  {/if}
</div>

<Sheet bind:open={home} title="Home from the shop" size="sm">
  <ActionForm
    command="bring-home"
    values={{ came: JSON.stringify(came) }}
    ondone={() => {
      home = false;
      came = {};
    }}
    label="Home from the shop"
  >
    {#snippet children({ busy, problemAt })}
      <div class="flex flex-col gap-4">
        {#if goods.length > 0}<p class="text-sm text-quiet">
            How much of each came home. What is left empty stands on the list again until it is counted.
          </p>{/if}
        {#each goods as g (g.id)}
          <div class="grid grid-cols-2 items-end gap-3">
            <TextField
              label="{g.name}: came home"
              id="came-{g.id}"
              placeholder={g.unit === 'pieces' ? '20' : g.unit === 'ml' ? '1 l' : '500 g'}
              value={of(g).amount}
              oninput={(amount) => (came = { ...came, [g.id]: { ...of(g), amount } })}
            />
            {#if DATED.includes(g.kind)}<TextField
                label="Good until, if it says so"
                id="until-{g.id}"
                type="date"
                value={of(g).useBy}
                oninput={(useBy) => (came = { ...came, [g.id]: { ...of(g), useBy } })}
              />{/if}
          </div>
        {/each}
        <Trouble problem={problemAt('came')} />
        <Button type="submit" disabled={busy}>Onto the shelf</Button>
      </div>
    {/snippet}
  </ActionForm>
</Sheet>
