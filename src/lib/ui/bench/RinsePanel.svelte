<script lang="ts">
  import { plain, plusMinus, roundSalt, writePercent, writeSalt, writeShare } from '$lib/core/quantity';
  import { TASTE_WORDS } from '$lib/core/salt';
  import type { RinseAnswer } from '$lib/core/worksheet';
  import type { RinsedSaid } from '$lib/schema/bench';
  import { problem } from '$lib/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';
  import type { Bench } from './bench.svelte';

  /** Heavy salting: the salt to strew, then what was weighed and tasted after the rinse. */
  let { bench, rinse }: { bench: Bench; rinse: RinseAnswer } = $props();
  const house = useHouse();
  const say = (change: Partial<RinsedSaid>) => bench.choose({ rinsed: { ...bench.rinsed, ...change } });
  const heavyTrouble = $derived(bench.heavyRead.ok ? undefined : problem(bench.heavyRead.refusal));
  const usual = $derived(bench.style.heavy?.fraction ?? 0.08);
  const heavy = $derived((bench.heavyRead.ok ? bench.heavyRead.value : null) ?? usual);
  /** Another rinse: what was weighed and tasted so far is kept, and the fields are for the next. */
  const again = () => {
    const { after, taste, salinity, log } = bench.rinsed;
    bench.choose({
      rinsed: { after: '', taste: '', salinity: '', log: [...log, { after, taste, salinity }] }
    });
  };
  const measured = $derived(
    bench.rinsed.after !== '' || bench.rinsed.taste !== '' || bench.rinsed.salinity !== ''
  );
  const tasteName = (id: string) => TASTE_WORDS.find((t) => t.id === id)?.says;
  const logged = (r: { after: string; taste: string; salinity: string }) =>
    [
      r.after ? `weighed ${r.after}` : '',
      r.taste ? `tasted ${tasteName(r.taste) ?? r.taste}` : '',
      r.salinity ? `juice at ${r.salinity.replace('%', '').trim()} %` : ''
    ]
      .filter(Boolean)
      .join(', ') || 'nothing measured';
  const trouble = $derived(bench.rinsedRead.ok ? undefined : problem(bench.rinsedRead.refusal));
</script>

<section aria-label="Salted and rinsed" class="border-y border-rule-strong py-3">
  <h2>Before the rinse</h2>
  <p>
    <span class="answer">{plain(roundSalt(rinse.heavySaltG), 0)}</span>
    <span class="big">g salt to sprinkle</span>
  </p>
  <p class="text-sm text-quiet">
    {writePercent(heavy, 1)} of the leaf{heavy < usual / 1.6
      ? `: little, ${writePercent(usual, 0)} is usual; it wilts slowly`
      : heavy > usual * 1.6
        ? `: much, ${writePercent(usual, 0)} is usual; rinse it longer`
        : ''}. It is rinsed off again and is not what the jar settles at. Turn it every half hour; a rib bends
    without breaking when it is done.
  </p>
  <TextField
    class="no-print max-w-80"
    label="The heavy salting, as you say it"
    id="heavy"
    value={bench.heavy}
    placeholder="{writePercent(usual, 0)}, or a cup to 4 lb"
    problem={heavyTrouble}
    oninput={(said) => bench.choose({ heavy: said })}
  />
  <h2 class="pt-4">
    After the rinse{bench.rinsed.log.length > 0 ? `, number ${bench.rinsed.log.length + 1}` : ''}
  </h2>
  {#if bench.rinsed.log.length > 0}
    <ol class="text-sm text-quiet">
      {#each bench.rinsed.log as r, i (i)}<li>Rinse {i + 1}: {logged(r)}.</li>{/each}
    </ol>
  {/if}
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
  {#if measured}<button class="act no-print" onclick={again}>rinse it once more</button>{/if}
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
