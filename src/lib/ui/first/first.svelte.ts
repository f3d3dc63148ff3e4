import { learntFilling } from '$lib/core/batch';
import { dayOfWall, type WallMinute } from '$lib/core/calendar';
import {
  evolveHousehold,
  jarsTakenToOwn,
  NEW_HOUSEHOLD,
  settled,
  USUAL_JARS,
  waysOf,
  type Household,
  type JarCounted
} from '$lib/core/kit';
import { freeJars } from '$lib/core/kitchen';
import { atBench, evolveLot, FIRST_BENCH, taken, weighedIn, type LotOnBench } from '$lib/core/lot';
import type { WrittenUnits } from '$lib/core/quantity';
import { readBasket, type InBasket } from '$lib/core/reading';
import { done, type Outcome } from '$lib/core/refusal';
import type { Lid } from '$lib/core/vessel';
import { problem } from '$lib/words';
import { Bench } from '../bench/bench.svelte';
import { forgetHalfTyped, keepSaid, saidBefore } from '../house/typed';
import { send } from '../house/send';

const KEEP = 'first';
const NOTHING_LEARNT = { trims: {}, pieces: {}, paces: {}, ...learntFilling([], {}) };

/** Pounds and quarts in what is typed: the answer comes in them, too. */
const POUNDS = /\b(?:lbs?|pounds?|oz|ounces?|quarts?|qts?)\b/i;

type JarKind = Omit<JarCounted, 'owned'>;
export const keyOf = ({ geometryId, lid }: JarKind): string => `${geometryId}.${lid}`;
const KINDS: readonly JarKind[] = [...USUAL_JARS.metric, ...USUAL_JARS.US];

/** What a newcomer has said so far: what is in the basket, and about the kitchen; and the answer to it at once. */
export class First {
  basket = $state('');
  unitsSaid = $state<WrittenUnits | null>(null);
  counts = $state<Record<string, number>>({});
  lids = $state<Record<string, Lid>>({});
  /** The questions are asked once the answer is to be kept. */
  keeping = $state(false);
  /** What went wrong while the picks were kept, in words. */
  trouble = $state('');
  // Nothing is shown of it.
  // eslint-disable-next-line svelte/prefer-svelte-reactivity
  private readonly kept = new Map<string, string>();

  constructor(private readonly now: () => WallMinute) {}

  private readonly unitsGuessed = $derived.by(
    (): WrittenUnits => this.unitsSaid ?? (POUNDS.test(this.basket) ? 'US' : 'metric')
  );
  /** As they were chosen, or as they stand in what is typed. */
  get units(): WrittenUnits {
    return this.unitsGuessed;
  }
  set units(said: WrittenUnits) {
    this.unitsSaid = said;
  }
  /** The jars counted so far; two rows that were given the same lid are one kind. */
  readonly jars = $derived.by((): JarCounted[] => {
    const out: Record<string, JarCounted> = {};
    for (const kind of KINDS) {
      const owned = this.counts[keyOf(kind)] ?? 0;
      const jar = { ...kind, lid: this.lids[keyOf(kind)] ?? kind.lid };
      const same = out[keyOf(jar)];
      if (owned > 0) out[keyOf(jar)] = { ...jar, owned: owned + (same?.owned ?? 0) };
    }
    return Object.values(out).map(({ geometryId, lid, owned }) => ({ geometryId, lid, owned }));
  });
  /** Nothing is counted yet: usual jars are taken. */
  readonly usual = $derived.by(() => this.jars.length === 0);
  /** The household as it would be. */
  readonly house = $derived.by((): Household => {
    const jars = this.usual ? jarsTakenToOwn(this.units) : this.jars;
    const { units } = this;
    const said = settled({ units, spoons: units, jars, eaters: [], eatersAsked: false, skip: false });
    return said.ok ? said.value.reduce((h, e) => evolveHousehold(h, e, 0), NEW_HOUSEHOLD) : NEW_HOUSEHOLD;
  });
  private readonly read = $derived.by((): Outcome<InBasket[]> => readBasket(this.basket, waysOf(this.house)));
  private readonly lying = $derived.by(() => (this.read.ok ? this.laid(this.read.value) : this.read));
  /** What is in the basket, on a bench that nobody stores. */
  readonly lots = $derived.by((): LotOnBench[] => (this.lying.ok ? this.lying.value : []));
  /** What could not be read; null while nothing is typed. */
  readonly refused = $derived.by(() =>
    this.basket.trim() === '' || this.lying.ok ? null : problem(this.lying.refusal)
  );

