import { randomUUID } from 'node:crypto';

/** What changed: how far the log goes, and in which kinds of thing (`draft` for the benches' choices, `clock` for the demo's). */
export interface Change {
  readonly version: number;
  readonly kinds: readonly string[];
}

/** A change as it is told, with the beat by which a page knows whether it has seen it. */
export type Told = Change & { readonly beat: string; readonly elapsed: number };

type Ear = (told: Told | null) => void;

/** Tells whoever listens what was stored; nothing is kept of it. `null` says that the house closes. */
export class News {
  /** By the house's elapsed clock, so that every page knows it. */
  constructor(private readonly elapsed: () => number) {}

  private readonly ears = new Set<Ear>();
  private readonly born = randomUUID().slice(0, 8);
  private told = 0;

  /** Another with every change, and with every start of the house. */
  get beat(): string {
    return `${this.born}.${this.told}`;
  }

  /** Where it stands now. */
  get stands(): Pick<Told, 'beat' | 'elapsed'> {
    return { beat: this.beat, elapsed: this.elapsed() };
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
    for (const ear of this.ears) ear({ ...change, ...this.stands });
  }

  close(): void {
    for (const ear of this.ears) ear(null);
    this.ears.clear();
  }
}
