import { z } from 'zod';
import { lastingWords } from '../../words';
import {
  answerGateSchema,
  beginBesideSchema,
  beginMakingSchema,
  doStepSchema,
  giveUpSchema,
  layJarSchema,
  putInSchema,
  putOffSchema,
  skipStepSchema,
  tickKitSchema
} from '../run';
import { named } from './answers';
import { AMOUNT, command, type Command } from './command';

const ofRun = named.extend({ runId: z.string() });
const GOES_ON = ['making-unknown', 'making-over'] as const;

/** A making from begun to its last lid, and what comes after. */
export const RUN = {
  'begin-making': command(
    beginMakingSchema,
    ofRun,
    ['bench-empty', 'making-under-way', 'style-unknown'],
    (a) => `Making begun: ${a.name}`
  ),
  'begin-beside': command(
    beginBesideSchema,
    ofRun,
    [...GOES_ON, 'lot-unknown', 'making-under-way', 'style-unknown', 'lot-begun-already'],
    (a) => `Beside it: ${a.name}`
  ),
  'do-step': command(doStepSchema, ofRun, [...GOES_ON, 'step-unknown'], (a) => `${a.name}: done`),
  'skip-step': command(
    skipStepSchema,
    ofRun,
    [...GOES_ON, 'step-unknown', 'step-not-skipped'],
    (a) => `${a.name}: left out`
  ),
  'answer-gate': command(answerGateSchema, ofRun, [...GOES_ON], (a) => `${a.name}: answered`),
  'tick-kit': command(tickKitSchema, ofRun, [...GOES_ON], (a) => `${a.name}: ticked`),
  'put-in': command(putInSchema, ofRun, [...GOES_ON], (a) => `${a.name}: what is in is counted`),
  'lay-jar': command(layJarSchema, ofRun, [...GOES_ON], (a) => `${a.name}: layers kept`),
  'put-off': command(putOffSchema, ofRun.extend({ minutes: z.number() }), [...GOES_ON], (a) =>
    a.minutes > 0 ? `${a.name} waits ${lastingWords(a.minutes)}` : `${a.name} goes on`
  ),
  'give-up': command(
    giveUpSchema,
    ofRun,
    [...GOES_ON, 'bench-empty', 'salted-not-back', 'salt-unknown', ...AMOUNT],
    (a) => `${a.name}: given up`
  )
} as const satisfies Record<string, Command>;