  /** The bench as it would stand with it; of the answer, there is one way to reckon it. */
  readonly bench = new Bench(
    () => ({
      ...{ bench: FIRST_BENCH, lots: this.lots, draft: {}, recipes: [], stockG: {}, brines: [], away: null },
      jars: freeJars(this.house, []),
      learnt: NOTHING_LEARNT
    }),
    () => this.house
  );

  /** Each thing as a pick that was weighed in and taken to the bench. */
  private laid(things: readonly InBasket[]): Outcome<LotOnBench[]> {
    const ways = waysOf(this.house);
    const out: LotOnBench[] = [];
    for (const [i, { crop, weight }] of things.entries()) {
      const around = { ways, today: dayOfWall(this.now()) };
      const picked = weighedIn({ ...AS_PICKED, cropId: crop.id, weight }, around);
      if (!picked.ok) return picked;
      const lot = evolveLot(`first${i}`, undefined, picked.value.event);
      const there = lot ? taken(lot, { weight: '', bench: FIRST_BENCH }, ways) : null;
      if (!lot || !there) continue;
      if (!there.ok) return there;
      out.push(atBench(evolveLot(lot.id, lot, there.value.event) ?? lot, FIRST_BENCH));
    }
    return done(out);
  }

  /** Keeps what is in the basket: weighed in, on the bench; false where it could not be. A second try goes on from there. */
  async keepPicks(): Promise<boolean> {
    this.trouble = '';
    for (const [i, { crop, weight }] of (this.read.ok ? this.read.value : []).entries()) {
      const name = `${i} ${crop.id} ${weight}`;
      if (this.kept.get(name) === FIRST_BENCH) continue;
      const picked = this.kept.get(name) ?? (await this.weighIn(crop.id, weight));
      if (!picked) return false;
      this.kept.set(name, picked);
      const lies = await send('take-to-bench', { lotId: picked, bench: FIRST_BENCH });
      if (!lies.ok) return this.amiss(lies.problem);
      this.kept.set(name, FIRST_BENCH);
    }
    return true;
  }
  private async weighIn(cropId: string, weight: string): Promise<string | null> {
    const picked = await send('weigh-in', { cropId, weight });
    return picked.ok ? picked.answer.lotId : (this.amiss(picked.problem), null);
  }
  private amiss({ says, wouldWork }: { says: string; wouldWork: string }): false {
    this.trouble = `${says} ${wouldWork}`;
    return false;
  }

  step(kind: JarKind, by: number): void {
    const key = keyOf(kind);
    this.counts[key] = Math.max(0, (this.counts[key] ?? 0) + by);
  }

  /** What was said outlives reload, Back and a closed tab. */
  remember(): void {
    const { basket, unitsSaid, counts, lids, keeping } = this;
    keepSaid(KEEP, { basket, unitsSaid, counts, lids, keeping });
  }
  recall(): void {
    const was = saidBefore(KEEP) as Partial<First> | null;
    if (!was) return;
    this.basket = was.basket ?? '';
    this.unitsSaid = was.unitsSaid ?? null;
    this.counts = was.counts ?? {};
    this.lids = was.lids ?? {};
    this.keeping = was.keeping ?? false;
  }
  forget(): void {
    forgetHalfTyped(KEEP);
  }
}

const AS_PICKED = {
  ...{ variety: '', bed: '', gross: '', tare: '', note: '', withTops: false, sure: false },
  ...({ quality: 'sound', kept: 'room' } as const)
};
