import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  correctPortion,
  bottle,
  freeSizes,
  finish,
  decant,
  drain,
  enter,
  evolveBatch,
  leftG,
  move,
  nextLidNumbers,
  portion,
  postingsOf,
  pourInto,
  remedyFor,
  restOfBrine,
  savedUsed,
  salinityOf,
  standing,
  start,
  correctionOf,
  type Batch,
  type BatchEvent,
  type Filling,
  type TroubleSaid
} from '$lib/core/batch';
import { wall } from '$lib/core/calendar';
import {
  balances,
  gained,
  liquidOf,
  massOf,
  minus,
  NOTHING,
  partOf,
  phaseG,
  plus,
  salinityIn,
  solidsOf,
  toSalinity,
  vegetables,
  type Contents,
  type Posting
} from '$lib/core/contents';
import { ledger } from '$lib/core/larder';
import { NEW_HOUSEHOLD, waysOf, type OwnedJar } from '$lib/core/kit';
import {
  brineHolds,
  brineKept,
  brinePostings,
  brineTaken,
  evolveBrine,
  type BrineEvent,
  type KeptBrine
} from '$lib/core/pantry';
import { crop } from '$lib/core/produce';
import { drawnG, partsAsMade, secondPick, type Worksheet } from '$lib/core/worksheet';
import { saltKind } from '$lib/core/salt';
import { style, STYLES } from '$lib/core/style';
import { jarGeometry, usableMl } from '$lib/core/vessel';
import { batchItem } from '$lib/core/batch';
import { near } from '../support/vectors';
import { PLACES, sheet } from '../support/builders';

/** A milligram. */
const MG = 0.001;
const parts = (c: Contents) => Object.values(c) as number[];
const same = (a: Contents, b: Contents, within = MG) =>
  parts(minus(a, b)).every((g) => Math.abs(g) <= within);

describe('contents', () => {
  const kraut = plus(vegetables(900, 0.922), { ...NOTHING, brineG: 20 });
  it('are told apart, and weigh what they weighed', () => {
    near(massOf(kraut), 920, 1e-9);
    near(solidsOf(kraut), 900, 1e-9);
    near(phaseG(kraut), 849.8, 1e-9);
    expect(salinityIn(NOTHING)).toBe(0);
    expect(partOf(NOTHING, 5)).toEqual(NOTHING);
  });
  it('salted to what was measured they weigh the same', () => {
    const salted = plus(kraut, toSalinity(kraut, 0.022));
    near(salinityIn(salted), 0.022, 1e-5);
    near(massOf(salted), 920, 1e-9);
    // 18.7 g of salt in the place of brine; of more, the juice gives the rest.
    near(salted.saltG, 849.8 * 0.022, 1e-5);
    expect(plus(kraut, toSalinity(kraut, 0.05)).brineG).toBe(0);
    near(salinityIn(plus(salted, toSalinity(salted, 0.01))), 0.01, 1e-5);
  });
  it('liquid is brine first, then juice, and as salty as all of it', () => {
    const salted = plus(kraut, { ...NOTHING, saltG: 18, brineG: 100 });
    const some = liquidOf(salted, 150);
    near(massOf(some), 150, 1e-5);
    near(some.saltG / 150, salinityIn(salted), 1e-4);
    expect([some.brineG, some.dryG]).toEqual([120, 0]);
    near(massOf(partOf(salted, 100)), 100, 1e-5);
  });
});

const JARS: readonly OwnedJar[] = (
  [
    ['litre', 'clip-1000', 'clamped', 6],
    ['half', 'clip-500', 'airlock', 6],
    ['big', 'clip-1500', 'clamped', 3]
  ] as const
).map(([id, geometryId, lid, owned]) => ({
  id,
  name: id,
  geometryId,
  lid,
  owned,
  brimMl: null,
  headspaceMm: null,
  weightMl: null,
  weightId: null
}));
const FREE = JARS.map(({ id, name, geometryId, lid, owned }) => ({ id, name, geometryId, lid, free: owned }));
const NOW = wall('2026-09-12', 9);
const SALT = saltKind('sea-fine')!;
const WAYS = waysOf(NEW_HOUSEHOLD);

