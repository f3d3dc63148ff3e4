import { describe, expect, it } from 'vitest';
import { band, flowsOf, highFor, JAR } from '$lib/ui/ledger/flows';

const all = [
  { name: 'picks', g: 700 },
  { name: 'water', g: 280 },
  { name: 'salt', g: 20 }
];

describe('streams of the grams picture', () => {
  it('are as broad as they are heavy, side by side as high as the jar', () => {
    const high = highFor(all, 1000);
    const flows = flowsOf(all, 1000, high);
    expect(flows.map((f) => f.broad / JAR)).toEqual([0.7, 0.28, 0.02].map((x) => expect.closeTo(x, 9)));
    expect(flows[1]!.top).toBeCloseTo(flows[0]!.top + flows[0]!.broad, 9);
    expect(flows[2]!.top + flows[2]!.broad).toBeCloseTo((high + JAR) / 2, 9);
  });
  it('none leaves the picture, and each has room for its name', () => {
    const high = highFor(all, 1000);
    const flows = flowsOf(all, 1000, high);
    for (const f of flows) {
      expect(f.at - f.broad / 2).toBeGreaterThanOrEqual(0);
      expect(f.at + f.broad / 2).toBeLessThanOrEqual(high);
    }
    for (const [i, f] of flows.entries())
      if (i > 0) expect(f.at - flows[i - 1]!.at).toBeGreaterThanOrEqual(38);
  });
  it('a trace is still seen', () => expect(flowsOf([{ name: 'x', g: 0.6 }], 9000, 200)[0]!.broad).toBe(2));
  it('a band closes', () => expect(band({ x: 0, y: 10 }, { x: 10, y: 20 }, 4)).toMatch(/^M0,8C.*Z$/));
});
