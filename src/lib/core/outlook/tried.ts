import type { WallMinute } from '../calendar/index';
import type { Inside } from '../forecast/index';
import type { Lid } from '../vessel/index';
import type { Ahead } from './types';

/** What is tried on a jar before it is risked; null: as it is. */
export interface Tried {
  readonly tempC: number | null;
  /** Where its salt would settle, mass fraction. */
  readonly salt: number | null;
  /** How thick its pieces would be, mm, and how much fresh sour brine a kilo would get, g: only before it has begun. */
  readonly thickMm: number | null;
  readonly starterG: number | null;
  readonly lid: Lid | null;
}
export const AS_IT_IS: Tried = { tempC: null, salt: null, thickMm: null, starterG: null, lid: null };

/** Cutting sets sugar free by the surface it makes, and no more than shredding does. Set. */
const MOST_FREE = 0.7;

/** A jar as it would be: before its start all of it, afterwards from now on. */
export function triedOn(base: Ahead, t: Tried, begun: boolean): Ahead {
  const at = begun ? base.now : base.from;
  const airs =
    t.tempC === null
      ? base.airs
      : [...base.airs.filter((a) => begun && a.from < at), { from: at, tempC: t.tempC, swingC: 0 }];
  const inside = begun ? resalted(base, t.salt, at) : cutOtherwise(base.inside, t);
  return { ...base, airs, inside, vessel: { ...base.vessel, lid: t.lid ?? base.vessel.lid } };
}

function resalted({ inside, from }: Ahead, salt: number | null, at: WallMinute): Inside {
  if (salt === null) return inside;
  return { ...inside, later: [...(inside.later ?? []), { hours: (at - from) / 60, settles: salt }] };
}

function cutOtherwise(inside: Inside, { salt, thickMm, starterG }: Tried): Inside {
  const { poured, settles } = inside;
  const radiusMm = thickMm === null ? inside.radiusMm : thickMm / 2;
  return {
    ...inside,
    settles: salt ?? settles,
    poured: salt === null || poured === null ? poured : Math.min(0.26, (poured * salt) / settles),
    radiusMm,
    skin: thickMm === null ? inside.skin : 1,
    free: thickMm === null ? inside.free : Math.min(MOST_FREE, (inside.free * inside.radiusMm) / radiusMm),
    starter: starterG === null ? inside.starter : { g: starterG, months: 0 }
  };
}
