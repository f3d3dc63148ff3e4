import {
  gained,
  liquidOf,
  massOf,
  minus,
  moving,
  NOTHING,
  partOf,
  phaseG,
  piecesOf,
  plus,
  salinityIn,
  some,
  toSalinity,
  vegetables,
  type Contents,
  type Posting
} from '../contents/index';
import { saltKind } from '../salt/index';
import type { Batch, BatchEvent } from './batch';
import { bottledFrom } from './bowl';
import type { Correction } from './correction';
import type { Filling, NewFilling, Portion } from './facts';
import { EMPTY_G } from './jar';

/** Mean moisture of what went into a batch. */
export function moistureOf(b: Pick<Batch, 'items'>): number {
  const all = b.items.reduce((a, i) => a + i.preparedG, 0);
  if (all <= 0) return 0.92;
  return b.items.reduce((a, i) => a + i.preparedG * i.moisture, 0) / all;
}

/** So many grams of a jar; what would be left under a gram goes with them. */
export const takenFrom = (holds: Contents, g: number): Contents =>
  massOf(holds) - g < EMPTY_G ? holds : partOf(holds, g);

export const portionOf = (b: Pick<Batch, 'portions'>, of: string): Portion | undefined =>
  b.portions.find((p) => p.id === of);

/**
 * What an event moves, each amount with its two sides: the only way that a jar gets fuller or emptier. `before` is the batch
 * as it stood then; of a start, the batch with its jars still empty.
 */
export function postingsOf(before: Batch, event: BatchEvent): Posting[] {
  return moving(posted(before, event));
}

function posted(b: Batch, event: BatchEvent): Posting[] {
  const jar = (id: string) => b.fillings.find((f) => f.id === id);
  switch (event.type) {
    case 'started':
      return startedWith(event.data);
    case 'entered':
      return event.data.fillings.flatMap(filledIn);
    case 'added': {
      const { fillingId, items, naclG, drawnG } = event.data;
      return jar(fillingId) ? addedTo(jar(fillingId)!, b, { items, naclG, drawnG }) : [];
    }
    case 'putRight':
      return jar(event.data.fillingId) ? putRightWith(jar(event.data.fillingId)!, b, event.data) : [];
    case 'portioned': {
      const f = jar(event.data.fillingId);
      return f ? leaving(f, f.holds, event.data) : [];
    }
    case 'portionCorrected':
      return corrected(b, event.data);
    case 'decanted': {
      const f = jar(event.data.fillingId);
      return f ? decantedFrom(f, event.data) : [];
    }
    case 'drained':
      return jar(event.data.fillingId) ? drainedFrom(jar(event.data.fillingId)!, event.data) : [];
    case 'bottled':
      return bottledFrom(b, event.data);
    case 'passedOn': {
      const { fillingId, other, what } = event.data;
      return [{ from: `jar:${fillingId}`, to: `jar:${other.fillingId}`, what }];
    }
    case 'received': {
      const { fillingId, other, what } = event.data;
      return [{ from: `jar:${other.fillingId}`, to: `jar:${fillingId}`, what }];
    }
    default:
      return [];
  }
}

/** A gram of a pick that comes to nothing else is an error of counting in tenths of milligrams, and no gram. */
const COUNTED_G = 0.1;

/**
 * Jars filled, and what did not come into them of what was given to it: juice and salt that a rinse took away, or vegetables
 * that a weighed jar did not take after all.
 */
function startedWith({ fillings, items, worksheet, saltKindId }: Started): Posting[] {
  const into = fillings.flatMap(filledIn);
  const { rinse } = worksheet;
  const rest = items.flatMap((i): Posting[] => {
    const from = `pick:${i.lotId ?? ''}` as const;
    const what = plus(vegetables(i.preparedG, i.moisture), gained(into, from));
    return Math.abs(massOf(what)) < COUNTED_G ? [] : [{ from, to: rinse ? 'lost' : 'reckoned', what }];
  });
  if (!rinse) return [...into, ...rest];
  const strewnG = rinse.heavySaltG * (saltKind(saltKindId ?? '')?.purity ?? 1);
  const stays = worksheet.prepared.mean > 0 ? worksheet.packedG / worksheet.prepared.mean : 0;
  const washed = some({ saltG: Math.max(0, strewnG - rinse.naclG * stays) });
  return [...into, ...rest, { from: 'salt', to: 'lost', what: washed }];
}
type Started = Extract<BatchEvent, { type: 'started' }>['data'];

/** A jar filled; where less was in it when it was entered, the rest was eaten before. */
function filledIn(f: NewFilling): Posting[] {
  const into = f.parts.map((p): Posting => ({ ...p, to: `jar:${f.id}` }));
  const full = gained(into, `jar:${f.id}`);
  const before = f.startG === undefined ? NOTHING : minus(full, partOf(full, f.startG));
  return [...into, { from: `jar:${f.id}`, to: 'before', what: before }];
}

