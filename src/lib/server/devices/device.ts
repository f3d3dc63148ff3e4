/**
 * A thing on a line that says readings by itself. A real one is added by one file beside the stand-ins that answers its kind
 * (`ScaleDevice`, `MeterDevice`, `ThermometerDevice`), and one line in `devices/index.ts`.
 */
export interface Device<R> {
  readonly name: string;
  /** Nobody is at the other end of its line. */
  readonly lost: boolean;
  /** Hears every reading, and when the line is lost; answers how to stop listening. */
  listen(hear: (word: Word<R>) => void): () => void;
  /** The house closes: every listener is told, and the line goes quiet. */
  close(): void;
}

export type Word<R> =
  | { readonly kind: 'reading'; readonly reading: R }
  | { readonly kind: 'lost' }
  | { readonly kind: 'back' }
  | { readonly kind: 'closed' };

/** Only a stand-in can be played with. */
export interface Play<A> {
  act(act: A): void;
  /** Pulls the plug of its line, or puts it back. */
  plug(connected: boolean): void;
}

const EVERY_MS = 100;

/** The line of a stand-in: who listens; it reads ten times a second, or as said, as long as somebody does. */
export class StandInLine<R> {
  private timer: ReturnType<typeof setInterval> | undefined;
  private connected = true;
  private readonly ears = new Set<(word: Word<R>) => void>();
  constructor(
    private readonly read: () => R,
    private readonly everyMs = EVERY_MS
  ) {}

  get nobody(): boolean {
    return this.ears.size === 0;
  }
  get lost(): boolean {
    return !this.connected;
  }
  listen(hear: (word: Word<R>) => void): () => void {
    if (!this.connected) hear({ kind: 'lost' });
    this.ears.add(hear);
    this.timer ??= setInterval(this.tick, this.everyMs);
    return () => {
      this.ears.delete(hear);
      if (this.nobody) this.stop();
    };
  }
  plug(now: boolean): void {
    if (now === this.connected) return;
    this.connected = now;
    this.tell({ kind: now ? 'back' : 'lost' });
  }
  close(): void {
    this.stop();
    this.tell({ kind: 'closed' });
    this.ears.clear();
  }
  private readonly tick = (): void => {
    const reading = this.read();
    if (this.connected) this.tell({ kind: 'reading', reading });
  };
  private tell(word: Word<R>): void {
    this.ears.forEach((hear) => hear(word));
  }
  private stop(): void {
    clearInterval(this.timer);
    this.timer = undefined;
  }
}
