import { browser } from '$app/environment';
import { proxy, type Remote } from 'comlink';
import { SvelteMap } from 'svelte/reactivity';
import {
  isAmong,
  plainPlan,
  summedUp,
  usedUp,
  type OneMore,
  type Otherwise,
  type OtherYears,
  type PlanFacts,
  type PlanSoFar,
  type SeasonInput,
  type Worth
} from '$lib/core/season';
import type { PlanWorker } from '$lib/workers/plan.worker';
import { Beside, plainly } from '../house/beside';
import { rememberStarts, startsSeen } from './seen';

/**
 * How long is looked for a better plan at most, and then for what no plan can be better than, seconds. A household's search ends
 * by itself after some three; a phone, or a machine with other work, takes longer.
 */
const LOOKS = { seconds: 10, proof: 3.5 };

/** So many other years are played through. */
export const YEARS = 200;

/** The plan of a season as it gets better, beside the page; and what one asks of it. */
export class PlanSearch {
  /** The best so far, and the season that it is of: while another one is laid out, that of before. */
  found = $state.raw<(PlanSoFar & { readonly of: SeasonInput }) | null>(null);
  /** What people make of it who go week by week: what the plan is held against. */
  plain = $state.raw<PlanSoFar | null>(null);
  looking = $state(false);
  /** What stands is of the season before; of this one nothing better is known yet than the plain way. */
  stale = $state(false);
  /** Why it is so is still being worked out. */
  explaining = $state(false);
  /** Why the starts of this week, by their place in the plan. */
  readonly whys = new SvelteMap<number, Worth>();
  /** What else one may do with what lies there, by its crop. */
  readonly others = new SvelteMap<string, Otherwise>();
  /** What a little more of what is used up would bring. */
  readonly more = new SvelteMap<OneMore, Worth>();
  /** How other years go with it; and while they are played, how many have passed. */
  years = $state.raw<OtherYears | null>(null);
  passed = $state<number | null>(null);
  /** What it came to before something was said by hand. */
  before = $state.raw<PlanFacts | null>(null);
  private beside = this.worker();
  private last: SeasonInput | null = null;
  private asked = 0;
  private week = 0;
  /** The page was left since: what was then is no plan before this one. */
  private left = false;

  /** Where why it is so is not asked for, it only lays out. */
  constructor(private readonly explains = true) {}

  private worker() {
    return new Beside<PlanWorker>(
      // The bundler wants the URL written just so.
      // eslint-disable-next-line svelte/prefer-svelte-reactivity
      () => new Worker(new URL('../../workers/plan.worker.ts', import.meta.url), { type: 'module' })
    );
  }

  /** Plans it anew from a week on, as `weekOf` counts them; what was being looked for before is let go. */
  async ask(input: SeasonInput, week: number): Promise<void> {
    if (this.isAsked(input)) return this.goOn(input);
    const mine = ++this.asked;
    this.before = this.found && !this.looking && !this.left ? this.found.facts : null;
    const from = startsSeen(week);
    this.week = week;
    this.left = false;
    this.last = input;
    this.beside.stop();
    this.beside = this.worker();
    [this.stale, this.plain, this.looking, this.explaining] = [this.found !== null, null, true, false];
    this.passed = null;
    const plain = plainly(input);
    const take = (plan: PlanSoFar) => {
      if (mine !== this.asked) return;
      this.plain ??= plan;
      // The page does not fall back on the plain way between two good plans.
      if (this.stale && plan.facts.points <= this.plain.facts.points && !plan.settled) return;
      this.put(plan, input);
    };
    await this.beside.ask(
      (remote) => remote.plans(plain, { ...LOOKS, from }, proxy(take)),
      () => this.put(plainPlan(plain), input)
    );
    if (mine !== this.asked) return;
    this.looking = false;
    this.remember();
    if (this.explains) await this.explain(plain, mine);
  }

  /** This is the plan now; what was said of another one goes with that. */
  private put(plan: PlanSoFar, of: SeasonInput): void {
    this.plain ??= plan;
    this.found = { ...plan, of };
    this.stale = false;
    this.years = null;
    for (const said of [this.whys, this.more, this.others]) said.clear();
  }

