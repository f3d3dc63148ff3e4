import { SvelteMap } from 'svelte/reactivity';
import type { LotOnBench } from '$lib/core/lot';
import { preparedTyped } from '$lib/core/kitchen';
import { bareMass, type Ways } from '$lib/core/reading';
import type { Problem } from '$lib/words';
import { lookAgain } from '../house/look-again';
import type { Outbox } from '../house/outbox.svelte';
import { send, type Sending } from '../house/send';

/** Prepared weights as typed on this page, by pick, on their way to the house. */
export class PreparedWeights {
  /** What is not here is as the house knows it. */
  private readonly typed = new SvelteMap<string, string>();
  private readonly refused = new SvelteMap<string, Problem>();
  /** What the house was told last while more was typed: what the page shows of it may be older. */
  // eslint-disable-next-line svelte/prefer-svelte-reactivity
  private readonly told = new Map<string, string>();

  constructor(
    private readonly outbox: Outbox,
    private readonly lots: () => readonly LotOnBench[],
    private readonly ways: () => Ways
  ) {}

  /** The prepared weight of a pick as last typed, here or elsewhere. */
  said(lot: LotOnBench): string {
    return this.typed.get(lot.id) ?? lot.prepared?.said ?? '';
  }

  /** Typed here; the house is told in a moment, if it can be read and is news by then. */
  put(lot: LotOnBench, said: string): void {
    this.typed.set(lot.id, said);
    this.refused.delete(lot.id);
    this.outbox.later(lot.id, () => this.tell(lot.id));
  }

  /** What is typed by now, which need not be what was typed when the telling was put off. */
  private async tell(lotId: string): Promise<Sending<unknown> | null> {
    const lot = this.lots().find((l) => l.id === lotId);
    const said = this.typed.get(lotId);
    if (!lot || said === undefined || !readable(lot, said, this.ways())) return null;
    const known = this.told.get(lotId) ?? lot.prepared?.said ?? '';
    if (said.trim() !== known.trim()) {
      const sent = await send('weigh-prepared', {
        lotId,
        bench: lot.bench,
        weight: said,
        unit: bareMass(this.ways())
      });
      if (!sent.ok) {
        if (!sent.gone) this.refused.set(lotId, sent.problem);
        return sent;
      }
      this.told.set(lotId, said);
      await lookAgain();
    }
    // Once the house knows it, the house says it: so that two phones on one bench see each other.
    if (this.typed.get(lotId) === said) {
      this.typed.delete(lotId);
      this.told.delete(lotId);
    }
    return null;
  }

  private differs(lot: LotOnBench): boolean {
    return this.said(lot).trim() !== (lot.prepared?.said ?? '').trim();
  }

  /** Picks whose weight on this page is not the one the house holds, with why it was refused, where it was. */
  unkept(): { lot: LotOnBench; problem: Problem | undefined }[] {
    return this.lots()
      .filter((lot) => this.differs(lot))
      .map((lot) => ({ lot, problem: this.refused.get(lot.id) }));
  }

  /** As the house knows it again: for one pick, or for all. */
  forget(lotId?: string): void {
    for (const map of [this.typed, this.refused, this.told])
      if (lotId === undefined) map.clear();
      else map.delete(lotId);
  }
}

function readable(lot: LotOnBench, said: string, ways: Ways): boolean {
  return said.trim() === '' || preparedTyped(said, lot.cropId, ways) !== null;
}
