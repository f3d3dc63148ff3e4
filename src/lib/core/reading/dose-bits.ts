import type { Crop } from '../produce/index';
import type { Amount } from './amount';
import type { Flaw } from './parts';
import type { NumberToken } from './token';

/** One bit of a dose as it was said. */
export type Bit =
  | { readonly is: 'amount'; readonly amount: Amount; readonly article: boolean; readonly bare: boolean }
  | { readonly is: 'hand'; readonly g: number; readonly gsd: number }
  | { readonly is: 'mug'; readonly n: number }
  | { readonly is: 'percent'; readonly fraction: number; readonly gsd: number }
  | { readonly is: 'ratio'; readonly one: number; readonly other: number }
  | { readonly is: 'number'; readonly said: NumberToken }
  | {
      readonly is: 'pieces';
      readonly n: number;
      readonly piece: string;
      readonly crop: Crop | undefined;
      readonly article: boolean;
    }
  | { readonly is: 'jar'; readonly n: number; readonly ml: number | undefined; readonly article: boolean }
  | { readonly is: 'salt'; readonly ids: readonly string[]; readonly named: boolean }
  | { readonly is: 'water' }
  | { readonly is: 'veg'; readonly crop: Crop | undefined; readonly one: boolean }
  | { readonly is: 'total' | 'ends' | 'weight' | 'taste' | 'sea' | 'soup' }
  | { readonly is: 'prep' | 'colon' | 'open' | 'close' | 'and' | 'or' | 'comma' | 'idle' };

/** What was met that cannot be passed over. */

export type Stop =
  | {
      readonly stop:
        'dose-negated' | 'dose-word-unknown' | 'dose-salt-unknown' | 'salt-blend' | 'salt-curing';
      readonly word: string;
    }
  | { readonly stop: 'flaw'; readonly flaw: Flaw };
