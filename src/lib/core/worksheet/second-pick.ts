import type { Learned } from '../learn/index';
import type { Crop } from '../produce/index';
import { as } from '../quantity/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { brineDensity, saltForEquilibrium, weighOut, type SaltKind } from '../salt/index';
import { cutFor, type Style } from '../style/index';
import { WATER_C } from './brined';
import { fillsPerMl, packsOf } from './prepare';

/** A vessel that stands, as far as a second pick needs it. */
export interface VesselWithRoom {
  readonly usableMl: number;
  readonly vegRoomMl: number;
  /** Where its salt ends now, mass fraction. */
  readonly equilibrium: number;
}

export interface SecondPick {
  readonly vegG: number;
  readonly roomMl: number;
  /** g of the household's salt, and pure. */
  readonly saltG: number;
  readonly naclG: number;
  /** Brine that the new pieces push out, ml: draw it off and keep it. 0 for shreds, which bring their own juice. */
  readonly drawOffMl: number;
  /** Share of the room that is taken afterwards. */
  readonly fill: number;
}

/**
 * A second pick into a vessel that stands: the salt that keeps its salinity, S = s/(1−s) × water in the new
 * vegetables, and the room it takes. Refuses what does not go in any more and a vessel whose salt nobody knows.
 * Example: 2000 g of white cabbage into a crock at 2.2 % want 41.5 g of pure salt.
 */
export function secondPick(
  items: readonly { readonly crop: Crop; readonly preparedG: number }[],
  into: VesselWithRoom,
  s: Style,
  salt: SaltKind,
  packings: Readonly<Record<string, Learned>> = {}
): Outcome<SecondPick> {
  const rows = items.map((i) => ({ ...i, c: i.crop, cut: cutFor(s, i.crop) }));
  const vegG = rows.reduce((a, r) => a + r.preparedG, 0);
  if (!(vegG > 0)) return refuse('bench-empty', { field: 'items' });
  if (!(into.equilibrium > 0)) return refuse('salt-not-known', { field: 'fillingId' });
  const roomMl = rows.reduce(
    (a, r) => a + r.preparedG / fillsPerMl(r.c, r.cut, packsOf(s, r.c, s.salting, packings).fraction),
    0
  );
  const freeMl = into.usableMl - into.vegRoomMl;
  if (roomMl > freeMl + 0.03 * into.usableMl)
    return refuse('crock-full', {
      field: 'fillingId',
      values: { wantsMl: Math.round(roomMl), freeMl: Math.max(0, Math.round(freeMl)) }
    });
  const waterG = rows.reduce((a, r) => a + r.preparedG * r.c.moisture, 0);
  const naclG = saltForEquilibrium(as.equilibriumSalinity(into.equilibrium), waterG);
  const flesh = rows.reduce((a, r) => a + r.preparedG / (r.c.soakedDensity ?? r.c.density), 0);
  return done({
    vegG,
    roomMl,
    naclG,
    saltG: weighOut(naclG, salt),
    drawOffMl: s.salting === 'brine' ? flesh : 0,
    fill: (into.vegRoomMl + roomMl) / into.usableMl
  });
}

/** Grams of brine that so many ml are. Example: 100 ml of 2 % are `101.2`. */
export const drawnG = (ml: number, equilibrium: number): number =>
  ml * brineDensity(as.trueStrength(equilibrium), WATER_C);
