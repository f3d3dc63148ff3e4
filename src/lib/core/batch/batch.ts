import type { WallMinute } from '../calendar/index';
import type { Contents } from '../contents/index';
import type { Lid } from '../vessel/index';
import type { StyleFacts } from '../style/index';
import type { KeptSheet } from './first-words';
import type { Correction } from './correction';
import type { HeatProcess } from './heat-process';
import type { Bottled, Finishing } from './finishing';
import type {
  Awaited,
  BatchItem,
  CareMark,
  Filling,
  GasSeen,
  Keeps,
  NewFilling,
  PHReading,
  Photo,
  Titration,
  Portion,
  RecipeUsed,
  RinseLogged,
  SignSeen,
  Souring,
  Taste,
  TasteMarks
} from './facts';
import type { Sour } from './mixed';

export interface Batch {
  readonly id: string;
  readonly name: string;
  readonly styleId: string;
  /** What its style was when it began. */
  readonly style: StyleFacts;
  readonly startedAt: WallMinute;
  readonly items: readonly BatchItem[];
  /** null where nobody knows: jars that already stood there on the first day. */
  readonly equilibrium: number | null;
  readonly equilibriumSd: number;
  readonly saltKindId: string | null;
  /** What was planned and what was really used; null where no brine was poured or nobody knows. */
  readonly brinePlannedMl: number | null;
  readonly brineUsedMl: number | null;
  /** Said, not taken from the plan: what is learnt from. */
  readonly brineSaid: boolean;
  readonly saltG: number | null;
  readonly note: string;
  /** What this batch aimed at, mass fraction; null where nobody said. */
  readonly aim: number | null;
  /** Each rinse of a heavily salted leaf, as it was weighed and tasted. */
  readonly rinses: readonly RinseLogged[];
  /** Rules of harm that were read and overridden, by name. */
  readonly knowing: readonly string[];
  /** Signs seen that mean "throw it away". */
  readonly signs: readonly SignSeen[];
  readonly fillings: readonly Filling[];
  readonly care: readonly CareMark[];
  readonly tastes: readonly Taste[];
  readonly readings: readonly PHReading[];
  readonly titrations: readonly Titration[];
  readonly photos: readonly Photo[];
  readonly gas: readonly GasSeen[];
  readonly portions: readonly Portion[];
  readonly corrections: readonly Correction[];
  readonly sourings: readonly Souring[];
  /** The recipe it was made by, and which version of it. */
  readonly recipe: RecipeUsed | null;
  /** Sour jars on their way into bottles. */
  readonly finishing?: Finishing;
  /** Batches of which something was poured into its jars: what some must not eat came with it. */
  readonly holdsOf: readonly string[];
}

/** A batch without what only its record shows: what a shelf, a task, a dialog about a jar and its outlook need. */
export interface BatchInHand extends Omit<
  Batch,
  'care' | 'portions' | 'rinses' | 'tastes' | 'holdsOf' | 'knowing'
> {
  /** How sour it was found. */
  readonly tastes: readonly Pick<Taste, 'id' | 'at' | 'fillingIds' | 'sour'>[];
}

/** Leaves out what only the record shows, and jars that are empty. */
export function inHand(b: Batch): BatchInHand {
  const { care: _, portions: __, rinses: ___, holdsOf: ____, knowing: _____, ...rest } = b;
  return {
    ...rest,
    tastes: b.tastes.map(({ id, at, fillingIds, sour }) => ({ id, at, fillingIds, sour })),
    // How the last ones were heated is proposed for the next.
    fillings: b.fillings.filter((f) => f.emptiedAt === null || f.heated)
  };
}

type Facts = Pick<
  Batch,
  | 'name'
  | 'styleId'
  | 'style'
  | 'items'
  | 'equilibrium'
  | 'equilibriumSd'
  | 'saltKindId'
  | 'brinePlannedMl'
  | 'brineUsedMl'
  | 'brineSaid'
  | 'saltG'
  | 'note'
>;

