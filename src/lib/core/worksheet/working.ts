import { plusMinus, relativeSd } from '../quantity/index';
import type { SaltKind } from '../salt/index';
import type { Salting, Style } from '../style/index';
import { byBulk } from '../vessel/index';
import { brinePlusMinus } from './brined';
import type { GoingIn } from './prepare';
import type { WorksheetInput } from './types';
import type { BrineToMix, JarCard, RinseAnswer, SaltAnswer, SaltEnds, ShredsAnswer } from './answers';
import type { Working, WorkingSource, WorkingValue } from './working-types';

const v = (
  what: WorkingValue['what'],
  value: number,
  unit: WorkingValue['unit'],
  of: Pick<WorkingValue, 'of' | 'n'> = {}
): WorkingValue => ({ what, value, unit, ...of });

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

/** For every number on the sheet: formula, values put in, sources, error; in words in `words/workings.ts`. */
export function workings(f: Facts): Working[] {
  return [preparedWorking(f), jarsWorking(f), ...brineWorking(f), saltWorking(f), endsWorking(f)];
}

function preparedWorking({ going }: Facts): Working {
  const estimated = going.items.filter((i) => !i.weighed);
  return {
    id: 'prepared',
    result: { value: going.prepared.mean, unit: 'mass' },
    formula: estimated.length > 0 ? 'trimmed' : 'weighed',
    values: going.items.map((i) =>
      v(
        i.weighed ? 'weighed' : 'fromPicked',
        i.prepared.mean,
        'mass',
        i.weighed ? { of: i.name } : { of: i.name, n: i.pickedG }
      )
    ),
    sources:
      estimated.length > 0
        ? estimated.map((i) => ({ from: 'trim', of: i.name, n: i.trimFrom }))
        : [{ from: 'scale' }],
    plusMinus: plusMinus(going.prepared)
  };
}

function jarsWorking({ salting, going, needMl, roomMl, cards }: Facts): Working {
  return {
    id: 'jars',
    result: { value: cards.length, unit: 'count' },
    formula: salting === 'brine' ? 'pieceRoom' : 'shredRoom',
    values: [v('roomNeeded', needMl, 'volume'), v('roomToLine', roomMl, 'volume')],
    sources: [...packingSources(going.items), { from: 'kit' }],
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
      result: { value: brine.mixMl, unit: 'volume' },
      formula: dry ? 'brineDry' : 'brineRoom',
      values: [
        ...(dry
          ? []
          : [v('roomInJars', roomMl, 'volume'), v('fleshVolume', going.flesh.mean * share, 'volume')]),
        v('brineInJars', brine.inJarsMl, 'volume'),
        ...(use && use.n > 0 && !dry ? [v('brineUse', use.mean, 'number', { n: use.n })] : []),
        ...brine.fromSaved.map((b) => v('saved', b.ml, 'volume', { of: b.name })),
        v('reserve', brine.reserveMl, 'volume'),
        v('waterFor', brine.waterMl, 'volume'),
        v('saltIn', brine.saltG, 'salt'),
        v('strength', brine.strength, 'strength')
      ],
      sources: [{ from: 'densities' }],
      plusMinus: dry ? null : brinePlusMinus(going, share)
    }
  ];
}

function saltWorking({ salt, kind, input, brine, salting, rinse }: Facts): Working {
  const bySpoon = salt.spoons.atRoundedG * relativeSd(kind.gsd);
  return {
    id: 'salt',
    result: { value: salt.weighG, unit: 'salt' },
    formula: ({ rinsed: 'saltRinsed', dry: 'saltDry', brine: 'saltBrine' } as const)[salting],
    values: [
      v('wanted', input.fraction, 'percent'),
      v('pureSalt', salt.naclG, 'salt'),
      v('purity', kind.purity, 'percent'),
      ...(brine ? [v('saltOfBrine', brine.saltG, 'salt')] : []),
      ...(rinse
        ? [
            v('leafAfter', rinse.after.mean, 'mass'),
            v('leafSalinity', rinse.salinity.mean, 'percent'),
            v('leafSalt', rinse.naclG, 'salt')
          ]
        : []),
      v('bySpoon', plusMinus({ mean: salt.weighG, sd: bySpoon }), 'salt')
    ],
    sources: [{ from: 'saltKind', of: kind.id }],
    plusMinus: plusMinus({ mean: salt.weighG, sd: input.scaleStepG / Math.sqrt(12) })
  };
}

function endsWorking({ ends, going, share, brine }: Facts): Working {
  return {
    id: 'ends',
    result: { value: ends.equilibrium, unit: 'percent' },
    formula: 'evenedOut',
    values: [
      v('vegWater', going.vegWater.mean * share, 'mass'),
      ...(brine && ends.perWater !== null ? [v('asPoured', brine.strength, 'strength')] : []),
      v('perVegetables', ends.perVegetables, 'percent'),
      v('perTotal', ends.perTotal, 'percent'),
      ...(ends.perWater !== null ? [v('perWater', ends.perWater, 'percent')] : [])
    ],
    sources: [{ from: 'moisture' }],
    plusMinus: plusMinus({ mean: ends.equilibrium, sd: ends.equilibriumSd })
  };
}

/** Packing: of the table, or of the household's own batches. */
const packingSources = (items: Facts['going']['items']): WorkingSource[] =>
  items.map((i) =>
    byBulk(i.cut, i.packing)
      ? { from: 'bulk' }
      : {
          ...{ from: 'packing', of: i.name, value: i.packing, n: i.packingFrom },
          ...(i.ownCut ? { ownCut: i.ownCut } : {})
        }
  );
