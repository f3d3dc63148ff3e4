import type { WallMinute } from '../calendar/index';
import type { JarNow, Phase, Remedy, Trouble } from '../correct/index';
import { phaseG, solidsOf } from '../contents/index';
import { as } from '../quantity/index';
import { eveningOut } from '../worksheet/index';
import { cutFor, styleMade, usualSaltFor } from '../style/index';
import type { Batch, BatchInHand } from './batch';
import type { Filling } from './facts';
import type { Correction } from './correction';
import { contentsG, shareLeft } from './jar';

/** Where a jar's salt ends: since its last correction its own way, before it the batch's. null: nobody knows. */
export const salinityOf = (b: Pick<Batch, 'equilibrium'>, f: Filling): number | null =>
  f.equilibrium ?? b.equilibrium;

/**
 * The water phase of a jar as it is left now: all of it but the vegetables' dry matter.
 * Example: 920 g with 900 g of white cabbage in it (w 0.922) is a phase of 849.8 g.
 */
export const phaseOfJar = (f: Pick<Filling, 'holds'>, salinity: number): Phase => ({
  massG: phaseG(f.holds),
  salinity: as.equilibriumSalinity(salinity)
});

/** What a jar can hold of liquid at all, to its rim, g: between its pieces, or over shreds. Common practice. */
function liquidRoomG(f: Filling): number {
  const between = f.usableMl * 1.1 - solidsOf(f.full);
  return Math.max(between, 0.35 * f.usableMl);
}

/** Brine that can be drawn off without uncovering: what was poured, or the juice that shreds give up. Common practice. */
export function freeBrineG(f: Filling): number {
  const poured = f.full.brineG + f.full.saltG;
  return Math.max(poured, 0.15 * contentsG(f)) * shareLeft(f) * 0.8;
}

/** After so many days its flesh is sour and lets salt through as bruised shreds do. Recalled, weak. */
const SOUR_DAYS = 5;

/** Hours until the thickest piece of a jar has evened out. */
export function evenHoursOf(b: BatchInHand, now: WallMinute): number {
  const s = styleMade(b);
  const cuts = s ? b.items.map((i) => ({ cropId: i.cropId, cut: cutFor(s, { ...i, id: i.cropId }) })) : [];
  const soured = now - b.startedAt > SOUR_DAYS * 1440;
  return eveningOut(cuts, s?.salting ?? 'dry', soured).hours;
}

/** Where a batch should end: what it aimed at, for want of that its style's usual salt. */
export function usualTarget(b: BatchInHand): number {
  if (b.aim !== null && b.aim > 0) return b.aim;
  const s = styleMade(b);
  return s
    ? usualSaltFor(
        s,
        b.items.map((i) => i.cropId)
      )
    : 0.022;
}

/** A jar as putting right needs it; `salinity` as measured, or as recorded. */
export function jarNow(
  b: BatchInHand,
  f: Filling,
  salinity: number,
  target: number,
  now: WallMinute
): JarNow {
  const since = Math.max(b.startedAt, ...b.corrections.filter((c) => c.fillingId === f.id).map((c) => c.at));
  return {
    phase: phaseOfJar(f, salinity),
    target: as.equilibriumSalinity(target),
    roomG: liquidRoomG(f),
    evenHours: evenHoursOf(b, now),
    ageHours: (now - since) / 60
  };
}

/** What a trouble and its remedy did to the jar, added up over all steps. */
export function correctionOf(
  trouble: Trouble,
  remedy: Remedy,
  purity: number
): Pick<Correction, 'drawnG' | 'lostG' | 'waterG' | 'naclG' | 'saltG' | 'vegG' | 'to'> {
  const sum = { drawnG: 0, lostG: 0, waterG: 0, naclG: 0, vegG: 0 };
  if (trouble.kind === 'wrong-top-up' || trouble.kind === 'spilled-refilled') {
    sum.waterG += trouble.pouredG * (1 - trouble.strength);
    sum.naclG += trouble.pouredG * trouble.strength;
    if (trouble.kind === 'spilled-refilled') sum.lostG += trouble.missingG;
  } else if (trouble.kind === 'unsalted-added') sum.vegG += trouble.addedG;
  else if (trouble.kind === 'spilled' || trouble.kind === 'evaporated') sum.lostG += trouble.missingG;
  const before = sum.naclG;
  for (const d of remedy.doing) {
    if (d.act === 'draw') sum.drawnG += d.brineG * d.times;
    else if (d.act === 'water') sum.waterG += d.waterG * d.times;
    else if (d.act === 'salt') sum.naclG += d.naclG;
    else if (d.act === 'brine') {
      sum.waterG += d.waterG;
      sum.naclG += d.naclG;
    }
  }
  return { ...sum, saltG: (sum.naclG - before) / purity, to: remedy.after.salinity };
}
