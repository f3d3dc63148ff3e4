import { likeOf } from '../produce/index';
import { plusMinus } from '../quantity/index';
import {
  caution,
  heatCautions,
  lidCautions,
  placeCautions,
  saltCautions,
  type Caution
} from '../safety/index';
import { jarCautions } from './jar-cautions';
import type { GoingIn } from './prepare';
import type { Style } from '../style/index';
import type { RinseAnswer, SaltEnds } from './answers';
import type { Facts } from './working';

/** Mean moisture under which shreds give little juice (kale, carrot, red beet). Common practice, no source. */
const DRY = 0.9;

/** What to heed before cutting starts, worst first. */
export function cautionsFor(facts: Facts): Caution[] {
  const { input, style: s, salting, going, cards, ends } = facts;
  if (cards.length === 0) return [];
  const hottest = going.hottest;
  const all = [
    ...saltCautions(ends.equilibrium, { ...s.salt, name: s.name }),
    ...outsideCautions(s, going),
    ...madeCautions(facts),
    ...lidCautions(cards.filter((c) => c.lid === 'clamped').length, input.opens),
    ...placeCautions(
      input.place.name,
      input.place.tempC,
      going.items.some((i) => i.cut === 'shred') ? 24 : 27
    ),
    ...(hottest ? heatCautions(hottest.heat, hottest.name) : []),
    ...jarCautions(input, going, cards),
    ...going.items.flatMap((i) => {
      const note = s.notes[likeOf(i.cropId)];
      return note ? [caution('crop-note', { note })] : [];
    }),
    ...(salting === 'dry' && cutsThatJuice(going) ? juiceCautions(going, ends) : [])
  ];
  return [...all.filter((c) => c.level === 'harm'), ...all.filter((c) => c.level === 'heed')];
}

/** Of how it is filled, weighed out, rinsed and poured. */
function madeCautions({ input, going, ends, salt, brine, rinse, tooSaltyG, shreds }: Facts): Caution[] {
  const by = salt.scale.nearest === 'spoon' ? 'spoon' : 'bulk';
  return [
    ...(shreds?.mash && shreds.level < 0.9 && !input.topUp ? [caution('mash-air', {})] : []),
    ...(shreds && shreds.idle > 0 ? [caution('jars-idle', { jars: shreds.idle })] : []),
    ...(salt.scale.tooCoarse ? [caution('scale-too-coarse', { by, times: salt.scale.inBulk })] : []),
    ...(rinse?.by === 'estimate'
      ? [caution('rinse-unmeasured', between(rinse.salinity.mean, rinse.salinity.sd))]
      : []),
    ...(rinse ? rinseCautions(rinse, going, ends, input.fraction, tooSaltyG) : []),
    ...(input.brine?.hot && brine?.coolsMinutes != null ? [caution('hot-brine', {})] : [])
  ];
}

/** Main crops that the style is not made for, and crops whose reading alone proves nothing. */
function outsideCautions(s: Style, going: GoingIn): Caution[] {
  const all = going.items.reduce((a, i) => a + i.prepared.mean, 0);
  const outside = going.items.filter(
    (i) => !s.produce.includes(likeOf(i.cropId)) && i.prepared.mean > 0.4 * all
  );
  const near = going.items.filter(
    (i) => i.cropId.startsWith('tomato') && likeOf(i.cropId) !== 'tomato-green'
  );
  return [
    ...outside.map((i) => caution('crop-outside', { crop: i.name, style: s.name })),
    ...(near.length > 0 ? [caution('near-line', { crops: near.map((i) => i.name) })] : [])
  ];
}

/** What is too salty after a rinse, by its name; and two salts that nobody measured. */
function rinseCautions(
  rinse: RinseAnswer,
  going: GoingIn,
  ends: SaltEnds,
  target: number,
  addG: number
): Caution[] {
  const sauceG = going.brought.naclG - rinse.naclG;
  if (rinse.by === 'estimate')
    return sauceG > 0.5 ? [caution('rinse-and-sauce', between(ends.equilibrium, ends.equilibriumSd))] : [];
  if (ends.equilibrium <= target * 1.1) return [];
  const leafAlone = rinse.naclG / Math.max(1, rinse.naclG + rinse.waterG);
  return [caution(leafAlone > target * 1.02 ? 'rinse-salty' : 'sauce-salty', { addG })];
}

/** Nine times in ten it lies there. */
const between = (mean: number, sd: number) => ({
  from: Math.max(0, mean - plusMinus({ mean, sd })),
  to: mean + plusMinus({ mean, sd })
});

/** A mash is its own juice; shreds and leaf must give it first. */
const cutsThatJuice = (going: GoingIn): boolean => going.items.some((i) => i.cut !== 'mash');

function juiceCautions(going: GoingIn, ends: SaltEnds): Caution[] {
  const moisture =
    going.prepared.mean === 0 ? 1 : (going.vegWater.mean - going.brought.drinksG) / going.prepared.mean;
  if (moisture < DRY) {
    const crops = going.items.filter((i) => i.crop.moisture < DRY).map((i) => i.name);
    return [caution('juice-short', crops.length > 0 ? { by: 'crops', crops } : { by: 'dried' })];
  }
  return ends.equilibrium < 0.018 ? [caution('juice-short', { by: 'salt', at: ends.equilibrium })] : [];
}