const CROPS: Readonly<Record<string, string>> = {
  pieces: 'kohlrabi',
  'short-cucumbers': 'cucumber-small',
  'leaf-rinsed': 'cabbage-napa',
  'leaf-single': 'cabbage-napa',
  'pepper-sauce': 'pepper-cayenne',
  'pepper-mash': 'pepper-cayenne',
  'sliced-peppers': 'pepper-cayenne'
};
/** Every style, by itself and with something salty in it; once with brine that was there already. */
const SHEETS: readonly Worksheet[] = STYLES.flatMap((s) =>
  [[], [{ id: 'fish-sauce', g: 30 }]].flatMap((extras, n) =>
    [700, 2100].map((preparedG) => {
      const cropId = CROPS[s.id] ?? 'cabbage-white';
      const items = [
        { id: `${cropId}-a`, cropId, pickedG: preparedG * 1.3, withTops: false, preparedG },
        { id: 'carrot-b', cropId: 'carrot', pickedG: 130, withTops: false, preparedG: 100 }
      ];
      const stock = { id: 'kept', name: 'Kept', ml: 150, strength: 0.03, useBy: '2026-09-20' };
      const brine = { mix: 'jug' as const, hot: false, saved: n === 0 ? [] : [stock as never] };
      return sheet({ styleId: s.id, items, jars: FREE, fraction: 0.03, extras, brine });
    })
  )
);

describe('what a worksheet fills is told apart', () => {
  it.each(SHEETS.map((w, n) => [n, w] as const))('%d', (_, w) => {
    const jars = partsAsMade(w).map((of) => plus(...of.map((p) => p.what)));
    jars.forEach((c, i) => near(massOf(c), w.jars[i]!.contentsG, 1e-5));
    near(salinityIn(plus(...jars)), w.ends.equilibrium, 1e-4);
    for (const c of jars) expect(Math.min(...parts(c))).toBeGreaterThanOrEqual(0);
  });
});

/** A kitchen in which things happen, and the ledger of all that moved. */
class Kitchen {
  readonly batches = new Map<string, Batch>();
  readonly postings: Posting[] = [];
  readonly brines = new Map<string, KeptBrine>();
  /** What each pick gave, as it was said. */
  readonly given = new Map<string, Contents>();
  private n = 0;

  get lids() {
    return [...this.batches.values()].flatMap((b) => b.fillings);
  }
  get jars(): { b: Batch; f: Filling }[] {
    return [...this.batches.values()].flatMap((b) => standing(b).map((f) => ({ b, f })));
  }
  free(jarId: string): number {
    return JARS.find((j) => j.id === jarId)!.owned - this.jars.filter((j) => j.f.jarId === jarId).length;
  }
  name = () => `b${(this.n += 1)}`;
  numbers = (n: number) => nextLidNumbers(n, this.lids, NOW);

  say(id: string, event: BatchEvent): void {
    const before = this.batches.get(id);
    const said = { id: `e${(this.n += 1)}`, at: NOW + this.n };
    const after = evolveBatch(id, before, event, said)!;
    const moved = postingsOf(before ?? after, event);
    // What comes from another batch stands in the ledger already: there and here it is one posting.
    if (event.type === 'received') expect(this.postings.at(-1)).toEqual(moved[0]);
    else this.postings.push(...moved);
    if (event.type === 'started' || event.type === 'added')
      for (const { lotId, preparedG, moisture } of event.data.items)
        this.given.set(lotId!, plus(this.given.get(lotId!) ?? NOTHING, vegetables(preparedG, moisture)));
    this.batches.set(id, after);
  }

  sayBrine(id: string, event: BrineEvent): void {
    const before = this.brines.get(id);
    this.postings.push(...brinePostings(id, before, event));
    this.brines.set(id, evolveBrine(id, before, event)!);
  }
}

type Dice = readonly [number, number, number];
const pick = <T>(all: readonly T[], n: number): T | undefined => all[n % Math.max(1, all.length)];

