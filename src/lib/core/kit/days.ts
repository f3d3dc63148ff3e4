import type { Day } from '../calendar/index';
import { withOne } from './lists';

/** Days on which nobody is here, both included. */
export interface Away {
  readonly id: string;
  readonly from: Day;
  readonly to: Day;
}

/** So many eat here on each of these days, both included. */
export interface Feast extends Away {
  readonly people: number;
  /** What it is; may be empty. */
  readonly name: string;
}

/** Days out of the ordinary: away, or with more or fewer at the table. */
export type DayEvent =
  | { readonly type: 'awayPlanned'; readonly data: Away }
  | { readonly type: 'awayDropped'; readonly data: { readonly id: string } }
  | { readonly type: 'feastPlanned'; readonly data: Feast }
  | { readonly type: 'feastDropped'; readonly data: { readonly id: string } };

interface Days {
  readonly away: readonly Away[];
  readonly feasts: readonly Feast[];
}

/** They after one more event. */
export function daysAfter(state: Days, event: DayEvent): Partial<Days> {
  switch (event.type) {
    case 'awayPlanned':
      return { away: withOne(state.away, event.data) };
    case 'awayDropped':
      return { away: state.away.filter((a) => a.id !== event.data.id) };
    case 'feastPlanned':
      return { feasts: withOne(state.feasts, event.data) };
    case 'feastDropped':
      return { feasts: state.feasts.filter((f) => f.id !== event.data.id) };
  }
}
