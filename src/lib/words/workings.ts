import { saltKind } from '../core/salt';
import type { Working, WorkingSource, WorkingValue } from '../core/worksheet';

/** How a number came about, in words. */
export interface WorkingWords {
  readonly name: string;
  readonly formula: string;
  readonly source: string;
}

const NAMES: Readonly<Record<Working['id'], string>> = {
  prepared: 'Prepared vegetables',
  jars: 'Jars',
  brine: 'Brine to mix',
  salt: 'Salt to weigh out',
  ends: 'How salty it settles'
};

const FORMULAS: Readonly<Record<Working['formula'], string>> = {
  weighed: 'the weights added up',
  trimmed: 'weighed, or picked weight times trim yield where it is not weighed yet',
  shredRoom:
    'room the shreds need = weight / bulk weight of pressed shreds; jars of your free ones that take it with the least left, least spare, fewest jars',
  pieceRoom:
    'room the pieces need = flesh volume / packing of the cut; jars of your free ones that take it with the least left, least spare, fewest jars',
  brineDry: 'what the last jar lacks, plus a reserve of a tenth (at least 50 ml), rounded up to 50 ml',
  brineRoom:
    'room in the jars less flesh volume, plus a reserve of a tenth (at least 50 ml), rounded up to 50 ml',
  saltRinsed:
    'what the wanted salt level asks of all water in the jar, less what the rinse left in the leaf, over the purity of your salt',
  saltDry:
    'share of the wanted salt level × all water in the jar / (1 − that share), over the purity of your salt',
  saltBrine: 'strength of the brine × its weight, over the purity of your salt',
  evenedOut: 'salt / (salt + water added + water in the vegetables), once it has evened out'
};

const VALUES: Readonly<Record<WorkingValue['what'], string | ((v: WorkingValue) => string)>> = {
  weighed: ({ of }) => `${of}, weighed`,
  fromPicked: ({ of, n = 0 }) => `${of}, from ${Math.round(n)} g picked`,
  roomNeeded: 'room needed',
  roomToLine: 'room in these jars, up to the fill line',
  roomInJars: 'room in the jars',
  fleshVolume: 'flesh volume',
  brineInJars: 'brine in the jars',
  brineUse: ({ n = 0 }) => `your brine against the plan, from ${yours(n)}`,
  saved: ({ of }) => `${of}, there already`,
  reserve: 'reserve',
  waterFor: 'water for it',
  saltIn: 'salt in it',
  strength: 'strength, salt in brine',
  wanted: 'wanted',
  pureSalt: 'pure salt',
  purity: 'purity of your salt',
  saltOfBrine: 'of it in the brine',
  leafAfter: 'leaf after the rinse',
  leafSalinity: 'salt level after the rinse',
  leafSalt: 'pure salt left in it',
  bySpoon: 'if measured by spoon: ±',
  vegWater: 'water in the vegetables',
  asPoured: 'brine as poured',
  perVegetables: 'per vegetables',
  perTotal: 'per total weight',
  perWater: 'per water'
};

const yours = (n: number): string => `your ${n} batch${n === 1 ? '' : 'es'}`;

const TRIM_TABLE = 'the table: USDA Agriculture Handbook 102 and Food Buying Guide, recalled from memory';

/** The marks of the salt table in words. Example: `plainSource('P/CP: GNU units')` begins with "published table". */
const plainSource = (source: string): string =>
  source
    .replace(/^P\/CP\b/, 'published table and common practice')
    .replace(/^P(\/C)?(?=:)/, 'published table')
    .replace(/^CP\b/, 'common practice, no source');

/** Says of every figure whether it comes from a table or from the household's own batches. */
function sourceWords(s: WorkingSource): string {
  switch (s.from) {
    case 'scale':
      return 'your scale';
    case 'kit':
      return 'jars: your kit';
    case 'bulk':
      return 'bulk weight of shreds 1.0 g/ml: table, common practice';
    case 'densities':
      return 'flesh density: table, common practice; brine density: fit to CRC and ICT tables, recalled from memory, ±0.0002';
    case 'moisture':
      return 'moisture of the crops: USDA SR24, public domain; mass balance';
    case 'saltKind': {
      const kind = saltKind(s.of);
      return kind ? `${kind.name}: ${plainSource(kind.source)}` : s.of;
    }
    case 'trim':
      return `trim yield of ${s.of.toLowerCase()} from ${s.n > 0 ? yours(s.n) : TRIM_TABLE}`;
    case 'packing':
      return packingWords(s);
  }
}

function packingWords({ of, value, n, ownCut }: WorkingSource & { from: 'packing' }): string {
  const cut = ownCut ? ` in ${ownCut.name.toLowerCase()}` : '';
  const table = ownCut?.gPerLitre == null ? 'table, common practice' : 'as you said of your cut';
  return `packing of ${of.toLowerCase()}${cut} ${value.toFixed(2)}: ${n > 0 ? `from ${yours(n)}` : table}`;
}

export const workingWords = ({ id, formula, sources }: Working): WorkingWords => ({
  name: NAMES[id],
  formula: FORMULAS[formula],
  source: [...new Set(sources.map(sourceWords))].join('; ')
});

/** What a value is. Example: `valueWords({ what: 'saved', of: 'Old kraut', … })` is `'Old kraut, there already'`. */
export function valueWords(v: WorkingValue): string {
  const words = VALUES[v.what];
  return typeof words === 'function' ? words(v) : words;
}
