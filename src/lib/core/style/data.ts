import { BRINED_STYLES } from './brined';
import { CABBAGE_STYLES } from './cabbages';
import { PEPPER_STYLES } from './peppers';
import type { TableStyle } from './types';

/** All styles, shredded first. Salt is equilibrium salinity. */
export const STYLES: readonly TableStyle[] = [...CABBAGE_STYLES, ...BRINED_STYLES, ...PEPPER_STYLES];
