export { displayStepMm, formatLength, type LengthFormat, type Rounding, type UnitSystem } from './format.ts';
export { MM_PER, parseLength } from './parse.ts';
export type { Unit } from './tokenize.ts';
