import type { WallMinute } from '$lib/core/calendar';
import { careBy, type CareHouse } from '$lib/core/care';
import { FIRST_PRIOR, knowsOf, type HouseKnows } from '$lib/core/outlook';
import type { Household, Place } from '$lib/core/kit';

/** Care of a household that has taught nothing yet. */
export const careOf = (household: Household, now: WallMinute): CareHouse =>
  careBy(knowsOf(household, []), now);

/** The same, of places only. */
export const careAt = (places: readonly Place[], now: WallMinute): CareHouse =>
  careBy({ places, sugars: {}, rateOf: () => NEW } satisfies HouseKnows, now);
/** How fast a style goes in a household that has never made it. */
export const NEW = { prior: FIRST_PRIOR, batches: 0 };
