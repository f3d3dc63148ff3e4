import type { FINISH_NOTED, PULP_TO, REST_TO } from '../core/batch';
import type { ObjectKind } from '../core/run';

/** One of what has to come out of a jar, and several. */
export const OBJECT_OUT: Readonly<Record<ObjectKind, readonly [one: string, more: string]>> = {
  weight: ['weight', 'weights'],
  bag: ['spice bag', 'spice bags'],
  leaf: ['whole leaf', 'whole leaves'],
  stick: ['stick', 'sticks']
};

/** So many of it. Example: `2 weights`. */
export const objectsOut = (kind: ObjectKind, n: number): string =>
  n === 1 ? `the ${OBJECT_OUT[kind][0]}` : `${n} ${OBJECT_OUT[kind][1]}`;

export const PULP_WORDS: Readonly<Record<(typeof PULP_TO)[number], string>> = {
  kept: 'dried for seasoning',
  thrown: 'thrown away'
};
export const LEFT_OVER_WORDS: Readonly<Record<(typeof REST_TO)[number], string>> = {
  eaten: 'is eaten now',
  thrown: 'is thrown away'
};

/** What was noted of a finishing, said before its batch's name. */
export const FINISH_SAID: Readonly<Record<(typeof FINISH_NOTED)[number], string>> = {
  begun: 'Begun to finish',
  out: 'Counted out',
  inAgain: 'Still in there',
  drained: 'Brine weighed',
  bowl: 'In the bowl, noted',
  weighed: 'Sauce weighed'
};

/** Before the blade: what hurts. */
export const BLADE_CAUTION =
  'Hot peppers: gloves, a window open, the lid on the blender, your face away when it comes off. Let nothing hot into cold glass.';
/** Sugar in a live sauce. */
export const SWEET_CAUTION =
  'Sugar and fresh things feed it: it gasses again. Keep it cold, leave room, open it over the sink.';
/** What a live sauce does in a bottle. */
export const LIVE_CAUTION =
  'A live sauce goes on gassing: into the cold, or a cap that is not tight. A clamped or screwed bottle on the counter can burst. Heated for the pantry only by a tested recipe.';
/** At or under this it keeps best; handbook of the trade: over it add acid and measure again. */
export const SAUCE_PH = 4;
/** What a measured pH means for a sauce; null: not measured. */
export function sauceSays(pH: number | null): string {
  if (pH === null) return 'Not measured since it was blended. Stir well, measure at room temperature.';
  if (pH > SAUCE_PH)
    return `Over ${SAUCE_PH.toFixed(1)}: add acid, stir, wait ten minutes, measure again. What stays over it is eaten soon, from the cold.`;
  return 'It keeps well in the cold. That is no word on the pantry, and none on selling it: ask your local rules.';
}
/** Put back by taste, of the brine that ran off. Common practice, no source. */
export const BACK_SHARE = { from: 0.2, to: 0.6 };
