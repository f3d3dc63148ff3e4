import type { DoseReading } from '../salt/index';

/** How an ingredient grows with the batch. */
export type Scales =
  /** Part of the vegetables: a share of their weight. */
  | 'share'
  /** By the kilo of vegetables. */
  | 'kg'
  /** So many or so much for each jar. */
  | 'jar'
  /** By the room of the jars: so many to a quart or a gallon. */
  | 'room'
  /** Said for the whole recipe as written: grows with it. */
  | 'recipe'
  /** As one likes: never reckoned. */
  | 'free';

/** One line of a recipe card, as it was read. */
export interface Ingredient {
  /** The line as written, and where it stands on the card. */
  readonly said: string;
  readonly line: number;
  readonly name: string;
  readonly amount: number | null;
  /** g and ml are exact; other units are counted ("clove", "leaf", "tsp"). Empty: a plain count. */
  readonly unit: string;
  readonly scales: Scales;
  /** For `room`: ml of jar that the amount is said for. */
  readonly perMl?: number;
  readonly optional: boolean;
  /** What it is, where the table knows it. */
  readonly cropId: string | null;
  readonly saltyId: string | null;
  /** Vegetables that fill the jar, as against seasoning. */
  readonly produce: boolean;
  readonly heat: number;
  readonly allergen: string;
  /** Written beside it: "oak leaf or cherry leaf". */
  readonly instead: readonly string[];
}

/** The salt of a recipe, in every way its words can be understood. */
export interface SaltLine {
  readonly said: string;
  readonly line: number;
  readonly readings: readonly DoseReading[];
}

export type CardProblemCode =
  | 'no-produce'
  | 'no-salt'
  | 'salt-unclear'
  | 'salt-measure-unclear'
  | 'salt-twice'
  | 'figure-missing'
  | 'shares-over'
  | 'line-unclear'
  | 'name-missing';

/** What is missing on a card or contradicts itself. What blocks must be given, or marked free, before it is scaled. */
export interface CardProblem {
  readonly code: CardProblemCode;
  readonly line: number | null;
  readonly said: string;
  readonly blocks: boolean;
}

/** A card read: what it holds and what it lacks. */
export interface Card {
  readonly ingredients: readonly Ingredient[];
  readonly salt: SaltLine | null;
  /** Vegetables of the recipe as written, g; null when it is written in shares. */
  readonly baseG: number | null;
  readonly problems: readonly CardProblem[];
}

/** A recipe of the household or of the starting set. */
export interface RecipeText {
  readonly name: string;
  readonly styleId: string;
  /** The card in its own words, a line an ingredient. */
  readonly card: string;
  readonly notes: string;
}
