import { as, plusMinus, roundBrineUp } from '../quantity/index';
import {
  brineForRoom,
  brineFrom,
  brineOf,
  saltForDose,
  coolingMinutes,
  fromSaved,
  strengthByWater,
  weighOut,
  waterDensity,
  type Brine,
  type SaltKind
} from '../salt/index';
import { jarOf, type JarToFill, type OwnedSize } from './jars';
import type { GoingIn } from './prepare';
import type { WorksheetInput } from './types';
import type { BagBrine, BrineToMix, JarCard } from './answers';

/** Reserve to mix beyond what the jars take: a tenth, at least 50 ml. Common practice, no source. */
const RESERVE = { share: 0.1, leastMl: 50 };

/** Water as it comes from the tap or the can, °C. */
export const WATER_C = 20;

export interface Filled {
  readonly cards: JarCard[];
  readonly brine: BrineToMix | null;
  /** Pure salt rubbed in dry, before any brine, g. */
  readonly rubbedNaclG: number;
  readonly naclInJarsG: number;
  readonly waterInJarsG: number;
}

/**
 * Pieces shared over the jars in proportion to their room, brine in what is left, as strong as the dose wants.
 * `share` is the part of the produce that is packed. Undefined when no brine reaches the dose.
 */
export function fillWithBrine(
  going: GoingIn,
  share: number,
  jars: readonly JarToFill[],
  input: WorksheetInput,
  salt: SaltKind
): Filled | undefined {
  const roomMl = jars.reduce((a, j) => a + j.usableMl, 0);
  const extra = going.brought;
  const parts = partsOf(jars);
  const fleshMl = fleshIn((going.flesh.mean + extra.volumeMl) * share, jars, parts);
  const poured = brineForRoom(
    (roomMl - sum(fleshMl)) * (input.brineUse?.mean ?? 1),
    input.way,
    input.fraction,
    { vegG: going.prepared.mean * share, vegWaterG: (going.vegWater.mean + extra.waterG) * share },
    WATER_C,
    extra.naclG * share
  );
  if (!poured) return undefined;
  const cards = jars.map((jar, i) => {
    const part = parts[i] ?? 0;
    const left = sum(fleshMl) < roomMl ? (jar.usableMl - (fleshMl[i] ?? 0)) / (roomMl - sum(fleshMl)) : part;
    const [vegG, needMl, extraG] = [going.prepared.mean, going.needMl, extra.massG].map(
      (all) => all * share * part
    );
    return card(jar, { vegG: vegG!, needMl: needMl!, extraG: extraG! }, poured, left, salt);
  });
  if (input.netG?.some((g) => g !== null)) return asWeighed(going, share, cards, input, salt);
  return {
    cards,
    brine: mixOf(poured, salt, input),
    rubbedNaclG: 0,
    naclInJarsG: poured.naclG,
    waterInJarsG: poured.waterG
  };
}

/**
 * Fill and weigh: what was weighed in a jar, less its vegetables, is its water, and its salt is the dose of that jar.
 * Jars that are not weighed yet stay as planned. Undefined where a jar is lighter than its vegetables.
 */
function asWeighed(
  going: GoingIn,
  share: number,
  planned: readonly JarCard[],
  input: WorksheetInput,
  salt: SaltKind
): Filled | undefined {
  const moisture = going.vegWater.mean / going.prepared.mean;
  const all = planned.reduce((a, c) => a + c.vegG, 0);
  const cards = planned.map((c, i): JarCard => {
    const netG = input.netG?.[i] ?? null;
    if (netG === null) return c;
    // More vegetables were pressed in than planned, or fewer: the water is what is left of the weight.
    const vegG = Math.min(c.vegG, netG * 0.98);
    const waterG = netG - vegG;
    const part = (all > 0 ? c.vegG / all : 0) * share;
    const inJar = { waterG, vegG, vegWaterG: vegG * moisture + going.brought.waterG * part };
    const dose = saltForDose(input.way, input.fraction, inJar, going.brought.naclG * part);
    const naclG = Math.max(0, dose);
    const brineMl = brineFrom(naclG, waterG, WATER_C).volumeMl;
    const contentsG = netG + naclG + c.extraG;
    return { ...c, vegG, waterG, naclG, saltG: weighOut(naclG, salt), brineMl, contentsG };
  });
  const made = brineFrom(sum(cards.map((c) => c.naclG)), sum(cards.map((c) => c.waterG)), WATER_C);
  return {
    cards,
    brine: mixOf(made, salt, {
      place: input.place,
      brine: { ...(input.brine ?? { hot: false, saved: [] }), mix: 'in the jar', saved: [] }
    }),
    rubbedNaclG: 0,
    naclInJarsG: made.naclG,
    waterInJarsG: made.waterG
  };
}

