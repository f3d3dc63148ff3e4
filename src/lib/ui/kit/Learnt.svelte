<script lang="ts">
  import type { Learned } from '$lib/core/learn';
  import { crop } from '$lib/core/produce';
  import { plusMinus } from '$lib/core/quantity';
  import ActionForm from '../forms/ActionForm.svelte';

  /** What the household's own batches have taught: prepared weight out of picked. */
  let { trims }: { trims: Readonly<Record<string, Learned>> } = $props();
  const rows = $derived(
    Object.entries(trims)
      .map(([key, learned]) => {
        const [cropId = '', tops] = key.split('+');
        const c = crop(cropId);
        return {
          key,
          name: `${c?.name ?? cropId}${tops ? ', with leaves' : ''}`,
          table: tops && c?.trimWithTops ? c.trimWithTops : (c?.trim ?? 0),
          learned
        };
      })
      .sort((a, b) => b.learned.n - a.learned.n)
  );
  const percent = (share: number) => `${Math.round(share * 100)} %`;
</script>

<section id="learnt">
  <h2 class="border-b-2 border-ink pb-1">What your own batches teach</h2>
  <p class="pt-2 text-sm text-quiet">
    Prepared weight out of picked, where both were weighed. The Bench estimates with it.
  </p>
  <ul>
    {#each rows as row (row.key)}
      <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule">
        <span class="grow font-semibold">{row.name}</span>
        <span>{percent(row.learned.mean)} ± {percent(plusMinus(row.learned))}</span>
        <span class="text-sm text-quiet"
          >from your {row.learned.n} pick{row.learned.n > 1 ? 's' : ''}; table {percent(row.table)}</span
        >
        <ActionForm action="/kit?/reset" values={{ what: `trim:${row.key}` }}>
          {#snippet children({ busy })}<button
              class="min-h-11 text-sm underline underline-offset-4"
              disabled={busy}
              aria-label="Begin anew for {row.name}">begin anew</button
            >{/snippet}
        </ActionForm>
      </li>
    {:else}<li class="py-2 text-quiet">
        Nothing yet: weigh a pick, weigh it again prepared, start the batch.
      </li>{/each}
  </ul>
</section>
