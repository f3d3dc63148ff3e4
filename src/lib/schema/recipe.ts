import { z } from 'zod';
import { cleanText, commandId, id, maybeText, note, shortText, no } from './common';

const card = z
  .string({ error: no('missing') })
  .overwrite(cleanText)
  .trim()
  .min(1, no('missing'))
  .max(4000, no('card-too-long'));
const text = { name: shortText, styleId: id, card, notes: note };

/** A recipe written down: a name, a style, and the card in its own words. */
export const writeRecipeSchema = z.object({ commandId, ...text });
/** Another version: what changed and why. */
export const changeRecipeSchema = z.object({
  commandId,
  recipeId: id,
  ...text,
  what: shortText,
  why: note,
  wishId: z.union([id, z.literal('')]).default('')
});
/** Said after tasting: more or less of one line next time. */
export const wishNextSchema = z.object({
  commandId,
  recipeId: id,
  said: z
    .string({ error: no('missing') })
    .overwrite(cleanText)
    .trim()
    .min(1, no('missing'))
    .max(200, no('text-too-long')),
  by: z.enum(['more', 'less'], no('not-a-choice')),
  why: maybeText,
  batchId: z.union([id, z.literal('')]).default('')
});
/** A wish granted as the next version, or left. */
export const settleWishSchema = z.object({
  commandId,
  recipeId: id,
  wishId: id,
  how: z.enum(['take', 'leave'], no('not-a-choice'))
});
/** Put away: no longer offered; its batches keep it. */
export const retireRecipeSchema = z.object({
  commandId,
  recipeId: id,
  back: z.enum(['yes', 'no'], no('not-a-choice')).default('no')
});
