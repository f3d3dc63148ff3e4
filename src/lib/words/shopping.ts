import type { Goods, ToBuy } from '../core/pantry';
import { writeMass, writeVolume, type WrittenUnits } from '../core/quantity';
import { wall } from '../core/calendar';
import { dayAndYear } from './dates';

/** An amount of goods, as they are counted. */
export const goodsAmount = (g: Goods, units: WrittenUnits, n = g.amount): string =>
  g.unit === 'pieces' ? String(Math.round(n)) : g.unit === 'ml' ? writeVolume(n, units) : writeMass(n, units);

/** Why a line stands on the shopping list. */
export function whyBought({ why, goods, lacks }: ToBuy, units: WrittenUnits): string {
  if (!goods) return 'on the list by hand';
  if (why === 'wanted')
    return `what is being made or planned wants ${goodsAmount(goods, units, lacks)} more than there is`;
  if (why === 'old' && goods.useBy) return `good until ${dayAndYear(wall(goods.useBy, 12))}: too old now`;
  return goods.amount > 0 ? `${goodsAmount(goods, units)} left` : 'none left';
}

/** The list as plain text, for a message or a paper. */
export const listText = (list: readonly ToBuy[], units: WrittenUnits): string =>
  list
    .filter((l) => !l.inBasket)
    .map((l) => (l.goods ? `- ${l.name} (${whyBought(l, units)})` : `- ${l.name}`))
    .join('\n');
