import { isMark, isWord, wordOf, type At } from './at';
import type { Bit } from './dose-bits';
import { cropAt } from './names';
import type { Token } from './token';
import {
  END_WORDS,
  PREPOSITIONS,
  SALTS_FROM,
  TOTAL_WORDS,
  VEG_ADJECTIVES,
  VEG_WORDS,
  WATER_ADJECTIVES,
  WATER_WORDS
} from './words';

/** A salt by its name: with the word behind it, or alone where nothing else can be meant. */
export function saltAt(all: readonly Token[], at: number): At<Bit> | undefined {
  if (isWord(all[at], 'salt', 'nacl')) {
    const grain = isWord(all[at + 1], 'flakes', 'flake') ? ['flaky'] : undefined;
    return { value: { is: 'salt', ids: grain ?? [], named: grain !== undefined }, end: at + (grain ? 2 : 1) };
  }
  for (const [words, ids] of SALTS_FROM.get(wordOf(all[at])) ?? []) {
    if (!words.every((w, i) => isWord(all[at + i], w))) continue;
    const end = at + words.length;
    const behind = isWord(all[end], 'salt');
    const flakes = behind && isWord(all[end + 1], 'flakes');
    if (behind)
      return {
        value: { is: 'salt', ids: flakes ? ['flaky'] : ids, named: ids.length > 0 },
        end: end + (flakes ? 2 : 1)
      };
    const next = all[end];
    const alone =
      next === undefined || next.kind === 'mark' || PREPOSITIONS.has(wordOf(next)) || isWord(next, 'a', 'an');
    if (alone && ids.length > 0) return { value: { is: 'salt', ids, named: true }, end };
    return undefined;
  }
  return undefined;
}

/** What a dose is taken of, with the words that only describe it. */
export function nounAt(all: readonly Token[], at: number): At<Bit> | undefined {
  let end = at;
  while (
    VEG_ADJECTIVES.has(wordOf(all[end])) ||
    WATER_ADJECTIVES.has(wordOf(all[end])) ||
    isWord(all[end], 'the', 'of')
  )
    end += 1;
  const w = wordOf(all[end]);
  const total = all.slice(at, end).some((t) => isWord(t, 'total'));
  if (isWord(all[end], 'weight', 'weights', 'wt'))
    return { value: { is: total ? 'total' : 'weight' }, end: end + 1 };
  const found = cropAt(all, end);
  const isVeg = found !== undefined || VEG_WORDS.has(w);
  const isWater = !isVeg && WATER_WORDS.has(w);
  if (isVeg || isWater) {
    const next = found?.end ?? end + 1;
    // "Vegetables and water together".
    const joined = isWord(all[next], 'and', 'plus', 'with') || isMark(all[next], '&', '+');
    const other = joined ? nounBehind(all, next + 1, isVeg) : undefined;
    if (other)
      return {
        value: { is: 'total' },
        end: isWord(all[other], 'together', 'combined', 'total') ? other + 1 : other
      };
    if (isWater) return { value: { is: 'water' }, end: next };
    const one = found !== undefined && !/s$/.test(wordOf(all[next - 1]));
    return { value: { is: 'veg', crop: found?.value, one }, end: next };
  }
  if (TOTAL_WORDS.has(w)) return { value: { is: 'total' }, end: end + 1 };
  if (END_WORDS.has(w)) {
    const out = isWord(all[end + 1], 'out') ? 2 : 1;
    return { value: { is: 'ends' }, end: end + out };
  }
  if (w === 'w' && isMark(all[end + 1], '/') && isWord(all[end + 2], 'w'))
    return { value: { is: 'weight' }, end: end + 3 };
  return undefined;
}

/** Where the other half of "vegetables and water" ends; undefined where it is not. */
function nounBehind(all: readonly Token[], at: number, wantsWater: boolean): number | undefined {
  let end = at;
  while (
    VEG_ADJECTIVES.has(wordOf(all[end])) ||
    WATER_ADJECTIVES.has(wordOf(all[end])) ||
    isWord(all[end], 'the')
  )
    end += 1;
  if (wantsWater) return WATER_WORDS.has(wordOf(all[end])) ? end + 1 : undefined;
  const found = cropAt(all, end);
  return found?.end ?? (VEG_WORDS.has(wordOf(all[end])) ? end + 1 : undefined);
}
