<script lang="ts">
  import { plain, plusMinus, roundSalt, writePercent, writeSalt, writeShare } from '$lib/core/quantity';
  import { TASTE_WORDS } from '$lib/core/salt';
  import type { RinseAnswer } from '$lib/core/worksheet';
  import type { RinsedSaid } from '$lib/schema/batch';
  import { problem } from '$lib/schema/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house.svelte';
  import type { Bench } from './bench.svelte';

  /** Heavy salting: the salt to strew, then what was weighed and tasted after the rinse. */
  let { bench, rinse }: { bench: Bench; rinse: RinseAnswer } = $props();
  const house = useHouse();
  const say = (change: Partial<RinsedSaid>) => bench.choose({ rinsed: { ...bench.rinsed, ...change } });
  const trouble = $derived(bench.rinsedRead.ok ? undefined : problem(bench.rinsedRead.refusal));
</script>

<section aria-label="Salted and rinsed" class="border-y border-rule-strong py-3">
  <h2>Before the rinse</h2>
  <p>
    <span class="answer">{plain(roundSalt(rinse.heavySaltG), 0)}</span>
    <span class="big">g salt to strew</span>
  </p>
  <p class="text-sm text-quiet">
    {writePercent(bench.style.heavy?.fraction ?? 0, 0)} of the leaf. Turn it every half hour; when a rib bends,
    rinse twice, drain, wring.
  </p>
  <h2 class="pt-4">After the rinse</h2>
  <div class="grid gap-x-6 gap-y-2 sm:grid-cols-3">
    <WeightField
      label="Wrung out it weighs"
      value={bench.rinsed.after}
      placeholder="{Math.round(rinse.after.mean)} g"
      oninput={(after) => say({ after })}
      pad="focus"
    />
    <ChoiceField
      label="It tastes"
      id="rinse-taste"
      value={bench.rinsed.taste}
      items={[
        { value: '', name: 'not tasted yet' },
        ...TASTE_WORDS.map((t) => ({ value: t.id, name: t.says }))
      ]}
      onchange={(taste) => say({ taste })}
    />
    <TextField
      label="or its juice reads, % salt"
      id="rinse-salinity"
      value={bench.rinsed.salinity}
      placeholder="2.1"
      inputmode="decimal"
      oninput={(salinity) => say({ salinity })}
    />
  </div>
  <Trouble problem={trouble} />
  <p class={rinse.by === 'estimate' ? 'heed' : ''} aria-live="polite">
    {rinse.weighed ? 'Weighed' : 'About'} <b>{house.mass(rinse.after.mean)}</b>{rinse.weighed
      ? ''
      : ` ± ${house.mass(plusMinus(rinse.after))}`}, its water at
    <b>{writePercent(rinse.salinity.mean)} ± {writeShare(plusMinus(rinse.salinity))}</b>
    ({rinse.by === 'estimate'
      ? 'an estimate only: taste it, or measure the juice'
      : rinse.by === 'taste'
        ? 'by taste'
        : 'by your reading'}), so {writeSalt(rinse.naclG)} of pure salt is in it already.
  </p>
</section>
