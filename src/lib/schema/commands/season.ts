import { z } from 'zod';
import { HOW_MUCH, MATTERS } from '../../core/season';
import { matterName, mattersHow } from '../../words';
import { keepPlanSchema, sayHandsSchema, sayMatterSchema, sayStartSchema, sayWishSchema } from '../season';
import { command, type Command } from './command';
import { named } from './answers';

/** What the season's plan is to keep to. */
export const SEASON = {
  'say-hands': command(
    sayHandsSchema,
    z.object({ hours: z.number(), batches: z.number() }),
    ['hours-out-of-range', 'water-out-of-range'],
    (a) => `${a.hours} h and ${a.batches} batch${a.batches === 1 ? '' : 'es'} a week`
  ),
  'say-wish': command(
    sayWishSchema,
    named,
    ['style-unknown', 'week-past', 'week-far-off', 'day-strange', 'servings-out-of-range'],
    (a) => `Noted how much is wanted: ${a.name}`
  ),
  'say-matter': command(
    sayMatterSchema,
    z.object({ matter: z.enum(MATTERS), how: z.enum(HOW_MUCH) }),
    [],
    (a) => `${matterName(a.matter)}: ${mattersHow(a.how)}`
  ),
  'say-start': command(
    sayStartSchema,
    named.extend({ how: z.string() }),
    ['style-unknown', 'week-past', 'week-far-off', 'day-strange'],
    (a) => `${a.name}: ${SAYS[a.how] ?? ''}`
  ),
  'keep-plan': command(
    keepPlanSchema,
    z.object({ starts: z.number() }),
    ['style-unknown', 'crop-unknown', 'jar-kind-unknown', 'week-past', 'week-far-off', 'day-strange'],
    (a) =>
      a.starts === 0 ? 'No plan is kept to' : `Kept: ${a.starts} start${a.starts === 1 ? '' : 's'} to come`
  )
} as const satisfies Record<string, Command>;

const SAYS: Readonly<Record<string, string>> = {
  begin: 'held to',
  not: 'not in that week',
  later: 'a week later',
  move: 'moved',
  free: 'as the plan likes'
};
