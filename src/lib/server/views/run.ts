import type { Run } from '../../core/run';
import type { House } from '../usecases';
import { makingsOf } from '../usecases';
import { cropsOf } from '../../core/kit';
import { pantry, runs } from '../repos';
import { benchShown, type BenchShown } from './bench';
import { living } from './living';

/** One making: where it is, its bench, and what of its salt is on the shelf. */
export interface RunShown {
  readonly run: Run;
  readonly bench: BenchShown;
  /** What else is under way: one tap to the other bowl. */
  readonly others: readonly { readonly id: string; readonly name: string }[];
  /** Salt on the shelf that no other making holds, by its kind, g; a kind that is not counted is left out. */
  readonly shelf: Readonly<Record<string, number>>;
}

/** A making as its page shows it; null: there is none of that name. */
export async function runShown(house: House, id: string): Promise<RunShown | null> {
  const found = await runs.load(house.db, id);
  if (!found) return null;
  const run = found.state;
  const { household } = await living(house);
  const others = (await makingsOf(house.db, cropsOf(household))).filter(
    (m) => m.running && m.id !== run.bench
  );
  const held = (kind: string) => others.reduce((a, m) => a + (m.holdsSalt?.[kind] ?? 0), 0);
  const shelf = (await pantry(house.db)).flatMap((g) =>
    g.saltKindId === null ? [] : [[g.saltKindId, Math.max(0, g.amount - held(g.saltKindId))] as const]
  );
  const going = (await runs.list(house.db, 'live')).filter((r) => r.became === null && r.id !== run.id);
  return {
    others: going.map(({ id, name }) => ({ id, name })),
    run,
    bench: await benchShown(house, run.bench),
    shelf: Object.fromEntries(shelf)
  };
}
