<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { readRecipe } from '$lib/core/recipe';
  import { writePercent } from '$lib/core/quantity';
  import { style } from '$lib/core/style';
  import { wall } from '$lib/core/calendar';
  import ActionForm from '$lib/ui/forms/ActionForm.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import CardReading from '$lib/ui/recipe/CardReading.svelte';
  import RecipeEditor from '$lib/ui/recipe/RecipeEditor.svelte';
  import Missing from '$lib/ui/recipe/Missing.svelte';
  import Scaler from '$lib/ui/recipe/Scaler.svelte';
  import type { ProposedChange } from '$lib/ui/recipe/words';
  import WishForm from '$lib/ui/recipe/WishForm.svelte';
  import HowItIsMade from '$lib/ui/style/HowItIsMade.svelte';
  import { longDay, relativeDay } from '$lib/ui/time';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const r = $derived(data.recipe);
  const s = $derived(style(r.styleId));
  const card = $derived(readRecipe(r, house.ways));
  let changing = $state(false);
  // A substitute that was tapped: it stands in the card to be looked at, and is kept as a version or left.
  let proposed = $state<ProposedChange | null>(null);
  const change = (what: ProposedChange | null) => {
    proposed = what;
    changing = true;
    scrollTo({ top: 0 });
  };
</script>

<svelte:head><title>{r.name} · Crockle</title></svelte:head>

<p class="no-print"><a class="act" href="/notebook/recipes">Recipes</a></p>
<div class="flex flex-wrap items-baseline justify-between gap-x-6">
  <h1>{r.name}</h1>
  <p class="text-quiet">
    {r.from === 'own' ? 'your own' : 'from the starting set'}, version {r.version}{r.retired
      ? '; put away'
      : ''}
  </p>
</div>
<p class="text-quiet">{s?.name}. {r.notes}</p>

{#if changing}
  <div class="pt-5"><RecipeEditor recipe={r} {proposed} ondone={() => (changing = false)} /></div>
  <button class="act mt-2" onclick={() => (changing = false)}>Leave it as it is</button>
{:else}
  <div class="no-print flex flex-wrap gap-2 py-4">
    <Button href="/bench?recipe={r.id}" disabled={r.retired}>Make it</Button>
    <Button outline onclick={() => change(null)}>Change it</Button>
    <Button outline onclick={() => print()}>Print</Button>
    <ActionForm command="retire-recipe" values={{ recipeId: r.id, back: r.retired ? 'yes' : 'no' }}>
      {#snippet children({ busy })}<Button type="submit" outline disabled={busy}
          >{r.retired ? 'Take it out again' : 'Put it away'}</Button
        >{/snippet}
    </ActionForm>
  </div>
  <div class="grid gap-x-12 gap-y-8 lg:grid-cols-2">
    <div class="flex flex-col gap-8">
      <section>
        <h2 class="border-b-2 border-ink pb-1">Its card</h2>
        <CardReading {card} />
      </section>
      {#if s}
        <section>
          <h2 class="border-b-2 border-ink pb-1">How it is made</h2>
          <HowItIsMade style={s} salting={s.salting} seasoned />
        </section>
      {/if}
    </div>
    <div class="flex flex-col gap-8">
      <Missing {card} style={s} there={data.there} />
      <Scaler {card} text={r.card} onswap={change} />
      <section class="no-print">
        <h2 class="border-b-2 border-ink pb-1">For next time</h2>
        <ul>
          {#each r.wishes as w (w.id)}
            <li class="line">
              <p><b>{w.by} of “{w.said}”</b>{w.why ? `: ${w.why}` : ''}</p>
              <div class="flex gap-4">
                {#each [['take', 'Take it into the recipe'], ['leave', 'Leave it']] as const as [how, text] (how)}
                  <ActionForm command="settle-wish" values={{ recipeId: r.id, wishId: w.id, how }}>
                    {#snippet children({ busy })}<button class="act" disabled={busy}>{text}</button>{/snippet}
                  </ActionForm>
                {/each}
              </div>
            </li>
          {:else}<li class="py-2 text-quiet">Nothing to change so far.</li>{/each}
        </ul>
        <details>
          <summary class="act">Say what to change</summary>
          <WishForm recipe={r} />
        </details>
      </section>
      <section>
        <h2 class="border-b-2 border-ink pb-1">Made by it</h2>
        <ul>
          {#each data.made as b (b.id)}
            <li class="line flex flex-wrap justify-between gap-x-4">
              <a class="underline underline-offset-4" href="/notebook/{b.id}"
                >{relativeDay(b.startedAt, house.now)}, {b.name}</a
              >
              <span class="text-sm text-quiet"
                >version {b.version}{b.equilibrium === null
                  ? ''
                  : `, ${writePercent(b.equilibrium)} salt`}{b.taste
                  ? `, sour ${b.taste.sour} of 5`
                  : ''}</span
              >
            </li>
          {:else}<li class="py-2 text-quiet">Not made yet.</li>{/each}
        </ul>
      </section>
      <section>
        <h2 class="border-b-2 border-ink pb-1">Its versions</h2>
        <ol>
          {#each [...r.history].reverse() as v (v.version)}
            <li class="line">
              <p>
                <b>{v.version}</b>{v.version === 1
                  ? r.history.length === 1 && r.from === 'starting set'
                    ? ', as it comes with the house'
                    : ', as first written'
                  : `, ${longDay(wall(v.day, 12))}: ${v.what}${v.why ? ` (${v.why})` : ''}`}
              </p>
              {#if v.version !== r.version}<details>
                  <summary class="text-sm text-quiet underline underline-offset-4">its card then</summary>
                  <pre class="font-sans text-sm whitespace-pre-wrap">{v.card}</pre>
                </details>{/if}
            </li>
          {/each}
        </ol>
      </section>
    </div>
  </div>
{/if}
