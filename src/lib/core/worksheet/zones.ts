/** The salt ladder's named zones, by equilibrium salinity. Common practice, no source. */
export interface Zone {
  readonly from: number;
  readonly to: number;
  readonly name: string;
  readonly level: 'harm' | 'heed' | 'usual' | 'good';
}

export const ZONES: readonly Zone[] = [
  { from: 0, to: 0.015, name: 'too weak to keep', level: 'harm' },
  { from: 0.015, to: 0.018, name: 'short, cold only', level: 'heed' },
  { from: 0.018, to: 0.025, name: 'usual', level: 'usual' },
  { from: 0.025, to: 0.03, name: 'firm', level: 'good' },
  { from: 0.03, to: 0.04, name: 'slow and crisp', level: 'good' },
  { from: 0.04, to: 0.05, name: 'very slow', level: 'good' },
  { from: 0.05, to: 0.08, name: 'too salty to eat as it is', level: 'heed' }
];

/** The zone a salinity lies in. Example: `zoneOf(0.022).name` is `'usual'`. */
export function zoneOf(equilibrium: number): Zone {
  return ZONES.find((z) => equilibrium < z.to) ?? ZONES[ZONES.length - 1]!;
}
