import { readDuration } from '../reading/index';
import { done, refuse, type FieldName, type Outcome } from '../refusal/index';
import { freeSound, type ElapsedMs, type Sound, type Timer, type TimerEvent } from './timer';

const MINUTE_MS = 60_000;

/** A timer as it is set: times as typed. */
export interface TimerSaid {
  readonly name: string;
  readonly placeId: string;
  readonly next: string;
  readonly lasts: string;
  /** Rings so often on the way; empty: only at its end. */
  readonly every: string;
  /** Empty: one that no other has. */
  readonly sound: Sound | '';
}

/** More than this at once nobody tells apart. Our judgement. */
export const MOST_TIMERS = 40;

/** A timer set going. Refuses a time that is none, and turns that are longer than the whole. */
export function timerStarted(
  said: TimerSaid,
  going: readonly Timer[],
  now: ElapsedMs
): Outcome<TimerEvent & { type: 'started' }> {
  if (going.length >= MOST_TIMERS) return refuse('timers-too-many', { values: { most: MOST_TIMERS } });
  const lasts = minutesOf(said.lasts, 'lasts');
  if (!lasts.ok) return lasts;
  const every = said.every === '' ? done(null) : minutesOf(said.every, 'every');
  if (!every.ok) return every;
  if (every.value !== null && every.value >= lasts.value) return refuse('turns-too-long', { field: 'every' });
  const { name, placeId, next } = said;
  return done({
    type: 'started',
    data: {
      ...{ name, placeId, next },
      sound: said.sound === '' ? freeSound(going) : said.sound,
      begun: now,
      endsAt: now + lasts.value * MINUTE_MS,
      everyMs: every.value === null ? null : every.value * MINUTE_MS
    }
  });
}

/** A timer changed by hand. */
export interface TimerChange {
  readonly way: 'longer' | 'shorter';
  readonly by: string;
}

/** So much longer, of one that has rung from now on; or so much shorter, but no shorter than now. Refuses one that is over. */
export function timerChanged(
  t: Timer,
  { way, by }: TimerChange,
  now: ElapsedMs
): Outcome<TimerEvent & { type: 'changed' }> {
  if (t.ended) return refuse('timer-over', { field: 'timerId', values: { name: t.name } });
  const minutes = minutesOf(by, 'by');
  if (!minutes.ok) return minutes;
  const ms = minutes.value * MINUTE_MS;
  const endsAt =
    way === 'longer' ? Math.max(now, t.endsAt) + ms : Math.max(Math.min(now, t.endsAt), t.endsAt - ms);
  return done({ type: 'changed', data: { endsAt, heardTo: way === 'longer' ? now : t.heardTo } });
}

/** What rang was heard: it is silent till it rings again, and over after its last ring. */
export const timerHeard = (t: Timer, now: ElapsedMs): Outcome<TimerEvent & { type: 'heard' }> =>
  t.ended
    ? refuse('timer-over', { field: 'timerId', values: { name: t.name } })
    : done({ type: 'heard', data: { to: now } });

/** It is not wanted any more. */
export const timerEnded = (t: Timer): Outcome<TimerEvent & { type: 'ended' }> =>
  t.ended
    ? refuse('timer-over', { field: 'timerId', values: { name: t.name } })
    : done({ type: 'ended', data: {} });

function minutesOf(said: string, field: FieldName): Outcome<number> {
  const read = readDuration(said);
  return read.ok ? read : { ok: false, refusal: { ...read.refusal, field } };
}
