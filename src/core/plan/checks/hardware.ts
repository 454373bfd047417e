import { isList } from '../../closures/options.ts';
import type { BandEnd } from '../../closures/types.ts';
import { len, num, why } from '../../why/why.ts';
import type { Check, Fix } from '../check.ts';
import type { CheckContext } from './context.ts';

const WIDER_THAN_BUCKLE_MM = 4;

/** Do the cords go through the slots, and does the band's width suit what it is closed by? */
export function hardwareChecks(c: CheckContext): Check[] {
  const ends = c.bands
    .flatMap((b) => [b.start, b.end])
    .filter((e) => e.kind === 'bar' && e.shape.shape !== 'spring-bar');
  return [...slot(c, ends), ...width(c, ends)];
}

/** The next size of the same closure for which something holds. */
function largerSize(c: CheckContext, suits: (sizeMm: number) => boolean): Fix | undefined {
  const option = c.r.closure.options.find((o) => o.key === 'sizeMm');
  if (!option || !isList(option)) return undefined;
  const sizes = option.choices.map((x) => x.value as number);
  const next = sizes.find(suits);
  if (next === undefined) return undefined;
  const { lengthMm: _typed, ...closure } = c.r.design.closure;
  return { label: why`take the ${len(next)} size`, patch: { closure: { ...closure, sizeMm: next } } };
}

function slot(c: CheckContext, ends: readonly BandEnd[]): Check[] {
  const cords = Math.max(2, c.cordsOnBar);
  const need = cords * c.m.diameterMm;
  const widths = ends
    .filter((e) => e.shape.shape !== 'plate' || e.shape.look !== 'toggle')
    .map((e) => e.slotMm ?? 0);
  if (widths.length === 0) return [];
  const slotMm = Math.min(...widths);
  const ok = need <= slotMm;
  const fix = ok ? undefined : largerSize(c, (s) => s >= need);
  return [
    {
      id: 'buckle.slot',
      ok,
      message: ok
        ? why`${num(cords, 0)} cords side by side, ${len(need)}, fit the ${len(slotMm)} slot`
        : why`${num(cords, 0)} cords side by side need ${len(need)}; the slot has ${len(slotMm)}. Take a wider buckle or thinner cord.`,
      ...(fix ? { fix } : {}),
    },
  ];
}

function width(c: CheckContext, ends: readonly BandEnd[]): Check[] {
  const bodies = ends.flatMap((e) =>
    'bodyWidthMm' in e.shape && !('look' in e.shape && e.shape.look === 'toggle')
      ? [e.shape.bodyWidthMm]
      : [],
  );
  if (bodies.length === 0) return [];
  const body = Math.min(...bodies);
  const ok = c.m.widthMm - body <= WIDER_THAN_BUCKLE_MM;
  const size = c.r.design.closure.sizeMm ?? 0;
  const ratio = body / Math.max(1, ends[0]!.slotMm ?? body);
  const fix = ok
    ? undefined
    : largerSize(c, (s) => s > size && s * ratio + WIDER_THAN_BUCKLE_MM >= c.m.widthMm);
  return [
    {
      id: 'buckle.width',
      ok,
      message: ok
        ? why`a band ${len(c.m.widthMm)} wide suits a ${c.r.closure.name} ${len(body)} wide`
        : why`the band is ${len(c.m.widthMm)} wide, the ${c.r.closure.name} ${len(body)}: the edges stand out.`,
      ...(fix ? { fix } : {}),
    },
  ];
}
