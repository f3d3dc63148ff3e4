import type { DayMaking, DayPlan, DayStep, Hands, Placed } from './day';

/** Where a making is while an order is laid out. */
interface At {
  next: number;
  ready: number;
  latest: number | null;
  bowl: boolean;
}

/** An order as it is laid out, step by step: each begins as soon as hands, tools and its rest allow, none before the one laid last. */
export class Laying {
  readonly at: At[];
  readonly people: number[];
  readonly scales: number[];
  /** Boards: when free, and whether hot peppers lay on them. */
  readonly boards: { free: number; hot: boolean }[];
  readonly bowls: number[];
  /** No board may be lain on as it is: the next is scrubbed first. */
  private scrubs = false;
  from = 0;
  ends = 0;
  overruns = 0;
  placed: Placed[] = [];

  constructor(
    readonly makings: readonly DayMaking[],
    hands: Hands | Laying
  ) {
    const before = hands instanceof Laying ? hands : null;
    const many = (n: number) => Array.from({ length: Math.max(1, n) }, () => 0);
    this.at =
      before?.at.map((a) => ({ ...a })) ??
      makings.map((m) => ({ next: 0, ready: m.readyAt, latest: m.latestAt, bowl: false }));
    this.people = before ? [...before.people] : many((hands as Hands).people);
    this.scales = before ? [...before.scales] : many((hands as Hands).scales);
    this.bowls = before ? [...before.bowls] : many((hands as Hands).bowls);
    this.boards = before
      ? before.boards.map((b) => ({ ...b }))
      : many((hands as Hands).boards).map((free) => ({ free, hot: false }));
    if (before) {
      ({ from: this.from, ends: this.ends, overruns: this.overruns } = before);
      this.placed = before.placed;
    }
  }

  get done(): boolean {
    return this.at.every((a, m) => a.next >= this.makings[m]!.steps.length);
  }

  /** Makings whose next step may be laid now: heavy salting begins first, hot peppers after what is eaten raw on the only board. */
  choices(): number[] {
    const left = this.at.flatMap((a, m) => (a.next < this.makings[m]!.steps.length ? [m] : []));
    // Where each waits for the other's board, a board is scrubbed.
    this.scrubs = left.every((m) => this.starts(m) === Infinity);
    const open = left.filter((m) => this.starts(m) < Infinity);
    const heavy = open.filter((m) => this.makings[m]!.heavy && this.at[m]!.next === 0);
    return heavy.length > 0 ? heavy : open;
  }

  private step = (m: number): DayStep => this.makings[m]!.steps[this.at[m]!.next]!;

  /** Which board a step is done on; undefined: none that it may lie on. */
  private board(step: DayStep): { free: number; hot: boolean } | undefined {
    const soonest = (hot: boolean) =>
      this.boards.filter((b) => b.hot === hot).sort((a, b) => a.free - b.free)[0];
    if (this.scrubs) return [...this.boards].sort((a, b) => a.free - b.free)[0];
    if (!step.hot) return soonest(false);
    const clean = this.boards.filter((b) => !b.hot);
    const rawLeft = this.at.some((a, m) =>
      this.makings[m]!.steps.some((s, i) => i >= a.next && s.tool === 'board' && !s.hot)
    );
    return soonest(true) ?? (clean.length > 1 || !rawLeft ? soonest(false) : undefined);
  }

  /** When the next step of a making would begin; infinite: not yet at all. */
  starts(m: number): number {
    const step = this.step(m);
    const { ready, bowl } = this.at[m]!;
    const tool =
      step.tool === 'board'
        ? (this.board(step)?.free ?? Infinity)
        : step.tool === 'scale'
          ? Math.min(...this.scales)
          : 0;
    const ownBowl = step.bowl && !bowl ? (this.bowls.length > 0 ? Math.min(...this.bowls) : Infinity) : 0;
    return Math.max(this.from, ready, Math.min(...this.people), tool, ownBowl);
  }

  /** Lays the next step of a making; a laying of its own, the one before stays as it was. */
  lay(m: number): Laying {
    const now = new Laying(this.makings, this);
    now.scrubs = this.scrubs;
    now.put(m);
    now.scrubs = false;
    return now;
  }

  private put(m: number): void {
    const step = this.step(m);
    const at = this.at[m]!;
    const from = this.starts(m);
    const to = from + step.minutes;
    if (at.latest !== null && from > at.latest) this.overruns += from - at.latest;
    const person = this.hand(m, from);
    this.people[person] = to;
    if (step.tool === 'board') Object.assign(this.board(step)!, { free: to, hot: step.hot });
    if (step.tool === 'scale') this.scales[this.scales.indexOf(Math.min(...this.scales))] = to;
    this.bowl(m, step, to);
    this.placed = [...this.placed, { making: this.makings[m]!.id, step: step.id, person, from, to }];
    this.from = from;
    this.ends = Math.max(this.ends, to);
    at.next += 1;
    at.ready = to + (step.rest?.from ?? 0);
    at.latest = step.rest ? to + step.rest.to : null;
  }

