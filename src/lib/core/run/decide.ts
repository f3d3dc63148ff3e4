import type { WallMinute } from '../calendar/index';
import { bareMass, readWeight, type Ways } from '../reading/index';
import { saltKind } from '../salt/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { stepsFor, styleIn, STYLES, type OwnStyles, type Salting, type Style } from '../style/index';
import { passesGate } from './gates';
import { laterSteps, READIES } from './steps';
import { GATES, type GateId, type RunStep } from './types';
import { isBehind, type GivenUp, type ObjectsIn, type Run, type RunEvent } from './run';

type Decided<T extends RunEvent['type']> = Outcome<RunEvent & { type: T }>;

/** A making begun on a bench. Refuses a bench on which nothing lies or where one is under way. */
export function runBegun(
  said: { readonly bench: string; readonly name: string; readonly styleId: string },
  around: { readonly lying: number; readonly going: readonly Run[]; readonly styles: OwnStyles }
): Decided<'begun'> {
  if (around.lying === 0) return refuse('bench-empty');
  if (around.going.some((r) => r.bench === said.bench && r.became === null))
    return refuse('making-under-way', { field: 'bench' });
  if (!styleIn(said.styleId, around.styles)) return refuse('style-unknown', { field: 'styleId' });
  return done({ type: 'begun', data: said });
}

/**
 * A making begun beside one that is under way, in the same style; what was washed and trimmed with the rest is behind. Refuses a
 * pick of which nothing lies in the Garden: begun by another hand, or by a second tap.
 */
export function runBesides(
  beside: Run,
  said: { readonly bench: string; readonly name: string },
  around: Parameters<typeof runBegun>[1]
): Outcome<RunEvent[]> {
  if (around.lying === 0) return refuse('lot-begun-already', { field: 'lotId' });
  const begun =
    goesOn(beside) ?? beforeClosed(beside) ?? runBegun({ ...said, styleId: beside.styleId }, around);
  if (!begun.ok) return begun;
  const ready = [...READIES].filter((step) => step in beside.done);
  return done([begun.value, ...ready.map((step) => ({ type: 'did', data: { step, last: false } }) as const)]);
}

/** A step done. Of a making that is closed only what comes after is left; its last step ends it. */
export const stepDone = (run: Run, step: string, styles: OwnStyles): Decided<'did'> =>
  ofStep(run, step, styles, (last) => ({ type: 'did', data: { step, last } }));

/** A step left out, and why; whether all is covered is never left open. */
export function stepSkipped(
  run: Run,
  { step, why }: { readonly step: string; readonly why: string },
  styles: OwnStyles
): Decided<'skipped'> {
  if (step === NEVER_SKIPPED) return refuse('step-not-skipped', { field: 'step' });
  return ofStep(run, step, styles, (last) => ({ type: 'skipped', data: { step, why, last } }));
}
/** What does not stand over its liquid spoils. */
const NEVER_SKIPPED = 'gate-covered';

function ofStep<T extends RunEvent['type']>(
  run: Run,
  step: string,
  styles: OwnStyles,
  event: (last: boolean) => RunEvent & { type: T }
): Decided<T> {
  const over = goesOn(run);
  if (over) return over;
  const later = laterSteps(styleIn(run.styleId, styles) ?? STYLES[0]!).map((s) => s.id);
  if (!(run.became === null ? FIRST_IDS.has(step) : later.includes(step)))
    return refuse('step-unknown', { field: 'step' });
  const rest = later.filter((s) => s !== step && !(s in run.done) && !(s in run.skipped));
  return done(event(run.became !== null && rest.length === 0));
}

/**
 * Every step that a making may have before its lids are closed, of whatever style: on its bench it may be made in another way
 * than it was begun. Gates are answered, not done, but may be left out.
 */
const FIRST_IDS: ReadonlySet<string> = new Set([
  ...['kit', 'brine', 'pour'],
  ...STYLES.flatMap((style) =>
    style.steps.filter((s) => s.afterDays === undefined && s.does !== 'label').map((s) => s.id)
  ),
  ...GATES.map((g) => `gate-${g}`)
]);

