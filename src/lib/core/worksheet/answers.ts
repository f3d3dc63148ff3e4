import type {
  PerWater,
  PerVegetables,
  PerTotal,
  EquilibriumSalinity,
  TrueStrength,
  Spread
} from '../quantity/index';
import type { BrinePlan } from './types';
import type { JarSet, Lid } from '../vessel/index';
import type { Spoonful, FromSaved, RinsedLeaf, ScaleAdvice } from '../salt/index';
import type { Crop, Cut } from '../produce/index';
import type { Caution } from '../safety/index';
import type { OwnCut, Salting } from '../style/index';
import type { Working } from './working-types';

/** A salty ingredient that went in, with what it brought. */
export interface ExtraIn {
  readonly id: string;
  readonly name: string;
  readonly g: number;
  readonly naclG: number;
  /** Water that a dried thing drinks, g. */
  readonly drinksG: number;
  readonly allergen: string;
}

/** The salt forecast for juice: from when brine must be poured on shreds, and which. */
export interface JuiceAdvice {
  readonly withinHours: 24;
  readonly strength: TrueStrength;
  readonly saltPerLitreG: number;
}

/** What goes into one jar. Salt is grams of the household's salt. */
export interface JarCard {
  readonly jarId: string;
  readonly name: string;
  readonly geometryId: string;
  readonly lid: Lid;
  readonly usableMl: number;
  readonly headspaceMm: number;
  readonly vegG: number;
  /** Room the packed vegetables take up, ml: to draw them. */
  readonly vegRoomMl: number;
  /** Brine poured in, ml; for shreds only what tops the last jar up. */
  readonly brineMl: number;
  readonly saltG: number;
  readonly naclG: number;
  readonly waterG: number;
  /** Salty ingredients in it, g. */
  readonly extraG: number;
  /** Everything in the jar, g. */
  readonly contentsG: number;
  readonly toppedUp: boolean;
}

/** Shreds that do not fill their jars to the line: how they are shared, and what else could be done. */
export interface ShredsAnswer {
  /** Share of its room that the emptiest jar gets. */
  readonly level: number;
  /** One after the other, each full enough; or all as full as each other. */
  readonly how: 'in turn' | 'level';
  /** Jars chosen by hand that would hold next to nothing, and stay free. */
  readonly idle: number;
  /** Prepared weight that is wanting for full jars, g. */
  readonly moreG: number;
  /** One jar fewer, and what is then left over for another use, g. */
  readonly holdBack: { readonly counts: Readonly<Record<string, number>>; readonly leftG: number } | null;
  /** A smaller jar in the place of the smallest one. */
  readonly smaller: { readonly counts: Readonly<Record<string, number>>; readonly name: string } | null;
  readonly mash: boolean;
}

/** Salt that is weighed out at once, in one place. */
export interface SaltPart {
  readonly where: 'bowl' | 'brine' | 'jar';
  /** How many such places; each gets `weighG`, on average where jars differ. */
  readonly places: number;
  /** Grams of the household's salt, for all its places together. */
  readonly weighG: number;
  readonly spoons: Spoonful;
}

/** Brine to mix, reserve and its salt included. */
export interface BrineToMix {
  readonly mixMl: number;
  readonly inJarsMl: number;
  readonly reserveMl: number;
  readonly waterG: number;
  readonly waterMl: number;
  readonly saltG: number;
  readonly naclG: number;
  readonly strength: TrueStrength;
  readonly strengthByWater: PerWater;
  /** Brine that was there already, and what it brought; `waterG` and `saltG` above are the rest, to weigh out. */
  readonly fromSaved: readonly FromSaved[];
  readonly mix: BrinePlan['mix'];
  /** Hot: minutes until it may go on the vegetables as cold brine. */
  readonly coolsMinutes: number | null;
}

/** Brine for water bags, of the batch's own strength, so that a leak changes nothing. */
export interface BagBrine {
  readonly bags: number;
  readonly eachMl: number;
  readonly waterG: number;
  readonly saltG: number;
}

/** Heavy salting: the salt to strew, and what is in the leaf after the rinse. */
export interface RinseAnswer extends RinsedLeaf {
  readonly heavySaltG: number;
  readonly heavySpoons: Spoonful;
  readonly weighed: boolean;
}

export interface SaltAnswer {
  /** Grams of the household's salt to weigh out, all told. */
  readonly weighG: number;
  readonly naclG: number;
  readonly spoons: Spoonful;
  /** Judged on the least that is weighed at once. */
  readonly scale: ScaleAdvice;
  /** Where it goes; the parts add up to `weighG`. */
  readonly parts: readonly SaltPart[];
}

/** Where the salt ends up, and the same said in the other ways. */
export interface SaltEnds {
  readonly equilibrium: EquilibriumSalinity;
  readonly equilibriumSd: number;
  readonly perWater: PerWater | null;
  readonly perVegetables: PerVegetables;
  readonly perTotal: PerTotal;
  /** The brine as poured; null for dry salt. */
  readonly asPoured: TrueStrength | null;
}
export interface PreparedItem {
  readonly id: string;
  readonly cropId: string;
  readonly name: string;
  /** What was known of it as this was reckoned. */
  readonly crop: Crop;
  readonly cut: Cut;
  /** Where the household's way has a cut of its own. */
  readonly ownCut?: OwnCut;
  readonly pickedG: number;
  readonly prepared: Spread;
  readonly weighed: boolean;
  /** Own batches behind the trim yield, and behind the packing; 0: the table. */
  readonly trimFrom: number;
  readonly packing: number;
  readonly packingFrom: number;
}

export interface Worksheet {
  readonly version: 1;
  readonly styleId: string;
  readonly salting: Salting;
  readonly saltKindId: string;
  readonly items: readonly PreparedItem[];
  readonly extras: readonly ExtraIn[];
  readonly prepared: Spread;
  readonly packedG: number;
  readonly leftG: number;
  readonly sets: readonly JarSet[];
  readonly chosen: JarSet;
  /** Jars, of those owned, one more of which would take what is left. */
  readonly oneMore: readonly string[];
  readonly jars: readonly JarCard[];
  readonly brine: BrineToMix | null;
  readonly bags: BagBrine | null;
  readonly shreds: ShredsAnswer | null;
  readonly rinse: RinseAnswer | null;
  readonly salt: SaltAnswer;
  readonly ends: SaltEnds;
  readonly juice: JuiceAdvice | null;
  readonly cautions: readonly Caution[];
  readonly working: readonly Working[];
}
