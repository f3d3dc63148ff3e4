import type { ScaleAct, ScaleReading, ScaleSpec } from '../../core/scale';

/**
 * A scale, whatever it is made of. A real one is added by one file beside this that answers a `ScaleDevice`, and one line
 * in `devices/index.ts`.
 */
export interface ScaleDevice extends ScaleSpec {
  /** Nobody is at the other end of its line. */
  readonly lost: boolean;
  /** Hears every reading, about ten a second, and when the line is lost; answers how to stop listening. */
  listen(hear: (word: ScaleWord) => void): () => void;
  /** A key of the scale pressed from afar, where it can be. */
  press(key: 'tare' | 'unit' | 'on'): void;
  /** The house closes: every listener is told, and the line goes quiet. */
  close(): void;
  /** Only a stand-in can be played with. */
  readonly play?: ScalePlay;
}

export type ScaleWord =
  | { readonly kind: 'reading'; readonly reading: ScaleReading }
  | { readonly kind: 'lost' }
  | { readonly kind: 'back' }
  | { readonly kind: 'closed' };

export interface ScalePlay {
  act(act: ScaleAct): void;
  /** Pulls the plug of its line, or puts it back. */
  plug(connected: boolean): void;
}
