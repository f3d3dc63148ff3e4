import { saltNotes } from '$lib/words';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { as } from '$lib/core/quantity';
import {
  brineOf,
  coolingMinutes,
  fromSaved,
  rinsedLeaf,
  strengthOf,
  TASTE_WORDS,
  tasteWord
} from '$lib/core/salt';
import { bench, sheet } from '../support/builders';
import { near, vector } from '../support/vectors';

const KEEPS = { from: 0.75, to: 0.9 };
const LEAVES = { from: 0.015, to: 0.03 };
const LEAF = { mean: 1700, sd: 8 };

describe('salted and rinsed leaf', () => {
  it('measured: what is wet in it carries the salinity that was read', () => {
    const leaf = rinsedLeaf(LEAF, 95, { afterG: 1400, reading: { salinity: 0.02 } }, KEEPS, LEAVES);
    expect([leaf.by, leaf.after.mean]).toEqual(['salinity', 1400]);
    near(leaf.naclG, 26.1, 1e-9);
    near(leaf.naclG + leaf.waterG + 95, 1400, 1e-9);
  });
  it('a taste is less sure than a reading, and nothing at all is the least sure', () => {
    const sd = (reading: { salinity: number } | { taste: string } | null) =>
      rinsedLeaf(LEAF, 95, { afterG: 1400, reading }, KEEPS, LEAVES).salinity.sd;
    expect(sd({ salinity: 0.0175 })).toBeLessThan(sd({ taste: 'soup' }));
    expect(sd({ taste: 'soup' })).toBeLessThan(sd(null));
    const blind = rinsedLeaf(LEAF, 95, undefined, KEEPS, LEAVES);
    expect([blind.by, blind.after.mean]).toEqual(['estimate', 1700 * 0.825]);
  });
  it('tastes stand in order, and an unknown one is no reading', () => {
    const means = TASTE_WORDS.map((t) => t.salinity.mean);
    expect([...means].sort((a, b) => a - b)).toEqual(means);
    expect(tasteWord('bitter')).toBeUndefined();
    expect(rinsedLeaf(LEAF, 95, { afterG: null, reading: { taste: 'bitter' } }, KEEPS, LEAVES).by).toBe(
      'estimate'
    );
  });

  const napa = {
    styleId: 'leaf-rinsed',
    items: [{ id: 'n', cropId: 'cabbage-napa', pickedG: 2000, withTops: false, preparedG: 1700 }]
  };
  it('on the worksheet: heavy salt first, then only what is missing; the whole ends where it was wanted', () => {
    const w = sheet({ ...napa, rinsed: { afterG: 1400, reading: { salinity: 0.012 } } });
    near(w.rinse!.heavySaltG, 136, 1e-9);
    near(w.ends.equilibrium, 0.022, 1e-9);
    expect(w.salt.naclG).toBeLessThan(w.rinse!.naclG);
    expect(w.cautions.filter((c) => c.level === 'harm')).toEqual([]);
    near(w.packedG, 1400, 1e-9);
  });
  it('unmeasured it is a harm that must be read; too salty is said, and no salt is added', () => {
    const rules = (over: object) => sheet({ ...napa, ...over }).cautions.map((c) => `${c.level} ${c.rule}`);
    expect(rules({})).toContain('harm rinse-unmeasured');
    const salty = sheet({ ...napa, rinsed: { afterG: 1400, reading: { salinity: 0.04 } } });
    expect(salty.salt.weighG).toBe(0);
    expect(salty.cautions.map((c) => c.rule)).toContain('rinse-salty');
    expect(salty.ends.equilibrium).toBeGreaterThan(0.035);
  });
  it('is offered only where the style salts so', () => {
    const w = (() => bench({ salting: 'rinsed' }))();
    expect(() => sheet(w)).toThrow('salting-not-of-style');
  });
});

