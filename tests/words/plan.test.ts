import { expect, it } from 'vitest';
import type { PlanFacts } from '$lib/core/season';
import {
  betterSays,
  cameSays,
  changeSays,
  fullSays,
  plannedMore,
  plannedTitle,
  sowSays,
  stopsSays,
  whatIfSays,
  oneMoreSays,
  otherwiseSays,
  planSays,
  provenSays,
  whySays,
  yearsSay
} from '$lib/words';

const ways = { mass: (g: number) => `${g} g`, week: (t: number) => `week ${t}` };
const facts = (lost: number, missed: number, servings: number): PlanFacts => ({
  ...{
    points: 100,
    thrownKg: 0,
    servings,
    hours: [],
    jars: {},
    bottles: [],
    room: { counter: [], cold: [], cellar: [] }
  },
  lost: lost > 0 ? [{ cropId: 'carrot', week: 2, kg: lost }] : [],
  missed: missed > 0 ? [{ group: 'pieces', week: 3, servings: missed }] : []
});

it('says what a plan comes to', () => {
  expect(planSays(facts(1.234, 41, 340), 14, ways)).toBe(
    '14 batches. About 1200 g rots. 340 servings on the table, 41 missed.'
  );
  expect(planSays(facts(0, 0, 1), 1, ways)).toBe(
    '1 batch. Nothing rots. 1 serving on the table, none missed.'
  );
  expect(planSays(facts(0, 0, 0), 0, ways)).toContain('Nothing to begin.');
});

it('says what got better, and nothing where nothing did', () => {
  expect(betterSays(facts(5, 0, 100), facts(1, 0, 160), ways)).toBe(
    '4000 g less rots and 60 servings more are on the table'
  );
  expect(betterSays(facts(1, 0, 100), facts(1, 0, 100), ways)).toBe('');
});

it('says how far a better plan could be, once anybody knows', () => {
  expect(provenSays(993, 1000)).toBe('No plan can be more than 0.7 % better.');
  expect(provenSays(1000, 1000)).toBe('No plan can be better.');
  expect(provenSays(10, Infinity)).toBe('');
});

it('says why, and what one more jar would bring', () => {
  const worth = { points: 5, rotsKg: 2.06, missed: 12, missedFrom: 17 };
  expect(whySays(worth, ways)).toBe(
    'Without it about 2100 g more would rot and 12 servings would be missed, from the week of week 17 on.'
  );
  const all = { ...ways, volume: (ml: number) => `${ml / 1000} l` };
  const jarName = (id: string) => `${id} jar`;
  expect(oneMoreSays({ is: 'jar', sizeId: '1 l' }, worth, all, jarName)).toBe(
    'One more 1 l jar would keep about 2100 g from rotting and bring 12 servings to the table.'
  );
  const nothing = { points: 0, rotsKg: 0, missed: 0, missedFrom: null };
  expect(whySays(nothing, ways)).toBe('It fits in well; leaving it out costs little.');
  expect(oneMoreSays({ is: 'hour' }, nothing, all, jarName)).toBe('');
});

it('says how other years go', () => {
  const band = (low: number, high: number) => ({ low, middle: (low + high) / 2, high });
  const years = {
    begun: [],
    ...{ n: 200, servings: band(430.2, 559.7), rotsKg: band(5.04, 17.2) },
    full: [
      { id: 'cold', share: 1 },
      { id: 'litre', share: 0.42 },
      { id: 'crock', share: 0.02 }
    ]
  };
  expect(yearsSay(years, ways)).toBe(
    '430 to 560 servings come to the table nine times in ten, and 5000 g to 17000 g rots.'
  );
  expect(yearsSay({ ...years, rotsKg: band(0, 3) }, ways)).toContain('up to 3000 g rots');
  expect(yearsSay({ ...years, rotsKg: band(0, 0) }, ways)).toContain('nothing rots');
  expect(fullSays(years, (id) => `the ${id}`)).toBe(
    'Full at some time: the cold in nearly every year; the litre in 4 years of 10.'
  );
  expect(fullSays({ ...years, full: [] }, String)).toBe('');
});

it('says what a change by hand did, what stopped a start, what came of one, and of what one is', () => {
  expect(changeSays(facts(1, 0, 100), facts(1.4, 12, 88), ways)).toBe('12 servings fewer, 400 g more rots');
  expect(changeSays(facts(2, 0, 88), facts(1, 0, 100), ways)).toBe('12 servings more, 1000 g less rots');
  expect(changeSays(facts(1, 0, 100), facts(1, 0, 100), ways)).toBe('as much on the table, and no more rots');
  const worth = { points: 3, rotsKg: 0.4, missed: 12, missedFrom: 3 };
  expect(otherwiseSays(worth, ways)).toBe(
    'about 400 g more rots and 12 servings more are missed, from the week of week 3 on'
  );
  expect(otherwiseSays({ points: 0, rotsKg: 0, missed: 0, missedFrom: null }, ways)).toBe(
    'that costs little'
  );
  const row = { cropId: 'cabbage-white', wantedG: 22_300, metres: { likely: 9.12, least: 5.4, most: 15.4 } };
  const by = { kg: 2.44, least: 1.4, most: 4.1, metres: 6 };
  expect(sowSays({ ...row, perMetre: by }, ways)).toBe(
    'about 9.1 m (5.4 to 15 m), for 22000 g; 6 m this year'
  );
  expect(sowSays({ ...row, perMetre: { ...by, metres: 0 } }, ways)).not.toContain('this year');
  expect(sowSays({ ...row, metres: null, perMetre: null }, ways)).toContain('nobody knows');
  expect(stopsSays('away')).toBe('nobody is here to look after it');
  expect(cameSays('later')).toBe('a week later');
  expect(whatIfSays({ is: 'more-jars', sizeId: 'x' }, () => '1 l clip jar')).toBe('2 more: 1 l clip jar');
  expect(plannedTitle('Kraut')).toBe('Planned this week: Kraut');
  expect(plannedMore([{ name: 'white cabbage', g: 4040 }], 'metric')).toMatch(
    /^About 4.000.g white cabbage\. It moves with what is picked\.$/
  );
  expect(plannedMore([], 'metric')).toBe('It moves with what is picked.');
});
