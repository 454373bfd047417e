import { len, num, type Why, why } from '../../why/why.ts';
import type { CordCut, CordPart } from '../types.ts';
import { inPairs, type Lane, lanesOf, type SetUp, type SetupContext, startOf } from './context.ts';
import { finish } from './finish.ts';
import { backwards, bareEnd, coreEnd, coreRun, startLeg, startTail, weave, workEnd } from './parts.ts';

/** Cords that run from end to end: those that begin at a running end alone, the others folded in pairs. */
function grouped(c: SetupContext, tied: readonly Lane[]): Lane[][] {
  const alone = c.start.kind === 'run' ? c.start.carries : 0;
  return [...tied.slice(0, alone).map((lane) => [lane]), ...inPairs(tied.slice(alone))];
}

/** Core cords and working cords, each folded at its middle; a single strand left over is tied by its end. */
export function separate(c: SetupContext): SetUp {
  const cores = lanesOf(c.m, 'core');
  const works = lanesOf(c.m, 'work');
  if (cores.length === 0)
    return { marks: [], cords: numbered(grouped(c, works), (g, i, n) => bareCord(c, g, i, n)) };
  return {
    marks: [],
    cords: [
      ...numbered(inPairs(works), (g, _, n) => workingCord(c, g, cores.length, n)),
      ...numbered(grouped(c, cores), (g, i, n) => coreCord(c, g, i, n)),
    ],
  };
}

/** Runs over the groups with the number of their first lane, and their own number when there are several. */
function numbered(
  groups: readonly Lane[][],
  make: (group: readonly Lane[], first: number, piece: number) => CordCut,
): CordCut[] {
  let first = 0;
  return groups.map((group, i) => {
    const cord = make(group, first, groups.length > 1 ? i + 1 : 0);
    first += group.length;
    return cord;
  });
}

function coreCord(c: SetupContext, group: readonly Lane[], first: number, piece: number): CordCut {
  const half = (core: Lane, k: number) => [coreRun(c, core), ...coreEnd(c, k)];
  return finish(c, {
    index: 1,
    piece,
    role: group.length === 2 ? 'two cores' : 'a core',
    ...throughOrFolded(c, group, first, half),
  });
}

/** Without cores the strands themselves carry the closure. */
function bareCord(c: SetupContext, group: readonly Lane[], first: number, piece: number): CordCut {
  const half = (lane: Lane, k: number) => [...weave(c, lane), ...bareEnd(c, k, lane)];
  return finish(c, {
    index: 0,
    piece,
    role:
      group.length === 2
        ? 'two working ends'
        : c.start.kind === 'run'
          ? 'a strand, from end to end'
          : 'a working end',
    ...throughOrFolded(c, group, first, half),
  });
}

/** A pair is one cord folded at the start; a single lane begins at its own end. */
function throughOrFolded(
  c: SetupContext,
  group: readonly Lane[],
  first: number,
  half: (lane: Lane, k: number) => CordPart[],
): { parts: CordPart[]; fold?: Why } {
  if (group.length === 1) {
    return { parts: [...startTail(c, first), ...half(group[0]!, first)] };
  }
  const [a, b] = group.map((lane, i) => [...startLeg(c, first + i), ...half(lane, first + i)]) as [
    CordPart[],
    CordPart[],
  ];
  const isLoop = c.start.kind === 'loop' && first < c.start.carries;
  const fold =
    c.start.kind === 'bar'
      ? why`the middle: it lies over the first bar`
      : isLoop
        ? why`the middle: it is left standing as the loop`
        : why`the middle: it lies against the first row`;
  return { parts: [...backwards(a), ...b], fold };
}

/** With cores the working cord's middle goes behind them. */
function workingCord(c: SetupContext, pair: readonly Lane[], cores: number, piece: number): CordCut {
  const { diameterMm: d } = c.m;
  const behind: CordPart = {
    what: 'attach',
    lengthMm: ((cores + 2) / 2) * d,
    why: why`half of the way behind the ${num(cores, 0)} cores before the first row: a diameter of ${len(d)} for each and for each edge`,
    fromMm: startOf(c),
    toMm: startOf(c),
  };
  const halves = pair.map((work): CordPart[] => [behind, ...weave(c, work), ...workEnd(c, work)]);
  const [a, b] = halves as [CordPart[], CordPart[]?];
  const tuck: CordPart = {
    what: 'attach',
    lengthMm: 25,
    why: why`its end, led back ${len(25)} along itself and covered`,
    fromMm: startOf(c),
    toMm: startOf(c),
  };
  return finish(c, {
    index: 0,
    piece,
    role: b ? 'two working ends' : 'a working end',
    parts: b ? [...backwards(a), ...b] : [tuck, ...a],
    ...(b ? { fold: why`its middle goes behind the cores` } : {}),
  });
}
