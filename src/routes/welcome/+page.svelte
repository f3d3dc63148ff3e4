<script lang="ts">
  import { Button, Input, Label, Radio } from 'flowbite-svelte';
  import { goto } from '$app/navigation';
  import { jarGeometry, LIDS, type Lid } from '$lib/core/vessel';
  import { LID_WORDS } from '$lib/words';
  import ActionForm from '$lib/ui/forms/ActionForm.svelte';
  import Trouble from '$lib/ui/forms/Trouble.svelte';
  import { UNITS } from '$lib/ui/kit/choices';

  /** The jars most kitchens have, with the lid they usually bear; the rest is added in Kit. */
  const USUAL: Record<string, readonly (readonly [string, Lid])[]> = {
    metric: [
      ['clip-500', 'clamped'],
      ['clip-1000', 'clamped'],
      ['clip-1500', 'clamped'],
      ['clip-3000', 'clamped'],
      ['lug-720', 'loose'],
      ['crock-water-5l', 'water channel']
    ],
    US: [
      ['us-pint-regular', 'loose'],
      ['us-quart-wide', 'loose'],
      ['us-quart-wide', 'airlock'],
      ['us-half-gallon-wide', 'loose'],
      ['us-gallon', 'airlock'],
      ['crock-us-2gal', 'cloth']
    ]
  };
  let units = $state<'metric' | 'US' | 'imperial'>('metric');
  let counts = $state<Record<string, number>>({});
  let lids = $state<Record<string, Lid>>({});
  // What is counted stays, whatever is read in: a household may own quarts and litre jars at once.
  const all = [...new Map([...USUAL.metric!, ...USUAL.US!].map((j) => [j.join(), j])).values()];
  const first = $derived(USUAL[units] ?? USUAL.metric!);
  let both = $state(false);
  const usual = $derived([
    ...first,
    ...all.filter((j) => !first.includes(j) && (both || (counts[j.join('')] ?? 0) > 0))
  ]);
  const jars = $derived(
    merged(
      all.flatMap(([geometryId, lid]) => {
        const key = geometryId + lid;
        return (counts[key] ?? 0) > 0 ? [{ geometryId, lid: lids[key] ?? lid, owned: counts[key] ?? 0 }] : [];
      })
    )
  );
  /** Two rows that were given the same lid are one kind of jar. */
  function merged(rows: { geometryId: string; lid: Lid; owned: number }[]) {
    const out: typeof rows = [];
    for (const r of rows) {
      const same = out.find((o) => o.geometryId === r.geometryId && o.lid === r.lid);
      if (same) same.owned += r.owned;
      else out.push({ ...r });
    }
    return out;
  }
  const step = (key: string, by: number) => (counts[key] = Math.max(0, (counts[key] ?? 0) + by));
</script>

<svelte:head><title>Welcome · Crockle</title></svelte:head>

<div class="mx-auto max-w-2xl">
  <h1>Three things first</h1>
  <p class="mt-2 text-lg">
    Crockle turns what you picked into jars, brine and grams of salt. It needs to know how you weigh, who
    eats, and which jars you have. All of it can be changed in Kit.
  </p>
  <ActionForm
    command="settle"
    values={{ jars: JSON.stringify(jars), spoons: units === 'imperial' ? 'imperial' : units }}
    undoable={false}
    ondone={() => goto('/', { invalidateAll: true })}
    label="First run"
  >
    {#snippet children({ busy, problemAt })}
      <fieldset class="mt-6">
        <legend class="font-display text-lg font-bold">How do you weigh and measure?</legend>
        <div class="mt-2 flex flex-col">
          {#each UNITS as u (u.value)}<Radio
              name="units"
              value={u.value}
              bind:group={units}
              classes={{ label: 'min-h-11' }}>{u.name}</Radio
            >{/each}
        </div>
      </fieldset>
      <div class="mt-6 max-w-40">
        <Label for="w-people" class="font-display text-lg font-bold">How many eat?</Label>
        <Input id="w-people" name="people" inputmode="numeric" value="2" autocomplete="off" />
        <Trouble problem={problemAt('people')} />
      </div>
      <fieldset class="mt-6">
        <legend class="font-display text-lg font-bold">Which jars do you own?</legend>
        <ul class="mt-2 border-t border-rule">
          {#each usual as [geometryId, lid] (geometryId + lid)}
            {@const key = geometryId + lid}
            {@const name = `${jarGeometry(geometryId)?.name}, ${lids[key] ?? lid}`}
            <li class="flex flex-wrap items-center justify-between border-b border-rule">
              <span
                >{jarGeometry(geometryId)?.name}
                {#if (counts[key] ?? 0) > 0}<select
                    class="ml-1 min-h-11 border-0 bg-transparent text-sm underline"
                    aria-label="Lid of {jarGeometry(geometryId)?.name}"
                    value={lids[key] ?? lid}
                    onchange={(e) => (lids[key] = e.currentTarget.value as Lid)}
                    >{#each LIDS as l (l)}<option value={l}>{LID_WORDS[l]}</option>{/each}</select
                  >{:else}<span class="text-sm text-quiet">, {LID_WORDS[lid]}</span>{/if}</span
              >
              <span class="flex items-center">
                <button
                  type="button"
                  class="size-12 text-xl font-bold"
                  aria-label="One {name} fewer"
                  onclick={() => step(geometryId + lid, -1)}>−</button
                >
                <b class="big w-8 text-center">{counts[geometryId + lid] ?? 0}</b>
                <button
                  type="button"
                  class="size-12 text-xl font-bold"
                  aria-label="One {name} more"
                  onclick={() => step(geometryId + lid, 1)}>+</button
                >
              </span>
            </li>
          {/each}
        </ul>
        {#if !both}<button type="button" class="act" onclick={() => (both = true)}
            >{units === 'US' ? 'litre jars, too' : 'pints and quarts, too'}</button
          >{/if}
        <Trouble problem={problemAt('jars')} />
      </fieldset>
      <div class="mt-6 flex flex-wrap gap-3">
        <Button type="submit" size="lg" disabled={busy}>Begin</Button>
        <Button type="submit" name="skip" value="true" outline disabled={busy}
          >Skip, I will look around first</Button
        >
      </div>
    {/snippet}
  </ActionForm>
</div>