/** Of what is packed the part that each jar gets: as it has room, after what goes into a jar of its own. */
function partsOf(jars: readonly JarToFill[]): number[] {
  const rest = 1 - sum(jars.map((j) => j.side ?? 0));
  const roomMl = sum(jars.map((j) => (j.side === undefined ? j.usableMl : 0)));
  return jars.map((j) => j.side ?? (rest * j.usableMl) / roomMl);
}

/** The flesh in each jar, ml; where it is more than a jar holds, the jar is full. */
const fleshIn = (allMl: number, jars: readonly JarToFill[], parts: readonly number[]): number[] =>
  jars.map((j, i) => Math.min(j.usableMl, allMl * (parts[i] ?? 0)));

const sum = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0);

/** `part` of what is poured goes into it. */
function card(
  size: JarToFill,
  { vegG, needMl, extraG }: { readonly vegG: number; readonly needMl: number; readonly extraG: number },
  poured: Brine,
  part: number,
  salt: SaltKind
): JarCard {
  const naclG = poured.naclG * part;
  const waterG = poured.waterG * part;
  return {
    ...jarOf(size),
    vegG,
    vegRoomMl: Math.min(needMl, size.usableMl),
    brineMl: poured.volumeMl * part,
    saltG: weighOut(naclG, salt),
    naclG,
    waterG,
    extraG,
    contentsG: vegG + naclG + waterG + extraG,
    toppedUp: false
  };
}

/** Boiled brine, and as warm as may go on raw vegetables without wilting them, °C. Common practice, no source. */
const HOT = { fromC: 95, toC: 30 };

/**
 * The brine to mix for what the jars take: reserve added, rounded up once to 50 ml; none where salt and water go into
 * each jar. What is there already goes in first, as far as it fits; water and salt are the rest.
 */
export function mixOf(
  inJars: Brine,
  salt: SaltKind,
  input: Pick<WorksheetInput, 'brine' | 'place'>
): BrineToMix {
  const mix = input.brine?.mix ?? 'jug';
  const reserve = mix === 'jug' ? Math.max(RESERVE.leastMl, inJars.volumeMl * RESERVE.share) : 0;
  const mixMl =
    reserve === 0 || inJars.volumeMl === 0 ? inJars.volumeMl : roundBrineUp(inJars.volumeMl + reserve);
  const all = brineOf(mixMl, inJars.strength, WATER_C);
  const { used, rest } = fromSaved(all, input.brine?.saved ?? [], WATER_C);
  return {
    mixMl,
    inJarsMl: inJars.volumeMl,
    reserveMl: mixMl - inJars.volumeMl,
    waterG: rest.waterG,
    waterMl: rest.waterG / waterDensity(WATER_C),
    saltG: weighOut(rest.naclG, salt),
    naclG: all.naclG,
    strength: inJars.strength,
    strengthByWater: strengthByWater(as.trueStrength(inJars.strength)),
    fromSaved: used,
    mix,
    coolsMinutes: input.brine?.hot
      ? coolingMinutes(mixMl, HOT.fromC, Math.max(HOT.toC, input.place.tempC + 2), input.place.tempC)
      : null
  };
}

/** Brine for the water bags of a set of jars: of the strength at which the batch ends. */
export function bagBrine(jars: readonly OwnedSize[], equilibrium: number, salt: SaltKind): BagBrine | null {
  const bags = jars.filter((j) => j.jar.weight?.kind === 'water bag');
  const eachMl = bags[0]?.jar.weight?.displacesMl ?? 0;
  if (eachMl === 0) return null;
  const all = bags.reduce((a, j) => a + (j.jar.weight?.displacesMl ?? 0), 0);
  const made = brineOf(all, as.trueStrength(equilibrium), WATER_C);
  return { bags: bags.length, eachMl, waterG: made.waterG, saltG: weighOut(made.naclG, salt) };
}

/** ± of the brine that the jars take, ml: from how well the flesh volume is known. */
export const brinePlusMinus = (going: GoingIn, share: number): number =>
  plusMinus({ mean: 0, sd: going.flesh.sd * share });
