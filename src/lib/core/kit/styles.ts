import {
  style,
  styleIn,
  styleLike,
  STYLES,
  type OwnCut,
  type Range,
  type Style,
  type StyleSaid
} from '../style/index';
import { UNITS, writeMass } from '../quantity/index';
import { bareMass, readWeight } from '../reading/index';
import { done, refuse, type FieldName, type Outcome } from '../refusal/index';
import type { Cut } from '../produce/index';
import { waysOf, type Household, type HouseholdEvent } from './kit';
import { ofThatName } from './names';

/** An own way of making a style as it is typed: percent, days and months, null where nothing was typed. */
export interface StyleTyped {
  /** Which; left out: a new one. */
  readonly styleId?: string | undefined;
  /** The style of the table that a new one is a way of making. */
  readonly like: string;
  readonly name: string;
  readonly salt: number | null;
  readonly daysFrom: number | null;
  readonly daysTo: number | null;
  readonly monthsFrom: number | null;
  readonly monthsTo: number | null;
  /** Its own cut: what it is like (empty: as the style cuts), what it is called, and what a litre or quart of jar takes of it. */
  readonly cutLike: Cut | '';
  readonly cutName: string;
  readonly cutWeight: string;
}

/** Flesh fills at least and at most so much of a jar's room. Our judgement. */
const FILLS = { from: 0.2, to: 0.98 };

/** What is the larger measure of a jar in this household, ml. */
export const jarMeasureMl = ({ units }: Pick<Household, 'units'>): number =>
  units === 'US' ? UNITS.usQuart.factor : 1000;

/** Days on the counter may be so many times the style's own, shorter and longer. Common practice, no source. */
const DAYS = { from: 0.5, to: 2 };

/**
 * A way of its own to make a style, within what keeps it safe: salt within the style's range, days within half and twice
 * its own, never kept longer in the cold; the day of the pH line is never the household's to move.
 */
export function styleTyped(
  house: Household,
  said: StyleTyped
): Outcome<HouseholdEvent & { type: 'styleSaid' }> {
  const field: FieldName = said.styleId === undefined ? 'like' : 'styleId';
  const table = said.styleId === undefined ? STYLES.find((s) => s.id === said.like) : style(said.styleId);
  if (!table) return refuse('style-unknown', { field });
  if (said.styleId !== undefined && !house.styles.some((s) => s.id === said.styleId))
    return refuse('style-unknown', { field });
  if (said.name === '') return refuse('missing', { field: 'name' });
  const id = said.styleId ?? next(table, house);
  const same = ofThatName([...STYLES, ...house.styles.filter((s) => !s.retired)], said.name);
  if (same && same.id !== id) return refuse('name-taken', { field: 'name', values: { name: same.name } });
  const salt = said.salt === null ? null : Math.round(said.salt * 1e4) / 1e6;
  if (salt !== null && (salt < table.salt.from - 1e-9 || salt > table.salt.to + 1e-9))
    return outside('salt', table.salt.from * 100, table.salt.to * 100, '%', table);
  const days = rangeOf(said.daysFrom, said.daysTo, table.counterDays);
  const [least, most] = [table.counterDays.from * DAYS.from, table.counterDays.to * DAYS.to];
  if (days && (days.from < least || days.to > most || days.from > days.to))
    return outside('daysFrom', least, most, 'days', table);
  const months = rangeOf(said.monthsFrom, said.monthsTo, table.coldMonths);
  if (months && (months.to > table.coldMonths.to || months.from > months.to))
    return outside('monthsFrom', 0, table.coldMonths.to, 'months', table);
  const cut = cutTyped(house, said, table);
  if (!cut.ok) return cut;
  const data: StyleSaid = {
    ...{ id, name: said.name, usualSalt: salt, counterDays: days, coldMonths: months, retired: false },
    ...(cut.value ? { cut: cut.value } : {})
  };
  return done({ type: 'styleSaid', data });
}

/** A cut of its own, like one that the style allows; null where none is said. */
function cutTyped(house: Household, said: StyleTyped, table: Style): Outcome<OwnCut | null> {
  if (said.cutLike === '')
    return said.cutName === '' && said.cutWeight === ''
      ? done(null)
      : refuse('missing', { field: 'cutLike' });
  if (!table.cuts.includes(said.cutLike)) return refuse('not-a-choice', { field: 'cutLike' });
  if (said.cutName === '') return refuse('missing', { field: 'cutName' });
  const ways = waysOf(house);
  const read =
    said.cutWeight === '' ? done(null) : readWeight(said.cutWeight, 'cutWeight', ways, bareMass(ways));
  if (!read.ok) return read;
  const gPerLitre = read.value && (read.value.g / jarMeasureMl(house)) * 1000;
  // Vegetables weigh about as much as water: what a litre takes of them says how full it gets.
  if (gPerLitre !== null && (gPerLitre < FILLS.from * 1000 || gPerLitre > FILLS.to * 1000))
    return refuse('cut-weight-strange', {
      field: 'cutWeight',
      values: {
        from: writeMass(FILLS.from * jarMeasureMl(house), house.units),
        to: writeMass(FILLS.to * jarMeasureMl(house), house.units)
      }
    });
  return done({ name: said.cutName, like: said.cutLike, gPerLitre });
}

/** No longer offered. */
export function styleDropped(house: Household, id: string): Outcome<HouseholdEvent> {
  const said = house.styles.find((s) => s.id === id);
  return said && styleIn(id, house.styles)
    ? done({ type: 'styleSaid', data: { ...said, retired: true } })
    : refuse('style-unknown', { field: 'styleId' });
}

const next = (table: Style, house: Household): string =>
  `${table.id}_${house.styles.filter((s) => styleLike(s.id) === table.id).length + 1}`;

const rangeOf = (from: number | null, to: number | null, table: Range): Range | null =>
  from === null && to === null ? null : { from: from ?? table.from, to: to ?? table.to };

const outside = (field: FieldName, from: number, to: number, of: string, table: Style) =>
  refuse('outside-style', {
    field,
    values: { from: tenth(from), to: tenth(to), of, style: table.name.toLowerCase() }
  });
const tenth = (n: number) => Math.round(n * 10) / 10;
