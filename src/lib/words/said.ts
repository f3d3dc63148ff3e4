import type { BenchChange } from '../core/lot';
import { cropName, type OwnCrops } from '../core/produce';

/** Example: `listed([3, 4, 9])` is `'3, 4 and 9'`. */
export const listed = (all: readonly (number | string)[]): string =>
  all.length < 2 ? String(all[0] ?? '') : `${all.slice(0, -1).join(', ')} and ${all[all.length - 1]}`;
/** Example: `jarsSaid([3, 4])` is `'jars 3 and 4'`. */
export const jarsSaid = (all: readonly number[]): string => `jar${all.length > 1 ? 's' : ''} ${listed(all)}`;

/** What another hand did on a bench. Example: "White cabbage weighs 2 kg, a pick was put back". */
export const benchChangeWords = (changes: readonly BenchChange[], own: OwnCrops): string =>
  changes.map((change) => benchChange(change, own)).join(', ');

function benchChange(change: BenchChange, own: OwnCrops): string {
  switch (change.what) {
    case 'came':
      return `${cropName(change.cropId, own)} came to it`;
    case 'unweighed':
      return `${cropName(change.cropId, own)} is to be weighed again`;
    case 'weighs':
      return `${cropName(change.cropId, own)} weighs ${change.said}`;
    case 'went':
      return 'a pick was put back';
  }
}
