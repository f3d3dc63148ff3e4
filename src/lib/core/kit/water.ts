/** Where the water for brine comes from, and how long before it must be set out. Common practice, no source. */
export interface WaterSource {
  readonly id: string;
  readonly name: string;
  readonly leadHours: number;
  readonly says: string;
}

export const WATERS: readonly WaterSource[] = [
  { id: 'filtered', name: 'filtered', leadHours: 0, says: 'Ready at once.' },
  { id: 'spring', name: 'spring or well, known good', leadHours: 0, says: 'Ready at once.' },
  {
    id: 'boiled',
    name: 'boiled and cooled',
    leadHours: 4,
    says: 'Boil it, and let it cool covered: four hours before.'
  },
  {
    id: 'stood',
    name: 'tap, stood overnight',
    leadHours: 12,
    says: 'Set it out open the evening before. Chlorine leaves by standing; chloramine does not, nor by boiling.'
  },
  {
    id: 'rain',
    name: 'rain tank, potable',
    leadHours: 4,
    says: 'Only water you already drink; boiling does not remove lead.'
  },
  {
    id: 'tap',
    name: 'straight from the tap',
    leadHours: 0,
    says: 'One school says it is fine; chlorine may slow the start. Chlorine-free is the surer way.'
  }
];

/** Example: `waterSource('stood').leadHours` is `12`; an unknown one is the first. */
export const waterSource = (id: string): WaterSource => WATERS.find((w) => w.id === id) ?? WATERS[0]!;
