import { changeDraft, type BenchDraft } from '$lib/schema/batch';

/** What was said by hand of one style, and holds of no other. */
export const SAID_BY_HAND = {
  fraction: undefined,
  way: undefined,
  salting: undefined,
  weighed: undefined,
  targets: undefined
};

/** A call to the house's API. */
export const post = (thing: string, body: unknown) =>
  fetch(`/api/v1/${thing}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    // What is on its way arrives, even if the page is left meanwhile.
    keepalive: true,
    body: JSON.stringify(body)
  });

const SAVE_AFTER_MS = 500;
const TRY_AGAIN_MS = 3000;

type Timer = ReturnType<typeof setTimeout>;
type Field = keyof BenchDraft;
/** Choices made here that the house has not answered yet. */
interface Pending {
  readonly set: BenchDraft;
  readonly forget: readonly Field[];
}
const NOTHING_PENDING: Pending = { set: {}, forget: [] };

/** The bench's unfinished choices, kept by the house, field by field, however often the line is cut. */
export class DraftKeeper {
  private pending = $state.raw<Pending>(NOTHING_PENDING);
  private answered = $state.raw<BenchDraft>({});
  keeping = $state<'kept' | 'keeping' | 'trouble'>('kept');
  private readonly known: () => BenchDraft;

  constructor(known: () => BenchDraft) {
    this.known = known;
  }

  /** As the house knows it, by whichever answer is the newer, with what was chosen here since. */
  readonly chosen = $derived.by((): BenchDraft => {
    const known = this.known();
    const base = (this.answered.rev ?? 0) > (known.rev ?? 0) ? this.answered : known;
    return changeDraft(base, { set: this.pending.set, forget: [...this.pending.forget], anew: false });
  });

  /** A field that is undefined is forgotten: the usual takes its place. `whole`: nothing of what was is merged in. */
  put(change: Partial<BenchDraft>, whole = false): void {
    const fields = Object.keys(change) as Field[];
    const gone = fields.filter((f) => whole || change[f] === undefined);
    const set = Object.fromEntries(
      Object.entries({ ...this.pending.set, ...change }).filter(([, v]) => v !== undefined)
    ) as BenchDraft;
    this.pending = { set, forget: [...this.pending.forget.filter((f) => !gone.includes(f)), ...gone] };
    this.later(async () => {
      const sent = this.pending;
      const answer = await post('bench-draft', sent);
      if (answer.ok) {
        this.answered = (await answer.json()) as BenchDraft;
        // What was changed meanwhile is still on its way.
        if (this.pending === sent) this.pending = NOTHING_PENDING;
      }
      return answer;
    });
  }

  /** Begins anew, after a start. */
  forget(): void {
    this.pending = NOTHING_PENDING;
  }

  // On the way, nothing that is shown.
  /* eslint-disable svelte/prefer-svelte-reactivity */
  private readonly waiting = new Map<string, { send: () => Promise<unknown>; timer: Timer }>();
  private readonly flying = new Map<string, Promise<void>>();
  /* eslint-enable svelte/prefer-svelte-reactivity */

  /** Sends in a moment, the last word about a thing only; tries again until it is through. */
  later(send: () => Promise<unknown>, about = 'draft', after = SAVE_AFTER_MS): void {
    clearTimeout(this.waiting.get(about)?.timer);
    this.keeping = this.keeping === 'trouble' ? 'trouble' : 'keeping';
    this.waiting.set(about, { send, timer: setTimeout(() => void this.send(about), after) });
  }

  /** Sends what waits without waiting longer; true when the house has answered everything. */
  async settle(): Promise<boolean> {
    while (this.waiting.size + this.flying.size > 0) {
      await Promise.all([...this.waiting.keys()].map((about) => this.send(about)));
      await Promise.all(this.flying.values());
      if (this.keeping === 'trouble') return false;
    }
    return true;
  }

  private async send(about: string): Promise<void> {
    // One at a time about a thing, so that the last word is also the last to arrive.
    await this.flying.get(about);
    const one = this.waiting.get(about);
    if (!one) return;
    clearTimeout(one.timer);
    this.waiting.delete(about);
    const flight = one.send().then(
      () => {
        this.flying.delete(about);
        if (this.waiting.size + this.flying.size === 0) this.keeping = 'kept';
      },
      () => {
        // The connection is gone: what was typed stays here and is sent again, unless something newer was.
        this.flying.delete(about);
        this.keeping = 'trouble';
        if (!this.waiting.has(about)) this.later(one.send, about, TRY_AGAIN_MS);
      }
    );
    this.flying.set(about, flight);
    await flight;
  }
}
