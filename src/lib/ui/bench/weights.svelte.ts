import { nanoid } from 'nanoid';
import { SvelteMap } from 'svelte/reactivity';
import type { Lot } from '$lib/core/lot';
import { crop } from '$lib/core/produce';
import { bareMass, readCount, readQuantity, type Ways } from '$lib/core/reading';
import type { Problem } from '$lib/schema/words';
import { lookAgain } from '../shell/look-again';
import { post, type DraftKeeper } from './draft.svelte';

/** Prepared weights as typed on this page, by pick, on their way to the house. */
export class PreparedWeights {
  /** What is not here is as the house knows it. */
  private readonly typed = new SvelteMap<string, string>();
  private readonly refused = new SvelteMap<string, Problem>();

  constructor(
    private readonly draft: DraftKeeper,
    private readonly lots: () => readonly Lot[],
    private readonly ways: () => Ways
  ) {}

  /** The prepared weight of a pick as last typed, here or elsewhere. */
  said(lot: Lot): string {
    return this.typed.get(lot.id) ?? lot.prepared?.said ?? '';
  }

  /** Typed here; the house is told in a moment, if it can be read and is news by then. */
  put(lot: Lot, said: string): void {
    this.typed.set(lot.id, said);
    this.refused.delete(lot.id);
    this.draft.later(() => this.tell(lot.id), lot.id);
  }

  /** What is typed by now, which need not be what was typed when the telling was put off. */
  private async tell(lotId: string): Promise<void> {
    const lot = this.lots().find((l) => l.id === lotId);
    const said = this.typed.get(lotId);
    if (!lot || said === undefined || !readable(lot, said, this.ways())) return;
    if (this.differs(lot)) {
      const answer = await post('weigh-prepared', {
        commandId: nanoid(),
        lotId,
        weight: said,
        unit: bareMass(this.ways())
      });
      if (!answer.ok) {
        const { problems } = (await answer.json()) as { problems?: Problem[] };
        if (problems?.[0]) this.refused.set(lotId, problems[0]);
        return;
      }
      await lookAgain();
    }
    // Once the house knows it, the house says it: so that two phones on one bench see each other.
    if (this.typed.get(lotId) === said) this.typed.delete(lotId);
  }

  private differs(lot: Lot): boolean {
    return this.said(lot).trim() !== (lot.prepared?.said ?? '').trim();
  }

  /** Picks whose weight on this page is not the one the house holds, with why it was refused, where it was. */
  unkept(): { lot: Lot; problem: Problem | undefined }[] {
    return this.lots()
      .filter((lot) => this.differs(lot))
      .map((lot) => ({ lot, problem: this.refused.get(lot.id) }));
  }

  /** As the house knows it again: for one pick, or for all. */
  forget(lotId?: string): void {
    for (const map of [this.typed, this.refused])
      if (lotId === undefined) map.clear();
      else map.delete(lotId);
  }
}

function readable(lot: Lot, said: string, ways: Ways): boolean {
  const c = crop(lot.cropId);
  return (
    said.trim() === '' ||
    readQuantity(said, { kind: 'mass', unit: bareMass(ways), system: ways.system }).ok ||
    (c !== undefined && readCount(said, c).ok)
  );
}
