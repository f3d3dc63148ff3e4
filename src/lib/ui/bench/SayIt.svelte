<script lang="ts">
  import { Input } from 'flowbite-svelte';
  import { plain, plusMinus, writePercent, writeSalt, writeShare } from '$lib/core/quantity';
  import { asMeasured, rulesOfThumb, saltKind } from '$lib/core/salt';
  import { zoneOf, type Worksheet } from '$lib/core/worksheet';
  import { ZONE_WORDS } from '$lib/words';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import type { Bench } from './bench.svelte';
  import type { HeldDose } from './said';

  /** "Say it your way": a habit of dosing as it is said, held against these jars; two side by side. */
  let { bench, doses, sheet }: { bench: Bench; doses: readonly HeldDose[]; sheet: Worksheet } = $props();
  const house = useHouse();
  const EXAMPLES = ['2 tbsp a quart', '30 g/l', '2.2 %'];
  const fields = $derived(
    bench.saidDoses.length === 2 || (bench.saidDoses[0] ?? '') === ''
      ? Math.max(1, bench.saidDoses.length)
      : 2
  );
  const say = (at: number, text: string) => {
    const said = [...bench.saidDoses];
    said[at] = text;
    bench.choose({ said: said.map((s) => s ?? '').filter((s, i) => s !== '' || i < said.length - 1) });
  };
  const table = $derived(saltKind(sheet.saltKindId));
  const kind = $derived(table && asMeasured(table, house.household.ownSpoons));
  const rules = $derived(
    kind
      ? rulesOfThumb(
          {
            naclG: sheet.jars.reduce((a, j) => a + j.naclG, 0),
            waterG: sheet.jars.reduce((a, j) => a + j.waterG, 0),
            vegG: sheet.packedG
          },
          kind,
          house.household.spoons
        )
      : []
  );
</script>

<section class="no-print mt-4" aria-label="Say it your way">
  <h2 class="border-b border-rule-strong pb-1">Say it your way</h2>
  {#each Array.from({ length: fields }, (_, i) => i) as at (at)}
    {@const dose = doses[at]}
    <div class="pt-2">
      <Input
        value={bench.saidDoses[at] ?? ''}
        placeholder={EXAMPLES[at]}
        aria-label={at === 0 ? 'A dose as you say it' : 'Another dose beside it'}
        autocomplete="off"
        oninput={(e) => say(at, (e.currentTarget as HTMLInputElement).value)}
      />
      {#if dose?.problem}<Trouble problem={dose.problem} />{/if}
      {#if dose?.ask}<p class="heed mt-2 text-sm">
          <b>This can mean several things</b> that end apart. Which is yours?
        </p>{/if}
      <ul>
        {#each dose?.readings ?? [] as r (r.reading.says)}
          <li class="border-b border-rule-soft py-1.5 text-sm">
            <p>
              {r.reading.says}:
              <b>settles at {writePercent(r.ends.mean)} ± {writeShare(plusMinus(r.ends))}</b>, {ZONE_WORDS[
                zoneOf(r.ends.mean).id
              ]}
            </p>
            <p class="flex items-center justify-between">
              <span class="text-quiet"
                >{writeSalt(r.saltG)}
                {r.reading.kind.id === sheet.saltKindId
                  ? 'of your salt'
                  : r.reading.kind.name.toLowerCase()}</span
              >
              <button
                class="act"
                onclick={() =>
                  bench.choose({
                    way: r.way,
                    fraction: Math.round(r.fraction * 1e5) / 1e5,
                    saltKindId: r.reading.kind.id
                  })}>use it</button
              >
            </p>
          </li>
        {/each}
      </ul>
    </div>
  {/each}
  <p class="pt-3 text-sm text-quiet">The dose on the bench, as people say it:</p>
  <ul class="text-sm">
    {#each rules as rule (rule.says)}
      <li class="flex justify-between gap-3 border-b border-rule-soft py-1">
        <span class="text-quiet">{rule.says}</span><b
          >{plain(rule.spoons, 1)} {rule.spoon}, {writeSalt(rule.grams)}</b
        >
      </li>
    {/each}
  </ul>
</section>
