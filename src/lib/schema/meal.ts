import { z } from 'zod';
import { commandId, id, jsonField, maybeText, no } from './common';

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
