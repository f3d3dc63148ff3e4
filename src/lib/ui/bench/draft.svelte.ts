import type { BenchDraft } from '$lib/schema/bench';
import { changeDraft } from '$lib/schema/draft';
import { Outbox } from '../house/outbox.svelte';
import { tell } from '../house/send';

/** What was said by hand of one style, and holds of no other. */
export const SAID_BY_HAND = {
  fraction: undefined,
  way: undefined,
  salting: undefined,
  weighed: undefined,
  targets: undefined
};

type Field = keyof BenchDraft;

/** Choices made here that the house has not answered yet. */
interface Pending {
  readonly set: BenchDraft;
  readonly forget: Field[];
}
const NOTHING_PENDING: Pending = { set: {}, forget: [] };

/** The bench's unfinished choices, kept by the house, field by field, however often the line is cut. */
export class DraftKeeper {
  private pending = $state.raw<Pending>(NOTHING_PENDING);
  private answered = $state.raw<BenchDraft>({});
  readonly outbox = new Outbox();
  private readonly known: () => BenchDraft;

  constructor(
    known: () => BenchDraft,
    private readonly bench: string
  ) {
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
    this.outbox.later('draft', async () => {
      const sent = this.pending;
      const said = await tell('bench-draft', { ...sent, bench: this.bench });
      if (said.ok) {
        this.answered = said.answer;
        // What was changed meanwhile is still on its way.
        if (this.pending === sent) this.pending = NOTHING_PENDING;
      }
      return said;
    });
  }

  /** Begins anew, after a start. */
  forget(): void {
    this.pending = NOTHING_PENDING;
  }
}
