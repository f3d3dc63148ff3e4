import { plus, salinityIn } from '../contents/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { partsAsMade } from './as-made';
import type { JarCard, Worksheet } from './answers';
import { ownedSizes } from './jars';
import type { SideJar, WorksheetInput } from './types';
import { worksheet } from './worksheet';

/** A jar of its own for what is over, and its figures. */
export interface OwnJar {
  readonly jarId: string;
  readonly card: JarCard;
  /** Where its own salt settles: a jar with more brine to its vegetables than the others settles elsewhere. */
  readonly settles: number;
  /** Brine beyond what is mixed already, ml; 0: the reserve is enough, or none is poured. */
  readonly mixMoreMl: number;
}

/** As many as one would choose among with wet hands. */
const MOST = 2;

/**
 * Jars of their own for what is over when the others are packed, the smallest first: each is free beside the set, takes
 * all of it, and is at least a third full. The others keep what they hold. Refuses more than there is.
 *
 * @param leftG what is over, prepared, g
 */
export function ownJars(input: WorksheetInput, sheet: Worksheet, leftG: number): Outcome<OwnJar[]> {
  const thereG = sheet.prepared.mean;
  if (leftG >= thereG)
    return refuse('more-than-there-is', { field: 'side', values: { saidG: leftG, thereG } });
  const { side: _, ...plain } = input;
  const main = withoutSide(sheet.chosen.counts, input.side);
  const jars = ownedSizes(input.jars)
    .filter((z) => z.free > (main[z.id] ?? 0) && !z.crock)
    .sort((a, b) => a.usableMl - b.usableMl)
    .flatMap((z) => {
      const counts = { ...main, [z.id]: (main[z.id] ?? 0) + 1 };
      const made = worksheet({ ...plain, counts, side: { jarId: z.id, g: leftG } });
      const card = made.ok ? made.value.jars.at(-1) : undefined;
      // What is heaped beyond the fill line does not fit.
      return made.ok && card && takes(card, leftG) ? [ownJar(z.id, card, made.value, sheet)] : [];
    })
    .slice(0, MOST);
  return done(jars);
}

/** The jars of a set without the one that what was over had of its own. */
export function withoutSide(
  counts: Readonly<Record<string, number>>,
  side: SideJar | undefined
): Record<string, number> {
  return side ? { ...counts, [side.jarId]: Math.max(0, (counts[side.jarId] ?? 0) - 1) } : { ...counts };
}

const LEAST_FULL = 1 / 3;
const takes = (card: JarCard, leftG: number): boolean =>
  card.vegG >= leftG * 0.999 &&
  card.vegRoomMl < card.usableMl &&
  card.vegRoomMl >= LEAST_FULL * card.usableMl;

function ownJar(jarId: string, card: JarCard, made: Worksheet, before: Worksheet): OwnJar {
  const parts = partsAsMade(made).at(-1) ?? [];
  return {
    ...{ jarId, card },
    settles: salinityIn(plus(...parts.map((p) => p.what))),
    mixMoreMl: Math.max(0, (made.brine?.inJarsMl ?? 0) - (before.brine?.mixMl ?? 0))
  };
}
