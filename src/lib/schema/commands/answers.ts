import { z } from 'zod';

/** What commands answer, by what they are about. */
export const named = z.object({ name: z.string() });
export const owned = named.extend({ owned: z.number() });
export const ofPick = named.extend({ lotId: z.string(), g: z.number() });
export const ofBatch = named.extend({
  batchId: z.string(),
  lidNumbers: z.array(z.number()).readonly(),
  g: z.number().optional()
});
export const ofRecipe = named.extend({ recipeId: z.string(), version: z.number() });
export const ofBrine = named.extend({ brineId: z.string(), ml: z.number() });
