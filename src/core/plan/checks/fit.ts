import { handLengthMm, type Tool } from '../../chance/hands.ts';
import { fingerHullMm } from '../../fit/fingers.ts';
import { counted, len, num, percent, why } from '../../why/why.ts';
import type { Check } from '../check.ts';
import type { CheckContext } from './context.ts';

const LEAST_ROWS = 6;
/** Stiff parts beyond a third of the body stand off instead of lying on it. */
const STIFF_SHARE = 0.34;
/** Half a millimetre is within what a tape can tell. */
const TAPE_MM = 0.5;

/** Does it go round, does a finger go under, does it open wide enough? */
export function fitChecks(seen: CheckContext): Check[] {
  return [
    slack(seen),
    ...known(seen),
    finger(seen),
    ...opens(seen),
    ...wet(seen),
    ...rows(seen),
    ...stiffness(seen),
    tails(seen),
  ];
}

function slack({ resolved, innerMm }: CheckContext): Check {
  const girth = resolved.design.wearer.girthMm;
  const spare = innerMm - girth;
  const ok = spare >= -TAPE_MM;
  return {
    id: 'fit.slack',
    ok,
    message: ok
      ? why`inside ${len(innerMm)} on a ${len(girth)} ${resolved.product.girth.name}: ${len(Math.max(0, spare))} of room`
      : why`too tight: inside it measures ${len(innerMm)}, the ${resolved.product.girth.name} ${len(girth)}. Choose a looser fit.`,
    value: why`${spare >= 0 ? '+' : ''}${len(spare, 'body')}`,
    ...(ok ? {} : { fix: { label: why`fit it easy`, patch: { ease: { school: 'thickness', slackMm: 8 } } } }),
  };
}

/** A girth found without a tape may be twice its spread off, in all but one of twenty; what a closure can be moved by makes up for it. */
const FAR = 2;
/** So far off it still wears well: less than what one fit is looser than the next. */
const WEARS_WELL_MM = 6;

function known({ resolved, closing }: CheckContext): Check[] {
  const { girthSdMm } = resolved.design.wearer;
  if (!girthSdMm) return [];
  const off = FAR * girthSdMm;
  const body = resolved.product.girth.name;
  const [tighter, looser] = closing.adjust?.rangeMm ?? [0, 0];
  const isMoved = tighter <= -off && looser >= off;
  const ok = isMoved || off <= WEARS_WELL_MM;
  const lead = why`the ${body} was measured without a tape and may be ${len(off)} off`;
  return [
    {
      id: 'fit.known',
      ok,
      message: isMoved
        ? why`${lead}: ${closing.adjust!.what} makes up for that`
        : ok
          ? why`${lead}, which still fits`
          : why`${lead}: measure again, or choose a closure that adjusts that much either way`,
      value: why`± ${len(off)}`,
    },
  ];
}

/** Whoever chose a slack in millimetres meant it; the other schools promise room. */
function finger({ resolved, innerMm }: CheckContext): Check {
  const spare = innerMm - fingerHullMm(resolved.design.wearer.girthMm, 1);
  const passes = spare >= -TAPE_MM;
  const isChosen = resolved.design.ease.school === 'thickness';
  return {
    id: 'fit.finger',
    ok: passes || isChosen,
    message: passes
      ? why`room for one finger under it`
      : isChosen
        ? why`too snug for a finger: ${len(-spare)} more would do it`
        : why`too snug for a finger; add ${len(-spare)}`,
    value: why`${spare >= 0 ? '+' : ''}${len(spare, 'body')}`,
    ...(passes || isChosen
      ? {}
      : { fix: { label: why`make room for a finger`, patch: { ease: { school: 'fingers', fingers: 1 } } } }),
  };
}

