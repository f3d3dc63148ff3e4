import { z } from 'zod';
import { HOW_MUCH, MATTERS } from '../core/season';
import { commandId, day, few, id, jsonField, maybeDay, no, number, orNone, whole } from './common';

/** A week's hands for ferments. */
export const sayHandsSchema = z.object({
  commandId,
  hours: number(0.5, 80, 'hours-out-of-range'),
  batches: whole(1, 30),
  /** Water for brine that can be made ready in a week, l; empty: as much as one likes. */
  waterL: orNone(number(0, 1000, 'water-out-of-range'))
});

/** Servings of a kind; empty: as it was eaten. */
export const sayWishSchema = z.object({
  commandId,
  styleId: id,
  servings: orNone(number(0, 300, 'servings-out-of-range')),
  /** Empty: every week; a month, `MM`; or a day: once, in its week. */
  when: z.string().trim().max(10, no('too-long')).default(''),
  /** For whom; empty: for all together. */
  who: z.string().trim().max(40, no('too-long')).default('')
});

/** What matters less, as usual, or more. */
export const sayMatterSchema = z.object({
  commandId,
  matter: z.enum(MATTERS, no('not-a-choice')),
  how: z.enum(HOW_MUCH, no('not-a-choice'))
});

/** A start in a week, named by any of its days: held to, barred, put off by a week, moved, set free. */
export const sayStartSchema = z.object({
  commandId,
  styleId: id,
  monday: day,
  how: z.enum(['begin', 'not', 'later', 'move', 'free'], no('not-a-choice')),
  /** Where it is moved to. */
  to: maybeDay
});

/** The starts of a plan, to keep to; none: no plan is kept to. */
export const keepPlanSchema = z.object({
  commandId,
  starts: jsonField(
    z
      .array(
        z.object({
          styleId: id,
          monday: day,
          picks: few(z.record(id, number(0, 1e6, 'figure-out-of-range'))),
          jars: few(z.record(id, whole(0, 500)))
        })
      )
      .max(200, no('too-many'))
  )
});
