import type { WallMinute } from '../calendar/index';
import type { GateId, RunStep } from './types';

/** What is in a jar and has to come out again, by jar number: weights, bags, leaves, sticks. */
export const OBJECTS = ['weight', 'bag', 'leaf', 'stick'] as const;
export type ObjectKind = (typeof OBJECTS)[number];
export type ObjectsIn = Readonly<Record<string, Readonly<Partial<Record<ObjectKind, number>>>>>;

/** A step that is not done, and why not. */
export type Skipped = Readonly<Record<string, string>>;

/** An answer at a gate; one that passes lets the making go on. */
export interface Answered {
  readonly answer: string;
  readonly passes: boolean;
  readonly at: WallMinute;
}

/** One making on one bench, from begun to the last thing done. */
export interface Run {
  readonly id: string;
  readonly bench: string;
  readonly name: string;
  readonly styleId: string;
  readonly begunAt: WallMinute;
  /** Steps that are done, and when. */
  readonly done: Readonly<Record<string, WallMinute>>;
  readonly skipped: Skipped;
  readonly gates: Readonly<Partial<Record<GateId, Answered>>>;
  /** Of the kit list, what is there. */
  readonly ticked: readonly string[];
  readonly objects: ObjectsIn;
  /** From the floor up; empty: as it is usual. */
  readonly layers: readonly string[];
  /** Since when the hands are at this step, and after which; null: it was put off meanwhile, and nobody knows. */
  readonly hands: { readonly since: WallMinute; readonly after: string | null } | null;
  /** How long steps took hands, minutes, and after which step: then a rest is in it. */
  readonly took: Readonly<Record<string, { readonly minutes: number; readonly after: string | null }>>;
  /** Put off till then; null: it goes on. */
  readonly waitsTill: WallMinute | null;
  /** The batch that it became, with its lids; null: not closed yet. */
  readonly became: {
    readonly batchId: string;
    readonly lidNumbers: readonly number[];
    readonly made: Made | null;
    readonly at: WallMinute;
  } | null;
  readonly givenUp: GivenUp | null;
  /** Nothing is left to do. */
  readonly over: boolean;
}

/** What went in, prepared, g; the crop that it is mostly of, or null. */
export interface Made {
  readonly g: number;
  readonly cropId: string | null;
}

/** Where the produce of a making that is given up goes. */
export const GIVEN_UP = ['back', 'eaten', 'thrown'] as const;
export type GivenUp = (typeof GIVEN_UP)[number];

export type RunEvent =
  | {
      readonly type: 'begun';
      readonly data: { readonly bench: string; readonly name: string; readonly styleId: string };
    }
  | { readonly type: 'did'; readonly data: { readonly step: string; readonly last: boolean } }
  | {
      readonly type: 'skipped';
      readonly data: { readonly step: string; readonly why: string; readonly last: boolean };
    }
  | {
      readonly type: 'answered';
      readonly data: { readonly gate: GateId; readonly answer: string; readonly passes: boolean };
    }
  | { readonly type: 'ticked'; readonly data: { readonly thing: string; readonly on: boolean } }
  | { readonly type: 'putIn'; readonly data: { readonly objects: ObjectsIn } }
  | { readonly type: 'laid'; readonly data: { readonly layers: readonly string[] } }
  | { readonly type: 'putOff'; readonly data: { readonly till: WallMinute | null } }
  | {
      readonly type: 'closed';
      /** By the style that it was made in at last. */
      readonly data: {
        readonly batchId: string;
        readonly styleId: string;
        readonly lidNumbers: readonly number[];
        /** Null: it was not written down then. */
        readonly made: Made | null;
      };
    }
  | { readonly type: 'givenUp'; readonly data: { readonly how: GivenUp } }
  /** What was left of it nobody did in time, nor will. */
  | { readonly type: 'lapsed'; readonly data: Record<string, never> };

/** The run after one more event; `undefined` before it was begun. */
export function evolveRun(
  id: string,
  state: Run | undefined,
  event: RunEvent,
  at: WallMinute
): Run | undefined {
  if (event.type === 'begun') return begun(id, event.data, at);
  if (!state) return undefined;
  switch (event.type) {
    case 'did':
    case 'skipped':
      return stepBehind(state, event, at);
    case 'answered': {
      const { gate, answer, passes } = event.data;
      const gates = { ...state.gates, [gate]: { answer, passes, at } };
      return { ...state, gates, waitsTill: null, ...(passes ? { hands: { since: at, after: null } } : {}) };
    }
    case 'ticked': {
      const rest = state.ticked.filter((t) => t !== event.data.thing);
      return { ...state, ticked: event.data.on ? [...rest, event.data.thing] : rest };
    }
    case 'putIn':
      return { ...state, objects: event.data.objects };
    case 'laid':
      return { ...state, layers: event.data.layers };
    case 'putOff':
      return { ...state, waitsTill: event.data.till, hands: null };
    case 'closed': {
      const { styleId, ...became } = event.data;
      return { ...state, styleId, became: { ...became, at }, waitsTill: null };
    }
    case 'givenUp':
      return { ...state, givenUp: event.data.how, over: true };
    case 'lapsed':
      return { ...state, over: true };
  }
}

/** A step behind: done, or left out; a word takes the other's place. */
function stepBehind(state: Run, event: RunEvent & { type: 'did' | 'skipped' }, at: WallMinute): Run {
  const { step, last } = event.data;
  const { [step]: _, ...skipped } = state.skipped;
  const next = { waitsTill: null, over: ends(state, last), hands: { since: at, after: step } };
  if (event.type === 'skipped') return { ...state, ...next, skipped: { ...skipped, [step]: event.data.why } };
  const { hands } = state;
  const took = hands
    ? { ...state.took, [step]: { minutes: at - hands.since, after: hands.after } }
    : state.took;
  return { ...state, ...next, done: { ...state.done, [step]: at }, skipped, took };
}

/** The last thing after a closing ends it; where the closing was taken back, nothing did. */
const ends = (state: Run, last: boolean): boolean => last && state.became !== null;

const begun = (
  id: string,
  data: { readonly bench: string; readonly name: string; readonly styleId: string },
  at: WallMinute
): Run => ({
  ...{ id, ...data, begunAt: at, done: {}, skipped: {}, gates: {}, ticked: [], objects: {}, layers: [] },
  ...{ hands: { since: at, after: null }, took: {} },
  ...{ waitsTill: null, became: null, givenUp: null, over: false }
});

/** Whether a step is behind: done, skipped, or its gate passed. */
export const isBehind = (run: Run, step: RunStep): boolean =>
  step.gate === null
    ? step.id in run.done || step.id in run.skipped || (step.kind === 'close' && run.became !== null)
    : run.gates[step.gate]?.passes === true || step.id in run.skipped;

/** The step where the hands are: the first that is not behind; null: none is left. No step is ever passed over unseen. */
export const stepNow = (run: Run, steps: readonly RunStep[]): RunStep | null =>
  steps.find((s) => !isBehind(run, s)) ?? null;

/** Minutes of hands from here on; rests not counted. */
export const minutesLeft = (run: Run, steps: readonly RunStep[]): number =>
  steps.filter((s) => !isBehind(run, s)).reduce((a, s) => a + s.minutes, 0);

/** When a later step of a closed making is due; null: with the closing. */
export const dueAt = (run: Run, step: RunStep): WallMinute | null =>
  run.became && step.afterDays !== null ? run.became.at + step.afterDays * 1440 : null;
