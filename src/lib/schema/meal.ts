import { z } from 'zod';
import { PORTION_HOW } from '../core/batch';
import { commandId, day, id, jsonField, maybeText, no, shortText, weightText, whole } from './common';

/** A meal from several jars: how much of each, whether it was cooked, and what it was, if it has a name. */
export const eatMealSchema = z.object({
  commandId,
  name: maybeText,
  how: z.enum(['eaten', 'cooked'], no('not-a-choice')).default('eaten'),
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

/** A dish that eats ferments: how much of which goes into a serving. */
export const setDishSchema = z.object({
  commandId,
  dishId: id.optional(),
  name: shortText,
  uses: jsonField(
    z
      .array(z.object({ styleId: id, weight: weightText }))
      .min(1, no('dish-of-nothing'))
      .max(4, no('too-many'))
  )
});
export const dropDishSchema = z.object({ commandId, dishId: id });

/** So many servings of it, on a day to come or now. */
const servings = whole(1, 500);
export const planDishSchema = z.object({ commandId, dishId: id, servings, day });
export const dropPlannedSchema = z.object({ commandId, plannedId: id });
export const cookDishSchema = z.object({ commandId, dishId: id, servings, plannedId: id.optional() });
