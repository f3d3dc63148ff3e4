import { as, type EquilibriumSalinity, type TrueStrength } from '../quantity/index';
import { done, refuse, type Outcome } from '../refusal/index';
import {
  drawn,
  evaporated,
  phaseOf,
  poured,
  saltIn,
  saltToAdd,
  swapForWater,
  waterToReach,
  type Phase
} from './balance';
import type { Doing, JarNow, Remedy, Trouble } from './types';

/**
 * The brine that guides name for topping up: 1½ tbsp of pickling salt to a US quart of water, 2.73 % true strength.
 * Source: USDA Complete Guide to Home Canning, Guide 6, recalled from memory.
 */
export const STANDARD_TOP_UP = as.trueStrength(0.02727);
const WATER = as.trueStrength(0);

/** Within this of the target nothing needs doing, absolute salinity. */
export const GOOD_ENOUGH = 0.0005;

/**
 * What puts a jar right, from a mass balance of its water phase.
 *
 * Masses in g, salinities as mass fractions. Refuses more lost than the jar held, too salty when it is not, too weak
 * when it is not, and a swap for which there is too little free brine.
 * Example: 1110 g at 2.163 % short of 180 g with the target there takes 180 g of brine of that strength.
 */
export function putRight(jar: JarNow, trouble: Trouble): Outcome<Remedy> {
  const { phase, target } = jar;
  const tooMuch = beyondRoom(jar, trouble);
  if (tooMuch !== null)
    return refuse('more-than-fits', {
      field: 'amount',
      values: { roomG: Math.round(jar.roomG), saidG: Math.round(tooMuch) }
    });
  switch (trouble.kind) {
    case 'short':
      return topUp(jar, phase, trouble.missingG);
    case 'drawn-in':
      return drawnIn(jar, trouble.missingG);
    case 'evaporated':
    case 'spilled':
    case 'spilled-refilled': {
      if (trouble.missingG >= phase.massG)
        return refuse('more-lost-than-held', { field: 'amount', values: { heldG: Math.round(phase.massG) } });
      // What went as vapour was water, and nothing else: the salt is still there.
      if (trouble.kind === 'evaporated')
        return watered(jar, evaporated(phase, trouble.missingG), trouble.missingG);
      const lost = drawn(phase, trouble.missingG);
      if (trouble.kind === 'spilled') return topUp(jar, lost, trouble.missingG);
      return afterPouring(jar, poured(lost, trouble.pouredG, trouble.strength), trouble.freeBrineG);
    }
    case 'too-salty':
      if (phase.salinity <= target + GOOD_ENOUGH)
        return refuse('not-too-salty', { field: 'trouble', values: percents(phase.salinity, target) });
      return swapped(jar, phase, trouble.freeBrineG);
    case 'too-weak':
      if (phase.salinity >= target - GOOD_ENOUGH)
        return refuse('not-too-weak', { field: 'trouble', values: percents(phase.salinity, target) });
      return salted(jar, phase);
    case 'wrong-top-up':
      return afterPouring(jar, poured(phase, trouble.pouredG, trouble.strength), trouble.freeBrineG);
    case 'unsalted-added': {
      const now = phaseOf(saltIn(phase), phase.massG - saltIn(phase) + trouble.addedG * trouble.moisture, 0);
      return now.salinity >= target - GOOD_ENOUGH ? done(nothingToDo(jar, now)) : salted(jar, now);
    }
  }
}

/** What is said to be missing or poured, where a jar of that size cannot have it; null where it can. */
function beyondRoom(jar: JarNow, trouble: Trouble): number | null {
  const g =
    'pouredG' in trouble
      ? trouble.pouredG
      : 'missingG' in trouble
        ? trouble.missingG
        : 'addedG' in trouble
          ? trouble.addedG
          : 0;
  return g > jar.roomG ? g : null;
}

/** Something was poured in already: too salty, brine for water; too weak, salt. */
function afterPouring(jar: JarNow, now: Phase, freeBrineG: number): Outcome<Remedy> {
  if (Math.abs(now.salinity - jar.target) <= GOOD_ENOUGH) return done(nothingToDo(jar, now));
  return now.salinity > jar.target ? swapped(jar, now, freeBrineG) : salted(jar, now);
}

/** Plain water for what dried off, whatever the target: where it ends is where it stood before. */
function watered(jar: JarNow, now: Phase, missingG: number): Outcome<Remedy> {
  if (!(missingG > 0)) return refuse('weight-not-positive', { field: 'amount' });
  const after = poured(now, missingG, WATER);
  return done({
    now,
    doing: [{ act: 'water', waterG: missingG, times: 1 }],
    after,
    waitHours: jar.evenHours,
    prematureHours: 0,
    beside: beside(now, missingG, after.salinity)
  });
}

