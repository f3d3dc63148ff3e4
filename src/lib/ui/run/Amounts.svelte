<script lang="ts">
  import { plusMinus, writeSalt } from '$lib/core/quantity';
  import type { Amount } from '$lib/core/run';
  import { useHouse } from '../house/house.svelte';
  import { amountWords } from '../recipe/words';

  /** The amounts of one step, larger than all else: what the hands take. */
  let { amounts }: { amounts: readonly Amount[] } = $props();
  const house = useHouse();

  interface Row {
    readonly big: string;
    readonly of: string;
    readonly more: string;
  }
  const crop = (id: string) => house.cropName(id).toLowerCase();
  const WHERE = { bowl: 'salt into the bowl', brine: 'salt into the water', leaf: 'salt on the leaf' };
  const row = (a: Amount): Row => {
    switch (a.of) {
      case 'picked':
        return {
          big: house.mass(a.g),
          of: crop(a.cropId),
          more: `about ${house.mass(a.givesG)} once trimmed and cut`
        };
      case 'prepared':
        return {
          big: house.mass(a.g),
          of: crop(a.cropId),
          more: a.weighed
            ? 'weighed'
            : `about, ± ${house.mass(plusMinus({ mean: a.g, sd: a.sdG }))}: weigh it`
        };
      case 'salt':
        return {
          big: writeSalt(a.g),
          of: a.where === 'jar' ? `salt into jar ${a.jar}` : WHERE[a.where],
          more: ''
        };
      case 'water':
        return { big: house.volume(a.g), of: 'water', more: `${house.mass(a.g)} on the scale` };
      case 'saved':
        return { big: house.volume(a.ml), of: a.name, more: 'brine that is there already' };
      case 'season':
        return {
          big: amountWords(a.say, house, house.household.spoons),
          of: a.name,
          more: ''
        };
      case 'fill':
        return { big: house.mass(a.g), of: `into jar ${a.jar}`, more: a.name };
      case 'pour':
        return { big: house.volume(a.ml), of: `over jar ${a.jar}`, more: a.name };
      case 'headspace':
        return { big: `${Math.round(a.mm)} mm`, of: `free under the rim of jar ${a.jar}`, more: a.name };
    }
  };
  /** Jars alike are said once, where the first of them stands. */
  const rows = $derived.by(() => {
    const all = amounts.map((a) => {
      const r = row(a);
      return { ...r, key: 'jar' in a && a.jar !== null ? `${a.of}|${r.big}|${r.more}` : null };
    });
    return all.flatMap((r, i) => {
      const alike = r.key === null ? [r] : all.filter((x) => x.key === r.key);
      return alike[0] === all[i] || r.key === null ? [{ ...r, n: alike.length }] : [];
    });
  });
  const many = (r: Row & { n: number }) => (r.n > 1 ? r.of.replace(/jar \d+/, `each of ${r.n} jars`) : r.of);
</script>

<ul class="flex flex-col" aria-label="Amounts">
  {#each rows as r, i (i)}
    <li class="line grid grid-cols-[minmax(7rem,auto)_1fr] items-baseline gap-x-4">
      <span class="font-display text-4xl font-extrabold whitespace-nowrap">{r.big}</span>
      <span class="text-[1.5rem] leading-tight"
        >{many(r)}{#if r.more}<span class="block text-base text-quiet">{r.more}</span>{/if}</span
      >
    </li>
  {/each}
</ul>
