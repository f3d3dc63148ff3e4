import { z } from 'zod';
import { HEAT_WAYS, PACKS } from '../core/batch';
import { commandId, id, ids, lid, maybeText, no, whole } from './common';

/** Jars to another place. */
export const moveJarsSchema = z.object({ commandId, batchId: id, fillingIds: ids, placeId: id });

/** Another kind of lid on jars. */
export const changeLidSchema = z.object({ commandId, batchId: id, fillingIds: ids, lid });

/** Jars that wait till another is eaten; without one: they no longer do. */
export const letWaitSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  waitsForBatchId: z.union([id, z.literal('')]).default(''),
  waitsForId: z.union([id, z.literal('')]).default('')
});

const emptyIsNone = (v: unknown) => (v === '' ? undefined : v);
/** Jars heated by the process of a tested guide, onto the pantry shelf: what is missing of it is said by the house. */
export const heatJarsSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids,
  placeId: id,
  ...{ guide: maybeText, edition: maybeText, product: maybeText, jarSize: maybeText },
  pack: z.preprocess(emptyIsNone, z.enum(PACKS, no('not-a-choice')).optional()),
  ...{ rowTo: maybeText, kitchen: maybeText, pressure: maybeText, who: maybeText },
  way: z.preprocess(emptyIsNone, z.enum(HEAT_WAYS, no('not-a-choice')).optional()),
  minutes: z.preprocess(emptyIsNone, whole(1, 600).optional())
});
