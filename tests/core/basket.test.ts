import { describe, expect, test } from 'vitest';
import { NEW_HOUSEHOLD, waysOf } from '$lib/core/kit';
import { readBasket } from '$lib/core/reading';
import { weighedIn } from '$lib/core/lot';
import { problem } from '$lib/words';

const ways = waysOf(NEW_HOUSEHOLD);
const read = (text: string) => {
  const found = readBasket(text, ways);
  return found.ok ? found.value.map((t) => `${t.crop.id}: ${t.weight}`) : found.refusal.code;
};

describe('what somebody has, in their own words', () => {
  test.each([
    ['3 kg cabbage', ['cabbage-white: 3 kg']],
    ['I have 3 kg cabbage', ['cabbage-white: 3 kg']],
    ['We’ve got 5 lb of cucumbers!', ['cucumber-small: 5 lb']],
    ['12 cucumbers', ['cucumber-small: 12 cucumbers']],
    ['two heads of cabbage', ['cabbage-white: two heads of cabbage']],
    ['a head and a half of cabbage', ['cabbage-white: a head and a half of cabbage']],
    ['2 lb 3 oz green beans', ['green-bean: 2 lb 3 oz']],
    ['about 2 kg kohlrabi', ['kohlrabi: about 2 kg']],
    ['cabbage (3 kg)', ['cabbage-white: 3 kg']],
    ['half a kilo of radishes', ['radish-small: half a kilo']],
    ['3kg red cabbage and 500 g carrots', ['cabbage-red: 3 kg', 'carrot: 500 g']],
    ['cabbage 3 kg, carrots 500 g', ['cabbage-white: 3 kg', 'carrot: 500 g']],
    ['12 cucumbers and a bulb of garlic', ['cucumber-small: 12 cucumbers', 'garlic: a bulb of garlic']],
    [
      '5 lbs of cabbage, 1 lb carrots and 2 onions',
      ['cabbage-white: 5 lbs', 'carrot: 1 lb', 'onion: 2 onions']
    ]
  ])('%s', (text, things) => expect(read(text)).toEqual(things));

  test.each([
    ['', 'nothing-said'],
    ['3 kg', 'basket-of-what'],
    ['1 kg constructor', 'basket-of-what'],
    ['cabbage', 'basket-how-much'],
    ['2 l cucumbers', 'basket-how-much'],
    ['2 kg peppers', 'pepper-which'],
    ['1.250 g carrots', 'comma-unclear'],
    ['-3 kg cabbage', 'negative'],
    ['0 kg cabbage', 'weight-not-positive'],
    ['900 kg cabbage', 'weight-absurd'],
    ['a bucket of carrots', 'not-understood'],
    ['3 kg cabbage and 500 g', 'basket-of-what'],
    ['cabbage 3 kg, 500 g carrots', 'basket-how-much'],
    ['carrots '.repeat(9), 'too-many']
  ])('%s is refused: %s', (text, code) => {
    expect(read(text)).toBe(code);
    const found = readBasket(text, ways);
    // In words, with what would work; never what was typed as code.
    if (!found.ok) expect(problem(found.refusal).wouldWork).not.toBe('');
  });

  test('what it answers, a weigh-in takes', () => {
    const text = '3 kg red cabbage, 12 cucumbers, 6-7 jalapeños and three cloves of garlic';
    const found = readBasket(text, ways);
    expect(found.ok && found.value).toHaveLength(4);
    for (const { crop, weight } of found.ok ? found.value : []) {
      const said = { cropId: crop.id, weight, variety: '', bed: '', gross: '', tare: '', note: '' };
      const as = { ...said, withTops: false, sure: false, quality: 'sound', kept: 'room' } as const;
      expect(weighedIn(as, { ways, today: '2026-09-12' })).toMatchObject({ ok: true });
    }
  });
});
