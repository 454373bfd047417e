import { larksHeadLegMm, turnRoundBarMm } from '../../closures/attach.ts';
import type { LegPart } from '../../closures/types.ts';
import { counted, len, num, why } from '../../why/why.ts';
import { RING_WIRE_MM } from '../addons.ts';
import type { CordPart } from '../types.ts';
import { endOf, type Lane, type SetupContext, startOf } from './context.ts';

/** A core that comes back round the second bar is covered by this many rows. */
export const RETURN_ROWS = 4;
/** An end without a bar is tucked back under this many. */
const TUCK_ROWS = 2;
/** The end of a single cord, led back along itself. */
const TUCK_MM = 25;

/** One leg of the hitch on a bar. */
function hitchLeg(setup: SetupContext, at: 'start' | 'end'): CordPart {
  const leg = larksHeadLegMm(setup[at].bar!, setup.metrics.diameterMm);
  return {
    what: 'attach',
    lengthMm: leg.lengthMm,
    why: leg.why,
    fromMm: at === 'start' ? 0 : endOf(setup),
    toMm: at === 'start' ? startOf(setup) : endOf(setup),
  };
}

/** From the fold to the first row, for the k-th of the cords that run from end to end. */
export function startLeg(setup: SetupContext, k: number): CordPart[] {
  if (setup.start.kind === 'bar') return [hitchLeg(setup, 'start')];
  if (setup.start.kind === 'loop' && k < setup.start.carries)
    return outwards(setup, 'start', setup.start.legs(k)).toReversed();
  const d = setup.metrics.diameterMm;
  const { held } = setup.start;
  return [
    held
      ? {
          what: 'attach',
          lengthMm: held.lengthMm,
          why: held.why,
          fromMm: startOf(setup),
          toMm: startOf(setup),
        }
      : {
          what: 'attach',
          lengthMm: d,
          why: why`its fold lies against the first row: ${len(d)}`,
          fromMm: startOf(setup),
          toMm: startOf(setup),
        },
  ];
}

/** A cord that is not folded begins out at a running end, or with a tuck. */
export function startTail(setup: SetupContext, k: number): CordPart[] {
  if (setup.start.kind === 'run' && k < setup.start.carries)
    return outwards(setup, 'start', setup.start.legs(k)).toReversed();
  if (setup.start.passing) return outwards(setup, 'start', setup.start.passing.legs).toReversed();
  const tuck: CordPart = {
    what: 'attach',
    lengthMm: TUCK_MM,
    why: why`its end, folded back ${len(TUCK_MM)} along itself and covered`,
    fromMm: startOf(setup),
    toMm: startOf(setup),
  };
  return setup.start.kind === 'bar' ? [{ ...tuck, fromMm: 0 }, hitchLeg(setup, 'start')] : [tuck];
}

/** Beyond the last row, for a core: round the bar and back, into the closure, or tucked. */
export function coreEnd(setup: SetupContext, k: number): CordPart[] {
  if (setup.end.kind === 'run' && k < setup.end.carries) return outwards(setup, 'end', setup.end.legs(k));
  if (setup.end.kind === 'bar' && setup.end.attach !== 'hitched') return [returnLeg(setup)];
  return setup.end.passing ? outwards(setup, 'end', setup.end.passing.legs) : [tuckLeg(setup)];
}

/** Beyond the last row, for a working end of a weave without cores: it takes part in the closure itself. */
export function bareEnd(setup: SetupContext, k: number, lane: Lane): CordPart[] {
  if (setup.end.kind === 'run' && k < setup.end.carries) return outwards(setup, 'end', setup.end.legs(k));
  if (setup.end.kind === 'bar') return [hitchLeg(setup, 'end'), tail(setup, lane)];
  return [tuckLeg(setup), tail(setup, lane)];
}

/** Whether a strand is the spine that carries the closure at the second end. */
const isSpineOfEnd = (setup: SetupContext, lane: Lane): boolean =>
  setup.end.byTheSpine === true && lane.role === 'spine';

/** Beyond the last row, for a working end over cores: cow-hitched to the bar if it is held so, then the tail. */
export function workEnd(setup: SetupContext, lane: Lane): CordPart[] {
  if (isSpineOfEnd(setup, lane)) return outwards(setup, 'end', setup.end.legs(0));
  return setup.end.kind === 'bar' && setup.end.attach === 'hitched'
    ? [hitchLeg(setup, 'end'), tail(setup, lane)]
    : [tail(setup, lane)];
}

