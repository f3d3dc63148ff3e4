import { changeRows } from './model-changes';
import { jarRows } from './model-jars';
import { demandRows, stockRows } from './model-stock';
import { LpLayout, type Entry } from './lp';
import type { Laying, Model, StartColumns } from './model-types';
import { usableIn, type StartOption } from './options';
import type { SeasonInput } from './types';

/**
 * The season as a linear programme in whole starts, week by week, its jars whole in the firm weeks. Weeks that are reckoned
 * together, two or four at a time, would halve its rows; but what comes late in such a bucket would still what was wanted
 * early in it, and plans chosen so lost three to five in a hundred when they were carried out.
 */
export function seasonModel(input: SeasonInput, options: readonly StartOption[]): Model {
  const to = new LpLayout();
  const starts = options.map((o) => startColumns(input, to, o));
  const laying: Laying = { input, to, starts };
  const fresh = rawRows(laying);
  const stock = stockRows(laying);
  demandRows(laying, stock);
  counterRows(laying);
  const back = jarRows(laying, stock);
  hourRows(laying);
  waterRows(laying);
  madeRows(laying);
  changeRows(laying);
  return { lp: to.done(), starts, fresh, stock, back };
}

/** Its own rows: as many kg as its jars hold, between its least and its most, shared out by what it is made of. */
function startColumns(input: SeasonInput, to: LpLayout, option: StartOption): StartColumns {
  const { style, week, most, least, ends } = option;
  const { points } = input;
  const made = to.column(-points.batch - points.hour * style.hours.fixed, 1, true);
  const kg = to.column(-points.hour * style.hours.perKg, most);
  const jars = input.sizes
    .filter((j) => style.sizes.includes(j.id) && j.owned > 0)
    .map((j) => ({
      ...{ sizeId: j.id, litres: j.litres },
      column: to.column(0, j.owned, week < input.firmWeeks)
    }));
  to.is([[kg, -1], ...jars.map((j): Entry => [j.column, style.kgPerLitre * j.litres])], 0);
  to.row(
    0,
    [
      [kg, 1],
      [made, -least]
    ],
    Infinity
  );
  to.most(
    [
      [kg, 1],
      [made, -most]
    ],
    0
  );
  const parts = ends.length === 1 ? [kg] : ends.map(() => to.column(0, most));
  if (ends.length > 1) to.is([[kg, -1], ...parts.map((p): Entry => [p, 1])], 0);
  return { option, made, kg, jars, ends: parts, uses: shareColumns(to, option, { made, kg }) };
}

/** What it is made of, each share between its bounds; a single one is all of it. */
function shareColumns(
  to: LpLayout,
  { style, most, has }: StartOption,
  { made, kg }: { made: number; kg: number }
): number[] {
  const one = style.shares.length === 1;
  const uses = one ? [kg] : style.shares.map(() => to.column(0, most));
  style.shares.forEach((share, i) => {
    to.costs(uses[i]!, -share.cost);
    if (one) return;
    if (share.from > 0)
      to.row(
        0,
        [
          [uses[i]!, 1],
          [kg, -share.from]
        ],
        Infinity
      );
    if (share.to < 1)
      to.most(
        [
          [uses[i]!, 1],
          [kg, -share.to]
        ],
        0
      );
    // What the garden has bounds a start that is made by half, too.
    if (has[i]! < share.to * most)
      to.most(
        [
          [uses[i]!, 1],
          [made, -has[i]!]
        ],
        0
      );
  });
  if (!one) to.is([[kg, -1], ...uses.map((x): Entry => [x, 1])], 0);
  return uses;
}

/** Raw: what comes is kept, eaten fresh, lost or made; no more is kept than the newest picks: that is how the oldest spoils. */
function rawRows({ input, to, starts }: Laying): Model['fresh'] {
  const { points } = input;
  return input.crops.flatMap((crop) => {
    const used = (week: number): Entry[] =>
      starts
        .filter((s) => s.option.week === week)
        .flatMap((s) =>
          s.option.style.shares.flatMap((share, i): Entry[] =>
            share.cropId === crop.id ? [[s.uses[i]!, 1 / crop.trim]] : []
          )
        );
    let kept: number | null = null;
    const there = crop.lots.reduce((a, l) => a + l.kg, 0);
    return input.weeks.flatMap((_, week) => {
      const comes = (crop.picks[week] ?? 0) + (week === 0 ? there : 0);
      const uses = used(week);
      if (usableIn(crop, week) <= 0 && comes <= 0 && kept === null) {
        for (const [column] of uses) to.most([[column, 1]], 0);
        return [];
      }
      const columns = points.fresh.map((worth) => to.column(worth, crop.fresh / 2));
      const lost = to.column(-points.lost);
      // What may be used next week, next week's own pick left out.
      const keep = usableIn(crop, week + 1) - (crop.picks[week + 1] ?? 0);
      const keeps = keep > 1e-9 ? to.column(0, keep) : null;
      const out: Entry[] = [...columns.map((c): Entry => [c, 1]), [lost, 1], ...uses];
      if (keeps !== null) out.push([keeps, 1]);
      if (kept !== null) out.push([kept, -1]);
      to.is(out, comes);
      kept = keeps;
      return [{ cropId: crop.id, week, columns }];
    });
  });
}

/** What stands on the counter at the end of each week. */
function counterRows({ input, to, starts }: Laying): void {
  input.weeks.forEach((week, t) => {
    const taken = input.standing.reduce(
      (a, b) => (b.ready > t ? a + b.kg * shelfOf(input, b.styleId) : a),
      0
    );
    const entries = starts.flatMap((s) =>
      s.option.ends.flatMap((end, i): Entry[] =>
        s.option.week <= t && t < end.week ? [[s.ends[i]!, s.option.style.shelfPerKg]] : []
      )
    );
    if (entries.length > 0) to.most(entries, Math.max(0, week.counter - taken));
  });
}

const shelfOf = (input: SeasonInput, styleId: string): number =>
  input.styles.find((s) => s.id === styleId)?.shelfPerKg ?? 0;

/** Hands, and batches in a week; what is over the easy share costs more. */
function hourRows({ input, to, starts }: Laying): void {
  input.weeks.forEach((week, t) => {
    const here = starts.filter((s) => s.option.week === t);
    if (here.length === 0) return;
    const over = to.column(-input.points.overtime, week.hours * (1 - week.easy));
    const work = here.flatMap(({ made, kg, option: { style } }): Entry[] => [
      [made, style.hours.fixed],
      [kg, style.hours.perKg]
    ]);
    to.most([...work, [over, -1]], week.hours * week.easy);
    to.most(
      here.map((s) => [s.made, 1]),
      week.batches
    );
  });
}

/** Water for brine in each week. */
function waterRows({ input, to, starts }: Laying): void {
  input.weeks.forEach(({ water }, t) => {
    const here = starts.filter((s) => s.option.week === t && s.option.style.waterPerKg > 0);
    // One alone is bounded already.
    if (here.length > 1)
      to.most(
        here.map((s): Entry => [s.kg, s.option.style.waterPerKg]),
        water
      );
  });
}

/** A style that is made at all. */
function madeRows({ input, to, starts }: Laying): void {
  for (const style of input.styles) {
    const of = starts.filter((s) => s.option.style.id === style.id);
    if (of.length === 0) continue;
    const made = to.column(input.points.made, 1);
    to.most([[made, 1], ...of.map((s): Entry => [s.made, -1])], 0);
  }
}
