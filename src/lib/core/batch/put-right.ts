import type { WallMinute } from '../calendar/index';
import { SAUCE_BASES } from '../correct/index';
import { waysOf, type Household } from '../kit/index';
import { bareMass, readWeight } from '../reading/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { asMeasured, saltKind } from '../salt/index';
import { styleLike } from '../style/index';
import type { Batch, BatchEvent } from './batch';
import { rawFillings } from './decide';
import type { Filling } from './facts';
import { remedyFor, type TroubleSaid } from './remedy';
import { correctionOf } from './salinity';

/** Jars put right, and what that took off the shelf. */
export interface JarsPutRight {
  readonly events: readonly BatchEvent[];
  readonly jars: readonly Filling[];
  /** What they settle at, a mass fraction. */
  readonly ends: number;
  readonly saltKindId: string;
  readonly saltG: number;
}

/** Jars put right, each by its own figures: what was drawn off, poured or strewn, and why. */
export function jarsPutRight(
  b: Batch,
  said: TroubleSaid & { readonly fillingIds: readonly string[]; readonly reason: string },
  house: Household,
  now: WallMinute
): Outcome<JarsPutRight> {
  const jars = rawFillings(b, said.fillingIds);
  if (!jars.ok) return jars;
  const salt = saltKind(b.saltKindId ?? house.saltKindId) ?? saltKind(house.saltKindId);
  if (!salt) return refuse('salt-unknown', { field: 'batchId' });
  const { purity } = asMeasured(salt, house.ownSpoons);
  const events: (BatchEvent & { type: 'putRight' })[] = [];
  for (const f of jars.value) {
    const right = remedyFor(said, b, f, now, waysOf(house));
    if (!right.ok) return right;
    const { trouble, remedy, jar } = right.value;
    const what = { fillingId: f.id, trouble: trouble.kind, from: jar.phase.salinity, reason: said.reason };
    events.push({ type: 'putRight', data: { ...what, ...correctionOf(trouble, remedy, purity) } });
  }
  return done({
    events,
    jars: jars.value,
    ends: events.at(-1)?.data.to ?? 0,
    saltKindId: salt.id,
    saltG: events.reduce((a, e) => a + e.data.saltG, 0)
  });
}

/** A sauce soured as it is said: the pH before, the pH wanted, and what was stirred in. */
export interface SouredSaid {
  readonly fillingIds: readonly string[];
  readonly sauce: string;
  readonly pH: number;
  readonly wanted: number;
  readonly vinegarMl: number;
  readonly citricG: number;
}

/** Vinegar or citric acid stirred into a sauce: a reading of the pH before, and what went in. */
export function sauceSoured(b: Batch, said: SouredSaid, house: Household): Outcome<BatchEvent[]> {
  const jars = rawFillings(b, said.fillingIds);
  if (!jars.ok) return jars;
  if (!SAUCE_BASES[styleLike(b.styleId)]) return refuse('no-sauce', { field: 'batchId' });
  const ways = waysOf(house);
  const sauce = readWeight(said.sauce, 'sauce', ways, bareMass(ways));
  if (!sauce.ok) return sauce;
  const { fillingIds, pH, wanted, vinegarMl, citricG } = said;
  if (vinegarMl + citricG === 0) return refuse('missing', { field: 'vinegarMl' });
  const soured = { fillingIds, pH, wanted, sauceG: sauce.value.g, vinegarMl, citricG };
  return done([
    { type: 'measured', data: { fillingIds, pH } },
    { type: 'soured', data: soured }
  ]);
}
