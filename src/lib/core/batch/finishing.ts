import type { WallMinute } from '../calendar/index';
import type { ObjectKind } from '../run/index';
import type { BatchItem, NewFilling } from './facts';

/** Something that lies in a jar and has to come out before a blade goes in. */
export interface LaidIn {
  readonly id: string;
  readonly fillingId: string;
  readonly lidNumber: number;
  readonly kind: ObjectKind;
  readonly n: number;
}

/** What a sieve keeps back: dried for seasoning, or thrown. */
export const PULP_TO = ['kept', 'thrown'] as const;
/** Where the sauce goes that no bottle took. */
export const REST_TO = ['eaten', 'thrown'] as const;
/** What may be said of a finishing, a step at a time. */
export const FINISH_NOTED = ['begun', 'out', 'inAgain', 'drained', 'bowl', 'weighed'] as const;

/** Brine kept of an older batch, poured into the bowl to sour it further: a mother. */
export interface OldBrine {
  readonly brineId: string;
  readonly name: string;
  /** The batch that it was drained from; null: nobody knows. */
  readonly batchId: string | null;
  readonly g: number;
  readonly ml: number;
  readonly strength: number;
}

/** Sour jars on their way into bottles: what was said of it so far. Weights in g; null: not said. */
export interface Finishing {
  readonly fillingIds: readonly string[];
  readonly since: WallMinute;
  readonly laid: readonly LaidIn[];
  /** Of what was laid in, what is out again, by its id. */
  readonly out: readonly string[];
  /** Brine drained off, and how much of it goes back. */
  readonly brineG: number | null;
  readonly backG: number | null;
  readonly waterG: number | null;
  readonly oldBrine?: OldBrine;
  /** Fresh or cooked things that came to it. */
  readonly fresh: readonly BatchItem[];
  readonly sweetG: number | null;
  /** What the sieve kept back. */
  readonly pulpG: number | null;
  readonly pulpTo: (typeof PULP_TO)[number];
  /** The sauce as it was weighed before it is bottled. */
  readonly sauceG: number | null;
}

/** A bottle or jar as it is filled with sauce. */
export type Bottle = Omit<NewFilling, 'parts' | 'startG'> & { readonly g: number };

/** Jars that became a sauce in bottles: what came to it, what went, in g. */
export interface Bottled extends Pick<Finishing, 'fillingIds' | 'fresh' | 'pulpTo' | 'sauceG' | 'oldBrine'> {
  /** Brine that did not go back, and the name under which it is kept; null: poured away. */
  readonly keptBrineG: number;
  readonly brineId: string | null;
  readonly waterG: number;
  readonly sweetG: number;
  /** Vinegar and citric acid that were stirred in meanwhile. */
  readonly acidG: number;
  readonly pulpG: number;
  readonly restTo: (typeof REST_TO)[number];
  readonly placeId: string;
  readonly bottles: readonly Bottle[];
}
