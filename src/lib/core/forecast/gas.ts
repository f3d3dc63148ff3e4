import type { Lid } from '../vessel/index';
import type { StyleSour } from './types';

/** The vessel as its gas knows it. */
export interface GasVessel {
  readonly massKg: number;
  /** Litres over the contents. */
  readonly headspaceL: number;
  readonly lid: Lid;
}

/** Gas of a course, by steps of `stepHours`. */
export interface Gas {
  readonly stepHours: number;
  /** What leaves the contents, and what of it is seen as bubbles, ml/(kg·h). */
  readonly rate: Float64Array;
  readonly bubbles: Float64Array;
  /** Over that of the air, bar. */
  readonly pressure: Float64Array;
  /** By how much the contents swell, share of their volume. */
  readonly lift: Float64Array;
  /** Dissolved at the end, and let out by then, mmol/kg: together all that was made. */
  readonly dissolved: number;
  readonly letOut: number;
}

/** l·atm/(mmol·K). */
const RG = 8.2057e-5;
const ZERO_C = 273.15;
/** Surface exchange, 1/h; bubbles, 1/h; what a bubble needs beyond balance, atm; a seal lets air in under it, atm. Set. */
const SET = { surface: 0.01, bubbles: 0.7, over: 0.03, least: 0.8, air: 0.78, most: 0.8 };
/** How far a lid that lets gas out holds it, atm, and how much air comes in through it, 1/h. Set. */
const POPS: Readonly<Record<Lid, number>> = {
  ...{ airlock: 0.01, 'water channel': 0.01, valve: 0.06 },
  ...{ loose: 0, cloth: 0, clamped: 0 }
};
const VENTS: Readonly<Partial<Record<Lid, number>>> = { loose: 0.05, cloth: 1 };

/** Carbon dioxide that a kilo holds at 1 atm of it, mmol. Henry's law, tables recalled from memory. Example: 20 °C `39.0`. */
export const holdsGas = (tempC: number): number => 34 * Math.exp(2400 * (1 / (tempC + ZERO_C) - 1 / 298.15));

/** The gas of one vessel, step by step. */
export class GasState {
  /** Dissolved, mmol/kg; in the headspace all and carbon dioxide, mmol; bubbles so far, ml/kg. */
  private c = 0;
  private all: number;
  private co2 = 0;
  private bubbled = 0;
  private out = 0;
  rate = 0;
  bubbles = 0;
  pressure = 0;
  lift = 0;

  constructor(
    private readonly vessel: GasVessel,
    private readonly style: Pick<StyleSour, 'holdHours' | 'air'>,
    tempC: number
  ) {
    this.all = vessel.headspaceL / (RG * (tempC + ZERO_C));
  }

  get dissolved(): number {
    return this.c;
  }
  get letOut(): number {
    return this.out;
  }

  /** A copy that goes its own way. */
  fork(): GasState {
    return Object.assign(Object.create(GasState.prototype) as GasState, this);
  }

  /** The share of air that still helps bubbles along, atm. */
  private helps(): number {
    return SET.air * Math.exp(-this.bubbled / (2 * (16 + 1000 * this.style.air)));
  }

  /** @param made carbon dioxide, mmol/(kg·h), over `hours` */
  step(made: number, tempC: number, hours: number): void {
    const { massKg: m, headspaceL: v, lid } = this.vessel;
    const tk = tempC + ZERO_C;
    const kH = holdsGas(tempC);
    const clamped = lid === 'clamped';
    if (!clamped) {
      const full = ((1 + POPS[lid]) * v) / (RG * tk);
      if (full < this.all) this.co2 *= full / this.all;
      this.all = full;
    }
    const pAbs = (this.all * RG * tk) / v;
    const pCo2 = (this.co2 * RG * tk) / v;
    const q = Math.min(this.c / 2, Math.max(-this.co2 / (2 * m), SET.surface * (this.c - kH * pCo2) * hours));
    this.c -= q;
    const g = this.bubbling(made, hours, kH * Math.max(0.02, pAbs - this.helps() + SET.over), {
      tightens: 1 + (clamped ? (kH * m * RG * tk) / v : 0)
    });
    this.bubbled += g * RG * tk * 1000;
    this.fill((g + q) * m, tk, hours, clamped);
    this.out += g + q;
    this.rate = ((g + q) * RG * tk * 1000) / hours;
    this.bubbles = (g * RG * tk * 1000) / hours;
    this.pressure = (this.all * RG * tk) / v - 1;
    const x = Math.min(SET.most, this.c / (kH * pAbs));
    this.lift = (this.style.air * x) / (1 - x) + (this.bubbles * this.style.holdHours) / 1000;
  }

  /** What rises in bubbles, mmol/kg: exact within a step. */
  private bubbling(made: number, hours: number, star: number, { tightens }: { tightens: number }): number {
    const k = SET.bubbles * tightens;
    let [y, left] = [this.c - star, hours];
    if (y < 0) {
      const until = made > 0 ? -y / made : Infinity;
      if (until >= hours) {
        this.c += made * hours;
        return 0;
      }
      this.c += made * until;
      [y, left] = [0, hours - until];
    }
    const y1 = made / k + (y - made / k) * Math.exp(-k * left);
    const g = Math.max(0, (made * left - (y1 - y)) / tightens);
    this.c += made * left - g;
    return g;
  }

  private fill(into: number, tk: number, hours: number, clamped: boolean): void {
    const { headspaceL: v, lid } = this.vessel;
    this.co2 += into;
    if (clamped) {
      this.all = Math.max(this.all + into, (SET.least * v) / (RG * tk));
      return;
    }
    if (into > 0) this.co2 -= (into * this.co2) / (this.all + into);
    this.co2 *= Math.exp(-(VENTS[lid] ?? 0) * hours);
  }

  /** Opened: the headspace is at the air's pressure at unchanged mixture, and half of what is held beyond it fizzes off. */
  open(tempC: number): void {
    const tk = tempC + ZERO_C;
    const level = this.vessel.headspaceL / (RG * tk);
    this.co2 *= level / this.all;
    this.all = level;
    const beyond = Math.max(0, this.c - holdsGas(tempC) * (1 - this.helps())) / 2;
    this.c -= beyond;
    this.out += beyond;
    this.pressure = 0;
  }
}

/**
 * The gas of a course in a vessel that nobody opens.
 * @param enough told each hour and what bubbles then: no more is wanted after it; what lies beyond stands as nothing
 */
export function gasOf(
  made: Float64Array,
  tempC: readonly number[],
  stepHours: number,
  vessel: GasVessel,
  style: Pick<StyleSour, 'holdHours' | 'air'>,
  enough: (hour: number, bubbles: number) => boolean = () => false
): Gas {
  const state = new GasState(vessel, style, tempC[0]!);
  const [rate, bubbles, pressure, lift] = [1, 2, 3, 4].map(() => new Float64Array(made.length)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array
  ];
  for (let i = 0; i < made.length; i++) {
    state.step(made[i]!, tempC[i]!, stepHours);
    rate[i] = state.rate;
    bubbles[i] = state.bubbles;
    pressure[i] = state.pressure;
    lift[i] = state.lift;
    if (enough(i * stepHours, state.bubbles)) break;
  }
  const { dissolved, letOut } = state;
  return { stepHours, rate, bubbles, pressure, lift, dissolved, letOut };
}
