<script lang="ts">
  import { Button, Label, Select } from 'flowbite-svelte';
  import { granted, sharesOf, substitutesFor, type Recipe, type Scaled } from '$lib/core/recipe';
  import { style } from '$lib/core/style';
  import { jarsWorth } from '$lib/core/vessel';
  import { bar } from '$lib/core/weighing';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import { amountWords, BY_THE_LITRE, noteWords, problemWords } from '../recipe/words';
  import type { Bench } from './bench.svelte';

  /** Made by a recipe: which, what it wants of each thing, and what was to be changed this time. */
  let { bench, recipes, scaled }: { bench: Bench; recipes: readonly Recipe[]; scaled: Scaled | null } =
    $props();
  const house = useHouse();
  const suits = (r: Recipe) => bench.proposals.some((p) => p.style.id === r.styleId);
  const options = $derived([
    { value: '', name: 'no recipe: follow the style' },
    ...[...recipes]
      .sort((a, b) => Number(suits(b)) - Number(suits(a)) || (a.name < b.name ? -1 : 1))
      .map((r) => ({
        value: r.id,
        name: `${r.name}${suits(r) ? '' : ` (${style(r.styleId)?.name.toLowerCase()})`}`
      }))
  ]);
  const problems = $derived(bench.card?.problems.filter((p) => p.blocks) ?? []);
  /** What is weighed of each vegetable, against what the most weighed one asks of it. */
  const produce = $derived.by(() => {
    if (!bench.card || problems.length > 0) return [];
    const shares = sharesOf(bench.card);
    const weighed = (cropId: string | null) =>
      (bench.sheet?.items ?? []).filter((i) => i.cropId === cropId).reduce((a, i) => a + i.prepared.mean, 0);
    const rows = [...shares].map(([i, share]) => ({ i, share, g: weighed(i.cropId) }));
    const main = rows.filter((r) => r.g > 0).sort((a, b) => b.share - a.share)[0];
    if (!main) return [];
    const total = main.g / main.share;
    return rows.map((r) => ({ ...r, wanted: r.share * total, main: r === main }));
  });
  const others = $derived(
    (bench.sheet?.items ?? []).filter((i) => bench.card && !produce.some((p) => p.i.cropId === i.cropId))
  );
</script>

<section aria-label="By recipe" class="no-print">
  <Label for="recipe">Recipe</Label>
  <Select
    id="recipe"
    value={bench.recipe?.id ?? ''}
    items={options}
    placeholder=""
    onchange={(e) => bench.follow(e.currentTarget.value || null)}
  />
  {#if bench.recipe}
    {@const recipe = bench.recipe}
    <p class="pt-1 text-sm text-quiet">
      Version {recipe.version}.
      <a class="underline underline-offset-4" href="/notebook/recipes/{recipe.id}">Its card</a>{recipe.notes
        ? `. ${recipe.notes}`
        : ''}
    </p>
    {#each problems as p (p.code + p.line)}<p class="heed my-1 text-sm">{problemWords(p)}</p>{/each}
    {#each recipe.wishes as w (w.id)}
      {@const next = granted(recipe.card, w)}
      <div class="border-b border-rule py-2">
        <p>
          <b>{w.by === 'more' ? 'More' : 'Less'} of “{w.said}” this time?</b>
          {w.why}
        </p>
        {#if next}<p class="text-sm text-quiet">
            It would be “{next.split('\n')[recipe.card.split('\n').findIndex((l) => l.trim() === w.said)]}”.
          </p>{/if}
        <div class="flex gap-3">
          {#each [['take', 'Take it'], ['leave', 'Leave it']] as const as [how, text] (how)}
            <ActionForm command="settle-wish" values={{ recipeId: recipe.id, wishId: w.id, how }}>
              {#snippet children({ busy })}<button class="act" disabled={busy}>{text}</button>{/snippet}
            </ActionForm>
          {/each}
        </div>
      </div>
    {/each}
    <ul>
      {#each produce as p (p.i.line)}
        {@const b = bar({ g: p.wanted, weighedG: p.g > 0 ? p.g : null }, house.household.scaleStepG * 5)}
        <li class="border-b border-rule-soft py-1">
          <p class="flex justify-between gap-3">
            <span>{p.i.name}</span>
            <span class="text-right"
              >{p.g > 0 ? house.mass(p.g) : 'none yet'}{p.main ? '' : ` of ${house.mass(p.wanted)}`}</span
            >
          </p>
          {#if !p.main}
            <div
              class="relative h-3 overflow-hidden rounded-sm bg-rule-soft"
              role="meter"
              aria-label="{p.i.name}: {house.mass(p.g)} of {house.mass(p.wanted)}"
              aria-valuemin={0}
              aria-valuemax={Math.round(p.wanted)}
              aria-valuenow={Math.min(Math.round(p.wanted), Math.round(p.g))}
            >
              <div
                class={['h-full', b.state === 'over' ? 'bg-heed' : 'bg-slate']}
                style:width="{b.filled * 90}%"
              ></div>
              <div class="absolute inset-y-0 left-[90%] w-0.5 bg-ink"></div>
            </div>
            {#if b.state === 'over'}<p class="text-sm text-heed">
                {house.mass(p.g - p.wanted)} more than the recipe takes; the salt follows what is there.
              </p>{/if}
          {/if}
        </li>
      {/each}
      {#each others as o (o.id)}<li class="border-b border-rule-soft py-1 text-sm">
          {o.name}: not in the recipe{produce.some((p) => p.g === 0)
            ? `; does it stand in for ${produce.find((p) => p.g === 0)?.i.name}?`
            : ''}
        </li>{/each}
      {#each scaled?.lines.filter((l) => !l.of.produce) ?? [] as l (l.of.line)}
        {@const instead = [
          ...l.of.instead,
          ...substitutesFor(l.of.name).map((s) => `${s.name} (${s.reason})`)
        ]}
        <li class="border-b border-rule-soft py-1">
          <p class="flex justify-between gap-3">
            <span
              >{l.of.name}{l.of.optional ? ', optional' : ''}{l.of.allergen
                ? `; ${l.of.allergen}: name it on the lid`
                : ''}</span
            ><b class="text-right whitespace-nowrap">{amountWords(l, house, house.household.spoons)}</b>
          </p>
          {#if instead.length > 0}<details>
              <summary class="text-sm text-quiet underline underline-offset-4">swap</summary>
              <ul class="pb-1 text-sm">
                {#each instead as s (s)}<li>{s}</li>{/each}
              </ul>
            </details>{/if}
        </li>
      {/each}
    </ul>
    {#if scaled?.lines.some((l) => l.scales === 'jar') && bench.sheet && jarsWorth(bench.sheet.jars.map((j) => j.usableMl)) > bench.sheet.jars.length}<p
        class="pt-1 text-sm text-quiet"
      >
        {BY_THE_LITRE}
      </p>{/if}
    {#each scaled?.notes ?? [] as n (n)}<p class="pt-1 text-sm text-quiet">{noteWords(n)}</p>{/each}
    {#if (bench.card?.ingredients ?? []).some((i) => (house.crop(i.cropId ?? '')?.heat ?? i.heat) >= 3)}<p
        class="pt-1 text-sm"
      >
        Hot: gloves on, hands off your eyes.{house.household.mild ? ' Somebody here likes it mild.' : ''}
      </p>{/if}
    <Button size="sm" outline class="mt-2" onclick={() => bench.follow(null)}>Without the recipe</Button>
  {/if}
</section>
