import { solomonBar } from './solomonBar.ts';
import type { Pattern } from './types.ts';

/** Every pattern of the library, in the order in which it is shown. */
export const PATTERN_SOURCES: readonly Pattern[] = [solomonBar];
