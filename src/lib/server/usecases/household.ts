import { dayOfWall } from '../../core/calendar';
import { isWater, waysOf, type HouseholdEvent, type OwnedJar, identity, ofThatName } from '../../core/kit';
import type { Goods } from '../../core/pantry';
import { bareMass, readQuantity, type Ways, MOST_G, readWeight } from '../../core/reading';
import { done, refuse, type Outcome, type FieldName } from '../../core/refusal';
import { ownDensity, saltKind, waterDensity } from '../../core/salt';
import { jarGeometry, type Lid } from '../../core/vessel';
import { batches, household, households, OURS, pantries, pantry } from '../repos';
import { standing } from '../../core/batch';
import { useCase } from './act';

/** Names a jar kind of the household by shape and lid. */
export function ownedJar(geometryId: string, lid: Lid, owned: number, name = ''): OwnedJar | undefined {
  const shape = jarGeometry(geometryId);
  if (!shape) return undefined;
  return {
    id: `${geometryId}.${lid.replaceAll(' ', '-')}`,
    name: name || `${shape.name}, ${lid}`,
    geometryId,
    lid,
    owned,
    brimMl: null,
    headspaceMm: null,
    weightMl: null,
    weightId: null
  };
}

/** The first-run page answered, or skipped; and settings changed later. */
export const settle = useCase('settle', async (work, input) => {
  const { name, people, units, spoons, saltKindId, scaleStepG, beds, jars, waterId, mild, eaters } = input;
  if (saltKindId && !saltKind(saltKindId)) return refuse('salt-unknown', { field: 'saltKindId' });
  if (waterId && !isWater(waterId)) return refuse('not-a-choice', { field: 'waterId' });
  const given = {
    name: name || undefined,
    people,
    units,
    spoons,
    saltKindId,
    scaleStepG,
    waterId,
    mild: mild === undefined ? undefined : mild === 'yes',
    eaters: input.eatersAsked ? eaters : undefined,
    beds: beds
      ?.split(',')
      .map((b) => b.trim())
      .filter(Boolean)
  };
  const data = input.skip ? {} : Object.fromEntries(Object.entries(given).filter(([, v]) => v !== undefined));
  const owned = jars.map((j) => ownedJar(j.geometryId, j.lid, j.owned));
  if (owned.includes(undefined)) return refuse('jar-shape-unknown', { field: 'jars' });
  const events: HouseholdEvent[] = [
    { type: 'settled', data },
    ...owned.flatMap((j) => (j && j.owned > 0 ? [{ type: 'jarsOwned' as const, data: j }] : []))
  ];
  const state = await households.append(work, OURS, events);
  const jarsNow = owned.reduce((a, j) => a + (j?.owned ?? 0), 0);
  return done({ name: state?.name ?? '', ...(jars.length > 0 ? { owned: jarsNow } : {}) });
});

/** So many of a kind of jar are owned: bought, found, broken. Never fewer than hold something. */
export const ownJars = useCase('own-jars', async (work, input) => {
  const made = ownedJar(input.geometryId, input.lid, input.owned, input.name);
  if (!made) return refuse('jar-shape-unknown', { field: 'geometryId' });
  const before = (await household(work.trx)).jars.find((j) => j.id === input.jarId);
  const jar = before ? { ...before, owned: input.owned, lid: input.lid } : made;
  const full = (await batches.list(work.trx, 'live'))
    .flatMap(standing)
    .filter((f) => f.jarId === jar.id).length;
  if (jar.owned < full) return refuse('jars-in-use', { field: 'owned', values: { full, name: jar.name } });
  await households.append(work, OURS, [{ type: 'jarsOwned', data: jar }]);
  return done({ name: jar.name, owned: jar.owned });
});

/** A place, new or changed: a counter, a cold one, a pantry shelf. */
export const setPlace = useCase('set-place', async (work, input) => {
  const ours = await household(work.trx);
  const which = identity(ours.places, { id: input.placeId, name: input.name, command: work.command });
  if (!which.ok) return which;
  const id = which.value;
  const before = ours.places.find((p) => p.id === id);
  const holds = (await batches.list(work.trx, 'live'))
    .flatMap(standing)
    .some((f) => f.stays.at(-1)?.placeId === id);
  if (before && before.kind !== input.kind && holds)
    return refuse('place-in-use', { field: 'kind', values: { place: before.name } });
  const { name, kind, tempC, shelfLitres, always } = input;
  const data = { id, name, kind, tempC, shelfLitres, ...(always ? { always } : {}) };
  await households.append(work, OURS, [{ type: 'placeSet', data }]);
  return done({ name });
});

/** Dry goods counted or bought: the amount that is there now. */
export const countGoods = useCase('count-goods', async (work, input) => {
  const unit = input.kind === 'lid' ? 'pieces' : 'g';
  const ways = waysOf(await household(work.trx));
  const amount = readAmount(input.amount, 'amount', unit, ways);
  if (!amount.ok) return amount;
  const low = input.low === '' ? done(0) : readAmount(input.low, 'low', unit, ways);
  if (!low.ok) return low;
  if (input.saltKindId && !saltKind(input.saltKindId)) return refuse('salt-unknown', { field: 'saltKindId' });
  const before = (await pantry(work.trx)).find((g) => g.id === input.goodsId);
  if (input.goodsId && !before) return refuse('goods-unknown', { field: 'goodsId' });
  const goods: Goods = {
    id: before?.id ?? work.command,
    name: input.name,
    kind: input.kind,
    unit,
    amount: amount.value,
    low: input.low === '' && before ? before.low : low.value,
    saltKindId: input.saltKindId || (before?.saltKindId ?? null)
  };
  await pantries.append(work, OURS, [{ type: 'goodsCounted', data: goods }]);
  return done({ name: goods.name, on: dayOfWall(work.wall) });
});

