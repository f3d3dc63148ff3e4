<script lang="ts">
  import { Button, Label, Textarea } from 'flowbite-svelte';
  import { goto } from '$app/navigation';
  import { readRecipe, type Recipe } from '$lib/core/recipe';
  import { stylesIn } from '$lib/core/style';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import CardReading from './CardReading.svelte';
  import type { ProposedChange } from './words';

  /** A card in its own words, read as it is written. With a recipe it becomes its next version. */
  let {
    recipe = null,
    proposed = null,
    ondone
  }: { recipe?: Recipe | null; proposed?: ProposedChange | null; ondone?: () => void } = $props();
  const EXAMPLE =
    '2 kg white cabbage\n10 % apple\n2.2 % salt of the vegetables\n3 g caraway per kg\n1 bay leaf a jar\nchilli, as you like';
  const house = useHouse();
  // svelte-ignore state_referenced_locally
  let card = $state(proposed?.card ?? recipe?.card ?? '');
  // svelte-ignore state_referenced_locally
  let styleId = $state(recipe?.styleId ?? 'shredded');
  const read = $derived(readRecipe({ card, styleId }, house.ways));
  const free = (line: number) =>
    (card = card
      .split('\n')
      .map((l, i) => (i === line ? `${l.trim()}, as you like` : l))
      .join('\n'));
</script>

<ActionForm
  command={recipe ? 'change-recipe' : 'write-recipe'}
  label={recipe ? 'Change the recipe' : 'Write a recipe'}
  values={{ recipeId: recipe?.id }}
  keep={proposed ? undefined : `recipe-${recipe?.id ?? 'new'}`}
  ondone={(done) => {
    const { recipeId } = done.answer as { recipeId: string };
    if (recipe) ondone?.();
    else void goto(`/notebook/recipes/${recipeId}`);
  }}
>
  {#snippet children({ busy, problemAt })}
    <div class="grid gap-x-10 gap-y-4 lg:grid-cols-2">
      <div class="flex flex-col gap-4">
        <TextField
          label="Name"
          id="re-name"
          name="name"
          problem={problemAt('name')}
          value={recipe?.name ?? ''}
          placeholder="Kraut with apple"
        />
        <ChoiceField
          label="Style"
          id="re-style"
          name="styleId"
          bind:value={styleId}
          items={stylesIn(house.household.styles).map((s) => ({ value: s.id, name: s.name }))}
          problem={problemAt('styleId')}
        />
        <div>
          <Label for="re-card">The card, a line a thing, in your own words</Label><Textarea
            id="re-card"
            name="card"
            rows={10}
            class="w-full"
            bind:value={card}
            placeholder={EXAMPLE}
          /><Trouble problem={problemAt('card')} />
        </div>
        <div>
          <Label for="re-notes">Notes</Label><Textarea
            id="re-notes"
            name="notes"
            rows={2}
            class="w-full"
            value={recipe?.notes ?? ''}
          /><Trouble problem={problemAt('notes')} />
        </div>
        {#if recipe}
          <TextField
            label="What changed"
            id="re-what"
            name="what"
            problem={problemAt('what')}
            value={proposed?.what}
            placeholder="more caraway"
          />
          <TextField
            label="Why"
            id="re-why"
            name="why"
            problem={problemAt('why')}
            value={proposed?.why}
            placeholder="one hardly tasted it"
          />
        {/if}
        <div>
          <Button type="submit" disabled={busy}
            >{recipe ? 'Save as the next version' : 'Save the recipe'}</Button
          >
        </div>
      </div>
      <div>
        <h2 class="border-b-2 border-ink pb-1">As it is read</h2>
        {#if card.trim() === ''}<p class="py-2 text-quiet">
            Write on the left; what is understood, and what is missing, stands here at once.
          </p>{:else}<CardReading card={read} onfree={free} />{/if}
      </div>
    </div>
  {/snippet}
</ActionForm>
