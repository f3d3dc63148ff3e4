import { plusMinus, relativeSd } from '../quantity/index';
import type { SaltKind } from '../salt/index';
import type { Salting, Style } from '../style/index';
import { byBulk } from '../vessel/index';
import { brinePlusMinus } from './brined';
import type { GoingIn } from './prepare';
import type { WorksheetInput } from './types';
import type {
  BrineToMix,
  JarCard,
  RinseAnswer,
  SaltAnswer,
  SaltEnds,
  ShredsAnswer,
  Working,
  WorkingValue
} from './answers';

const v = (name: string, value: number, unit: WorkingValue['unit']): WorkingValue => ({ name, value, unit });

export interface Facts {
  readonly input: WorksheetInput;
  readonly style: Style;
  readonly salting: Salting;
  readonly rinse: RinseAnswer | null;
  readonly going: GoingIn;
  readonly share: number;
  /** Rinsed leaf saltier than wanted: unsalted vegetables that would bring it back, g. */
  readonly tooSaltyG: number;
  readonly needMl: number;
  readonly roomMl: number;
  readonly cards: readonly JarCard[];
  readonly brine: BrineToMix | null;
  readonly salt: SaltAnswer;
  readonly kind: SaltKind;
  readonly ends: SaltEnds;
  readonly shreds: ShredsAnswer | null;
}

/** For every number on the sheet: formula in words, values put in, source, error. */
export function workings(f: Facts): Working[] {
  return [preparedWorking(f), jarsWorking(f), ...brineWorking(f), saltWorking(f), endsWorking(f)];
}

function preparedWorking({ going }: Facts): Working {
  const estimated = going.items.some((i) => !i.weighed);
  return {
    id: 'prepared',
    name: 'Prepared vegetables',
    result: v('prepared', going.prepared.mean, 'mass'),
    formula: estimated
      ? 'weighed, or picked weight times trim yield where it is not weighed yet'
      : 'the weights added up',
    values: going.items.flatMap((i) => [
      v(
        `${i.name}, ${i.weighed ? 'weighed' : `from ${Math.round(i.pickedG)} g picked`}`,
        i.prepared.mean,
        'mass'
      )
    ]),
    source: estimated ? trimSource(going.items.filter((i) => !i.weighed)) : 'your scale',
    plusMinus: plusMinus(going.prepared)
  };
}

/** The marks of the salt table in words. Example: `plainSource('P/CP: GNU units')` begins with "published table". */
const plainSource = (source: string): string =>
  source
    .replace(/^P\/CP\b/, 'published table and common practice')
    .replace(/^P(\/C)?(?=:)/, 'published table')
    .replace(/^CP\b/, 'common practice, no source');

function jarsWorking({ salting, going, needMl, roomMl, cards }: Facts): Working {
  const dry = salting !== 'brine';
  return {
    id: 'jars',
    name: 'Jars',
    result: v('jars', cards.length, 'count'),
    formula: dry
      ? 'room the shreds need = weight / bulk weight of pressed shreds; jars of your free ones that take it with the least left, least spare, fewest jars'
      : 'room the pieces need = flesh volume / packing of the cut; jars of your free ones that take it with the least left, least spare, fewest jars',
    values: [
      v('room needed', needMl, 'volume'),
      v('room in these jars, up to the fill line', roomMl, 'volume')
    ],
    source: `${packingSource(going.items)}; jars: your kit`,
    plusMinus: null
  };
}

function brineWorking({ brine, going, share, salting, roomMl, input }: Facts): Working[] {
  if (!brine) return [];
  const dry = salting !== 'brine';
  const use = input.brineUse;
  return [
    {
      id: 'brine',
      name: 'Brine to mix',
      result: v('brine', brine.mixMl, 'volume'),
      formula: dry
        ? 'what the last jar lacks, plus a reserve of a tenth (at least 50 ml), rounded up to 50 ml'
        : 'room in the jars less flesh volume, plus a reserve of a tenth (at least 50 ml), rounded up to 50 ml',
      values: [
        ...(dry
          ? []
          : [v('room in the jars', roomMl, 'volume'), v('flesh volume', going.flesh.mean * share, 'volume')]),
        v('brine in the jars', brine.inJarsMl, 'volume'),
        ...(use && use.n > 0 && !dry
          ? [v(`your brine against the plan, from your ${use.n} batches`, use.mean, 'number')]
          : []),
        ...brine.fromStock.map((b) => v(`${b.name}, there already`, b.ml, 'volume')),
        v('reserve', brine.reserveMl, 'volume'),
        v('water for it', brine.waterMl, 'volume'),
        v('salt in it', brine.saltG, 'salt'),
        v('strength, salt in brine', brine.strength, 'strength')
      ],
      source:
        'flesh density: table, common practice; brine density: fit to CRC and ICT tables, recalled from memory, ±0.0002',
      plusMinus: dry ? null : brinePlusMinus(going, share)
    }
  ];
}