  /** The plan is kept in mind on this device, for the next time. */
  private remember(): void {
    if (this.explains && this.found) rememberStarts(this.found.plan.batches, this.week);
  }

  /** It stands already; what was not yet said of it is said now. */
  private async goOn(input: SeasonInput): Promise<void> {
    if (!this.explains || this.years || this.explaining) return;
    await this.explain(plainly(input), ++this.asked);
  }

  /** The same season, with more held to: a plan that does so already stands. */
  private isAsked(input: SeasonInput): boolean {
    const { found, last, looking } = this;
    if (!found || !last || looking) return false;
    if (JSON.stringify(input) === JSON.stringify(last)) return true;
    const rest = (of: SeasonInput) => JSON.stringify({ ...of, held: [], earlier: [] });
    const held = [...input.held, ...input.earlier];
    const holds = held.every((h) => isAmong(found.plan.batches, h.styleId, h.week));
    const more = [...last.held, ...last.earlier].every((h) => isAmong(held, h.styleId, h.week));
    if (!(rest(input) === rest(last) && holds && more)) return false;
    this.last = input;
    this.found = { ...found, of: input };
    return true;
  }

  /** Why each start of this week, what else one may do with what lies there, a little more of what is used up, other years. */
  private async explain(input: SeasonInput, mine: number): Promise<void> {
    const plan = plainly(this.found?.plan ?? null);
    if (!plan) return;
    this.explaining = true;
    const now = plan.batches.flatMap((b, i) => (b.week === 0 ? [i] : []));
    await this.each(mine, now, this.whys, (remote, i) => remote.why(input, plan, i));
    const lying = input.crops.filter((c) => c.lots.some((l) => l.kg > 0)).map((c) => c.id);
    await this.each(mine, lying, this.others, (remote, id) => remote.otherwise(input, plan, id));
    const out = this.found ? usedUp(input, plan, this.found.facts) : [];
    await this.each(mine, out, this.more, (remote, what) => remote.oneMore(input, plan, what));
    if (mine !== this.asked) return;
    this.passed = 0;
    const passed = proxy((n: number) => (this.passed = n));
    const years = await this.beside.ask(
      (remote) => remote.years(input, plan, YEARS, passed),
      () => summedUp([])
    );
    if (mine !== this.asked) return;
    [this.years, this.passed, this.explaining] = [years.n > 0 ? years : null, null, false];
  }

  /** Asks of each in turn, as long as this plan is the one that is asked about. */
  private async each<K, T>(
    mine: number,
    all: readonly K[],
    put: Map<K, T>,
    ask: (remote: Remote<PlanWorker>, of: K) => Promise<T | null>
  ): Promise<void> {
    for (const one of all) {
      if (mine !== this.asked) return;
      const said = await this.beside.ask(
        (remote) => ask(remote, one),
        () => null
      );
      if (said && mine === this.asked) put.set(one, said);
    }
  }

  /** Enough: what is there is taken. */
  enough(): void {
    this.asked++;
    [this.looking, this.passed] = [false, null];
    this.beside.stop();
    this.beside = this.worker();
    if (this.stale && this.last) this.put(this.plain ?? plainPlan(plainly(this.last)), this.last);
    this.remember();
    if (this.explains && this.last) void this.explain(plainly(this.last), this.asked);
  }

  stop(): void {
    this.asked++;
    this.beside.stop();
  }

  /** The page is left: what was found is kept for when one comes back; what was still looked for begins anew then. */
  leave(): void {
    if (this.looking) [this.found, this.stale] = [null, false];
    [this.looking, this.explaining, this.passed, this.left] = [false, false, null, true];
    this.stop();
    this.beside = this.worker();
  }
}

let ours: PlanSearch | undefined;
/** The one of the season's page: who leaves it and comes back finds the plan that was found. */
export const seasonSearch = (): PlanSearch => (browser ? (ours ??= new PlanSearch()) : new PlanSearch());
