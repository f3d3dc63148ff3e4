import {
  acted,
  advanced,
  STAND_IN,
  switchedOn,
  type ScaleAct,
  type StandIn,
  type StandInSpec
} from '../../core/scale';
import type { ScaleDevice, ScaleWord } from './scale';

const EVERY_MS = 100;

/** The simulated scale: it runs while somebody listens, and catches up when somebody comes back. */
export function standInScale(
  elapsed: () => number,
  normal: () => number,
  spec: StandInSpec = STAND_IN
): ScaleDevice {
  let state: StandIn = switchedOn(elapsed());
  let connected = true;
  let timer: ReturnType<typeof setInterval> | undefined;
  const ears = new Set<(word: ScaleWord) => void>();
  const tell = (word: ScaleWord) => ears.forEach((hear) => hear(word));
  const tick = () => {
    const next = advanced(state, elapsed(), normal(), spec);
    state = next.state;
    if (connected) tell({ kind: 'reading', reading: next.reading });
  };
  const act = (what: ScaleAct) => {
    state = acted(advanced(state, elapsed(), normal(), spec).state, what, elapsed());
  };
  return {
    name: spec.name,
    stepG: spec.stepG,
    capacityG: spec.capacityG,
    get lost() {
      return !connected;
    },
    listen(hear) {
      // Whoever comes to weigh switches it on.
      if (ears.size === 0 && !advanced(state, elapsed(), 0, spec).state.on) act({ do: 'on' });
      ears.add(hear);
      if (!connected) hear({ kind: 'lost' });
      timer ??= setInterval(tick, EVERY_MS);
      return () => {
        ears.delete(hear);
        if (ears.size > 0) return;
        clearInterval(timer);
        timer = undefined;
      };
    },
    close() {
      clearInterval(timer);
      tell({ kind: 'closed' });
      ears.clear();
    },
    press: (key) => act({ do: key }),
    play: {
      act,
      plug(now) {
        if (now === connected) return;
        connected = now;
        tell({ kind: now ? 'back' : 'lost' });
      }
    }
  };
}
