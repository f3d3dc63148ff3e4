import { z } from 'zod';
import {
  bringHomeSchema,
  countGoodsSchema,
  strikeLineSchema,
  tickLineSchema,
  writeLineSchema
} from '../shopping';
import { AMOUNT, command, type Command } from './command';

const ofLine = z.object({ lineId: z.string(), name: z.string() });

/** What the pantry holds, and what is bought for it. */
export const SHOPPING = {
  'count-goods': command(
    countGoodsSchema,
    z.object({ name: z.string(), on: z.string() }),
    [...AMOUNT, 'salt-unknown', 'goods-unknown', 'name-taken'],
    (a) => `${a.name} counted`
  ),
  'write-line': command(writeLineSchema, ofLine, ['line-there'], (a) => `On the list: ${a.name}`),
  'strike-line': command(strikeLineSchema, ofLine, ['list-line-unknown'], (a) => `Off the list: ${a.name}`),
  'tick-line': command(
    tickLineSchema,
    ofLine.extend({ isIn: z.boolean() }),
    ['list-line-unknown', 'price-out-of-range'],
    (a) => `${a.name}: ${a.isIn ? 'in the basket' : 'out of the basket'}`
  ),
  'bring-home': command(
    bringHomeSchema,
    z.object({ lines: z.number() }),
    [...AMOUNT, 'basket-empty', 'goods-unknown'],
    (a) => `Home: ${a.lines} line${a.lines === 1 ? '' : 's'} off the list`
  )
} as const satisfies Record<string, Command>;
