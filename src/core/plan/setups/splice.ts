import type { ColourStretch } from '../../colour/sequence.ts';
import { counted, len, type Why, why } from '../../why/why.ts';
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

/** The working cord is cut and fused at every change, each end in a row of its own, where it lies on the back. */
export function splice(setup: SetupContext, stretches: readonly ColourStretch[]): WayMade {
  const no = (reason: string): WayMade => ({ way: 'splice', ok: false, reason });
  if (setup.resolved.product.carriesLoad) return no('A piece that carries a load is never spliced.');
  if (!setup.resolved.melts) return no('This fibre does not melt: it cannot be fused end to end.');
  if (setup.start.kind === 'run' && lanesOf(setup.metrics, 'core').length === 0)
    return no('The strands run on into the closure, so they aren’t spliced.');
  const [cores, works] = [lanesOf(setup.metrics, 'core'), lanesOf(setup.metrics, 'work')];
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
        return no(`${lane.name} never lies under anything: no splice in it can be hidden.`);
      const clear = near.filter((p) => isClear(p.alongMm));
      if (clear.length === 0)
        return no(`The change after row ${change} is nearer than ${SPLICE_FROM_END_MM} mm to a closure.`);
      const place = clear.find((p) => !rowsTaken.has(p.row) && Math.abs(p.row + 0.5 - change) <= MOST_OFF);
      if (!place)
        return no(`The changes around row ${change} are so close that two splices would be in one row.`);
      rowsTaken.add(place.row);
      places[k]!.push(place);
    }
  }
  const pieces: {
    index: number;
    role: string;
    parts: Uncut['parts'];
    fold?: Why;
    splices: ('first' | 'last')[];
  }[] = [];
  const melt = (at: number): CordPart => ({
    what: 'attach',
    lengthMm: MELT_MM,
    why: why`melts into the splice`,
    fromMm: startOf(setup) + at,
    toMm: startOf(setup) + at,
  });
  const segment = (lane: Lane, k: number, i: number): CordPart[] => {
    const list = places[k]!;
    const from = i === 0 ? { alongMm: 0, cordMm: 0 } : list[i - 1]!;
    const whole = { alongMm: setup.wovenMm, cordMm: setup.wovenMm * lane.perLength };
    const to = i === stretches.length - 1 ? whole : list[i]!;
    const [base] = weave(setup, lane);
    const part: CordPart = {
      ...base!,
      lengthMm: to.cordMm - from.cordMm,
      fromMm: startOf(setup) + from.alongMm,
      toMm: startOf(setup) + to.alongMm,
      why: why`from ${len(from.alongMm)} to ${len(to.alongMm)} of the weave, walked along the strand as it lies`,
    };
    return [
      ...(i > 0 ? [melt(from.alongMm)] : []),
      part,
      ...(i < stretches.length - 1 ? [melt(to.alongMm)] : workEnd(setup, lane)),
    ];
  };
  const begin = cores.length > 0 ? [behind(setup, cores.length)] : [];
  for (const pair of inPairs(works.map((lane, k) => ({ lane, k })))) {
    const halves = pair.map(({ lane, k }) => [
      ...(cores.length > 0 ? begin : pair.length === 2 ? startLeg(setup, k) : startTail(setup, k)),
      ...segment(lane, k, 0),
    ]);
    const parts: Uncut['parts'] = halves.length === 2 ? [halves[0]!, halves[1]!] : halves[0]!;
    pieces.push({
      index: stretches[0]!.cord,
      role: 'works first',
      parts,
      fold: why`its middle starts the band`,
      splices: [],
    });
    for (const [i, s] of stretches.entries()) {
      if (i === 0) continue;
      for (const { lane, k } of pair)
        pieces.push({
          index: s.cord,
          role: `${lane.name}, rows ${s.from + 1} to ${s.to}`,
          parts: segment(lane, k, i),
          splices: ['first'],
        });
    }
  }
  const numbers = new Map<number, number>();
  const coreIndex = Math.max(0, setup.resolved.colours.length - 1);
  const coreCuts = inPairs(cores).map((pair, i) => ({ pair, i }));
  const cords = pieces.map((p): Uncut => {
    const n = (numbers.get(p.index) ?? 0) + 1;
    numbers.set(p.index, n);
    return {
      index: p.index,
      piece: n,
      role: p.role,
      parts: p.parts,
      ...(p.fold ? { fold: p.fold } : {}),
      marks: p.splices.map(() => ({ what: 'splice', atMm: 0, why: why`fused to the piece before it` })),
    };
  });
  const inner = coreCuts.map(({ pair, i }): Uncut => {
    const n = (numbers.get(coreIndex) ?? 0) + 1;
    numbers.set(coreIndex, n);
    const halves = pair.map((lane, j) => [
      ...startLeg(setup, 2 * i + j),
      coreRun(setup, lane),
      ...coreEnd(setup, 2 * i + j),
    ]);
    return {
      index: coreIndex,
      piece: n,
      role: pair.length === 2 ? 'two cores' : 'a core',
      parts:
        halves.length === 2 ? [halves[0]!, halves[1]!] : [...startTail(setup, 2 * i), ...halves[0]!.slice(1)],
      ...(halves.length === 2 ? { fold: why`the middle: it lies over the first end` } : {}),
    };
  });
  const all = [...cords, ...inner];
  const count = works.length * (stretches.length - 1);
  return {
    way: 'splice',
    ok: true,
    setUp: {
      cords: all,
      marks: stretches.slice(1).map((s) => changeMark(startOf(setup) + s.from * row, s)),
      splices: places.flatMap((list, k) =>
        list.map((p) => ({
          atMm: startOf(setup) + p!.alongMm,
          row: p!.row + 1,
          strand: works[k]!.name,
          cordMm: p!.cordMm,
        })),
      ),
    },
    cordMm: totalCut(setup, all),
    splices: count,
    words: why`${counted(count, 'splice')}, each in a row of its own, hidden on the back`,
  };
}
