import { onTable } from '../quantity/index';

/**
 * A pH electrode and its calibration: what stands in mV on the line, and what pH that is. Straight line by Nernst, two
 * buffers give its slope and its zero, temperature stretches it.
 */

/** What a meter's line says, before any calibration. */
export interface ElectrodeReading {
  /** ms on the elapsed clock. */
  readonly at: number;
  readonly mV: number;
  readonly tempC: number;
  /** It has stood still long enough to be taken. */
  readonly settled: boolean;
}

/** The electrode in a liquid, at rest. */
export type Dip = Pick<ElectrodeReading, 'mV' | 'tempC'>;

/** The two buffers of a calibration, by what their sachets say at 25 °C. */
export type BufferName = '7.00' | '4.01';

/** R·ln 10 / F, mV per pH and kelvin: CODATA 2018, both constants exact. */
const NERNST = (1000 * 8.314462618 * Math.LN10) / 96485.33212;

/**
 * What one pH is worth in an ideal electrode, mV. Example: `mVPerPH(25)` is 59.16, `mVPerPH(5)` 55.19.
 * @param tempC of the liquid
 */
export const mVPerPH = (tempC: number): number => NERNST * (tempC + 273.15);

/**
 * pH by temperature, °C. 4.01: potassium hydrogen phthalate 0.05 mol/kg, Bates 1973 (NBS), recalled from memory,
 * ±0.005. 7.00: the technical phosphate buffer as sachets print it, recalled from memory, ±0.02.
 */
const BUFFER_PH: Record<BufferName, readonly (readonly [tempC: number, pH: number])[]> = {
  '4.01': [
    [0, 4.003],
    [5, 3.999],
    [10, 3.998],
    [15, 3.999],
    [20, 4.002],
    [25, 4.008],
    [30, 4.015],
    [35, 4.024],
    [40, 4.035]
  ],
  '7.00': [
    [0, 7.12],
    [5, 7.09],
    [10, 7.06],
    [15, 7.04],
    [20, 7.02],
    [25, 7.0],
    [30, 6.99],
    [35, 6.98],
    [40, 6.97]
  ]
};

/**
 * What a buffer reads at that temperature; straight lines between the table's rows, held at its ends.
 * Example: `bufferPH('7.00', 20)` is 7.02.
 */
export const bufferPH = (buffer: BufferName, tempC: number): number => onTable(BUFFER_PH[buffer], tempC);

/** An electrode as it is. */
export interface Electrode {
  /** Share of the ideal slope; a good one has 0.92 to 1.02. */
  readonly slope: number;
  /** What it says at pH 7, mV; a good one within 30. */
  readonly zeroMv: number;
}

/** What stands on the line of an electrode in a liquid, mV. Example: slope 1, zero 0, pH 4 at 25 °C: 177.5. */
export const mVAt = (e: Electrode, pH: number, tempC: number): number =>
  e.zeroMv - e.slope * mVPerPH(tempC) * (pH - 7);

/**
 * The electrode that says this in the two buffers: two points, one line, each buffer at its own temperature.
 * Example: 0 mV in 7.00 and 177.0 mV in 4.01 at 25 °C is a slope of 1.00.
 */
export function electrodeOf({ seven, four }: { readonly seven: Dip; readonly four: Dip }): Electrode {
  // Each as pH units from 7 times what one is worth there.
  const far = (buffer: BufferName, d: Dip) => mVPerPH(d.tempC) * (bufferPH(buffer, d.tempC) - 7);
  const slope = (four.mV - seven.mV) / (far('7.00', seven) - far('4.01', four));
  return { slope, zeroMv: seven.mV + slope * far('7.00', seven) };
}

/**
 * The pH of a liquid by a calibrated electrode, its temperature reckoned in.
 * Example: slope 1, zero 0: 177.5 mV at 25 °C is pH 4.00, at 5 °C 3.78.
 */
export const pHOf = (e: Electrode, { mV, tempC }: Dip): number =>
  7 - (mV - e.zeroMv) / (e.slope * mVPerPH(tempC));
