import type { Came, Went } from '../core/ledger';

/** Where something in jars came from. */
export const CAME_WORDS: Record<Came, string> = {
  picks: 'picks, prepared',
  salt: 'salt',
  water: 'water',
  additions: 'additions',
  brine: 'saved brine',
  jars: 'from another batch',
  before: 'there already',
  reckoned: 'measured otherwise'
};

/** And where it went. */
export const WENT_WORDS: Record<Went, string> = {
  eaten: 'eaten',
  cooked: 'cooked with',
  given: 'given away',
  thrown: 'thrown away',
  sieved: 'sieved off and dried',
  drawn: 'brine poured off',
  lost: 'lost or dried away',
  brine: 'brine kept',
  jars: 'into another batch',
  before: 'eaten before'
};
