/** What care is done to jars. `taste`, `pH` and `toCold` are answered by logging a taste, a reading or a move. */
export const CARE_KINDS = [
  'open',
  'look',
  'airlock',
  'juice',
  'taste',
  'pH',
  'toCold',
  'openInCold',
  'level',
  'stir',
  'tray'
] as const;
export type CareKind = (typeof CARE_KINDS)[number];
