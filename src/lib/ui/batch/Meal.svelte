<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { BatchInHand } from '$lib/core/batch';
  import { quarterG, type StockJar } from '$lib/core/larder';
  import ActionForm from '../forms/ActionForm.svelte';
  import Fold from '../forms/Fold.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';

  /** One meal from several jars: a tap on each, one to eat it, one to take it back. */
  let { jars }: { jars: readonly (Omit<StockJar, 'batch'> & { readonly batch: BatchInHand })[] } = $props();
  const house = useHouse();
  const AMOUNTS = ['quarter', 'half', 'all'] as const;
  const HOW = [
    ['eaten', 'Eaten'],
    ['cooked', 'Cooked with']
  ] as const;
  const WRITTEN = { quarter: '¼', half: '½', all: 'all' } as const;
  let chosen = $state.raw<Readonly<Record<string, (typeof AMOUNTS)[number] | null>>>({});
  const portions = $derived(
    jars.flatMap(({ batch, filling: { id } }) => {
      const amount = chosen[id];
      return amount ? [{ batchId: batch.id, fillingId: id, amount }] : [];
    })
  );
</script>

<Fold text="A meal from several jars" quiet>
  <ul>
    {#each jars as s (s.filling.id)}
      {@const id = s.filling.id}
      <li class="line flex flex-wrap items-center gap-x-3">
        <span class="min-w-0 grow"
          >{s.filling.lidNumber}, {s.batch.name}
          <span class="text-sm text-quiet">a quarter is {house.mass(quarterG(s.filling))}</span></span
        >
        <span class="flex gap-1" role="group" aria-label="How much of jar {s.filling.lidNumber}">
          {#each AMOUNTS as amount (amount)}
            <button
              type="button"
              class="min-h-12 min-w-12 rounded-lg border border-rule-strong px-2 font-bold {chosen[id] ===
              amount
                ? 'bg-slate text-chalk'
                : ''}"
              aria-pressed={chosen[id] === amount}
              aria-label="{amount === 'all' ? 'all' : `a ${amount}`} of jar {s.filling.lidNumber}"
              onclick={() => (chosen = { ...chosen, [id]: chosen[id] === amount ? null : amount })}
              >{WRITTEN[amount]}</button
            >
          {/each}
        </span>
      </li>
    {/each}
  </ul>
  <ActionForm
    command="eat-meal"
    values={{ portions: JSON.stringify(portions) }}
    label="A meal"
    class="mt-2 flex max-w-md flex-col gap-2"
    ondone={() => (chosen = {})}
  >
    {#snippet children({ busy, problemAt, problems })}
      <TextField
        label="What it was (may be left out)"
        name="name"
        placeholder="Sunday soup"
        problem={problemAt('name')}
      />
      <Trouble problem={problems.find((p) => p.field && p.field !== 'name')} />
      <div class="flex flex-wrap gap-2">
        {#each HOW as [how, said] (how)}
          <Button
            type="submit"
            name="how"
            value={how}
            outline
            class="min-h-12"
            disabled={busy || portions.length === 0}
            >{said}, from {portions.length} jar{portions.length === 1 ? '' : 's'}</Button
          >
        {/each}
      </div>
    {/snippet}
  </ActionForm>
</Fold>
