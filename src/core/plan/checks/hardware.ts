import { isList } from '../../closures/options.ts';
import type { BandEnd } from '../../closures/types.ts';
import { counted, len, sold, why } from '../../why/why.ts';
import type { Check, Fix } from '../check.ts';
import type { CheckContext } from './context.ts';

const WIDER_THAN_BUCKLE_MM = 4;

/** Do the cords go through the slots, and does the band's width suit what it is closed by? */
export function hardwareChecks(seen: CheckContext): Check[] {
  const ends = seen.bands
    .flatMap((b) => [b.start, b.end])
    .filter((e) => e.kind === 'bar' && e.shape.shape !== 'spring-bar');
  return [...slot(seen, ends), ...width(seen, ends)];
}

/** The first size of the same closure for which its own two ends suit. */
function anotherSize(seen: CheckContext, suits: (ends: readonly BandEnd[]) => boolean): Fix | undefined {
  const option = seen.resolved.closure.options.find((o) => o.key === 'sizeMm');
  if (!option || !isList(option)) return undefined;
  const { lengthMm: _typed, ...typical } = seen.resolved.design.closure;
  const size = option.choices
    .map((x) => x.value as number)
    .find((sizeMm) => {
      const { start, end } = seen.resolved.closure.close({ ...seen.asked, spec: { ...typical, sizeMm } });
      return suits([start, end].filter((e) => e.kind === 'bar'));
    });
  if (size === undefined) return undefined;
  return { label: why`choose the ${sold(size)} size`, patch: { closure: { ...typical, sizeMm: size } } };
}

const narrowest = (ends: readonly BandEnd[], of: (e: BandEnd) => number | undefined): number | undefined => {
  const all = ends.map(of).filter((w) => w !== undefined);
  return all.length > 0 ? Math.min(...all) : undefined;
};

const slotOf = (ends: readonly BandEnd[]): number | undefined =>
  narrowest(ends, (e) => (isToggle(e) ? undefined : (e.slotMm ?? 0)));

const bodyOf = (ends: readonly BandEnd[]): number | undefined =>
  narrowest(ends, (e) => ('bodyWidthMm' in e.shape && !isToggle(e) ? e.shape.bodyWidthMm : undefined));

const isToggle = (e: BandEnd): boolean => e.shape.shape === 'plate' && e.shape.look === 'toggle';

function slot(seen: CheckContext, ends: readonly BandEnd[]): Check[] {
  const cords = Math.max(2, seen.cordsOnBar);
  const need = cords * seen.metrics.diameterMm;
  const slotMm = slotOf(ends);
  if (slotMm === undefined) return [];
  const ok = need <= slotMm;
  const fix = ok ? undefined : anotherSize(seen, (e) => (slotOf(e) ?? 0) >= need);
  return [
    {
      id: 'buckle.slot',
      ok,
      message: ok
        ? why`${counted(cords, 'cord')} side by side, ${len(need)}, fit the ${len(slotMm)} slot`
        : why`${counted(cords, 'cord')} side by side need ${len(need)}; the slot has ${len(slotMm)}. Choose a wider buckle or thinner cord.`,
      ...(fix ? { fix } : {}),
    },
  ];
}

function width(seen: CheckContext, ends: readonly BandEnd[]): Check[] {
  const body = bodyOf(ends);
  if (body === undefined) return [];
  const suits = (bodyMm: number) => seen.metrics.widthMm - bodyMm <= WIDER_THAN_BUCKLE_MM;
  const ok = suits(body);
  const fix = ok ? undefined : anotherSize(seen, (e) => suits(bodyOf(e) ?? 0));
  return [
    {
      id: 'buckle.width',
      ok,
      message: ok
        ? why`a band ${len(seen.metrics.widthMm)} wide suits a ${seen.resolved.closure.name} ${len(body)} wide`
        : why`the band is ${len(seen.metrics.widthMm)} wide, the ${seen.resolved.closure.name} ${len(body)}: its edges stick out.${fix ? '' : ' It isn’t made any wider; choose a narrower weave or thinner cord.'}`,
      ...(fix ? { fix } : {}),
    },
  ];
}
