<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { Recipe } from '$lib/core/recipe';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';

  /** More or less of one line next time: it is proposed at the next making. */
  let { recipe, batchId = '' }: { recipe: Pick<Recipe, 'id' | 'card'>; batchId?: string } = $props();
  const lines = $derived(
    recipe.card
      .split('\n')
      .map((l) => l.trim())
      .filter((l) => /\d|½|¼|¾/.test(l))
  );
</script>

<ActionForm
  command="wish-next"
  values={{ recipeId: recipe.id, batchId }}
  label="Next time"
  class="grid gap-3 py-2 sm:grid-cols-[7rem_1fr]"
>
  {#snippet children({ busy, problemAt })}
    <ChoiceField
      label="Next time"
      id="wi-by"
      name="by"
      value="more"
      items={[
        { value: 'more', name: 'more' },
        { value: 'less', name: 'less' }
      ]}
    />
    <ChoiceField
      label="Of"
      id="wi-said"
      name="said"
      value={lines.at(-1) ?? ''}
      items={lines.map((l) => ({ value: l, name: l }))}
      problem={problemAt('said')}
    />
    <TextField
      class="sm:col-span-2"
      label="Why"
      id="wi-why"
      name="why"
      problem={problemAt('why')}
      placeholder="one hardly tastes it"
    />
    <div class="col-span-full">
      <Button type="submit" outline disabled={busy}>Note it for next time</Button>
    </div>
  {/snippet}
</ActionForm>
