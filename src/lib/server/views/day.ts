import { runs } from '../repos';
import type { House } from '../usecases';
import { runShown, type RunShown } from './run';

/** Everything that is being made now, the first begun first. */
export async function dayShown(house: House): Promise<{ makings: RunShown[] }> {
  const going = (await runs.list(house.db, 'live')).filter((r) => r.became === null);
  const shown = await Promise.all(going.map((r) => runShown(house, r.id)));
  return {
    makings: shown
      .filter((s): s is RunShown => s !== null && s.bench.lots.length > 0)
      // What only a single bench shows is left out.
      .map((s) => ({ ...s, bench: { ...s.bench, raw: [], waiting: [], young: [] } }))
      .sort((a, b) => a.run.begunAt - b.run.begunAt)
  };
}