/** The brine that a plan draws on, kept before it is made. */
function withSaved(k: Kitchen, w: Worksheet): Worksheet {
  if (!w.brine || w.brine.fromSaved.length === 0) return w;
  const fromSaved = w.brine.fromSaved.map((s) => {
    const id = k.name();
    const said = { name: id, amount: '150 ml', strengthPercent: 3 };
    const kept = brineKept(said, '2026-09-10', WAYS);
    if (kept.ok) k.sayBrine(id, kept.value);
    return { ...s, id };
  });
  return { ...w, brine: { ...w.brine, fromSaved } };
}

/** What a household might do with its jars; each answers whether it could. */
const DOINGS: readonly ((k: Kitchen, dice: Dice) => void)[] = [
  function starts(k, [a, b]) {
    const planned = pick(SHEETS, a)!;
    if (Object.entries(planned.chosen.counts).some(([id, n]) => n > k.free(id))) return;
    const id = k.name();
    const w = withSaved(k, planned);
    const knowing = w.cautions.map((c) => c.rule);
    const usedMl = w.brine ? w.brine.inJarsMl * (0.8 + (a % 5) / 10) : null;
    const said = { name: id, note: '', usedMl, brineSaid: true, rinses: [], knowing };
    const begun = start(w, said, {
      id,
      styles: [],
      place: PLACES[0]!,
      lidNumbers: k.numbers(w.jars.length),
      recipe: null
    });
    if (!begun.ok) return;
    k.say(id, begun.value);
    const rest = b % 2 ? restOfBrine(w, usedMl, { id, name: id }, '2026-09-12') : null;
    for (const { brineId, event } of savedUsed(w, usedMl, id, rest !== null)) k.sayBrine(brineId, event);
    if (rest) k.sayBrine(`${id}.rest`, rest);
  },
  function enters(k, [a, b]) {
    const jar = pick(JARS, a)!;
    const id = k.name();
    const shape = jarGeometry(jar.geometryId)!;
    const [lidNumber = 0] = k.numbers(1);
    const entered = enter(
      {
        name: id,
        style: pick(STYLES, b)!,
        crop: crop('kohlrabi', [])!,
        jar,
        shape,
        inUse: jar.owned - k.free(jar.id),
        place: PLACES[2]!,
        since: '2026-06-01',
        placeSince: '2026-06-20',
        quarters: 1 + (a % 4),
        equilibrium: b % 3 === 0 ? null : 0.025,
        note: ''
      },
      [{ id: `${id}.j1`, lidNumber }]
    );
    if (entered.ok) k.say(id, entered.value);
  },
  function adds(k, [a, b]) {
    const at = pick(k.jars, a);
    const c = crop('carrot', [])!;
    const s = at && style(at.b.styleId);
    if (!at || !s) return;
    const equilibrium = salinityOf(at.b, at.f) ?? 0;
    const more = secondPick([{ crop: c, preparedG: 20 + (b % 300) }], { ...at.f, equilibrium }, s, SALT);
    if (!more.ok) return;
    const { vegG, roomMl, naclG, saltG, drawOffMl } = more.value;
    const items = [batchItem('late', c, vegG)];
    const drawn = drawOffMl === 0 ? 0 : drawnG(drawOffMl, equilibrium);
    if (drawn > leftG(at.f) * 0.5) return;
    k.say(at.b.id, {
      type: 'added',
      data: { fillingId: at.f.id, items, vegG, vegRoomMl: roomMl, naclG, saltG, drawnG: drawn }
    });
  },
  function bottles(k, [a, b, c]) {
    const at = pick(k.jars, a);
    if (!at) return;
    const old = pick([...k.brines.values()], b);
    const around = { ways: WAYS, crops: [], counted: {}, brines: old ? [old] : [] };
    const fillingIds = standing(at.b).map((f) => f.id);
    const begun = finish(at.b, { fillingIds, isOut: false }, around);
    if (!begun.ok) return;
    k.say(at.b.id, begun.value);
    for (const o of k.batches.get(at.b.id)!.finishing!.laid) {
      const out = finish(k.batches.get(at.b.id)!, { object: o.id, isOut: true }, around);
      if (out.ok) k.say(at.b.id, out.value);
    }
    const grams = (n: number) => `${n} g`;
    const said = finish(
      k.batches.get(at.b.id)!,
      {
        ...{
          isOut: false,
          brine: grams(b % 90),
          back: grams(b % 40),
          water: grams(c % 50),
          sweet: grams(c % 9)
        },
        ...{ fresh: grams(1 + (b % 60)), freshCropId: 'carrot', pulp: grams(c % 80) },
        ...(old && c % 2 ? { oldBrineId: old.id, oldBrine: grams(1 + (c % 60)) } : {}),
        ...{ pulpTo: pick(['kept', 'thrown'] as const, b), sauce: c % 3 ? '' : grams(100 + (b % 400)) }
      },
      around
    );
    if (said.ok) k.say(at.b.id, said.value);
    const sizes = freeSizes(
      JARS.map(({ id, name, geometryId, lid }) => ({ id, name, geometryId, lid, free: k.free(id) }))
    );
    const size = pick(sizes, b);
    if (!size) return;
    const counts = { [size.id]: 1 + (c % 2) };
    const lidNumbers = k.numbers(2);
    const id = k.name();
    const filled = bottle(
      k.batches.get(at.b.id)!,
      { counts, rest: pick(['eaten', 'thrown'] as const, c)!, place: PLACES[1]!, brineId: null },
      sizes,
      (i) => ({ id: `${id}.j${i + 1}`, lidNumber: lidNumbers[i]! })
    );
    if (!filled.ok) return;
    const poured = k.batches.get(at.b.id)!.finishing!.oldBrine;
    if (poured) {
      const used = { ml: poured.ml, batchId: at.b.id, away: NOTHING };
      k.sayBrine(poured.brineId, { type: 'used', data: used });
    }
    k.say(at.b.id, filled.value);
  },
  function eats(k, [a, b, c]) {
    const at = pick(k.jars, a);
    if (!at) return;
    const how = pick(['eaten', 'given', 'thrown'] as const, b)!;
    const gone = portion(at.b, at.f.id, how, Math.min(leftG(at.f), 1 + c), 'soft');
    if (gone.ok) k.say(at.b.id, gone.value);
  },
  function eatsUp(k, [a]) {
    const at = pick(k.jars, a);
    const gone = at && portion(at.b, at.f.id, 'eaten', leftG(at.f), '');
    if (gone?.ok) k.say(at!.b.id, gone.value);
  },
  function corrects(k, [a, b, c]) {
    const batch = pick([...k.batches.values()], a);
    const was = batch && pick(batch.portions, b);
    const jar = batch?.fillings.find((f) => f.id === was?.fillingId);
    // A jar that is free may stand full of something else by now.
    if (!batch || !was || !jar || (jar.emptiedAt !== null && k.free(jar.jarId) < 1)) return;
    const right = correctPortion(batch, was.id, c);
    if (right.ok) k.say(batch.id, right.value);
  },
  function putsRight(k, [a, b, c]) {
    const at = pick(k.jars, a);
    const trouble = pick(
      ['short', 'evaporated', 'spilled', 'too-salty', 'too-weak', 'wrong-top-up', 'unsalted-added'] as const,
      b
    )!;
    if (!at) return;
    const said: TroubleSaid = {
      trouble,
      amount: `${10 + (c % 120)} g`,
      lost: '',
      salinityPercent: c % 2 ? '' : `${1 + (c % 40) / 10}`,
      targetPercent: '2.2',
      freeBrine: '',
      strengthPercent: '0',
      cropId: 'carrot'
    };
    const right = remedyFor(said, at.b, at.f, NOW + 9000, WAYS);
    if (!right.ok) return;
    const { jar, remedy } = right.value;
    k.say(at.b.id, {
      type: 'putRight',
      data: {
        fillingId: at.f.id,
        trouble,
        from: jar.phase.salinity,
        reason: '',
        ...correctionOf(right.value.trouble, remedy, SALT.purity)
      }
    });
  },
  function moves(k, [a, b]) {
    const at = pick(k.jars, a);
    const moved = at && move(at.b, [at.f.id], pick(PLACES, b)!);
    if (moved?.ok) k.say(at!.b.id, moved.value);
  },
  function decants(k, [a, b, c]) {
    const at = pick(k.jars, a);
    const jar = pick(JARS, b)!;
    const shape = jarGeometry(jar.geometryId)!;
    if (!at || k.free(jar.id) < 1) return;
    const [lidNumber = 0] = k.numbers(1);
    const { geometryId, lid, name } = jar;
    const into = { id: k.name(), lidNumber, jarId: jar.id, jarName: name, geometryId, lid, headspaceMm: 25 };
    const g = c % 2 ? null : Math.min(c, leftG(at.f));
    const done = decant(at.b, at.f.id, { ...into, usableMl: usableMl(shape) }, g);
    if (done.ok) k.say(at.b.id, done.value);
  },
  function poursTogether(k, [a, b, c]) {
    const [from, to] = [pick(k.jars, a), pick(k.jars, b)];
    if (!from || !to) return;
    const done = pourInto(
      { b: from.b, fillingId: from.f.id },
      { b: to.b, fillingId: to.f.id },
      c % 2 ? null : Math.min(c, leftG(from.f)),
      { keeps: null, sour: c % 3 ? { acid: 60, sugar: 8, late: 1 } : null }
    );
    if (!done.ok) return;
    k.say(from.b.id, done.value.passedOn);
    if (done.value.received) k.say(to.b.id, done.value.received);
  },
  function drains(k, [a, b, c]) {
    const at = pick(k.jars, a);
    const much = { ml: 1 + (b % 300), salinity: 0.015 + (c % 20) / 1000, brineId: c % 2 ? k.name() : null };
    const done = at && drain(at.b, at.f.id, much);
    if (!at || !done?.ok) return;
    k.say(at.b.id, done.value);
    if (!much.brineId) return;
    const said = { name: 'Drained', amount: `${much.ml} ml`, strengthPercent: much.salinity * 100 };
    const kept = brineKept({ ...said, batchId: at.b.id, fillingId: at.f.id }, '2026-09-13', WAYS);
    if (kept.ok) k.sayBrine(much.brineId, kept.value);
  },
  function takesBrine(k, [a, b]) {
    const brine = pick([...k.brines.values()], a);
    const taken = brine && brineTaken(brine, b % 2 ? '' : `${b} ml`, WAYS);
    if (taken?.ok) k.sayBrine(brine!.id, taken.value);
  }
];

