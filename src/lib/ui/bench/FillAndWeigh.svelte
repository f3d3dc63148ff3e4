<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { writePercent, writeSalt } from '$lib/core/quantity';
  import { problem } from '$lib/words';
  import type { Worksheet } from '$lib/core/worksheet';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import type { Bench } from './bench.svelte';

  /** Fill a jar with vegetables and water to the line, weigh it, and its salt follows: one jar after the other. */
  let { bench, sheet }: { bench: Bench; sheet: Worksheet } = $props();
  const house = useHouse();
  const key = (i: number) => `j${i + 1}`;
  const said = (i: number) => bench.filled[key(i)] ?? { gross: '', tare: '' };
  const put = (i: number, change: Partial<{ gross: string; tare: string }>) =>
    bench.choose({ filled: { ...bench.filled, [key(i)]: { ...said(i), ...change } } });
  const net = $derived(bench.filledRead.ok ? bench.filledRead.value : []);
  const trouble = $derived(bench.filledRead.ok ? undefined : problem(bench.filledRead.refusal));
  /** What a jar of this size holds as planned, without its salt: so far off, something else was weighed. */
  const OFF = 0.12;
  const planned = (i: number) => (sheet.jars[i]?.usableMl ?? 0) * 0.98;
  const off = (i: number) => {
    const g = net[i];
    return g == null ? 0 : g / planned(i) - 1;
  };
  const tares = $derived(house.household.tares);
  const weighed = $derived(net.filter((g) => g != null).length);
</script>

<Fold text="Fill and weigh, jar by jar" open={weighed > 0} class="no-print border-t border-rule-strong pt-1">
  <p class="text-sm text-quiet">
    Vegetables in, water to the fill line, jar on the scale. Its weight less the empty jar is what the salt is
    taken of: the surest way. Then stir the salt into a little of that water and pour it back.
  </p>
  <ol>
    {#each sheet.jars as jar, i (i)}
      <li class="line grid gap-x-4 sm:grid-cols-[1fr_9rem_9rem]">
        <div>
          <p class="font-semibold">Jar {i + 1}, {jar.name}</p>
          {#if net[i] != null}
            <p aria-live="polite">
              <b>{writeSalt(jar.saltG)} salt</b> to {house.mass(net[i] ?? 0)} of vegetables and water
            </p>
            {#if Math.abs(off(i)) > OFF}<p class="heed text-sm">
                About {house.mass(planned(i))} is usual in this jar: {off(i) > 0
                  ? 'was the empty jar taken off?'
                  : 'is it filled to the line?'}
              </p>{/if}
          {:else}<p class="text-sm text-quiet">about {house.mass(planned(i))} when full</p>{/if}
        </div>
        <div>
          {#if tares.length > 0}<ChoiceField
              label="Empty jar"
              id="tare-{i}"
              value={tares.find((t) => `${t.g} g` === said(i).tare)?.id ?? ''}
              items={[
                { value: '', name: 'not chosen' },
                ...tares.map((t) => ({ value: t.id, name: `${t.name}, ${house.mass(t.g)}` }))
              ]}
              onchange={(id) =>
                put(i, { tare: id === '' ? '' : `${tares.find((t) => t.id === id)?.g ?? 0} g` })}
            />{/if}
          <WeightField
            label={tares.length > 0 ? 'or it weighs' : 'Empty, or 0 if tared'}
            value={said(i).tare}
            placeholder="0"
            oninput={(tare) => put(i, { tare })}
            pad="focus"
          />
        </div>
        <WeightField
          label="Full, on the scale"
          value={said(i).gross}
          placeholder={house.mass(planned(i))}
          oninput={(gross) => put(i, { gross })}
          pad="focus"
        />
      </li>
    {/each}
  </ol>
  <Trouble problem={trouble} />
  {#if weighed > 0}
    <p class="py-1 text-sm">
      {weighed} of {sheet.jars.length} weighed; all told {writeSalt(sheet.salt.weighG)} salt, and it settles at
      {writePercent(sheet.ends.equilibrium)}. The jars are written down as they were weighed.
      <button class="act" onclick={() => bench.choose({ filled: undefined })}>back to the plan</button>
    </p>
  {/if}
</Fold>
