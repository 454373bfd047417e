import type { ColourStretch } from '../../colour/sequence.ts';
import { counted, len, why } from '../../why/why.ts';
import { type HiddenPlace, hiddenPlace } from '../splices.ts';
import type { CordPart } from '../types.ts';
import { behind, changeMark, rowMmOf, totalCut, type WayMade } from './changes.ts';
import { inPairs, type Lane, lanesOf, type SetupContext, startOf, type Uncut } from './context.ts';
import { coreEnd, coreRun, startLeg, startTail, weave, workEnd } from './parts.ts';

/** Splices keep this far from both ends of the weave. */
export const SPLICE_FROM_END_MM = 25;
/** Rows about a change in which its splices may lie, the nearest first: each end of each lane in a row of its own. */
const NEAR_ROWS = [-1, 0, -2, 1, 2];
/** Farther than this from its change, in rows, a splice would show the wrong colour. */
const MOST_OFF = 3;
/** Cord that melts away at each end that is fused. */
export const MELT_MM = 3;

/** Where every working lane is spliced at every change, or why it cannot be hidden there. */
function hiddenPlaces(
  setup: SetupContext,
  stretches: readonly ColourStretch[],
): { readonly places: readonly (readonly HiddenPlace[])[] } | { readonly reason: string } {
  const works = lanesOf(setup.metrics, 'work');
  const row = rowMmOf(setup);
  const isClear = (mm: number) => mm >= SPLICE_FROM_END_MM && mm <= setup.wovenMm - SPLICE_FROM_END_MM;
  const rowsTaken = new Set<number>();
  const places: HiddenPlace[][] = works.map(() => []);
  for (const { from: change } of stretches.slice(1)) {
    for (const [k, lane] of works.entries()) {
      const near = NEAR_ROWS.flatMap(
        (off) =>
          hiddenPlace(setup.resolved.solved, setup.metrics, lane.name, lane.lane, change + off, row) ?? [],
      );
      if (near.length === 0)
        return { reason: `${lane.name} never lies under anything: no splice in it can be hidden.` };
      const clear = near.filter((p) => isClear(p.alongMm));
      if (clear.length === 0)
        return {
          reason: `The change after row ${change} is nearer than ${SPLICE_FROM_END_MM} mm to a closure.`,
        };
      const place = clear.find((p) => !rowsTaken.has(p.row) && Math.abs(p.row + 0.5 - change) <= MOST_OFF);
      if (!place)
        return {
          reason: `The changes around row ${change} are so close that two splices would be in one row.`,
        };
      rowsTaken.add(place.row);
      places[k]!.push(place);
    }
  }
  return { places };
}

/** What melts away where two pieces are fused. */
const melt = (setup: SetupContext, at: number): CordPart => ({
  what: 'attach',
  lengthMm: MELT_MM,
  why: why`melts into the splice`,
  fromMm: startOf(setup) + at,
  toMm: startOf(setup) + at,
});

/** A lane from one of its splices to the next, the first from the start and the last to the end of the band. */
function segmentOf(setup: SetupContext, lane: Lane, places: readonly HiddenPlace[], i: number): CordPart[] {
  const isLast = i === places.length;
  const from = i === 0 ? { alongMm: 0, cordMm: 0 } : places[i - 1]!;
  const whole = { alongMm: setup.wovenMm, cordMm: setup.wovenMm * lane.perLength };
  const to = isLast ? whole : places[i]!;
  const [base] = weave(setup, lane);
  const part: CordPart = {
    ...base!,
    lengthMm: to.cordMm - from.cordMm,
    fromMm: startOf(setup) + from.alongMm,
    toMm: startOf(setup) + to.alongMm,
    why: why`from ${len(from.alongMm)} to ${len(to.alongMm)} of the weave, walked along the strand as it lies`,
  };
  return [
    ...(i > 0 ? [melt(setup, from.alongMm)] : []),
    part,
    ...(isLast ? workEnd(setup, lane) : [melt(setup, to.alongMm)]),
  ];
}

