import { describe, expect, it } from 'vitest';
import { wall } from '$lib/core/calendar';
import { aboutWhen, goesDownWords, type GoesDown } from '$lib/words';

const now = wall('2026-12-01', 9);
const at = (day: string) => wall(day, 12);
const kind = (over: Partial<GoesDown> = {}): GoesDown => ({
  gone: { early: at('2027-01-05'), likely: at('2027-01-17'), late: at('2027-02-25') },
  ...{
    short: null,
    comesAt: null,
    comes: '0 g',
    week: '240 g',
    learntFrom: '2.1 kg',
    spoils: '',
    pastBest: ''
  },
  ...over
});

describe('how long something lasts, in words', () => {
  it('a day is named while it is near, a part of its month when it is far', () => {
    expect(aboutWhen(at('2026-12-04'), now)).toBe('Fri 4 Dec');
    expect(['2027-01-10', '2027-01-11', '2027-01-21'].map((d) => aboutWhen(at(d), now))).toEqual([
      'early January',
      'mid January',
      'late January'
    ]);
  });
  it('says till when, between what, and why', () => {
    expect(goesDownWords(kind(), now)).toEqual({
      says: ['Gone in mid January; nine times in ten between early January and late February.'],
      why: '240 g a week, from 2.1 kg that you ate in the last half year.'
    });
    expect(goesDownWords(kind({ learntFrom: '' }), now).why).toMatch(/^A guess: 240 g a week/);
  });
  it('says where it lacks, what comes, and what would be lost', () => {
    const { says } = goesDownWords(
      kind({
        short: { from: at('2026-12-06'), to: at('2026-12-20') },
        comesAt: at('2026-12-21'),
        ...{ comes: '1.4 kg more', spoils: '300 g', pastBest: '900 g' }
      }),
      now
    );
    expect(says.slice(1)).toEqual([
      'None from Sun 6 Dec to mid December.',
      '1.4 kg more comes from the counter in late December.',
      'About 300 g would go past its longest keeping: eat it first, or give some away.'
    ]);
  });
  it('what lasts longer than one looks says so', () => {
    const gone = { early: at('2027-08-30'), likely: null, late: null };
    expect(goesDownWords(kind({ gone }), now).says[0]).toBe(
      'Lasts more than a year at your pace, at a fast one to late August.'
    );
    expect(goesDownWords(kind({ gone: { ...gone, early: null } }), now).says[0]).toBe(
      'Lasts more than a year at your pace.'
    );
    const open = { ...kind().gone, late: null };
    expect(goesDownWords(kind({ gone: open }), now).says[0]).toMatch(/early January and more than a year\.$/);
  });
});
