import type { CareKind } from '../core/batch';
import type { TroubleKind } from '../core/correct';
import type { Lid } from '../core/vessel';
import type { Question, Slip, Zone } from '../core/worksheet';
import { writePercent } from '../core/quantity';
import { jarsSaid, listed } from './said';

const CARE: Record<CareKind, readonly [does: string, why: string]> = {
  open: ['Open', 'over the sink, slowly, a cloth on top; close again'],
  look: ['Look and press down', 'all of it under the brine, skim what floats'],
  airlock: ['Water in the airlock', 'water to its line; clear spirit keeps flies out of it'],
  juice: ['Juice over the shreds?', 'if not, pour boiled, cooled brine over them'],
  taste: ['Taste', 'with a clean fork'],
  pH: ['Measure pH', 'a strip in the brine'],
  toCold: ['Move to the cold', 'the latest day for the counter'],
  openInCold: ['Open once in the cold', 'it still gasses in the first week'],
  level: ['Check the level', 'liquid over everything'],
  stir: ['Stir the mash', 'to the bottom; smooth the top, wipe the rim'],
  tray: ['Put a tray under', 'it will swell over its rim; what runs over is poured back']
};

/** Example: `careWords('open', [38, 39])` is `Open 38 and 39`. */
export const careWords = (kind: CareKind, lidNumbers: readonly number[]): string =>
  kind === 'juice' ? `${CARE.juice[0]} ${listed(lidNumbers)}` : `${CARE[kind][0]}, ${jarsSaid(lidNumbers)}`;
/** What is done, in a word or two. Example: `careDoes('look')` is `Look and press down`. */
export const careDoes = (kind: CareKind): string => CARE[kind][0];
export const careWhy = (kind: CareKind): string => CARE[kind][1];
const SHORT: Record<CareKind, string> = {
  open: 'open',
  look: 'look',
  airlock: 'airlock',
  juice: 'juice',
  taste: 'taste',
  pH: 'pH',
  toCold: 'to the cold',
  openInCold: 'open',
  level: 'level',
  stir: 'stir',
  tray: 'tray'
};
/** A word for under a jar. */
export const careShort = (kind: CareKind): string => SHORT[kind];

export const LID_WORDS: Record<Lid, string> = {
  clamped: 'clamped, opened by hand',
  airlock: 'airlock',
  valve: 'valve lid',
  loose: 'loose lid',
  cloth: 'cloth',
  'water channel': 'water channel'
};

/** What went wrong, as people say it. */
export const TROUBLE_WORDS: Record<TroubleKind, string> = {
  short: 'too little liquid over it',
  'too-salty': 'too salty',
  'too-weak': 'too little salt',
  evaporated: 'the level fell: water evaporated',
  spilled: 'the level fell: brine ran over or was spilled',
  'spilled-refilled': 'brine ran over, and it is filled up already',
  'drawn-in': 'the level fell: brine sank into the vegetables',
  'wrong-top-up': 'topped up with the wrong thing',
  'unsalted-added': 'unsalted vegetables were worked in afterwards'
};

/** The zones of the salt ladder. */
export const ZONE_WORDS: Readonly<Record<Zone['id'], string>> = {
  'too-weak': 'too weak to keep',
  short: 'short, cold only',
  usual: 'usual',
  firm: 'firm',
  slow: 'slow and crisp',
  'very-slow': 'very slow',
  'too-salty': 'too salty to eat as it is'
};

const SLIP_WORDS: Record<Slip, string> = {
  ten: 'Perhaps a figure is missing or one too many?',
  ounces: 'Perhaps the scale showed ounces, or grams, and the other was meant?',
  pounds: 'Perhaps pounds were meant, or kilos?',
  bowl: 'Perhaps the bowl was weighed with it?'
};

/** A weight that hardly can be, asked with the likely slip. */
export function questionWords(q: Question, mass: (g: number) => string): string {
  const slip = q.slip ? ` ${SLIP_WORDS[q.slip]}` : '';
  const v = q.values;
  switch (q.code) {
    case 'prepared-too-little':
      return `${mass(v.preparedG ?? 0)} from ${mass(v.pickedG ?? 0)} picked is little: about ${mass(v.expectedG ?? 0)} is usual.${slip}`;
    case 'prepared-too-much':
      return `${mass(v.preparedG ?? 0)} is more than was picked (${mass(v.pickedG ?? 0)}).${slip}`;
    case 'jars-mostly-air':
      return `${mass(v.vegG ?? 0)} fills these jars to ${writePercent(v.fill ?? 0, 0)} only: mostly air, and air brings mould.${slip || ' Take a smaller one.'}`;
    case 'jars-overfull':
      return `${mass(v.vegG ?? 0)} is ${Math.round((v.fill ?? 1) * 10) / 10} times what these jars hold.${slip}`;
    case 'dose-tenfold':
      return `That is ${Math.round((v.ends ?? 0) / (v.usual ?? 1))} times the usual salt.${slip}`;
  }
}
