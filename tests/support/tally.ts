import { expect } from 'vitest';

/** A property that passes over most of its cases proves nothing: how many it really looked at, and that they are enough. */
export function tally(least = 0.5) {
  let asked = 0;
  let held = 0;
  return {
    /** One more case; whether it counts. */
    case(applies: boolean): boolean {
      asked++;
      if (applies) held++;
      return applies;
    },
    enough(): void {
      expect(held / Math.max(1, asked), `${held} of ${asked} cases were looked at`).toBeGreaterThan(least);
    }
  };
}
