import { laneKey } from '../../colour/lanes.ts';
import { effectiveDiameterMm, findCord } from '../../cord/cords.ts';
import { counted, len, num, why } from '../../why/why.ts';
import { cordOfLane, cordTypeOf } from '../thickness.ts';
import type { CordPart } from '../types.ts';
import { type Lane, lanesOf, type SetUp, type SetupContext, startOf, type Uncut } from './context.ts';
import { bareEnd, coreEnd, coreRun, startLeg, startTail, weave, workEnd } from './parts.ts';

/** Which of the design's cords a lane is made of. */
export const cordOf = (setup: SetupContext, lane: Lane, isCore: boolean): number =>
  cordOfLane(setup.resolved.design, { key: laneKey(lane.name, lane.lane), isCore });

/** The same piece in the thickness of one of its cords: what is hitched, turned, tucked and held is that cord. */
function inCord(setup: SetupContext, cord: number): SetupContext {
  const type = findCord(cordTypeOf(setup.resolved.design, cord));
  if (!type || !setup.resolved.mixed) return setup;
  return { ...setup, metrics: { ...setup.metrics, diameterMm: effectiveDiameterMm(type) } };
}

interface Group {
  readonly lanes: readonly Lane[];
  readonly cord: number;
  /** Number of its first lane among those that run from end to end. */
  readonly first: number;
  readonly isCore: boolean;
}

/** Neighbours of one cord in twos, each pair one folded piece; what begins at a running end, or is left over, is alone. */
function groupLanes(setup: SetupContext, lanes: readonly Lane[], isCore: boolean, runs: boolean): Group[] {
  const alone = runs && setup.start.kind === 'run' ? setup.start.carries : 0;
  const groups: Group[] = lanes
    .slice(0, alone)
    .map((lane, i) => ({ lanes: [lane], cord: cordOf(setup, lane, isCore), first: i, isCore }));
  const waiting = new Map<number, { lane: Lane; first: number }>();
  for (const [i, lane] of lanes.slice(alone).entries()) {
    const cord = cordOf(setup, lane, isCore);
    const first = alone + i;
    const partner = waiting.get(cord);
    if (!partner) {
      waiting.set(cord, { lane, first });
      continue;
    }
    groups.push({ lanes: [partner.lane, lane], cord, first: partner.first, isCore });
    waiting.delete(cord);
  }
  for (const [cord, { lane, first }] of waiting) groups.push({ lanes: [lane], cord, first, isCore });
  // A loop is the fold of one cord: both its halves come first, then those of the next.
  if (setup.start.kind !== 'loop') return groups;
  let first = 0;
  return groups.map((group) => {
    first += group.lanes.length;
    return { ...group, first: first - group.lanes.length };
  });
}

/** Core cords and working cords, each folded at its middle; a single strand left over is tied by its end. */
export function setUpSeparate(setup: SetupContext): SetUp {
  const cores = lanesOf(setup.metrics, 'core');
  const works = lanesOf(setup.metrics, 'work');
  const groups =
    cores.length === 0
      ? groupLanes(setup, works, false, true)
      : [...groupLanes(setup, works, false, false), ...groupLanes(setup, cores, true, true)];
  const pieces = (cord: number) => groups.filter((g) => g.cord === cord).length;
  const numbers = new Map<number, number>();
  const cords = groups.map((g) => {
    const n = (numbers.get(g.cord) ?? 0) + 1;
    numbers.set(g.cord, n);
    const piece = pieces(g.cord) > 1 ? n : 0;
    const own = inCord(setup, g.cord);
    if (g.isCore) return coreCord(own, g, piece);
    return cores.length === 0
      ? bareCord(own, g, piece)
      : workingCord(own, g, coreWidths(setup, cores), piece);
  });
  return { marks: [], cords };
}

function coreCord(setup: SetupContext, group: Group, piece: number): Uncut {
  const half = (core: Lane, k: number) => [coreRun(setup, core), ...coreEnd(setup, k)];
  return {
    index: group.cord,
    piece,
    role: group.lanes.length === 2 ? 'two cores' : 'a core',
    ...throughOrFolded(setup, group, half),
  };
}

