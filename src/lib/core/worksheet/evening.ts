import type { Cut } from '../produce/index';
import { BRUISED_D, evenAfterHours, RAW_FLESH_D } from '../salt/index';
import type { Salting } from '../style/index';
import { PIECE_RADIUS, pieceRadius } from '../vessel/index';

/** How salt evens out in what is packed: the thickest piece is the last to have it. */
export interface EveningOut {
  readonly radiusMm: number;
  /** m²/s. */
  readonly d: number;
  /** Until it is 95 % even. */
  readonly hours: number;
}

/** Between the pieces of a jar that nobody stirs it takes an hour at least. Common practice, no source. */
const STIRRED_HOURS = 1;

/**
 * The one rule of evening out: what is rubbed with salt is bruised by it and lets it in, but for rings and strips that keep
 * their shape; what has soured lets it in as well.
 */
export function eveningOut(
  pieces: readonly { readonly cropId: string; readonly cut: Cut }[],
  salting: Salting,
  soured = false
): EveningOut {
  const radiusMm = Math.max(PIECE_RADIUS.shred, ...pieces.map((p) => pieceRadius(p.cropId, p.cut)));
  const whole = pieces.length > 0 && pieces.every((p) => p.cut === 'ring' || p.cut === 'strip');
  const d = soured || (salting !== 'brine' && !whole) ? BRUISED_D : RAW_FLESH_D;
  return { radiusMm, d, hours: Math.max(STIRRED_HOURS, evenAfterHours(radiusMm, d)) };
}
