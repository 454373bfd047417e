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
const CHECKS: Readonly<Record<ProductCheck, (c: CheckContext) => Check[]>> = {
  'lug-width': lugWidth,
  'lug-gap': lugGap,
  'pass-under': passUnder,
  'two-fingers': twoFingers,
  'wanted-width': wantedWidth,
  ring,
};

export const productChecks = (c: CheckContext): Check[] => c.r.product.checks.flatMap((id) => CHECKS[id](c));

const weave = (s: BandSize): Fix => ({
  label: why`choose ${s.name.toLowerCase()} in ${s.cord.name}`,
  patch: { pattern: { id: s.patternId }, cord: s.cord.id },
});

/** Up to three weaves by name, each once. */
function names(sizes: readonly BandSize[]): Why {
  const few = sizes.filter((s, i) => sizes.findIndex((x) => x.patternId === s.patternId) === i).slice(0, 3);
  return few.flatMap((s, i) => why`${i > 0 ? ', ' : ''}${s.name.toLowerCase()} (${len(s.widthMm)})`);
}

function lugWidth({ r, m }: CheckContext): Check[] {
  const lug = r.measures.lug!.mm;
  const ok = m.widthMm <= lug;
  const here = fittingLugs(lug, [r.cord]);
  const thinner = CORDS.filter((c) => c.fibre === r.cord.fibre && effectiveDiameterMm(c) < m.diameterMm)
    .toSorted((a, b) => b.nominalMm - a.nominalMm)
    .find((c) => (m.widthMm / m.diameterMm) * effectiveDiameterMm(c) <= lug);
  const what = here.length > 0 ? why` In ${r.cord.name} these fit: ${names(here)}.` : [];
  return [
    {
      id: 'lug.width',
      ok,
      message: ok
        ? why`a band ${len(m.widthMm)} wide fits between ${len(lug)} lugs`
        : why`a band ${len(m.widthMm)} wide is too wide for ${len(lug)} lugs.${thinner ? why` In ${thinner.name} it would be ${len((m.widthMm / m.diameterMm) * effectiveDiameterMm(thinner))}.` : []}${what}`,
      ...(!ok && thinner ? { fix: { label: why`choose ${thinner.name}`, patch: { cord: thinner.id } } } : {}),
      ...(!ok && !thinner && here[0] ? { fix: weave(here[0]) } : {}),
    },
  ];
}

function lugGap({ r, m }: CheckContext): Check[] {
  const gap = r.measures.gap!.mm;
  const ok = m.diameterMm <= gap;
  const thinner = CORDS.filter((c) => c.fibre === r.cord.fibre && effectiveDiameterMm(c) <= gap).toSorted(
    (a, b) => b.nominalMm - a.nominalMm,
  )[0];
  return [
    {
      id: 'lug.gap',
      ok,
      message: ok
        ? why`a ${len(m.diameterMm)} cord fits the ${len(gap)} gap between spring bar and case`
        : why`a ${len(m.diameterMm)} cord is too thick for the ${len(gap)} gap between spring bar and case${thinner ? why`; ${thinner.name} does` : why`: choose curved bars that leave a larger gap`}.`,
      ...(!ok && thinner ? { fix: { label: why`choose ${thinner.name}`, patch: { cord: thinner.id } } } : {}),
    },
  ];
}

function passUnder({ r, m }: CheckContext): Check[] {
  const [gap, lug] = [r.measures.gap!.mm, r.measures.lug!.mm];
  const ok = m.thicknessMm <= gap;
  // So thin a weave may be narrow between its lugs; that it passes comes first.
  const fits = fittingLugs(
    lug,
    CORDS.filter((c) => c.fibre === r.cord.fibre),
    { gapMm: gap, fill: 0 },
  );
  return [
    {
      id: 'lug.gap',
      ok,
      message: ok
        ? why`a band ${len(m.thicknessMm)} thick fits through the ${len(gap)} gap between spring bar and case`
        : why`a band ${len(m.thicknessMm)} thick is too thick for the ${len(gap)} gap between spring bar and case.${fits[0] ? why` ${fits[0].name} in ${fits[0].cord.name} does: ${len(fits[0].thicknessMm)} thick, ${len(fits[0].widthMm)} wide.` : why` Only a thinner, narrower braid would.`}`,
      ...(!ok && fits[0] ? { fix: weave(fits[0]) } : {}),
    },
  ];
}

function twoFingers({ r, innerMm }: CheckContext): Check[] {
  const need = fingerHullMm(r.design.wearer.girthMm, FINGERS);
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

function wantedWidth({ r, m }: CheckContext): Check[] {
  const wanted = r.measures.width!.mm;
  const off = m.widthMm - wanted;
  const ok = Math.abs(off) <= WIDTH_MM;
  const near = nearWidth(wanted, [r.cord]);
  // In the cord in hand if one comes near enough, else in another of the same fibre.
  const suits = (s: BandSize) => Math.abs(s.widthMm - wanted) <= WIDTH_MM;
  const others = CORDS.filter((x) => x.fibre === r.cord.fibre);
  const best = [near[0]!, nearWidth(wanted, others)[0]!].find(suits);
  return [
    {
      id: 'cuff.width',
      ok,
      message: ok
        ? why`${len(m.widthMm)} wide, as wanted to within ${len(WIDTH_MM)}`
        : why`${len(m.widthMm)} wide, ${len(Math.abs(off))} ${off > 0 ? 'more' : 'less'} than wanted. In ${r.cord.name} the nearest are ${names(near)}.`,
      ...(!ok && best ? { fix: weave(best) } : {}),
    },
  ];
}

function ring({ r, m, bands, ring: place }: CheckContext): Check[] {
  if (!place) return [];
  const band = bands[0]!;
  const [from, to] = [place.atMm - place.flatMm / 2, place.atMm + place.flatMm / 2];
  const margin = 2 * m.rowHeightMm;
  const ok = from >= band.startMm + margin - 0.01 && to <= band.startMm + band.wovenMm - margin + 0.01;
  const rows = place.toRow - place.fromRow + 1;
  const isHitched = band.end.attach === 'hitched';
  const nearest = Math.ceil(band.startMm + margin + place.flatMm / 2);
  return [
    {
      id: 'collar.ring',
      ok,
      message: ok
        ? why`the ring sits under rows ${num(place.fromRow, 0)} to ${num(place.toRow, 0)}: ${counted(rows, 'row')} of ${len(m.rowHeightMm)} cover its flat side of ${len(place.flatMm)}`
        : why`the ring’s flat side of ${len(place.flatMm)} is too near an end of the weave: it needs two rows beyond it on each side`,
      ...(ok
        ? {}
        : {
            fix: {
              label: why`put it ${len(nearest)} from the buckle`,
              patch: { measures: { ...r.design.measures, ringAt: nearest } },
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
              patch: { closure: { ...r.design.closure, attach: 'returned' } },
            },
          }
        : {}),
    },
  ];
}
