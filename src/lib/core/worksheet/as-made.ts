import { brought, equilibriumSalinity } from '../salt/index';
import type { JarCard, Worksheet } from './types';

/** What was really done of what was planned, as shares of it; 1 is as planned. */
export interface AsMade {
  /** Brine that went into the jars. */
  readonly poured?: number;
  /** Salt that was weighed out. */
  readonly salted?: number;
}

/**
 * Where the salt of a worksheet ends as it was really made: NaCl over NaCl and all water, with so much of the brine
 * poured and so much of the salt weighed. Brine that was there already has its own salt.
 * Example: kraut planned at 2.2 % and salted with 1.1 times its dose ends at `0.0241`.
 */
export function endsAsMade(w: Worksheet, { poured = 1, salted = 1 }: AsMade): number {
  if (salted === 1 && (!w.brine || poured === 1)) return w.ends.equilibrium;
  const share = w.packedG / w.prepared.mean;
  const vegWaterG = w.rinse
    ? w.rinse.waterG * share
    : w.items.reduce((a, i) => a + i.prepared.mean * i.crop.moisture * share, 0);
  const extra = brought(w.extras);
  const stockG = (w.brine?.fromStock ?? []).reduce((a, s) => a + s.naclG, 0);
  const fresh = w.salt.naclG > 0 ? w.salt.naclG / (w.salt.naclG + stockG) : 1;
  const inBrineG = w.jars.reduce((a, j) => a + brineSalt(j, w), 0);
  const rubbedG = w.jars.reduce((a, j) => a + j.naclG, 0) - inBrineG;
  return equilibriumSalinity({
    naclG:
      rubbedG * salted +
      inBrineG * poured * (fresh * salted + 1 - fresh) +
      (extra.naclG + (w.rinse?.naclG ?? 0)) * share,
    waterG: w.jars.reduce((a, j) => a + j.waterG, 0) * poured + extra.waterG * share,
    vegG: w.packedG,
    vegWaterG
  });
}

const brineSalt = (j: JarCard, w: Worksheet) =>
  w.brine ? (j.waterG * w.brine.strength) / (1 - w.brine.strength) : 0;
