import { as, band, gaussian, type Band } from '../quantity/index';
import { brineDensity, saltKind } from '../salt/index';
import { byBulk } from '../vessel/index';
import { WATER_C } from './brined';
import type { Worksheet } from './answers';

export interface Bands {
  /** Brine that the jars really take, ml; null where none is poured. */
  readonly brineMl: Band | null;
  readonly ends: Band;
  /** Chance that everything goes into these jars, 0-1. */
  readonly fits: number;
  readonly draws: number;
}

/** Spread of a packing fraction from hand to hand, relative. Common practice, no source. */
const PACKING_REL_SD = 0.06;

/** A hand that must presses so much tighter than usual. Common practice, no source. */
const PRESSED = 1.06;

/**
 * Error bands by drawing: weights, moisture, flesh density, packing and purity are drawn together, the salt weighed
 * and the brine's strength stay as planned, and the jars are filled to the line. Same seed, same bands.
 * Example: the band of where the salt ends holds the worksheet's own ± (which is linear) within a quarter.
 */
export function bands(w: Worksheet, draws = 2000, seed = 1): Bands {
  const normal = gaussian(seed);
  const kind = saltKind(w.saltKindId);
  const roomMl = w.chosen.roomMl;
  const share = w.packedG / w.prepared.mean;
  const brined = w.salting === 'brine' && w.brine !== null;
  const strength = w.brine?.strength ?? as.trueStrength(0);
  const gPerMl = brineDensity(strength, WATER_C);
  const extraNacl = w.extras.reduce((a, e) => a + e.naclG, 0) * share;
  const dryNacl = w.jars.reduce((a, j) => a + j.naclG, 0);
  const addedWater = w.jars.reduce((a, j) => a + j.waterG, 0);
  const brine: number[] = [];
  const ends: number[] = [];
  let fit = 0;
  for (let n = 0; n < draws; n++) {
    const purity = kind
      ? clamp(1 + (normal() * (kind.purityHigh - kind.purityLow)) / 3.29 / kind.purity, 0.9, 1.1)
      : 1;
    const { fleshMl, waterG, needMl } = drawn(w, share, normal);
    const pouredMl = brined ? Math.max(0, roomMl - fleshMl) : 0;
    const naclG =
      (brined ? pouredMl * gPerMl * strength : dryNacl) * purity + extraNacl + rinsedNacl(w, share, normal);
    const allG = naclG + waterG + (brined ? pouredMl * gPerMl * (1 - strength) : addedWater);
    brine.push(pouredMl);
    ends.push(naclG / allG);
    if (needMl <= roomMl * PRESSED) fit++;
  }
  return { brineMl: brined ? band(brine) : null, ends: band(ends), fits: fit / draws, draws };
}

/** The vegetables as they might be: volume of their flesh, their water, the room they take. */
function drawn(w: Worksheet, share: number, normal: () => number) {
  let [fleshMl, waterG, needMl] = [0, 0, 0];
  for (const i of w.items) {
    const c = i.crop;
    const g = Math.max(0, i.prepared.mean + normal() * i.prepared.sd) * share;
    const moisture = clamp(c.moisture + normal() * c.moistureSd, 0.3, 0.99);
    const density = Math.max(0.3, c.density + normal() * c.densitySd);
    fleshMl += g / (c.soakedDensity === undefined ? density : c.soakedDensity);
    waterG += g * moisture;
    const bulk = byBulk(i.cut, i.packing)
      ? 1 + normal() * 0.03
      : density * i.packing * (1 + normal() * PACKING_REL_SD);
    needMl += g / bulk;
  }
  return { fleshMl, waterG: w.rinse ? w.rinse.waterG * share : waterG, needMl };
}

const rinsedNacl = (w: Worksheet, share: number, normal: () => number): number =>
  w.rinse ? Math.max(0, w.rinse.naclG + normal() * w.rinse.naclSd) * share : 0;

const clamp = (x: number, low: number, high: number): number => Math.min(high, Math.max(low, x));
