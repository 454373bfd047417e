import { larksHeadLegMm, turnRoundBarMm } from '../../closures/attach.ts';
import type { LegPart } from '../../closures/types.ts';
import { counted, len, num, why } from '../../why/why.ts';
import type { CordPart } from '../types.ts';
import { endOf, type Lane, type SetupContext, startOf } from './context.ts';

/** A core that comes back round the second bar is covered by this many rows. */
export const RETURN_ROWS = 4;
/** An end without a bar is tucked back under this many. */
const TUCK_ROWS = 2;
/** The end of a single cord, led back along itself. */
const TUCK_MM = 25;

/** One leg of the hitch on a bar. */
function hitchLeg(c: SetupContext, at: 'start' | 'end'): CordPart {
  const leg = larksHeadLegMm(c[at].bar!, c.m.diameterMm);
  return {
    what: 'attach',
    lengthMm: leg.lengthMm,
    why: leg.why,
    fromMm: at === 'start' ? 0 : endOf(c),
    toMm: at === 'start' ? startOf(c) : endOf(c),
  };
}

/** From the fold to the first row, for the k-th of the cords that run from end to end. */
export function startLeg(c: SetupContext, k: number): CordPart[] {
  if (c.start.kind === 'bar') return [hitchLeg(c, 'start')];
  if (c.start.kind === 'loop' && k < c.start.carries)
    return outwards(c, 'start', c.start.legs(k)).toReversed();
  const d = c.m.diameterMm;
  return [
    {
      what: 'attach',
      lengthMm: d,
      why: why`its fold lies against the first row: ${len(d)}`,
      fromMm: startOf(c),
      toMm: startOf(c),
    },
  ];
}

/** A cord that is not folded begins out at a running end, or with a tuck. */
export function startTail(c: SetupContext, k: number): CordPart[] {
  if (c.start.kind === 'run' && k < c.start.carries)
    return outwards(c, 'start', c.start.legs(k)).toReversed();
  const tuck: CordPart = {
    what: 'attach',
    lengthMm: TUCK_MM,
    why: why`its end, folded back ${len(TUCK_MM)} along itself and covered`,
    fromMm: startOf(c),
    toMm: startOf(c),
  };
  return c.start.kind === 'bar' ? [{ ...tuck, fromMm: 0 }, hitchLeg(c, 'start')] : [tuck];
}

/** Beyond the last row, for a core: round the bar and back, into the closure, or tucked. */
export function coreEnd(c: SetupContext, k: number): CordPart[] {
  if (c.end.kind === 'run' && k < c.end.carries) return outwards(c, 'end', c.end.legs(k));
  if (c.end.kind === 'bar' && c.end.attach !== 'hitched') return [returned(c)];
  return [tucked(c)];
}

/** Beyond the last row, for a working end of a weave without cores: it takes part in the closure itself. */
export function bareEnd(c: SetupContext, k: number, lane: Lane): CordPart[] {
  if (c.end.kind === 'run' && k < c.end.carries) return outwards(c, 'end', c.end.legs(k));
  if (c.end.kind === 'bar') return [hitchLeg(c, 'end'), tail(c, lane)];
  return [tucked(c), tail(c, lane)];
}

/** Beyond the last row, for a working end over cores: cow-hitched to the bar if it is held so, then the tail. */
export function workEnd(c: SetupContext, lane: Lane): CordPart[] {
  return c.end.kind === 'bar' && c.end.attach === 'hitched'
    ? [hitchLeg(c, 'end'), tail(c, lane)]
    : [tail(c, lane)];
}

/** Round the second bar and on as a working end: a folded cord's turn. Without a bar it turns by itself. */
export function secondTurn(c: SetupContext): CordPart {
  const turn = turnRoundBarMm(c.end.bar ?? { widthMm: 0, thicknessMm: 0 }, c.m.diameterMm);
  return {
    what: 'attach',
    lengthMm: turn.lengthMm,
    why: c.end.bar ? turn.why : why`a turn by itself at the last row`,
    fromMm: endOf(c),
    toMm: endOf(c),
  };
}

