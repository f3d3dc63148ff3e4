import { as } from '../quantity/index';
import { brineFrom, brineOf, saltForDose, weighOut, type Brine, type SaltKind } from '../salt/index';
import { fillInTurn, shareByRoom, SHRED_BULK } from '../vessel/index';
import { mixOf, WATER_C, type Filled } from './brined';
import { jarOf, type OwnedSize } from './jars';
import type { GoingIn } from './prepare';
import type { JarCard, WorksheetInput } from './types';

/** A jar of shreds filled less than this is topped up with brine of the batch's strength. Common practice. */
const LEAST = { jar: 0.75, crock: 0.5 };

/**
 * Shreds rubbed with dry salt, filled jar by jar, the rest in the last, which is topped up when it is too empty.
 * `share` is the part of the produce that is packed.
 */
export function fillWithShreds(
  going: GoingIn,
  share: number,
  jars: readonly OwnedSize[],
  input: WorksheetInput,
  salt: SaltKind
): Filled {
  const vegG = going.prepared.mean * share;
  const extra = going.brought;
  const vegWaterG = (going.vegWater.mean + extra.waterG) * share;
  const broughtG = extra.naclG * share;
  const naclG = saltForDose(input.way, input.fraction, { waterG: 0, vegG, vegWaterG }, broughtG);
  const strength = as.trueStrength((naclG + broughtG) / (naclG + broughtG + vegWaterG));
  const usable = jars.map((j) => j.usableMl);
  const roomMl = usable.reduce((a, b) => a + b, 0);
  const bulkMl = vegG / SHRED_BULK.mean;
  const shreds = bulkMl >= roomMl ? shareByRoom(bulkMl, usable) : fillInTurn(bulkMl, usable);
  const made = jars.map((jar, i) => {
    const ml = shreds[i] ?? 0;
    const least = jar.crock ? LEAST.crock : LEAST.jar;
    const topUp = brineOf(ml < least * jar.usableMl ? Math.max(0, jar.usableMl - ml) : 0, strength, WATER_C);
    return {
      card: card(
        jar,
        ml,
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
    brine: added.volumeMl > 0 ? mixOf(added, salt) : null,
    rubbedNaclG: naclG,
    naclInJarsG: naclG + added.naclG,
    waterInJarsG: added.waterG
  };
}

function card(
  size: OwnedSize,
  shredsMl: number,
  rubbedNaclG: number,
  topUp: Brine,
  salt: SaltKind,
  extraG: number
): JarCard {
  const vegG = shredsMl * SHRED_BULK.mean;
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
