import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bowlTooSalty,
  bufferFrom,
  drawn,
  evaporated,
  madeAcid,
  phaseOf,
  poured,
  putRight,
  saltIn,
  saltToAdd,
  souring,
  STANDARD_TOP_UP,
  swapForWater,
  vegetablesToAdd,
  VINEGAR_MMOL_PER_ML,
  waterToReach,
  type JarNow,
  type Phase,
  type Remedy,
  type Trouble
} from '$lib/core/correct';
import { as } from '$lib/core/quantity';
import { tally } from '../support/tally';
import { near, vector } from '../support/vectors';

const eq = as.equilibriumSalinity;
const at = (massG: number, salinity: number): Phase => ({ massG, salinity: eq(salinity) });
const jar = (phase: Phase, target: number, over: Partial<JarNow> = {}): JarNow => ({
  phase,
  target: eq(target),
  roomG: 1e9,
  evenHours: 21,
  ageHours: 200,
  ...over
});
const right = (j: JarNow, t: Trouble): Remedy => {
  const r = putRight(j, t);
  if (!r.ok) throw new Error(r.refusal.code);
  return r.value;
};

describe('balances, against computed check values', () => {
  const v28 = vector('V28');
  it(v28.name, () => {
    const p = phaseOf(v28.in.saltG, 0, v28.in.vegG * v28.in.moisture);
    near(p.massG, v28.out.M, v28.tol);
    near(p.salinity, v28.out.s0, v28.tol);
    near(poured(p, v28.in.addG, as.trueStrength(0)).salinity, v28.out.afterWater, v28.tol);
    const b = as.trueStrength(v28.in.brineTrueStrength);
    near(poured(p, v28.in.addG, b).salinity, v28.out.afterBrine, v28.tol);
    near(poured(p, v28.in.addG, as.trueStrength(p.salinity)).salinity, v28.out.toKeep, v28.tol);
  });
  const v29 = vector('V29');
  it(v29.name, () => {
    const bowl = bowlTooSalty(
      v29.in.saltG,
      v29.in.vegG * v29.in.moisture,
      eq(v29.in.target),
      v29.in.moisture
    );
    if (!bowl.ok) throw new Error(bowl.refusal.code);
    near(bowl.value.now.salinity, v29.out.s0, v29.tol);
    near(bowl.value.now.massG, v29.out.M, v29.tol);
    near(bowl.value.addVegG, v29.out.addVegG, v29.tol);
    near(bowl.value.after.salinity, v29.in.target, 1e-9);
    near(vegetablesToAdd(bowl.value.now, eq(v29.in.target), v29.in.moisture), v29.out.addVegG, v29.tol);
  });
  const v30 = vector('V30');
  it(v30.name, () => {
    const p = phaseOf(v30.in.saltG, v30.in.waterG, v30.in.vegG * v30.in.moisture);
    near(p.massG, v30.out.M, v30.tol);
    near(p.salinity, v30.out.s0, v30.tol);
    const swap = swapForWater(p, eq(v30.in.target), 900)!;
    expect(swap.times).toBe(1);
    near(swap.eachG, v30.out.drawOffG, v30.tol);
  });
  const v31 = vector('V31');
  it(v31.name, () => {
    const p = at(v31.in.M, v31.in.s0);
    near(swapForWater(p, eq(v31.in.target), 1e6)!.eachG, v31.out.oneSwapG, v31.tol);
    const swap = swapForWater(p, eq(v31.in.target), v31.in.freeBrineG)!;
    expect(swap.times).toBe(v31.out.steps);
    near(swap.eachG, v31.out.equalSwapG, v31.tol);
    near(swap.totalG, v31.out.totalG, v31.tol);
    expect(swapForWater(p, eq(v31.in.target), 20)).toBeUndefined();
  });
  const v32 = vector('V32');
  it(v32.name, () => {
    const p = phaseOf(v32.in.saltG, v32.in.waterG, v32.in.vegG * v32.in.moisture);
    near(p.massG, v32.out.M, v32.tol);
    near(p.salinity, v32.out.s0, v32.tol);
    near(saltToAdd(p, eq(v32.in.target)), v32.out.addSaltG, 0.003);
  });
  const v33 = vector('V33');
  it(v33.name, () => {
    const p = at(v33.in.M, v33.in.s0);
    const lost = drawn(p, v33.in.lostG);
    near(saltIn(p) - saltIn(lost), v33.out.saltLostG, v33.tol);
    near(poured(lost, v33.in.lostG, as.trueStrength(0)).salinity, v33.out.afterWater, v33.tol);
    const spilled = right(jar(p, v33.in.s0), { kind: 'spilled', missingG: v33.in.lostG });
    expect(spilled.doing[0]).toMatchObject({ act: 'brine' });
    near(spilled.after.salinity, v33.out.brineToKeep, v33.tol);
    const dry = right(jar(p, v33.in.s0), { kind: 'evaporated', missingG: v33.in.lostG });
    expect(dry.doing).toEqual([{ act: 'water', waterG: v33.in.lostG, times: 1 }]);
    near(dry.after.salinity, v33.out.afterEvaporationRefill, v33.tol);
    near(evaporated(p, v33.in.lostG).salinity, (0.024 * 1400) / 1250, 1e-9);
  });
});

