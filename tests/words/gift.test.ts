import { describe, expect, it } from 'vitest';
import { wall } from '$lib/core/calendar';
import { giftLines, giftText, type GiftSaid } from '$lib/words';

const gift = (over: Partial<GiftSaid> = {}): GiftSaid => ({
  label: {
    ...{
      fillingId: 'k.j1',
      lidNumber: 7,
      name: 'Kohlrabi sticks, mustard seed',
      madeAt: wall('2026-09-01', 9)
    },
    ...{
      salinity: 0.024,
      putRightAt: null,
      heatedAt: null,
      allergens: ['mustard'],
      eatFrom: null,
      bestTill: wall('2027-03-01', 9)
    }
  },
  holds: ['kohlrabi', 'salt', 'mustard seed'],
  ...{ to: 'Ida', from: 'Osier Bank' },
  ...over
});
const texts = (g: GiftSaid) => giftLines(g).map((l) => l.text.replace(/\s/g, ' '));

describe('a card for who is given a jar', () => {
  it('says what is in it, what some must not eat, how to keep it and till when', () => {
    expect(texts(gift())).toEqual([
      'For Ida, from Osier Bank',
      'In it, as written down: kohlrabi, salt, mustard seed.',
      'Contains mustard.',
      'Fermented, raw and alive; made 1 Sep 2026. Salty: 2.4 % salt.',
      'Keep it in the fridge, closed, everything under its brine. It may fizz: open it over a sink.',
      'Best till 1 Mar 2027, opened sooner.',
      'Who is pregnant, very young, very old or ill asks a doctor first.',
      'Looks or smells wrong? Throw it out untasted.'
    ]);
    expect(
      giftLines(gift())
        .filter((l) => l.strong)
        .map((l) => l.text)[0]
    ).toBe('Contains mustard.');
  });
  it('says nothing that nobody knows', () => {
    const { label } = gift();
    const plain = gift({ to: '', label: { ...label, allergens: [], salinity: null, bestTill: null } });
    expect(texts(plain)).toHaveLength(6);
    expect(texts(plain)[0]).toBe('From Osier Bank');
    expect(texts(plain).join(' ')).not.toMatch(/salt\.$|Contains|Best till|null|NaN/);
  });
  it('as a code it is the same words under the name', () =>
    expect(
      giftText(gift())
        .split('\n')
        .map((l) => l.replace(/\s/g, ' '))
    ).toEqual(['Kohlrabi sticks, mustard seed', ...texts(gift())]));
});
