import { CORDS, effectiveDiameterMm } from '../../cord/cords.ts';
import { fingerHullMm } from '../../fit/fingers.ts';
import type { ProductCheck } from '../../fit/products.ts';
import { type BandSize, fittingLugs, nearWidth } from '../../fit/sizes.ts';
import { counted, len, num, type Why, why } from '../../why/why.ts';
import type { Check, Fix } from '../check.ts';
import type { CheckContext } from './context.ts';

/** How near to the wanted width is near enough. */
const WIDTH_MM = 3;
const FINGERS = 2;

/** What one product asks for and others do not, by the name that its record gives. */
const CHECKS: Readonly<Record<ProductCheck, (seen: CheckContext) => Check[]>> = {
  'lug-width': lugWidth,
  'lug-gap': lugGap,
  'pass-under': passUnder,
  'two-fingers': twoFingers,
  'wanted-width': wantedWidth,
  ring,
};

export const productChecks = (seen: CheckContext): Check[] =>
  seen.resolved.product.checks.flatMap((id) => CHECKS[id](seen));

const weave = (s: BandSize): Fix => ({
  label: why`choose ${s.name.toLowerCase()} in ${s.cord.name}`,
  patch: { pattern: { id: s.patternId }, cord: s.cord.id },
});

/** Up to three weaves by name, each once. */
function names(sizes: readonly BandSize[]): Why {
  const few = sizes.filter((s, i) => sizes.findIndex((x) => x.patternId === s.patternId) === i).slice(0, 3);
  return few.flatMap((s, i) => why`${i > 0 ? ', ' : ''}${s.name.toLowerCase()} (${len(s.widthMm)})`);
}

function lugWidth({ resolved, metrics }: CheckContext): Check[] {
  const lug = resolved.measures.lug!.mm;
  const ok = metrics.widthMm <= lug;
  const here = fittingLugs(lug, [resolved.cord]);
  const thinner = CORDS.filter(
    (c) => c.fibre === resolved.cord.fibre && effectiveDiameterMm(c) < metrics.diameterMm,
  )
    .toSorted((a, b) => b.nominalMm - a.nominalMm)
    .find((c) => (metrics.widthMm / metrics.diameterMm) * effectiveDiameterMm(c) <= lug);
  const what = here.length > 0 ? why` In ${resolved.cord.name} these fit: ${names(here)}.` : [];
  return [
    {
      id: 'lug.width',
      ok,
      message: ok
        ? why`a band ${len(metrics.widthMm)} wide fits between ${len(lug)} lugs`
        : why`a band ${len(metrics.widthMm)} wide is too wide for ${len(lug)} lugs.${thinner ? why` In ${thinner.name} it would be ${len((metrics.widthMm / metrics.diameterMm) * effectiveDiameterMm(thinner))}.` : []}${what}`,
      ...(!ok && thinner ? { fix: { label: why`choose ${thinner.name}`, patch: { cord: thinner.id } } } : {}),
      ...(!ok && !thinner && here[0] ? { fix: weave(here[0]) } : {}),
    },
  ];
}

function lugGap({ resolved, metrics }: CheckContext): Check[] {
  const gap = resolved.measures.gap!.mm;
  const ok = metrics.diameterMm <= gap;
  const thinner = CORDS.filter(
    (c) => c.fibre === resolved.cord.fibre && effectiveDiameterMm(c) <= gap,
  ).toSorted((a, b) => b.nominalMm - a.nominalMm)[0];
  return [
    {
      id: 'lug.gap',
      ok,
      message: ok
        ? why`a ${len(metrics.diameterMm)} cord fits the ${len(gap)} gap between spring bar and case`
        : why`a ${len(metrics.diameterMm)} cord is too thick for the ${len(gap)} gap between spring bar and case${thinner ? why`; ${thinner.name} does` : why`: choose curved bars that leave a larger gap`}.`,
      ...(!ok && thinner ? { fix: { label: why`choose ${thinner.name}`, patch: { cord: thinner.id } } } : {}),
    },
  ];
}