function returned(c: SetupContext): CordPart {
  const turn = secondTurn(c);
  const rows = RETURN_ROWS * c.m.rowHeightMm;
  return {
    ...turn,
    lengthMm: turn.lengthMm + rows,
    why: why`${turn.why}, then ${len(rows)} back under the last ${counted(RETURN_ROWS, 'row')}, which hold it`,
    fromMm: endOf(c) - rows,
  };
}

function tucked(c: SetupContext): CordPart {
  const rows = Math.max(10, TUCK_ROWS * c.m.rowHeightMm);
  return {
    what: 'attach',
    lengthMm: rows,
    why: why`tucked back under ${counted(TUCK_ROWS, 'row')} or ${len(10)}, whichever is more`,
    fromMm: endOf(c) - rows,
    toMm: endOf(c),
  };
}

export function coreRun(c: SetupContext, core: Lane): CordPart {
  const stand = startOf(c);
  return {
    what: 'core run',
    lengthMm: stand + c.wovenMm * core.perLength,
    why: why`${stand > 0 ? why`hitch ${len(stand)} + ` : []}woven ${len(c.wovenMm)} × ${num(core.perLength, 3)} (a core waves a little under the rows)`,
    strand: core.name,
    lane: core.lane,
    fromMm: 0,
    toMm: endOf(c),
  };
}

/** The woven stretch of a working strand, its way past beads, and what it needs more where it goes over a ring. */
export function weave(c: SetupContext, work: Lane): CordPart[] {
  const beads = (c.beads ?? []).reduce((sum, b) => sum + b.sizeMm, 0);
  const mm = c.wovenMm - beads;
  const woven: CordPart = {
    what: 'weave',
    lengthMm: mm * work.perLength,
    why: why`woven ${len(mm)}, which uses ${num(work.perLength)} × its length. ${c.m.source}`,
    strand: work.name,
    lane: work.lane,
    fromMm: startOf(c),
    toMm: endOf(c),
  };
  const past = (c.beads ?? []).map(
    (b): CordPart => ({
      what: 'attach',
      lengthMm: b.sizeMm,
      why: why`straight past the ${b.name}, ${len(b.sizeMm)}`,
      fromMm: b.atMm - b.sizeMm / 2,
      toMm: b.atMm + b.sizeMm / 2,
    }),
  );
  const over = (c.rings ?? []).map((ring): CordPart => {
    const rows = ring.toRow - ring.fromRow + 1;
    return {
      what: 'attach',
      lengthMm: rows * 2 * ring.wireMm,
      why: why`over the ring’s side on ${counted(rows, 'row')}: twice its wire ${len(ring.wireMm)} on each`,
      fromMm: ring.atMm - ring.flatMm / 2,
      toMm: ring.atMm + ring.flatMm / 2,
    };
  });
  return [woven, ...past, ...over];
}

export function tail(c: SetupContext, work: Lane): CordPart {
  return {
    what: 'tail',
    lengthMm: c.r.handMm('row'),
    why: why`hand length: your hands need ${len(c.r.handMm('row'))} of each end to tie the last row. You snip it off afterwards, so it is also your first reserve`,
    strand: work.name,
    lane: work.lane,
  };
}

/** Stretches beyond the weave, from it outwards, with the places that they reach. */
function outwards(c: SetupContext, at: 'start' | 'end', legs: readonly LegPart[]): CordPart[] {
  const [edge, dir] = at === 'start' ? [startOf(c), -1] : [endOf(c), 1];
  let reached = 0;
  return legs.map((leg): CordPart => {
    const [a, b] = [edge + dir * reached, edge + dir * leg.reachMm];
    reached = leg.reachMm;
    return {
      what: leg.what,
      lengthMm: leg.lengthMm,
      why: leg.why,
      ...(leg.what === 'tail' ? {} : { fromMm: Math.min(a, b), toMm: Math.max(a, b) }),
      ...(leg.mark ? { mark: { label: leg.mark, at: at === 'start' ? 'last' : 'first' } } : {}),
    };
  });
}

/** The same stretches walked the other way. */
export const backwards = (parts: readonly CordPart[]): CordPart[] =>
  parts
    .toReversed()
    .map((p) => (p.mark ? { ...p, mark: { ...p.mark, at: p.mark.at === 'first' ? 'last' : 'first' } } : p));
