import type { Day } from '../calendar/index';
import { readNumber } from '../reading/index';
import type { Substitute } from './substitutes';
import type { Ingredient, RecipeText } from './types';

/** One version of a recipe: its text, and what changed and why. */
export interface Version extends RecipeText {
  readonly version: number;
  readonly day: Day;
  readonly what: string;
  readonly why: string;
}

/** Something to change next time, said after tasting. */
export interface Wish {
  readonly id: string;
  readonly day: Day;
  /** The line of the card it is about, as written. */
  readonly said: string;
  readonly by: 'more' | 'less';
  readonly why: string;
  readonly batchId: string | null;
}

export interface Recipe extends RecipeText {
  readonly id: string;
  readonly version: number;
  /** Our starting set, unchanged; or the household's own. */
  readonly from: 'starting set' | 'own';
  readonly history: readonly Version[];
  readonly wishes: readonly Wish[];
  readonly retired: boolean;
}

export type RecipeEvent =
  | {
      readonly type: 'written';
      readonly data: RecipeText & { readonly day: Day; readonly from: Recipe['from'] };
    }
  | {
      readonly type: 'changed';
      readonly data: RecipeText & {
        readonly day: Day;
        readonly what: string;
        readonly why: string;
        /** The wish that asked for it. */
        readonly wishId: string | null;
      };
    }
  | { readonly type: 'wished'; readonly data: Omit<Wish, 'id'> & { readonly id: string } }
  | { readonly type: 'wishDropped'; readonly data: { readonly id: string } }
  | { readonly type: 'retired'; readonly data: { readonly back: boolean } };

/** The recipe after one more event; `undefined` before it was written. */
export function evolveRecipe(id: string, state: Recipe | undefined, event: RecipeEvent): Recipe | undefined {
  if (event.type === 'written') {
    const { day, from, ...text } = event.data;
    const first = { ...text, version: 1, day, what: '', why: '' };
    return { id, ...text, version: 1, from, history: [first], wishes: [], retired: false };
  }
  if (!state) return undefined;
  switch (event.type) {
    case 'changed': {
      const { day, what, why, wishId, ...text } = event.data;
      const version = state.version + 1;
      return {
        ...state,
        ...text,
        version,
        from: 'own',
        history: [...state.history, { ...text, version, day, what, why }],
        wishes: state.wishes.filter((w) => w.id !== wishId)
      };
    }
    case 'wished':
      return { ...state, wishes: [...state.wishes, event.data] };
    case 'wishDropped':
      return { ...state, wishes: state.wishes.filter((w) => w.id !== event.data.id) };
    case 'retired':
      return { ...state, retired: !event.data.back };
  }
}

/** A recipe of the starting set before anything was done to it. */
export const asShipped = (id: string, text: RecipeText): Recipe => ({
  id,
  ...text,
  version: 1,
  from: 'starting set',
  history: [{ ...text, version: 1, day: '2026-01-01', what: '', why: '' }],
  wishes: [],
  retired: false
});

/** How much a wish moves a figure: a quarter for seasoning, a twelfth for salt. Common practice, no source. */
const MOVES = { seasoning: 1.25, salt: 1.08 };

const ONE = String.raw`(?:\d+ ?[½¼¾⅓⅔]|\d+ \d+/\d+|\d+/\d+|\d+(?:[.,]\d+)?|[½¼¾⅓⅔])`;
const FIGURE = new RegExp(`${ONE}(?: ?[–-] ?${ONE})?`);

/**
 * A line of a card with its first figure moved, both ends of it where it is a range; the words are left alone.
 * Undefined where the line holds no figure. Example: "1½–2 tsp dill" by 2 is "3–4 tsp dill".
 */
function figureMoved(line: string, by: number): string | undefined {
  const figure = FIGURE.exec(line);
  if (!figure) return undefined;
  const moved = figure[0].replace(new RegExp(ONE, 'g'), (one) =>
    String(Math.round((readNumber(one) ?? 0) * by * 100) / 100)
  );
  return line.slice(0, figure.index) + moved + line.slice(figure.index + figure[0].length);
}

/**
 * The card with one wish granted: the figure of its line moved. Undefined when the line is no longer there or holds no
 * figure. Example: "3 g caraway per kg" with more of it is "3.75 g caraway per kg".
 */
export function granted(card: string, wish: Pick<Wish, 'said' | 'by'>): string | undefined {
  const lines = card.split('\n');
  const at = lines.findIndex((l) => l.trim() === wish.said.trim());
  const line = lines[at];
  if (line === undefined) return undefined;
  const by = /\bsalt\b/i.test(line) && !/celery salt/i.test(line) ? MOVES.salt : MOVES.seasoning;
  const moved = figureMoved(line, wish.by === 'more' ? by : 1 / by);
  return moved === undefined ? undefined : lines.with(at, moved).join('\n');
}

/**
 * The card with a substitute in the place of an ingredient, its figure moved by as much as it is stronger or weaker.
 * Undefined where the line does not hold the name, or holds no figure that would have to move.
 * Example: "60 ml fish sauce per kg" with soy sauce is "84 ml soy sauce per kg".
 */
export function substituted(
  card: string,
  of: Pick<Ingredient, 'line' | 'name'>,
  sub: Pick<Substitute, 'name' | 'factor'>
): string | undefined {
  const lines = card.split('\n');
  const line = lines[of.line] ?? '';
  const at = line.toLowerCase().indexOf(of.name.toLowerCase());
  if (at < 0 || of.name === '') return undefined;
  // The figure first: the name that comes in may hold one.
  const swap = (text: string) => text.replace(line.slice(at, at + of.name.length), sub.name);
  const moved = sub.factor === 1 ? line : figureMoved(line, sub.factor);
  return moved === undefined ? undefined : lines.with(of.line, swap(moved)).join('\n');
}
