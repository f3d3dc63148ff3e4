import {
  gained,
  liquidOf,
  massOf,
  minus,
  partOf,
  plus,
  salinityIn,
  some,
  tidy,
  times,
  vegetables,
  NOTHING,
  type Contents,
  type Part,
  type Posting
} from '../contents/index';
import type { WallMinute } from '../calendar/index';
import type { Batch } from './batch';
import type { Filling, Keeps } from './facts';
import { brineHolds } from '../pantry/index';
import type { Bottled, Finishing, OldBrine } from './finishing';
import { EMPTY_G } from './jar';
import { salinityOf } from './salinity';

const jarsOf = (b: Pick<Batch, 'fillings'>, ids: readonly string[]): Filling[] =>
  b.fillings.filter((f) => ids.includes(f.id));

/** Vinegar and citric acid stirred into these jars since then, g; a millilitre of vinegar is a gram. */
export const acidG = (
  b: Pick<Batch, 'sourings'>,
  { fillingIds, since }: Pick<Finishing, 'fillingIds' | 'since'>
): number =>
  b.sourings
    .filter((s) => s.at >= since && s.fillingIds.some((id) => fillingIds.includes(id)))
    .reduce((a, s) => a + s.vinegarMl + s.citricG, 0);

/** What was said so far, as it would be bottled now. */
export const asSaid = (
  b: Pick<Batch, 'sourings'>,
  f: Finishing
): Omit<Bottled, 'bottles' | 'brineId' | 'restTo' | 'placeId'> => ({
  ...{ fillingIds: f.fillingIds, fresh: f.fresh, pulpTo: f.pulpTo, sauceG: f.sauceG },
  keptBrineG: (f.brineG ?? 0) - (f.backG ?? 0),
  waterG: f.waterG ?? 0,
  ...(f.oldBrine ? { oldBrine: f.oldBrine } : {}),
  sweetG: f.sweetG ?? 0,
  acidG: acidG(b, f),
  pulpG: f.pulpG ?? 0
});

type Bowl = ReturnType<typeof asSaid>;
const nameOf = (x: Pick<Bottled, 'fillingIds'>) => `bowl:${x.fillingIds[0] ?? ''}` as const;

/** What comes into the bowl: the jars, and all that is added to them. */
function comesIn(b: Pick<Batch, 'fillings'>, x: Bowl): Posting[] {
  const to = nameOf(x);
  return [
    ...jarsOf(b, x.fillingIds).map((f): Posting => ({ from: `jar:${f.id}`, to, what: f.holds })),
    { from: 'water', to, what: some({ brineG: x.waterG }) },
    ...poursOld(x.oldBrine).map((p): Posting => ({ ...p, to })),
    ...x.fresh.map((i): Posting => ({ from: 'additions', to, what: vegetables(i.preparedG, i.moisture) })),
    { from: 'additions', to, what: some({ dryG: x.sweetG, brineG: x.acidG }) }
  ];
}

const poursOld = (old: OldBrine | undefined): Part[] =>
  old ? [{ from: `brine:${old.brineId}`, what: brineHolds(old.ml, old.strength) }] : [];

/** All that stands in these jars. */
export const pooled = (b: Pick<Batch, 'fillings'>, ids: readonly string[]): Contents =>
  plus(NOTHING, ...jarsOf(b, ids).map((f) => f.holds));

/** The sauce as the bowl adds up, before anybody weighs it, g: jars and additions, less the brine kept and the pulp. */
export function sauceReckonedG(b: Pick<Batch, 'fillings' | 'sourings'>, f: Finishing): number {
  const x = asSaid(b, f);
  return tidy(massOf(gained(comesIn(b, x), nameOf(x))) - x.keptBrineG - x.pulpG);
}

/**
 * Jars into a bowl, and out of it into bottles, each gram with its two sides. The sieve takes of everything alike; where the
 * sauce was weighed, what is missing stayed in the pot.
 */
