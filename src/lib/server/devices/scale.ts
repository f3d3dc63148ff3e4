import type { ScaleAct, ScaleReading, ScaleSpec } from '../../core/scale';
import type { Device, Play } from './device';

/** A scale, whatever it is made of: about ten readings a second. */
export interface ScaleDevice extends Device<ScaleReading>, ScaleSpec {
  /** A key of the scale pressed from afar, where it can be. */
  press(key: 'tare' | 'unit' | 'on'): void;
  readonly play?: Play<ScaleAct>;
}
