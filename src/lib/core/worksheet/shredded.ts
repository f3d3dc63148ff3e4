import { as } from '../quantity/index';
import { brineFrom, brineOf, saltForDose, weighOut, type Brine, type SaltKind } from '../salt/index';
import { fillInTurn, shareByRoom } from '../vessel/index';
import { mixOf, WATER_C, type Filled } from './brined';
import { jarOf, type OwnedSize } from './jars';
import type { GoingIn } from './prepare';
import type { JarCard, WorksheetInput } from './types';

/** A jar of shreds filled less than this is topped up with brine of the batch's strength. Common practice. */
const LEAST = { jar: 0.75, crock: 0.5 };

/**
 * Shreds, leaf or mash salted dry (or rinsed, and seasoned again), filled jar by jar, the rest in the last, which is topped up when it is too empty.
 * `share` is the part of the produce that is packed.
 */
export function fillWithShreds(
  going: GoingIn,
  share: number,
  jars: readonly OwnedSize[],
  input: WorksheetInput,
  salt: SaltKind,
  rinsed: boolean
): Filled {
  const vegG = going.prepared.mean * share;
  const extra = going.brought;
  const vegWaterG = (going.vegWater.mean + extra.waterG) * share;
  const broughtG = extra.naclG * share;
  const wanted = saltForDose(input.way, input.fraction, { waterG: 0, vegG, vegWaterG }, broughtG);
  // Rinsed leaf may be saltier than wanted; salt cannot be taken out by adding none, and that is said.
  const naclG = rinsed ? Math.max(0, wanted) : wanted;
  const strength = as.trueStrength((naclG + broughtG) / (naclG + broughtG + vegWaterG));
  const usable = jars.map((j) => j.usableMl);
  const roomMl = usable.reduce((a, b) => a + b, 0);
  const bulkMl = going.needMl * share;
  const shreds = bulkMl >= roomMl ? shareByRoom(bulkMl, usable) : fillInTurn(bulkMl, usable);
  const made = jars.map((jar, i) => {
    const ml = shreds[i] ?? 0;
    const least = jar.crock ? LEAST.crock : LEAST.jar;
    const topUp = brineOf(ml < least * jar.usableMl ? Math.max(0, jar.usableMl - ml) : 0, strength, WATER_C);
    return {
      card: card(
        jar,
        ml,
        bulkMl === 0 ? 0 : (vegG * ml) / bulkMl,
        bulkMl === 0 ? 0 : (naclG * ml) / bulkMl,
        topUp,
        salt,
        bulkMl === 0 ? 0 : (extra.massG * share * ml) / bulkMl
      ),
      topUp
    };
  });
  const sum = (f: (b: Brine) => number) => made.reduce((a, m) => a + f(m.topUp), 0);
  const added = brineFrom(
    sum((b) => b.naclG),
    sum((b) => b.waterG),
    WATER_C
  );
  return {
    cards: made.map((m) => m.card),
    brine: added.volumeMl > 0 ? mixOf(added, salt, input) : null,
    rubbedNaclG: naclG,
    naclInJarsG: naclG + added.naclG,
    waterInJarsG: added.waterG
  };
}

function card(
  size: OwnedSize,
  shredsMl: number,
  vegG: number,
  rubbedNaclG: number,
  topUp: Brine,
  salt: SaltKind,
  extraG: number
): JarCard {
  const naclG = rubbedNaclG + topUp.naclG;
  return {
    ...jarOf(size),
    vegG,
    vegRoomMl: Math.min(shredsMl, size.usableMl),
    brineMl: topUp.volumeMl,
    saltG: weighOut(naclG, salt),
    naclG,
    waterG: topUp.waterG,
    extraG,
    contentsG: vegG + naclG + topUp.waterG + extraG,
    toppedUp: topUp.volumeMl > 0
  };
}
