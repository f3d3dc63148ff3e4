import type { WallMinute } from '../calendar/index';
import { readQuantity, type Ways } from '../reading/index';
import { done, refuse, type FieldName, type Outcome } from '../refusal/index';

/** In boiling water, or under pressure. */
export const HEAT_WAYS = ['boiling-water', 'pressure'] as const;
/** Filled in cold, or hot. */
export const PACKS = ['raw', 'hot'] as const;

/** A heat process as its guide prints it and as it was done: what makes a pantry jar. Its minutes are the guide's, never ours. */
export interface HeatProcess {
  readonly guide: string;
  readonly edition: string;
  readonly product: string;
  readonly pack: (typeof PACKS)[number];
  /** The jar that the guide's row is for, ml. */
  readonly jarMl: number;
  /** How high the guide's row reaches, and how high the kitchen lies, m. */
  readonly rowToM: number;
  readonly kitchenM: number;
  readonly minutes: number;
  readonly way: (typeof HEAT_WAYS)[number];
  /** As the gauge said; empty in boiling water. */
  readonly pressure: string;
  /** Who did it. */
  readonly who: string;
}

/** A process as a jar keeps it. */
export interface Heated extends HeatProcess {
  readonly at: WallMinute;
  /** Opened, it keeps no longer than any open jar in the cold. */
  readonly openedAt?: WallMinute;
}

/** The same as it is typed: anything may be missing. */
export interface HeatSaid extends Record<
  'guide' | 'edition' | 'product' | 'jarSize' | 'rowTo' | 'kitchen' | 'pressure' | 'who',
  string
> {
  readonly pack?: HeatProcess['pack'] | undefined;
  readonly minutes?: number | undefined;
  readonly way?: HeatProcess['way'] | undefined;
}

/** What a process must say before a jar counts as shelf-stable, in the order of the form. */
const WANTED = [
  ...(['guide', 'edition', 'product', 'pack', 'jarSize', 'rowTo', 'kitchen', 'way', 'minutes'] as const),
  'who'
] as const satisfies readonly (keyof HeatSaid & FieldName)[];

/** What of a process is not said. Example: without an altitude, `['kitchen']`. */
export function processMisses(said: HeatSaid): FieldName[] {
  const none = WANTED.filter((name) => said[name] === undefined || said[name] === '');
  return said.way === 'pressure' && said.pressure === '' ? [...none, 'pressure'] : none;
}

/** A process read from what was typed. Refuses one that is not whole, and a row of the guide that does not reach the kitchen. */
export function processSaid(said: HeatSaid, ways: Ways): Outcome<HeatProcess> {
  const missing = processMisses(said);
  const { guide, edition, product, pack, minutes, way, who } = said;
  if (missing[0] || !pack || !minutes || !way)
    return refuse('process-misses', { field: missing[0] ?? 'guide', values: { missing: missing.join(',') } });
  const jar = readQuantity(said.jarSize, { kind: 'volume', unit: 'ml', system: ways.system });
  if (!jar.ok) return { ok: false, refusal: { ...jar.refusal, field: 'jarSize' } };
  const row = height(said.rowTo, 'rowTo', ways);
  if (!row.ok) return row;
  const kitchen = height(said.kitchen, 'kitchen', ways);
  if (!kitchen.ok) return kitchen;
  if (row.value < kitchen.value)
    return refuse('process-altitude', {
      field: 'rowTo',
      values: { rowTo: said.rowTo, kitchen: said.kitchen }
    });
  return done({
    ...{ guide, edition, product, pack, jarMl: jar.value.value, rowToM: row.value, kitchenM: kitchen.value },
    ...{ minutes, way, pressure: way === 'pressure' ? said.pressure : '', who }
  });
}

/** Higher than this nobody cooks, m. */
const HIGHEST = 6000;

/** A height over the sea as it is typed, m; a number alone is in feet where the household weighs in pounds. */
function height(said: string, field: FieldName, ways: Ways): Outcome<number> {
  const unit = ways.units === 'metric' ? 'm' : 'ft';
  const read = readQuantity(said, { kind: 'length', unit, system: ways.system });
  if (!read.ok) return refuse('height-strange', { field, values: { said } });
  const m = read.value.value / 1000;
  return m <= HIGHEST ? done(m) : refuse('height-strange', { field, values: { said } });
}
