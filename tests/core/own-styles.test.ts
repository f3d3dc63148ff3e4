import { describe, expect, it } from 'vitest';
import { careTasks, counterWindow } from '$lib/core/care';
import { keepUntil } from '$lib/core/larder';
import { evolveHousehold, NEW_HOUSEHOLD, styleDropped, styleTyped, type StyleTyped } from '$lib/core/kit';
import { usualTarget } from '$lib/core/batch';
import {
  factsOf,
  proposeStyles,
  style,
  styleIn,
  styleMade,
  stylesIn,
  STYLES,
  usualSaltFor
} from '$lib/core/style';
import { careAt } from '../support/care';
import { batch, PLACES, sheet, START } from '../support/builders';
import { near } from '../support/vectors';

const TYPED: StyleTyped = {
  like: 'pieces',
  name: 'Long sticks',
  salt: null,
  daysFrom: null,
  daysTo: null,
  monthsFrom: null,
  monthsTo: null,
  cutLike: '',
  cutName: '',
  cutWeight: ''
};
const said = (over: Partial<StyleTyped>, house = NEW_HOUSEHOLD) => styleTyped(house, { ...TYPED, ...over });
const event = (over: Partial<StyleTyped>, house = NEW_HOUSEHOLD) => {
  const r = said(over, house);
  if (!r.ok) throw new Error(r.refusal.code);
  return r.value;
};
const after = (over: Partial<StyleTyped>, house = NEW_HOUSEHOLD) =>
  evolveHousehold(house, event(over, house), 0);
const code = (r: ReturnType<typeof said>) => (r.ok ? '' : `${r.refusal.code} ${r.refusal.field}`);

