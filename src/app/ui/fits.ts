import type { Make } from '../../core/formats/make.ts';

/** How a piece fits its wearer, in words. */
export const FITS: readonly { readonly value: Make['fit']; readonly name: string }[] = [
  { value: 'right', name: 'sits right' },
  { value: 'tight', name: 'too tight' },
  { value: 'loose', name: 'too loose' },
  { value: 'not tried', name: 'not tried on' },
];
