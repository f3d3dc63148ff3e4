import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mmUnderLine, readLiquid } from '$lib/core/batch';
import { evaporatedMl, levelBy, levelFacts, TROUBLE_BY, vapourAt, type LevelFacts } from '$lib/core/care';
import { MINUTES_PER_DAY } from '$lib/core/calendar';
import { waysOf, NEW_HOUSEHOLD, USUAL_ROUNDS } from '$lib/core/kit';
import { aheadOf, knowsOf, outlookOf } from '$lib/core/outlook';
import { LIDS } from '$lib/core/vessel';
import { LEVEL_WORDS } from '$lib/words';
import { batch, PLACES, START } from '../support/builders';
import { near } from '../support/vectors';

const facts = (over: Partial<LevelFacts> = {}): LevelFacts => ({
  ...{ lid: 'clamped', dry: false, hours: 240, evenHours: 48, gas: 'over', swellMl: 60, roomMl: 120 },
  ...{ airMl: 30, openMm2: 5000, days: 10, tempC: 20 },
  ...over
});
const causes = (f: LevelFacts, ml: number | null = null) => levelBy(f, ml).map((c) => c.cause);

describe('why brine stands low', () => {
  it('in the first day of dry-salted leaf it is in the leaf still, and nothing is poured', () => {
    const young = facts({ dry: true, hours: 10, gas: 'before' });
    expect(causes(young, 100)).toEqual(['undrawn']);
    expect(TROUBLE_BY.undrawn).toBeNull();
    expect(causes(facts({ dry: true, hours: 30, gas: 'before' }))).toEqual(['leaks']);
  });
  it('in the lively days it is lifted, or has run over where it swells more than there is room', () => {
    expect(causes(facts({ gas: 'lively', dry: true }))[0]).toBe('lifted');
    expect(causes(facts({ gas: 'lively', dry: true, swellMl: 300 }))).toContain('ranOver');
    expect(levelBy(facts({ gas: 'over', swellMl: 300 }), 150)[0]).toMatchObject({
      cause: 'ranOver',
      upToMl: 180
    });
  });
  it('when its gas is over it sank back, or was drawn into pieces in brine; never into dry-salted shreds', () => {
    expect(causes(facts())).toEqual(['sunkBack', 'drawnIn']);
    expect(causes(facts({ dry: true }))).toEqual(['sunkBack']);
  });
  it('under a cloth water goes; a lid that is shut lets none out', () => {
    const crock = facts({ lid: 'cloth', dry: true, openMm2: 31_416, days: 10, swellMl: 0, airMl: 0 });
    // Worked by hand: a millimetre a day of 200 mm across, ten days.
    near(evaporatedMl(crock), 314.2, 1e-3);
    expect(levelBy(crock, 250)[0]).toMatchObject({ cause: 'evaporated' });
    for (const lid of LIDS.filter((l) => l !== 'cloth' && l !== 'loose'))
      expect(causes(facts({ lid, dry: true }))).not.toContain('evaporated');
    // Vapour over water, recalled from memory: 23.4 hPa at 20 °C, 42.5 at 30, 12.3 at 10.
    near(vapourAt(30), 42.5 / 23.4, 0.01);
    near(vapourAt(10), 12.3 / 23.4, 0.01);
  });
  it('what can have taken so much comes first; more than all of it together has leaked', () => {
    const f = facts({ swellMl: 20, airMl: 100 });
    expect(causes(f, 90)[0]).toBe('drawnIn');
    expect(causes(f, 15)[0]).toBe('sunkBack');
    expect(causes(f, 600)[0]).toBe('leaks');
    expect(TROUBLE_BY.leaks).toBe('spilled');
  });
  it('always answers, each cause once, and every one has its words; more time evaporates more', () =>
    fc.assert(
      fc.property(
        fc.record({
          lid: fc.constantFrom(...LIDS),
          dry: fc.boolean(),
          hours: fc.integer({ min: 0, max: 4000 }),
          evenHours: fc.integer({ min: 1, max: 300 }),
          gas: fc.constantFrom('before' as const, 'lively' as const, 'over' as const),
          swellMl: fc.integer({ min: 0, max: 2000 }),
          roomMl: fc.integer({ min: 20, max: 2000 }),
          airMl: fc.integer({ min: 0, max: 400 }),
          openMm2: fc.integer({ min: 2000, max: 80_000 }),
          days: fc.integer({ min: 0, max: 160 }),
          tempC: fc.integer({ min: 0, max: 35 })
        }),
        fc.option(fc.integer({ min: 1, max: 5000 })),
        (f, ml) => {
          const found = causes(f, ml);
          expect(found.length).toBeGreaterThan(0);
          expect(new Set(found).size).toBe(found.length);
          for (const c of found) expect(LEVEL_WORDS[c].does).toMatch(/\.$/);
          expect(evaporatedMl({ ...f, days: f.days + 1 })).toBeGreaterThanOrEqual(evaporatedMl(f));
        }
      )
    ));
});

describe('the level of a standing jar', () => {
  const knows = knowsOf({ places: PLACES, crops: [], resets: {}, rounds: USUAL_ROUNDS }, []);
  const at = (days: number, over: Parameters<typeof batch>[0] = {}) => {
    const b = batch(over);
    const f = b.fillings[0]!;
    const now = START + days * MINUTES_PER_DAY;
    const ahead = aheadOf(b, f, knows, now)!;
    return levelFacts(b, f, { ahead, outlook: outlookOf(ahead) }, now);
  };
  it('is judged by its days and its gas', () => {
    expect(at(0.3).gas).toBe('before');
    expect(at(3).gas).toBe('lively');
    expect(at(30)).toMatchObject({ gas: 'over', dry: true, lid: 'clamped' });
    near(at(30).days, 30, 1e-9);
    expect(causes(at(0.3))).toEqual(['undrawn']);
  });
  it('another lid begins its time anew: a cloth since yesterday has not let a month of water go', () => {
    const now = START + 30 * MINUTES_PER_DAY;
    const lid = { type: 'lidChanged' as const, data: { fillingIds: ['f1'], lid: 'cloth' as const } };
    const b = batch({}, [[29 * 24, lid]]);
    const f = b.fillings[0]!;
    const ahead = aheadOf(b, f, knows, now)!;
    near(levelFacts(b, f, { ahead, outlook: outlookOf(ahead) }, now).days, 1, 1e-9);
  });
  it('what is missing is said in ml or in mm of this jar, and both are one', () => {
    const f = batch().fillings[0]!;
    const g = readLiquid('10 mm', 'amount', f, waysOf(NEW_HOUSEHOLD));
    // Grams of a 2 % brine at 20 °C: 1.0124 to the ml, by the density formula that salt.test.ts holds.
    near(mmUnderLine(f, g.ok ? g.value / 1.0124 : 0), 10, 2e-3);
  });
});
