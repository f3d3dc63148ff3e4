import { salinityIn } from '../contents/index';
import { MEASURED_C, mayPour, type KeptBrine } from '../pantry/index';
import { crop, type Crop } from '../produce/index';
import { as } from '../quantity/index';
import { bareMass, readWeight, type Ways } from '../reading/index';
import { done, refuse, type FieldName, type Outcome } from '../refusal/index';
import { brineDensity } from '../salt/index';
import { OBJECTS, type ObjectsIn } from '../run/index';
import { pooled, sauceReckonedG } from './bowl';
import type { Batch, BatchEvent } from './batch';
import { rawFillings } from './decide';
import { batchItem, type Filling } from './facts';
import { freeLiquidG, standing } from './jar';
import type { Finishing, LaidIn, PULP_TO } from './finishing';

/**
 * What lies in these jars: as it was counted in at their making, and one weight in each that nobody counted.
 * @param counted by the number of the jar in its making
 */
export const laidIn = (jars: readonly Filling[], all: readonly Filling[], counted: ObjectsIn): LaidIn[] =>
  jars.flatMap((f) => {
    // A jar that it was decanted into was not there to be counted: rather asked once too often.
    const of = counted[`j${all.indexOf(f) + 1}`] ?? { weight: 1 };
    return OBJECTS.flatMap((kind) => {
      const n = of[kind] ?? 0;
      return n > 0 ? [{ id: `${f.id}-${kind}`, fillingId: f.id, lidNumber: f.lidNumber, kind, n }] : [];
    });
  });

/** Jars that may be finished: what was bottled or heated is. */
export const toFinish = (b: Pick<Batch, 'fillings'>): Filling[] =>
  standing(b).filter((f) => !f.finished && !f.heated);

/** What still lies in the jars: no blade before it is out. */
export const stillIn = (f: Pick<Finishing, 'laid' | 'out'>): LaidIn[] =>
  f.laid.filter((o) => !f.out.includes(o.id));

/** One thing more that is said of a finishing; what is left out stays as it was, an empty weight is none. */
export interface FinishSaid {
  readonly fillingIds?: readonly string[] | undefined;
  readonly object?: string | undefined;
  readonly isOut: boolean;
  readonly pulpTo?: (typeof PULP_TO)[number] | undefined;
  readonly oldBrineId?: string | undefined;
  readonly oldBrine?: string | undefined;
  readonly freshCropId?: string | undefined;
  readonly fresh?: string | undefined;
  readonly brine?: string | undefined;
  readonly back?: string | undefined;
  readonly water?: string | undefined;
  readonly sweet?: string | undefined;
  readonly pulp?: string | undefined;
  readonly sauce?: string | undefined;
}
const WEIGHTS = ['brine', 'back', 'water', 'sweet', 'pulp', 'sauce'] as const satisfies (keyof FinishSaid &
  FieldName)[];
/** With a blade, or after it. */
const BLADE = ['back', 'water', 'sweet', 'pulp', 'sauce', 'fresh', 'oldBrine'] as const;

/** What is known around it. */
interface Around {
  readonly ways: Ways;
  readonly crops: readonly Crop[];
  readonly counted: ObjectsIn;
  /** Kept brines that still serve for something. */
  readonly brines: readonly KeptBrine[];
}

/** A finishing begun, or something more said of it. Refuses a blade while anything lies in the jars. */
export function finish(b: Batch, said: FinishSaid, around: Around): Outcome<BatchEvent> {
  const jars = rawFillings(b, said.fillingIds ?? b.finishing?.fillingIds ?? []);
  if (!jars.ok) return jars;
  const before = b.finishing ?? begun(b, jars.value, around.counted);
  const ticked = outAgain(before, said);
  if (!ticked.ok) return ticked;
  const blade = BLADE.some((name) => (said[name] ?? '') !== '');
  const left = stillIn(ticked.value);
  if (blade && left.length > 0)
    return refuse('objects-in', { field: 'object', values: { n: left.reduce((a, o) => a + o.n, 0) } });
  const weighed = withWeights(ticked.value, said, around.ways);
  if (!weighed.ok) return weighed;
  const more = withFresh(weighed.value, said, around);
  if (!more.ok) return more;
  const old = withOldBrine(more.value, said, around);
  if (!old.ok) return old;
  const fits = addsUp(b, old.value, said);
  if (!fits.ok) return fits;
  const { since: _, ...data } = old.value;
  return done({ type: 'finishing', data });
}

