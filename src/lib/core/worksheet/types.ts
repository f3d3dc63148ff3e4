import type { OwnCrops } from '../produce/index';
import type { SpoonSystem } from '../quantity/index';
import type { Learned } from '../learn/index';
import type { SavedBrine, DosingWay, OwnSpoon, Rinsed } from '../salt/index';
import type { OwnStyles, Salting } from '../style/index';
import type { Lid, VesselWeight } from '../vessel/index';

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
  readonly saved: readonly SavedBrine[];
}

/** A jar of its own for what is over or of the second grade, with the same salt; `counts` hold it, too. */
export interface SideJar {
  readonly jarId: string;
  readonly g: number;
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
  /** What was over when the jars were packed: so much of it, prepared, g, in a jar of its own of that kind. */
  readonly side?: SideJar;
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
