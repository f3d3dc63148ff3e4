import type { SaltKind } from '../core/salt';

/** What is worth knowing of a salt beyond its weight. Common practice, no source. */
export function saltNotes(kind: Pick<SaltKind, 'id'>): string[] {
  const spoon =
    'By the spoon it is out by far: flakes and coarse grains hold air, and ground fine they weigh up to twice as much. Weigh it.';
  switch (kind.id) {
    case 'table-fine':
      return [
        'Table salt may hold iodine and anti-caking powder: cloudy brine and taste, not a danger. By weight it works.'
      ];
    case 'flaky':
    case 'kosher-light':
      return [spoon];
    case 'sea-coarse':
    case 'rock-coarse':
      return [
        'Coarse grains dissolve slowly: stir until the brine is clear. Ground, a spoon of it weighs more.'
      ];
    case 'sea-grey-damp':
      return ['Damp: 3–10 % of its weight is water. Dry it, or weigh the extra that is worked out here.'];
    default:
      return [];
  }
}
