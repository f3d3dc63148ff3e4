import { dayOfWall } from '../../core/calendar';
import type { Goods, HouseholdEvent, OwnedJar } from '../../core/kit';
import { readQuantity } from '../../core/quantity';
import { done, refuse, type Outcome } from '../../core/refusal';
import { saltKind } from '../../core/salt';
import { jarGeometry, type Lid } from '../../core/vessel';
import { countGoodsSchema, ownJarsSchema, setPlaceSchema, settleSchema } from '../../schema/household';
import { batches, household, households, OURS, pantries, pantry } from '../repos';
import { standing } from '../../core/batch';
import { useCase } from './act';

const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40) || 'x';

/** Names a jar kind of the household by shape and lid. */
function ownedJar(geometryId: string, lid: Lid, owned: number, name = ''): OwnedJar | undefined {
  const shape = jarGeometry(geometryId);
  if (!shape) return undefined;
  return { id: `${geometryId}.${slug(lid)}`, name: name || `${shape.name}, ${lid}`, geometryId, lid, owned };
}

/** The first-run page answered, or skipped; and settings changed later. */
export const settle = useCase(
  'settle',
  settleSchema,
  async (work, input): Promise<Outcome<{ name: string }>> => {
    const { name, people, units, spoons, saltKindId, scaleStepG, beds, jars } = input;
    if (saltKindId && !saltKind(saltKindId)) return refuse('salt-unknown', { field: 'saltKindId' });
    const given = {
      name: name || undefined,
      people,
      units,
      spoons,
      saltKindId,
      scaleStepG,
      beds: beds
        ?.split(',')
        .map((b) => b.trim())
        .filter(Boolean)
    };
    const data = input.skip
      ? {}
      : Object.fromEntries(Object.entries(given).filter(([, v]) => v !== undefined));
    const owned = jars.map((j) => ownedJar(j.geometryId, j.lid, j.owned));
    if (owned.includes(undefined)) return refuse('jar-shape-unknown', { field: 'jars' });
    const events: HouseholdEvent[] = [
      { type: 'settled', data },
      ...owned.flatMap((j) => (j && j.owned > 0 ? [{ type: 'jarsOwned' as const, data: j }] : []))
    ];
    const state = await households.append(work, OURS, events);
    return done({ name: state?.name ?? '' });
  }
);

/** So many of a kind of jar are owned: bought, found, broken. Never fewer than hold something. */
export const ownJars = useCase(
  'own-jars',
  ownJarsSchema,
  async (work, input): Promise<Outcome<{ name: string; owned: number }>> => {
    const made = ownedJar(input.geometryId, input.lid, input.owned, input.name);
    if (!made) return refuse('jar-shape-unknown', { field: 'geometryId' });
    const before = (await household(work.trx)).jars.find((j) => j.id === input.jarId);
    const jar = before ? { ...before, owned: input.owned } : made;
    const full = (await batches.list(work.trx, 'live'))
      .flatMap(standing)
      .filter((f) => f.jarId === jar.id).length;
    if (jar.owned < full) return refuse('jars-in-use', { field: 'owned', values: { full, name: jar.name } });
    await households.append(work, OURS, [{ type: 'jarsOwned', data: jar }]);
    return done({ name: jar.name, owned: jar.owned });
  }
);

/** A place, new or changed: a counter, a cold one, a pantry shelf. */
export const setPlace = useCase(
  'set-place',
  setPlaceSchema,
  async (work, input): Promise<Outcome<{ name: string }>> => {
    const ours = await household(work.trx);
    const id = input.placeId ?? slug(input.name);
    const before = ours.places.find((p) => p.id === id);
    const holds = (await batches.list(work.trx, 'live'))
      .flatMap(standing)
      .some((f) => f.stays.at(-1)?.placeId === id);
    if (before && before.kind !== input.kind && holds)
      return refuse('place-in-use', { field: 'kind', values: { place: before.name } });
    const { name, kind, tempC, shelfLitres } = input;
    await households.append(work, OURS, [{ type: 'placeSet', data: { id, name, kind, tempC, shelfLitres } }]);
    return done({ name });
  }
);

/** Dry goods counted or bought: the amount that is there now. */
export const countGoods = useCase(
  'count-goods',
  countGoodsSchema,
  async (work, input): Promise<Outcome<{ name: string; on: string }>> => {
    const unit = input.kind === 'lid' ? 'pieces' : 'g';
    const amount = readAmount(input.amount, 'amount', unit);
    if (!amount.ok) return amount;
    const low = input.low === '' ? done(0) : readAmount(input.low, 'low', unit);
    if (!low.ok) return low;
    if (input.saltKindId && !saltKind(input.saltKindId))
      return refuse('salt-unknown', { field: 'saltKindId' });
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
  }
);

function readAmount(said: string, field: string, unit: 'g' | 'pieces'): Outcome<number> {
  if (unit === 'pieces') {
    const n = /^(\d{1,5})( ?(pieces|lids))?$/.exec(said)?.[1];
    return n === undefined ? refuse('count-out-of-range', { field }) : done(Number(n));
  }
  if (/^0( ?g)?$/.test(said)) return done(0);
  const read = readQuantity(said, { kind: 'mass', unit: 'g' });
  return read.ok ? done(read.value.value) : { ok: false, refusal: { ...read.refusal, field } };
}