function passUnder({ resolved, metrics }: CheckContext): Check[] {
  const [gap, lug] = [resolved.measures.gap!.mm, resolved.measures.lug!.mm];
  const ok = metrics.thicknessMm <= gap;
  // So thin a weave may be narrow between its lugs; that it passes comes first.
  const fits = fittingLugs(
    lug,
    CORDS.filter((c) => c.fibre === resolved.cord.fibre),
    { gapMm: gap, fill: 0 },
  );
  return [
    {
      id: 'lug.gap',
      ok,
      message: ok
        ? why`a band ${len(metrics.thicknessMm)} thick fits through the ${len(gap)} gap between spring bar and case`
        : why`a band ${len(metrics.thicknessMm)} thick is too thick for the ${len(gap)} gap between spring bar and case.${fits[0] ? why` ${fits[0].name} in ${fits[0].cord.name} does: ${len(fits[0].thicknessMm)} thick, ${len(fits[0].widthMm)} wide.` : why` Only a thinner, narrower braid would.`}`,
      ...(!ok && fits[0] ? { fix: weave(fits[0]) } : {}),
    },
  ];
}

function twoFingers({ resolved, innerMm }: CheckContext): Check[] {
  const need = fingerHullMm(resolved.design.wearer.girthMm, FINGERS);
  const ok = innerMm >= need - 0.5;
  return [
    {
      id: 'collar.fingers',
      ok,
      message: ok
        ? why`room for two flat fingers: inside ${len(innerMm)}, they need ${len(need)}`
        : why`too snug for two fingers: inside ${len(innerMm)}, they need ${len(need)}`,
      ...(ok
        ? {}
        : {
            fix: { label: why`make room for two`, patch: { ease: { school: 'fingers', fingers: FINGERS } } },
          }),
    },
  ];
}

function wantedWidth({ resolved, metrics }: CheckContext): Check[] {
  const wanted = resolved.measures.width!.mm;
  const off = metrics.widthMm - wanted;
  const ok = Math.abs(off) <= WIDTH_MM;
  const near = nearWidth(wanted, [resolved.cord]);
  // In the cord in hand if one comes near enough, else in another of the same fibre.
  const suits = (s: BandSize) => Math.abs(s.widthMm - wanted) <= WIDTH_MM;
  const others = CORDS.filter((x) => x.fibre === resolved.cord.fibre);
  const best = [near[0]!, nearWidth(wanted, others)[0]!].find(suits);
  return [
    {
      id: 'cuff.width',
      ok,
      message: ok
        ? why`${len(metrics.widthMm)} wide, as wanted to within ${len(WIDTH_MM)}`
        : why`${len(metrics.widthMm)} wide, ${len(Math.abs(off))} ${off > 0 ? 'more' : 'less'} than wanted. In ${resolved.cord.name} the nearest are ${names(near)}.`,
      ...(!ok && best ? { fix: weave(best) } : {}),
    },
  ];
}

function ring({ resolved, metrics, bands, ring: place }: CheckContext): Check[] {
  if (!place) return [];
  const band = bands[0]!;
  const [from, to] = [place.atMm - place.sizeMm / 2, place.atMm + place.sizeMm / 2];
  const margin = 2 * metrics.rowHeightMm;
  const ok = from >= band.startMm + margin - 0.01 && to <= band.startMm + band.wovenMm - margin + 0.01;
  const rows = place.toRow - place.fromRow + 1;
  const isHitched = band.end.attach === 'hitched';
  const nearest = Math.ceil(band.startMm + margin + place.sizeMm / 2);
  return [
    {
      id: 'collar.ring',
      ok,
      message: ok
        ? why`the ring sits under rows ${num(place.fromRow, 0)} to ${num(place.toRow, 0)}: ${counted(rows, 'row')} of ${len(metrics.rowHeightMm)} cover its flat side of ${len(place.sizeMm)}`
        : why`the ring’s flat side of ${len(place.sizeMm)} is too near an end of the weave: it needs two rows beyond it on each side`,
      ...(ok
        ? {}
        : {
            fix: {
              label: why`put it ${len(nearest)} from the buckle`,
              patch: { measures: { ...resolved.design.measures, ringAt: nearest } },
            },
          }),
    },
    {
      id: 'collar.ends',
      ok: !isHitched,
      message: isHitched
        ? why`the working ends are hitched and cut at the buckle, where they can scratch: take the cores back under the rows instead`
        : why`both ends go back under the rows, so nothing scratches`,
      ...(isHitched
        ? {
            fix: {
              label: why`take them back`,
              patch: { closure: { ...resolved.design.closure, attach: 'returned' } },
            },
          }
        : {}),
    },
  ];
}
