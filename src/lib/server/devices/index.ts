import { randomNormal } from 'd3-random';
import type { WallMinute } from '../../core/calendar';
import { elapsed } from '../clock';
import type { MeterDevice } from './meter';
import type { ScaleDevice } from './scale';
import { standInMeter } from './stand-in-meter';
import { standInScale } from './stand-in-scale';
import { standInThermometers } from './stand-in-thermometers';
import type { ThermometerDevice } from './thermometers';

export type { Device, Word } from './device';
export type { MeterDevice } from './meter';
export type { ScaleDevice } from './scale';
export type { ThermometerDevice } from './thermometers';

/** The scale that the settings name; none is ordinary. */
export function openScale(which: 'none' | 'stand-in'): ScaleDevice | null {
  return which === 'stand-in' ? standInScale(elapsed, randomNormal()) : null;
}

/** The pH meter that the settings name; none is ordinary. Its electrode ages by the house's elapsed clock. */
export function openMeter(which: 'none' | 'stand-in', elapsedAtHome: () => number): MeterDevice | null {
  return which === 'stand-in' ? standInMeter(elapsedAtHome, randomNormal()) : null;
}

/** The thermometers that the settings name; none is ordinary. */
export function openThermometers(
  which: 'none' | 'stand-in',
  wallNow: () => WallMinute
): ThermometerDevice | null {
  return which === 'stand-in' ? standInThermometers(wallNow) : null;
}
