import {
  acted,
  advanced,
  STAND_IN,
  switchedOn,
  type ScaleAct,
  type ScaleReading,
  type StandIn,
  type StandInSpec
} from '../../core/scale';
import { StandInLine } from './device';
import type { ScaleDevice } from './scale';

/** The simulated scale: it runs while somebody listens, and catches up when somebody comes back. */
export function standInScale(
  elapsed: () => number,
  normal: () => number,
  spec: StandInSpec = STAND_IN
): ScaleDevice {
  let state: StandIn = switchedOn(elapsed());
  const line = new StandInLine<ScaleReading>(() => {
    const next = advanced(state, elapsed(), normal(), spec);
    state = next.state;
    return next.reading;
  });
  const act = (what: ScaleAct) => {
    state = acted(advanced(state, elapsed(), normal(), spec).state, what, elapsed());
  };
  return {
    name: spec.name,
    stepG: spec.stepG,
    capacityG: spec.capacityG,
    get lost() {
      return line.lost;
    },
    listen(hear) {
      // Whoever comes to weigh switches it on.
      if (line.nobody && !advanced(state, elapsed(), 0, spec).state.on) act({ do: 'on' });
      return line.listen(hear);
    },
    close: () => line.close(),
    press: (key) => act({ do: key }),
    play: { act, plug: (connected) => line.plug(connected) }
  };
}
