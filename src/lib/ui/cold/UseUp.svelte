<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { dayOfWall, wall } from '$lib/core/calendar';
  import type { DishNow } from '$lib/core/larder';
  import { style, STYLES } from '$lib/core/style';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Fold from '../forms/Fold.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';

  /** The household's dishes that eat ferments: what could be cooked from what should go first, now or on a day to come. */
  interface Props {
    dishes: readonly DishNow[];
    /** Planned ones for which there will most likely be too little. */
    tooLittle: readonly string[];
    /** Styles of which there is something. */
    kinds: readonly string[];
  }
  let { dishes, tooLittle, kinds }: Props = $props();
  const house = useHouse();
  const today = $derived(dayOfWall(house.now));
  const planned = $derived(
    house.household.plannedDishes
      .filter((p) => p.day >= today)
      .sort((a, b) => a.day.localeCompare(b.day))
      .flatMap((p) => {
        const dish = dishes.find((d) => d.dish.id === p.dishId);
        return dish ? [{ ...p, name: dish.dish.name, can: dish.servings }] : [];
      })
  );
  let servings = $state<Record<string, string>>({});
  let days = $state<Record<string, string>>({});
  const of = (id: string) => servings[id] ?? '4';
  const asked = (d: DishNow) => Number(of(d.dish.id)) || 0;
  const when = (day: string) => relativeDay(wall(day, 12), house.now);
  const takes = (d: DishNow) =>
    d.dish.uses
      .map((u) => `${house.mass(u.g)} of ${(style(u.styleId)?.name ?? '').toLowerCase()}`)
      .join(', ');
  /** What stands there comes first to mind. */
  const items = $derived(
    [...STYLES]
      .sort((a, b) => Number(kinds.includes(b.id)) - Number(kinds.includes(a.id)))
      .map((s) => ({ value: s.id, name: s.name }))
  );
  let first = $state('');
  let second = $state('');
  let firstG = $state('');
  let secondG = $state('');
  const uses = $derived(
    JSON.stringify(
      [
        { styleId: first, weight: firstG },
        { styleId: second, weight: secondG }
      ].filter((u) => u.styleId !== '')
    )
  );
</script>

<section id="use-up">
  <h2 class="border-b border-rule-strong pb-1">Cook with it</h2>
  {#each planned as p (p.id)}
    <div class="line flex flex-wrap items-center justify-between gap-x-4">
      <span
        ><b>{p.name} for {p.servings}</b>, {when(p.day)}{#if tooLittle.includes(p.id)}<span
            class="heed block text-sm"
            >Most likely too little is left by then: it is enough for {p.can} now.</span
          >{/if}</span
      >
      <span class="flex flex-wrap gap-x-4">
        <ActionForm command="cook-dish" values={{ dishId: p.dishId, servings: p.servings, plannedId: p.id }}>
          {#snippet children({ busy, problems })}
            <button class="act" disabled={busy} aria-label="{p.name} for {p.servings} is cooked"
              >cooked</button
            >
            <Trouble problem={problems[0]} />
          {/snippet}
        </ActionForm>
        <ActionForm command="drop-planned" values={{ plannedId: p.id }}>
          {#snippet children({ busy })}<button class="act" disabled={busy}>not after all</button>{/snippet}
        </ActionForm>
      </span>
    </div>
  {/each}
  <ul>
    {#each dishes as d (d.dish.id)}
      <li class="border-b border-rule-soft py-2" aria-label={d.dish.name}>
        <p class="flex flex-wrap items-baseline justify-between gap-x-4">
          <b class="text-lg">{d.dish.name}</b>
          <span class={d.servings > 0 ? '' : 'text-quiet'}
            >{d.servings > 0 ? `enough for ${d.servings}` : 'not enough for one'}</span
          >
        </p>
        <p class="text-sm text-quiet">
          {takes(d)} each{#if d.servings > 0 && d.first}; takes from jar {d.first.lidNumber} first, best before
            {relativeDay(d.first.best, house.now)}{/if}
        </p>
        <div class="flex flex-wrap items-end gap-2 pt-1">
          <TextField
            label="For how many"
            id="servings-{d.dish.id}"
            inputmode="numeric"
            class="w-28"
            value={of(d.dish.id)}
            oninput={(said) => (servings = { ...servings, [d.dish.id]: said })}
          />
          <ActionForm command="cook-dish" values={{ dishId: d.dish.id, servings: of(d.dish.id) }}>
            {#snippet children({ busy, problems })}
              <Button type="submit" outline class="min-h-11" disabled={busy || asked(d) > d.servings}
                >Cooked now</Button
              >
              <Trouble problem={problems[0]} />
            {/snippet}
          </ActionForm>
          <TextField
            label="Or on"
            id="day-{d.dish.id}"
            type="date"
            min={today}
            class="w-40"
            value={days[d.dish.id] ?? ''}
            oninput={(said) => (days = { ...days, [d.dish.id]: said })}
          />
          <ActionForm
            command="plan-dish"
            values={{ dishId: d.dish.id, servings: of(d.dish.id), day: days[d.dish.id] ?? '' }}
          >
            {#snippet children({ busy, problems })}
              <Button type="submit" outline class="min-h-11" disabled={busy}>Plan it</Button>
              <Trouble problem={problems[0]} />
            {/snippet}
          </ActionForm>
          <ActionForm command="drop-dish" values={{ dishId: d.dish.id }}>
            {#snippet children({ busy })}<button
                class="act"
                disabled={busy}
                aria-label="{d.dish.name} is no longer cooked">no longer</button
              >{/snippet}
          </ActionForm>
        </div>
      </li>
    {:else}<li class="py-2 text-quiet">
        No dish is kept yet. Say what a soup or a dish of dumplings takes, and what should go first finds its
        way into the pot.
      </li>{/each}
  </ul>
  <Fold text="Keep a dish that eats ferments" quiet>
    <ActionForm
      command="set-dish"
      values={{ uses }}
      class="grid items-start gap-3 py-2 sm:grid-cols-2"
      label="A dish"
      ondone={() => ([first, second, firstG, secondG] = ['', '', '', ''])}
    >
      {#snippet children({ busy, problemAt })}
        <TextField
          label="Name"
          id="dish-name"
          name="name"
          placeholder="Cabbage dumplings"
          class="sm:col-span-2"
          problem={problemAt('name')}
        />
        <ChoiceField
          label="It takes"
          id="dish-first"
          placeholder="Choose a ferment"
          bind:value={first}
          {items}
        />
        <WeightField label="For one serving" bind:value={firstG} placeholder="80 g" />
        {#if first !== ''}
          <ChoiceField label="And" id="dish-second" placeholder="nothing else" bind:value={second} {items} />
          {#if second !== ''}<WeightField
              label="For one serving"
              bind:value={secondG}
              placeholder="20 g"
            />{/if}
        {/if}
        <div class="sm:col-span-2">
          <Trouble problem={problemAt('uses')} />
          <Button type="submit" outline disabled={busy}>Keep it</Button>
        </div>
      {/snippet}
    </ActionForm>
  </Fold>
</section>
