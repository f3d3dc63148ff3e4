import { plusMinus, writeSalt } from '$lib/core/quantity';
import type { Amount } from '$lib/core/run';
import type { useHouse } from '../house/house.svelte';
import { amountWords } from '../recipe/words';

/** An amount as hands read it: how much, of what or into what, and what there is to know of it. */
export interface AmountRow {
  readonly big: string;
  readonly of: string;
  readonly more: string;
}

const WHERE = { bowl: 'salt into the bowl', brine: 'salt into the water', leaf: 'salt on the leaf' };

/** One amount in the household's own units and names. */
export function amountRow(a: Amount, house: ReturnType<typeof useHouse>): AmountRow {
  const crop = (id: string) => house.cropName(id).toLowerCase();
  switch (a.of) {
    case 'picked':
      return {
        ...{ big: house.mass(a.g), of: crop(a.cropId) },
        more: `about ${house.mass(a.givesG)} once trimmed and cut`
      };
    case 'prepared': {
      const about = `about, ± ${house.mass(plusMinus({ mean: a.g, sd: a.sdG }))}: weigh it`;
      return { big: house.mass(a.g), of: crop(a.cropId), more: a.weighed ? 'weighed' : about };
    }
    case 'salt':
      return {
        ...{ big: writeSalt(a.g), more: '' },
        of: a.where === 'jar' ? `salt into jar ${a.jar}` : WHERE[a.where]
      };
    case 'water':
      return { big: house.volume(a.g), of: 'water', more: `${house.mass(a.g)} on the scale` };
    case 'saved':
      return { big: house.volume(a.ml), of: a.name, more: 'brine that is there already' };
    case 'season':
      return { big: amountWords(a.say, house, house.household.spoons), of: a.name, more: '' };
    case 'fill':
      return { big: house.mass(a.g), of: `into jar ${a.jar}`, more: a.name };
    case 'pour':
      return { big: house.volume(a.ml), of: `over jar ${a.jar}`, more: a.name };
    case 'headspace':
      return { big: house.height(a.mm), of: `free under the rim of jar ${a.jar}`, more: a.name };
  }
}

/** All amounts of a step; jars alike are said once, where the first of them stands. */
export function amountRows(amounts: readonly Amount[], house: ReturnType<typeof useHouse>): AmountRow[] {
  const all = amounts.map((a) => {
    const row = amountRow(a, house);
    return { row, like: 'jar' in a && a.jar !== null ? `${a.of}|${row.big}|${row.more}` : null };
  });
  return all.flatMap(({ row, like }, i) => {
    const alike = like === null ? [] : all.filter((x) => x.like === like);
    if (alike.length < 2) return [row];
    if (all.findIndex((x) => x.like === like) !== i) return [];
    return [{ ...row, of: row.of.replace(/jar \d+/, `each of ${alike.length} jars`) }];
  });
}
