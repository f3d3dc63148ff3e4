import { z } from 'zod';
import { FINISH_NOTED } from '../../core/batch';
import { FINISH_SAID, jarsSaid, listed } from '../../words';
import { decantSchema, pourTogetherSchema } from '../batch';
import { bottleSchema, finishSchema, leaveFinishSchema } from '../finish';
import { ofBatch } from './answers';
import { AMOUNT, command, type Command } from './command';

const POURED = [
  ...AMOUNT,
  'batch-unknown',
  'jar-unknown',
  'jar-empty',
  'jar-heated',
  'discard-first',
  'more-than-there-is',
  'more-than-jar-takes'
] as const;

/** Jars on their way to other jars and into bottles. */
export const STORED = {
  decant: command(
    decantSchema,
    ofBatch,
    [...POURED, 'jar-kind-unknown', 'jars-not-free'],
    (a) => `Decanted. Write ${listed(a.lidNumbers)} on the lid`
  ),
  'pour-together': command(
    pourTogetherSchema,
    ofBatch,
    [...POURED, 'into-itself'],
    (a) => `Poured together: ${a.name}, ${jarsSaid(a.lidNumbers)}`
  ),
  finish: command(
    finishSchema,
    ofBatch.extend({ what: z.enum(FINISH_NOTED) }),
    [
      ...AMOUNT,
      ...[
        'batch-unknown',
        'jar-unknown',
        'jar-empty',
        'jar-heated',
        'no-jar-named',
        'discard-first',
        'crop-unknown'
      ],
      ...['objects-in', 'object-unknown', 'more-than-there-is', 'brine-unknown', 'more-brine-than-there']
    ] as const,
    (a) => `${FINISH_SAID[a.what]}: ${a.name}`
  ),
  'leave-finish': command(
    leaveFinishSchema,
    ofBatch,
    ['batch-unknown', 'not-finishing'],
    (a) => `${a.name}: no longer being finished`
  ),
  bottle: command(
    bottleSchema,
    ofBatch,
    [
      ...[
        'batch-unknown',
        'jar-unknown',
        'jar-empty',
        'jar-heated',
        'no-jar-named',
        'discard-first',
        'place-unknown'
      ],
      ...['raw-not-pantry', 'not-finishing', 'objects-in', 'no-jars-chosen', 'jar-kind-unknown'],
      ...['jars-not-free', 'bottles-too-many', 'more-than-there-is'],
      ...['meter-not-calibrated', 'calibration-old', 'brine-unknown', 'more-brine-than-there']
    ] as const,
    (a) => `Bottled. Write ${listed(a.lidNumbers)} on the lid${a.lidNumbers.length > 1 ? 's' : ''}`
  )
} as const satisfies Record<string, Command>;
