<script lang="ts">
  import { Input } from 'flowbite-svelte';
  import { style } from '$lib/core/style';
  import { writePercent } from '$lib/core/quantity';
  import { useHouse } from '$lib/ui/house.svelte';
  import { relativeDay } from '$lib/ui/time';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  let said = $state('');
  const found = $derived(
    data.batches.filter((b) =>
      `${b.name} ${b.jars.join(' ')} ${style(b.styleId)?.name ?? ''}`
        .toLowerCase()
        .includes(said.trim().toLowerCase())
    )
  );
</script>

<svelte:head><title>Notebook · Crockle</title></svelte:head>

<div class="flex flex-wrap items-center justify-between gap-4">
  <h1>What was made</h1>
  <div class="flex w-full max-w-md items-center gap-4">
    <a class="act shrink-0" href="/notebook/recipes">Recipes</a>
    <Input bind:value={said} placeholder="name, style or lid number" aria-label="Look through the batches" />
  </div>
</div>

{#if data.batches.length === 0}
  <p class="mt-3 max-w-prose text-lg">
    No batch yet. The first one starts on the <a class="act" href="/bench">Bench</a>; its record grows here by
    itself.
  </p>
{:else}
  <ul class="mt-4 border-t-2 border-ink">
    {#each found as b (b.id)}
      <li class="line">
        <a
          href="/notebook/{b.id}"
          class="grid gap-x-6 gap-y-0.5 hover:bg-rule-soft md:grid-cols-[1fr_9rem_8rem_14rem]"
        >
          <span
            ><b class="text-lg">{b.name}</b><span class="block text-sm text-quiet"
              >{style(b.styleId)?.name}</span
            ></span
          >
          <span
            >{relativeDay(b.startedAt, house.now)}<span class="block text-sm text-quiet"
              >jar{b.jars.length > 1 ? 's' : ''} {b.jars.join(', ')}</span
            ></span
          >
          <span>{b.equilibrium === null ? 'salt unknown' : `${writePercent(b.equilibrium)} salt`}</span>
          <span>
            {b.live
              ? `${house.mass(b.leftG)} of ${house.mass(b.filledG)} left`
              : b.thrownG > b.eatenG + b.givenG
                ? 'thrown away'
                : 'eaten up'}
            {#if b.last}<span class="block truncate text-sm text-quiet"
                >sour {b.last.sour} of 5{b.last.note ? `, “${b.last.note}”` : ''}</span
              >{/if}
          </span>
        </a>
      </li>
    {:else}
      <li class="py-4 text-quiet">No batch by that name or number.</li>
    {/each}
  </ul>
{/if}
