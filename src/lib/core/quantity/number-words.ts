/** Numbers as people write them in words. Example: `NUMBER_WORDS['half a']` is `0.5`. */
export const NUMBER_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  dozen: 12,
  half: 0.5,
  'half a': 0.5,
  'half an': 0.5,
  quarter: 0.25,
  'a quarter': 0.25
};
