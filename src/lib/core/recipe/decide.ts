import type { Day } from '../calendar/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { style } from '../style/index';
import { granted, type Recipe, type RecipeEvent, type Wish } from './recipe';
import type { RecipeText } from './types';

/** A card has at most so many lines. */
const MOST_LINES = 60;

function notReadable({ styleId, card }: RecipeText): Outcome<never> | undefined {
  if (!style(styleId)) return refuse('style-unknown', { field: 'styleId' });
  return card.split('\n').length > MOST_LINES ? refuse('card-too-long', { field: 'card' }) : undefined;
}

const textOf = ({ name, styleId, card, notes }: RecipeText): RecipeText => ({ name, styleId, card, notes });

/** A recipe written down as it is said; what is missing on its card blocks scaling, not writing. */
export function recipeWritten(said: RecipeText, day: Day): Outcome<RecipeEvent> {
  return notReadable(said) ?? done({ type: 'written', data: { ...textOf(said), day, from: 'own' } });
}

/** A new version, with what changed and why; the old ones stay. Refuses a change of nothing. */
export function recipeChanged(
  r: Recipe,
  said: RecipeText & { readonly what: string; readonly why: string; readonly wishId?: string | undefined },
  day: Day
): Outcome<RecipeEvent> {
  const strange = notReadable(said);
  if (strange) return strange;
  const { name, styleId, card, notes } = said;
  if (name === r.name && styleId === r.styleId && card === r.card && notes === r.notes)
    return refuse('recipe-unchanged', { field: 'card' });
  const wishId = r.wishes.find((w) => w.id === said.wishId)?.id ?? null;
  return done({ type: 'changed', data: { ...textOf(said), day, what: said.what, why: said.why, wishId } });
}

/** More or less of something next time: it waits on the recipe until the next making. */
export function wished(r: Recipe, wish: Wish): Outcome<RecipeEvent> {
  return granted(r.card, wish) === undefined
    ? refuse('line-unknown', { field: 'said' })
    : done({ type: 'wished', data: wish });
}

/** A wish taken as the next version, or left as it was. */
export function wishSettled(
  r: Recipe,
  wishId: string,
  how: 'take' | 'leave',
  day: Day
): Outcome<RecipeEvent> {
  const wish = r.wishes.find((w) => w.id === wishId);
  if (!wish) return refuse('recipe-unknown', { field: 'wishId' });
  if (how === 'leave') return done({ type: 'wishDropped', data: { id: wish.id } });
  const card = granted(r.card, wish);
  if (card === undefined) return refuse('line-unknown', { field: 'wishId' });
  const what = `${wish.by} of “${wish.said}”`.slice(0, 80);
  return done({ type: 'changed', data: { ...textOf(r), card, day, what, why: wish.why, wishId: wish.id } });
}

/** The first thing that happens to a recipe of the starting set writes it down as it was shipped. */
export const asFirst = (r: Recipe, day: Day): RecipeEvent => ({
  type: 'written',
  data: { ...textOf(r), day, from: 'starting set' }
});