describe('a rinse', () => {
  it('takes juice and most of the heavy salt; what stays is in the jars', () => {
    const w = SHEETS.find((x) => x.rinse && !x.brine)!;
    const k = new Kitchen();
    DOINGS[0]!(k, [SHEETS.indexOf(w), 0, 0]);
    const [lost, used] = [gained(k.postings, 'lost'), gained(k.postings, 'salt')];
    const stays = w.packedG / w.prepared.mean;
    const inJars = w.jars.reduce((a, j) => a + j.naclG, 0);
    near(
      lost.juiceG,
      w.items.reduce((a, i) => a + i.prepared.mean, 0) * stays - w.packedG + w.rinse!.naclG * stays,
      1e-3
    );
    near(lost.saltG, w.rinse!.heavySaltG * SALT.purity - w.rinse!.naclG * stays, 1e-4);
    near(-used.saltG, w.rinse!.heavySaltG * SALT.purity + inJars, 1e-4);
    expect(lost.dryG).toBeCloseTo(0, 3);
  });
});

function everythingIsSomewhere(k: Kitchen): void {
  const all = k.lids;
  for (const f of all) {
    expect(same(f.holds, gained(k.postings, `jar:${f.id}`)), `jar ${f.id}`).toBe(true);
    expect(Math.min(...parts(f.holds)), `less than nothing in ${f.id}`).toBeGreaterThan(-MG);
    expect(f.emptiedAt === null, `${f.id} holds ${leftG(f)} g`).toBe(leftG(f) >= 1);
  }
  // Each part for itself, dry matter, juice, brine and salt: what came in is in the jars, or went.
  const sides = balances(k.postings);
  expect(same(plus(...sides.values()), NOTHING)).toBe(true);
  for (const b of k.brines.values()) {
    const holds = gained(k.postings, `brine:${b.id}`);
    expect(same(holds, brineHolds(b.ml, b.strength)), `brine ${b.id}`).toBe(true);
  }
  const outside = [...sides].filter(([account]) => !account.startsWith('jar:')).map(([, c]) => c);
  expect(same(plus(...outside, ...all.map((f) => f.holds)), NOTHING)).toBe(true);
  // What was said of it, counted by another hand.
  const batches = [...k.batches.values()];
  // What no bottle took is no portion of a jar.
  const ofJars = k.postings.filter((p) => !p.from.startsWith('bowl:'));
  for (const how of ['eaten', 'given', 'thrown'] as const) {
    const said = batches.flatMap((b) => b.portions.filter((p) => p.how === how));
    expect(same(plus(...said.map((p) => p.what)), gained(ofJars, how)), how).toBe(true);
    for (const p of said) expect(Math.abs(massOf(p.what) - p.g)).toBeLessThan(1.001);
  }
  for (const l of batches.map(ledger))
    expect(Math.abs(l.filledG - l.leftG - l.eatenG - l.cookedG - l.givenG - l.thrownG)).toBeLessThan(MG);
  // What a pick gave is in jars, or went down with the rinse. Counted in tenths of milligrams, jar by jar.
  for (const [lotId, gave] of k.given)
    expect(same(plus(gave, gained(k.postings, `pick:${lotId}`)), NOTHING, 0.1), lotId).toBe(true);
  // Every jar and lid is counted once.
  for (const jar of JARS) expect(k.free(jar.id), jar.id).toBeGreaterThanOrEqual(0);
  const lids = k.jars.map((j) => j.f.lidNumber);
  expect(new Set(lids).size).toBe(lids.length);
  // As salty as it is said to be.
  for (const { b, f } of k.jars) {
    const said = salinityOf(b, f);
    if (said !== null && leftG(f) > 50) expect(Math.abs(salinityIn(f.holds) - said)).toBeLessThan(2e-4);
  }
}

