import { z } from 'zod';
import { dropSowingSchema, sayFrostSchema, sowSchema } from '../sowing';
import { AMOUNT, command, type Command } from './command';

/** What grows in the beds. */
export const SOWING = {
  sow: command(
    sowSchema,
    z.object({ sowingId: z.string(), name: z.string(), first: z.string() }),
    [
      ...AMOUNT,
      ...(['crop-unknown', 'day-strange', 'sowing-unknown', 'yield-unknown'] as const),
      ...(['first-pick-unknown', 'picked-before-sown', 'sown-far-off', 'too-many'] as const)
    ],
    (a) => `In the beds: ${a.name}`
  ),
  'drop-sowing': command(
    dropSowingSchema,
    z.object({ name: z.string() }),
    ['sowing-unknown'],
    (a) => `No longer in the beds: ${a.name}`
  ),
  'say-frost': command(sayFrostSchema, z.object({ day: z.string() }), ['day-strange'], (a) =>
    a.day ? 'First frost noted' : 'No frost is reckoned with'
  )
} as const satisfies Record<string, Command>;
