import { nanoid } from 'nanoid';
import { SvelteMap } from 'svelte/reactivity';
import type { Lot } from '$lib/core/lot';
import { crop, readCount } from '$lib/core/produce';
import { readQuantity } from '$lib/core/quantity';
import type { Problem } from '$lib/schema/words';
import { lookAgain } from '../shell/look-again';
import { post, type DraftKeeper } from './draft.svelte';

/** Prepared weights as typed on this page, by pick, on their way to the house. */
export class PreparedWeights {
  /** What is not here is as the house knows it. */
  private readonly typed = new SvelteMap<string, string>();
  private readonly refused = new SvelteMap<string, Problem>();

  constructor(private readonly draft: DraftKeeper) {}

  /** The prepared weight of a pick as last typed, here or elsewhere. */
  said(lot: Lot): string {
    return this.typed.get(lot.id) ?? lot.prepared?.said ?? '';
  }

  /** Typed here; the house is told once it can be read. */
  put(lot: Lot, said: string): void {
    this.typed.set(lot.id, said);
    this.refused.delete(lot.id);
    const c = crop(lot.cropId);
    const read =
      said.trim() === '' ||
      readQuantity(said, { kind: 'mass', unit: 'g' }).ok ||
      (c !== undefined && readCount(said, c).ok);
    if (read && this.differs(lot)) this.draft.later(() => this.tell(lot, said), lot.id);
  }

  private async tell(lot: Lot, said: string): Promise<Response> {
    const answer = await post('weigh-prepared', {
      commandId: nanoid(),
      lotId: lot.id,
      weight: said,
      unit: 'g'
    });
    if (!answer.ok) {
      const { problems } = (await answer.json()) as { problems?: Problem[] };
      if (problems?.[0]) this.refused.set(lot.id, problems[0]);
      return answer;
    }
    // Once the house knows it, the house says it: so that two phones on one bench see each other.
    await lookAgain();
    if (this.typed.get(lot.id) === said) this.typed.delete(lot.id);
    return answer;
  }

  private differs(lot: Lot): boolean {
    return this.said(lot).trim() !== (lot.prepared?.said ?? '').trim();
  }

  /** Picks whose weight on this page is not the one the house holds, with why it was refused, where it was. */
  unkept(lots: readonly Lot[]): { lot: Lot; problem: Problem | undefined }[] {
    return lots.filter((lot) => this.differs(lot)).map((lot) => ({ lot, problem: this.refused.get(lot.id) }));
  }

  /** As the house knows it again: for one pick, or for all. */
  forget(lotId?: string): void {
    for (const map of [this.typed, this.refused])
      if (lotId === undefined) map.clear();
      else map.delete(lotId);
  }
}
