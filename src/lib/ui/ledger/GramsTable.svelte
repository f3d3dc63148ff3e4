<script lang="ts">
  import { massOf, solidsOf, type Contents } from '$lib/core/contents';
  import { writeSalt } from '$lib/core/quantity';
  import { useHouse } from '../house/house.svelte';

  /** The same as numbers, that add up. */
  let {
    came,
    went,
    stands
  }: {
    came: readonly { readonly name: string; readonly what: Contents }[];
    went: readonly { readonly name: string; readonly what: Contents }[];
    stands: Contents;
  } = $props();
  const house = useHouse();
  const sum = (all: readonly { readonly what: Contents }[], of: (c: Contents) => number) =>
    all.reduce((a, l) => a + of(l.what), 0);
  const COLUMNS: readonly (readonly [string, (c: Contents) => number, (g: number) => string])[] = [
    ['vegetables', solidsOf, (g) => house.mass(g)],
    ['water', (c) => c.brineG, (g) => house.mass(g)],
    ['salt', (c) => c.saltG, writeSalt],
    ['all', massOf, (g) => house.mass(g)]
  ];
  const signed = (g: number, write: (g: number) => string) =>
    Math.abs(g) < 0.05 ? '' : g < 0 ? `−${write(-g)}` : write(g);
  const all = $derived([...went, { name: 'stands in the jars', what: stands }]);
</script>

{#snippet rows(lines: readonly { readonly name: string; readonly what: Contents }[], end: string)}
  {#each lines as l (l.name)}
    <tr class="border-b border-rule-soft">
      <th scope="row" class="py-1 pr-3 text-left font-normal">{l.name}</th>
      {#each COLUMNS as [name, of, write] (name)}
        <td class="py-1 pl-2 text-right whitespace-nowrap sm:pl-3">{signed(of(l.what), write)}</td>
      {/each}
    </tr>
  {/each}
  <tr class="border-b-2 border-ink font-semibold">
    <th scope="row" class="py-1 pr-3 text-left">{end}</th>
    {#each COLUMNS as [name, of, write] (name)}
      <td class="py-1 pl-2 text-right whitespace-nowrap sm:pl-3">{signed(sum(lines, of), write)}</td>
    {/each}
  </tr>
{/snippet}

<div class="overflow-x-auto">
  <table class="w-full max-w-3xl text-sm">
    <caption class="sr-only">Every gram: what came, what went, what stands</caption>
    <thead>
      <tr class="border-b border-rule-strong">
        <th scope="col" class="py-1 text-left"><span class="sr-only">Where</span></th>
        {#each COLUMNS as [name] (name)}<th scope="col" class="py-1 pl-2 text-right sm:pl-3">{name}</th
          >{/each}
      </tr>
    </thead>
    <tbody>
      {@render rows(came, 'came, all together')}
      {@render rows(all, 'went and stands, all together')}
    </tbody>
  </table>
</div>
<p class="pt-2 text-sm text-quiet">
  Vegetables with their own juice; water that was poured; salt as pure salt, wherever it is dissolved by now.
  “Measured otherwise” is what a scale or a hydrometer found more, or less, than was reckoned.
</p>