describe('brine that is there already', () => {
  const v = vector('V25');
  it(v.name, () => {
    // A strong stock thinned to the jar's brine: 400 g of it take so much water.
    const ml = v.in.stockG / (brineOf(1000, as.trueStrength(v.in.stock), 20).naclG / v.in.stock / 1000);
    const whole = v.in.stockG / (v.in.target / v.in.stock);
    const wanted = brineOf(
      whole / (brineOf(1000, as.trueStrength(v.in.target), 20).naclG / v.in.target / 1000),
      as.trueStrength(v.in.target),
      20
    );
    const { used, rest } = fromSaved(
      wanted,
      [{ id: 's', name: 'Stock', ml, strength: as.trueStrength(v.in.stock) }],
      20
    );
    near(used[0]!.ml, ml, 1e-9);
    near(rest.waterG, v.out.waterG, v.tol);
    expect(rest.naclG).toBeLessThan(1e-6);
  });
  it('salt and water add up to the wanted brine whatever stands there, and never less than nothing is asked', () => {
    const strength = fc.double({ min: 0.001, max: 0.2, noNaN: true });
    const stock = fc.array(fc.tuple(strength, fc.integer({ min: 5, max: 3000 })), { maxLength: 4 });
    fc.assert(
      fc.property(strength, fc.integer({ min: 50, max: 8000 }), stock, (b, ml, there) => {
        const wanted = brineOf(ml, as.trueStrength(b), 20);
        const bottles = there.map(([s, has], i) => ({
          id: `s${i}`,
          name: 'x',
          ml: has,
          strength: as.trueStrength(s)
        }));
        const { used, rest } = fromSaved(wanted, bottles, 20);
        const parts = used.map((u) =>
          brineOf(u.ml, bottles.find((s) => s.id === u.id)?.strength ?? as.trueStrength(0), 20)
        );
        const all = (f: 'naclG' | 'waterG') => rest[f] + parts.reduce((a, p) => a + p[f], 0);
        near(all('naclG'), wanted.naclG, 1e-9);
        near(all('waterG'), wanted.waterG, 1e-9);
        expect(Math.min(rest.naclG, rest.waterG)).toBeGreaterThanOrEqual(0);
        for (const u of used)
          expect(u.ml).toBeLessThanOrEqual((bottles.find((s) => s.id === u.id)?.ml ?? 0) + 1e-9);
      })
    );
  });
  it('on the worksheet: less water and salt to weigh, the same jars in the end', () => {
    const kohl = {
      styleId: 'pieces',
      fraction: 0.025,
      items: [{ id: 'k', cropId: 'kohlrabi', pickedG: 1640, withTops: false, preparedG: 1195 }]
    };
    const fresh = sheet(kohl);
    const stock = [{ id: 'a', name: 'Turnip brine', ml: 500, strength: as.trueStrength(0.04) }];
    const w = sheet({ ...kohl, brine: { mix: 'jug', hot: false, saved: stock } });
    near(w.brine!.fromSaved[0]!.ml, 500, 1e-9);
    near(w.ends.equilibrium, 0.025, 1e-9);
    expect(w.salt.weighG).toBeLessThan(fresh.salt.weighG);
    near(w.brine!.waterG + brineOf(500, as.trueStrength(0.04), 20).waterG, fresh.brine!.waterG, 1e-6);
  });
  it('in the jar: nothing to spare; hot: how long it cools and that it cracks glass', () => {
    const items = [{ id: 'k', cropId: 'kohlrabi', pickedG: 1640, withTops: false, preparedG: 1195 }];
    const inJar = sheet({ styleId: 'pieces', items, brine: { mix: 'in the jar', hot: true, saved: [] } });
    near(inJar.brine!.mixMl, inJar.brine!.inJarsMl, 1e-12);
    expect(inJar.brine!.coolsMinutes).toBeGreaterThan(60);
    expect(inJar.cautions.map((c) => c.rule)).toContain('hot-brine');
  });
  it('cools by Newton’s law: longer for more, never below the room', () => {
    near(coolingMinutes(1000, 95, 30, 21), 158, 0.01);
    expect(coolingMinutes(4000, 95, 30, 21)).toBeGreaterThan(coolingMinutes(1000, 95, 30, 21));
    expect([coolingMinutes(1000, 25, 30, 21), coolingMinutes(1000, 95, 20, 21)]).toEqual([0, Infinity]);
  });
  it('strength of salt in water; what is worth knowing of a salt', () => {
    expect(strengthOf(30, 970)).toBe(0.03);
    expect(strengthOf(0, 0)).toBe(0);
    expect(saltNotes({ id: 'flaky' })[0]).toMatch(/Weigh it/);
    expect(saltNotes({ id: 'table-fine' })[0]).toMatch(/iodine/);
    expect(saltNotes({ id: 'pickling' })).toEqual([]);
  });
  it('a water bag is filled with brine as strong as the batch', () => {
    const jars = bench().jars.map((j) => ({
      ...j,
      weight: { kind: 'water bag' as const, displacesMl: 120, heightMm: 20, widthMm: 90 }
    }));
    const w = sheet({ jars });
    expect(w.bags).toMatchObject({ bags: w.jars.length, eachMl: 120 });
    near(
      w.bags!.saltG / (w.bags!.waterG + w.bags!.saltG),
      w.ends.equilibrium / 0.985,
      0.02 // rounded for the hand
    );
  });
});

describe('dried things drink', () => {
  it('their water stays in the jar, but the juice may run short', () => {
    const w = sheet({ extras: [{ id: 'dried-seaweed', g: 60 }] });
    near(w.extras[0]!.drinksG, 300, 1e-9);
    near(w.ends.equilibrium, 0.022, 1e-9);
    expect(w.cautions.map((c) => c.rule)).toContain('juice-short');
  });
});
