import { contentsG, fullStockG, leftG, placeOf, stockG, type Batch } from '../../core/batch';
import { wallText } from '../../core/calendar';
import { stock } from '../../core/larder';
import type { Lot } from '../../core/lot';
import { nextRing, ringing } from '../../core/timer';
import type { ReadName, ReadOf } from '../../schema/reads';
import { allRecipes, brines } from '../repos';
import { learntOf, type House } from '../usecases';
import { running } from '.';
import { care } from './care';
import { living } from './living';

const pick = (l: Lot): ReadOf<'picks'>[number] => ({
  id: l.id,
  cropId: l.cropId,
  variety: l.variety,
  bed: l.bed,
  day: l.day,
  kept: l.kept,
  quality: l.quality,
  weighedG: l.weighed.g,
  gardenG: l.gardenG,
  benchG: l.benchG,
  packedG: l.packedG,
  benches: Object.entries(l.benches).map(([bench, { g, prepared }]) => ({
    bench,
    g,
    prepared: prepared && { said: prepared.said, g: prepared.g }
  })),
  note: l.note
});

/** When the first of a jar left it. */
function openedAt(b: Batch, fillingId: string): string | null {
  const all = b.portions.filter((p) => p.fillingId === fillingId && p.g > 0).map((p) => p.at);
  return all.length > 0 ? wallText(Math.min(...all)) : null;
}

const batch = (b: Batch): ReadOf<'batches'>[number] => ({
  id: b.id,
  name: b.name,
  styleId: b.styleId,
  startedAt: wallText(b.startedAt),
  note: b.note,
  equilibrium: b.equilibrium,
  saltG: b.saltG,
  brineUsedMl: b.brineUsedMl,
  recipe: b.recipe && { id: b.recipe.id, version: b.recipe.version },
  items: b.items.map((i) => ({ cropId: i.cropId, name: i.name, preparedG: i.preparedG })),
  rinses: b.rinses.map((r) => ({ after: r.after, taste: r.taste, salinity: r.salinity })),
  jars: b.fillings.map((f) => ({
    id: f.id,
    lidNumber: f.lidNumber,
    jarId: f.jarId,
    placeId: placeOf(f),
    contentsG: contentsG(f),
    leftG: leftG(f),
    fullStockG: fullStockG(f),
    stockG: stockG(f),
    equilibrium: f.equilibrium ?? b.equilibrium,
    openedAt: openedAt(b, f.id),
    emptiedAt: f.emptiedAt === null ? null : wallText(f.emptiedAt)
  })),
  tastes: b.tastes.map((t) => ({
    at: wallText(t.at),
    jars: [...t.fillingIds],
    sour: t.sour,
    salt: t.salt,
    crunch: t.crunch,
    bite: t.bite,
    aroma: t.aroma,
    who: t.who,
    liked: t.liked,
    note: t.note
  })),
  pH: b.readings.map((r) => ({ at: wallText(r.at), jars: [...r.fillingIds], pH: r.pH }))
});

/** What the API reads, each in its published shape. */
export const READERS: { readonly [N in ReadName]: (house: House) => Promise<ReadOf<N>> } = {
  picks: async (house) => (await living(house)).lots.map(pick),
  batches: async (house) => (await living(house)).batches.map(batch),
  kit: async (house) => {
    const h = (await living(house)).household;
    return {
      name: h.name,
      people: h.people,
      units: h.units,
      spoons: h.spoons,
      saltKindId: h.saltKindId,
      scaleStepG: h.scaleStepG,
      beds: [...h.beds],
      jars: h.jars.map((j) => ({
        id: j.id,
        name: j.name,
        geometryId: j.geometryId,
        lid: j.lid,
        owned: j.owned,
        brimMl: j.brimMl,
        headspaceMm: j.headspaceMm
      })),
      places: h.places.map((p) => ({
        id: p.id,
        name: p.name,
        kind: p.kind,
        tempC: p.tempC,
        shelfLitres: p.shelfLitres
      })),
      tares: h.tares.map((t) => ({ id: t.id, name: t.name, g: t.g })),
      away: h.away.map((a) => ({ id: a.id, from: a.from, to: a.to }))
    };
  },
  learnt: async (house) => {
    const { trims, pieces, packings, brineUse, paces } = await learntOf(
      house.db,
      (await living(house)).household
    );
    return { trims, pieces, packings, brineUse, paces };
  },
  recipes: async (house) =>
    (await allRecipes(house.db)).map((r) => ({
      id: r.id,
      name: r.name,
      styleId: r.styleId,
      version: r.version,
      card: r.card,
      notes: r.notes,
      from: r.from
    })),
  brines: async (house) =>
    (await brines.list(house.db, 'live')).map((b) => ({
      id: b.id,
      name: b.name,
      day: b.day,
      from: b.from,
      batchId: b.batchId,
      strength: b.strength,
      ml: b.ml
    })),
  pantry: async (house) =>
    (await living(house)).pantry.map((x) => ({
      id: x.id,
      name: x.name,
      kind: x.kind,
      unit: x.unit,
      amount: x.amount,
      low: x.low,
      saltKindId: x.saltKindId,
      useBy: x.useBy ?? null
    })),
  tasks: async (house) =>
    (await care(house)).map((t) => ({
      kind: t.kind,
      batchId: t.batchId,
      batchName: t.batchName,
      placeId: t.placeId,
      jars: [...t.fillingIds],
      lidNumbers: [...t.lidNumbers],
      due: wallText(t.due),
      missed: t.missed,
      minutes: t.minutes
    })),
  timers: async (house) => {
    const now = house.clock.elapsed();
    return (await running(house)).map((t) => {
      const next = nextRing(t, now);
      return {
        ...{ id: t.id, name: t.name, placeId: t.placeId, next: t.next, sound: t.sound },
        ringsIn: next === null ? null : (next - now) / 60_000,
        ringing: ringing(t, now) !== null
      };
    });
  },
  stock: async (house) => {
    const { batches, household } = await living(house);
    return stock(batches, household.places).map((s) => ({
      batchId: s.batch.id,
      name: s.batch.name,
      jarId: s.filling.id,
      lidNumber: s.filling.lidNumber,
      placeId: s.placeId,
      leftG: leftG(s.filling),
      bestTill: wallText(s.best),
      keepsTill: wallText(s.latest),
      opened: s.opened,
      quarters: s.quarters
    }));
  }
};
