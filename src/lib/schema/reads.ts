import { z } from 'zod';
import { GOODS_KINDS } from '../core/pantry';
import { CARE_KINDS } from '../core/batch';
import { SOUNDS } from '../core/timer';
import { LIDS } from '../core/vessel';

/** What a program reads, by name. Shapes of their own: how a thing stands inside the house is the house's affair. */
const g = z.number();
/** A minute on the household's wall, such as `2026-09-12T08:10`. */
const moment = z.string();
const maybe = <T extends z.ZodType>(of: T) => of.nullable();
const learned = z.object({ mean: z.number(), sd: z.number(), n: z.number() });
const byName = z.record(z.string(), learned);

const pick = z.object({
  id: z.string(),
  cropId: z.string(),
  variety: z.string(),
  bed: z.string(),
  day: z.string(),
  kept: z.enum(['room', 'cold']),
  quality: z.enum(['sound', 'trim', 'cull']),
  weighedG: g,
  gardenG: g,
  benchG: g,
  packedG: g,
  benches: z.array(z.object({ bench: z.string(), g, prepared: maybe(z.object({ said: z.string(), g })) })),
  note: z.string()
});

const jar = z.object({
  id: z.string(),
  lidNumber: z.number(),
  jarId: z.string(),
  placeId: z.string(),
  contentsG: g,
  leftG: g,
  /** What of it is food on a plate, full and now: its pieces where they swim in brine, else all of it. */
  fullStockG: g,
  stockG: g,
  /** Its salinity where it ends, a mass fraction; null: nobody knows. */
  equilibrium: maybe(z.number()),
  /** When the first of it was eaten; null: nothing yet. */
  openedAt: maybe(moment),
  emptiedAt: maybe(moment)
});

const batch = z.object({
  id: z.string(),
  name: z.string(),
  styleId: z.string(),
  startedAt: moment,
  note: z.string(),
  equilibrium: maybe(z.number()),
  saltG: maybe(g),
  brineUsedMl: maybe(z.number()),
  recipe: maybe(z.object({ id: z.string(), version: z.number() })),
  items: z.array(z.object({ cropId: z.string(), name: z.string(), preparedG: g })),
  rinses: z.array(z.object({ after: z.string(), taste: z.string(), salinity: z.string() })),
  jars: z.array(jar),
  tastes: z.array(
    z.object({
      at: moment,
      jars: z.array(z.string()),
      sour: z.number(),
      salt: maybe(z.number()),
      crunch: maybe(z.number()),
      bite: maybe(z.number()),
      aroma: maybe(z.number()),
      who: z.string(),
      liked: z.boolean(),
      note: z.string()
    })
  ),
  pH: z.array(z.object({ at: moment, jars: z.array(z.string()), pH: z.number() }))
});

const kit = z.object({
  name: z.string(),
  people: z.number(),
  units: z.enum(['metric', 'US', 'imperial']),
  spoons: z.enum(['US', 'metric', 'AU', 'imperial']),
  saltKindId: z.string(),
  scaleStepG: g,
  beds: z.array(z.string()),
  jars: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      geometryId: z.string(),
      lid: z.enum(LIDS as [string, ...string[]]),
      owned: z.number(),
      brimMl: maybe(z.number()),
      headspaceMm: maybe(z.number())
    })
  ),
  places: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      kind: z.enum(['counter', 'cold', 'pantry']),
      tempC: z.number(),
      shelfLitres: maybe(z.number())
    })
  ),
  tares: z.array(z.object({ id: z.string(), name: z.string(), g })),
  away: z.array(z.object({ id: z.string(), from: z.string(), to: z.string() }))
});

export const READS = {
  picks: z.array(pick),
  batches: z.array(batch),
  kit,
  learnt: z.object({ trims: byName, pieces: byName, packings: byName, brineUse: learned, paces: byName }),
  recipes: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      styleId: z.string(),
      version: z.number(),
      card: z.string(),
      notes: z.string(),
      from: z.enum(['own', 'starting set'])
    })
  ),
  brines: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      day: z.string(),
      from: z.enum(['mixed', 'batch']),
      batchId: maybe(z.string()),
      strength: z.number(),
      ml: z.number()
    })
  ),
  pantry: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      kind: z.enum(GOODS_KINDS),
      unit: z.enum(['g', 'ml', 'pieces']),
      amount: z.number(),
      low: z.number(),
      saltKindId: maybe(z.string()),
      useBy: maybe(z.string())
    })
  ),
  tasks: z.array(
    z.object({
      kind: z.enum(CARE_KINDS),
      batchId: z.string(),
      batchName: z.string(),
      placeId: z.string(),
      jars: z.array(z.string()),
      lidNumbers: z.array(z.number()),
      due: moment,
      missed: z.number(),
      minutes: z.number()
    })
  ),
  timers: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      placeId: z.string(),
      next: z.string(),
      sound: z.enum(SOUNDS),
      /** Minutes until it rings next; null: it has rung for the last time. */
      ringsIn: maybe(z.number()),
      ringing: z.boolean()
    })
  ),
  stock: z.array(
    z.object({
      batchId: z.string(),
      name: z.string(),
      jarId: z.string(),
      lidNumber: z.number(),
      placeId: z.string(),
      leftG: g,
      bestTill: moment,
      keepsTill: moment,
      opened: z.boolean(),
      quarters: z.number()
    })
  )
} as const satisfies Record<string, z.ZodType>;

export type ReadName = keyof typeof READS;
export type ReadOf<N extends ReadName> = z.output<(typeof READS)[N]>;
