import { crop } from '../produce/index';
import { writePercent } from '../quantity/index';
import {
  caution,
  heatCautions,
  lidCautions,
  placeCautions,
  saltCautions,
  type Caution
} from '../safety/index';
import type { ScaleAdvice } from '../salt/index';
import { jarCautions } from './jar-cautions';
import type { GoingIn } from './prepare';
import type { SaltEnds } from './types';
import type { Facts } from './working';

/** Mean moisture under which shreds give little juice (kale, carrot, red beet). Common practice, no source. */
const DRY = 0.9;

/** What to heed before cutting starts, worst first. */
export function cautionsFor({
  input,
  style: s,
  salting,
  going,
  cards,
  ends,
  salt,
  brine,
  rinse,
  tooSaltyG
}: Facts): Caution[] {
  if (cards.length === 0) return [];
  const hottest = going.hottest;
  const all = [
    ...saltCautions(ends.equilibrium),
    ...(salt.scale.tooCoarse
      ? [caution('scale-too-coarse', `Your scale is too coarse for this dose: ${advice(salt.scale)}.`)]
      : []),
    ...(rinse?.by === 'estimate'
      ? [
          caution(
            'rinse-unmeasured',
            `Rinsed leaf that nobody tasted or measured: somewhere between ${writePercent(Math.max(0, rinse.salinity.mean - 1.645 * rinse.salinity.sd))} and ${writePercent(rinse.salinity.mean + 1.645 * rinse.salinity.sd)}.`
          )
        ]
      : []),
    ...(rinse && rinse.by !== 'estimate' && ends.equilibrium > input.fraction * 1.1
      ? [
          caution(
            'rinse-salty',
            `The leaf is saltier than wanted already: rinse and wring it once more, or work in about ${tooSaltyG} g of unsalted vegetables.`
          )
        ]
      : []),
    ...(brine?.coolsMinutes != null
      ? [caution('hot-brine', 'Hot brine: warm the jar, a cloth under it, pour slowly.')]
      : []),
    ...lidCautions(cards.filter((c) => c.lid === 'clamped').length, input.opens),
    ...placeCautions(input.place.name, input.place.tempC),
    ...(hottest ? heatCautions(hottest.heat, hottest.name) : []),
    ...jarCautions(input, going, cards),
    ...going.items.flatMap((i) => (s.notes[i.cropId] ? [caution('crop-note', s.notes[i.cropId]!)] : [])),
    ...(salting === 'dry' && cutsThatJuice(going) ? juiceCautions(going, ends) : [])
  ];
  return [...all.filter((c) => c.level === 'harm'), ...all.filter((c) => c.level === 'heed')];
}

/** A mash is its own juice; shreds and leaf must give it first. */
const cutsThatJuice = (going: GoingIn): boolean => going.items.some((i) => i.cut !== 'mash');

function juiceCautions(going: GoingIn, ends: SaltEnds): Caution[] {
  const moisture =
    going.prepared.mean === 0 ? 1 : (going.vegWater.mean - going.brought.drinksG) / going.prepared.mean;
  const dry = going.items.filter((i) => (crop(i.cropId)?.moisture ?? 1) < DRY).map((i) => i.name);
  if (moisture < DRY)
    return [
      caution(
        'juice-short',
        `${dry.length > 0 ? `${dry.join(', ')}: dry stuff` : 'Dried things drink the juice'}, little juice. Have brine ready.`
      )
    ];
  if (ends.equilibrium < 0.018)
    return [
      caution(
        'juice-short',
        `Salt of ${writePercent(ends.equilibrium)} draws little juice. Have brine ready.`
      )
    ];
  return [];
}

const advice = (scale: ScaleAdvice): string =>
  scale.nearest === 'spoon'
    ? 'measure it by level spoons'
    : `make ${scale.inBulk} times the brine at once, or borrow a finer one`;
