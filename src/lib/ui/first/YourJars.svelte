<script lang="ts">
  import { USUAL_JARS } from '$lib/core/kit';
  import { jarGeometry, LIDS, type Lid } from '$lib/core/vessel';
  import { LID_WORDS } from '$lib/words';
  import { keyOf, type First } from './first.svelte';

  /** The jars that most kitchens have, to be counted; the rest is added in Kit. */
  let { first }: { first: First } = $props();
  const all = [...USUAL_JARS.metric, ...USUAL_JARS.US];
  const own = $derived(USUAL_JARS[first.units === 'metric' ? 'metric' : 'US']);
  let both = $state(false);
  // What is counted stays, whatever is read in: a household may own quarts and litre jars at once.
  const shown = $derived([
    ...own,
    ...all.filter((j) => !own.includes(j) && (both || (first.counts[keyOf(j)] ?? 0) > 0))
  ]);
</script>

<ul class="mt-2 border-t border-rule">
  {#each shown as jar (keyOf(jar))}
    {@const key = keyOf(jar)}
    {@const lid = first.lids[key] ?? jar.lid}
    {@const shape = jarGeometry(jar.geometryId)?.name}
    {@const n = first.counts[key] ?? 0}
    <li class="flex items-center justify-between gap-3 border-b border-rule py-1">
      <span class="min-w-0 grow"
        >{shape}
        {#if n > 0}<select
            class="block min-h-11 border-0 bg-transparent pl-0 text-sm underline"
            aria-label="Lid of {shape}"
            value={lid}
            onchange={(e) => (first.lids[key] = e.currentTarget.value as Lid)}
            >{#each LIDS as l (l)}<option value={l}>{LID_WORDS[l]}</option>{/each}</select
          >{:else}<span class="flex min-h-11 items-center text-sm text-quiet">{LID_WORDS[lid]}</span
          >{/if}</span
      >
      <span class="flex items-center">
        <button
          type="button"
          class="size-12 shrink-0 text-xl font-bold"
          aria-label="One {shape}, {lid} fewer"
          onclick={() => first.step(jar, -1)}>−</button
        >
        <b class="big w-8 text-center">{n}</b>
        <button
          type="button"
          class="size-12 shrink-0 text-xl font-bold"
          aria-label="One {shape}, {lid} more"
          onclick={() => first.step(jar, 1)}>+</button
        >
      </span>
    </li>
  {/each}
</ul>
{#if !both}<button type="button" class="act" onclick={() => (both = true)}
    >{first.units === 'metric' ? 'pints and quarts, too' : 'litre jars, too'}</button
  >{/if}
