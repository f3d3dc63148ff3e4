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

/** Who listens; the tick goes on as long as somebody does. */
class Listeners {
  private timer: ReturnType<typeof setInterval> | undefined;
  private readonly ears = new Set<(word: ScaleWord) => void>();
  constructor(private readonly tick: () => void) {}

  get nobody(): boolean {
    return this.ears.size === 0;
  }
  readonly tell = (word: ScaleWord): void => this.ears.forEach((hear) => hear(word));
  add(hear: (word: ScaleWord) => void): () => void {
    this.ears.add(hear);
    this.timer ??= setInterval(this.tick, EVERY_MS);
    return () => {
      this.ears.delete(hear);
      if (this.nobody) this.stop();
    };
  }
  close(): void {
    this.stop();
    this.tell({ kind: 'closed' });
    this.ears.clear();
  }
  private stop(): void {
    clearInterval(this.timer);
    this.timer = undefined;
  }
}

/** The simulated scale: it runs while somebody listens, and catches up when somebody comes back. */
export function standInScale(
  elapsed: () => number,
  normal: () => number,
  spec: StandInSpec = STAND_IN
): ScaleDevice {
  let state: StandIn = switchedOn(elapsed());
  let connected = true;
  const line = new Listeners(() => {
    const next = advanced(state, elapsed(), normal(), spec);
    state = next.state;
    if (connected) line.tell({ kind: 'reading', reading: next.reading });
  });
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
      if (line.nobody && !advanced(state, elapsed(), 0, spec).state.on) act({ do: 'on' });
      if (!connected) hear({ kind: 'lost' });
      return line.add(hear);
    },
    close: () => line.close(),
    press: (key) => act({ do: key }),
    play: {
      act,
      plug(now) {
        if (now === connected) return;
        connected = now;
        line.tell({ kind: now ? 'back' : 'lost' });
      }
    }
  };
}