describe('each trouble has its own answer', () => {
  it('short: plain water while it is above the target, then brine of the target', () => {
    const salty = right(jar(at(1110, 0.028), 0.022), { kind: 'short', missingG: 180 });
    expect(salty.doing[0]!.act).toBe('water');
    const little = right(jar(at(1110, 0.023), 0.022), { kind: 'short', missingG: 180 });
    expect(little.doing[0]).toMatchObject({ act: 'brine' });
    near(little.after.salinity, 0.022, 1e-9);
    // The salinity where plain water and the guide's brine would end stand beside it.
    expect(little.beside.water!).toBeLessThan(0.022);
    expect(little.beside.standard!).toBeGreaterThan(0.022);
  });
  it('never pours a brine nobody would: what is far too weak stays under the target, and is salted next', () => {
    const r = right(jar(at(1000, 0.005), 0.03), { kind: 'short', missingG: 50 });
    expect(r.doing[0]).toMatchObject({ act: 'brine', strength: 0.06 });
    expect(r.after.salinity).toBeLessThan(0.03);
  });
  it('drawn in: wait a day and press first, its own brine only if it must be covered', () => {
    const r = right(jar(at(1000, 0.025), 0.022), { kind: 'drawn-in', missingG: 40 });
    expect(r.doing.map((d) => d.act)).toEqual(['wait', 'brine']);
    near(r.after.salinity, 0.025, 1e-12);
  });
  it('a wrong top-up already poured: plain water wants salt, strong brine a swap, a right one nothing', () => {
    const p = at(1400, 0.022);
    const pour = (strength: number): Trouble => ({
      kind: 'wrong-top-up',
      pouredG: 300,
      strength: as.trueStrength(strength),
      freeBrineG: 600
    });
    expect(right(jar(p, 0.022), pour(0)).doing[0]!.act).toBe('salt');
    expect(right(jar(p, 0.022), pour(0.06)).doing.map((d) => d.act)).toEqual(['draw', 'water']);
    expect(right(jar(p, 0.022), pour(0.0221)).doing).toEqual([]);
  });
  it('unsalted things after salting: the salt they want', () => {
    const r = right(jar(at(1400, 0.022), 0.022), { kind: 'unsalted-added', addedG: 300, moisture: 0.9 });
    near((r.doing[0] as { naclG: number }).naclG, (0.022 / 0.978) * 270, 1e-9);
  });
  it('a correction before it has evened out is premature, and says by how much', () => {
    const r = right(jar(at(1400, 0.035), 0.025, { ageHours: 9 }), { kind: 'too-salty', freeBrineG: 250 });
    expect([r.prematureHours, r.waitHours]).toEqual([12, 21 * 2]);
  });
  it('refuses what is no trouble, and what cannot be', () => {
    const code = (j: JarNow, t: Trouble) => {
      const r = putRight(j, t);
      return r.ok ? '' : r.refusal.code;
    };
    const fine = jar(at(1000, 0.022), 0.022);
    expect(code(fine, { kind: 'too-salty', freeBrineG: 200 })).toBe('not-too-salty');
    expect(code(fine, { kind: 'too-weak' })).toBe('not-too-weak');
    expect(code(fine, { kind: 'spilled', missingG: 1200 })).toBe('more-lost-than-held');
    expect(code(fine, { kind: 'short', missingG: 0 })).toBe('weight-not-positive');
    expect(code(fine, { kind: 'drawn-in', missingG: -1 })).toBe('weight-not-positive');
    expect(code(jar(at(1000, 0.05), 0.02), { kind: 'too-salty', freeBrineG: 20 })).toBe(
      'too-little-free-brine'
    );
    expect(bowlTooSalty(20, 1000, eq(0.022), 0.92).ok).toBe(false);
  });
});

