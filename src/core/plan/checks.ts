import { SIDE_RELEASE } from '../closures/sideRelease.ts';
import { fingerHullMm } from '../fit/fingers.ts';
import { len, num, percent, why } from '../why/why.ts';
import { hardwareMm } from './resolve.ts';
import type { Resolved } from './resolved.ts';
import type { Check } from './types.ts';

export interface Fit {
  readonly finishedMm: number;
  readonly wovenMm: number;
  readonly innerMm: number;
  readonly widthMm: number;
  readonly rows: number;
  readonly rowHeightMm: number;
  readonly diameterMm: number;
  /** Cords that pass the slot side by side. */
  readonly cordsOnBar: number;
}

const LEAST_ROWS = 6;
/** A buckle is stiff; beyond a third of the body it stands off instead of lying on it. */
const STIFF_SHARE = 0.34;
const WIDER_THAN_BUCKLE_MM = 4;

/** What a careful maker would look at before cutting; a failed check says what to change. */
export function checks(r: Resolved, fit: Fit): Check[] {
  return [
    slack(r, fit),
    finger(r, fit),
    ...wet(r, fit),
    ...rows(fit),
    slot(r, fit),
    bandWidth(r, fit),
    stiffness(r),
  ];
}

function slack(r: Resolved, fit: Fit): Check {
  const spare = fit.innerMm - r.design.wearer.girthMm;
  const ok = spare >= -0.5;
  return {
    id: 'fit.slack',
    ok,
    message: ok
      ? why`inside ${len(fit.innerMm)} goes round a ${r.product.girth.name} of ${len(r.design.wearer.girthMm)}`
      : why`too tight: inside it measures ${len(fit.innerMm)}, the ${r.product.girth.name} ${len(r.design.wearer.girthMm)}. Choose more ease.`,
    value: why`${spare >= 0 ? '+' : ''}${len(spare, 'body')}`,
  };
}

/** Whoever chose a slack in millimetres meant it; the other schools promise room. */
function finger(r: Resolved, fit: Fit): Check {
  const spare = fit.innerMm - fingerHullMm(r.design.wearer.girthMm, 1);
  const passes = spare >= -0.5;
  const isChosen = r.design.ease.school === 'thickness';
  return {
    id: 'fit.finger',
    ok: passes || isChosen,
    message: passes
      ? why`one finger passes under it`
      : isChosen
        ? why`no finger passes under it: that would take ${len(-spare)} more slack`
        : why`no finger passes under it; add ${len(-spare)} to let one through`,
    value: why`${spare >= 0 ? '+' : ''}${len(spare, 'body')}`,
  };
}

function wet(r: Resolved, fit: Fit): Check[] {
  if ((r.design.wet ?? 'ignore') !== 'ignore') return [];
  const drawn = (fit.finishedMm - hardwareMm(r)) * r.cord.wetShrinkage;
  const left = fit.innerMm - drawn - r.design.wearer.girthMm;
  const ok = left >= -0.5;
  return [
    {
      id: 'fit.wet',
      ok,
      message: ok
        ? why`still fits after its first wetting, which draws it up by ${len(drawn)}`
        : why`its first wetting draws it up by ${len(drawn)} and makes it ${len(-left)} too tight. Add for it, or pre-shrink the cord.`,
      value: why`−${len(drawn)}`,
    },
  ];
}

function rows(fit: Fit): Check[] {
  const packed = fit.rows * fit.rowHeightMm;
  const spread = fit.wovenMm - packed;
  const enough = fit.rows >= LEAST_ROWS;
  return [
    {
      id: 'rows.enough',
      ok: enough,
      message: enough
        ? spread >= 0
          ? why`${num(fit.rows, 0)} rows, spread by ${len(spread)} in all`
          : why`${num(fit.rows, 0)} rows, packed by ${len(-spread)} in all`
        : why`only ${num(fit.rows, 0)} rows fit: choose a shorter buckle or a thinner cord`,
      value: why`${num(fit.rows, 0)}`,
    },
  ];
}

function slot(r: Resolved, fit: Fit): Check {
  const cords = Math.max(2, fit.cordsOnBar);
  const need = cords * fit.diameterMm;
  const ok = need <= r.buckle.sizeMm;
  return {
    id: 'buckle.slot',
    ok,
    message: ok
      ? why`${num(cords, 0)} cords side by side, ${len(need)}, fit the ${len(r.buckle.sizeMm)} slot`
      : why`${num(cords, 0)} cords side by side need ${len(need)}; the slot has ${len(r.buckle.sizeMm)}. Take a wider buckle or thinner cord.`,
  };
}

function bandWidth(r: Resolved, fit: Fit): Check {
  const over = fit.widthMm - r.buckle.bodyWidthMm;
  const ok = over <= WIDER_THAN_BUCKLE_MM;
  const better = SIDE_RELEASE.find((s) => s.bodyWidthMm + WIDER_THAN_BUCKLE_MM >= fit.widthMm);
  return {
    id: 'buckle.width',
    ok,
    message: ok
      ? why`a band ${len(fit.widthMm)} wide suits a buckle ${len(r.buckle.bodyWidthMm)} wide`
      : why`the band is ${len(fit.widthMm)} wide, the buckle ${len(r.buckle.bodyWidthMm)}: the edges stand out${better ? why`. A ${len(better.sizeMm)} buckle suits it` : ''}.`,
  };
}

function stiffness(r: Resolved): Check {
  const share = hardwareMm(r) / r.design.wearer.girthMm;
  const ok = share <= STIFF_SHARE;
  return {
    id: 'buckle.length',
    ok,
    message: ok
      ? why`the buckle takes ${percent(Math.round(share * 100) / 100)} of the way round`
      : why`the stiff buckle takes ${percent(Math.round(share * 100) / 100)} of the way round and will stand off: take a smaller or curved one`,
  };
}
