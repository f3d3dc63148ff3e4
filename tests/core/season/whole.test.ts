import { expect, it } from 'vitest';
import { checkPlan } from '$lib/core/season';
import { Search } from '$lib/core/season/search';
import { carriedOut } from '$lib/core/season/whole';
import { HOUSEHOLD, someSeason, solver } from '../../support/season';

it('whole jars of the firm weeks cost little, where the later starts stand; rounding them alone costs much', async () => {
  const input = someSeason(10, HOUSEHOLD);
  const search = new Search(input, await solver());
  search.dive();
  const starts = search.chosen();
  const most = search.value;
  search.close();
  // Ended by how close it is, not by the clock.
  const found = carriedOut(input, await solver(), starts, { seconds: 120, gap: 0.005 })!;
  expect(checkPlan(input, found.plan).faults).toEqual([]);
  expect(found.facts.points).toBeLessThanOrEqual(most * (1 + 1e-6));
  expect(found.facts.points).toBeGreaterThan(0.985 * most);
  const rounded = carriedOut(input, await solver(), starts, { seconds: 0, gap: 0 })!;
  expect(rounded.facts.points).toBeLessThan(0.975 * most);
});
