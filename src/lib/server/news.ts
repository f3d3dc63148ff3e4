import { randomUUID } from 'node:crypto';

/** What changed: how far the log goes, and in which kinds of thing (`draft` for the benches' choices, `clock` for the demo's). */
export interface Change {
  readonly version: number;
  readonly kinds: readonly string[];
}

/** A change as it is told, with the beat by which a page knows whether it has seen it. */
export type Told = Change & { readonly beat: string };

type Ear = (told: Told | null) => void;

/** Tells whoever listens what was stored; nothing is kept of it. `null` says that the house closes. */
export class News {
  private readonly ears = new Set<Ear>();
  private readonly born = randomUUID().slice(0, 8);
  private told = 0;

  /** Another with every change, and with every start of the house. */
  get beat(): string {
    return `${this.born}.${this.told}`;
  }

  /** Listens until the answer is called. */
  hear(ear: Ear): () => void {
    this.ears.add(ear);
    return () => void this.ears.delete(ear);
  }

  get listening(): number {
    return this.ears.size;
  }

  tell(change: Change): void {
    this.told++;
    for (const ear of this.ears) ear({ ...change, beat: this.beat });
  }

  close(): void {
    for (const ear of this.ears) ear(null);
    this.ears.clear();
  }
}
