import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { chooseJars, fitKey, type FreeSize, type Key } from '$lib/core/vessel';

/**
 * Rooms are whole steps of 10 ml here, so that the programme and the steps mean the same.
 * The same choice as a mixed-integer programme, solved in the order of the wishes by HiGHS (npm `highs` 1.15, MIT; a test oracle,
 * not shipped): least left over beyond tolerance, least spare class, fewest vessels, least left + spare.
 */
type Solver = Awaited<ReturnType<typeof loadHighs>>;

const LEAST_FILL = 0.6;

function oracle(highs: Solver, needMl: number, jars: readonly FreeSize[]): Key | undefined {
  const v = Math.ceil(needMl / 10 - 1e-9);
  const sizes = jars
    .map((j) => ({ u: Math.floor(j.usableMl / 10 + 1e-9), n: j.free }))
    .filter((s) => s.u > 0 && s.n > 0);
  if (sizes.length === 0) return undefined;
  const room = sizes.map((s, i) => `${s.u} n${i}`).join(' + ');
  const count = sizes.map((_, i) => `n${i}`).join(' + ');
  const bounds = sizes.map((s, i) => `0 <= n${i} <= ${s.n}`).join('\n');
  const solve = (objective: string, extra: string[]): number | undefined => {
    const lp = `Minimize
 obj: ${objective}
Subject To
 room: ${room} - spare + left = ${v}
 most: ${room} <= ${Math.floor(v / LEAST_FILL + 1e-9)}
 some: ${count} >= 1
 one: left - ${v} side <= 0
 other: spare + ${10 * v} side <= ${10 * v}
${extra.map((e, i) => ` x${i}: ${e}`).join('\n')}
Bounds
${bounds}
 0 <= left
 0 <= spare
General
${sizes.map((_, i) => `n${i}`).join(' ')}
Binary
 side
End`;
    const answer = highs.solve(lp);
    return answer.Status === 'Optimal' ? answer.ObjectiveValue : undefined;
  };
  const fewestLeft = solve('left', []);
  if (fewestLeft === undefined) return undefined;
  const tolerance = Math.min(0.03 * v, 10);
  const left = fewestLeft <= tolerance + 1e-6 ? Math.floor(tolerance + 1e-9) : Math.round(fewestLeft);
  const spare = solve('spare', [`left <= ${left}`])!;
  const classTop = Math.floor(
    ((Math.max(0, Math.ceil((10 * Math.round(spare)) / v) - 1) + 1) * v) / 10 + 1e-9
  );
  const vessels = Math.round(solve(count, [`left <= ${left}`, `spare <= ${classTop}`])!);
  const off = Math.round(
    solve('left + spare', [`left <= ${left}`, `spare <= ${classTop}`, `${count} <= ${vessels}`])!
  );
  // Rebuilt as a key: which side of v it lies on follows from what the last step left.
  const leftAtBest = Math.round(
    solve('left', [
      `left + spare <= ${off}`,
      `left <= ${left}`,
      `spare <= ${classTop}`,
      `${count} <= ${vessels}`
    ])!
  );
  const c = leftAtBest > 0 ? v - leftAtBest : v + off;
  return fitKey(v, c, vessels);
}

describe('the jar choice against HiGHS', () => {
  it('equals the optimum on 300 random cases: 2-7 sizes, up to 20 of each, up to 25 l', async () => {
    const highs = await loadHighs();
    let seed = Number(process.env.SEED ?? 20260912);
    const dice = (n: number) => (seed = (seed * 48271) % 2147483647) % n;
    let none = 0;
    for (let i = 0; i < 300; i++) {
      const jars = Array.from({ length: 2 + dice(6) }, (_, k) => ({
        id: `s${k}`,
        usableMl: 150 + 10 * dice(290),
        free: dice(21)
      }));
      const needMl = 100 + 10 * dice(2490);
      const ours = chooseJars(needMl, jars, { leastFill: LEAST_FILL }).sets[0]?.key;
      expect(ours, `case ${i}: ${needMl} ml, ${JSON.stringify(jars)}`).toEqual(oracle(highs, needMl, jars));
      if (!ours) none++;
    }
    expect(none).toBeLessThan(40);
  }, 240_000);
});
