import { massOf, NOTHING, salinityIn, some, type Contents, type Part } from '../contents/index';
import { as } from '../quantity/index';
import { bareMass, MOST_G, readQuantity, type Ways } from '../reading/index';
import { isDay, type Day } from '../calendar/index';
import { done, refuse, type FieldName, type Outcome } from '../refusal/index';
import { brineDensity, saltKind } from '../salt/index';
import { brineHolds, MEASURED_C, mayPour, type BrineEvent, type KeptBrine } from './brines';
import { unitOf, type Goods, type GoodsKind, type Pantry, type PantryEvent } from './goods';

/** Goods as they are counted: amounts as typed. */
export interface GoodsSaid {
  /** Which; left out or empty: new ones. */
  readonly goodsId?: string | undefined;
  readonly name: string;
  readonly kind: GoodsKind;
  readonly amount: string;
  /** Under this it wants buying; empty: as before. */
  readonly low: string;
  readonly saltKindId?: string | undefined;
  /** As its pack says; left out or empty: none. */
  readonly useBy?: string | undefined;
  readonly command: string;
}

/** Dry goods counted or bought: what is there now. */
export function goodsCounted(
  pantry: Pantry,
  said: GoodsSaid,
  ways: Ways
): Outcome<PantryEvent & { type: 'goodsCounted' }> {
  const unit = unitOf(said.kind);
  const amount = readAmount(said.amount, 'amount', unit, ways);
  if (!amount.ok) return amount;
  const low = said.low === '' ? done(0) : readAmount(said.low, 'low', unit, ways);
  if (!low.ok) return low;
  if (said.saltKindId && !saltKind(said.saltKindId)) return refuse('salt-unknown', { field: 'saltKindId' });
  if (said.useBy && !isDay(said.useBy)) return refuse('day-strange', { field: 'useBy' });
  const before = pantry.find((g) => g.id === said.goodsId);
  if (said.goodsId && !before) return refuse('goods-unknown', { field: 'goodsId' });
  const data: Goods = {
    id: before?.id ?? said.command,
    name: said.name,
    kind: said.kind,
    unit,
    amount: amount.value,
    low: said.low === '' && before ? before.low : low.value,
    saltKindId: said.saltKindId || (before?.saltKindId ?? null),
    ...(said.useBy ? { useBy: said.useBy } : {})
  };
  return done({ type: 'goodsCounted', data });
}

function readAmount(said: string, field: FieldName, unit: Goods['unit'], ways: Ways): Outcome<number> {
  if (unit === 'pieces') {
    const n = /^(\d{1,5})( ?(pieces|lids|rings|labels|strips))?$/.exec(said)?.[1];
    return n === undefined ? refuse('count-out-of-range', { field }) : done(Number(n));
  }
  if (/^0( ?(g|ml))?$/.test(said)) return done(0);
  const read =
    unit === 'ml'
      ? readQuantity(said, { kind: 'volume', unit: 'ml', system: ways.system })
      : readQuantity(said, { kind: 'mass', unit: bareMass(ways), system: ways.system });
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field } };
  return read.value.value > MOST_G
    ? refuse('weight-absurd', { field, values: { said } })
    : done(read.value.value);
}

/** What a basket brought home: how much of what, as typed; empty: not counted yet, it is only off the list. */
export function goodsBrought(
  pantry: Pantry,
  came: Readonly<Record<string, { readonly amount: string; readonly useBy: string }>>,
  ways: Ways
): Outcome<PantryEvent[]> {
  const events: PantryEvent[] = [];
  for (const [id, { amount, useBy }] of Object.entries(came)) {
    const goods = pantry.find((g) => g.id === id);
    if (!goods) return refuse('goods-unknown', { field: 'came' });
    if (useBy !== '' && !isDay(useBy)) return refuse('day-strange', { field: 'came' });
    if (amount === '') continue;
    const read = readAmount(amount, 'came', goods.unit, ways);
    if (!read.ok) return read;
    events.push({
      type: 'goodsBought',
      data: { id, amount: read.value, ...(useBy === '' ? {} : { useBy }) }
    });
  }
  return done(events);
}

/** Something that is used up: so much of a kind; salt of one kind only, and what has a name by its name. */
export interface UsedUp {
  readonly kind: GoodsKind;
  readonly amount: number;
  readonly saltKindId?: string;
  readonly name?: string;
}

