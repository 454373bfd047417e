import { why } from '../../why/why.ts';
import type { CordPart } from '../types.ts';
import { inPairs, type Lane, lanesOf, type SetUp, type SetupContext, type Uncut } from './context.ts';
import { coreEnd, coreRun, startLeg, startTail, weave, workEnd } from './parts.ts';

interface Place extends Lane {
  readonly isCore: boolean;
}

/**
 * Order of the ends on the bar from left to right: in a bar of columns each core lies between its column's two working
 * ends; otherwise all cores lie between the first working end and the rest.
 */
export function orderOnBar(cores: readonly Lane[], works: readonly Lane[]): Place[] {
  const core = (l: Lane): Place => ({ ...l, isCore: true });
  const work = (l: Lane): Place => ({ ...l, isCore: false });
  if (works.length === 2 * cores.length)
    return cores.flatMap((l, i) => [work(works[2 * i]!), core(l), work(works[2 * i + 1]!)]);
  return [work(works[0]!), ...cores.map(core), ...works.slice(1).map(work)];
}

/** Every cord folded and hitched beside the next: its two ends are neighbours, so its fold need not be its middle. */
export function setUpSideBySide(setup: SetupContext): SetUp {
  const [cores, works] = [lanesOf(setup.metrics, 'core'), lanesOf(setup.metrics, 'work')];
  const groups = inPairs(orderOnBar(cores, works));
  let k = 0;
  const half = (p: Place, index: number): CordPart[] =>
    p.isCore ? [coreRun(setup, p), ...coreEnd(setup, index)] : [...weave(setup, p), ...workEnd(setup, p)];
  const cords = groups.map((group, i): Uncut => {
    const indices = group.map((p) => (p.isCore ? k++ : 0));
    const halves = group.map((p, j) => half(p, indices[j]!));
    const [a, b] = halves as [CordPart[], CordPart[]?];
    const [first, second] = group as [Place, Place?];
    const names = namesOf(group);
    const common = { index: 0, piece: groups.length > 1 ? i + 1 : 0, place: i + 1 };
    if (!b) return { ...common, role: names, parts: [...startTail(setup, indices[0]!), ...a] };
    return {
      ...common,
      role: `${names}, side by side`,
      parts: [
        [...startLeg(setup, indices[0]!), ...a],
        [...startLeg(setup, indices[1]!), ...b],
      ],
      isUneven: true,
      // Which cord lies where as the work hangs is told where it is hitched.
      fold:
        first.isCore === second?.isCore
          ? why`it lies over the first bar, and its two ends side by side`
          : why`it lies over the first bar, and its two ends side by side; the longer one is the working end`,
    };
  });
  return { cords, marks: [] };
}

function namesOf(group: readonly Place[]): string {
  const [a, b] = group as [Place, Place?];
  const name = (p: Place) => (p.isCore ? 'core' : 'working end');
  if (!b) return `a ${name(a)}`;
  return a.isCore === b.isCore ? `two ${name(a)}s` : `a ${name(a)} and a ${name(b)}`;
}