describe('a way of one’s own to make a style', () => {
  const table = style('pieces')!;
  const house = after({ salt: 2.8, daysFrom: 5 });
  const own = styleIn('pieces_1', house.styles)!;
  it('has its own salt and days, and the rest of its style', () => {
    expect(own).toEqual({
      ...table,
      id: 'pieces_1',
      name: 'Long sticks',
      usualSalt: 0.028,
      cropSalt: {},
      counterDays: { from: 5, to: table.counterDays.to }
    });
    expect(usualSaltFor(own, ['cucumber-small'])).toBe(0.028);
    expect(
      stylesIn(house.styles)
        .map((s) => s.id)
        .slice(0, 12)
    ).toContain('pieces_1');
    expect(
      proposeStyles({
        ...{ stockG: {}, mild: false, crops: [], styles: house.styles },
        bench: [{ cropId: 'kohlrabi', g: 2000 }]
      }).map((p) => p.style.id)
    ).toContain('pieces_1');
  });
  it('makes a worksheet, and steps and notes stay the table’s', () => {
    const w = sheet({
      styleId: 'pieces_1',
      styles: house.styles,
      fraction: 0.028,
      items: [{ id: 'a', cropId: 'kohlrabi', pickedG: 1400, withTops: false, preparedG: 900 }]
    });
    expect(w).toMatchObject({ styleId: 'pieces_1', salting: 'brine' });
    near(w.ends.equilibrium, 0.028, 1e-9);
    expect(style('pieces_1')?.steps).toBe(table.steps);
    expect(styleIn('pieces_2', house.styles)).toBeUndefined();
  });
  it('has a cut of its own, which packs as the household says and is learnt apart', () => {
    const matchsticks = { cutLike: 'spear', cutName: 'Matchsticks', cutWeight: '620 g' } as const;
    const cut = after(matchsticks);
    expect(cut.styles[0]?.cut).toEqual({ name: 'Matchsticks', like: 'spear', gPerLitre: 620 });
    // A quart is 0.946353 l (NIST SP 811).
    const us = after({ ...matchsticks, cutWeight: '1 lb' }, { ...NEW_HOUSEHOLD, units: 'US' });
    near(us.styles[0]!.cut!.gPerLitre!, 453.59237 / 0.946353, 1e-3);
    const kohlrabi = [{ id: 'a', cropId: 'kohlrabi', pickedG: 1400, withTops: false, preparedG: 900 }];
    const made = (packings = {}) =>
      sheet({ styleId: 'pieces_1', styles: cut.styles, fraction: 0.025, items: kohlrabi, packings })
        .items[0]!;
    expect(made()).toMatchObject({ cut: 'spear', packingFrom: 0 });
    near(made().packing, 0.62 / made().crop.density, 1e-9);
    const taught = { mean: 0.5, sd: 0.02, n: 3 };
    expect(made({ 'kohlrabi.spear': taught }).packingFrom).toBe(0);
    expect(made({ 'kohlrabi.pieces_1-spear': taught })).toMatchObject({ packing: 0.5, packingFrom: 3 });
    // What was made by it keeps its cut, whatever the household says later.
    const facts = factsOf(styleIn('pieces_1', cut.styles)!);
    expect(styleMade({ styleId: 'pieces_1', style: facts })?.ownCut?.name).toBe('Matchsticks');
    expect(styleMade({ styleId: 'pieces', style: factsOf(table) })?.ownCut).toBeUndefined();
    const back = evolveHousehold(cut, event({ styleId: 'pieces_1' }, cut), 0);
    expect(styleIn('pieces_1', back.styles)?.ownCut).toBeUndefined();
  });
  it('refuses a cut that the style does not allow, without a name, or that fills no jar', () => {
    const own = { cutLike: 'spear', cutName: 'Matchsticks' } as const;
    expect(code(said({ ...own, cutLike: 'mash' }))).toBe('not-a-choice cutLike');
    expect(code(said({ ...own, cutName: '' }))).toBe('missing cutName');
    expect(code(said({ cutName: 'Matchsticks' }))).toBe('missing cutLike');
    expect(code(said({ ...own, cutWeight: '20 g' }))).toBe('cut-weight-strange cutWeight');
    expect(code(said({ ...own, cutWeight: '1.2 kg' }))).toBe('cut-weight-strange cutWeight');
    expect(code(said({ ...own, cutWeight: '' }))).toBe('');
  });
  it('stays within what keeps the style safe', () => {
    const { salt, counterDays, coldMonths } = table;
    expect(code(said({ salt: salt.from * 100 - 0.1 }))).toBe('outside-style salt');
    expect(code(said({ salt: salt.to * 100 + 0.1 }))).toBe('outside-style salt');
    expect(code(said({ daysFrom: counterDays.from * 0.5 - 0.1 }))).toBe('outside-style daysFrom');
    expect(code(said({ daysTo: counterDays.to * 2 + 1 }))).toBe('outside-style daysFrom');
    expect(code(said({ monthsTo: coldMonths.to + 1 }))).toBe('outside-style monthsFrom');
    for (const s of STYLES) {
      const edge = {
        like: s.id,
        salt: s.salt.from * 100,
        daysTo: s.counterDays.to,
        monthsTo: s.coldMonths.to
      };
      expect(code(said(edge)), s.id).toBe('');
    }
  });
  it('is refused without a name, with another’s, and of no style', () => {
    expect(code(said({ name: '' }))).toBe('missing name');
    expect(code(said({ name: table.name.toUpperCase() }))).toBe('name-taken name');
    expect(code(said({ name: 'long  sticks' }, house))).toBe('name-taken name');
    expect(code(said({ like: 'nope' }))).toBe('style-unknown like');
    expect(code(said({ styleId: 'pieces_9' }))).toBe('style-unknown styleId');
  });
  it('dropped, it is not offered any more', () => {
    const dropped = styleDropped(house, 'pieces_1');
    if (!dropped.ok) throw new Error();
    const gone = evolveHousehold(house, dropped.value, 0);
    expect(stylesIn(gone.styles)).toEqual([...STYLES]);
    expect(code(said({}, gone))).toBe('');
    expect(code(said({ like: 'pieces_1' }))).toBe('style-unknown like');
    expect(styleDropped(house, 'pieces')).toMatchObject({ refusal: { code: 'style-unknown' } });
  });
});

describe('what the style was when a batch began', () => {
  it('its care, its keeping and its aim go by that, whatever the table says today', () => {
    const now = START + 3 * 1440;
    const usual = batch({ styleId: 'pieces' });
    const facts = {
      ...factsOf(style('pieces')!),
      counterDays: { from: 2, to: 9 },
      coldMonths: { from: 1, to: 2 }
    };
    const other = batch({ styleId: 'pieces', style: { ...facts, usualSalt: 0.031 } });
    const unknown = { ...usual, items: [] };
    const window = (b: typeof usual) => counterWindow(b, b.fillings[0]!, careAt(PLACES, now))!;
    // Days that the household said of its own way rule; of what nobody knows the crops, the style's do.
    const days = (b: typeof usual) => [window(b).from, window(b).to].map((at) => (at - START) / 1440);
    expect(days(other)).toEqual([2, 9]);
    const { from, to } = style('pieces')!.counterDays;
    expect(days(unknown)).toEqual([from, to]);
    expect(days(usual)).not.toEqual([from, to]);
    const at = START + 10 * 1440;
    expect(careTasks(other, careAt(PLACES, at), at).map((t) => t.kind)).toContain('toCold');
    const jar = { ...usual.fillings[0]!, stays: [{ placeId: 'fridge', from: START }] };
    const best = (b: typeof usual) => keepUntil(b.style, jar, PLACES)!.best;
    expect(best(other)).toBeLessThan(best(usual));
    expect(usualTarget(other)).toBe(0.031);
  });
});
