import type { BatchInHand } from './batch';
import type { Filling } from './facts';
import { freeBrineG, jarNow, salinityOf, usualTarget } from './salinity';
import type { WallMinute } from '../calendar/index';
import { putRight, type JarNow, type Remedy, type Trouble, type TroubleKind } from '../correct/index';
import { crop } from '../produce/index';
import { as, type TrueStrength } from '../quantity/index';
import { oneShare, readDose, readQuantity, type Ways } from '../reading/index';
import { done, refuse, type Outcome, type FieldName } from '../refusal/index';
import { DOSES, SALINITIES } from '../safety/index';
import { brineDensity, trueStrength } from '../salt/index';
import { heightOf, jarGeometry, profile, volumeTo } from '../vessel/index';

/** A trouble as typed, each amount per jar. */
export interface TroubleSaid {
  readonly trouble: TroubleKind;
  readonly amount: string;
  /** Of what ran over before it was filled up again; empty: as much as was poured. */
  readonly lost: string;
  readonly salinityPercent: string;
  readonly targetPercent: string;
  readonly freeBrine: string;
  readonly strengthPercent: string;
  readonly cropId: string;
}

export interface PutRight {
  readonly jar: JarNow;
  readonly trouble: Trouble;
  readonly remedy: Remedy;
}

/** Reads what was typed and answers what to do with this jar; pages and use case alike. */
export function remedyFor(
  said: TroubleSaid,
  b: BatchInHand,
  f: Filling,
  now: WallMinute,
  ways: Ways
): Outcome<PutRight> {
  const measured = readPercent(said.salinityPercent, 'salinityPercent');
  if (!measured.ok) return measured;
  const salinity = measured.value ?? salinityOf(b, f);
  if (salinity === null || !(salinity > 0)) return refuse('salt-not-known', { field: 'salinityPercent' });
  const target = readPercent(said.targetPercent, 'targetPercent');
  if (!target.ok) return target;
  const trouble = readTrouble(said, b, f, ways);
  if (!trouble.ok) return trouble;
  const jar = jarNow(b, f, salinity, target.value ?? usualTarget(b), now);
  const remedy = putRight(jar, trouble.value);
  return remedy.ok ? done({ jar, trouble: trouble.value, remedy: remedy.value }) : remedy;
}

/** A percent as typed, as a fraction; nothing typed is nothing said. */
function readPercent(said: string, field: FieldName): Outcome<number | null> {
  const text = said.replace('%', '').replace(',', '.').trim();
  if (text === '') return done(null);
  const fraction = Number(text) / 100;
  return fraction >= SALINITIES.from && fraction <= SALINITIES.to
    ? done(fraction)
    : refuse('salinity-strange', { field, values: { said } });
}

function readTrouble(said: TroubleSaid, b: BatchInHand, f: Filling, ways: Ways): Outcome<Trouble> {
  const kind = said.trouble;
  // What was just poured lies free over the pieces until it has evened out.
  const pours = kind === 'wrong-top-up' || kind === 'spilled-refilled';
  const just = pours && said.amount.trim() !== '' ? readLiquid(said.amount, 'amount', f, ways) : done(0);
  const free = readLiquid(said.freeBrine, 'freeBrine', f, ways, freeBrineG(f) + (just.ok ? just.value : 0));
  if (!free.ok) return free;
  if (kind === 'too-weak') return done({ kind });
  if (kind === 'too-salty') return done({ kind, freeBrineG: free.value });
  const amount = readLiquid(said.amount, 'amount', f, ways);
  if (!amount.ok) return amount;
  if (kind === 'unsalted-added') {
    const c = crop(said.cropId || (b.items[0]?.cropId ?? ''), ways.crops);
    if (!c) return refuse('crop-unknown', { field: 'cropId' });
    return done({ kind, addedG: amount.value, moisture: c.moisture });
  }
  if (kind !== 'wrong-top-up' && kind !== 'spilled-refilled') return done({ kind, missingG: amount.value });
  const strength = readStrength(said.strengthPercent, ways);
  if (!strength.ok) return strength;
  const poured = { pouredG: amount.value, strength: strength.value, freeBrineG: free.value };
  if (kind === 'wrong-top-up') return done({ kind, ...poured });
  const lost = said.lost.trim() === '' ? amount : readLiquid(said.lost, 'lost', f, ways);
  return lost.ok ? done({ kind, missingG: lost.value, ...poured }) : lost;
}

/**
 * Salt of what was poured, as people say it: "0", "plain water", "3 %" (of the water), "1 tbsp a cup", "30 g/l". What can
 * mean two salts is refused, naming them.
 */
function readStrength(said: string, ways: Ways): Outcome<TrueStrength> {
  const text = said.trim();
  const field = 'strengthPercent';
  if (/^(0 ?%?|(plain |just |only )?(tap )?water)?$/i.test(text)) return done(as.trueStrength(0));
  const figure = /^[\d.,]+ ?%?$/.test(text);
  const read = readDose(figure ? `${text.replace('%', '')} % of the water` : text, ways);
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field } };
  const strengths = read.value
    .filter((r) => r.base === 'water')
    .map((r) => (r.saltG * (r.pure ? 1 : r.kind.purity)) / r.per);
  const share = oneShare(strengths, { field, said, none: 'strength-of-what' });
  if (!share.ok) return share;
  if (share.value > DOSES.to) return refuse('salinity-strange', { field, values: { said } });
  return done(trueStrength(as.perWater(share.value)));
}

/** Liquid as people say it, in g: grams, millilitres, or millimetres of level in this jar. */
export function readLiquid(
  said: string,
  field: FieldName,
  f: Filling,
  ways: Ways,
  usual?: number
): Outcome<number> {
  if (said.trim() === '' && usual !== undefined) return done(usual);
  const mm = readQuantity(said, { kind: 'length', unit: 'mm', system: ways.system });
  const isLength = mm.ok && /[a-z]|"/i.test(said);
  const volume = readQuantity(said, { kind: 'volume', unit: 'ml', system: ways.system });
  const mass = readQuantity(said, { kind: 'mass', unit: 'g', system: ways.system });
  const gPerMl = brineDensity(as.trueStrength(0.02), 20);
  const g = isLength
    ? mlUnderLine(f, mm.value.value) * gPerMl
    : volume.ok
      ? volume.value.value * gPerMl
      : mass.ok
        ? mass.value.value
        : NaN;
  if (Number.isNaN(g) && !volume.ok) return { ok: false, refusal: { ...volume.refusal, field } };
  return g > 0 ? done(g) : refuse('weight-not-positive', { field });
}

/** The height of a jar's fill line, and its outline; null for a shape that nobody knows. */
function fillLine(f: Pick<Filling, 'geometryId' | 'usableMl'>) {
  const shape = jarGeometry(f.geometryId);
  const p = shape && profile(shape);
  return p ? { p, line: heightOf(f.usableMl, p) } : null;
}

/** So many millimetres under the fill line are so many ml in this jar. */
function mlUnderLine(f: Filling, mm: number): number {
  const at = fillLine(f);
  return at ? volumeTo(at.line, at.p) - volumeTo(at.line - mm, at.p) : 0;
}

/** And the other way round. Example: 60 ml of a jar of 80 cm² stand 7.5 mm under it. */
export function mmUnderLine(f: Pick<Filling, 'geometryId' | 'usableMl'>, ml: number): number {
  const at = fillLine(f);
  return at ? at.line - heightOf(f.usableMl - ml, at.p) : 0;
}