describe('every correction lands on its target and balances', () => {
  const part = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  it('to 1e-9, salt and water counted one by one', () => {
    const cases = tally(0.25);
    fc.assert(
      fc.property(
        part(300, 20000),
        part(0.008, 0.06),
        part(0.015, 0.035),
        part(0.02, 0.5),
        fc.constantFrom('too-salty', 'too-weak', 'wrong-top-up', 'unsalted-added', 'spilled', 'evaporated'),
        (massG, s0, target, share, kind) => {
          const freeBrineG = massG * share;
          const trouble = (
            kind === 'too-salty'
              ? { kind, freeBrineG }
              : kind === 'wrong-top-up'
                ? { kind, pouredG: massG * share, strength: as.trueStrength(0.01), freeBrineG }
                : kind === 'unsalted-added'
                  ? { kind, addedG: massG * share, moisture: 0.9 }
                  : kind === 'too-weak'
                    ? { kind }
                    : { kind, missingG: massG * share }
          ) as Trouble;
          const r = putRight(jar(at(massG, s0), target), trouble);
          if (!cases.case(r.ok) || !r.ok) return;
          let [salt, water] = [saltIn(r.value.now), r.value.now.massG - saltIn(r.value.now)];
          const [first] = r.value.doing;
          const times = first?.act === 'draw' ? first.times : 1;
          for (let i = 0; i < times; i++)
            for (const d of r.value.doing) {
              if (d.act === 'draw') {
                const s = salt / (salt + water);
                [salt, water] = [salt - d.brineG * s, water - d.brineG * (1 - s)];
              } else if (d.act === 'water') water += d.waterG;
              else if (d.act === 'brine') [salt, water] = [salt + d.naclG, water + d.waterG];
              else if (d.act === 'salt') salt += d.naclG;
            }
          near(salt / (salt + water), r.value.after.salinity, 1e-9);
          near(salt + water, r.value.after.massG, 1e-9);
          const full = first?.act === 'brine' && first.strength >= 0.06 - 1e-12;
          const bound = full || (first?.act === 'water' && r.value.after.salinity > target);
          // What dried off was water: it ends where it stood before, whatever the target.
          if (kind === 'evaporated') near(r.value.after.salinity, s0, 1e-9);
          else if (first && !bound) near(r.value.after.salinity, target, 1e-9);
        }
      )
    );
    cases.enough();
  });
  it('plain water alone: as much as brings it down', () =>
    near(
      poured(at(1000, 0.03), waterToReach(at(1000, 0.03), eq(0.02)), as.trueStrength(0)).salinity,
      0.02,
      1e-12
    ));
});

describe('a sauce too mild for its pH', () => {
  const base = { buffer: 15, pH0: 5.3 };
  it('models: 3.8 to 3.5 is 289 ml of vinegar a kilo, or 3.2 g of citric acid; half of it first', () => {
    near(madeAcid(base, 3.8), 48.7, 0.002);
    const s = souring(base, 3.8, 3.5, 1000);
    if (!s.ok) throw new Error();
    near(s.value.vinegarMl, 289, 0.005);
    near(s.value.citricG, 3.2, 0.02);
    near(s.value.firstVinegarMl, s.value.vinegarMl / 2, 1e-12);
    expect(s.value.vinegarWeak).toBe(true);
  });
  const v59 = vector('V59');
  it(`${v59.name}: within its 40 %`, () => {
    const s = souring(base, v59.in.pH0, v59.in.target, v59.in.sauceMl);
    near(s.ok ? s.value.vinegarMl : 0, v59.out.vinegarMl, 0.4);
  });
  const v58 = vector('V58');
  it(`${v58.name}: the pH it comes to, within 0.2`, () => {
    // As much vinegar as that is asked for a pH no further than 0.2 from the one computed there.
    const ml = (p: number) => {
      const s = souring(base, v58.in.pH0, p, v58.in.sauceMl);
      return s.ok ? s.value.vinegarMl : NaN;
    };
    expect(ml(v58.out.pH1 + 0.2)).toBeLessThan(v58.in.vinegarMl);
    expect(ml(v58.out.pH1 - 0.2)).toBeGreaterThan(v58.in.vinegarMl);
  });
  const v60 = vector('V60');
  it(v60.name, () => {
    // A weak acid alone: pH = (pKa − log C) / 2, nearly.
    near(VINEGAR_MMOL_PER_ML, v60.in.aceticM, 0.001);
    near((4.76 - Math.log10(VINEGAR_MMOL_PER_ML)) / 2, v60.out.pH, v60.tol);
  });
  it('two readings tell the buffer, and the rest is reckoned with it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 8, max: 30, noNaN: true }),
        fc.double({ min: 3.7, max: 4.5, noNaN: true }),
        fc.boolean(),
        (buffer, before, citric) => {
          const real = { ...base, buffer };
          const s = souring(real, before, before - 0.15, 800);
          if (!s.ok) throw new Error(s.refusal.code);
          const added = citric ? { citricG: s.value.citricG } : { vinegarMl: s.value.vinegarMl };
          near(bufferFrom(base, before, before - 0.15, 800, added)!, buffer, 1e-6);
        }
      )
    );
    expect(bufferFrom(base, 3.9, 3.9, 800, { vinegarMl: 20 })).toBeUndefined();
  });
  it('refuses what is sour enough, and what nobody wants', () => {
    expect(souring(base, 3.6, 3.8, 500)).toMatchObject({ refusal: { code: 'sour-enough' } });
    expect(souring(base, 3.6, 2.2, 500)).toMatchObject({ refusal: { code: 'ph-wanted-strange' } });
  });
});

it('the standard top-up brine is the guide’s (V81), recalled from memory', () =>
  near(STANDARD_TOP_UP, vector('V81').out.equilibrium, 1e-6));
