import { GreedyRaw } from './greedy-raw';
import type { End, StartOption } from './options';
import {
  STORE_PLACES,
  type JarsInUse,
  type Meal,
  type PlannedBatch,
  type SeasonInput,
  type SeasonPlan,
  type SeasonStyle,
  type StorePlace
} from './types';

interface Stock {
  readonly styleId: string;
  readonly place: StorePlace;
  readonly from: number;
  readonly last: number;
  kg: number;
}

/** What the plain way has at hand in a week: raw, stored, jars and hands. */
export class GreedyStore {
  readonly eaten: Meal[] = [];
  readonly thrown: Meal[] = [];
  readonly back: SeasonPlan['back'][number][] = [];
  readonly raw: GreedyRaw;
  private readonly stock: Stock[];
  private readonly inUse = new Map<string, number>();
  private readonly ready: { styleId: string; from: number; sizeId: string; n: number }[] = [];
  private readonly empty = new Map<string, number>();
  private readonly counter: number[];
  private hours = 0;
  private batches = 0;
  private water = 0;

  constructor(private readonly input: SeasonInput) {
    const { stored, standing, weeks } = input;
    this.raw = new GreedyRaw(input);
    this.stock = [
      ...stored.map((s) => ({ ...s, from: 0 })),
      ...standing.map((s) => {
        const keeps = this.style(s.styleId)?.keeps.cold ?? 0;
        const { styleId, kg, ready } = s;
        return { styleId, kg, place: 'cold' as const, from: ready, last: ready + keeps - 1 };
      })
    ];
    for (const s of stored) this.hold(s.styleId, 0, s.jars);
    for (const s of standing) this.hold(s.styleId, s.ready, s.jars);
    for (const [id, kg] of Object.entries(input.opened)) this.empty.set(id, kg);
    this.counter = weeks.map((_, t) =>
      standing.reduce((a, s) => (s.ready > t ? a + s.kg * (this.style(s.styleId)?.shelfPerKg ?? 0) : a), 0)
    );
  }

  private style = (id: string): SeasonStyle | undefined => this.input.styles.find((s) => s.id === id);

  private hold(styleId: string, from: number, jars: readonly JarsInUse[]): void {
    for (const { sizeId, n } of jars) {
      this.inUse.set(sizeId, (this.inUse.get(sizeId) ?? 0) + n);
      this.ready.push({ styleId, from, sizeId, n });
    }
  }

  /**
   * A week begins: its picks come, what is bottled gives its jars free, and the table is laid.
   * @param lays what is eaten by what is there, kg; as much as is wanted, the soonest gone first, where nothing else is said
   */
  begin(
    week: number,
    lays?: (there: (styleId: string, place: StorePlace) => number) => readonly Meal[]
  ): void {
    this.raw.begin(week);
    for (const r of this.ready)
      if (r.from === week && this.style(r.styleId)?.bottled) {
        this.inUse.set(r.sizeId, (this.inUse.get(r.sizeId) ?? 0) - r.n);
        r.n = 0;
      }
    [this.hours, this.batches, this.water] = [0, 0, 0];
    const wants = new Map(this.input.groups.map((g) => [g.id, g.wanted[week] ?? 0]));
    const there = this.stock.filter((s) => s.from <= week && week <= s.last).sort((a, b) => a.last - b.last);
    const of = (styleId: string, place: StorePlace) =>
      there.filter((s) => s.styleId === styleId && s.place === place);
    const meals = lays?.((styleId, place) => of(styleId, place).reduce((a, s) => a + s.kg, 0));
    for (const m of meals ?? []) this.eat(of(m.styleId, m.place), m.kg, wants, week);
    if (!meals) this.eat(there, Infinity, wants, week);
  }

  /** Eats of what is there, in its order, no more than is wanted of its group. */
  private eat(there: readonly Stock[], most: number, wants: Map<string, number>, week: number): void {
    let left = most;
    for (const s of there) {
      const style = this.style(s.styleId);
      if (!style) continue;
      const wanted = wants.get(style.group) ?? 0;
      const kg = Math.min(s.kg, left, wanted / style.servingsPerKg);
      if (kg <= 1e-9) continue;
      s.kg -= kg;
      left -= kg;
      wants.set(style.group, wanted - kg * style.servingsPerKg);
      this.eaten.push({ styleId: s.styleId, place: s.place, week, kg });
      this.empty.set(s.styleId, (this.empty.get(s.styleId) ?? 0) + kg);
    }
  }

