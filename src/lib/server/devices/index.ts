import { randomNormal } from 'd3-random';
import { elapsed } from '../clock';
import type { MeterDevice } from './meter';
import type { ScaleDevice } from './scale';
import { standInMeter } from './stand-in-meter';
import { standInScale } from './stand-in-scale';

export type { Device, Word } from './device';
export type { MeterDevice } from './meter';
export type { ScaleDevice } from './scale';

/** The scale that the settings name; none is ordinary. */
export function openScale(which: 'none' | 'stand-in'): ScaleDevice | null {
  return which === 'stand-in' ? standInScale(elapsed, randomNormal()) : null;
}

/** The pH meter that the settings name; none is ordinary. Its electrode ages by the house's elapsed clock. */
export function openMeter(which: 'none' | 'stand-in', elapsedAtHome: () => number): MeterDevice | null {
  return which === 'stand-in' ? standInMeter(elapsedAtHome, randomNormal()) : null;
}
