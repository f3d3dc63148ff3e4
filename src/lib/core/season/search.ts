import type { Ends, LpSolver, OpenLp, Solved } from './lp';
import { seasonModel } from './model';
import type { Model } from './model-types';
import { isAmong, startOptions, type StartOption } from './options';
import { wholeIn } from './plan';
import type { SeasonInput, SeasonPlan, StartIn } from './types';

/** An inequality that a solved choice of starts proves of all others: no choice is worth more than this says. */
interface Proof {
  /** What it says of the choice at hand. */
  here: number;
  /** What each start more would add at most. */
  readonly worth: Float64Array;
}

/** So many proofs are kept. */
const PROOFS = 400;
/** Less is no gain, points. */
const GAIN = 0.02;
/** A start that the fractions make by so much of its least size is made. */
const MADE = 0.6;

/** A change of some starts: each made (1) or not (0). */
type Move = readonly (readonly [start: number, made: 0 | 1])[];

/**
 * Which starts a season wants: the programme with fractions first, then week by week in whole starts, then switched, moved and
 * exchanged one at a time. A move whose worth is proven to be too little by what was solved before is never tried: for given
 * starts a programme's worth is concave in them. Deterministic: the same season gives the same moves.
 */
export class Search {
  readonly model: Model;
  readonly options: readonly StartOption[];
  /** No plan at all can be better than this. */
  bound = Infinity;
  /** What the choice at hand is worth, its jars by fractions. */
  value = -Infinity;
  /** Moves that were solved. */
  trials = 0;
  private readonly lp: OpenLp;
  private made: (0 | 1)[];
  /** Starts that are not moved: said by hand. */
  private held: ReadonlySet<number>;
  private proofs: Proof[] = [];

  constructor(
    private readonly input: SeasonInput,
    solver: LpSolver
  ) {
    this.options = startOptions(input);
    this.model = seasonModel(input, this.options);
    this.lp = solver.open(this.model.lp);
    this.made = this.options.map(() => 0);
    this.held = new Set(this.options.flatMap((o, i) => (isAmong(input.held, o.style.id, o.week) ? [i] : [])));
  }

  /** The starts of the choice at hand. */
  chosen(): StartOption[] {
    return this.options.filter((_, i) => this.made[i] === 1);
  }

  close(): void {
    this.lp.close();
  }

  /** The best in fractions: a bound of all plans; then whole starts, one week after another. */
  dive(): void {
    const root = this.root();
    if (!root) return;
    this.bound = root.value;
    let now: Solved = root;
    const weeks = [...new Set(this.options.map((o) => o.week))].sort((a, b) => a - b);
    for (const week of weeks) {
      const here = this.options.flatMap((o, i) => (o.week === week ? [i] : []));
      const wants = here
        .filter((i) => this.held.has(i) || now.x[this.model.starts[i]!.kg]! >= MADE * this.options[i]!.least)
        // What is held comes first, and is let go last.
        .sort(
          (a, b) =>
            Number(this.held.has(b)) - Number(this.held.has(a)) ||
            now.x[this.model.starts[b]!.kg]! - now.x[this.model.starts[a]!.kg]!
        );
      let made = this.fitting(week, wants);
      for (;;) {
        this.fix(here.map((i) => [i, made.includes(i) ? 1 : 0] as const));
        const solved = this.lp.relaxed();
        if (solved) now = solved;
        if (solved || made.length === 0) break;
        made = made.slice(0, -1);
      }
    }
    this.value = now.value;
    this.prove(now);
  }

  /** Begins from these starts instead, where they are worth more. */
  goBackTo(starts: readonly StartIn[]): void {
    const before = this.made.map((made, i) => [i, made] as const);
    const made = this.options.map((o, i) => this.held.has(i) || isAmong(starts, o.style.id, o.week));
    this.fix(made.map((is, i) => [i, is ? 1 : 0] as const));
    const solved = this.lp.relaxed();
    if (solved) this.prove(solved);
    if (solved && solved.value > this.value) this.value = solved.value;
    else this.fix(before);
  }

  /** The best in fractions, with what is held; where that cannot be, without. */
  private root(): Solved | null {
    this.fix([...this.held].map((i) => [i, 1] as const));
    const root = this.lp.relaxed();
    if (root || this.held.size === 0) return root;
    const columns = [...this.held].map((i) => this.model.starts[i]!.made);
    for (const i of this.held) this.made[i] = 0;
    this.held = new Set();
    this.lp.bound(
      columns,
      columns.map(() => 0),
      columns.map(() => 1)
    );
    return this.lp.relaxed();
  }

