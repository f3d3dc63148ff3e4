<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import type { SeasonInput, WishAt } from '$lib/core/season';
  import { monthSays, wishSays } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Fold from '../forms/Fold.svelte';
  import QuietAct from '../forms/QuietAct.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';
  import KindField from './KindField.svelte';
  import { styleNames } from './names';

  /** How much of each kind is wanted, by hand: it goes before what was eaten. */
  interface Props {
    input: SeasonInput;
    wishes: Readonly<Record<string, number>>;
    wishesAt: readonly WishAt[];
    today: string;
  }
  let { input, wishes, wishesAt, today }: Props = $props();
  const house = useHouse();
  const name = $derived(styleNames(house.household));
  const said = $derived<WishAt[]>(
    [
      ...Object.entries(wishes).map(([styleId, servings]) => ({ styleId, servings, when: '' })),
      ...wishesAt
    ].sort((a, b) => name(a.styleId).localeCompare(name(b.styleId)) || a.when.localeCompare(b.when))
  );
  const WHEN = [
    { value: 'always', name: 'every week' },
    { value: 'once', name: 'once: a gift, guests, a dish' },
    ...Array.from({ length: 12 }, (_, i) => {
      const month = String(i + 1).padStart(2, '0');
      return { value: month, name: `each week in ${monthSays(month)}` };
    })
  ];
  let chosen = $state('always');
  let day = $state('');
  const when = $derived(chosen === 'always' ? '' : chosen === 'once' ? day || '?' : chosen);
</script>

{#if said.length > 0}
  <ul class="pt-2">
    {#each said as w (`${w.styleId} ${w.when} ${w.who ?? ''}`)}
      <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule-soft">
        <span><b>{name(w.styleId)}</b>: {wishSays(w)}</span>
        <QuietAct
          command="say-wish"
          values={{ styleId: w.styleId, servings: '', when: w.when, who: w.who ?? '' }}
          does={w.when === '' ? 'as it was eaten' : 'not after all'}
          label="{w.when === '' ? 'As it was eaten' : 'Not after all'}: {name(w.styleId)}"
        />
      </li>
    {/each}
  </ul>
{/if}
<div class="no-print">
  <Fold text="Say how much you want of a kind" quiet>
    <ActionForm
      command="say-wish"
      values={{ when }}
      class="grid items-start gap-3 py-2 sm:grid-cols-2"
      label="How much is wanted"
    >
      {#snippet children({ busy, problemAt })}
        <KindField ids={input.groups.map((g) => g.id)} problem={problemAt('styleId')} />
        <TextField label="Servings" name="servings" inputmode="decimal" problem={problemAt('servings')} />
        <ChoiceField label="When" items={WHEN} bind:value={chosen} />
        <TextField label="For one of you: who" name="who" maxlength={40} problem={problemAt('who')} />
        {#if chosen === 'once'}
          <TextField
            label="In the week of"
            type="date"
            min={today}
            bind:value={day}
            problem={problemAt('when')}
          />
        {/if}
        <p class="text-sm text-quiet sm:col-span-2">
          Servings are of all of you together. What is said for one of you takes the place of that one’s
          share: none for whoever likes it mild, more for whoever eats it by the bowl.
        </p>
        <div class="sm:col-span-2"><Button type="submit" outline disabled={busy}>Save</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
</div>