const begun = (b: Batch, jars: readonly Filling[], counted: ObjectsIn): Finishing => ({
  ...{ fillingIds: jars.map((f) => f.id), since: 0, laid: laidIn(jars, b.fillings, counted), out: [] },
  ...{ brineG: null, backG: null, waterG: null, fresh: [], sweetG: null },
  ...{ pulpG: null, pulpTo: 'kept', sauceG: null }
});

function outAgain(f: Finishing, { object, isOut }: FinishSaid): Outcome<Finishing> {
  if (object === undefined) return done(f);
  if (!f.laid.some((o) => o.id === object)) return refuse('object-unknown', { field: 'object' });
  const others = f.out.filter((id) => id !== object);
  return done({ ...f, out: isOut ? [...others, object] : others });
}

function withWeights(f: Finishing, said: FinishSaid, ways: Ways): Outcome<Finishing> {
  let now: Finishing = { ...f, pulpTo: said.pulpTo ?? f.pulpTo };
  for (const name of WEIGHTS) {
    const text = said[name];
    if (text === undefined) continue;
    const read = text === '' || /^0( ?g)?$/.test(text) ? null : readWeight(text, name, ways, bareMass(ways));
    if (read && !read.ok) return read;
    now = { ...now, [`${name}G`]: read ? read.value.g : text === '' ? null : 0 };
  }
  return done(now);
}

function withFresh(
  f: Finishing,
  { fresh, freshCropId }: FinishSaid,
  { ways, crops }: Around
): Outcome<Finishing> {
  if ((fresh ?? '') === '') return done(f);
  const row = crop(freshCropId ?? '', crops);
  if (!row) return refuse('crop-unknown', { field: 'freshCropId' });
  const read = readWeight(fresh!, 'fresh', ways, bareMass(ways));
  return read.ok ? done({ ...f, fresh: [...f.fresh, batchItem(null, row, read.value.g)] }) : read;
}

/** Old brine into the bowl; an empty weight is none. */
function withOldBrine(
  f: Finishing,
  { oldBrineId, oldBrine: said }: FinishSaid,
  { ways, brines }: Around
): Outcome<Finishing> {
  const brine = brines.find((x) => x.id === (oldBrineId ?? f.oldBrine?.brineId));
  if (oldBrineId !== undefined && !brine) return refuse('brine-unknown', { field: 'oldBrineId' });
  if (said === undefined) return done(f);
  const { oldBrine: _, ...without } = f;
  if (said === '' || /^0( ?g)?$/.test(said)) return done(without);
  if (!brine) return refuse('brine-unknown', { field: 'oldBrineId' });
  const read = readWeight(said, 'oldBrine', ways, bareMass(ways));
  if (!read.ok) return read;
  const density = brineDensity(as.trueStrength(brine.strength), MEASURED_C);
  const ml = mayPour(brine, read.value.g / density);
  if (!ml.ok) return { ok: false, refusal: { ...ml.refusal, field: 'oldBrine' } };
  const { id: brineId, name, batchId, strength } = brine;
  const oldBrine = { brineId, name, batchId, strength, ml: ml.value, g: ml.value * density };
  return done({ ...without, oldBrine });
}

/** A sauce that weighs so much more than the bowl adds up to was weighed with its pot. Our judgement. */
const MOST_OVER = 1.1;

function addsUp(b: Batch, f: Finishing, said: FinishSaid): Outcome<null> {
  const freeG = freeLiquidG(pooled(b, f.fillingIds));
  const over = (field: FieldName, saidG: number, thereG: number) =>
    saidG > thereG + 0.5
      ? refuse('more-than-there-is', { field, values: { saidG, thereG: Math.max(0, thereG) } })
      : null;
  const sauceG = sauceReckonedG(b, f);
  return (
    over('brine', f.brineG ?? 0, freeG) ??
    over(said.back === undefined ? 'brine' : 'back', f.backG ?? 0, f.brineG ?? 0) ??
    over('pulp', f.pulpG ?? 0, sauceG + (f.pulpG ?? 0)) ??
    over('sauce', f.sauceG ?? 0, sauceG * MOST_OVER) ??
    done(null)
  );
}

/** How strong the brine of these jars is, and what of it was poured, g: so much runs off by itself. */
export function brineOfJars(
  b: Batch,
  ids: readonly string[]
): { readonly pouredG: number; readonly strength: number } {
  const all = pooled(b, ids);
  return { pouredG: all.brineG + all.saltG, strength: salinityIn(all) };
}
