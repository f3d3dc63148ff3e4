import {
  isShown,
  timerChanged,
  timerEnded,
  timerHeard,
  timerStarted,
  type Timer,
  type TimerEvent
} from '../../core/timer';
import { done, refuse, type Outcome } from '../../core/refusal';
import type { Work } from '../db/kinds';
import { household, timers } from '../repos';
import { useCase } from './act';

/** A timer set going: a rest, a turn every half-hour, something that boils or cools. */
export const startTimer = useCase('start-timer', async (work, input) => {
  const { places } = await household(work.trx);
  if (input.placeId !== '' && !places.some((p) => p.id === input.placeId))
    return refuse('place-unknown', { field: 'placeId' });
  const live = await timers.list(work.trx, 'live');
  const going = live.filter((t) => isShown(t, work.elapsed));
  const begun = timerStarted(input, going, work.elapsed);
  if (!begun.ok) return begun;
  // What nobody stopped and nobody sees any more is put away.
  for (const old of live.filter((t) => !going.includes(t)))
    await timers.append(work, old.id, [{ type: 'ended', data: {} }]);
  const now = await timers.append(work, work.command, [begun.value]);
  return done(answered(now!, work));
});

/** So much longer, or shorter. */
export const changeTimer = useCase('change-timer', async (work, input) =>
  ofTimer(work, input.timerId, (t) => timerChanged(t, input, work.elapsed))
);

/** What rang was heard, by whichever phone. */
export const hearTimer = useCase('hear-timer', async (work, input) =>
  ofTimer(work, input.timerId, (t) => timerHeard(t, work.elapsed))
);

/** A timer that is not wanted any more. */
export const endTimer = useCase('end-timer', async (work, input) => ofTimer(work, input.timerId, timerEnded));

async function ofTimer(work: Work, timerId: string, ask: (t: Timer) => Outcome<TimerEvent>) {
  const found = await timers.load(work.trx, timerId);
  if (!found) return refuse('timer-unknown', { field: 'timerId' });
  const decided = ask(found.state);
  if (!decided.ok) return decided;
  const now = await timers.append(work, timerId, [decided.value]);
  return done(answered(now ?? found.state, work));
}

const answered = ({ id, name, endsAt }: Timer, { elapsed }: Work) => ({
  ...{ timerId: id, name },
  minutes: Math.max(0, endsAt - elapsed) / 60_000
});
