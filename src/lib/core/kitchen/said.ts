import { bareMass, oneShare, readDose, readQuantity, readWeight, type Ways } from '../reading/index';
import { done, refuse, type FieldName, type Outcome } from '../refusal/index';
import { SALINITIES } from '../safety/index';
import { saltyIngredient, type Rinsed } from '../salt/index';
import type { SideJar, WorksheetItem } from '../worksheet/index';

/** A thing to be reckoned with that lies on no bench: its weights as typed; the `i`-th. Refuses one without any. */
export function readItem(
  item: { cropId: string; picked: string; prepared: string; withTops: boolean },
  i: number,
  ways: Ways
): Outcome<WorksheetItem> {
  const weight = (said: string, field: FieldName) =>
    said === '' ? done(null) : readWeight(said, field, ways);
  const picked = weight(item.picked, 'weight');
  if (!picked.ok) return picked;
  const prepared = weight(item.prepared, 'prepared');
  if (!prepared.ok) return prepared;
  const pickedG = picked.value?.g ?? prepared.value?.g;
  if (pickedG === undefined) return refuse('missing', { field: 'prepared' });
  const { cropId, withTops } = item;
  return done({ id: `i${i}`, cropId, pickedG, withTops, preparedG: prepared.value?.g ?? null });
}

/** Salty ingredients as typed, in g: a volume goes by the ingredient's density. Empty amounts are not in yet. */
export function readExtras(
  extras: readonly { id: string; amount: string }[],
  ways: Ways
): Outcome<{ id: string; g: number }[]> {
  const out: { id: string; g: number }[] = [];
  for (const { id: name, amount } of extras) {
    const known = saltyIngredient(name);
    if (!known) return refuse('ingredient-unknown', { field: 'extras', values: { said: name } });
    if (amount.trim() === '') continue;
    const mass = readQuantity(amount, { kind: 'mass', unit: 'g', system: ways.system });
    const volume = readQuantity(amount, { kind: 'volume', system: ways.system });
    const g = mass.ok ? mass.value.value : volume.ok ? volume.value.value * known.density : NaN;
    if (!(g >= 0))
      return mass.ok
        ? refuse('weight-not-positive', { field: 'extras' })
        : { ok: false, refusal: { ...mass.refusal, field: 'extras' } };
    out.push({ id: name, g });
  }
  return done(out);
}

/** Vegetables and water of each jar that was filled and weighed, g, in the order of the row; null: not yet. */
export function readFilled(
  filled: Readonly<Record<string, { gross: string; tare: string }>>,
  ways: Ways
): Outcome<(number | null)[]> {
  const last = Math.max(0, ...Object.keys(filled).map((k) => Number(k.slice(1))));
  const out: (number | null)[] = Array.from({ length: last }, () => null);
  for (const [key, { gross, tare }] of Object.entries(filled)) {
    if (gross.trim() === '') continue;
    const empty =
      tare.trim() === '' ? done({ said: '', g: 0 }) : readWeight(tare, 'filled', ways, bareMass(ways));
    const full = readWeight(gross, 'filled', ways, bareMass(ways));
    if (!full.ok) return full;
    if (!empty.ok) return empty;
    if (full.value.g <= empty.value.g)
      return refuse('tare-too-heavy', { field: 'filled', values: { gross, tare } });
    out[Number(key.slice(1)) - 1] = full.value.g - empty.value.g;
  }
  return done(out);
}

/** What is over and has a jar of its own, as typed. */
export function readSide(
  { jarId, weight }: { readonly jarId: string; readonly weight: string },
  ways: Ways
): Outcome<SideJar> {
  const read = readWeight(weight, 'side', ways, bareMass(ways));
  return read.ok ? done({ jarId, g: read.value.g }) : read;
}

/** So many times less or more than the style's usual heavy salting is a slip. */
const HEAVY = { from: 0.02, to: 0.2 };

/**
 * The heavy salting of leaf as it is said: "10 %", "a cup to 4 lb", "2 tbsp a head". A percentage is of the leaf.
 * Answers the share of the leaf to strew; null where nothing is said.
 */
export function readHeavy(
  said: string,
  ways: Ways,
  pieceG: (word: string) => number | null
): Outcome<number | null> {
  if (said.trim() === '') return done(null);
  const read = readDose(said, ways);
  const field = 'heavy';
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field } };
  const shares = read.value.flatMap((r) => {
    const perG =
      r.base === 'head' ? (pieceG(r.piece ?? '') ?? NaN) * r.per : r.base === 'vegetables' ? r.per : NaN;
    return perG > 0 ? [r.saltG / perG] : [];
  });
  const share = oneShare(shares, { field, said, none: 'heavy-of-what' });
  if (!share.ok) return share;
  if (share.value < HEAVY.from || share.value > HEAVY.to)
    return refuse('heavy-strange', { field, values: { said, percent: (share.value * 100).toFixed(1) } });
  return share;
}

/** What was weighed and measured after a rinse, as typed; a percent wins over a taste. */
export function readRinsed(
  said: { after: string; taste: string; salinity: string },
  ways: Ways
): Outcome<Rinsed> {
  const after =
    said.after.trim() === '' ? done(null) : readWeight(said.after, 'rinsed', ways, bareMass(ways));
  if (!after.ok) return after;
  const percent = said.salinity.replace('%', '').replace(',', '.').trim();
  const salinity = percent === '' ? null : Number(percent) / 100;
  if (salinity !== null && !(salinity >= SALINITIES.from && salinity <= SALINITIES.to))
    return refuse('salinity-strange', { field: 'rinsed', values: { said: said.salinity } });
  const taste = said.taste === '' ? null : { taste: said.taste };
  return done({ afterG: after.value?.g ?? null, reading: salinity === null ? taste : { salinity } });
}
