import type { Crop, Cut, OwnCrops } from '../produce/index';
import type {
  EquilibriumSalinity,
  PerTotal,
  PerVegetables,
  PerWater,
  Spread,
  SpoonSystem,
  TrueStrength,
  WrittenUnits
} from '../quantity/index';
import type { Learned } from '../learn/index';
import type {
  BrineStock,
  DosingWay,
  FromStock,
  OwnSpoon,
  RinsedLeaf,
  Rinsed,
  ScaleAdvice,
  Spoonful
} from '../salt/index';
import type { OwnStyles, Salting } from '../style/index';
import type { Caution } from '../safety/index';
import type { JarSet, Lid, VesselWeight } from '../vessel/index';

/** One thing on the bench: a pick, weighed again once prepared, or not yet. */
export interface WorksheetItem {
  readonly id: string;
  readonly cropId: string;
  /** Picked weight on the bench, g. */
  readonly pickedG: number;
  readonly withTops: boolean;
  /** Prepared weight, g; null while not weighed: then it is estimated by trim yield. */
  readonly preparedG: number | null;
  /** Spread of a weight that was counted, not weighed, g, one sd. */
  readonly pickedSdG?: number;
  readonly preparedSdG?: number;
  /** The unit in which it was typed: a slip of units is guessed only where it fits. */
  readonly preparedUnit?: string;
}

/** A kind of jar the household owns, with how many are free. */
export interface WorksheetJar {
  readonly id: string;
  readonly name: string;
  readonly geometryId: string;
  readonly lid: Lid;
  readonly free: number;
  /** Brim volume as measured, ml; else the table's. */
  readonly brimMl?: number;
  readonly headspaceMm?: number;
  readonly weightMl?: number;
  /** What holds the contents under; it counts for room and height where `weightMl` does not say otherwise. */
  readonly weight?: VesselWeight;
}

/** How the brine is made. */
export interface BrinePlan {
  /** Mixed in a jug with a reserve, or salt into each jar and water after. */
  readonly mix: 'jug' | 'in the jar';
  readonly hot: boolean;
  /** Brine that is there already and shall go in. */
  readonly stock: readonly BrineStock[];
}

export interface WorksheetInput {
  /** The household's own crops and corrections. */
  readonly crops: OwnCrops;
  /** And its own ways of making a style. */
  readonly styles: OwnStyles;
  readonly styleId: string;
  readonly items: readonly WorksheetItem[];
  readonly way: DosingWay;
  /** Of the base that `way` names, 0-1. */
  readonly fraction: number;
  readonly saltKindId: string;
  readonly jars: readonly WorksheetJar[];
  /** Jars chosen by hand, by jar id; null: the tool chooses. */
  readonly counts: Readonly<Record<string, number>> | null;
  /** Which of the proposed sets, 0 first. */
  readonly choice: number;
  /** How many sets to propose; the alternatives cost time that a keystroke may not have. */
  readonly sets?: 1 | 3;
  readonly place: { readonly name: string; readonly tempC: number };
  /** Somebody is there to open lids every day. */
  readonly opens: boolean;
  /** Step of the household's scale, g. */
  readonly scaleStepG: number;
  readonly spoons: SpoonSystem;
  /** In which units cautions speak; metric where nothing is said. */
  readonly units?: WrittenUnits;
  /** The household's own trim yields, by `trimKey`. */
  readonly trims: Readonly<Record<string, Learned>>;
  readonly ownSpoons: readonly OwnSpoon[];
  /** Salty and dried ingredients, by id, g. */
  readonly extras: readonly { readonly id: string; readonly g: number }[];
  /** Another way than the style's usual one. */
  readonly salting?: Salting;
  /** Heavy salting only: what was weighed and measured after the rinse. */
  readonly rinsed?: Rinsed;
  /** Heavy salting only: the share of the leaf to strew, where it is not the style's usual. */
  readonly heavyFraction?: number;
  /** Shreds that do not fill their jars: topped up with brine or not. A mash is never thinned without being asked. */
  readonly topUp?: boolean;
  /** Filled and weighed: vegetables and water in each jar as they were weighed, g, in the order of the jars; null: not yet. */
  readonly netG?: readonly (number | null)[];
  readonly brine?: BrinePlan;
  /** The household's own packing fractions, by crop and cut; and how its brine runs against the plan. */
  readonly packings?: Readonly<Record<string, Learned>>;
  readonly brineUse?: Learned;
  /** Nobody is here from so many days after the start to so many. */
  readonly away?: { readonly from: number; readonly to: number } | null;
}

export interface PreparedItem {
  readonly id: string;
  readonly cropId: string;
  readonly name: string;
  /** What was known of it as this was reckoned. */
  readonly crop: Crop;
  readonly cut: Cut;
  readonly pickedG: number;
  readonly prepared: Spread;
  readonly weighed: boolean;
  /** Own batches behind the trim yield, and behind the packing; 0: the table. */
  readonly trimFrom: number;
  readonly packing: number;
  readonly packingFrom: number;
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
  readonly fromStock: readonly FromStock[];
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

/** Says of a number how to write it. */
export type Unit = 'mass' | 'salt' | 'volume' | 'percent' | 'strength' | 'count' | 'number' | 'mm' | 'days';

export interface WorkingValue {
  readonly name: string;
  readonly value: number;
  readonly unit: Unit;
}

/** How a number came about: formula in words, values put in, source, error. */
export interface Working {
  readonly id: string;
  readonly name: string;
  readonly result: WorkingValue;
  readonly formula: string;
  readonly values: readonly WorkingValue[];
  readonly source: string;
  /** ±, nine times in ten, in the result's unit; null where it is exact by choice. */
  readonly plusMinus: number | null;
}

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
