import { writePercent } from '../quantity/index';

/** Red is only for harm; heed is for what may spoil the jar or the fun. */
export type Level = 'harm' | 'heed';

/** A caution at the place of harm: what, why, and how well that is known. */
export interface Caution {
  readonly rule: string;
  readonly level: Level;
  readonly says: string;
  readonly reason: string;
  readonly source: string;
}

interface Rule {
  readonly level: Level;
  readonly reason: string;
  readonly source: string;
}

const PRACTICE = 'common practice, no source';
const GUIDE6 = 'USDA Complete Guide to Home Canning, Guide 6, recalled from memory';

/** Every rule once, with its reason and its source. */
export const RULES = {
  'salt-too-weak': {
    level: 'harm',
    reason: 'Salt holds spoilers back until the acid is made. Under 1.5 % they may win.',
    source: PRACTICE
  },
  'salt-low': { level: 'heed', reason: 'Keeps a short time, and only in the cold.', source: PRACTICE },
  'salt-high': { level: 'heed', reason: 'Sours slowly and is too salty to eat undiluted.', source: PRACTICE },
  'lid-unopened': {
    level: 'harm',
    reason: 'A clamped lid holds the gas in. Glass that nobody opens can burst.',
    source: PRACTICE
  },
  'ph-line': {
    level: 'harm',
    reason: 'A ferment that is not at pH 4.6 by this day has not soured as it should. Do not taste it.',
    source: 'pH 4.6 as in 21 CFR 114, recalled from memory; the day is common practice'
  },
  'ph-not-fallen': {
    level: 'harm',
    reason: 'Tomatoes start near 4.6, so a low reading alone proves nothing: the pH must also have fallen.',
    source: PRACTICE
  },
  'place-cold': { level: 'heed', reason: 'Under 15 °C it may not start.', source: GUIDE6 },
  'place-warm': {
    level: 'heed',
    reason: 'Over 27 °C it softens and the wrong bacteria gain.',
    source: GUIDE6
  },
  'scale-too-coarse': {
    level: 'harm',
    reason: 'Half a step of the scale is over a quarter of the dose: it may come out far too weak.',
    source: PRACTICE
  },
  gloves: { level: 'heed', reason: 'Chilli burns skin and eyes for hours.', source: PRACTICE },
  'juice-short': {
    level: 'heed',
    reason: 'Dry, lightly salted or old produce gives little juice, and what stands in air moulds.',
    source: `${GUIDE6}; how to foresee it is common practice`
  },
  'rinse-unmeasured': {
    level: 'harm',
    reason:
      'What heavy salting and rinsing leave cannot be reckoned: it may be too weak to keep or too salty to eat. Taste the wrung leaf, or measure the juice.',
    source: PRACTICE
  },
  'rinse-salty': { level: 'heed', reason: 'Salt that is in comes out by water only.', source: PRACTICE },
  'hot-brine': {
    level: 'heed',
    reason: 'Hot brine cracks cold glass and scalds. Hot also wilts, and fewer bacteria live through it.',
    source: PRACTICE
  },
  'weight-above-rim': {
    level: 'heed',
    reason: 'A weight that stands above the rim keeps the lid open, or lifts it.',
    source: PRACTICE
  },
  'bits-past': {
    level: 'heed',
    reason: 'Bits that float up past the cover meet air, and mould starts on them.',
    source: PRACTICE
  },
  'away-clamped': {
    level: 'harm',
    reason: 'In its gassing days a closed lid must be opened. Glass that nobody opens can burst.',
    source: PRACTICE
  },
  hollow: {
    level: 'heed',
    reason: 'Air inside a piece lifts it and spoils it from within.',
    source: PRACTICE
  },
  floats: { level: 'heed', reason: 'What floats meets air, and what meets air moulds.', source: PRACTICE },
  'much-surface': {
    level: 'heed',
    reason: 'Much open surface on little content: film and evaporation.',
    source: PRACTICE
  },
  'crop-note': { level: 'heed', reason: 'It is the usual hand for this crop.', source: PRACTICE },
  'when-in-doubt': {
    level: 'harm',
    reason:
      'A flat white film is usually yeast: skim it and cover better. Raised or coloured spots, slime with softness, or a rotten smell: discard unopened to others, do not taste.',
    source: PRACTICE
  },
  'raw-not-pantry': {
    level: 'harm',
    reason: 'A raw ferment is alive and not shelf-stable. Only a tested heat process makes a pantry jar.',
    source: GUIDE6
  }
} as const satisfies Record<string, Rule>;

