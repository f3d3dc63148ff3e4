import { as, type TrueStrength } from '../quantity/index';
import { brineFrom, brineOf, saltForDose, weighOut, type Brine, type SaltKind } from '../salt/index';
import { fillInTurn, setOf, shareByRoom, type JarSet } from '../vessel/index';
import { mixOf, WATER_C, type Filled } from './brined';
import { jarOf, type JarToFill, type OwnedSize } from './jars';
import type { GoingIn } from './prepare';
import type { WorksheetInput } from './types';
import type { JarCard, ShredsAnswer } from './answers';

/** A jar of shreds filled less than this is topped up with brine of the batch's strength. Common practice. */
const LEAST = { jar: 0.75, crock: 0.5 };

/** No jar is taken for less than this share of its room: the surface is large and most of it would be brine or air. */
const TAKEN_FROM = 0.5;

/** A mash is its own juice: brine only thins it. */
export const isMash = (going: GoingIn): boolean => going.items.every((i) => i.cut === 'mash');

/** How full each jar gets: one after the other where even the last is full enough, else all alike; a jar of its own apart. */
export function shredsIn(
  bulkMl: number,
  jars: readonly Pick<JarToFill, 'usableMl' | 'crock' | 'side'>[]
): { ml: number[]; how: ShredsAnswer['how'] } {
  const at = jars.findIndex((j) => j.side !== undefined);
  const own = jars[at];
  if (own) {
    const ml = Math.min(own.usableMl, bulkMl * (own.side ?? 0));
    const rest = shredsIn(bulkMl - ml, jars.toSpliced(at, 1));
    return { ml: rest.ml.toSpliced(at, 0, ml), how: rest.how };
  }
  const usable = jars.map((j) => j.usableMl);
  const roomMl = usable.reduce((a, b) => a + b, 0);
  if (bulkMl >= roomMl) return { ml: shareByRoom(bulkMl, usable), how: 'in turn' };
  const turn = fillInTurn(bulkMl, usable);
  const full = turn.every((ml, i) => ml >= leastOf(jars[i]!) * (usable[i] ?? 0) - 1e-9);
  return full || jars.length === 1
    ? { ml: turn, how: 'in turn' }
    : { ml: shareByRoom(bulkMl, usable), how: 'level' };
}
const leastOf = (j: Pick<OwnedSize, 'crock'>): number => (j.crock ? LEAST.crock : LEAST.jar);

/**
 * The set without the jars that would get next to nothing: the smallest stay free until the others are half full.
 * Example: 600 ml for three jars of 900 ml fill one, and two stay free.
 */
export function withoutIdle(set: JarSet, sizes: readonly OwnedSize[]): { set: JarSet; idle: number } {
  let counts = { ...set.counts };
  let idle = 0;
  for (;;) {
    const now = setOf(counts, set.needMl, sizes);
    if (now.vessels <= 1 || now.needMl >= TAKEN_FROM * now.roomMl)
      return { set: idle === 0 ? set : now, idle };
    counts = oneFewer(counts, sizes);
    idle += 1;
  }
}

/** A set with one of its smallest jars put back. */
function oneFewer(
  counts: Readonly<Record<string, number>>,
  sizes: readonly OwnedSize[]
): Record<string, number> {
  const smallest = sizes.filter((z) => (counts[z.id] ?? 0) > 0).sort((a, b) => a.usableMl - b.usableMl)[0];
  return smallest ? { ...counts, [smallest.id]: (counts[smallest.id] ?? 0) - 1 } : { ...counts };
}