function opens({ resolved, metrics, closing, pass }: CheckContext): Check[] {
  if (closing.openMm === undefined)
    return [
      { id: 'open.passes', ok: true, message: why`opens flat, so it doesn’t have to go over anything` },
    ];
  if (!pass) return [];
  const open = closing.openMm - Math.PI * metrics.thicknessMm;
  const spare = open - pass.mm;
  const ok = spare >= -TAPE_MM;
  const unsure = !pass.isMeasured && open < pass.range[1];
  const doubt = unsure
    ? why` The ${pass.name} is estimated and may be up to ${len(pass.range[1])}: measure it.`
    : [];
  return [
    {
      id: 'open.passes',
      ok,
      message: ok
        ? why`opens to ${len(open)} inside: goes over a ${len(pass.mm)} ${pass.name} with ${len(spare)} to spare.${doubt}`
        : why`opens to ${len(open)} inside, ${len(-spare)} too little to go over a ${len(pass.mm)} ${pass.name}. Let it open wider.`,
      value: why`${spare >= 0 ? '+' : ''}${len(spare, 'body')}`,
      ...(ok
        ? {}
        : {
            fix: {
              label: why`open it as wide as the ${pass.name} needs`,
              patch: { closure: widen(resolved.design.closure) },
            },
          }),
    },
  ];
}

function widen<T extends { openMm?: number }>(closure: T): T {
  const { openMm: _left, ...rest } = closure;
  return rest as T;
}

function wet({ resolved, innerMm, finishedMm, stiffMm }: CheckContext): Check[] {
  if ((resolved.design.wet ?? 'ignore') !== 'ignore') return [];
  const drawn = (finishedMm - stiffMm) * resolved.cord.wetShrinkage;
  const left = innerMm - drawn - resolved.design.wearer.girthMm;
  const ok = left >= -TAPE_MM;
  return [
    {
      id: 'fit.wet',
      ok,
      message: ok
        ? why`still fits after its first wetting, which shrinks it by ${len(drawn)}`
        : why`its first wetting shrinks it by ${len(drawn)} and makes it ${len(-left)} too tight. Allow for it, or pre-shrink the cord.`,
      value: why`−${len(drawn)}`,
      ...(ok ? {} : { fix: { label: why`allow for it`, patch: { wet: 'add' } } }),
    },
  ];
}

function rows({ metrics, bands }: CheckContext): Check[] {
  if (metrics.isPlain) return [];
  const count = bands.reduce((n, b) => n + b.rows, 0);
  const least = Math.min(...bands.map((b) => b.rows));
  const spread = bands.reduce((sum, b) => sum + b.wovenMm - b.rows * metrics.rowHeightMm, 0);
  const enough = least >= LEAST_ROWS;
  return [
    {
      id: 'rows.enough',
      ok: enough,
      message: enough
        ? spread >= 0
          ? why`${counted(count, 'row')}, spread by ${len(spread)} in all`
          : why`${counted(count, 'row')}, packed by ${len(-spread)} in all`
        : why`only ${counted(least, 'row')} fit: choose a shorter closure or a thinner cord`,
      value: why`${num(count, 0)}`,
    },
  ];
}

function stiffness({ resolved, stiffMm }: CheckContext): Check[] {
  if (stiffMm <= 0) return [];
  const share = Math.round((stiffMm / resolved.design.wearer.girthMm) * 100) / 100;
  const ok = stiffMm / resolved.design.wearer.girthMm <= STIFF_SHARE || resolved.product.case !== undefined;
  return [
    {
      id: 'buckle.length',
      ok,
      message: ok
        ? why`the rigid hardware covers ${percent(share)} of the way round`
        : why`the rigid ${resolved.closure.name} covers ${percent(share)} of the way round and will stand off: choose a smaller or curved one`,
    },
  ];
}

/** Where the maker set what hands hold: is it enough, by hand or with a tool? */
function tails({ resolved, metrics }: CheckContext): Check {
  const held = resolved.handMm('row');
  const usual = (tool: Tool) => handLengthMm('row', tool, metrics.diameterMm);
  const ok = held >= usual('tool');
  return {
    id: 'tail.enough',
    ok,
    message:
      held >= usual('fingers')
        ? why`ends of ${len(held)} are long enough to tie the last row by hand`
        : ok
          ? why`ends of ${len(held)} can be tied with a fid or lacing needle, not by hand alone`
          : why`ends of ${len(held)} are too short to tie the last row, even with a fid`,
    ...(ok
      ? {}
      : { fix: { label: why`hold ${len(usual('fingers'))}`, patch: { tailMm: usual('fingers') } } }),
  };
}
