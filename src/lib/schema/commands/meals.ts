import { z } from 'zod';
import { writeMass } from '../../core/quantity';
import { jarsSaid } from '../../words';
import {
  cookDishSchema,
  countShelfSchema,
  dropDishSchema,
  dropPlannedSchema,
  eatMealSchema,
  planDishSchema,
  setDishSchema
} from '../meal';
import { named } from './answers';
import { AMOUNT, command, type Command } from './command';

/** What is said of several jars at once: a meal, a shelf. */
export const MEALS = {
  'eat-meal': command(
    eatMealSchema,
    z.object({
      lidNumbers: z.array(z.number()).readonly(),
      g: z.number(),
      how: z.enum(['eaten', 'cooked'])
    }),
    [
      ...AMOUNT,
      ...['batch-unknown', 'jar-unknown', 'jar-empty', 'discard-first', 'no-jar-named', 'done-before-it'],
      ...['changed-meanwhile', 'more-than-there-is', 'reason-wanted']
    ] as const,
    (a, u) =>
      `${a.how === 'cooked' ? 'Cooked' : 'A meal'} from ${jarsSaid(a.lidNumbers)}: ${writeMass(a.g, u)} less`
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
  ),
  'set-dish': command(
    setDishSchema,
    named,
    [...AMOUNT, 'style-unknown', 'dish-of-nothing'],
    (a) => `Kept: ${a.name}`
  ),
  'drop-dish': command(dropDishSchema, named, ['dish-unknown'], (a) => `No longer cooked: ${a.name}`),
  'plan-dish': command(
    planDishSchema,
    named.extend({ servings: z.number(), day: z.string() }),
    ['dish-unknown', 'dish-day-past', 'dish-of-nothing'],
    (a) => `Planned: ${a.servings} × ${a.name}`
  ),
  'drop-planned': command(dropPlannedSchema, named, ['dish-unknown'], (a) => `Not after all: ${a.name}`),
  'cook-dish': command(
    cookDishSchema,
    named.extend({ servings: z.number(), lidNumbers: z.array(z.number()).readonly() }),
    ['dish-unknown', 'dish-lacks', 'batch-unknown', 'jar-unknown', 'jar-empty', 'discard-first'],
    (a) => `Cooked: ${a.servings} × ${a.name}, from ${jarsSaid(a.lidNumbers)}`
  )
} as const satisfies Record<string, Command>;
