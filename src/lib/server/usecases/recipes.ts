import { dayOfWall } from '../../core/calendar';
import { granted, type Recipe, type RecipeEvent } from '../../core/recipe';
import { done, refuse, type Outcome } from '../../core/refusal';
import { style } from '../../core/style';
import type { Work } from '../db/kinds';
import { recipeOf, recipes } from '../repos';
import type { Answer } from '../../schema/commands';
import { useCase } from './act';

const answer = (r: Recipe): Answer<'write-recipe'> => ({ recipeId: r.id, name: r.name, version: r.version });

/** Write a recipe down, as it is said; what is missing on it is said on its page and blocks scaling, not writing. */
export const writeRecipe = useCase('write-recipe', async (work, input) => {
  const { name, styleId, card, notes } = input;
  const strange = notReadable(styleId, card);
  if (strange) return strange;
  const day = dayOfWall(work.wall);
  const data = { name, styleId, card, notes, day, from: 'own' as const };
  const made = await recipes.append(work, work.command, [{ type: 'written', data }]);
  return made ? done(answer(made)) : refuse('recipe-unknown');
});

/** Change a recipe: a new version, with what changed and why. The old ones stay. */
export const changeRecipe = useCase('change-recipe', async (work, input) => {
  const r = await recipeOf(work.trx, input.recipeId);
  if (!r) return refuse('recipe-unknown', { field: 'recipeId' });
  const { name, styleId, card, notes, what, why } = input;
  const strange = notReadable(styleId, card);
  if (strange) return strange;
  if (name === r.name && styleId === r.styleId && card === r.card && notes === r.notes)
    return refuse('recipe-unchanged', { field: 'card' });
  const text = { name, styleId, card, notes };
  const wishId = r.wishes.some((w) => w.id === input.wishId) ? input.wishId : null;
  return append(work, r, {
    type: 'changed',
    data: { ...text, day: dayOfWall(work.wall), what, why, wishId }
  });
});

/** More or less of something next time: it waits on the recipe until the next making. */
export const wishNext = useCase('wish-next', async (work, input) => {
  const r = await recipeOf(work.trx, input.recipeId);
  if (!r) return refuse('recipe-unknown', { field: 'recipeId' });
  const { said, by, why } = input;
  if (granted(r.card, { said, by }) === undefined) return refuse('line-unknown', { field: 'said' });
  const day = dayOfWall(work.wall);
  return append(work, r, {
    type: 'wished',
    data: { id: work.command, day, said, by, why, batchId: input.batchId || null }
  });
});

/** A wish taken as the next version, or left as it was. */
export const settleWish = useCase('settle-wish', async (work, input) => {
  const r = await recipeOf(work.trx, input.recipeId);
  const wish = r?.wishes.find((w) => w.id === input.wishId);
  if (!r || !wish) return refuse('recipe-unknown', { field: 'wishId' });
  if (input.how === 'leave') return append(work, r, { type: 'wishDropped', data: { id: wish.id } });
  const card = granted(r.card, wish);
  if (card === undefined) return refuse('line-unknown', { field: 'wishId' });
  const { name, styleId, notes } = r;
  const what = `${wish.by} of “${wish.said}”`.slice(0, 80);
  return append(work, r, {
    type: 'changed',
    data: { name, styleId, card, notes, day: dayOfWall(work.wall), what, why: wish.why, wishId: wish.id }
  });
});

/** Put a recipe away, or take it out again. */
export const retireRecipe = useCase('retire-recipe', async (work, input) => {
  const r = await recipeOf(work.trx, input.recipeId);
  if (!r) return refuse('recipe-unknown', { field: 'recipeId' });
  return append(work, r, { type: 'retired', data: { back: input.back === 'yes' } });
});

function notReadable(styleId: string, card: string): Outcome<never> | undefined {
  if (!style(styleId)) return refuse('style-unknown', { field: 'styleId' });
  return card.split('\n').length > 60 ? refuse('card-too-long', { field: 'card' }) : undefined;
}

/** The first thing that happens to a recipe of the starting set writes it down as it was shipped. */
async function append(work: Work, r: Recipe, event: RecipeEvent): Promise<Outcome<Answer<'write-recipe'>>> {
  const known = await recipes.load(work.trx, r.id);
  const { name, styleId, card, notes } = r;
  const first: RecipeEvent[] = known
    ? []
    : [
        {
          type: 'written',
          data: { name, styleId, card, notes, day: dayOfWall(work.wall), from: 'starting set' }
        }
      ];
  const now = await recipes.append(work, r.id, [...first, event]);
  return now ? done(answer(now)) : refuse('recipe-unknown');
}
