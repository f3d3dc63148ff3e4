/** A linear programme that is to be maximised, its rows one after another. Row i holds `index` and `value` from `starts[i]` to `starts[i + 1]`. */
export interface Lp {
  readonly offset: number;
  readonly cost: readonly number[];
  readonly lower: readonly number[];
  readonly upper: readonly number[];
  /** Columns that are whole numbers. */
  readonly whole: readonly boolean[];
  readonly rowLower: readonly number[];
  readonly rowUpper: readonly number[];
  readonly starts: readonly number[];
  readonly index: readonly number[];
  readonly value: readonly number[];
}

/** A programme laid out for a solver, which remembers where it stood. */
export interface OpenLp {
  /** Solves it with fractions, from where it stood last; null: there is no solution. */
  relaxed(): Solved | null;
  /** Solves it in whole numbers, from what of them is known. */
  whole(from: readonly Entry[], ends: Ends): SolvedWhole | null;
  /** New bounds of some columns. */
  bound(columns: readonly number[], lower: readonly number[], upper: readonly number[]): void;
  /** Nothing that is not better than this is wanted; null: all is. */
  better(than: number | null): void;
  close(): void;
}

/** When a search in whole numbers ends. */
export interface Ends {
  readonly seconds: number;
  /** So close to the best, as a share of it, is close enough. */
  readonly gap: number;
  /** What cannot be better is looked for, not something better: no time goes into guesses. */
  readonly onlyBound?: boolean;
}

export interface Solved {
  readonly value: number;
  readonly x: ArrayLike<number>;
  /** What a unit more of each column would bring. */
  readonly worth: ArrayLike<number>;
  /** It was left before its end: only its worths are good, and `value` is no less than what it could have reached. */
  readonly left: boolean;
}
export interface SolvedWhole {
  readonly value: number;
  readonly x: ArrayLike<number>;
  /** No solution can be better. */
  readonly bound: number;
}

/** Whoever solves it: ours is handed in, so that this core knows no package. */
export interface LpSolver {
  open(lp: Lp): OpenLp;
}

/** A column, or several, with what each counts in a row. */
export type Entry = readonly [column: number, factor: number];

/** Lays a programme out, column by column and row by row. */
export class LpLayout {
  offset = 0;
  private readonly cost: number[] = [];
  private readonly lower: number[] = [];
  private readonly upper: number[] = [];
  private readonly isWhole: boolean[] = [];
  private readonly rowLower: number[] = [];
  private readonly rowUpper: number[] = [];
  private readonly starts: number[] = [0];
  private readonly index: number[] = [];
  private readonly value: number[] = [];

  /** A new column between its bounds, from 0 on where nothing else is said. */
  column(cost: number, upper = Infinity, whole = false): number {
    this.cost.push(cost);
    this.lower.push(0);
    this.upper.push(upper);
    this.isWhole.push(whole);
    return this.cost.length - 1;
  }

  /** Adds to what a column counts. */
  costs(column: number, more: number): void {
    this.cost[column] = this.cost[column]! + more;
  }

  /** A new row; a column that is named twice counts twice. */
  row(lower: number, entries: readonly Entry[], upper: number): void {
    const sums = new Map<number, number>();
    for (const [column, factor] of entries) sums.set(column, (sums.get(column) ?? 0) + factor);
    for (const [column, factor] of sums) {
      if (factor === 0) continue;
      this.index.push(column);
      this.value.push(factor);
    }
    this.starts.push(this.index.length);
    this.rowLower.push(lower);
    this.rowUpper.push(upper);
  }

  is(entries: readonly Entry[], value: number): void {
    this.row(value, entries, value);
  }
  most(entries: readonly Entry[], value: number): void {
    this.row(-Infinity, entries, value);
  }

  done(): Lp {
    const { offset, cost, lower, upper, rowLower, rowUpper, starts, index, value } = this;
    return { offset, cost, lower, upper, whole: this.isWhole, rowLower, rowUpper, starts, index, value };
  }
}