  /** Of those who are free by then, who did the step before of the same making. */
  private hand(m: number, from: number): number {
    const last = this.placed.findLast((p) => p.making === this.makings[m]!.id)?.person;
    if (last !== undefined && this.people[last]! <= from) return last;
    return this.people.findIndex((free) => free <= from);
  }

  private bowl(m: number, step: DayStep, to: number): void {
    const at = this.at[m]!;
    if (step.bowl && !at.bowl) {
      this.bowls.splice(this.bowls.indexOf(Math.min(...this.bowls)), 1);
      at.bowl = true;
    }
    const more = this.makings[m]!.steps.some((s, i) => i > at.next && s.bowl);
    if (at.bowl && !more) {
      this.bowls.push(to);
      at.bowl = false;
    }
  }

  /** No order from here ends sooner: each making's own way, and all that hands and boards have left to do. */
  bound(): number {
    let [work, latest] = [0, this.ends];
    this.makings.forEach((mk, m) => {
      const a = this.at[m]!;
      if (a.next >= mk.steps.length) return;
      let t = Math.max(this.from, a.ready);
      for (let i = a.next; i < mk.steps.length; i++) {
        const s = mk.steps[i]!;
        work += s.minutes;
        t += s.minutes + (i < mk.steps.length - 1 ? (s.rest?.from ?? 0) : 0);
      }
      latest = Math.max(latest, t);
    });
    const free = this.people.reduce((sum, t) => sum + Math.max(t, this.from), 0);
    return work > 0 ? Math.max(latest, (free + work) / this.people.length) : latest;
  }

  /** What the rest of the day depends on: two orders that come to the same state go on alike. */
  key(): string {
    const sorted = (all: readonly number[]) =>
      [...all].map((t) => Math.max(t, this.from)).sort((a, b) => a - b);
    return JSON.stringify([
      this.at.map((a) => [a.next, Math.max(a.ready, this.from), a.latest]),
      ...[sorted(this.people), sorted(this.scales), sorted(this.bowls)],
      ...[true, false].map((hot) => sorted(this.boards.filter((b) => b.hot === hot).map((b) => b.free)))
    ]);
  }

  plan(exact: boolean): DayPlan {
    const { placed, ends, overruns } = this;
    return { placed, ends, overruns, exact };
  }
}

const better = (
  a: { overruns: number; ends: number },
  b: { overruns: number; ends: number } | null
): boolean =>
  b === null || a.overruns < b.overruns - EPS || (a.overruns < b.overruns + EPS && a.ends < b.ends - EPS);
const EPS = 1e-9;

/** So many layings are looked at; what is not proven by then is the best found. Two makings of any kind fit. */
const MOST_LAYINGS = 1500;

/**
 * The day's order: the steps of all makings over hands and rests, so that no rest overruns its longest time and the last lid
 * closes soonest. Branch and bound over all orders; beyond its measure the best found.
 * Example: 30 minutes of work, a rest of 60, 10 of work, beside 40 minutes of other work: done after 100 minutes, not 140.
 */
export function dayOrder(makings: readonly DayMaking[], hands: Hands, most = MOST_LAYINGS): DayPlan {
  const root = new Laying(
    makings.filter((m) => m.steps.length > 0),
    hands
  );
  let best: Laying | null = null;
  for (const rule of RULES) {
    const one = greedy(root, rule);
    if (better(one, best)) best = one;
  }
  const seen = new Map<string, number>();
  let looked = 0;
  const search = (now: Laying): boolean => {
    if (now.done) {
      if (better(now, best)) best = now;
      return true;
    }
    if (!better({ overruns: now.overruns, ends: now.bound() }, best)) return true;
    const key = now.key();
    const before = seen.get(key);
    if (before !== undefined && before <= now.overruns + EPS) return true;
    seen.set(key, now.overruns);
    if (++looked > most) return false;
    const ways = now
      .choices()
      .map((m) => now.lay(m))
      .sort((a, b) => a.overruns - b.overruns || a.from - b.from || a.bound() - b.bound());
    return ways.every(search);
  };
  const exact = search(root);
  return (best ?? root).plan(exact);
}

type Rule = (now: Laying, m: number) => number;
/** Whose turn it is, the least first: what begins soonest and has the longest way; the longest way; what must not wait. */
const RULES: readonly Rule[] = [
  (now, m) => now.starts(m) * 1e4 - tail(now, m),
  (now, m) => -tail(now, m),
  (now, m) => (now.at[m]!.latest ?? 1e6) * 1e4 + now.starts(m)
];

/** Minutes from the next step of a making to its end, rests at their shortest. */
const tail = (now: Laying, m: number): number =>
  now.makings[m]!.steps.slice(now.at[m]!.next).reduce((a, s) => a + s.minutes + (s.rest?.from ?? 0), 0);

function greedy(root: Laying, rule: Rule): Laying {
  let now = root;
  while (!now.done) {
    const [first] = now.choices().sort((a, b) => rule(now, a) - rule(now, b));
    if (first === undefined) break;
    now = now.lay(first);
  }
  return now;
}
