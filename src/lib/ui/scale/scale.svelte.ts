import { tell } from '../house/send';
import { takenText, type ScaleAct, type ScaleReading } from '$lib/core/scale';

type Word =
  | { readonly kind: 'reading'; readonly reading: ScaleReading }
  | { readonly kind: 'lost' }
  | { readonly kind: 'back' };

export interface ScaleThere {
  readonly name: string;
  readonly stepG: number;
  readonly playable: boolean;
}

/** The kitchen scale as this page hears it. One line for the whole page; it opens with the first that wants it. */
class Scale {
  /** Which scale the house has; null: none. */
  there = $state.raw<ScaleThere | null>(null);
  reading = $state.raw<ScaleReading | null>(null);
  /** The line to the house, or the house's line to the scale, is cut. */
  lost = $state(false);
  /** The panel to read it and to play with it. */
  open = $state(false);
  /** Dialogs that are open: the panel stands in the topmost, where hands can reach it. */
  dialogs = $state(0);

  private source: EventSource | undefined;
  private wanted = 0;
  private acts: Promise<void> = Promise.resolve();

  /** What could be taken now: settled, on the line, and something there; less than nothing is a forgotten tare. */
  readonly settled = $derived(
    !this.lost && this.reading?.settled && (this.reading.g ?? 0) > 0 ? this.reading : null
  );

  /** Listens until the answer is called. */
  listen(): () => void {
    this.wanted++;
    this.connect();
    return () => {
      this.wanted--;
      if (this.wanted > 0) return;
      this.source?.close();
      this.source = undefined;
      this.reading = null;
    };
  }

  private connect(): void {
    if (this.source || !this.there) return;
    this.source = new EventSource('/api/v1/scale');
    this.source.onmessage = (e: MessageEvent<string>) => {
      const word = JSON.parse(e.data) as Word;
      if (word.kind === 'lost') this.lost = true;
      else if (word.kind === 'back') this.lost = false;
      else {
        this.lost = false;
        this.reading = word.reading;
      }
    };
    // The browser tries again by itself; until then nothing is taken, and nothing that was typed is lost.
    this.source.onerror = () => (this.lost = true);
  }

  /** The settled weight as it would be typed; undefined while it moves. */
  take(): string | undefined {
    return this.settled && this.there ? takenText(this.settled, this.there.stepG) : undefined;
  }

  /** One after the other, as the hand did it: a bowl and then the tare must not arrive the other way round. */
  act(act: ScaleAct | { readonly do: 'plug'; readonly connected: boolean }): Promise<void> {
    this.acts = this.acts.then(async () => {
      if (!(await tell('scale', act)).ok) this.lost = true;
    });
    return this.acts;
  }
}

export const scale = new Scale();