/** A gate answered: one that passes lets it go on, another is asked again. */
export function gateAnswered(
  run: Run,
  { gate, answer }: { readonly gate: GateId; readonly answer: string }
): Decided<'answered'> {
  const passes = passesGate(gate, answer);
  if (passes === undefined) return refuse('not-a-choice', { field: 'answer' });
  return goesOn(run) ?? beforeClosed(run) ?? done({ type: 'answered', data: { gate, answer, passes } });
}

/** Of the kit, something that is there, or is not after all. */
export const kitTicked = (
  run: Run,
  data: { readonly thing: string; readonly on: boolean }
): Decided<'ticked'> => goesOn(run) ?? done({ type: 'ticked', data });

/** What lies in the jars and has to come out again. */
export const objectsIn = (run: Run, objects: ObjectsIn): Decided<'putIn'> =>
  goesOn(run) ?? done({ type: 'putIn', data: { objects } });

/** The layers of a jar as they were really laid. */
export const jarLaid = (run: Run, layers: readonly string[]): Decided<'laid'> =>
  goesOn(run) ?? done({ type: 'laid', data: { layers } });

/** Put off for a meal or a night: so many minutes; 0: it goes on. */
export const putOff = (run: Run, minutes: number, now: WallMinute): Decided<'putOff'> =>
  goesOn(run) ?? done({ type: 'putOff', data: { till: minutes > 0 ? now + minutes : null } });

/** Its last lid is closed: the batch has begun. */
export const runClosed = (data: (RunEvent & { type: 'closed' })['data']): RunEvent => ({
  type: 'closed',
  data
});

/** Given up before it was closed. What was salted does not go back to the Garden as a raw pick. */
export const runGivenUp = (run: Run, how: GivenUp): Decided<'givenUp'> =>
  goesOn(run) ??
  beforeClosed(run) ??
  (how === 'back' && isSalted(run)
    ? refuse('salted-not-back', { field: 'how' })
    : done({ type: 'givenUp', data: { how } }));

/** Salt that is gone with a making given up, g, as typed; 0: none. */
export function saltGone(
  said: { readonly amount: string; readonly saltKindId: string },
  ways: Ways
): Outcome<number> {
  if (said.saltKindId !== '' && !saltKind(said.saltKindId))
    return refuse('salt-unknown', { field: 'saltKindId' });
  if (said.amount === '' || said.saltKindId === '') return done(0);
  const read = readWeight(said.amount, 'amount', ways, bareMass(ways));
  return read.ok ? done(read.value.g) : read;
}

/** Whether salt or brine has touched the produce: then it does not go back raw. */
export const isSalted = (run: Run): boolean => 'salt' in run.done || 'pour' in run.done;

const goesOn = (run: Run) => (run.over ? refuse('making-over', { field: 'runId' }) : null);
const beforeClosed = (run: Run) => (run.became ? refuse('making-over', { field: 'runId' }) : null);

/** So long after its day a later step is still asked for; who has not done it by then does not mean to. Our judgement. */
const ASKED_MINUTES = 7 * 1440;

const dayOf = (run: Run, step: RunStep): WallMinute => (run.became?.at ?? 0) + (step.afterDays ?? 0) * 1440;

/** What of a closed making is due now; what nobody did in a week is no longer asked for. */
export const dueNow = (run: Run, style: Style, now: WallMinute) =>
  run.became === null || run.over
    ? null
    : (laterSteps(style).find((s) => {
        const at = dayOf(run, s);
        return !isBehind(run, s) && at <= now && now < at + ASKED_MINUTES;
      }) ?? null);

/** Closed makings of which nothing will be asked any more. */
export const lapsed = (runs: readonly Run[], styles: OwnStyles, now: WallMinute): Run[] =>
  runs.filter((run) => {
    const style = styleIn(run.styleId, styles) ?? STYLES[0]!;
    return (
      run.became !== null &&
      laterSteps(style).every((s) => isBehind(run, s) || now >= dayOf(run, s) + ASKED_MINUTES)
    );
  });

/** What comes next of a making under way, by its style alone: where the hands take it up again. */
export const nextOf = (run: Run, style: Style, salting: Salting) =>
  stepsFor(style, salting).find(
    (s) => s.afterDays === undefined && !(s.id in run.done) && !(s.id in run.skipped)
  )?.does ?? null;
