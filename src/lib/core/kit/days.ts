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

/** A dish that eats ferments: how much of which style goes into a serving, g of what is food in the jar. */
export interface Dish {
  readonly id: string;
  readonly name: string;
  readonly uses: readonly { readonly styleId: string; readonly g: number }[];
}

/** So many servings of it on a day. */
export interface PlannedDish {
  readonly id: string;
  readonly dishId: string;
  readonly servings: number;
  readonly day: Day;
}

/** Days out of the ordinary: away, with more or fewer at the table, with a dish that was planned. */
export type DayEvent =
  | { readonly type: 'dishSaid'; readonly data: Dish }
  | { readonly type: 'dishDropped'; readonly data: { readonly id: string } }
  | { readonly type: 'dishPlanned'; readonly data: PlannedDish }
  | { readonly type: 'plannedDropped'; readonly data: { readonly id: string } }
  | { readonly type: 'awayPlanned'; readonly data: Away }
  | { readonly type: 'awayDropped'; readonly data: { readonly id: string } }
  | { readonly type: 'feastPlanned'; readonly data: Feast }
  | { readonly type: 'feastDropped'; readonly data: { readonly id: string } };

interface Days {
  readonly away: readonly Away[];
  readonly feasts: readonly Feast[];
  readonly dishes: readonly Dish[];
  readonly plannedDishes: readonly PlannedDish[];
}

/** They after one more event. */
export function daysAfter(state: Days, event: DayEvent): Partial<Days> {
  switch (event.type) {
    case 'dishSaid':
      return { dishes: withOne(state.dishes, event.data) };
    case 'dishDropped':
      return {
        dishes: state.dishes.filter((d) => d.id !== event.data.id),
        plannedDishes: state.plannedDishes.filter((p) => p.dishId !== event.data.id)
      };
    case 'dishPlanned':
      return { plannedDishes: withOne(state.plannedDishes, event.data) };
    case 'plannedDropped':
      return { plannedDishes: state.plannedDishes.filter((p) => p.id !== event.data.id) };
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