export type RuleId = keyof typeof RULES;

/** A rule with the sentence for this case. */
export function caution(rule: RuleId, says: string): Caution {
  const { level, reason, source } = RULES[rule];
  return { rule, level, says, reason, source };
}

/** What the salinity alone says. Example: `saltCautions(0.014)` is one harm, `saltCautions(0.022)` is none. */
export function saltCautions(equilibrium: number): Caution[] {
  const at = writePercent(equilibrium);
  if (equilibrium < 0.015) return [caution('salt-too-weak', `Ends at ${at}: too weak to keep.`)];
  if (equilibrium < 0.018) return [caution('salt-low', `Ends at ${at}: short-lived, cold only.`)];
  if (equilibrium > 0.05) return [caution('salt-high', `Ends at ${at}: very salty.`)];
  return [];
}

/** What the place's temperature says. Example: `placeCautions('Cellar', 12)` is one heed. */
export function placeCautions(name: string, tempC: number): Caution[] {
  if (tempC < 15) return [caution('place-cold', `${name} is ${tempC} °C: it may not start there.`)];
  if (tempC > 27) return [caution('place-warm', `${name} is ${tempC} °C: cooler is better.`)];
  return [];
}

/** Nobody to open a clamped lid. `opens` = somebody is there every day. */
export function lidCautions(clampedJars: number, opens: boolean): Caution[] {
  if (opens || clampedJars === 0) return [];
  const jars = clampedJars === 1 ? 'A clamped jar' : `${clampedJars} clamped jars`;
  return [caution('lid-unopened', `${jars} and nobody to open them: take an airlock, or loosen the lid.`)];
}

/** Chillies on the board. Example: heat class 2 asks for gloves. */
export function heatCautions(hottest: number, name: string): Caution[] {
  return hottest >= 1 ? [caution('gloves', `${name}: wear gloves, keep off your eyes.`)] : [];
}

/** The line that a reading is held against. Source: 21 CFR 114, recalled from memory. */
export const PH_LINE = 4.6;
/** How far a tomato's pH must have come down, pH; a strip reads to about 0.3. Common practice, no source. */
export const PH_FALL = 0.3;

export interface PHCase {
  /** Readings in time order. */
  readonly readings: readonly number[];
  readonly day: number;
  /** The style's day for the line, already for this place. */
  readonly lineDay: number;
  readonly startsNearLine: boolean;
}

/** What the pH readings say on that day. Example: 4.8 on day 8 with the line on day 7 is a harm. */
export function pHCautions(c: PHCase): Caution[] {
  const last = c.readings.at(-1);
  const first = c.readings[0];
  if (last === undefined || first === undefined) return [];
  if (last > PH_LINE)
    return c.day < c.lineDay
      ? []
      : [
          caution('ph-line', `pH ${last} on day ${c.day}: not under ${PH_LINE} by day ${c.lineDay}. Discard.`)
        ];
  const fallen = c.readings.length > 1 && first - last >= PH_FALL - 1e-9;
  if (c.startsNearLine && !fallen && c.day >= c.lineDay)
    return [
      caution(
        'ph-not-fallen',
        `pH ${last}, but it has not been seen to fall. Measure again, compare with the first.`
      )
    ];
  return [];
}
