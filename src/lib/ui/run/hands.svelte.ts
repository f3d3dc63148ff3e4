import type { Hands } from '$lib/core/day';

const KEPT = 'crockle-hands';
/** One cook, one board, one scale. */
const USUAL: Hands = { people: 1, boards: 1, scales: 1, bowls: 3 };
const MOST: Hands = { people: 3, boards: 3, scales: 2, bowls: 6 };

/** Who and what is in the kitchen today, as this device was told last. */
class InTheKitchen {
  hands = $state.raw<Hands>(USUAL);

  look(): void {
    try {
      const kept = JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<Record<keyof Hands, unknown>>;
      const of = (k: keyof Hands) => {
        const n = kept[k];
        return typeof n === 'number' && n >= 1 && n <= MOST[k] ? Math.round(n) : USUAL[k];
      };
      this.hands = { people: of('people'), boards: of('boards'), scales: of('scales'), bowls: of('bowls') };
    } catch {
      this.hands = USUAL;
    }
  }

  say(change: Partial<Hands>): void {
    this.hands = { ...this.hands, ...change };
    try {
      localStorage.setItem(KEPT, JSON.stringify(this.hands));
    } catch {
      // A browser that keeps nothing asks again next time.
    }
  }
}
export const kitchen = new InTheKitchen();
export const MOST_HANDS = MOST;
