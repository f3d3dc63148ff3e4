<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { SeasonInput } from '$lib/core/season';
  import ActionForm from '../forms/ActionForm.svelte';
  import QuietAct from '../forms/QuietAct.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Fold from '../forms/Fold.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { styleNames } from './names';

  /** How much of each kind is wanted, by hand: it goes before what was eaten. */
  let { input, wishes }: { input: SeasonInput; wishes: Readonly<Record<string, number>> } = $props();
  const house = useHouse();
  const name = $derived(styleNames(house.household));
  const items = $derived(input.groups.map((g) => ({ value: g.id, name: name(g.id) })));
  const said = $derived(Object.entries(wishes).sort(([a], [b]) => name(a).localeCompare(name(b))));
</script>

{#if said.length > 0}
  <ul class="pt-2">
    {#each said as [id, n] (id)}
      <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule-soft">
        <span><b>{name(id)}</b>: {n} serving{n === 1 ? '' : 's'} a week, as you said</span>
        <QuietAct
          command="say-wish"
          values={{ styleId: id, servings: '' }}
          does="as it was eaten"
          label="As it was eaten: {name(id)}"
        />
      </li>
    {/each}
  </ul>
{/if}
<div class="no-print">
  <Fold text="Say how much you want of a kind" quiet>
    <ActionForm
      command="say-wish"
      class="grid items-start gap-3 py-2 sm:grid-cols-2"
      label="How much is wanted"
    >
      {#snippet children({ busy, problemAt })}
        <ChoiceField
          label="Kind"
          name="styleId"
          {items}
          value={items[0]?.value}
          problem={problemAt('styleId')}
        />
        <TextField
          label="Servings a week, all together"
          name="servings"
          inputmode="decimal"
          problem={problemAt('servings')}
        />
        <div><Button type="submit" outline disabled={busy}>Save</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
</div>
