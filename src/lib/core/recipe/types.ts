import type { Crop } from '../produce/index';
import type { RefusalCode } from '../refusal/index';
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
  /** What it is, where the household or the table knows it. */
  readonly cropId: string | null;
  readonly crop: Crop | null;
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
  | 'name-missing'
  /** Two amounts of one thing that do not agree. */
  | 'amounts-disagree'
  /** One amount that can mean two things: a thousand or a part, each or all. */
  | 'amount-unclear'
  /** A piece that the crop does not have. */
  | 'piece-strange'
  /** Two things on one line. */
  | 'two-things'
  /** A dose of salt that is not understood: `word` names what. */
  | 'salt-not-understood'
  /** Kept by honey, oil or vinegar: outside what is reckoned here. */
  | 'other-preserve';

/** What is missing on a card or contradicts itself. What blocks must be given, or marked free, before it is scaled. */
export interface CardProblem {
  readonly code: CardProblemCode;
  readonly line: number | null;
  readonly said: string;
  readonly blocks: boolean;
  /** What is unknown or at odds: a word, two amounts. */
  readonly word?: string;
  /** Why a dose is not understood. */
  readonly why?: RefusalCode;
}

/** A line that is only text of the card. */
export interface CardText {
  readonly line: number;
  readonly said: string;
  readonly why: 'title' | 'heading' | 'step' | 'remark' | 'water';
}

/** A card read: what it holds and what it lacks. */
export interface Card {
  readonly ingredients: readonly Ingredient[];
  readonly salt: SaltLine | null;
  /** Vegetables of the recipe as written, g; null when it is written in shares. */
  readonly baseG: number | null;
  /** Water of the recipe as written, ml; the jars' own brine is worked out anew. */
  readonly waterMl: number | null;
  /** Titles, steps and remarks: kept, and nothing is read from them. */
  readonly texts: readonly CardText[];
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
