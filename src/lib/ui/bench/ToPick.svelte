<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { wall } from '$lib/core/calendar';
  import type { Learned } from '$lib/core/learn';
  import { allCrops } from '$lib/core/produce';
  import { plusMinus } from '$lib/core/quantity';
  import { stylesIn } from '$lib/core/style';
  import { toPick, type WorksheetJar } from '$lib/core/worksheet';
  import { problem } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';
  import ChoiceField from '../forms/ChoiceField.svelte';

  /** The other way round: I have these jars, how much do I pick, and which beds have it? */
  interface Raw {
    readonly cropId: string;
    readonly bed: string;
    readonly day: string;
    readonly weighedG: number;
    readonly gardenG: number;
  }
  let {
    jars,
    learnt,
    picks,
    styleId
  }: {
    jars: readonly WorksheetJar[];
    learnt: {
      readonly trims: Readonly<Record<string, Learned>>;
      readonly packings: Readonly<Record<string, Learned>>;
    };
    picks: readonly Raw[];
    styleId: string;
  } = $props();
  const house = useHouse();
  let cropId = $state('cabbage-white');
  // svelte-ignore state_referenced_locally
  let style = $state(styleId);
  let counts = $state<Record<string, number>>({});
  const answer = $derived(
    toPick(style, cropId, false, jars, counts, {
      ...learnt,
      crops: house.crops,
      styles: house.household.styles
    })
  );
  const waiting = $derived(
    picks.filter((p) => p.cropId === cropId && p.gardenG > 0).reduce((a, p) => a + p.gardenG, 0)
  );
  const beds = $derived.by(() => {
    const all = picks.filter((p) => p.cropId === cropId && p.bed !== '');
    return all
      .filter((p, i) => all.findLastIndex((q) => q.bed === p.bed) === i)
      .map((p) => ({ bed: p.bed, day: p.day, g: p.weighedG }));
  });
  const step = (id: string, by: number, free: number) =>
    (counts[id] = Math.min(free, Math.max(0, (counts[id] ?? 0) + by)));
</script>

<Fold text="How much do I pick to fill these jars?" class="no-print mt-10 border-t border-rule-strong pt-2">
  <div class="grid gap-x-10 gap-y-4 py-3 md:grid-cols-3">
    <div class="flex flex-col gap-3">
      <ChoiceField
        label="Crop"
        id="pick-crop"
        bind:value={cropId}
        items={allCrops(house.crops).map((c) => ({ value: c.id, name: c.name }))}
      />
      <ChoiceField
        label="Style"
        id="pick-style"
        bind:value={style}
        items={stylesIn(house.household.styles).map((s) => ({ value: s.id, name: s.name }))}
      />
    </div>
    <ul>
      {#each jars as jar (jar.id)}
        <li class="flex items-center justify-between border-b border-rule-soft">
          <span>{jar.name} <span class="text-sm text-quiet">{jar.free} free</span></span>
          <span class="flex items-center">
            <button
              class="size-11 text-xl font-bold disabled:opacity-30"
              disabled={(counts[jar.id] ?? 0) === 0}
              aria-label="Fill one {jar.name} less"
              onclick={() => step(jar.id, -1, jar.free)}>−</button
            >
            <b class="w-6 text-center">{counts[jar.id] ?? 0}</b>
            <button
              class="size-11 text-xl font-bold disabled:opacity-30"
              disabled={(counts[jar.id] ?? 0) >= jar.free}
              aria-label="Fill one {jar.name} more"
              onclick={() => step(jar.id, 1, jar.free)}>+</button
            >
          </span>
        </li>
      {/each}
    </ul>
    <div aria-live="polite" data-to-pick>
      {#if answer.ok}
        <p>
          <span class="answer">{house.mass(answer.value.picked.mean)}</span> <span class="big">to pick</span>
        </p>
        <p class="text-quiet">
          ± {house.mass(plusMinus(answer.value.picked))}, for {house.mass(answer.value.preparedG)} prepared in {house.volume(
            answer.value.roomMl
          )} of room
        </p>
        {#if waiting > 0}<p class="mt-2">
            <b>{house.mass(waiting)}</b> waits in the Garden already{waiting < answer.value.picked.mean
              ? `; pick ${house.mass(answer.value.picked.mean - waiting)} more`
              : ''}.
          </p>{/if}
        {#if beds.length > 0}
          <p class="mt-2 text-sm text-quiet">Beds that had it:</p>
          <ul>
            {#each beds as b (b.bed)}<li class="flex justify-between border-b border-rule-soft py-1">
                <span>{b.bed}</span><span class="text-quiet"
                  >{house.mass(b.g)}, {relativeDay(wall(b.day, 12), house.now)}</span
                >
              </li>{/each}
          </ul>
        {:else}<p class="mt-2 text-sm text-quiet">No bed has given it yet.</p>{/if}
      {:else}<p class="text-quiet">
          {answer.refusal.code === 'no-jar-named' ? 'Choose the jars to fill.' : problem(answer.refusal).says}
        </p>{/if}
    </div>
  </div>
</Fold>
