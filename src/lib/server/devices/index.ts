import { randomNormal } from 'd3-random';
import { elapsed } from '../clock';
import type { ScaleDevice } from './scale';
import { standInScale } from './stand-in-scale';

export type { ScaleDevice, ScaleWord } from './scale';

/** The scale that the settings name; none is ordinary. */
export function openScale(which: 'none' | 'stand-in'): ScaleDevice | null {
  return which === 'stand-in' ? standInScale(elapsed, randomNormal()) : null;
}
