import type { Entry } from './lp';
import type { Laying, StockColumns } from './model-types';
import { STORE_PLACES, type SeasonInput, type SeasonStyle, type StorePlace } from './types';

/** What comes into store: when, till when it may be eaten, and how much: a column, or kg that are there already. */
interface Arrival {
  readonly week: number;
  readonly last: number;
  readonly column: number | null;
  readonly kg: number;
}

/** What stands stored, style by style and place by place: no more than what is still good; and what places and bottles take. */
export function stockRows(laying: Laying): StockColumns[] {
  const stock = laying.input.styles.flatMap((style) =>
    STORE_PLACES.flatMap((place) => stockOf(laying, style, place))
  );
  roomRows(laying, stock);
  bottleRows(laying, stock);
  return stock;
}

function arrivals({ input, starts }: Laying, style: SeasonStyle, place: StorePlace): Arrival[] {
  const made = starts
    .filter((s) => s.option.style.id === style.id)
    .flatMap((s) =>
      s.option.ends.flatMap(({ place: at, week, last }, i): Arrival[] =>
        at === place ? [{ week, last, column: s.ends[i]!, kg: 0 }] : []
      )
    );
  const stored = input.stored
    .filter((s) => s.styleId === style.id && s.place === place)
    .map((s): Arrival => ({ week: 0, last: s.last, column: null, kg: s.kg }));
  const standing = input.standing
    .filter((s) => s.styleId === style.id && place === 'cold')
    .map(({ ready, kg }): Arrival => ({ week: ready, last: ready + style.keeps.cold - 1, column: null, kg }));
  return [...made, ...stored, ...standing].filter((a) => a.week < input.weeks.length);
}

function stockOf(laying: Laying, style: SeasonStyle, place: StorePlace): StockColumns[] {
  const { input, to } = laying;
  const all = arrivals(laying, style, place);
  if (all.length === 0) return [];
  const from = Math.min(...all.map((a) => a.week));
  const last = input.weeks.length - 1;
  const columns = input.weeks.slice(from).map((_, i) => ({
    stands: to.column(from + i === last ? input.points.left * style.servingsPerKg : 0),
    eaten: to.column(0),
    thrown: to.column(-input.points.thrown)
  }));
  columns.forEach(({ stands, eaten, thrown }, i) => {
    const week = from + i;
    const comes = all.filter((a) => a.week === week);
    const before: Entry[] = i > 0 ? [[columns[i - 1]!.stands, -1]] : [];
    const arriving = comes.flatMap((a): Entry[] => (a.column === null ? [] : [[a.column, -1]]));
    const balance: Entry[] = [[stands, 1], [eaten, 1], [thrown, 1], ...before, ...arriving];
    to.is(balance, kgOf(comes));
    goodRow(
      laying,
      stands,
      all.filter((a) => a.week <= week),
      week
    );
  });
  return [
    {
      ...{ styleId: style.id, place, from },
      stands: columns.map((c) => c.stands),
      eaten: columns.map((c) => c.eaten),
      thrown: columns.map((c) => c.thrown)
    }
  ];
}

const kgOf = (all: readonly Arrival[]): number => all.reduce((a, x) => a + x.kg, 0);

/** No more stands than what may still be eaten afterwards; left out while nothing can have spoiled. */
function goodRow({ to }: Laying, stands: number, come: readonly Arrival[], week: number): void {
  const good = come.filter((a) => a.last > week);
  if (good.length === come.length) return;
  to.most(
    [[stands, 1], ...good.flatMap((a): Entry[] => (a.column === null ? [] : [[a.column, -1]]))],
    kgOf(good)
  );
}

/** The jar that is eaten of stands in the kitchen: what is stored never takes more than this. */
function roomRows({ input, to }: Laying, stock: readonly StockColumns[]): void {
  for (const place of STORE_PLACES)
    input.weeks.forEach((week, t) => {
      const entries = stock
        .filter((s) => s.place === place && s.from <= t)
        .map((s): Entry => [s.stands[t - s.from]!, styleOf(input, s).shelfPerKg]);
      if (entries.length > 0) to.most(entries, week[place]);
    });
}

/** What is finished into bottles stands in them till it is eaten: as many litres as it took in its jars. */
function bottleRows({ input, to }: Laying, stock: readonly StockColumns[]): void {
  const bottled = stock.filter((s) => styleOf(input, s).bottled);
  input.weeks.forEach((_, t) => {
    const entries = bottled
      .filter((s) => s.from <= t)
      .map((s): Entry => [s.stands[t - s.from]!, 1 / styleOf(input, s).kgPerLitre]);
    if (entries.length > 0) to.most(entries, input.bottles);
  });
}

const styleOf = (input: SeasonInput, { styleId }: StockColumns): SeasonStyle =>
  input.styles.find((s) => s.id === styleId)!;

/** What is eaten of each appetite, and what of it is missed: of its first half, of its second. */
export function demandRows({ input, to }: Laying, stock: readonly StockColumns[]): void {
  const [first, second] = input.points.missed;
  for (const group of input.groups)
    input.weeks.forEach((_, t) => {
      const eaten = stock
        .filter((s) => s.from <= t && styleOf(input, s).group === group.id)
        .map((s): Entry => [s.eaten[t - s.from]!, styleOf(input, s).servingsPerKg]);
      const wanted = group.wanted[t] ?? 0;
      const dear = group.dear[t] ?? 1;
      to.offset += (dear * wanted * (first + second)) / 2;
      const missed = [first, second].map((w): Entry => [to.column(-w * dear, wanted / 2), 1]);
      to.is([...eaten, ...missed], wanted);
    });
}