function addedTo(
  f: Filling,
  b: Batch,
  { items, naclG, drawnG }: Pick<Extract<BatchEvent, { type: 'added' }>['data'], 'items' | 'naclG' | 'drawnG'>
): Posting[] {
  const to = `jar:${f.id}` as const;
  const into: Posting[] = [
    ...items.map((i) => ({
      from: `pick:${i.lotId ?? ''}` as const,
      to,
      what: vegetables(i.preparedG, i.moisture)
    })),
    { from: 'salt', to, what: some({ saltG: naclG }) }
  ];
  const salinity = f.equilibrium ?? b.equilibrium ?? salinityIn(f.holds);
  const holds = plus(f.holds, gained(into, to));
  return [...into, { from: to, to: 'drawn', what: liquidOf(holds, drawnG, salinity) }];
}

/**
 * A jar put right, from what it was measured to hold to where it ends: what was poured and strewn in, then what was drawn off
 * and lost with the salt that is missing at the end. Vapour takes none.
 */
function putRightWith(f: Filling, b: Batch, c: Omit<Correction, 'id' | 'at'>): Posting[] {
  const it = `jar:${f.id}` as const;
  const into: Posting[] = [
    { from: 'reckoned', to: it, what: toSalinity(f.holds, c.from) },
    { from: 'additions', to: it, what: vegetables(c.vegG, moistureOf(b)) },
    { from: 'water', to: it, what: some({ brineG: c.waterG }) },
    { from: 'salt', to: it, what: some({ saltG: c.naclG }) }
  ];
  const holds = plus(f.holds, gained(into, it));
  const vapourG = c.trouble === 'evaporated' ? c.lostG : 0;
  const liquidG = c.drawnG + c.lostG - vapourG;
  const endsG = (phaseG(holds) - c.drawnG - c.lostG) * c.to;
  const salinity = liquidG > 0 ? Math.min(1, Math.max(0, (holds.saltG - endsG) / liquidG)) : 0;
  const lost = liquidOf(holds, c.lostG, vapourG > 0 ? 0 : salinity);
  const out: Posting[] = [
    { from: it, to: 'lost', what: lost },
    { from: it, to: 'drawn', what: liquidOf(minus(holds, lost), c.drawnG, salinity) }
  ];
  const left = plus(f.holds, gained([...into, ...out], it));
  return [...into, ...out, { from: 'reckoned', to: it, what: toSalinity(left, c.to) }];
}

/** Brine drained off: what was measured of it, its jar holds. Juice that leaves its vegetables is brine. */
function drainedFrom(
  f: Filling,
  { g, salinity, brineId }: Extract<BatchEvent, { type: 'drained' }>['data']
): Posting[] {
  const it = `jar:${f.id}` as const;
  const measured = toSalinity(f.holds, salinity);
  const what = liquidOf(plus(f.holds, measured), g, salinity);
  const asBrine = some({ brineG: what.juiceG + what.brineG, saltG: what.saltG });
  return [
    { from: 'reckoned', to: it, what: plus(measured, minus(asBrine, what)) },
    { from: it, to: brineId ? `brine:${brineId}` : 'drawn', what: asBrine }
  ];
}

/** All the pieces, and as much of the brine as makes it so heavy. */
function withBrine(holds: Contents, g: number): Contents {
  const pieces = piecesOf(holds);
  return plus(pieces, takenFrom(minus(holds, pieces), g - massOf(pieces)));
}

function decantedFrom(
  f: Filling,
  { g, into, pieces }: Extract<BatchEvent, { type: 'decanted' }>['data']
): Posting[] {
  const from = `jar:${f.id}` as const;
  const what = pieces ? withBrine(f.holds, g) : takenFrom(f.holds, g);
  const over = pieces ? minus(f.holds, what) : NOTHING;
  return [
    { from, to: `jar:${into.id}`, what },
    { from, to: 'drawn', what: over }
  ];
}

/** A part of a jar on its way out; pieces leave their brine, and the last of them leave it to be poured away. */
function leaving(
  f: Pick<Filling, 'id'>,
  holds: Contents,
  { how, g, pieces, brineId }: Pick<Portion, 'how' | 'g' | 'pieces' | 'brineId'>
): Posting[] {
  const from = `jar:${f.id}` as const;
  const what = takenFrom(pieces ? piecesOf(holds) : holds, g);
  const rest = minus(holds, what);
  const swims = pieces === true && massOf(piecesOf(rest)) < EMPTY_G;
  return [
    { from, to: how, what },
    ...(swims ? [{ from, to: brineId ? (`brine:${brineId}` as const) : ('drawn' as const), what: rest }] : [])
  ];
}

/** It was more, or less, that was taken: the difference goes the same way, or back. */
function corrected(b: Batch, { of, g }: { readonly of: string; readonly g: number }): Posting[] {
  const was = portionOf(b, of);
  const f = was && b.fillings.find((x) => x.id === was.fillingId);
  if (!was || !f) return [];
  const then = plus(f.holds, was.what);
  // What was taken goes back first.
  return [
    { from: `jar:${f.id}`, to: was.how, what: minus(NOTHING, was.what) },
    ...leaving(f, then, { ...was, g })
  ];
}
