import {
  dipped,
  dippedFor,
  onItsHook,
  STAND_IN_METER,
  type ElectrodeReading,
  type StandInMeter,
  type StandInMeterSpec
} from '../../core/instrument';
import { StandInLine } from './device';
import type { MeterDevice } from './meter';

/** The simulated meter: it runs while somebody listens, and its electrode wanders with the house's own days. */
export function standInMeter(
  elapsed: () => number,
  normal: () => number,
  spec: StandInMeterSpec = STAND_IN_METER
): MeterDevice {
  let state: StandInMeter = onItsHook(elapsed());
  const line = new StandInLine<ElectrodeReading>(() => {
    const next = dippedFor(state, elapsed(), normal(), spec);
    state = next.state;
    return next.reading;
  });
  return {
    name: spec.name,
    get lost() {
      return line.lost;
    },
    listen: (hear) => line.listen(hear),
    close: () => line.close(),
    play: {
      act: (what) => {
        state = dipped(dippedFor(state, elapsed(), normal(), spec).state, what);
      },
      plug: (connected) => line.plug(connected)
    }
  };
}