/** Salt of a kind, g. */
export const ofSalt = (saltKindId: string, amount: number): UsedUp => ({ kind: 'salt', saltKindId, amount });

/** Whether goods are what is meant. Example: `caraway seeds` are taken off what is called `Caraway`. */
function isMeant(g: Goods, { kind, saltKindId, name }: UsedUp): boolean {
  if (g.kind !== kind) return false;
  if (saltKindId !== undefined) return g.saltKindId === saltKindId;
  if (name === undefined) return true;
  const [a, b] = [g.name.trim().toLowerCase(), name.trim().toLowerCase()];
  return a !== '' && (a.includes(b) || b.includes(a));
}

/**
 * What a batch took off the shelf, of what ends soonest first; none of what does not stand there, and no more of it than
 * does: the jar is the truth.
 */
export function goodsTaken(pantry: Pantry, used: readonly UsedUp[], batchId: string): PantryEvent[] {
  return used.flatMap((u) => {
    let wanted = u.amount;
    const meant = pantry.filter((g) => isMeant(g, u));
    const soonest = [...meant].sort((a, b) => (a.useBy ?? '9').localeCompare(b.useBy ?? '9'));
    return soonest.flatMap(({ id, amount: there }): PantryEvent[] => {
      const amount = Math.min(wanted, there);
      wanted -= amount;
      return amount > 0 ? [{ type: 'goodsUsed', data: { id, amount, batchId } }] : [];
    });
  });
}

/** Brine as it is kept: made ahead, or drained from a batch. */
export interface BrineSaid {
  readonly name: string;
  readonly amount: string;
  readonly strengthPercent: number;
  /** Left out or empty: mixed fresh. */
  readonly batchId?: string | undefined;
  /** The jar that it is drained from, which says what it gave. */
  readonly fillingId?: string | undefined;
}

/** Brine kept, with its strength, its day and where it comes from. */
export function brineKept(
  said: BrineSaid,
  today: Day,
  ways: Ways
): Outcome<BrineEvent & { readonly type: 'kept' }> {
  const ml = readVolume(said.amount, ways);
  if (!ml.ok) return ml;
  const { name, batchId } = said;
  const from = batchId ? ('batch' as const) : ('mixed' as const);
  const strength = said.strengthPercent / 100;
  const { brineG, saltG } = brineHolds(ml.value, strength);
  const mixed: Part[] = [
    { from: batchId ? 'before' : 'water', what: some({ brineG }) },
    { from: batchId ? 'before' : 'salt', what: some({ saltG }) }
  ];
  const parts = batchId && said.fillingId ? [] : mixed;
  return done({
    type: 'kept',
    data: { name, day: today, from, batchId: batchId || null, strength, ml: ml.value, parts }
  });
}

/** Brine that its pieces left in their jar, kept under the batch's name; that jar says what it gave. */
export function brineLeft(
  { id: batchId, name }: { readonly id: string; readonly name: string },
  what: Contents,
  day: Day
): BrineEvent {
  const strength = salinityIn(what);
  const ml = massOf(what) / brineDensity(as.trueStrength(strength), MEASURED_C);
  return { type: 'kept', data: { name, day, from: 'batch', batchId, strength, ml, parts: [] } };
}

/** Kept brine taken for something else, or poured away; nothing typed: all of it. */
export function brineTaken(
  brine: KeptBrine,
  amount: string,
  ways: Ways
): Outcome<BrineEvent & { readonly type: 'used' }> {
  const read = amount === '' ? done(brine.ml) : readVolume(amount, ways);
  const may = read.ok ? mayPour(brine, read.value) : read;
  return may.ok ? done({ type: 'used', data: { ml: may.value, batchId: null, away: NOTHING } }) : may;
}

/** More than this nobody keeps; ml. */
const MOST_ML = 200_000;

function readVolume(said: string, ways: Ways): Outcome<number> {
  const read = readQuantity(said, { kind: 'volume', unit: 'ml', system: ways.system });
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field: 'amount' } };
  const ml = read.value.value;
  return ml > 0 && ml <= MOST_ML ? done(ml) : refuse('weight-not-positive', { field: 'amount' });
}
