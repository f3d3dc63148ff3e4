/** So many things are kept. */
const MOST = 60;

/**
 * What pages read, kept until something is stored or another minute begins: a frame and its page, and whoever looks
 * meanwhile, are shown the same without reading it again. Nobody changes what was read.
 */
export class Seen {
  private of = '';
  private known = new Map<string, Promise<unknown>>();

  /** `state` says as of when: another answer, and all is read anew. */
  constructor(private readonly state: () => string) {}

  /** What `keeps` says no to is read again by the next who asks; of more than can be kept goes what nobody asked for longest. */
  once<T>(what: string, read: () => Promise<T>, keeps: (read: T) => boolean = () => true): Promise<T> {
    const now = this.state();
    if (now !== this.of) {
      this.of = now;
      this.known = new Map();
    }
    const { known } = this;
    const before = known.get(what) as Promise<T> | undefined;
    if (before) {
      // Asked for last, forgotten last.
      known.delete(what);
      known.set(what, before);
      return before;
    }
    const reading = read();
    known.set(what, reading);
    for (const oldest of known.keys()) {
      if (known.size <= MOST) break;
      known.delete(oldest);
    }
    // What could not be read is tried again by the next who asks.
    reading.then(
      (value) => keeps(value) || known.delete(what),
      () => known.delete(what)
    );
    return reading;
  }
}
