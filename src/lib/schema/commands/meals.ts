import { z } from 'zod';
import { writeMass } from '../../core/quantity';
import { jarsSaid } from '../../words';
import { countShelfSchema, eatMealSchema } from '../meal';
import { AMOUNT, command, type Command } from './command';

/** What is said of several jars at once: a meal, a shelf. */
export const MEALS = {
  'eat-meal': command(
    eatMealSchema,
    z.object({ lidNumbers: z.array(z.number()).readonly(), g: z.number() }),
    [
      ...AMOUNT,
      ...['batch-unknown', 'jar-unknown', 'jar-empty', 'discard-first', 'no-jar-named', 'done-before-it'],
      ...['changed-meanwhile', 'more-than-there-is', 'reason-wanted']
    ] as const,
    (a, u) => `A meal from ${jarsSaid(a.lidNumbers)}: ${writeMass(a.g, u)} less`
  ),
  'count-shelf': command(
    countShelfSchema,
    z.object({ name: z.string(), jars: z.number(), off: z.number() }),
    [
      ...['place-unknown', 'jar-unknown', 'jar-empty', 'already-there', 'raw-not-pantry'],
      ...['more-than-written', 'shelf-half-counted', 'more-than-there-is', 'weight-not-positive']
    ] as const,
    (a) =>
      `${a.name} counted: ${a.jars} jar${a.jars === 1 ? '' : 's'}, ${a.off === 0 ? 'all as written' : `${a.off} not as written`}`
  )
} as const satisfies Record<string, Command>;