function saltWorking({ salt, kind, input, brine, salting, rinse }: Facts): Working {
  const bySpoon = salt.spoons.atRoundedG * relativeSd(kind.gsd);
  return {
    id: 'salt',
    name: 'Salt to weigh out',
    result: v('salt', salt.weighG, 'salt'),
    formula:
      salting === 'rinsed'
        ? 'what the wanted salinity asks of all water in the jar, less what the rinse left in the leaf, over the purity of your salt'
        : salting === 'dry'
          ? 'share of the wanted salinity × all water in the jar / (1 − that share), over the purity of your salt'
          : 'strength of the brine × its weight, over the purity of your salt',
    values: [
      v('wanted', input.fraction, 'percent'),
      v('pure salt', salt.naclG, 'salt'),
      v('purity of your salt', kind.purity, 'percent'),
      ...(brine ? [v('of it in the brine', brine.saltG, 'salt')] : []),
      ...(rinse
        ? [
            v('leaf after the rinse', rinse.after.mean, 'mass'),
            v('salinity after the rinse', rinse.salinity.mean, 'percent'),
            v('pure salt left in it', rinse.naclG, 'salt')
          ]
        : []),
      v('if measured by spoon: ±', plusMinus({ mean: salt.weighG, sd: bySpoon }), 'salt')
    ],
    source: `${kind.name}: ${plainSource(kind.source)}`,
    plusMinus: plusMinus({ mean: salt.weighG, sd: input.scaleStepG / Math.sqrt(12) })
  };
}

function endsWorking({ ends, going, share, brine }: Facts): Working {
  return {
    id: 'ends',
    name: 'How salty it settles',
    result: v('equilibrium salinity', ends.equilibrium, 'percent'),
    formula: 'salt / (salt + water added + water in the vegetables), once it has evened out',
    values: [
      v('water in the vegetables', going.vegWater.mean * share, 'mass'),
      ...(brine && ends.perWater !== null ? [v('brine as poured', brine.strength, 'strength')] : []),
      v('per vegetables', ends.perVegetables, 'percent'),
      v('per total weight', ends.perTotal, 'percent'),
      ...(ends.perWater !== null ? [v('per water', ends.perWater, 'percent')] : [])
    ],
    source: 'moisture of the crops: USDA SR24, public domain; mass balance',
    plusMinus: plusMinus({ mean: ends.equilibrium, sd: ends.equilibriumSd })
  };
}

const TRIM_TABLE = 'the table: USDA Agriculture Handbook 102 and Food Buying Guide, recalled from memory';

/** Says of every estimate whether it comes from the table or from the household's own batches. */
function trimSource(items: readonly { readonly name: string; readonly trimFrom: number }[]): string {
  const from = (n: number) => (n > 0 ? `your ${n} batch${n === 1 ? '' : 'es'}` : TRIM_TABLE);
  return items.map((i) => `trim yield of ${i.name.toLowerCase()} from ${from(i.trimFrom)}`).join('; ');
}

/** Packing: of the table, or of the household's own batches. */
function packingSource(items: Facts['going']['items']): string {
  return items
    .map((i) =>
      byBulk(i.cut, i.packing)
        ? 'bulk weight of shreds 1.0 g/ml: table, common practice'
        : `packing of ${i.name.toLowerCase()} ${i.packing.toFixed(2)}: ${i.packingFrom > 0 ? `from your ${i.packingFrom} batch${i.packingFrom > 1 ? 'es' : ''}` : 'table, common practice'}`
    )
    .filter((says, i, all) => all.indexOf(says) === i)
    .join('; ');
}
