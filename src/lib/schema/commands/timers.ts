import { z } from 'zod';
import { lastingWords } from '../../words';
import { changeTimerSchema, ofTimerSchema, startTimerSchema } from '../timer';
import { named } from './answers';
import { command, DURATION, type Command } from './command';

const ofTimer = named.extend({ timerId: z.string(), minutes: z.number() });

/** Rests, turns, boiling and cooling. */
export const TIMERS = {
  'start-timer': command(
    startTimerSchema,
    ofTimer,
    [...DURATION, 'place-unknown', 'turns-too-long', 'timers-too-many'],
    (a) => `${a.name}: rings in ${lastingWords(a.minutes)}`
  ),
  'change-timer': command(
    changeTimerSchema,
    ofTimer,
    [...DURATION, 'timer-unknown', 'timer-over'],
    (a) => `${a.name}: ${lastingWords(a.minutes)} from now`
  ),
  'hear-timer': command(ofTimerSchema, ofTimer, ['timer-unknown', 'timer-over'], (a) => `${a.name}: heard`),
  'end-timer': command(ofTimerSchema, ofTimer, ['timer-unknown', 'timer-over'], (a) => `${a.name}: stopped`)
} as const satisfies Record<string, Command>;
