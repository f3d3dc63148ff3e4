import { dayOfWall, type Day } from '../../core/calendar';
import * as decide from '../../core/recipe';
import type { Recipe, RecipeEvent } from '../../core/recipe';
import { done, refuse, type Outcome } from '../../core/refusal';
import type { Answer } from '../../schema/commands';
import type { Work } from '../db/kinds';
import { recipeOf, recipes } from '../repos';
import { useCase } from './act';

const answer = (r: Recipe): Answer<'write-recipe'> => ({ recipeId: r.id, name: r.name, version: r.version });

/** Write a recipe down, as it is said; what is missing on it is said on its page and blocks scaling, not writing. */
export const writeRecipe = useCase('write-recipe', async (work, input) => {
  const decided = decide.recipeWritten(input, dayOfWall(work.wall));
  if (!decided.ok) return decided;
  const made = await recipes.append(work, work.command, [decided.value]);
  return made ? done(answer(made)) : refuse('recipe-unknown');
});

/** Change a recipe: a new version, with what changed and why. The old ones stay. */
export const changeRecipe = useCase('change-recipe', async (work, input) =>
  onRecipe(work, input.recipeId, (r, day) => decide.recipeChanged(r, input, day))
);

/** More or less of something next time: it waits on the recipe until the next making. */
export const wishNext = useCase('wish-next', async (work, { recipeId, said, by, why, batchId }) =>
  onRecipe(work, recipeId, (r, day) =>
    decide.wished(r, { id: work.command, day, said, by, why, batchId: batchId || null })
  )
);

/** A wish taken as the next version, or left as it was. */
export const settleWish = useCase('settle-wish', async (work, input) =>
  onRecipe(work, input.recipeId, (r, day) => decide.wishSettled(r, input.wishId, input.how, day))
);

/** Put a recipe away, or take it out again. */
export const retireRecipe = useCase('retire-recipe', async (work, input) =>
  onRecipe(work, input.recipeId, () => done({ type: 'retired', data: { back: input.back === 'yes' } }))
);

async function onRecipe(
  work: Work,
  recipeId: string,
  ask: (r: Recipe, today: Day) => Outcome<RecipeEvent>
): Promise<Outcome<Answer<'write-recipe'>>> {
  const r = await recipeOf(work.trx, recipeId);
  if (!r) return refuse('recipe-unknown', { field: 'recipeId' });
  const today = dayOfWall(work.wall);
  const decided = ask(r, today);
  if (!decided.ok) return decided;
  const known = await recipes.load(work.trx, r.id);
  const now = await recipes.append(work, r.id, [...(known ? [] : [decide.asFirst(r, today)]), decided.value]);
  return now ? done(answer(now)) : refuse('recipe-unknown');
}
