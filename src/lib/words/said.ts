/** Example: `listed([3, 4, 9])` is `'3, 4 and 9'`. */
export const listed = (all: readonly number[]): string =>
  all.length < 2 ? String(all[0] ?? '') : `${all.slice(0, -1).join(', ')} and ${all[all.length - 1]}`;
/** Example: `jarsSaid([3, 4])` is `'jars 3 and 4'`. */
export const jarsSaid = (all: readonly number[]): string => `jar${all.length > 1 ? 's' : ''} ${listed(all)}`;
