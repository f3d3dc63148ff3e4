<script lang="ts">
  import ChoiceField from '$lib/ui/forms/ChoiceField.svelte';
  import TextField from '$lib/ui/forms/TextField.svelte';
  import { Button } from 'flowbite-svelte';
  import Sheet from '$lib/ui/forms/Sheet.svelte';
  import { dayOfWall, wall } from '$lib/core/calendar';
  import { unitOf, wantsBuying, type Goods, type GoodsKind } from '$lib/core/pantry';
  import { SALT_KINDS } from '$lib/core/salt';
  import { caution } from '$lib/core/safety';
  import ActionForm from '$lib/ui/forms/ActionForm.svelte';
  import Later from '$lib/ui/house/Later.svelte';
  import ShoppingList from '$lib/ui/pantry/ShoppingList.svelte';
  import { dayAndYear, goodsAmount } from '$lib/words';
  import KeptBrines from '$lib/ui/pantry/KeptBrines.svelte';
  import HeatedShelf from '$lib/ui/batch/HeatedShelf.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import Cautions from '$lib/ui/why/Cautions.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  let editing = $state<Goods | 'new' | null>(null);
  let kind = $state<string>('spice');
  const one = $derived(editing !== 'new' ? editing : null);
  const KINDS = [
    { id: 'salt', name: 'Salt' },
    { id: 'spice', name: 'Spices' },
    { id: 'sugar', name: 'Sugar' },
    { id: 'vinegar', name: 'Vinegar' },
    { id: 'lid', name: 'Lids and airlocks' },
    { id: 'ring', name: 'Rings and seals' },
    { id: 'label', name: 'Labels' },
    { id: 'strip', name: 'pH strips' },
    { id: 'other', name: 'Other dry goods' }
  ] as const satisfies readonly { id: GoodsKind; name: string }[];
  const today = $derived(dayOfWall(house.now));
  const amount = (g: Goods, n = g.amount) => goodsAmount(g, house.household.units, n);
  const unit = $derived(unitOf(KINDS.find((k) => k.id === kind)?.id ?? 'other'));
  const edit = (g: Goods | 'new') => {
    kind = g === 'new' ? 'spice' : g.kind;
    editing = g;
  };
</script>

<svelte:head><title>Pantry · Crockle</title></svelte:head>

<div class="flex flex-wrap items-center justify-between gap-4">
  <h1>Dry goods on the shelf</h1>
  <Button onclick={() => edit('new')}>Put something on the shelf</Button>
</div>

<div class="mt-2 grid gap-x-12 gap-y-8 lg:grid-cols-[2fr_1fr]">
  <div>
    {#if data.goods.length === 0}
      <p class="mt-4 max-w-prose text-lg">
        The shelf is not counted yet. Put the salt on it first: batches draw on it, and it says when to buy.
      </p>
    {/if}
    {#each KINDS as group (group.id)}
      {@const goods = data.goods.filter((g) => g.kind === group.id)}
      {#if goods.length > 0}
        <section class="mt-5">
          <h2 class="border-b-[5px] border-[var(--wood)] pb-1">{group.name}</h2>
          <ul>
            {#each goods as g (g.id)}
              <li class="flex items-center justify-between gap-x-3 border-b border-rule py-1">
                <span class="min-w-0 grow font-semibold">{g.name}</span>
                {#if wantsBuying(g, today) === 'low'}<span class="text-heed">low</span>
                {:else if g.useBy}<span class={g.useBy < today ? 'text-heed' : 'text-sm text-quiet'}
                    >{g.useBy < today ? 'too old since' : 'good until'}
                    {dayAndYear(wall(g.useBy, 12))}</span
                  >{/if}
                <span class="big shrink-0 text-right md:w-28">{amount(g)}</span>
                <button
                  class="act shrink-0 justify-end md:w-20"
                  onclick={() => edit(g)}
                  aria-label="Count {g.name}">count</button
                >
              </li>
            {/each}
          </ul>
        </section>
      {/if}
    {/each}
    <HeatedShelf jars={data.jars} />
  </div>
  <aside class="mt-5 flex flex-col gap-6">
    <section>
      <h2 class="border-b-2 border-ink pb-1">Shopping list</h2>
      <ShoppingList list={data.toBuy} />
      <a class="act no-print" href="/pantry/shop">In the shop: this list alone</a>
    </section>
    <KeptBrines brines={data.brines} />
    <Cautions cautions={[caution('raw-not-pantry', {})]} />
  </aside>
</div>

<Sheet
  open={editing !== null}
  onclose={() => (editing = null)}
  title={one ? `Count: ${one.name}` : 'Put on the shelf'}
  size="xs"
>
  {#key editing}
    <ActionForm
      command="count-goods"
      values={{ goodsId: one?.id }}
      ondone={() => (editing = null)}
      label="Count dry goods"
    >
      {#snippet children({ busy, problemAt })}
        <div class="flex flex-col gap-4">
          <TextField
            label="Name"
            id="g-name"
            name="name"
            problem={problemAt('name')}
            value={one?.name ?? ''}
          />
          {#if one}<input type="hidden" name="kind" value={one.kind} />
          {:else}<ChoiceField
              label="What it is"
              id="g-kind"
              name="kind"
              bind:value={kind}
              items={KINDS.map((k) => ({ value: k.id, name: k.name }))}
            />{/if}
          {#if kind === 'salt'}
            <ChoiceField
              label="Kind of salt"
              id="g-salt"
              name="saltKindId"
              value={one?.saltKindId ?? house.household.saltKindId}
              items={SALT_KINDS.map((k) => ({ value: k.id, name: k.name }))}
            />
          {/if}
          <TextField
            label="There now"
            id="g-amount"
            name="amount"
            problem={problemAt('amount')}
            placeholder={unit === 'pieces' ? '18' : unit === 'ml' ? '500 ml' : '1 kg 200 g'}
            class="font-display text-2xl font-bold"
          />
          <TextField
            label="Buy when down to"
            id="g-low"
            name="low"
            problem={problemAt('low')}
            placeholder={one ? amount(one, one.low) : ''}
          />
          {#if kind !== 'salt' && kind !== 'lid' && kind !== 'ring' && kind !== 'label'}
            <TextField
              label="Good until, if it says so"
              id="g-until"
              name="useBy"
              type="date"
              problem={problemAt('useBy')}
              value={one?.useBy ?? ''}
            />
          {/if}
          <Button type="submit" disabled={busy}>Save</Button>
        </div>
      {/snippet}
    </ActionForm>
  {/key}
</Sheet>

<Later load={() => import('$lib/ui/batch/BatchDialogs.svelte')} props={{ souring: [] }} />