export type BatchEvent =
  | {
      readonly type: 'started';
      readonly data: Facts & {
        readonly placeId: string;
        readonly fillings: readonly NewFilling[];
        readonly worksheet: KeptSheet;
        readonly aim: number | null;
        readonly rinses: readonly RinseLogged[];
        readonly knowing: readonly string[];
        readonly recipe: RecipeUsed | null;
      };
    }
  | {
      readonly type: 'entered';
      readonly data: Facts & {
        readonly placeId: string;
        readonly fillings: readonly NewFilling[];
        readonly since: WallMinute;
        readonly placeSince: WallMinute;
      };
    }
  | {
      readonly type: 'added';
      readonly data: {
        readonly fillingId: string;
        readonly items: readonly BatchItem[];
        readonly vegG: number;
        readonly vegRoomMl: number;
        readonly naclG: number;
        readonly saltG: number;
        readonly drawnG: number;
      };
    }
  | { readonly type: 'cared'; readonly data: Omit<CareMark, 'id' | 'at'> }
  | { readonly type: 'tasted'; readonly data: Omit<Taste, 'id' | 'at' | 'corrected'> }
  | {
      readonly type: 'tasteCorrected';
      readonly data: { readonly of: string } & TasteMarks;
    }
  | { readonly type: 'measured'; readonly data: Omit<PHReading, 'id' | 'at'> }
  /** A reading that was wrong: what it really was, or null where there was none. */
  | { readonly type: 'pHCorrected'; readonly data: { readonly of: string; readonly pH: number | null } }
  | { readonly type: 'photoTaken'; readonly data: Omit<Photo, 'id' | 'at'> }
  /** For good: the picture is gone. */
  | { readonly type: 'photoDeleted'; readonly data: { readonly of: string } }
  | { readonly type: 'titrated'; readonly data: Omit<Titration, 'id' | 'at'> }
  | { readonly type: 'gasSeen'; readonly data: Omit<GasSeen, 'id' | 'at'> }
  | { readonly type: 'signSeen'; readonly data: Omit<SignSeen, 'id' | 'at'> }
  | { readonly type: 'signTakenBack'; readonly data: { readonly of: string } }
  | {
      readonly type: 'moved';
      readonly data: { readonly fillingIds: readonly string[]; readonly placeId: string };
    }
  /** Another kind of lid, put on by hand. */
  | {
      readonly type: 'lidChanged';
      readonly data: { readonly fillingIds: readonly string[]; readonly lid: Lid };
    }
  /** It waits its turn till another jar is eaten; null: no longer. */
  | {
      readonly type: 'queued';
      readonly data: { readonly fillingIds: readonly string[]; readonly waitsFor: Awaited | null };
    }
  | { readonly type: 'portioned'; readonly data: Omit<Portion, 'id' | 'at' | 'what' | 'corrected'> }
  | { readonly type: 'portionCorrected'; readonly data: { readonly of: string; readonly g: number } }
  | { readonly type: 'putRight'; readonly data: Omit<Correction, 'id' | 'at'> }
  | { readonly type: 'soured'; readonly data: Omit<Souring, 'id' | 'at'> }
  /** Into another jar of the same batch. */
  | {
      readonly type: 'decanted';
      readonly data: {
        readonly fillingId: string;
        readonly g: number;
        /** All its pieces, with as much of their brine as fits; what is over is poured away. */
        readonly pieces?: true;
        readonly into: Omit<NewFilling, 'parts' | 'startG'>;
      };
    }
  /** Brine drained off: kept under its name, or poured away. */
  | {
      readonly type: 'drained';
      readonly data: {
        readonly fillingId: string;
        readonly g: number;
        readonly salinity: number;
        readonly brineId: string | null;
      };
    }
  /** Heated by a recorded process, onto the pantry shelf. */
  | {
      readonly type: 'heated';
      readonly data: {
        readonly fillingIds: readonly string[];
        readonly placeId: string;
        readonly process: HeatProcess;
      };
    }
  /** A finishing: all that was said of it so far; left be: nothing is. */
  | { readonly type: 'finishing'; readonly data: Omit<Finishing, 'since'> }
  | { readonly type: 'finishingLeft'; readonly data: Readonly<Record<string, never>> }
  /** A sauce in bottles. */
  | { readonly type: 'bottled'; readonly data: Bottled }
  /** Poured into a jar of another batch, and what came there: one posting, said on both sides. */
  | { readonly type: 'passedOn'; readonly data: Passing }
  | { readonly type: 'received'; readonly data: Passing & { readonly items: readonly BatchItem[] } };

/** What goes from a jar of one batch into a jar of another. */
export interface Passing {
  readonly fillingId: string;
  readonly other: { readonly batchId: string; readonly fillingId: string };
  readonly what: Contents;
  /** Till when it would have kept where it stood; null: it stood on the counter. */
  readonly keeps: Keeps | null;
  /** How far it had soured; absent: nobody could reckon it. */
  readonly sour?: Sour;
}

/** When it was said, on the household's clock, and the event's own name. */
export interface Said {
  readonly id: string;
  readonly at: WallMinute;
}
