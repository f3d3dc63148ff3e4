import type { WallMinute } from '../calendar/index';
import type { Contents, Part } from '../contents/index';
import type { CareKind } from './care-kinds';
import type { Heated } from './heat-process';
import type { Crop, Cut } from '../produce/index';
import type { Lid } from '../vessel/index';
import type { Mixed } from './mixed';

/** One spell of a jar at one place. A jar is at one place at a time: the last one. */
export interface Stay {
  readonly placeId: string;
  readonly from: WallMinute;
}

/** Till when a jar is best, and how long at the longest. */
export interface Keeps {
  readonly best: WallMinute;
  readonly latest: WallMinute;
}

/** One jar or crock of a batch, from filled to emptied. */
export interface Filling {
  readonly id: string;
  /** Said aloud and written on the lid. */
  readonly lidNumber: number;
  readonly jarId: string;
  readonly jarName: string;
  readonly geometryId: string;
  readonly lid: Lid;
  /** Another lid was put on: what was due for the one before is over. */
  readonly lidSince?: WallMinute;
  readonly headspaceMm: number;
  readonly usableMl: number;
  readonly vegRoomMl: number;
  /** What it holds as long as nothing is taken of it. */
  readonly full: Contents;
  /** What it holds now. */
  readonly holds: Contents;
  /** What came to its batch in it, g: all of `full`, less for stock begun before, nothing for a jar decanted into. */
  readonly startG: number;
  readonly stays: readonly Stay[];
  /** Filled with what was finished: nothing lies in it, and nothing is to be blended any more. */
  readonly finished?: true;
  /** Heated by the process of a tested guide: shelf-stable, and its living culture gone. */
  readonly heated?: Heated;
  /** Filled out of another jar of its batch: what was due before is that one's. */
  readonly decantedAt?: WallMinute;
  readonly emptiedAt: WallMinute | null;
  /** No longer than what was poured into it would have kept. */
  readonly keepsTo?: Keeps;
  /** Its own salinity since it was put right; without one the batch's holds. */
  readonly equilibrium?: number;
  /** Sour brine that was poured in at its start, g per kg, as much as if it were fresh. */
  readonly starterG?: number;
  /** It waits where it stands till that one is eaten, and since when. */
  readonly waitsFor?: Awaited & { readonly since: WallMinute };
  /** What was done to what it holds since it was filled, oldest first. */
  readonly mixed?: readonly Mixed[];
}

/** A jar whose turn another one waits for, as it was called then. */
export interface Awaited {
  readonly batchId: string;
  readonly batchName: string;
  readonly fillingId: string;
  readonly lidNumber: number;
}

/** A jar as it is filled: what it is, and what came into it from where. */
export type NewFilling = Omit<
  Filling,
  'full' | 'holds' | 'startG' | 'stays' | 'lidSince' | 'decantedAt' | 'emptiedAt' | 'keepsTo' | 'equilibrium'
> & {
  readonly parts: readonly Part[];
  /** In it when it was entered, where less than all. */
  readonly startG?: number;
};

/** Care that was done, skipped, or of which nobody knows: what lay between while nothing was written down. */
export const CARE_HOW = ['done', 'skipped', 'unknown'] as const;
export type CareHow = (typeof CARE_HOW)[number];

export interface CareMark {
  readonly id: string;
  readonly kind: CareKind;
  readonly how: CareHow;
  /** The slot that was due, and when the hand was raised. */
  readonly slot: WallMinute;
  readonly at: WallMinute;
  readonly fillingIds: readonly string[];
}

/** Marks of a taste, from 0 to 5; null: not said. */
export interface TasteMarks {
  readonly sour: number;
  readonly salt: number | null;
  readonly crunch: number | null;
  /** How hot or sharp it is, and how full it smells and tastes. */
  readonly bite: number | null;
  readonly aroma: number | null;
  /** Who tasted; empty: not said. */
  readonly who: string;
  /** This is how they like it. */
  readonly liked: boolean;
  readonly note: string;
}

