import type { Entry } from './lp';
import type { BackColumn, Laying, StockColumns } from './model-types';
import type { SeasonInput, SeasonStyle } from './types';

/**
 * Jars of each size in use, week by week, no more than there are. A jar comes back once all that it held has been eaten: its
 * style's jars are counted back whole, in weeks of counting. Running states, not sums over all that was: half the nonzeros.
 */
export function jarRows(laying: Laying, stock: readonly StockColumns[]): BackColumn[] {
  const { starts, input } = laying;
  const lastStart = Math.max(-1, ...starts.map((s) => s.option.week));
  const back = input.styles.flatMap((style) =>
    style.bottled ? [] : backOf(laying, style, stock, lastStart)
  );
  for (const { id, owned } of input.sizes) sizeRows(laying, { id, owned }, back, lastStart);
  return back;
}

/** Weeks that end with a counting, while there is anything to begin after it. */
const counts = ({ weeks, countEvery }: SeasonInput, lastStart: number): number[] =>
  weeks.flatMap((_, t) => ((t + 1) % countEvery === 0 && t < lastStart ? [t] : []));

/** What of a style was eaten and not yet counted back; and its jars that are ready to be eaten of, by size. */
function backOf(
  laying: Laying,
  style: SeasonStyle,
  stock: readonly StockColumns[],
  lastStart: number
): BackColumn[] {
  const { input, to } = laying;
  const at = counts(input, lastStart);
  const mine = stock.filter((s) => s.styleId === style.id);
  const sizes = input.sizes.filter((j) => style.sizes.includes(j.id));
  const back: BackColumn[] = [];
  let from = 0;
  let eatenBefore: number | null = null;
  const ready = new Map<string, number>();
  for (const week of at) {
    const columns = sizes.map((j) => ({ j, column: to.column(0, Infinity, week < input.firmWeeks) }));
    const eaten = mine.flatMap((s) =>
      input.weeks.slice(from, week + 1).flatMap((_, i): Entry[] => {
        const column = s.eaten[from + i - s.from];
        return column === undefined ? [] : [[column, -1]];
      })
    );
    const rest = to.column(0);
    const before: Entry[] = eatenBefore === null ? [] : [[eatenBefore, -1]];
    const given = columns.map(({ j, column }): Entry => [column, style.kgPerLitre * j.litres]);
    to.is([[rest, 1], ...before, ...eaten, ...given], from === 0 ? (input.opened[style.id] ?? 0) : 0);
    eatenBefore = rest;
    for (const { j, column } of columns)
      ready.set(
        j.id,
        readyRow(laying, { style, size: j.id, column }, { from, week, before: ready.get(j.id) })
      );
    back.push(...columns.map(({ j, column }) => ({ styleId: style.id, sizeId: j.id, week, column })));
    from = week + 1;
  }
  return back;
}

/** Jars of a size that hold the style ready to be eaten, after a counting. */
function readyRow(
  { input, to, starts }: Laying,
  { style, size, column }: { style: SeasonStyle; size: string; column: number },
  { from, week, before }: { from: number; week: number; before: number | undefined }
): number {
  const came = starts
    .filter((s) => s.option.style.id === style.id && inRange(readyAt(s.option.ends), from, week))
    .flatMap((s) => s.jars.filter((j) => j.sizeId === size).map((j): Entry => [j.column, -1]));
  const jars = (of: readonly { sizeId: string; n: number }[]) =>
    of.reduce((a, j) => (j.sizeId === size ? a + j.n : a), 0);
  const had = [
    ...input.stored.filter((s) => s.styleId === style.id && from === 0),
    ...input.standing.filter((s) => s.styleId === style.id && inRange(s.ready, from, week))
  ].reduce((a, s) => a + jars(s.jars), 0);
  const ready = to.column(0);
  to.is([[ready, 1], [column, 1], ...came, ...(before === undefined ? [] : [[before, -1] as const])], had);
  return ready;
}

/** Its last end: whatever of it goes earlier is no loss. */
const readyAt = (ends: readonly { readonly week: number }[]): number => Math.max(...ends.map((e) => e.week));
const inRange = (week: number, from: number, to: number): boolean => from <= week && week <= to;

/** Jars of one size in use in every week in which anything may be begun. */
function sizeRows(
  laying: Laying,
  { id, owned }: { id: string; owned: number },
  back: readonly BackColumn[],
  lastStart: number
): void {
  const { input, to, starts } = laying;
  const used = [...input.stored, ...input.standing]
    .flatMap((s) => s.jars)
    .reduce((a, j) => (j.sizeId === id ? a + j.n : a), 0);
  let before: number | null = null;
  for (let t = 0; t <= lastStart; t++) {
    const use = to.column(0, Math.max(owned, used));
    const entries: Entry[] = [[use, 1]];
    if (before !== null) entries.push([before, -1]);
    for (const s of starts) {
      const column = s.jars.find((j) => j.sizeId === id)?.column;
      if (column === undefined) continue;
      if (s.option.week === t) entries.push([column, -1]);
      if (s.option.style.bottled && readyAt(s.option.ends) === t) entries.push([column, 1]);
    }
    for (const b of back) if (b.sizeId === id && b.week === t - 1) entries.push([b.column, 1]);
    to.is(entries, (before === null ? used : 0) - emptiedInto(laying, id, t));
    before = use;
  }
}

/** Jars of what was begun already that are free again in a week because it is finished into bottles. */
function emptiedInto({ input }: Laying, sizeId: string, week: number): number {
  return input.standing
    .filter((s) => s.ready === week && input.styles.some((x) => x.id === s.styleId && x.bottled))
    .flatMap((s) => s.jars)
    .reduce((a, j) => (j.sizeId === sizeId ? a + j.n : a), 0);
}
