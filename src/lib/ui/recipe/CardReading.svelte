<script lang="ts">
  import type { Card } from '$lib/core/recipe';
  import { plain, writePercent } from '$lib/core/quantity';
  import { useHouse } from '../house/house.svelte';
  import { amountWords, growsWords, problemWords } from './words';

  /** A card as it was read: each line with its figure and how it grows; what is missing, at once. */
  let { card, onfree }: { card: Card; onfree?: (line: number) => void } = $props();
  const house = useHouse();
  const figure = (i: Card['ingredients'][number]): string => {
    if (i.amount === null) return i.scales === 'free' ? 'as you like' : '?';
    if (i.scales === 'share') return writePercent(i.amount, 0);
    // Spoons and cups stand as they were written.
    return /^(tsp|tbsp|cup)$/.test(i.unit)
      ? `${plain(i.amount, 2)} ${i.unit}`
      : amountWords(i, house, house.household.spoons);
  };
  const UNCLEAR = ['salt-unclear', 'salt-measure-unclear', 'salt-twice', 'salt-not-understood'];
  const WHY = { title: 'title', heading: 'heading', step: 'step', remark: 'remark', water: 'water' };
  const clear = $derived(!card.problems.some((p) => UNCLEAR.includes(p.code)));
  const salt = $derived(card.salt?.readings[0]);
</script>

<div data-card aria-live="polite">
  {#if card.problems.length > 0}
    <ul class="flex flex-col gap-2 pb-2">
      {#each card.problems as p (p.code + p.line)}
        <li class="heed flex flex-wrap items-center justify-between gap-x-4">
          <span class="text-sm">{problemWords(p)}</span>
          {#if p.code === 'figure-missing' && p.line !== null && onfree && card.salt?.line !== p.line}<button
              type="button"
              class="act"
              onclick={() => onfree(p.line ?? 0)}>as you like</button
            >{/if}
        </li>
      {/each}
    </ul>
  {/if}
  <table class="w-full" aria-label="The card as it was read">
    <thead>
      <tr class="border-b border-rule-strong text-left text-sm text-quiet">
        <th scope="col" class="font-normal">what</th><th scope="col" class="px-2 font-normal">how much</th><th
          scope="col"
          class="text-right font-normal">grows</th
        >
      </tr>
    </thead>
    <tbody>
      {#each card.ingredients as i (i.line)}
        <tr class="border-b border-rule-soft">
          <th scope="row" class="py-1.5 text-left font-semibold"
            >{i.name}{#if i.optional}<span class="font-normal text-quiet">, optional</span>{/if}
            {#if i.allergen || i.heat >= 2 || i.instead.length > 0}<span
                class="block text-sm font-normal text-quiet"
                >{[
                  i.allergen ? `allergen: ${i.allergen}` : '',
                  i.heat >= 2 ? `heat ${i.heat} of 5` : '',
                  i.instead.length > 0 ? `or ${i.instead.join(', or ')}` : ''
                ]
                  .filter(Boolean)
                  .join('; ')}</span
              >{/if}</th
          >
          <td class="px-2 whitespace-nowrap">{figure(i)}</td>
          <td class="text-right text-sm">{growsWords(i)}</td>
        </tr>
      {/each}
      {#if card.salt}
        <tr class="border-b border-rule-soft">
          <th scope="row" class="py-1.5 text-left font-semibold">salt</th>
          <td class="px-2">{card.salt.said}</td>
          <td class="text-right text-sm">{clear && salt ? `${salt.says}, exactly` : 'not clear yet'}</td>
        </tr>
      {/if}
    </tbody>
  </table>
  {#if card.texts.length > 0}
    <details class="pt-2 text-sm text-quiet">
      <summary class="min-h-11 content-center underline underline-offset-4"
        >{card.texts.length} line{card.texts.length > 1 ? 's are' : ' is'} kept as text</summary
      >
      <ul>
        {#each card.texts as t (t.line)}<li>
            {WHY[t.why]}: “{t.said}”{t.why === 'water' ? ', worked out anew for the jars' : ''}
          </li>{/each}
      </ul>
    </details>
  {/if}
</div>