/** Round the second bar and on as a working end: a folded cord's turn. Without a bar it turns by itself. */
export function secondTurn(setup: SetupContext): CordPart {
  const turn = turnRoundBarMm(setup.end.bar ?? { widthMm: 0, thicknessMm: 0 }, setup.metrics.diameterMm);
  return {
    what: 'attach',
    lengthMm: turn.lengthMm,
    why: setup.end.bar ? turn.why : why`a turn by itself at the last row`,
    fromMm: endOf(setup),
    toMm: endOf(setup),
  };
}

function returnLeg(setup: SetupContext): CordPart {
  const turn = secondTurn(setup);
  const rows = RETURN_ROWS * setup.metrics.rowHeightMm;
  return {
    ...turn,
    lengthMm: turn.lengthMm + rows,
    why: why`${turn.why}, then ${len(rows)} back under the last ${counted(RETURN_ROWS, 'row')}, which hold it`,
    fromMm: endOf(setup) - rows,
  };
}

function tuckLeg(setup: SetupContext): CordPart {
  const rows = Math.max(10, TUCK_ROWS * setup.metrics.rowHeightMm);
  return {
    what: 'attach',
    lengthMm: rows,
    why: why`tucked back under ${counted(TUCK_ROWS, 'row')} or ${len(10)}, whichever is more`,
    fromMm: endOf(setup) - rows,
    toMm: endOf(setup),
  };
}

export function coreRun(setup: SetupContext, core: Lane): CordPart {
  const stand = startOf(setup);
  return {
    what: 'core run',
    lengthMm: stand + setup.wovenMm * core.perLength,
    why: why`${stand > 0 ? why`hitch ${len(stand)} + ` : []}woven ${len(setup.wovenMm)} × ${num(core.perLength, 3)} (a core waves a little under the rows)`,
    strand: core.name,
    lane: core.lane,
    fromMm: 0,
    toMm: endOf(setup),
  };
}

/** The woven stretch of a working strand, its way past beads, and what it needs more where it goes over a ring. */
export function weave(setup: SetupContext, work: Lane): CordPart[] {
  const beads = (setup.beads ?? []).reduce((sum, b) => sum + b.sizeMm, 0);
  const knotted = (setup.knots ?? []).reduce((sum, k) => sum + k.sizeMm, 0);
  const mm = setup.wovenMm - beads - knotted;
  const woven: CordPart = {
    what: 'weave',
    lengthMm: mm * work.perLength,
    why: why`woven ${len(mm)}, which uses ${num(work.perLength)} × its length. ${setup.metrics.source}`,
    strand: work.name,
    lane: work.lane,
    fromMm: startOf(setup),
    toMm: endOf(setup),
  };
  const past = (setup.beads ?? []).map(
    (b): CordPart => ({
      what: 'attach',
      lengthMm: b.sizeMm,
      why: why`straight past the ${b.name}, ${len(b.sizeMm)}`,
      fromMm: b.atMm - b.sizeMm / 2,
      toMm: b.atMm + b.sizeMm / 2,
    }),
  );
  const over = (setup.rings ?? []).map((ring): CordPart => {
    const rows = ring.toRow - ring.fromRow + 1;
    return {
      what: 'attach',
      lengthMm: rows * 2 * RING_WIRE_MM,
      why: why`over the ring’s side on ${counted(rows, 'row')}: twice its wire ${len(RING_WIRE_MM)} on each`,
      fromMm: ring.atMm - ring.sizeMm / 2,
      toMm: ring.atMm + ring.sizeMm / 2,
    };
  });
  const tied = (setup.knots ?? []).map(
    (k): CordPart => ({
      what: 'attach',
      lengthMm: k.knot!.cordMm,
      why: why`the ${k.name}. ${k.knot!.why}`,
      fromMm: k.atMm - k.sizeMm / 2,
      toMm: k.atMm + k.sizeMm / 2,
    }),
  );
  return [woven, ...past, ...over, ...tied];
}

export function tail(setup: SetupContext, work: Lane): CordPart {
  const handMm = setup.resolved.handMm('row', setup.metrics.diameterMm);
  return {
    what: 'tail',
    lengthMm: handMm,
    why: why`hand length: your hands need ${len(handMm)} of each end to tie the last row. You snip it off afterwards, so it is also your first reserve`,
    strand: work.name,
    lane: work.lane,
  };
}

/** Stretches beyond the weave, from it outwards, with the places that they reach. */
function outwards(setup: SetupContext, at: 'start' | 'end', legs: readonly LegPart[]): CordPart[] {
  const [edge, dir] = at === 'start' ? [startOf(setup), -1] : [endOf(setup), 1];
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
