import { madeAcid } from '../correct/index';
import type { Inside } from './types';

const LACTIC_PKA = 3.86;
/** % as lactic acid per mmol/kg. */
const TA_PER_MMOL = 0.009008;

/** Titratable acidity, % as lactic, of so much made acid, mmol/kg. */
export const acidityOf = ({ ta0 }: Pick<Inside, 'ta0'>, acid: number): number => ta0 + acid * TA_PER_MMOL;

/** Undissociated of so much made acid at a pH, mmol/kg. Example: 100 at 3.880 is `48.8`. */
export const undissociated = (acid: number, pH: number): number => acid / (1 + 10 ** (pH - LACTIC_PKA));

/** How sour it tastes, mmol/kg: protonated acid and hydrogen ions. Da Conceição Neta et al. 2007, recalled from memory. */
export const sourIndex = (acid: number, pH: number): number => undissociated(acid, pH) + 1000 * 10 ** -pH;

const POINTS = 800;
const WALK_PH = 0.004;

/** pH and sourness by made acid, as a table of even steps: the charge balance is explicit the other way round. */
export class AcidTable {
  private readonly pHs = new Float64Array(POINTS + 1);
  /** Undissociated acid at each point, mmol/kg, and how much made acid lies between two: for loops that walk it themselves. */
  readonly free = new Float64Array(POINTS + 1);
  readonly step: number;

  /** @param most made acid that is ever asked for, mmol/kg */
  constructor(
    private readonly inside: Pick<Inside, 'buffer' | 'pH0'>,
    most: number
  ) {
    this.step = Math.max(most, 1e-6) / POINTS;
    let [pH, acid] = [inside.pH0, 0];
    let [pHBefore, acidBefore] = [pH, acid];
    for (let i = 0; i <= POINTS; i++) {
      const wanted = i * this.step;
      while (acid < wanted) {
        [pHBefore, acidBefore] = [pH, acid];
        pH -= WALK_PH;
        acid = madeAcid(inside, pH);
      }
      const share = acid > acidBefore ? (wanted - acidBefore) / (acid - acidBefore) : 0;
      this.pHs[i] = pHBefore + share * (pH - pHBefore);
      this.free[i] = undissociated(wanted, this.pHs[i]!);
    }
  }

  /** pH of so much made acid, mmol/kg. Example: buffer 23, pH0 6.1, 100 mmol/kg: `3.880`. */
  pH(acid: number): number {
    return this.at(this.pHs, acid);
  }
  /** Undissociated acid, mmol/kg. */
  undissociated(acid: number): number {
    return this.at(this.free, acid);
  }
  /** Sour index of so much made acid, mmol/kg. */
  sour(acid: number): number {
    return this.undissociated(acid) + 1000 * Math.exp(-Math.LN10 * this.pH(acid));
  }

  /** Made acid at a pH, mmol/kg. */
  acidAt(pH: number): number {
    return Math.max(0, madeAcid(this.inside, pH));
  }

  /** Made acid at which it is so sour, mmol/kg; beyond the table it is infinite. Bisection: sourness rises with acid. */
  acidOfSour(index: number): number {
    let [low, high] = [0, POINTS * this.step];
    if (this.sour(high) < index) return Infinity;
    if (this.sour(low) >= index) return 0;
    while (high - low > 1e-9 * POINTS * this.step) {
      const middle = (low + high) / 2;
      if (this.sour(middle) < index) low = middle;
      else high = middle;
    }
    return high;
  }

  private at(of: Float64Array, acid: number): number {
    const x = Math.min(POINTS, Math.max(0, acid / this.step));
    const i = Math.min(POINTS - 1, Math.floor(x));
    return of[i]! + (x - i) * (of[i + 1]! - of[i]!);
  }
}
