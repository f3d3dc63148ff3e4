<script lang="ts">
  import type { PickBook } from '$lib/core/ledger';
  import { useHouse } from '../house/house.svelte';
  import GramsPicture from './GramsPicture.svelte';

  /** One pick as picture and table: what became of what was weighed in. */
  let { book, names }: { book: PickBook; names: Readonly<Record<string, string>> } = $props();
  const house = useHouse();
  /** Under half a gram nothing is seen. */
  const SEEN_G = 0.5;
  const trimG = $derived(book.into.reduce((a, i) => a + i.trimG, 0));
  interface Line {
    readonly name: string;
    readonly g: number;
    readonly href?: string;
  }
  const went = $derived(
    (
      [
        ...book.into.map((i) => ({
          name: `in jars: ${names[i.batchId]}`,
          g: i.preparedG,
          href: `/notebook/${i.batchId}/grams`
        })),
        { name: 'trimmed off', g: trimG },
        ...book.ended.map((e) => ({ name: e.how, g: e.g })),
        { name: 'kept of the trim', g: book.asideG },
        { name: 'on the bench', g: book.benchG },
        { name: 'waiting in the garden', g: book.waitingG }
      ] satisfies Line[] as Line[]
    ).filter((l) => Math.abs(l.g) > SEEN_G)
  );
  const sum = $derived(went.reduce((a, l) => a + l.g, 0));
</script>

<div class="flex max-w-3xl flex-col gap-5">
  <GramsPicture
    basket
    came={[
      { name: 'weighed in', g: book.weighedG },
      ...(trimG < -SEEN_G ? [{ name: 'water of washing', g: -trimG }] : [])
    ]}
    went={went.filter((l) => l.g > 0)}
  />
  <table class="w-full" aria-label="Where it went">
    <tbody>
      {#each went as l (l.name)}
        <tr class="border-b border-rule-soft">
          <th scope="row" class="py-1 text-left font-normal"
            >{#if l.href}<a class="underline underline-offset-4" href={l.href}>{l.name}</a
              >{:else}{l.name}{/if}</th
          >
          <td class="py-1 text-right">{house.mass(l.g)}</td>
        </tr>
      {/each}
      <tr class="font-semibold">
        <th scope="row" class="py-1 text-left">weighed in, all together</th>
        <td class="py-1 text-right">{house.mass(sum)}</td>
      </tr>
    </tbody>
  </table>
</div>
