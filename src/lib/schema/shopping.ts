import { z } from 'zod';
import { GOODS_KINDS } from '../core/pantry';
import {
  commandId,
  few,
  id,
  jsonField,
  maybeDay,
  maybeWeightText,
  no,
  number,
  shortText,
  ticked
} from './common';

/** Dry goods as they are counted. */
export const countGoodsSchema = z.object({
  commandId,
  goodsId: id.optional(),
  name: shortText,
  kind: z.enum(GOODS_KINDS, no('not-a-choice')),
  amount: z.string().trim().min(1, no('missing')).max(60, no('too-long')),
  low: maybeWeightText,
  saltKindId: z.union([id, z.literal('')]).optional(),
  useBy: maybeDay
});

/** A person's own line on the shopping list, and one taken off it. */
export const writeLineSchema = z.object({ commandId, line: shortText });
export const strikeLineSchema = z.object({ commandId, lineId: id });

/** A line into the basket or out again; its price where somebody says it. */
export const tickLineSchema = z.object({
  commandId,
  lineId: id,
  isIn: ticked,
  price: z.preprocess((v) => (v === '' ? undefined : v), number(0, 100_000, 'price-out-of-range').optional())
});

/** Home with the basket: how much came of the goods in it, as typed. */
export const bringHomeSchema = z.object({
  commandId,
  came: jsonField(few(z.record(id, z.object({ amount: maybeWeightText, useBy: maybeDay })))).default({})
});