/** What else could be done with shreds that do not fill their jars; null where they do. */
export function shredsAnswer(
  going: GoingIn,
  set: JarSet,
  sizes: readonly OwnedSize[],
  jars: readonly OwnedSize[],
  idle: number
): ShredsAnswer | null {
  const { ml, how } = shredsIn(Math.min(going.needMl, set.roomMl), jars);
  const level = Math.min(...jars.map((j, i) => (ml[i] ?? 0) / j.usableMl));
  const gPerMl = going.prepared.mean / going.needMl;
  if (idle === 0 && (how === 'in turn' || level > 0.97) && level >= LEAST.jar) return null;
  const fewer = setOf(oneFewer(set.counts, sizes), set.needMl, sizes);
  const smallest = [...jars].sort((a, b) => a.usableMl - b.usableMl)[0];
  const smaller = sizes
    .filter((z) => smallest && z.usableMl < smallest.usableMl && z.free > (set.counts[z.id] ?? 0))
    .map((z) => ({ z, counts: { ...oneFewer(set.counts, sizes), [z.id]: (set.counts[z.id] ?? 0) + 1 } }))
    .filter((c) => setOf(c.counts, set.needMl, sizes).key[0] === 0)
    .sort((a, b) => a.z.usableMl - b.z.usableMl)[0];
  return {
    level,
    how,
    idle,
    moreG: Math.max(0, set.roomMl - going.needMl) * gPerMl,
    holdBack: fewer.vessels > 0 ? { counts: fewer.counts, leftG: fewer.leftMl * gPerMl } : null,
    smaller: smaller ? { counts: smaller.counts, name: smaller.z.jar.name } : null,
    mash: isMash(going)
  };
}

/**
 * Shreds, leaf or mash salted dry (or rinsed, and seasoned again): each jar full enough, or all alike. What is too empty is
 * topped up with brine of the batch's strength, a mash only where that is asked for.
 * `share` is the part of the produce that is packed.
 */
export function fillWithShreds(
  going: GoingIn,
  share: number,
  jars: readonly JarToFill[],
  input: WorksheetInput,
  salt: SaltKind,
  rinsed: boolean
): Filled {
  const vegG = going.prepared.mean * share;
  const extra = going.brought;
  const vegWaterG = (going.vegWater.mean + extra.waterG) * share;
  const broughtG = extra.naclG * share;
  const wanted = rinsed
    ? saltAfterRinse(input, { vegG, vegWaterG }, broughtG)
    : saltForDose(input.way, input.fraction, { waterG: 0, vegG, vegWaterG }, broughtG);
  // Rinsed leaf may be saltier than wanted; salt cannot be taken out by adding none, and that is said.
  const naclG = rinsed ? Math.max(0, wanted) : wanted;
  const strength = as.trueStrength((naclG + broughtG) / (naclG + broughtG + vegWaterG));
  const bulkMl = going.needMl * share;
  const pours = input.topUp ?? !isMash(going);
  const all = { vegG, naclG, extraG: extra.massG * share, bulkMl };
  const made = filledJars(all, jars, pours ? strength : null, salt);
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

/** Each jar with its share of shreds; one too empty is topped up with brine of a strength, where brine is poured. */
function filledJars(
  all: { vegG: number; naclG: number; extraG: number; bulkMl: number },
  jars: readonly JarToFill[],
  strength: TrueStrength | null,
  salt: SaltKind
): { card: JarCard; topUp: Brine }[] {
  const { ml: shreds } = shredsIn(all.bulkMl, jars);
  return jars.map((jar, i) => {
    const ml = shreds[i] ?? 0;
    const tooEmpty = strength !== null && ml < leastOf(jar) * jar.usableMl;
    const topUp = brineOf(
      tooEmpty ? Math.max(0, jar.usableMl - ml) : 0,
      strength ?? as.trueStrength(0),
      WATER_C
    );
    const part = all.bulkMl === 0 ? 0 : ml / all.bulkMl;
    return { card: card(jar, ml, all.vegG * part, all.naclG * part, topUp, salt, all.extraG * part), topUp };
  });
}

/**
 * Salt to add to rinsed leaf: whatever way the dose is said, what the leaf and the ingredients hold already counts.
 * Example: 2 % of 1400 g of leaf that holds 22 g already is 6 g.
 */
function saltAfterRinse(
  input: WorksheetInput,
  leaf: { vegG: number; vegWaterG: number },
  heldG: number
): number {
  const all = saltForDose(input.way, input.fraction, { waterG: 0, ...leaf }, 0);
  return all - heldG;
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
