<script lang="ts">
  import { missingFor, type Card } from '$lib/core/recipe';
  import type { Style } from '$lib/core/style';
  import { useHouse } from '../house/house.svelte';

  /** Before it is made: what of it is there, what is missing, and what there is instead. */
  let {
    card,
    style,
    there
  }: { card: Card; style: Style | undefined; there: Readonly<Record<string, number>> } = $props();
  const house = useHouse();
  const rows = $derived(
    card.problems.some((p) => p.blocks) ? [] : missingFor(card, there, style?.produce ?? [])
  );
  const any = $derived(rows.some((r) => r.thereG > 0));
</script>

{#if rows.length > 0}
  <section aria-label="What is there">
    <h2 class="border-b-2 border-ink pb-1">What of it is there</h2>
    <ul>
      {#each rows as r (r.ingredient.line)}
        <li class="line">
          <p class="flex justify-between gap-4">
            <span>{r.ingredient.name}</span>
            <b>{r.thereG > 0 ? house.mass(r.thereG) : 'none'}</b>
          </p>
          {#if r.wantedG !== null && r.thereG < r.wantedG * 0.9}
            <p class="text-sm text-quiet">
              {house.mass(r.wantedG - r.thereG)} more for as much as the rest is enough for.
            </p>
          {/if}
          {#if r.instead.length > 0}
            <p class="text-sm">
              Instead: {r.instead
                .map((id) => `${house.cropName(id).toLowerCase()}, ${house.mass(there[id] ?? 0)}`)
                .join('; ')}.
            </p>
          {/if}
        </li>
      {/each}
    </ul>
    {#if !any}<p class="pt-1 text-sm text-quiet">Weigh in a pick first, or work it out for an amount.</p>{/if}
  </section>
{/if}