  /** It ends: what is past its week spoils, and jars that were eaten empty come back. */
  end(week: number): void {
    this.raw.end(week);
    for (const s of this.stock) if (s.last <= week) s.kg = 0;
    this.makeRoom(week);
    for (const r of this.ready) {
      const style = this.style(r.styleId);
      const size = this.input.sizes.find((j) => j.id === r.sizeId);
      if (!style || !size || style.bottled || r.from > week) continue;
      const full = style.kgPerLitre * size.litres;
      const n = Math.min(r.n, Math.floor((this.empty.get(style.id) ?? 0) / full + 1e-9));
      if (n <= 0) continue;
      r.n -= n;
      this.empty.set(style.id, this.empty.get(style.id)! - n * full);
      this.inUse.set(size.id, this.inUse.get(size.id)! - n);
      this.back.push({ styleId: style.id, sizeId: size.id, week, n });
    }
  }

  /** Servings that a start's appetite will want while it keeps, and those of them that nothing will still. */
  uncovered({ style, ends }: StartOption): { readonly open: number; readonly all: number } {
    const [from, last] = [ends[0]!.week, Math.max(...ends.map((e) => e.last))];
    const group = this.input.groups.find((g) => g.id === style.group);
    const all = group ? group.wanted.slice(from, last + 1).reduce((a, q) => a + q, 0) : 0;
    const there = this.stock.reduce((a, s) => {
      const of = this.style(s.styleId);
      return of?.group === style.group && s.last >= from ? a + s.kg * of.servingsPerKg : a;
    }, 0);
    return { open: Math.max(0, all - there), all };
  }

  /** Litres of shelf that a kilo of it takes, and of bottles. */
  private shelf = (s: Stock): number => this.style(s.styleId)?.shelfPerKg ?? 0;
  private bottle({ styleId }: Stock): number {
    const style = this.style(styleId);
    return style?.bottled ? 1 / style.kgPerLitre : 0;
  }

  /** Where it may go: the first end that has room for it as long as it keeps, were nothing of what is there eaten. */
  endFor({ ends, style }: StartOption): (End & { readonly kg: number }) | null {
    const stands = (per: (s: Stock) => number) => this.stock.reduce((a, s) => a + s.kg * per(s), 0);
    const bottles = style.bottled
      ? (this.input.bottles - stands((s) => this.bottle(s))) * style.kgPerLitre
      : Infinity;
    for (const end of ends) {
      const taken = stands((s) => (s.place === end.place ? this.shelf(s) : 0));
      const room = Math.min(...this.input.weeks.slice(end.week, end.last + 1).map((w) => w[end.place]));
      const kg = Math.min((room - taken) / style.shelfPerKg, bottles);
      if (kg > 0) return { ...end, kg };
    }
    return null;
  }

  workFor({ style, week }: StartOption): number {
    const { hours, batches, water } = this.input.weeks[week]!;
    if (this.batches >= batches) return 0;
    const wet = style.waterPerKg > 0 ? (water - this.water) / style.waterPerKg : Infinity;
    const left = hours - this.hours - style.hours.fixed;
    return Math.min(wet, style.hours.perKg > 0 ? left / style.hours.perKg : left >= 0 ? Infinity : 0);
  }

  counterFor({ style, week }: StartOption, end: End): number {
    const rooms = this.input.weeks.slice(week, end.week).map((w, i) => w.counter - this.counter[week + i]!);
    return Math.min(...rooms, Infinity) / style.shelfPerKg;
  }

  freeJars(sizeId: string): number {
    const owned = this.input.sizes.find((j) => j.id === sizeId)?.owned ?? 0;
    return Math.max(0, owned - (this.inUse.get(sizeId) ?? 0));
  }

  put(b: PlannedBatch, ends: readonly End[], style: SeasonStyle): void {
    this.hold(b.styleId, Math.min(...ends.map((e) => e.week)), b.jars);
    b.ends.forEach(({ place, week: from, kg }, i) => {
      this.stock.push({ styleId: b.styleId, place, from, last: ends[i]!.last, kg });
      for (let t = b.week; t < from; t++) this.counter[t]! += kg * style.shelfPerKg;
    });
    this.hours += style.hours.fixed + style.hours.perKg * b.kg;
    this.batches += 1;
    this.water += style.waterPerKg * b.kg;
  }

  /** What places and bottles have no room for goes, what keeps least first. */
  private makeRoom(week: number): void {
    const there = this.stock.filter((s) => s.from <= week).sort((a, b) => a.last - b.last);
    for (const place of STORE_PLACES)
      this.empties(there, this.input.weeks[week]![place], week, (s) =>
        s.place === place ? this.shelf(s) : 0
      );
    this.empties(there, this.input.bottles, week, (s) => this.bottle(s));
  }

  private empties(there: readonly Stock[], room: number, week: number, per: (s: Stock) => number): void {
    let over = there.reduce((a, s) => a + s.kg * per(s), 0) - room;
    for (const s of there) {
      if (over <= 1e-9) return;
      const kg = per(s) > 0 ? Math.min(s.kg, over / per(s)) : 0;
      if (kg <= 0) continue;
      s.kg -= kg;
      over -= kg * per(s);
      this.thrown.push({ styleId: s.styleId, place: s.place, week, kg });
    }
  }
}
