/** Where the water for brine comes from; what each wants is said by `words`. */
export const WATERS = ['filtered', 'spring', 'boiled', 'stood', 'rain', 'tap'] as const;

export type WaterId = (typeof WATERS)[number];

export const isWater = (id: string): id is WaterId => (WATERS as readonly string[]).includes(id);
