/** Where the water for brine comes from, and how many hours before it must be set out. Common practice, no source. */
export const WATERS = {
  filtered: { leadHours: 0 },
  spring: { leadHours: 0 },
  boiled: { leadHours: 4 },
  stood: { leadHours: 12 },
  rain: { leadHours: 4 },
  tap: { leadHours: 0 }
} as const;

export type WaterId = keyof typeof WATERS;

export const isWater = (id: string): id is WaterId => Object.hasOwn(WATERS, id);
