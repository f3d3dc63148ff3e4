import type { Correction } from '$lib/core/batch';
import type { Doing, Remedy } from '$lib/core/correct';
import { roundSalt, writePercent, writeSalt } from '$lib/core/quantity';

interface Writes {
  mass(g: number): string;
  volume(ml: number): string;
}

const TIMES = ['', 'once', 'twice', 'three times', 'four times', 'five times', 'six times'];
const hours = (h: number): string =>
  h < 36 ? `${Math.max(1, Math.round(h))} hour${Math.round(h) > 1 ? 's' : ''}` : `${Math.round(h / 24)} days`;

/** What to do with one jar, as sentences in their order; `purity` turns pure salt into the household's. */
export function doingWords(remedy: Remedy, purity: number, write: Writes): string[] {
  const [draw, water] = remedy.doing;
  if (draw?.act === 'draw' && water?.act === 'water') {
    const each = `Draw off ${write.volume(draw.brineG)} of brine and pour in as much plain water`;
    return draw.times === 1
      ? [`${each}.`]
      : [
          `${each}; ${TIMES[draw.times] ?? draw.times}, each time after ${hours(remedy.waitHours / draw.times)}.`
        ];
  }
  return remedy.doing.map((d) => words(d, purity, write));
}

function words(d: Doing, purity: number, write: Writes): string {
  switch (d.act) {
    case 'draw':
      return `Draw off ${write.volume(d.brineG)} of brine.`;
    case 'water':
      return `Pour in ${write.volume(d.waterG)} of plain water.`;
    case 'brine':
      return `Pour in ${write.volume(d.massG / (1 + 0.7 * d.strength))} of brine: ${writeSalt(roundSalt(d.naclG / purity))} salt in ${write.volume(d.waterG)} water (${writePercent(d.strength)}).`;
    case 'salt':
      return `Dissolve ${writeSalt(roundSalt(d.naclG / purity))} salt in about ${write.volume(Math.max(20, d.inBrineG))} of its own brine, and pour it back.`;
    case 'wait':
      return 'Press it down and wait a day: it comes out again. Only if it must be covered now:';
  }
}

/** How long until it has evened out, in words. */
export const waitWords = hours;

/** What was done to a jar, for the record. */
export function didWords(c: Omit<Correction, 'id' | 'at'>, write: Writes): string {
  const parts = [
    c.lostG > 0.5 ? `${write.mass(c.lostG)} lost` : '',
    c.drawnG > 0.5 ? `${write.mass(c.drawnG)} of brine drawn off` : '',
    c.vegG > 0.5 ? `${write.mass(c.vegG)} unsalted in` : '',
    c.waterG > 0.5 ? `${write.mass(c.waterG)} water in` : '',
    c.saltG > 0.05 ? `${writeSalt(c.saltG)} salt in` : ''
  ].filter(Boolean);
  return parts.join(', ') || 'nothing added';
}
