import { expect, it } from 'vitest';
import type { QuickStart } from '$lib/core/season';
import { freshSays, matterName, mattersHow, startNowSays, sureSays, waitsSays } from '$lib/words';

const ways = { mass: (g: number) => `${g} g`, week: (t: number) => `week ${t}` };
const start: QuickStart = {
  batch: {
    ...{ styleId: 'shredded', week: 0, kg: 3, jars: [], uses: [] },
    ends: [
      { place: 'cellar', week: 5, kg: 1 },
      { place: 'cold', week: 4, kg: 2 }
    ]
  },
  ...{ takesKg: 4, servings: 37.5, wanted: 37.5, leavesKg: 0.72, held: false }
};

it('says what a start now leads to', () => {
  expect(startNowSays(start, ways)).toBe(
    'About 38 servings, all of them wanted. In the cold from the week of week 4. 720 g of it is left over.'
  );
  expect(startNowSays({ ...start, wanted: 20, leavesKg: 0 }, ways)).toBe(
    'About 38 servings, 20 of them wanted. In the cold from the week of week 4.'
  );
  expect(startNowSays({ ...start, wanted: 0.2 }, ways)).toContain('more than is wanted of it');
});

it('says what waiting and eating lead to', () => {
  expect(waitsSays({ until: 0, turnsKg: 1.23 }, ways)).toBe('A week on, about 1200 g of it has turned.');
  expect(waitsSays({ until: 0, turnsKg: 0 }, ways)).toBe('What is not eaten this week turns.');
  expect(waitsSays({ until: 2, turnsKg: 0 }, ways)).toBe(
    'It keeps till the week of week 2; nothing turns before.'
  );
  expect(freshSays({ kg: 0.8, leavesKg: 3.2 }, ways)).toBe(
    'About 800 g while it keeps. 3200 g is left over.'
  );
  expect(freshSays({ kg: 0.8, leavesKg: 0 }, ways)).toBe('About 800 g while it keeps. Nothing is left over.');
});

it('says what matters and how sure a start is', () => {
  expect(`${matterName('winter')} ${mattersHow('more')}`).toBe('The winter’s table matters more');
  expect((['firm', 'likely', 'maybe'] as const).map(sureSays)[1]).toBe('likely');
});
