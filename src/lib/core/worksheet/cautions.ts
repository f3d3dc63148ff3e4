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
import type { Style } from '../style/index';
import type { GoingIn } from './prepare';
import type { JarCard, SaltEnds, WorksheetInput } from './types';

/** Mean moisture under which shreds give little juice (kale, carrot, red beet). Common practice, no source. */
const DRY = 0.9;

/** What to heed before cutting starts, worst first. */
export function cautionsFor(
  input: WorksheetInput,
  s: Style,
  going: GoingIn,
  cards: readonly JarCard[],
  ends: SaltEnds,
  scale: ScaleAdvice
): Caution[] {
  if (cards.length === 0) return [];
  const hottest = going.hottest;
  const all = [
    ...saltCautions(ends.equilibrium),
    ...(scale.tooCoarse
      ? [caution('scale-too-coarse', `Your scale is too coarse for this dose: ${advice(scale)}.`)]
      : []),
    ...lidCautions(cards.filter((c) => c.lid === 'clamped').length, input.opens),
    ...placeCautions(input.place.name, input.place.tempC),
    ...(hottest ? heatCautions(hottest.heat, hottest.name) : []),
    ...(s.salting === 'dry' ? juiceCautions(going, ends) : [])
  ];
  return [...all.filter((c) => c.level === 'harm'), ...all.filter((c) => c.level === 'heed')];
}

function juiceCautions(going: GoingIn, ends: SaltEnds): Caution[] {
  const moisture = going.prepared.mean === 0 ? 1 : going.vegWater.mean / going.prepared.mean;
  const dry = going.items.filter((i) => (crop(i.cropId)?.moisture ?? 1) < DRY).map((i) => i.name);
  if (moisture < DRY)
    return [caution('juice-short', `${dry.join(', ')}: dry stuff, little juice. Have brine ready.`)];
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
