<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import { freeOn, type JarBack } from '$lib/core/appetite';
  import { addDays, dayOfWall, daysBetween, wall } from '$lib/core/calendar';
  import { JARS, LIDS, jarGeometry, usableMl, usualHeadspace, usualLid, type Lid } from '$lib/core/vessel';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import QuietAct from '../forms/QuietAct.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import { LID_WORDS } from '$lib/words';
  import { relativeDay } from '../time';
  import JarMeasure from './JarMeasure.svelte';
  import OwnShape from './OwnShape.svelte';

  interface Props {
    full: Readonly<Record<string, number>>;
    toWash: Readonly<Record<string, number>>;
    back: readonly JarBack[];
  }
  let { full, toWash, back }: Props = $props();
  const house = useHouse();
  let geometryId = $state('clip-1000');
  let lid = $state<Lid>('clamped');
  const today = $derived(dayOfWall(house.now));
  let on = $state('');
  const inDays = $derived(/^\d{4}-\d\d-\d\d$/.test(on) && on > today ? daysBetween(today, on) : null);
  const freeNow = (jarId: string, owned: number) => Math.max(0, owned - (full[jarId] ?? 0));
  /** What eating brings back, in words; nothing where nothing is in one. */
  function comesBack(jarId: string, owned: number): string {
    if (!full[jarId]) return '';
    if (inDays !== null) {
      const { least, likely, most } = freeOn(back, jarId, freeNow(jarId, owned), inDays);
      return `${likely} free by ${relativeDay(wall(on, 12), house.now)}${least < most ? ` (${least} to ${most})` : ''}`;
    }
    const next = back
      .filter((b) => b.jarId === jarId && b.likely !== null)
      .sort((a, b) => (a.likely ?? 0) - (b.likely ?? 0))[0];
    const day = next?.likely === undefined || next.likely === null ? null : addDays(today, next.likely);
    return day ? `the next comes back about ${relativeDay(wall(day, 12), house.now)}` : '';
  }
</script>

<section id="jars">
  <h2 class="border-b-2 border-ink pb-1">Jars and crocks</h2>
  {#if house.household.jars.length === 0}<p class="py-2">
      Which jars do you own? The Bench chooses from those that are free.
    </p>{/if}
  {#if back.length > 0}<div class="flex flex-wrap items-end gap-x-4 pt-2">
      <TextField
        label="How many are free on"
        id="free-on"
        type="date"
        min={addDays(today, 1)}
        bind:value={on}
        class="w-44"
      />
      <p class="grow basis-60 pb-1 text-sm text-quiet">
        As everything is eaten out of the jar that it stands in, at your appetite; in brackets nine times in
        ten.
      </p>
    </div>{/if}
  <ul>
    {#each house.household.jars as jar (jar.id)}
      {@const shape = jarGeometry(jar.geometryId)}
      <li class="line">
        <ActionForm
          command="own-jars"
          values={{ jarId: jar.id, geometryId: jar.geometryId, lid: jar.lid }}
          class="grid grid-cols-[1fr_auto] items-center gap-x-4"
        >
          {#snippet children({ busy, problemAt })}
            <div>
              <p class="font-semibold">{jar.name}</p>
              <p class="text-sm text-quiet">
                {shape
                  ? `takes ${house.volume(usableMl({ ...shape, brimMl: jar.brimMl ?? shape.brimMl }, jar.headspaceMm ?? usualHeadspace(shape), jar.weightMl ?? 0))} to the fill line`
                  : ''}; {full[jar.id] ?? 0} full, {freeNow(jar.id, jar.owned)} free{toWash[jar.id]
                  ? `, ${toWash[jar.id]} of them to wash`
                  : ''}
              </p>
              {#if comesBack(jar.id, jar.owned)}<p class="text-sm" data-back={jar.id}>
                  {comesBack(jar.id, jar.owned)}
                </p>{/if}
              <Trouble problem={problemAt('owned')} />
            </div>
            <div class="flex items-center">
              <button
                class="size-11 text-xl font-bold"
                name="owned"
                value={jar.owned - 1}
                disabled={busy || jar.owned === 0}
                aria-label="One {jar.name} fewer">−</button
              >
              <b class="big w-9 text-center">{jar.owned}</b>
              <button
                class="size-11 text-xl font-bold"
                name="owned"
                value={jar.owned + 1}
                disabled={busy}
                aria-label="One {jar.name} more">+</button
              >
            </div>
          {/snippet}
        </ActionForm>
        <div class="flex flex-wrap items-start justify-between gap-x-4">
          <JarMeasure {jar} />
          <ActionForm
            command="own-jars"
            values={{ jarId: jar.id, geometryId: jar.geometryId, owned: jar.owned }}
            class="flex items-center gap-2"
            label="Lid of {jar.name}"
          >
            {#snippet children({ busy })}
              <select
                class="min-h-11 border-0 bg-transparent py-0 text-sm underline underline-offset-4"
                name="lid"
                aria-label="Lid of {jar.name}"
                disabled={busy}
                value={jar.lid}
                onchange={(e) => e.currentTarget.form?.requestSubmit()}
              >
                {#each LIDS as l (l)}<option value={l}>{LID_WORDS[l]}</option>{/each}
              </select>
            {/snippet}
          </ActionForm>
          {#if toWash[jar.id]}
            <QuietAct
              command="wash-jars"
              values={{ jarId: jar.id }}
              does="washed"
              label="{jar.name}: washed"
            />
          {/if}
          {#if jar.owned > (full[jar.id] ?? 0)}
            <QuietAct
              command="break-jar"
              values={{ jarId: jar.id }}
              does="one broke"
              label="One {jar.name} broke"
            />
          {/if}
        </div>
      </li>
    {/each}
  </ul>
  <Fold text="Add a kind of jar" open={house.household.jars.length === 0}>
    <ActionForm command="own-jars" class="grid gap-3 py-2 sm:grid-cols-2" label="Add a kind of jar">
      {#snippet children({ busy, problemAt })}
        <ChoiceField
          label="Shape"
          id="shape"
          name="geometryId"
          bind:value={geometryId}
          onchange={(id) => (lid = usualLid(id))}
          items={JARS.map((j) => ({ value: j.id, name: j.name }))}
          problem={problemAt('geometryId')}
        />
        <ChoiceField
          label="Lid"
          id="lid"
          name="lid"
          bind:value={lid}
          items={LIDS.map((l) => ({ value: l, name: LID_WORDS[l] }))}
        />
        <TextField
          label="What you call it"
          id="jar-name"
          name="name"
          problem={problemAt('name')}
          placeholder={jarGeometry(geometryId)?.name}
        />
        <TextField
          label="How many"
          id="owned"
          name="owned"
          problem={problemAt('owned')}
          inputmode="numeric"
          placeholder="6"
        />
        <div><Button type="submit" outline disabled={busy}>Add</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
  <p class="py-1 text-sm text-quiet">
    Glass, glazed ware without lead, or food-grade plastic; no metal, no unglazed ware.
  </p>
  <OwnShape />
</section>
