import { dayOfWall } from '../../core/calendar';
import { waysOf } from '../../core/kit';
import {
  goodsBrought,
  goodsCounted,
  lineStruck,
  lineTicked,
  lineWritten,
  type Shopping,
  type ShoppingEvent
} from '../../core/pantry';
import { done, refuse, type Outcome } from '../../core/refusal';
import type { Work } from '../db/kinds';
import { household, OURS, pantries, pantry, shopping, shoppings } from '../repos';
import { useCase } from './act';

/** Salt, spices, lids on the shelf counted: what there is now. */
export const countGoods = useCase('count-goods', async (work, input) => {
  const ways = waysOf(await household(work.trx));
  const said = { ...input, command: work.command };
  const decided = goodsCounted(await pantry(work.trx), said, ways);
  if (!decided.ok) return decided;
  await pantries.append(work, OURS, [decided.value]);
  return done({ name: decided.value.data.name, on: dayOfWall(work.wall) });
});

/** A person's own line on the list. */
export const writeLine = useCase('write-line', async (work, input) => {
  const written = await onList(work, (list) => lineWritten(list, input.line, work.command));
  return written.ok ? done({ lineId: work.command, name: input.line }) : written;
});

/** It is not wanted after all. */
export const strikeLine = useCase('strike-line', async (work, input) => {
  const name = (await nameOf(work, input.lineId)) ?? '';
  const struck = await onList(work, (list) => lineStruck(list, input.lineId));
  return struck.ok ? done({ lineId: input.lineId, name }) : struck;
});

/** A line into the basket, or out of it again. */
export const tickLine = useCase('tick-line', async (work, input) => {
  const shelf = await pantry(work.trx);
  const ticked = await onList(work, (list) => lineTicked(list, shelf, input));
  const name = (await nameOf(work, input.lineId)) ?? '';
  return ticked.ok ? done({ lineId: input.lineId, name, isIn: input.isIn }) : ticked;
});

/** Home: what was in the basket stands on the shelf, and is off the list. */
export const bringHome = useCase('bring-home', async (work, input) => {
  const list = await shopping(work.trx);
  const ids = Object.keys(list.basket);
  if (ids.length === 0) return refuse('basket-empty', { field: 'came' });
  const came = Object.fromEntries(Object.entries(input.came).filter(([id]) => ids.includes(id)));
  const brought = goodsBrought(await pantry(work.trx), came, waysOf(await household(work.trx)));
  if (!brought.ok) return brought;
  if (brought.value.length > 0) await pantries.append(work, OURS, brought.value);
  await shoppings.append(work, OURS, [{ type: 'broughtHome', data: { ids } }]);
  return done({ lines: ids.length });
});

async function onList(
  work: Work,
  ask: (list: Shopping) => Outcome<ShoppingEvent>
): Promise<Outcome<ShoppingEvent>> {
  const decided = ask(await shopping(work.trx));
  if (decided.ok) await shoppings.append(work, OURS, [decided.value]);
  return decided;
}

async function nameOf(work: Work, lineId: string): Promise<string | undefined> {
  const own = (await shopping(work.trx)).lines.find((l) => l.id === lineId);
  return own?.text ?? (await pantry(work.trx)).find((g) => g.id === lineId)?.name;
}
