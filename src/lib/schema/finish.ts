import { z } from 'zod';
import { PULP_TO, REST_TO } from '../core/batch';
import { readBy } from './batch';
import { commandId, few, id, ids, jsonField, no, number, ticked, whole } from './common';

/** A finishing begun, or something more said of it: what is left out stays as it was. */
const maybeAnew = z.string().trim().max(60, no('too-long')).optional();
export const finishSchema = z.object({
  commandId,
  batchId: id,
  fillingIds: ids.optional(),
  object: id.optional(),
  isOut: ticked,
  brine: maybeAnew,
  back: maybeAnew,
  water: maybeAnew,
  oldBrineId: id.optional(),
  oldBrine: maybeAnew,
  freshCropId: id.optional(),
  fresh: maybeAnew,
  sweet: maybeAnew,
  pulp: maybeAnew,
  pulpTo: z.enum(PULP_TO, no('not-a-choice')).optional(),
  sauce: maybeAnew
});
export const leaveFinishSchema = z.object({ commandId, batchId: id });

/** The sauce into bottles: how many of which kind, where they go, and its pH where it was measured. */
export const bottleSchema = z.object({
  commandId,
  batchId: id,
  counts: jsonField(few(z.record(id, whole(0, 99)))),
  placeId: id,
  rest: z.enum(REST_TO, no('not-a-choice')).default('eaten'),
  keepBrine: ticked,
  pH: z.preprocess((v) => (v === '' ? undefined : v), number(2, 8, 'ph-out-of-range').optional()),
  ...readBy
});
