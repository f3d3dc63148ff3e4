import { isDay, type Day } from '../calendar/index';
import { bareMass, readWeight } from '../reading/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { STYLES } from '../style/index';
import type { Dish, PlannedDish } from './days';
import { waysOf, type Household, type HouseholdEvent } from './kit';

/** A dish as it is said: how much of which ferment goes into a serving, as typed. */
export interface DishSaid {
  readonly dishId?: string | undefined;
  readonly name: string;
  readonly uses: readonly { readonly styleId: string; readonly weight: string }[];
  readonly command: string;
}

/** A dish of the household that eats ferments; a name said again is that dish, cooked otherwise. */
export function dishSaid(house: Household, said: DishSaid): Outcome<HouseholdEvent & { type: 'dishSaid' }> {
  const { name, command } = said;
  const ways = waysOf(house);
  const uses: { styleId: string; g: number }[] = [];
  for (const { styleId, weight } of said.uses) {
    if (!STYLES.some((s) => s.id === styleId)) return refuse('style-unknown', { field: 'uses' });
    const read = readWeight(weight, 'uses', ways, bareMass(ways));
    if (!read.ok) return read;
    // Said twice, it is more of the same.
    const same = uses.find((u) => u.styleId === styleId);
    if (same) same.g += read.value.g;
    else uses.push({ styleId, g: read.value.g });
  }
  if (uses.length === 0) return refuse('dish-of-nothing', { field: 'uses' });
  const same = house.dishes.find((d) => d.name.toLowerCase() === name.toLowerCase());
  const id = said.dishId ?? same?.id ?? command;
  return done({ type: 'dishSaid', data: { id, name, uses } });
}

/** It is no longer cooked. */
export const dishDropped = (house: Household, id: string): Outcome<HouseholdEvent> =>
  house.dishes.some((d) => d.id === id)
    ? done({ type: 'dishDropped', data: { id } })
    : refuse('dish-unknown', { field: 'dishId' });

/** So many servings of a dish on a day to come: its ferments are spoken for. */
export function dishPlanned(
  house: Household,
  said: { readonly dishId: string; readonly servings: number; readonly day: Day; readonly command: string },
  today: Day
): Outcome<HouseholdEvent & { type: 'dishPlanned' }> {
  const { dishId, servings, day, command: id } = said;
  if (!house.dishes.some((d) => d.id === dishId)) return refuse('dish-unknown', { field: 'dishId' });
  if (!isDay(day)) return refuse('day-strange', { field: 'day' });
  if (day < today) return refuse('dish-day-past', { field: 'day' });
  return done({ type: 'dishPlanned', data: { id, dishId, servings, day } });
}

/** Not after all. */
export const plannedDropped = (house: Household, id: string): Outcome<HouseholdEvent> =>
  house.plannedDishes.some((p) => p.id === id)
    ? done({ type: 'plannedDropped', data: { id } })
    : refuse('dish-unknown', { field: 'plannedId' });

/** What planned dishes take: of which style how much on which day, g. Those of days gone by take nothing. */
export function plannedUses(
  {
    dishes,
    plannedDishes
  }: { readonly dishes: readonly Dish[]; readonly plannedDishes: readonly PlannedDish[] },
  today: Day
): { readonly plannedId: string; readonly styleId: string; readonly day: Day; readonly g: number }[] {
  return plannedDishes
    .filter((p) => p.day >= today)
    .flatMap((p) =>
      (dishes.find((d) => d.id === p.dishId)?.uses ?? []).map((u) => ({
        ...{ plannedId: p.id, styleId: u.styleId, day: p.day },
        g: u.g * p.servings
      }))
    );
}
