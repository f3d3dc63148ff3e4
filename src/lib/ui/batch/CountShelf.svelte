<script lang="ts">
  import { goto } from '$app/navigation';
  import { Button } from 'flowbite-svelte';
  import type { PortionHow } from '$lib/core/batch';
  import type { JarCounted, JarOnShelf, ShelfToCount } from '$lib/core/larder';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { forgetHalfTyped, keepSaid, saidBefore } from '../house/typed';

  /** A shelf counted through with one thumb: each jar as written, with less in it, or gone. */
  let { data }: { data: ShelfToCount } = $props();
  const house = useHouse();
  interface Found {
    readonly quarters: number | null;
    readonly how: PortionHow;
  }
  const kept = $derived(`count-${data.place.id}`);
  // What was said so far outlives a locked phone.
  // svelte-ignore state_referenced_locally
  const before = saidBefore(`count-${data.place.id}`) as {
    found?: Record<string, Found>;
    also?: string[];
  } | null;
  let found = $state<Record<string, Found>>(before?.found ?? {});
  let also = $state<string[]>(before?.also ?? []);
  const keep = () => keepSaid(kept, { found, also });
  const say = (id: string, one: Found) => {
    found = { ...found, [id]: one };
    keep();
  };
  const restAsWritten = () => {
    found = {
      ...Object.fromEntries(data.jars.map((j) => [j.fillingId, { quarters: null, how: 'eaten' }])),
      ...found
    };
    keep();
  };
  const said = $derived(data.jars.filter((j) => found[j.fillingId]).length);
  const off = $derived(data.jars.filter((j) => (found[j.fillingId]?.quarters ?? null) !== null));
  const counted = $derived(
    data.jars.flatMap((j): JarCounted[] => {
      const one = found[j.fillingId];
      return one ? [{ fillingId: j.fillingId, ...one }] : [];
    })
  );
  const moved = $derived(data.elsewhere.filter((j) => also.includes(j.fillingId)));
  let another = $state<string>();
  const written = (j: JarOnShelf) => (j.quarters === 4 ? 'full' : `${j.quarters} of 4 quarters`);
  const chip = (on: boolean, size: string) => [
    'rounded-lg border-2',
    size,
    on ? 'border-ink bg-slate text-chalk' : 'border-rule-strong bg-raised'
  ];
  const LESS = [
    [3, '3/4'],
    [2, '1/2'],
    [1, '1/4'],
    [0, 'gone']
  ] as const;
  const HOW = [
    { value: 'eaten', name: 'eaten' },
    { value: 'given', name: 'given away' },
    { value: 'thrown', name: 'thrown away' }
  ] as const satisfies readonly { value: PortionHow; name: string }[];
</script>

<ActionForm
  command="count-shelf"
  values={{ placeId: data.place.id, jars: JSON.stringify(counted), alsoHere: JSON.stringify(also) }}
  label="Count of {data.place.name}"
  ondone={() => {
    forgetHalfTyped(kept);
    void goto(data.place.kind === 'pantry' ? '/pantry' : '/cold');
  }}
>
  {#snippet children({ busy, problems })}
    <ol class="mt-4">
      {#each data.jars as j (j.fillingId)}
        {@const one = found[j.fillingId]}
        <li class="border-b border-rule py-2" aria-label="Jar {j.lidNumber}: {j.name}">
          <p class="flex flex-wrap items-baseline gap-x-3">
            <b class="big">{j.lidNumber}</b><span class="font-semibold">{j.name}</span>
            <span class="text-sm text-quiet">{j.jarName}, {written(j)}</span>
            {#if j.condemned}<b class="text-harm">throw away</b>{/if}
          </p>
          <div
            class="flex flex-wrap gap-1 pt-1 sm:gap-2"
            role="group"
            aria-label="Jar {j.lidNumber} as found"
          >
            <button
              type="button"
              class={chip(one?.quarters === null, 'min-h-14 px-2.5 sm:px-4')}
              aria-pressed={one?.quarters === null}
              onclick={() => say(j.fillingId, { quarters: null, how: 'eaten' })}>as written</button
            >
            {#each LESS.filter(([q]) => q < j.quarters) as [q, text] (q)}
              <button
                type="button"
                class={chip(one?.quarters === q, 'min-h-14 min-w-13 px-2 sm:px-3')}
                aria-pressed={one?.quarters === q}
                onclick={() =>
                  say(j.fillingId, { quarters: q, how: j.condemned ? 'thrown' : (one?.how ?? 'eaten') })}
                >{text}</button
              >
            {/each}
          </div>
          {#if one && one.quarters !== null}
            <div class="flex flex-wrap items-center gap-2 pt-2" role="group" aria-label="Where it went">
              <span class="text-sm text-quiet">what is missing was</span>
              {#each HOW as h (h.value)}
                <button
                  type="button"
                  class={chip(one.how === h.value, 'min-h-11 px-3')}
                  aria-pressed={one.how === h.value}
                  onclick={() => say(j.fillingId, { ...one, how: h.value })}>{h.name}</button
                >
              {/each}
            </div>
          {/if}
        </li>
      {:else}<li class="py-2 text-quiet">Nothing should stand here.</li>{/each}
    </ol>

    <section class="pt-4">
      {#if data.elsewhere.length > 0}
        <div class="flex flex-wrap items-end gap-2">
          <ChoiceField
            class="min-w-0 grow"
            label="A jar stands here that is written elsewhere"
            id="also-here"
            placeholder="Its number"
            bind:value={another}
            items={data.elsewhere
              .filter((j) => !also.includes(j.fillingId))
              .map((j) => ({
                value: j.fillingId,
                name: `${j.lidNumber}, ${j.name} (${house.placeName(j.placeId)})`
              }))}
          />
          <Button
            outline
            class="min-h-11"
            disabled={!another}
            type="button"
            onclick={() => {
              if (another) also = [...also, another];
              another = undefined;
              keep();
            }}>It stands here</Button
          >
        </div>
        {#each moved as j (j.fillingId)}
          <p class="line flex justify-between">
            <span>{j.lidNumber}, {j.name}: comes here</span>
            <button
              class="act"
              type="button"
              onclick={() => {
                also = also.filter((id) => id !== j.fillingId);
                keep();
              }}>no</button
            >
          </p>
        {/each}
      {/if}
    </section>
    {#if off.length > 0}<TextField
        label="Why the difference (may be left out)"
        id="count-reason"
        name="reason"
        class="mb-2"
      />{/if}
    <Trouble problem={problems[0]} />
    <div
      class="sticky bottom-14 flex flex-wrap items-center gap-3 border-t-2 border-ink bg-paper py-2 md:bottom-0"
    >
      <p class="grow" aria-live="polite">
        <b>{said} of {data.jars.length}</b> said{off.length > 0 ? `, ${off.length} not as written` : ''}
      </p>
      {#if said > 0 && said < data.jars.length}<Button
          type="button"
          outline
          class="min-h-14"
          onclick={restAsWritten}>The rest as written</Button
        >{/if}
      <Button type="submit" class="min-h-14" disabled={busy}>Counted</Button>
    </div>
  {/snippet}
</ActionForm>