function readAmount(said: string, field: FieldName, unit: 'g' | 'pieces', ways: Ways): Outcome<number> {
  if (unit === 'pieces') {
    const n = /^(\d{1,5})( ?(pieces|lids))?$/.exec(said)?.[1];
    return n === undefined ? refuse('count-out-of-range', { field }) : done(Number(n));
  }
  if (/^0( ?g)?$/.test(said)) return done(0);
  const read = readQuantity(said, { kind: 'mass', unit: bareMass(ways), system: ways.system });
  if (!read.ok) return { ok: false, refusal: { ...read.refusal, field } };
  if (read.value.value > MOST_G) return refuse('weight-absurd', { field, values: { said } });
  return done(read.value.value);
}

/** Water as it is weighed in a jar, °C. */
export const WATER_C = 20;

/** A jar measured by the household: brim volume by its weight in water, headspace, weight. */
export const measureJar = useCase('measure-jar', async (work, input) => {
  const ours = await household(work.trx);
  const jar = ours.jars.find((j) => j.id === input.jarId);
  const shape = jar && jarGeometry(jar.geometryId);
  if (!jar || !shape) return refuse('jar-kind-unknown', { field: 'jarId' });
  const water =
    input.waterWeight === '' ? null : readWeight(input.waterWeight, 'waterWeight', waysOf(ours), 'g');
  if (water && !water.ok) return water;
  const brimMl = water ? water.value.g / waterDensity(WATER_C) : null;
  if (brimMl !== null && (brimMl < shape.nominalMl * 0.6 || brimMl > shape.nominalMl * 1.6))
    return refuse('jar-volume-strange', {
      field: 'waterWeight',
      values: { saidMl: Math.round(brimMl), nominalMl: Math.round(shape.nominalMl) }
    });
  const height =
    input.headspace === ''
      ? null
      : readQuantity(input.headspace, { kind: 'length', unit: 'mm', system: ours.spoons });
  if (height && !height.ok) return { ok: false, refusal: { ...height.refusal, field: 'headspace' } };
  const headspaceMm = height ? height.value.value : null;
  if (headspaceMm !== null && headspaceMm > shape.innerHeightMm * 0.6)
    return refuse('headspace-too-much', { field: 'headspace', values: { heightMm: shape.innerHeightMm } });
  const { weightId } = input;
  if (weightId && !ours.weights.some((w) => w.id === weightId))
    return refuse('weight-unknown', { field: 'weightId' });
  const data = {
    ...jar,
    brimMl,
    headspaceMm,
    weightMl: input.weightMl,
    weightId: weightId === undefined ? jar.weightId : weightId || null
  };
  await households.append(work, OURS, [{ type: 'jarsOwned', data }]);
  return done({ name: jar.name });
});

/** A bowl weighed empty, to be subtracted ever after. */
export const setTare = useCase('set-tare', async (work, input) => {
  const ours = await household(work.trx);
  const ways = waysOf(ours);
  const read = readWeight(input.weight, 'weight', ways, bareMass(ways));
  if (!read.ok) return read;
  // A name said again is that bowl, weighed again.
  const which = identity(ours.tares, {
    id: input.tareId ?? ofThatName(ours.tares, input.name)?.id,
    name: input.name,
    command: work.command
  });
  if (!which.ok) return which;
  const id = which.value;
  await households.append(work, OURS, [{ type: 'tareSet', data: { id, name: input.name, g: read.value.g } }]);
  return done({ name: input.name, g: read.value.g });
});

/** Ten level spoons of the household's own salt: they replace the table. */
export const weighSpoon = useCase('weigh-spoon', async (work, input) => {
  const kind = saltKind(input.saltKindId);
  if (!kind) return refuse('salt-unknown', { field: 'saltKindId' });
  const ours = await household(work.trx);
  const read =
    input.weight === '' ? done({ said: '', g: 0 }) : readWeight(input.weight, 'weight', waysOf(ours), 'g');
  if (!read.ok) return read;
  const system = ours.spoons;
  const own = { saltKindId: kind.id, spoons: input.spoons, unit: input.unit, g: read.value.g, system };
  const off = own.g > 0 ? ownDensity(own) / kind.gPerMl : 1;
  if (off < 0.4 || off > 2.5)
    return refuse('spoon-strange', {
      field: 'weight',
      values: { said: input.weight, spoons: input.spoons, usual: Math.round((own.g / off) * 10) / 10 }
    });
  await households.append(work, OURS, [{ type: 'spoonWeighed', data: own }]);
  return done({ name: kind.name });
});

/** What was learnt begins anew: from the table, and the batches to come. */
export const resetLearning = useCase('reset-learning', async (work, input) => {
  const data = { what: input.what, day: dayOfWall(work.wall) };
  await households.append(work, OURS, [{ type: 'learningReset', data }]);
  return done({ name: input.what });
});
