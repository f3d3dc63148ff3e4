import { waterBeside } from '../salt/index';
import type { Working, WorkingValue, Worksheet } from '../worksheet/index';

/** The worksheet that a batch was started by, as the record keeps it: what was overridden stands beside it. */
export type KeptSheet = Omit<Worksheet, 'cautions'>;

type Data = Readonly<Record<string, unknown>>;

/** What was put in, by the words that once stood for it. */
const WHAT: Readonly<Record<string, WorkingValue['what']>> = {
  'room in the jars': 'roomInJars',
  'flesh volume': 'fleshVolume',
  'brine in the jars': 'brineInJars',
  reserve: 'reserve',
  'water for it': 'waterFor',
  'salt in it': 'saltIn',
  'strength, salt in brine': 'strength',
  wanted: 'wanted',
  'pure salt': 'pureSalt',
  'purity of your salt': 'purity',
  'of it in the brine': 'saltOfBrine',
  'leaf after the rinse': 'leafAfter',
  'salinity after the rinse': 'leafSalinity',
  'pure salt left in it': 'leafSalt',
  'if measured by spoon: ±': 'bySpoon',
  'water in the vegetables': 'vegWater',
  'brine as poured': 'asPoured',
  'per vegetables': 'perVegetables',
  'per total weight': 'perTotal',
  'per water': 'perWater'
};

type Put = Pick<WorkingValue, 'what' | 'of' | 'n'>;

/** What a value was, by its words; null for what today's code has no name for. */
function putIn(name: string): Put | null {
  const what = WHAT[name];
  if (what) return { what };
  const [, saved] = /^(.+), there already$/.exec(name) ?? [];
  if (saved) return { what: 'saved', of: saved };
  const [, batches] = /^your brine against the plan, from your (\d+) /.exec(name) ?? [];
  return batches ? { what: 'brineUse', n: Number(batches) } : null;
}

interface FirstWorking {
  readonly id: string;
  readonly result: WorkingValue;
  readonly values: readonly (WorkingValue & { readonly name: string })[];
  readonly plusMinus: number | null;
}

/** Workings stood as sentences: their codes, of those that a record shows. */
function withoutWords({ cautions, working, ...sheet }: Data): Data {
  const dry = sheet.salting !== 'brine';
  const codes: Readonly<Record<string, Pick<Working, 'formula' | 'sources'>>> = {
    salt: {
      formula: sheet.salting === 'rinsed' ? 'saltRinsed' : dry ? 'saltDry' : 'saltBrine',
      sources: [{ from: 'saltKind', of: String(sheet.saltKindId) }]
    },
    brine: { formula: dry ? 'brineDry' : 'brineRoom', sources: [{ from: 'densities' }] },
    ends: { formula: 'evenedOut', sources: [{ from: 'moisture' }] }
  };
  const coded = ((working ?? []) as readonly FirstWorking[]).flatMap((w) => {
    const code = codes[w.id];
    if (!code) return [];
    const values = w.values.flatMap(({ name, value, unit }) => {
      const put = putIn(name);
      return put ? [{ ...put, value, unit }] : [];
    });
    const { value, unit } = w.result;
    return [{ id: w.id, result: { value, unit }, ...code, values, plusMinus: w.plusMinus }];
  });
  return { ...sheet, working: coded };
}

/** One step: the sentences of a start's worksheet are its codes. The oldest starts had no worksheet. */
export const startWithoutWords = (data: Data): Data =>
  data.worksheet ? { ...data, worksheet: withoutWords(data.worksheet as Data) } : data;

interface FirstSaved {
  readonly ml: number;
  readonly naclG: number;
}

/** One step: brine that was there already was called stock, and its water was not written down. */
export function startWithSaved(data: Data): Data {
  const { brine, ...sheet } = (data.worksheet ?? {}) as { readonly brine?: Data | null };
  if (!brine) return data;
  const { fromStock, ...mixed } = brine;
  const fromSaved = ((fromStock ?? []) as readonly FirstSaved[]).map((s) => ({
    ...s,
    waterG: waterBeside(s.naclG, s.ml)
  }));
  return { ...data, worksheet: { ...sheet, brine: { ...mixed, fromSaved } } };
}
