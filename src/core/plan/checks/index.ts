import type { Check } from '../check.ts';
import type { CheckContext } from './context.ts';
import { fitChecks } from './fit.ts';
import { hardwareChecks } from './hardware.ts';
import { productChecks } from './product.ts';

/** What a careful maker would look at before cutting; a failed check says what to change. */
export const checks = (c: CheckContext): Check[] => [
  ...fitChecks(c),
  ...hardwareChecks(c),
  ...(c.closing.checks ?? []),
  ...productChecks(c),
];
