<script lang="ts">
  import { Input } from 'flowbite-svelte';
  import { goto } from '$app/navigation';
  import { writePercent } from '$lib/core/quantity';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import { relativeDay } from '$lib/ui/time';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  // svelte-ignore state_referenced_locally
  let said = $state(data.says);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const ASK_AFTER_MS = 250;
  const to = (says: string, before = 0) =>
    `/notebook?${new URLSearchParams({ ...(says ? { says } : {}), ...(before ? { before: String(before) } : {}) }).toString()}`;
  /** Looked for in all years, as one types. */
  function look(): void {
    clearTimeout(timer);
    timer = setTimeout(
      () => void goto(to(said.trim()), { keepFocus: true, noScroll: true, replaceState: true }),
      ASK_AFTER_MS
    );
  }
</script>

<svelte:head><title>Notebook · Crockle</title></svelte:head>

<div class="flex flex-wrap items-center justify-between gap-4">
  <h1>What was made</h1>
  <div class="flex w-full max-w-md items-center gap-4">
    <a class="act shrink-0" href="/notebook/recipes">Recipes</a>
    <Input
      bind:value={said}
      oninput={look}
      placeholder="name, style or jar number"
      aria-label="Look through the batches"
    />
  </div>
</div>

{#if !data.any}
  <p class="mt-3 max-w-prose text-lg">
    No batch yet. The first one starts on the <a class="act" href="/bench">Bench</a>; its record grows here by
    itself.
  </p>
{:else}
  <ul class="mt-4 border-t-2 border-ink">
    {#each data.batches as b (b.id)}
      <li class="line">
        <a
          href="/notebook/{b.id}"
          class="grid gap-x-6 gap-y-0.5 hover:bg-rule-soft md:grid-cols-[1fr_9rem_8rem_14rem]"
        >
          <span><b class="text-lg">{b.name}</b><span class="block text-sm text-quiet">{b.style}</span></span>
          <span
            >{relativeDay(b.startedAt, house.now)}<span class="block text-sm text-quiet"
              >jar{b.lids.length > 1 ? 's' : ''} {b.lids.map((l) => l.lidNumber).join(', ')}</span
            ></span
          >
          <span>{b.equilibrium === null ? 'salt unknown' : `${writePercent(b.equilibrium)} salt`}</span>
          <span>
            {b.live
              ? `${house.mass(b.leftG)} of ${house.mass(b.filledG)} left`
              : b.thrownG > b.eatenG + b.cookedG + b.givenG
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
  {#if data.skip > 0 || data.next !== null}
    <nav aria-label="Further batches" class="flex gap-6">
      {#if data.skip > 0}<a class="act" href={to(data.says)}>the newest</a>{/if}
      {#if data.next !== null}<a class="act" href={to(data.says, data.next)}>the ones before</a>{/if}
    </nav>
  {/if}
{/if}