export interface Taste extends TasteMarks {
  readonly id: string;
  readonly at: WallMinute;
  readonly fillingIds: readonly string[];
  readonly corrected: boolean;
}

export interface PHReading {
  readonly id: string;
  readonly at: WallMinute;
  readonly fillingIds: readonly string[];
  readonly pH: number;
  /** What it was read with; absent: a strip. */
  readonly by?: 'strip' | 'meter';
}

/** A photo of jars; the picture itself lies beside the log, by the same id. */
export interface Photo {
  readonly id: string;
  readonly at: WallMinute;
  readonly fillingIds: readonly string[];
  readonly width: number;
  readonly height: number;
}

/** What a titration gave: titratable acidity, % as lactic acid. */
export interface Titration {
  readonly id: string;
  readonly at: WallMinute;
  readonly fillingIds: readonly string[];
  readonly percent: number;
}

/** How much gas one saw, as people say it. */
export const GAS_SEEN = ['none', 'slow', 'lively'] as const;
export interface GasSeen {
  readonly id: string;
  readonly at: WallMinute;
  readonly fillingIds: readonly string[];
  readonly seen: (typeof GAS_SEEN)[number];
}

export const PORTION_HOW = ['eaten', 'cooked', 'given', 'thrown'] as const;
export type PortionHow = (typeof PORTION_HOW)[number];
/** What is eaten, as it is or cooked with, is of the pieces where they swim in brine. */
export const atTable = (how: PortionHow): boolean => how === 'eaten' || how === 'cooked';

/** Why a jar is to be thrown away: a pH over the line, by day, or a sign of spoiling. */
export type Condemned =
  | { readonly kind: 'pH'; readonly pH: number; readonly day: number; readonly lineDay: number }
  | { readonly kind: 'sign'; readonly sign: string };

/** Why something was thrown away, where the house knows. */
export type Because = Condemned | { readonly kind: 'broke' };

export interface Portion {
  readonly id: string;
  readonly at: WallMinute;
  readonly fillingId: string;
  readonly how: PortionHow;
  readonly g: number;
  /** It was of the pieces, and the brine stayed; absent: of everything in the jar alike. */
  readonly pieces?: true;
  /** The name under which the brine of the last pieces is kept; absent: poured away. */
  readonly brineId?: string;
  /** What it was of: as the jar's whole was then. */
  readonly what: Contents;
  /** In the household's words; may be empty where the house knows why. */
  readonly reason: string;
  readonly because?: Because;
  readonly corrected: boolean;
}

export interface BatchItem {
  readonly lotId: string | null;
  readonly cropId: string;
  readonly name: string;
  readonly preparedG: number;
  /** What was known of the crop when it went in: water and density of its flesh, the cut it is usually given. */
  readonly moisture: number;
  readonly density: number;
  readonly pack: Cut;
  /** A second pick: the jar it went into; absent: all jars had it from the start. */
  readonly into?: string;
}

/** A crop as a batch keeps it, whatever the table says later. */
export const batchItem = (lotId: string | null, c: Crop, preparedG: number): BatchItem => ({
  lotId,
  cropId: c.id,
  name: c.name,
  preparedG,
  moisture: c.moisture,
  density: c.density,
  pack: c.pack
});

/** One rinse, in the words it was said. */
export interface RinseLogged {
  readonly after: string;
  readonly taste: string;
  readonly salinity: string;
}

/** A sign of spoiling, seen on some jars. */
export interface SignSeen {
  readonly id: string;
  readonly at: WallMinute;
  readonly fillingIds: readonly string[];
  readonly sign: string;
}

/** Acid stirred into a sauce as a first step; the pH measured next says what it did. */
export interface Souring {
  readonly id: string;
  readonly at: WallMinute;
  readonly fillingIds: readonly string[];
  readonly sauceG: number;
  readonly pH: number;
  readonly wanted: number;
  readonly vinegarMl: number;
  readonly citricG: number;
}

/** A recipe as a batch knows it. */
export interface RecipeUsed {
  readonly id: string;
  readonly version: number;
  readonly name: string;
}