/** Every piece of the working cords: two lanes begin as one, and each goes on alone after its first splice. */
function workingPieces(
  setup: SetupContext,
  stretches: readonly ColourStretch[],
  places: readonly (readonly HiddenPlace[])[],
): Uncut[] {
  const works = lanesOf(setup.metrics, 'work');
  const cores = lanesOf(setup.metrics, 'core').length;
  const begin = (k: number, isPair: boolean) =>
    cores > 0 ? [behind(setup, cores)] : isPair ? startLeg(setup, k) : startTail(setup, k);
  return inPairs(works.map((lane, k) => ({ lane, k }))).flatMap((pair): Uncut[] => {
    const halves = pair.map(({ lane, k }) => [
      ...begin(k, pair.length === 2),
      ...segmentOf(setup, lane, places[k]!, 0),
    ]);
    const first: Uncut = {
      index: stretches[0]!.cord,
      role: 'works first',
      parts: halves.length === 2 ? [halves[0]!, halves[1]!] : halves[0]!,
      fold: why`its middle starts the band`,
      marks: [],
    };
    const later = stretches.slice(1).flatMap((s, i) =>
      pair.map(
        ({ lane, k }): Uncut => ({
          index: s.cord,
          role: `${lane.name}, rows ${s.from + 1} to ${s.to}`,
          parts: segmentOf(setup, lane, places[k]!, i + 1),
          marks: [{ what: 'splice', atMm: 0, why: why`fused to the piece before it` }],
        }),
      ),
    );
    return [first, ...later];
  });
}

/** The cores, in the last colour, two on a cord. */
function corePieces(setup: SetupContext): Uncut[] {
  const index = Math.max(0, setup.resolved.colours.length - 1);
  return inPairs(lanesOf(setup.metrics, 'core')).map((pair, i): Uncut => {
    const halves = pair.map((lane, j) => [
      ...startLeg(setup, 2 * i + j),
      coreRun(setup, lane),
      ...coreEnd(setup, 2 * i + j),
    ]);
    const [a, b] = halves as [CordPart[], CordPart[]?];
    if (!b) return { index, role: 'a core', parts: [...startTail(setup, 2 * i), ...a.slice(1)] };
    return { index, role: 'two cores', parts: [a, b], fold: why`the middle: it lies over the first end` };
  });
}

/** Pieces of one cord are numbered from 1 in the order in which they come. */
function numberPieces(pieces: readonly Uncut[]): Uncut[] {
  const counts = new Map<number, number>();
  return pieces.map((p) => {
    const piece = (counts.get(p.index) ?? 0) + 1;
    counts.set(p.index, piece);
    return { ...p, piece };
  });
}

/** The working cord is cut and fused at every change, each end in a row of its own, where it lies on the back. */
export function splice(setup: SetupContext, stretches: readonly ColourStretch[]): WayMade {
  const no = (reason: string): WayMade => ({ way: 'splice', ok: false, reason });
  if (setup.resolved.product.carriesLoad) return no('A piece that carries a load is never spliced.');
  if (!setup.resolved.melts) return no('This fibre does not melt: it cannot be fused end to end.');
  if (setup.start.kind === 'run' && lanesOf(setup.metrics, 'core').length === 0)
    return no('The strands run on into the closure, so they aren’t spliced.');
  const found = hiddenPlaces(setup, stretches);
  if ('reason' in found) return no(found.reason);
  const works = lanesOf(setup.metrics, 'work');
  const cords = numberPieces([...workingPieces(setup, stretches, found.places), ...corePieces(setup)]);
  const count = works.length * (stretches.length - 1);
  return {
    way: 'splice',
    ok: true,
    setUp: {
      cords,
      marks: stretches.slice(1).map((s) => changeMark(startOf(setup) + s.from * rowMmOf(setup), s)),
      splices: found.places.flatMap((list, k) =>
        list.map((p) => ({
          atMm: startOf(setup) + p.alongMm,
          row: p.row + 1,
          strand: works[k]!.name,
          cordMm: p.cordMm,
        })),
      ),
    },
    cordMm: totalCut(setup, cords),
    splices: count,
    words: why`${counted(count, 'splice')}, each in a row of its own, hidden on the back`,
  };
}
