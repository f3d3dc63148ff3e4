import type { WallMinute } from '../core/calendar';
import type { StageFrom } from '../core/outlook';
import { STAGE_WORDS } from './outlook';

/** How sour a stored jar is and will be. Example: `By this guess mild now, still mild till 12 Jan, tangy from then on.` */
export function storedSays({ stage, next }: StageFrom, day: (at: WallMinute) => string): string {
  const now = STAGE_WORDS[stage];
  if (stage === 'fullySour') return `By this guess ${now}: the cold keeps it about as it is.`;
  return next
    ? `By this guess ${now} now, still ${now} till ${day(next.at)}, ${STAGE_WORDS[next.stage]} from then on.`
    : `By this guess ${now} now, and it will hardly get sourer here.`;
}
