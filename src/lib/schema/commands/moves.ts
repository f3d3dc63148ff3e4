import { z } from 'zod';
import { jarsSaid } from '../../words';
import { changeLidSchema, heatJarsSchema, letWaitSchema, moveJarsSchema } from '../moves';
import { ofBatch } from './answers';
import { AMOUNT, command, type Command } from './command';

/** Where jars stand, under which lid, and till when. */
export const MOVES = {
  move: command(
    moveJarsSchema,
    ofBatch,
    [
      'place-unknown',
      'batch-unknown',
      'jar-unknown',
      'jar-empty',
      'discard-first',
      'already-there',
      'raw-not-pantry'
    ],
    (a) => `Moved: ${jarsSaid(a.lidNumbers)}`
  ),
  'change-lid': command(
    changeLidSchema,
    ofBatch,
    ['batch-unknown', 'jar-unknown', 'jar-empty', 'lid-is-on'],
    (a) => `Another lid: ${jarsSaid(a.lidNumbers)}`
  ),
  'heat-jars': command(
    heatJarsSchema,
    ofBatch,
    [
      ...['batch-unknown', 'jar-unknown', 'jar-empty', 'jar-heated', 'jar-opened', 'discard-first'],
      ...['place-unknown', 'pantry-wanted', 'sour-first', 'height-strange'],
      ...['process-misses', 'process-altitude', 'process-jar'],
      ...AMOUNT
    ] as const,
    (a) => `On the pantry shelf: ${a.name}, ${jarsSaid(a.lidNumbers)}`
  ),
  'let-wait': command(
    letWaitSchema,
    ofBatch.extend({ waitsFor: z.number().nullable() }),
    ['batch-unknown', 'jar-unknown', 'jar-empty', 'jar-heated', 'waits-for-itself'],
    (a) =>
      a.waitsFor === null
        ? `No longer waiting: ${jarsSaid(a.lidNumbers)}`
        : `Waiting till jar ${a.waitsFor} is eaten: ${jarsSaid(a.lidNumbers)}`
  )
} as const satisfies Record<string, Command>;
