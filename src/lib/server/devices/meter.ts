import type { ElectrodeReading, MeterAct } from '../../core/instrument';
import type { Device, Play } from './device';

/** A pH meter, whatever it is made of: it says what its electrode says, and Crockle reckons by its own calibration. */
export interface MeterDevice extends Device<ElectrodeReading> {
  readonly play?: Play<MeterAct>;
}