export function bottledFrom(b: Pick<Batch, 'fillings'>, x: Bottled): Posting[] {
  const bowl = nameOf(x);
  const into = comesIn(b, x);
  const brine = liquidOf(pooled(b, x.fillingIds), x.keptBrineG);
  const before = minus(gained(into, bowl), brine);
  const pulp = partOf(before, x.pulpG);
  const blended = minus(before, pulp);
  const weighed = x.sauceG === null ? massOf(blended) : x.sauceG;
  const sauce = massOf(blended) > 0 ? times(blended, weighed / massOf(blended)) : NOTHING;
  const differs = minus(blended, sauce);
  const filled = x.bottles.map((f) => ({ id: f.id, what: partOf(sauce, f.g) }));
  const rest = minus(sauce, plus(NOTHING, ...filled.map((f) => f.what)));
  // Under a gram is no rest: it runs into the last one.
  const noRest = Math.abs(massOf(rest)) < EMPTY_G;
  return [
    ...into,
    { from: bowl, to: x.brineId ? `brine:${x.brineId}` : 'drawn', what: brineAs(brine) },
    { from: 'reckoned', to: bowl, what: minus(brineAs(brine), brine) },
    { from: bowl, to: x.pulpTo === 'kept' ? 'sieved' : 'thrown', what: pulp },
    massOf(differs) >= 0
      ? { from: bowl, to: 'lost', what: differs }
      : { from: 'reckoned', to: bowl, what: minus(NOTHING, differs) },
    ...filled.map((f, i): Posting => ({
      from: bowl,
      to: `jar:${f.id}`,
      what: noRest && i === filled.length - 1 ? plus(f.what, rest) : f.what
    })),
    ...(noRest ? [] : [{ from: bowl, to: x.restTo, what: rest } as const])
  ];
}

/** Juice that leaves its vegetables is brine. */
const brineAs = (c: Contents): Contents => some({ brineG: c.juiceG + c.brineG, saltG: c.saltG });

/** The batch with its sauce in bottles: they stand for the jars from now on, with all that was said of those. */
export function bottledIn(state: Batch, x: Bottled, moved: readonly Posting[], at: WallMinute): Batch {
  const from = jarsOf(state, x.fillingIds);
  const first = from[0];
  if (!first) return state;
  const full = x.bottles.map((f) => gained(moved, `jar:${f.id}`));
  const salty = from.every((f) => salinityOf(state, f) !== null);
  // What came, less what went on the way, is counted with the first.
  const moreG = massOf(plus(NOTHING, ...full)) - massOf(pooled(state, x.fillingIds));
  const keepsTo = soonest(from);
  const bottles = x.bottles.map(({ g: _, ...f }, i): Filling => ({
    ...f,
    ...(salty ? { equilibrium: salinityIn(full[i]!) } : {}),
    ...(keepsTo ? { keepsTo } : {}),
    full: full[i]!,
    holds: NOTHING,
    startG: i === 0 ? tidy(moreG) : 0,
    stays: [...first.stays, { placeId: x.placeId, from: at }],
    decantedAt: at,
    finished: true,
    emptiedAt: null
  }));
  const ids = bottles.map((f) => f.id);
  const both = <T extends { readonly fillingIds: readonly string[] }>(all: readonly T[]): T[] =>
    all.map((s) =>
      s.fillingIds.some((id) => x.fillingIds.includes(id))
        ? { ...s, fillingIds: [...s.fillingIds, ...ids] }
        : s
    );
  // A blend is a new thing to measure: what was read before says little of it.
  const since = state.finishing?.since ?? at;
  const { finishing: _, ...rest } = state;
  return {
    ...rest,
    fillings: [...state.fillings, ...bottles],
    ...{ care: both(state.care), tastes: both(state.tastes) },
    readings: state.readings.flatMap((r) => (r.at >= since ? both([r]) : [r])),
    signs: both(state.signs),
    sourings: both(state.sourings),
    items: [...state.items, ...x.fresh],
    holdsOf: withOld(state.holdsOf, x.oldBrine)
  };
}

/** What some must not eat comes with an old brine, too. */
const withOld = (holdsOf: readonly string[], old: OldBrine | undefined): readonly string[] =>
  old?.batchId ? [...new Set([...holdsOf, old.batchId])] : holdsOf;

function soonest(from: readonly Filling[]): Keeps | null {
  const all = from.flatMap((f) => f.keepsTo ?? []);
  return all.length === 0
    ? null
    : { best: Math.min(...all.map((k) => k.best)), latest: Math.min(...all.map((k) => k.latest)) };
}
