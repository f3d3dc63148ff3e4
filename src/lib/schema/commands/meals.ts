import { z } from 'zod';
import { writeMass } from '../../core/quantity';
import { jarsSaid } from '../../words';
import { eatMealSchema } from '../meal';
import { AMOUNT, command, type Command } from './command';

/** What is eaten of several jars at once. */
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
  )
} as const satisfies Record<string, Command>;