/** Without cores the strands themselves carry the closure. */
function bareCord(setup: SetupContext, group: Group, piece: number): Uncut {
  const half = (lane: Lane, k: number) => [...weave(setup, lane), ...bareEnd(setup, k, lane)];
  return {
    index: group.cord,
    piece,
    role:
      group.lanes.length === 2
        ? 'two working ends'
        : setup.start.kind === 'run'
          ? 'a strand, from end to end'
          : 'a working end',
    ...offMiddle(setup, group, throughOrFolded(setup, group, half)),
  };
}

/** A pair that is folded off its middle where the maker wants it so; which end is the longer one is said at the fold. */
function offMiddle<T extends Pick<Uncut, 'parts' | 'fold'>>(
  setup: SetupContext,
  { lanes: pair }: Group,
  uncut: T,
): T {
  const [a, b] = pair;
  if (!setup.resolved.design.setup.uneven || !uncut.fold || !a || !b || a.perLength === b.perLength)
    return uncut;
  const longer = a.perLength > b.perLength ? a : b;
  return {
    ...uncut,
    isUneven: true,
    fold: why`off its middle: the longer end is ${longer.name}, which uses ${num(longer.perLength)} × its length`,
  };
}

/** A pair is one cord folded at the start; a single lane begins at its own end. */
function throughOrFolded(
  setup: SetupContext,
  { lanes: group, first }: Group,
  half: (lane: Lane, k: number) => CordPart[],
): Pick<Uncut, 'parts' | 'fold'> {
  if (group.length === 1) {
    return { parts: [...startTail(setup, first), ...half(group[0]!, first)] };
  }
  const [a, b] = group.map((lane, i) => [...startLeg(setup, first + i), ...half(lane, first + i)]) as [
    CordPart[],
    CordPart[],
  ];
  const isLoop = setup.start.kind === 'loop' && first < setup.start.carries;
  const fold =
    setup.start.kind === 'bar'
      ? why`the middle: it lies over the first bar`
      : isLoop
        ? why`the middle: it is left standing as the loop`
        : why`the middle: it lies against the first row`;
  return { parts: [a, b], fold };
}

/** How wide the cores are, one by one, in mm. */
const coreWidths = (setup: SetupContext, cores: readonly Lane[]): number[] =>
  cores.map((core) => inCord(setup, cordOf(setup, core, true)).metrics.diameterMm);

/** With cores the working cord's middle goes behind them. */
function workingCord(setup: SetupContext, group: Group, cores: readonly number[], piece: number): Uncut {
  const { diameterMm: d } = setup.metrics;
  const sum = cores.reduce((total, width) => total + width, 0);
  const isAlike = cores.every((width) => width === d);
  const behind: CordPart = {
    what: 'attach',
    lengthMm: (sum + 2 * d) / 2,
    why: isAlike
      ? why`half of the way behind the ${counted(cores.length, 'core')} before the first row: a diameter of ${len(d)} for each and for each edge`
      : why`half of the way behind the ${counted(cores.length, 'core')}, ${len(sum)} together, before the first row, and ${len(d)} for each edge`,
    fromMm: startOf(setup),
    toMm: startOf(setup),
  };
  const halves = group.lanes.map((work): CordPart[] => [
    behind,
    ...weave(setup, work),
    ...workEnd(setup, work),
  ]);
  const [a, b] = halves as [CordPart[], CordPart[]?];
  const tuck: CordPart = {
    what: 'attach',
    lengthMm: 25,
    why: why`its end, folded back ${len(25)} along itself and covered`,
    fromMm: startOf(setup),
    toMm: startOf(setup),
  };
  return offMiddle(setup, group, {
    index: group.cord,
    piece,
    role: b ? 'two working ends' : 'a working end',
    parts: b ? [a, b] : [tuck, ...a],
    ...(b ? { fold: why`its middle goes behind the cores` } : {}),
  });
}
