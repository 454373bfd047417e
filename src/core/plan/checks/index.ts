import { len, why } from '../../why/why.ts';
import { addonChecks } from '../addons.ts';
import type { Check } from '../check.ts';
import { STYLES } from '../setups/index.ts';
import { colourChecks } from './colours.ts';
import type { CheckContext } from './context.ts';
import { fitChecks } from './fit.ts';
import { hardwareChecks } from './hardware.ts';
import { productChecks } from './product.ts';
import { thicknessChecks } from './thickness.ts';

/** What a careful maker would look at before cutting; a failed check says what to change. */
export const checks = (seen: CheckContext): Check[] => [
  ...setUpChecks(seen),
  ...foldChecks(seen),
  ...thicknessChecks(seen),
  ...fitChecks(seen),
  ...hardwareChecks(seen),
  ...(seen.closing.checks ?? []),
  ...productChecks(seen),
  ...addons(seen),
  ...colourChecks(seen),
];

/** Less is not worth marking a fold off the middle for, in mm. */
const WORTH_MM = 30;

/** Two ends of one cord that use unlike lengths: folded off its middle, the cord can be shorter. */
function foldChecks({ resolved, unevenSavesMm }: CheckContext): Check[] {
  const { setup } = resolved.design;
  const isOff = setup.uneven === true && STYLES[setup.style].isByStrand;
  if (!isOff && unevenSavesMm < WORTH_MM) return [];
  const { uneven: _uneven, ...middle } = setup;
  return [
    {
      id: 'setup.uneven',
      ok: true,
      isNote: true,
      message: isOff
        ? why`working cords are folded off their middles, so that the end that uses more cord gets more`
        : why`its two working ends use unlike lengths: folded off the middle, the cords are about ${len(unevenSavesMm)} shorter in all`,
      fix: isOff
        ? { label: why`fold at the middle`, patch: { setup: middle } }
        : { label: why`fold off the middle`, patch: { setup: { ...setup, uneven: true } } },
    },
  ];
}

/** Where another set-up took the place of one that does not go, the maker is told, and can keep it. */
function setUpChecks({ instead, resolved }: CheckContext): Check[] {
  if (!instead) return [];
  const { design } = resolved;
  const { name } = STYLES[design.setup.style];
  return [
    {
      id: 'setup.instead',
      ok: true,
      isNote: true,
      message: why`planned with ${name}: ${instead.reason}`,
      fix: { label: why`keep ${name}`, patch: { setup: design.setup, cords: design.cords } },
    },
  ];
}

function addons({ resolved, metrics, bands }: CheckContext): Check[] {
  const band = bands[0]!;
  const cores = metrics.strands.filter((s) => s.role === 'core').reduce((n, s) => n + s.lanes, 0);
  return addonChecks(band.addons, band, metrics, cores, resolved.design.addons ?? []);
}
