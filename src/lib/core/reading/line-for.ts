import type { SpoonSystem } from '../quantity/index';
import { amountAt } from './amount';
import { type At, isWord, isMark } from './at';
import type { Token } from './token';

const PER = ['per', 'a', 'an', 'each', 'every', 'for', 'to', 'in', 'into'];

/** "per kg", "a jar", "to each quart", "for 5 lb", "/kg": what an amount is said for. */
export function forAt(all: readonly Token[], at: number, system: SpoonSystem): At<For> | undefined {
  let from = at;
  while (isWord(all[from], ...PER, 'the') || isMark(all[from], '/')) from += 1;
  if (from === at) return undefined;
  const n = all[from]?.kind === 'number' ? all[from] : undefined;
  const number = n?.kind === 'number' ? n.value : 1;
  const next = n ? from + 1 : from;
  if (isWord(all[next], 'jar', 'jars')) return { value: { per: 'jar', times: 1 / number }, end: next + 1 };
  const found = amountAt(all, from, system, true);
  if (!found || found.value.kind === 'length') return undefined;
  const jar = isWord(all[found.end], 'jar', 'jars');
  const end = jar ? found.end + 1 : found.end;
  if (found.value.kind === 'mass') {
    // "of vegetables", "of cabbage", "prepared".
    const of =
      isWord(all[end], 'of') && isWord(all[end + 1], 'vegetables', 'veg', 'cabbage', 'produce', 'it')
        ? end + 2
        : end;
    return { value: { per: 'kg', times: 1000 / found.value.value }, end: of };
  }
  return { value: { per: 'room', ml: found.value.value }, end };
}

/** What an amount on a card is said for. */
export type For =
  | { readonly per: 'recipe' }
  /** A kilo; `times` turns what was said into it. */
  | { readonly per: 'kg'; readonly times: number }
  | { readonly per: 'jar'; readonly times: number }
  | { readonly per: 'room'; readonly ml: number };
