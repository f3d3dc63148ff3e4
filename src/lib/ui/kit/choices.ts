/** How weights are written, and whose spoons are meant. */
export const UNITS = [
  { value: 'metric', name: 'grams and litres' },
  { value: 'US', name: 'pounds, ounces, US quarts' },
  { value: 'imperial', name: 'pounds, ounces, imperial pints' }
];
export const SPOONS = [
  { value: 'metric', name: 'metric: tablespoon 15 ml, cup 250 ml' },
  { value: 'US', name: 'US: tablespoon 14.8 ml, cup 237 ml' },
  { value: 'AU', name: 'Australian: tablespoon 20 ml, cup 250 ml' },
  { value: 'imperial', name: 'UK: tablespoon 15 ml, cup 284 ml' }
];
