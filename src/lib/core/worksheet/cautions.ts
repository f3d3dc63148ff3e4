import { likeOf } from '../produce/index';
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
import type { Style } from '../style/index';
import type { RinseAnswer, SaltEnds } from './answers';
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
  tooSaltyG,
  shreds
}: Facts): Caution[] {
  if (cards.length === 0) return [];
  const hottest = going.hottest;
  const all = [
    ...saltCautions(ends.equilibrium, { ...s.salt, name: s.name }),
    ...outsideCautions(s, going),
    ...(shreds?.mash && shreds.level < 0.9 && !input.topUp
      ? [caution('mash-air', 'The mash does not fill its jar: press wrap on it, or take a smaller one.')]
      : []),
    ...(shreds && shreds.idle > 0
      ? [
          caution(
            'jars-idle',
            `${shreds.idle === 1 ? 'One of these jars stays' : `${shreds.idle} of these jars stay`} empty: there is too little for them.`
          )
        ]
      : []),
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
    ...(rinse ? rinseCautions(rinse, going, ends, input.fraction, tooSaltyG) : []),
    ...(input.brine?.hot && brine?.coolsMinutes != null
      ? [caution('hot-brine', 'Hot brine: warm the jar, a cloth under it, pour slowly.')]
      : []),
    ...lidCautions(cards.filter((c) => c.lid === 'clamped').length, input.opens),
    ...placeCautions(
      input.place.name,
      input.place.tempC,
      going.items.some((i) => i.cut === 'shred') ? 24 : 27,
      input.units
    ),
    ...(hottest ? heatCautions(hottest.heat, hottest.name) : []),
    ...jarCautions(input, going, cards),
    ...going.items.flatMap((i) => {
      const note = s.notes[likeOf(i.cropId)];
      return note ? [caution('crop-note', note)] : [];
    }),
    ...(salting === 'dry' && cutsThatJuice(going) ? juiceCautions(going, ends) : [])
  ];
  return [...all.filter((c) => c.level === 'harm'), ...all.filter((c) => c.level === 'heed')];
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
    ...outside.map((i) => caution('crop-outside', `${i.name} is not usual for ${s.name.toLowerCase()}.`)),
    ...(near.length > 0
      ? [
          caution(
            'near-line',
            `${near.map((i) => i.name).join(', ')}: measure the pH today and again by its day; it must have fallen.`
          )
        ]
      : [])
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
  const range = (sd: number) =>
    `${writePercent(Math.max(0, ends.equilibrium - 1.645 * sd))} and ${writePercent(ends.equilibrium + 1.645 * sd)}`;
  if (rinse.by === 'estimate')
    return sauceG > 0.5
      ? [
          caution(
            'rinse-and-sauce',
            `Leaf that nobody measured and salty things besides: it ends anywhere between ${range(ends.equilibriumSd)}. Taste the leaf before the sauce goes in.`
          )
        ]
      : [];
  if (ends.equilibrium <= target * 1.1) return [];
  const leafAlone = rinse.naclG / Math.max(1, rinse.naclG + rinse.waterG);
  const more = `or work in about ${addG} g of unsalted vegetables.`;
  return leafAlone > target * 1.02
    ? [
        caution(
          'rinse-salty',
          `The leaf is saltier than wanted already: rinse and wring it once more, ${more}`
        )
      ]
    : [
        caution(
          'sauce-salty',
          `The leaf is right; the salty ingredients bring it over: take less of them, ${more}`
        )
      ];
}

/** A mash is its own juice; shreds and leaf must give it first. */
const cutsThatJuice = (going: GoingIn): boolean => going.items.some((i) => i.cut !== 'mash');

function juiceCautions(going: GoingIn, ends: SaltEnds): Caution[] {
  const moisture =
    going.prepared.mean === 0 ? 1 : (going.vegWater.mean - going.brought.drinksG) / going.prepared.mean;
  const dry = going.items.filter((i) => i.crop.moisture < DRY).map((i) => i.name);
  if (moisture < DRY)
    return [
      caution(
        'juice-short',
        `${dry.length > 0 ? `${dry.join(', ')}: ` : 'Dried things drink the juice: '}little juice. Have brine ready.`
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
