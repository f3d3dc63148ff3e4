import { evolveBatch, postingsOf, type Batch, type BatchEvent, type Said } from '../batch/index';
import type { WallMinute } from '../calendar/index';
import { minus, NOTHING, plus, type Account, type Contents, type Posting } from '../contents/index';

/** Where something came from, as a person would say it; `reckoned` is what was measured otherwise, more or less. */
export const CAME = ['picks', 'salt', 'water', 'additions', 'brine', 'jars', 'before', 'reckoned'] as const;
/** And where it went. */
export const WENT = [
  'eaten',
  'cooked',
  'given',
  'thrown',
  'sieved',
  'drawn',
  'lost',
  'brine',
  'jars',
  'before'
] as const;
export type Came = (typeof CAME)[number];
export type Went = (typeof WENT)[number];

export interface BookLine<Of extends string> {
  readonly of: Of;
  readonly what: Contents;
}

/** Every gram of some jars: what came, less what went, is what stands in them. */
export interface Book {
  readonly came: readonly BookLine<Came>[];
  readonly went: readonly BookLine<Went>[];
  readonly stands: Contents;
}

/** What moved, when, and by what. */
export interface Moved extends Posting {
  readonly at: WallMinute;
  readonly by: BatchEvent['type'];
}

/** What a batch's events moved, one after another. */
export function movedIn(
  id: string,
  events: readonly { readonly event: BatchEvent; readonly said: Said }[]
): Moved[] {
  let batch: Batch | undefined;
  return events.flatMap(({ event, said }) => {
    const before = batch;
    batch = evolveBatch(id, before, event, said);
    // What begins it fills its jars, whatever stood before.
    const moved = batch ? postingsOf(before ?? batch, event) : [];
    return moved.map((p) => ({ ...p, at: said.at, by: event.type }));
  });
}

/** The kind of an account, by its name before the colon. */
const kindOf = (account: Account): string => {
  const [kind = account] = account.split(':');
  return { pick: 'picks', jar: 'jars' }[kind] ?? kind;
};

/**
 * What moved, as a book of these jars: between them nothing came and nothing went.
 * @param own the jars' ids
 */
export function bookOf(postings: readonly Posting[], own: ReadonlySet<string>): Book {
  // A bowl is named by the first jar that went into it.
  const isOwn = (a: Account) => {
    const [kind, id = ''] = a.split(':');
    return (kind === 'jar' || kind === 'bowl') && own.has(id);
  };
  const [came, went] = [new Map<string, Contents>(), new Map<string, Contents>()];
  const add = (to: Map<string, Contents>, of: string, what: Contents) =>
    to.set(of, plus(to.get(of) ?? NOTHING, what));
  let stands = NOTHING;
  for (const { from, to, what } of postings) {
    if (isOwn(from)) stands = minus(stands, what);
    else add(came, kindOf(from), what);
    if (isOwn(to)) stands = plus(stands, what);
    // Less than was reckoned was never there: it did not come.
    else if (to === 'reckoned') add(came, 'reckoned', minus(NOTHING, what));
    else add(went, kindOf(to), what);
  }
  const lines = <Of extends string>(order: readonly Of[], all: Map<string, Contents>) =>
    order.flatMap((of): BookLine<Of>[] => {
      const what = all.get(of);
      return what && isSome(what) ? [{ of, what }] : [];
    });
  return { came: lines(CAME, came), went: lines(WENT, went), stands };
}

const isSome = (c: Contents): boolean => Object.values(c).some((g: number) => g !== 0);

/** All of some lines together. */
export const sumOf = (lines: readonly BookLine<string>[]): Contents => plus(...lines.map((l) => l.what));

/** Several books as one: what went from one to another of them still went, and came. */
export function together(books: readonly Book[]): Book {
  const merged = <Of extends string>(order: readonly Of[], all: readonly BookLine<Of>[]) =>
    order.flatMap((of): BookLine<Of>[] => {
      const what = sumOf(all.filter((l) => l.of === of));
      return isSome(what) ? [{ of, what }] : [];
    });
  return {
    came: merged(
      CAME,
      books.flatMap((b) => b.came)
    ),
    went: merged(
      WENT,
      books.flatMap((b) => b.went)
    ),
    stands: plus(...books.map((b) => b.stands))
  };
}
