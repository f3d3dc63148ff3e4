import { isDay, type Day } from '../calendar/index';
import { done, refuse, type Outcome } from '../refusal/index';
import type { Household, HouseholdEvent } from './kit';

/** So many eat here on each of these days, both included, as was said. */
export interface FeastSaid {
  readonly from: Day;
  readonly to: Day;
  readonly people: number;
  /** What it is; may be empty. */
  readonly name: string;
  readonly command: string;
}

/** A feast, guests, or some of the household elsewhere: what stands is eaten faster or slower then. */
export function feastPlanned({ from, to, people, name, command }: FeastSaid): Outcome<HouseholdEvent> {
  if (!isDay(from)) return refuse('day-strange', { field: 'from' });
  if (!isDay(to)) return refuse('day-strange', { field: 'to' });
  if (to < from) return refuse('feast-backwards', { field: 'to' });
  return done({ type: 'feastPlanned', data: { id: command, from, to, people, name } });
}

/** It does not take place. */
export function feastDropped(house: Pick<Household, 'feasts'>, id: string): Outcome<HouseholdEvent> {
  return house.feasts.some((f) => f.id === id)
    ? done({ type: 'feastDropped', data: { id } })
    : refuse('feast-unknown', { field: 'feastId' });
}
