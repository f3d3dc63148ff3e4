import { z } from 'zod';
import { PORTION_HOW } from '../core/batch';
import { commandId, id, jsonField, maybeText, no, whole } from './common';

/** A meal from several jars: how much of each, and what it was, if it has a name. */
export const eatMealSchema = z.object({
  commandId,
  name: maybeText,
  portions: jsonField(
    z
      .array(
        z.object({
          batchId: id,
          fillingId: id,
          amount: z.enum(['quarter', 'half', 'all'], no('not-a-choice'))
        })
      )
      .min(1, no('no-jar-named'))
      .max(30, no('too-many'))
  )
});

/** A shelf counted through: each jar as it was found, and jars that stand here though they are written elsewhere. */
export const countShelfSchema = z.object({
  commandId,
  placeId: id,
  jars: jsonField(
    z
      .array(
        z.object({
          fillingId: id,
          quarters: whole(0, 4).nullable(),
          how: z.enum(PORTION_HOW, no('not-a-choice')).default('eaten')
        })
      )
      .max(500, no('too-many'))
  ),
  alsoHere: jsonField(z.array(id).max(200, no('too-many'))).default([]),
  reason: maybeText
});
