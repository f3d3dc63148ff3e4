<script lang="ts">
  import { Button, Input } from 'flowbite-svelte';
  import { groups } from 'd3-array';
  import { STYLES } from '$lib/core/style';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import { relativeDay } from '$lib/ui/time';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  let said = $state('');
  const found = $derived(
    data.recipes.filter((r) =>
      `${r.name} ${r.style} ${r.things}`.toLowerCase().includes(said.trim().toLowerCase())
    )
  );
  const order = new Map(STYLES.map((s, i) => [s.name, i]));
  const byStyle = $derived(
    groups(found, (r) => r.style).sort((a, b) => (order.get(a[0]) ?? 99) - (order.get(b[0]) ?? 99))
  );
</script>

<svelte:head><title>Recipes · Crockle</title></svelte:head>

<p class="no-print"><a class="act" href="/notebook">Notebook</a></p>
<div class="flex flex-wrap items-center justify-between gap-4">
  <h1>Recipes</h1>
  <div class="no-print flex w-full max-w-lg items-center gap-3">
    <Input
      bind:value={said}
      placeholder="name, style or what goes in"
      aria-label="Look through the recipes"
    />
    <Button href="/notebook/recipes/new" class="shrink-0">+ write one</Button>
  </div>
</div>

<div class="gap-x-10 pt-4 lg:columns-2">
  {#each byStyle as [name, recipes] (name)}
    <section class="break-inside-avoid pb-6">
      <h2 class="border-b border-rule-strong pb-1">{name}</h2>
      <ul>
        {#each recipes as r (r.id)}
          <li class="line">
            <a href="/notebook/recipes/{r.id}" class="block hover:bg-rule-soft">
              <span class="flex justify-between gap-4"
                ><b class="text-lg">{r.name}</b><span class="text-right text-sm text-quiet"
                  >{r.made > 0
                    ? `made ${r.made} time${r.made > 1 ? 's' : ''}, last ${relativeDay(r.last ?? 0, house.now)}`
                    : 'not made yet'}</span
                ></span
              >
              <span class="block text-sm">{r.things}</span>
              <span class="block text-sm text-quiet"
                >{[
                  r.from === 'own' ? `own, version ${r.version}` : 'starting set',
                  r.heat >= 2 ? `heat ${r.heat} of 5` : '',
                  r.allergens ? `allergens: ${r.allergens}` : '',
                  r.wishes > 0 ? `${r.wishes} wish${r.wishes > 1 ? 'es' : ''} for next time` : ''
                ]
                  .filter(Boolean)
                  .join(' · ')}</span
              >
              {#if r.lacks > 0}<span class="block text-sm text-heed"
                  >{r.lacks} figure{r.lacks > 1 ? 's' : ''} missing</span
                >{/if}
            </a>
          </li>
        {/each}
      </ul>
    </section>
  {:else}
    <p class="py-4 text-quiet">
      No recipe with that in it. <a class="act" href="/notebook/recipes/new">Write one</a>
    </p>
  {/each}
</div>
