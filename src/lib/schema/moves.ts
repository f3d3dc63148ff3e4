import { z } from 'zod';
import { commandId, id, ids, lid } from './common';

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
