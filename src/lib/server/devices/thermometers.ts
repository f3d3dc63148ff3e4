import type { WallMinute } from '../../core/calendar';
import type { Place, Reading, ThermometerAct } from '../../core/kit';
import type { Device, Play } from './device';

/** What the thermometers show now, °C, by the place at which each hangs. */
export interface Warmths {
  readonly tempC: Readonly<Record<string, number>>;
}

/** Thermometers that hang at the household's places and remember by themselves, whatever they are made of. */
export interface ThermometerDevice extends Device<Warmths> {
  /** The places at which they hang, as the household has them now. */
  hang(places: readonly Place[]): void;
  /** What one of them remembers of those minutes on the wall; nothing where none hangs, or where it has forgotten. */
  remembered(place: Place, at: readonly WallMinute[]): readonly Reading[];
  readonly play?: Play<ThermometerAct>;
}