const FOUND: [number, number, number, number][] = [
  [3, 0, 0, 559],
  [0, 0, 0, 0],
  [10, 0, 611, 1068],
  [5, 0, 0, 560],
  ...Array.from({ length: 7 }, (): [number, number, number, number] => [0, 0, 0, 0])
];

describe('ten thousand kitchens', () => {
  it('lose no milligram of anything, and no jar', () => {
    const done = new Map<string, number>();
    const number = fc.nat({ max: 1200 });
    const doing = fc.tuple(fc.nat({ max: DOINGS.length - 1 }), number, number, number);
    fc.assert(
      fc.property(fc.array(doing, { minLength: 4, maxLength: 16 }), (doings) => {
        const k = new Kitchen();
        DOINGS[0]!(k, [doings.length, 0, 0]);
        for (const [what, ...dice] of doings) {
          const [batches, postings] = [k.batches.size, k.postings.length];
          DOINGS[what]!(k, dice);
          if (k.batches.size > batches || k.postings.length > postings)
            done.set(DOINGS[what]!.name, (done.get(DOINGS[what]!.name) ?? 0) + 1);
        }
        everythingIsSomewhere(k);
      }),
      {
        numRuns: 10_000,
        // The same ten thousand at every run; others by SEED=… npm run unit.
        seed: Number(process.env.SEED ?? 20261129),
        // Found once: a portion corrected to as much as before, from a jar that was measured meanwhile.
        examples: [[FOUND]]
      }
    );
    // Each of them really happened, and often.
    for (const { name } of DOINGS)
      if (name !== 'moves') expect(done.get(name) ?? 0, name).toBeGreaterThan(500);
  });
});
