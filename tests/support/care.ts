import type { WallMinute } from '$lib/core/calendar';
import { careBy, type CareHouse } from '$lib/core/care';
import { FIRST_PRIOR, knowsOf, type HouseKnows } from '$lib/core/outlook';
import { USUAL_ROUNDS, type Household, type Place, type Rounds } from '$lib/core/kit';

/** Care of a household that has taught nothing yet. */
export const careOf = (household: Household, now: WallMinute): CareHouse =>
  careBy(knowsOf(household, []), now);

/** The same, of places only. */
export const careAt = (places: readonly Place[], now: WallMinute, rounds?: Rounds): CareHouse =>
  careBy(knowsAt(places, rounds), now);
/** What a household knows that has never made anything. */
export const knowsAt = (places: readonly Place[], rounds: Rounds = USUAL_ROUNDS): HouseKnows => ({
  ...{ places, rounds, sugars: {} },
  rateOf: () => NEW
});
/** How fast a style goes in a household that has never made it. */
export const NEW = { prior: FIRST_PRIOR, batches: 0 };
