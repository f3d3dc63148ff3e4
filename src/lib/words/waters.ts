import { isWater, type WaterId } from '../core/kit';

interface WaterWords {
  readonly name: string;
  readonly says: string;
}

const WORDS: Readonly<Record<WaterId, WaterWords>> = {
  filtered: {
    name: 'filtered',
    says: 'Ready at once.'
  },
  spring: {
    name: 'spring or well, known good',
    says: 'Ready at once.'
  },
  boiled: {
    name: 'boiled and cooled',
    says: 'Boil it, and let it cool covered: four hours before.'
  },
  stood: {
    name: 'tap, stood overnight',
    says: 'Set it out open the evening before. Chlorine leaves by standing; chloramine does not, nor by boiling.'
  },
  rain: {
    name: 'rain tank, potable',
    says: 'Only water you already drink; boiling does not remove lead.'
  },
  tap: {
    name: 'straight from the tap',
    says: 'One school says it is fine; chlorine may slow the start. Chlorine-free is the surer way.'
  }
};

/** Example: `waterWords('stood').name` is `'tap, stood overnight'`; an unknown one is the first. */
export const waterWords = (id: string): WaterWords => WORDS[isWater(id) ? id : 'filtered'];
