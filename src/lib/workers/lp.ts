import type { Highs, Model } from 'highs';
import type { Ends, Entry, Lp, LpSolver, OpenLp, Solved, SolvedWhole } from '../core/season';

/** Solved; and left because nothing better than what was asked for can come. */
const OPTIMAL = 7;
const NOT_BETTER = 11;
/** Whole numbers: the time is up, but something may have been found. */
const TIME_UP = 13;
/** What part of its work the solver puts into guesses where nothing else is said: its own default. */
const GUESSES = 0.05;
/** What the solver takes for no bound. */
const NO_BOUND = 1e30;

/** HiGHS as the solver of the season; the core hands its programmes to it. */
export const lpSolver = (highs: Highs): LpSolver => ({ open: (lp) => new OpenHighs(highs, lp) });

class OpenHighs implements OpenLp {
  private readonly model: Model;
  private fresh = true;

  constructor(
    highs: Highs,
    private readonly lp: Lp
  ) {
    const bounds = (of: readonly number[]) => Float64Array.from(of, (x) => finite(x, highs.infinity));
    this.model = highs.createModel({
      numCols: lp.cost.length,
      numRows: lp.rowLower.length,
      sense: highs.constants.objectiveSense.minimize,
      offset: -lp.offset,
      colCost: Float64Array.from(lp.cost, (x) => -x),
      ...{ colLower: bounds(lp.lower), colUpper: bounds(lp.upper) },
      ...{ rowLower: bounds(lp.rowLower), rowUpper: bounds(lp.rowUpper) },
      matrix: {
        format: 'csr',
        numRows: lp.rowLower.length,
        numCols: lp.cost.length,
        starts: Int32Array.from(lp.starts),
        indices: Int32Array.from(lp.index),
        values: Float64Array.from(lp.value)
      }
    });
    this.model.options.set({ output_flag: false });
  }

  relaxed(): Solved | null {
    // From scratch by the interior point, from where it stood by the simplex.
    this.model.options.set(this.fresh ? { solver: 'ipm' } : { solver: 'simplex', presolve: 'off' });
    const { modelStatus } = this.model.run();
    this.fresh = false;
    if (modelStatus !== OPTIMAL && modelStatus !== NOT_BETTER) return null;
    const value = -this.model.getObjectiveValue();
    const { colValue, colDual } = this.model.getSolution();
    return { value, x: colValue, worth: colDual.map((d) => -d), left: modelStatus === NOT_BETTER };
  }

  whole(from: readonly Entry[], { seconds, gap, onlyBound }: Ends): SolvedWhole | null {
    const { model, lp } = this;
    const whole = lp.whole.flatMap((is, i) => (is ? [i] : []));
    if (whole.length > 0)
      model.changeColsIntegrality(
        { kind: 'set', indices: whole },
        whole.map(() => 1 as const)
      );
    if (from.length > 0) model.setSolution({ indices: from.map(([c]) => c), values: from.map(([, n]) => n) });
    model.zeroAllClocks();
    // What helps from one relaxed one to the next hinders here.
    model.options.set({
      ...{ solver: 'choose', presolve: 'on', time_limit: seconds, mip_rel_gap: gap },
      ...{ mip_heuristic_effort: onlyBound ? 0 : GUESSES, mip_lp_solver: onlyBound ? 'ipm' : 'choose' }
    });
    const { modelStatus } = model.run();
    if (modelStatus !== OPTIMAL && modelStatus !== TIME_UP) return null;
    const value = -model.getObjectiveValue();
    if (!Number.isFinite(value) || Math.abs(value) >= NO_BOUND) return null;
    const bound = whole.length > 0 ? -Number(model.info.get('mip_dual_bound')) : value;
    return { value, x: model.getSolution().colValue, bound };
  }

  bound(columns: readonly number[], lower: readonly number[], upper: readonly number[]): void {
    columns.forEach((column, i) => this.model.changeColBounds(column, lower[i]!, upper[i]!));
  }

  better(than: number | null): void {
    this.model.options.set({ objective_bound: than === null ? NO_BOUND : -than });
  }

  close(): void {
    this.model.dispose();
  }
}

const finite = (x: number, infinity: number): number =>
  x === Infinity ? infinity : x === -Infinity ? -infinity : x;