export const percents = (now: number, target: number) => ({
  now: (now * 100).toFixed(2),
  target: (target * 100).toFixed(2)
});

const premature = (jar: JarNow): number => Math.max(0, jar.evenHours - jar.ageHours);

/** Plain water while it is above the target, then brine of the target; brine stronger than that only to bring it up. */
function topUp(jar: JarNow, now: Phase, missingG: number): Outcome<Remedy> {
  if (!(missingG > 0)) return refuse('weight-not-positive', { field: 'amount' });
  const strength = fillStrength(now, jar.target, missingG);
  const after = poured(now, missingG, strength);
  const doing: Doing[] =
    strength < 1e-9
      ? [{ act: 'water', waterG: missingG, times: 1 }]
      : [
          {
            act: 'brine',
            massG: missingG,
            waterG: missingG * (1 - strength),
            naclG: missingG * strength,
            strength
          }
        ];
  return done({
    now,
    doing,
    after,
    waitHours: jar.evenHours,
    prematureHours: 0,
    beside: beside(now, missingG, after.salinity)
  });
}

/** A little stronger than the target is still a brine one would pour; beyond it salt is put in as salt. */
const STRONGEST = 0.06;

/** Strength of `missingG` of liquid that lands on the target, never less than water and never undrinkably strong. */
function fillStrength(now: Phase, target: EquilibriumSalinity, missingG: number): TrueStrength {
  const wanted = (target * (now.massG + missingG) - saltIn(now)) / missingG;
  return as.trueStrength(Math.min(STRONGEST, Math.max(0, wanted)));
}

const beside = (now: Phase, liquidG: number, answer: EquilibriumSalinity): Remedy['beside'] => ({
  water: poured(now, liquidG, WATER).salinity,
  standard: poured(now, liquidG, STANDARD_TOP_UP).salinity,
  answer
});

/** Juice that went back into the pieces comes out again: wait and press; pour its own brine only if it must be covered. */
function drawnIn(jar: JarNow, missingG: number): Outcome<Remedy> {
  if (!(missingG > 0)) return refuse('weight-not-positive', { field: 'amount' });
  const strength = as.trueStrength(jar.phase.salinity);
  const after = poured(jar.phase, missingG, strength);
  return done({
    now: jar.phase,
    doing: [
      { act: 'wait', hours: 24 },
      {
        act: 'brine',
        massG: missingG,
        waterG: missingG * (1 - strength),
        naclG: missingG * strength,
        strength
      }
    ],
    after,
    waitHours: jar.evenHours,
    prematureHours: 0,
    beside: beside(jar.phase, missingG, after.salinity)
  });
}

/** Brine out, water in, once or in equal steps, each evened out before the next. */
function swapped(jar: JarNow, now: Phase, freeBrineG: number): Outcome<Remedy> {
  const swap = swapForWater(now, jar.target, freeBrineG);
  if (!swap)
    return refuse('too-little-free-brine', {
      field: 'freeBrine',
      values: { waterG: Math.round(waterToReach(now, jar.target)) }
    });
  const { eachG, times } = swap;
  let after = now;
  for (let i = 0; i < times; i++) after = poured(drawn(after, eachG), eachG, WATER);
  return done({
    now,
    doing: [
      { act: 'draw', brineG: eachG, times },
      { act: 'water', waterG: eachG, times }
    ],
    after,
    waitHours: jar.evenHours * times,
    prematureHours: premature(jar),
    beside: {
      water: poured(drawn(now, eachG), eachG, WATER).salinity,
      standard: poured(drawn(now, eachG), eachG, STANDARD_TOP_UP).salinity,
      answer: after.salinity
    }
  });
}

/** Brine drawn to dissolve the salt in: ten times its weight, so that it goes in clear. Common practice, no source. */
const DISSOLVED_IN = 10;

function salted(jar: JarNow, now: Phase): Outcome<Remedy> {
  const naclG = saltToAdd(now, jar.target);
  const after = phaseOf(saltIn(now) + naclG, now.massG - saltIn(now), 0);
  return done({
    now,
    doing: [{ act: 'salt', naclG, inBrineG: naclG * DISSOLVED_IN }],
    after,
    waitHours: jar.evenHours,
    prematureHours: premature(jar),
    beside: { water: null, standard: null, answer: after.salinity }
  });
}

const nothingToDo = (jar: JarNow, now: Phase): Remedy => ({
  now,
  doing: [],
  after: now,
  waitHours: jar.evenHours,
  prematureHours: 0,
  beside: { water: null, standard: null, answer: now.salinity }
});
