import { addonChecks } from '../addons.ts';
import type { Check } from '../check.ts';
import { colourChecks } from './colours.ts';
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
  ...addons(c),
  ...colourChecks(c),
];

function addons({ r, m, bands }: CheckContext): Check[] {
  const band = bands[0]!;
  const cores = m.strands.filter((s) => s.role === 'core').reduce((n, s) => n + s.lanes, 0);
  return addonChecks(band.addons, band, m, cores, r.design.addons ?? []);
}
