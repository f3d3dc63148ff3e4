/**
 * A season in whole weeks from 0, in kg, litres and points. A pick of week t that keeps K weeks may be used in weeks t … t+K−1.
 * A batch of week t stands on the counter in t … r−1, is stored from r on and eaten in r … r+L−1. A jar that is emptied in week t
 * is free from t+1 on. Room is counted at the end of each week. Source: the model of the season's plan.
 */
export type StorePlace = 'cold' | 'cellar';
export const STORE_PLACES: readonly StorePlace[] = ['cold', 'cellar'];

export interface SeasonCrop {
  readonly id: string;
  /** Expected picks by week, kg. */
  readonly picks: readonly number[];
  /** So many weeks a pick may be used, its own among them. */
  readonly rawWeeks: number;
  /** Usable over picked. */
  readonly trim: number;
  /** What is eaten fresh in a week at most, kg. */
  readonly fresh: number;
  /** The week whose frost ends it, where one does. */
  readonly frost?: number;
  /** What lies there already, and the last week in which it may be used. */
  readonly lots: readonly { readonly kg: number; readonly last: number }[];
}

/** What a style is made of: a crop, or something bought, by its share of what is prepared. */
export interface SeasonShare {
  /** Null: bought. */
  readonly cropId: string | null;
  readonly from: number;
  readonly to: number;
  /** Points that a kilo costs. */
  readonly cost: number;
}

export interface SeasonStyle {
  readonly id: string;
  /** The appetite that it stills. */
  readonly group: string;
  /** Prepared kg that a usable litre of jar takes. */
  readonly kgPerLitre: number;
  /** Litres of water that a kilo of it wants for its brine; 0: it makes its own. */
  readonly waterPerKg: number;
  /** Litres of shelf that a kilo of it takes. */
  readonly shelfPerKg: number;
  readonly servingsPerKg: number;
  /** Weeks on the counter, and the most of them, by the week of its start. */
  readonly counter: readonly { readonly from: number; readonly to: number }[];
  /** Weeks from its start on in which somebody must look after it. */
  readonly careWeeks: number;
  /** Weeks that it keeps; 0: it does not. */
  readonly keeps: Readonly<Record<StorePlace, number>>;
  /** Of a batch. */
  readonly litres: { readonly from: number; readonly to: number };
  readonly hours: { readonly fixed: number; readonly perKg: number };
  readonly shares: readonly SeasonShare[];
  /** Sizes of jars that it may stand in. */
  readonly sizes: readonly string[];
  /** Finished into bottles: its jars are free once it is stored. */
  readonly bottled: boolean;
}

export interface SeasonSize {
  readonly id: string;
  /** Usable. */
  readonly litres: number;
  readonly owned: number;
}

export interface SeasonWeek {
  /** Hours at most, and the share of them that comes easily. */
  readonly hours: number;
  readonly easy: number;
  readonly batches: number;
  /** Water for brine that can be made ready, l. */
  readonly water: number;
  readonly away: boolean;
  /** Litres of shelf. */
  readonly counter: number;
  readonly cold: number;
  readonly cellar: number;
}

/** An appetite: servings wanted by week, and how much dearer one that is missed is than usual. */
export interface SeasonGroup {
  readonly id: string;
  readonly wanted: readonly number[];
  readonly dear: readonly number[];
}

export interface JarsInUse {
  readonly sizeId: string;
  readonly n: number;
}

/** What was begun already: on the counter till its week, or stored. */
export interface SeasonStanding {
  readonly styleId: string;
  readonly kg: number;
  readonly ready: number;
  readonly jars: readonly JarsInUse[];
}
export interface SeasonStored {
  readonly styleId: string;
  readonly place: StorePlace;
  readonly kg: number;
  /** The last week in which it may be eaten. */
  readonly last: number;
  readonly jars: readonly JarsInUse[];
}

/** What things are worth; one point is about one serving that is wanted. */
export interface Points {
  /** A serving missed: of the first half of a week's wish, of the second. */
  readonly missed: readonly [number, number];
  /** A kilo eaten fresh: of the first half of the appetite, of the second. */
  readonly fresh: readonly [number, number];
  readonly lost: number;
  readonly thrown: number;
  readonly hour: number;
  readonly overtime: number;
  readonly batch: number;
  /** A style that is made at all. */
  readonly made: number;
  /** A serving that is left at the end. */
  readonly left: number;
  /** A start otherwise than in the plan that was kept: in the next two weeks, up to the sixth, later. */
  readonly change: readonly [number, number, number];
}

/** Defaults of the model; a household moves them by words. */
export const USUAL_POINTS: Points = {
  missed: [0.7, 1.2],
  fresh: [2.2, 1.1],
  lost: 2,
  thrown: 3,
  hour: 1.5,
  overtime: 4,
  batch: 0.3,
  made: 3,
  left: 0.15,
  change: [8, 4, 1.3]
};

/** A style begun in a week. */
export interface StartIn {
  readonly styleId: string;
  readonly week: number;
}

export interface SeasonInput {
  readonly weeks: readonly SeasonWeek[];
  readonly crops: readonly SeasonCrop[];
  readonly styles: readonly SeasonStyle[];
  readonly sizes: readonly SeasonSize[];
  /** Bottles for what is finished into them, l. */
  readonly bottles: number;
  readonly groups: readonly SeasonGroup[];
  readonly standing: readonly SeasonStanding[];
  readonly stored: readonly SeasonStored[];
  /** Eaten already of jars that still stand, kg by style. */
  readonly opened: Readonly<Record<string, number>>;
  /** Begun then, where that can be, and not begun then: said by hand. */
  readonly held: readonly StartIn[];
  readonly barred: readonly StartIn[];
  /** What is to come of the plan that was kept: another one costs something, from its first start to its last. */
  readonly earlier: readonly StartIn[];
  /** So many weeks are planned in whole jars. */
  readonly firmWeeks: number;
  /** Jars that come back are counted every so many weeks. */
  readonly countEvery: number;
  readonly points: Points;
}

export interface PlannedBatch {
  readonly styleId: string;
  readonly week: number;
  readonly kg: number;
  readonly jars: readonly JarsInUse[];
  /** Where and when its parts go from the counter. */
  readonly ends: readonly { readonly place: StorePlace; readonly week: number; readonly kg: number }[];
  /** What it is made of, prepared. */
  readonly uses: readonly { readonly cropId: string | null; readonly kg: number }[];
}

/** A plan: what is started, eaten and given back, week by week. What spoils follows from it. */
export interface SeasonPlan {
  readonly batches: readonly PlannedBatch[];
  readonly fresh: readonly { readonly cropId: string; readonly week: number; readonly kg: number }[];
  readonly eaten: readonly Meal[];
  /** Thrown out to make room before it spoiled. */
  readonly thrown: readonly Meal[];
  readonly back: readonly {
    readonly styleId: string;
    readonly sizeId: string;
    readonly week: number;
    readonly n: number;
  }[];
}
export interface Meal {
  readonly styleId: string;
  readonly place: StorePlace;
  readonly week: number;
  readonly kg: number;
}
