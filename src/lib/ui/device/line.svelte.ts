import { tell } from '../house/send';
import type { Aside, AsideName } from '$lib/schema/asides';

type Word<R> =
  { readonly kind: 'reading'; readonly reading: R } | { readonly kind: 'lost' } | { readonly kind: 'back' };

/** A device of the house as this page hears it. One line for the whole page; it opens with the first that wants it. */
export class Line<There, Reading, Name extends AsideName> {
  /** What device the house has; null: none. */
  there = $state.raw<There | null>(null);
  reading = $state.raw<Reading | null>(null);
  /** The line to the house, or the house's line to the device, is cut. */
  lost = $state(false);

  private source: EventSource | undefined;
  private wanted = 0;
  private acts: Promise<void> = Promise.resolve();

  constructor(private readonly name: Name) {}

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
    this.source = new EventSource(`/api/v1/${this.name}`);
    this.source.onmessage = (e: MessageEvent<string>) => {
      const word = JSON.parse(e.data) as Word<Reading>;
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

  /** One after the other, as the hand did it: a bowl and then the tare must not arrive the other way round. */
  act(act: Aside<Name>): Promise<void> {
    this.acts = this.acts.then(async () => {
      if (!(await tell(this.name, act)).ok) this.lost = true;
    });
    return this.acts;
  }
}