  /** One round over all moves, the most promising first, each that is better taken at once. */
  round(stop: () => boolean): void {
    const moves = this.moves()
      .map((move) => ({ move, at: this.atMost(move) }))
      .sort((a, b) => b.at - a.at);
    for (const { move } of moves) {
      if (stop()) return;
      if (!this.isMove(move) || this.atMost(move) <= this.value + GAIN) continue;
      this.tries(move);
    }
  }

  /**
   * Whole starts at once, from a plan: what no plan can be better than, and a better choice; whether there was another one. The
   * last that may be asked of a search.
   */
  proven(plan: SeasonPlan, ends: Ends): boolean {
    const columns = this.model.starts.map((s) => s.made);
    this.lp.bound(
      columns,
      columns.map((_, i): number => (this.held.has(i) ? this.made[i]! : 0)),
      columns.map(() => 1)
    );
    const solved = this.lp.whole(wholeIn(this.input, this.model, plan), ends);
    if (!solved) return false;
    this.bound = Math.min(this.bound, solved.bound);
    this.value = solved.value;
    const before = this.made;
    this.made = columns.map((c) => (solved.x[c]! > 0.5 ? 1 : 0));
    return this.made.some((is, i) => is !== before[i]);
  }

  /** A move may lie behind one that was taken since. */
  private isMove(move: Move): boolean {
    return move.every(([i, made]) => this.made[i] !== made) && this.handsAllow(move);
  }

  private tries(move: Move): void {
    this.trials++;
    const before = move.map(([i]) => [i, this.made[i]!] as const);
    this.fix(move);
    this.lp.better(this.value + GAIN);
    const solved = this.lp.relaxed();
    this.lp.better(null);
    if (solved) this.prove(solved);
    if (solved && !solved.left && solved.value > this.value + GAIN) {
      this.value = solved.value;
      return;
    }
    this.fix(before);
  }

  private fix(move: Move): void {
    for (const [i, made] of move) {
      // What a proof says of the choice at hand moves with it.
      const more = made - this.made[i]!;
      if (more !== 0) for (const p of this.proofs) p.here += more * p.worth[i]!;
      this.made[i] = made;
    }
    const columns = move.map(([i]) => this.model.starts[i]!.made);
    const to = move.map(([, made]) => made);
    this.lp.bound(columns, to, to);
  }

  private prove(solved: Solved): void {
    const worth = Float64Array.from(this.model.starts, (s) => solved.worth[s.made]!);
    this.proofs.push({ here: solved.value, worth });
    if (this.proofs.length > PROOFS) this.proofs.shift();
  }

  /** The most that a move may be worth, by all that is proven. */
  private atMost(move: Move): number {
    let least = Infinity;
    for (const { here, worth } of this.proofs) {
      let at = here;
      for (const [i, made] of move) at += (made - this.made[i]!) * worth[i]!;
      if (at < least) least = at;
    }
    return least;
  }

  /** As many of these starts as hands and batches of their week allow, at their least size. */
  private fitting(week: number, starts: readonly number[]): number[] {
    const out: number[] = [];
    for (const i of starts) if (this.allows(week, [...out, i])) out.push(i);
    return out;
  }

  private allows(week: number, starts: readonly number[]): boolean {
    const { hours, batches } = this.input.weeks[week]!;
    const least = starts.reduce((a, i) => {
      const { style, least } = this.options[i]!;
      return a + style.hours.fixed + style.hours.perKg * least;
    }, 0);
    return starts.length <= batches && least <= hours;
  }

  private handsAllow(move: Move): boolean {
    const weeks = new Set(move.filter(([, made]) => made === 1).map(([i]) => this.options[i]!.week));
    return [...weeks].every((week) =>
      this.allows(
        week,
        this.options.flatMap((o, i) => {
          if (o.week !== week) return [];
          const to = move.find(([at]) => at === i)?.[1] ?? this.made[i]!;
          return to === 1 ? [i] : [];
        })
      )
    );
  }

  /** Switch each start; move one by up to four weeks; exchange two of a week, or of two weeks that follow. */
  private moves(): Move[] {
    const out: Move[] = [];
    this.options.forEach((o, i) => {
      if (this.held.has(i)) return;
      out.push([[i, this.made[i] === 1 ? 0 : 1]]);
      if (this.made[i] === 0) return;
      this.options.forEach((other, k) => {
        if (this.made[k] === 1 || this.held.has(k)) return;
        const far = Math.abs(other.week - o.week);
        const near = other.style.id === o.style.id ? far <= 4 : far <= 1;
        if (near) out.push([[i, 0] as const, [k, 1] as const]);
      });
    });
    return out;
  }
}
