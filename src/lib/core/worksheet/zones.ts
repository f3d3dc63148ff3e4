/** The salt ladder's named zones, by equilibrium salinity. Common practice, no source. */
export interface Zone {
  readonly from: number;
  readonly to: number;
  readonly id: 'too-weak' | 'short' | 'usual' | 'firm' | 'slow' | 'very-slow' | 'too-salty';
  readonly level: 'harm' | 'heed' | 'usual' | 'good';
}

export const ZONES: readonly Zone[] = [
  { from: 0, to: 0.015, id: 'too-weak', level: 'harm' },
  { from: 0.015, to: 0.018, id: 'short', level: 'heed' },
  { from: 0.018, to: 0.025, id: 'usual', level: 'usual' },
  { from: 0.025, to: 0.03, id: 'firm', level: 'good' },
  { from: 0.03, to: 0.04, id: 'slow', level: 'good' },
  { from: 0.04, to: 0.05, id: 'very-slow', level: 'good' },
  { from: 0.05, to: 0.08, id: 'too-salty', level: 'heed' }
];

/** The zone a salinity lies in. Example: `zoneOf(0.022).id` is `'usual'`. */
export function zoneOf(equilibrium: number): Zone {
  return ZONES.find((z) => equilibrium < z.to) ?? ZONES[ZONES.length - 1]!;
}
