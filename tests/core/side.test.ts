import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ownJars as offeredJars,
  partsAsMade,
  withoutSide,
  worksheet,
  type WorksheetInput
} from '$lib/core/worksheet';
import { plus, salinityIn } from '$lib/core/contents';
import { bench, sheet } from '../support/builders';
import { near } from '../support/vectors';

/** The jars offered, where nothing is refused. */
const ownJars = (...asked: Parameters<typeof offeredJars>) => {
  const made = offeredJars(...asked);
  if (!made.ok) throw new Error(made.refusal.code);
  return made.value;
};
const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0);
const CARROTS: Partial<WorksheetInput> = {
  styleId: 'pieces',
  fraction: 0.03,
  items: [{ id: 'a', cropId: 'carrot', pickedG: 2600, withTops: false, preparedG: 2000 }]
};

describe('a jar of its own for what is over', () => {
  it('shreds: it holds what was weighed, the others the rest, and the salt of both is as it was', () => {
    const main = sheet({ counts: { litre: 2 } });
    const w = sheet({ counts: { litre: 2, half: 1 }, side: { jarId: 'half', g: 300 } });
    expect(w.jars.map((j) => j.jarId)).toEqual(['litre', 'litre', 'half']);
    near(w.jars[2]!.vegG, 300, 1e-9);
    expect(w.chosen.counts).toEqual({ litre: 2, half: 1 });
    // Its top-up comes out of the rounding of a volume.
    near(w.ends.equilibrium, main.ends.equilibrium, 1e-5);
    // Dry salt goes with the leaf: so much in it as in the others.
    near(salinityIn(plus(...partsAsMade(w)[2]!.map((p) => p.what))), 0.022, 1e-5);
    // Filled less than three quarters, it is topped up with brine as strong as the batch.
    expect(w.jars[2]!.toppedUp).toBe(true);
    expect(w.shreds).toBeNull();
  });
  it('pieces: the brine follows the room that is left in each, and its own salt settles elsewhere', () => {
    const w = sheet({ ...CARROTS, counts: { litre: 3, half: 1 }, side: { jarId: 'half', g: 160 } });
    const own = w.jars.at(-1)!;
    near(own.vegG, 160, 1e-9);
    // More brine to its vegetables than the others have.
    const ratio = (j: (typeof w.jars)[number]) => j.brineMl / j.vegG;
    expect(ratio(own)).toBeGreaterThan(ratio(w.jars[0]!));
    near(sum(w.jars.map((j) => j.brineMl)), w.brine!.inJarsMl, 1e-9);
    const settles = salinityIn(
      plus(
        ...partsAsMade(w)
          .at(-1)!
          .map((p) => p.what)
      )
    );
    expect(settles).toBeGreaterThan(w.ends.equilibrium);
  });
  it('is offered smallest first, never for a set’s own jars, nor where it would be nearly empty', () => {
    const input = bench({ ...CARROTS, counts: { litre: 3 } });
    const before = worksheet(input);
    if (!before.ok) throw new Error(before.refusal.code);
    const offered = ownJars(input, before.value, 250);
    expect(offered.map((o) => o.jarId)).toEqual(['half', 'litre']);
    near(offered[0]!.card.vegG, 250, 1e-9);
    expect(ownJars(input, before.value, 500).map((o) => o.jarId)).toEqual(['litre']);
    expect(ownJars(input, before.value, 40)).toEqual([]);
    expect(offeredJars(input, before.value, 2000)).toMatchObject({ refusal: { code: 'more-than-there-is' } });
    // None is free beside the set.
    const held = input.jars.map((j) => ({ ...j, free: j.id === 'litre' ? 3 : 0 }));
    expect(ownJars({ ...input, jars: held }, before.value, 250)).toEqual([]);
    // Asked again with one taken, the set without it is the same.
    const side = { jarId: 'half', g: 250 };
    const counts = { litre: 3, half: 1 };
    const taken = worksheet({ ...input, counts, side });
    if (!taken.ok) throw new Error(taken.refusal.code);
    expect(withoutSide(taken.value.chosen.counts, side)).toEqual({ litre: 3, half: 0 });
    expect(ownJars({ ...input, counts, side }, taken.value, 250)[0]!.settles).toBeCloseTo(
      offered[0]!.settles,
      12
    );
  });
  it('refuses more than there is, a jar that nobody owns, and one that is not free', () => {
    const code = (over: Partial<WorksheetInput>) => {
      const w = worksheet(bench(over));
      return w.ok ? 'made' : w.refusal.code;
    };
    expect(code({ side: { jarId: 'half', g: 2700 } })).toBe('more-than-there-is');
    expect(code({ side: { jarId: 'bucket', g: 200 } })).toBe('jar-kind-unknown');
    const none = bench().jars.map((j) => ({ ...j, free: j.id === 'half' ? 0 : j.free }));
    expect(code({ jars: none, side: { jarId: 'half', g: 200 } })).toBe('jars-not-free');
  });
  it('loses nothing, whatever the style, the jars and what is over', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('shredded', 'pieces', 'slaw'),
        fc.integer({ min: 900, max: 5000 }),
        fc.double({ min: 0.05, max: 0.4, noNaN: true }),
        fc.constantFrom('half', 'litre'),
        (styleId, preparedG, part, jarId) => {
          const items = [{ id: 'a', cropId: 'carrot', pickedG: preparedG * 1.2, withTops: false, preparedG }];
          const g = preparedG * part;
          const w = worksheet(bench({ styleId, items, side: { jarId, g } }));
          if (!w.ok) return;
          const own = w.value.jars.at(-1)!;
          near(sum(w.value.jars.map((j) => j.vegG)), w.value.packedG, 1e-9);
          near(w.value.packedG + w.value.leftG, preparedG, 1e-9);
          expect(own.vegG).toBeLessThanOrEqual(g * (1 + 1e-9));
          near(
            salinityIn(
              plus(
                ...partsAsMade(w.value)
                  .flat()
                  .map((p) => p.what)
              )
            ),
            w.value.ends.equilibrium,
            1e-5
          );
        }
      ),
      { numRuns: 300 }
    );
  });
});
