import { cordLetter } from '../../colour/palette.ts';
import type { ColourStretch } from '../../colour/sequence.ts';
import { len, num, why } from '../../why/why.ts';
import { times } from '../../words.ts';
import type { CordPart } from '../types.ts';
import { behind, changeMark, rowMmOf, totalCut, type WayMade } from './changes.ts';
import { inPairs, type Lane, lanesOf, type SetupContext, startOf, type Uncut } from './context.ts';
import { coreEnd, coreRun, startLeg, workEnd } from './parts.ts';

/** Two cords, one working and one inside; at every change they trade places. No cord is cut. */
export function exchange(
  setup: SetupContext,
  stretches: readonly ColourStretch[],
  way: 'swap' | 'carry',
): WayMade {
  const [cores, works] = [lanesOf(setup.metrics, 'core'), lanesOf(setup.metrics, 'work')];
  const used = [...new Set(stretches.map((s) => s.cord))].sort();
  const no = (reason: string): WayMade => ({ way, ok: false, reason });
  if (setup.start.kind === 'run' || setup.end.kind === 'run')
    return no('The cores run on into the closure, so they can’t change places with the working ends.');
  if (used.length !== 2) return no(`This only works between two cords, not ${used.length}.`);
  const inside = way === 'swap' ? cores : cores.slice(1, -1);
  if (works.length !== 2 || inside.length !== 2 || (way === 'swap' && cores.length !== 2))
    return no(
      way === 'swap'
        ? 'Cords can only change places where two working ends go round two cores.'
        : 'There is no room for another cord inside: this needs two working ends over four cores.',
    );
  const half = (cord: number, k: number) => halfOf(setup, stretches, { cord, works, cores, inside, k });
  const cords = used.map(
    (cord): Uncut => ({
      index: cord,
      role: stretches[0]!.cord === cord ? 'works first' : 'starts inside',
      parts: [half(cord, 0), half(cord, 1)],
      fold:
        stretches[0]!.cord === cord
          ? why`its middle goes behind the cores`
          : why`the middle: it lies over the first end`,
    }),
  );
  const fixed = way === 'carry' ? [cores[0]!, cores.at(-1)!] : [];
  const coreCord = Math.max(0, setup.resolved.colours.length - 1);
  const outer = inPairs(fixed).map(
    (pair): Uncut => ({
      index: coreCord,
      letter: `${cordLetter(coreCord)}${used.includes(coreCord) ? '+' : ''}`,
      role: 'two cores that stay inside',
      parts: [
        [...startLeg(setup, 2), coreRun(setup, pair[0]!), ...coreEnd(setup, 2)],
        [...startLeg(setup, 3), coreRun(setup, pair[1]!), ...coreEnd(setup, 3)],
      ],
      fold: why`the middle: it lies over the first end`,
    }),
  );
  const all = [...cords, ...outer];
  return {
    way,
    ok: true,
    setUp: {
      cords: all,
      marks: stretches.slice(1).map((s) => changeMark(startOf(setup) + s.from * rowMmOf(setup), s)),
    },
    cordMm: totalCut(setup, all),
    splices: 0,
    words: why`no splices; the cords swap places ${times(stretches.length - 1)}`,
  };
}

interface HalfOf {
  readonly cord: number;
  readonly works: readonly Lane[];
  readonly cores: readonly Lane[];
  /** Lanes in which a cord lies while the other one works. */
  readonly inside: readonly Lane[];
  readonly k: number;
}

/** One half of a cord that works in its own stretches and lies inside in the others. */
function halfOf(
  setup: SetupContext,
  stretches: readonly ColourStretch[],
  { cord, works, cores, inside, k }: HalfOf,
): CordPart[] {
  const row = rowMmOf(setup);
  const at = (r: number) => startOf(setup) + r * row;
  const cross = setup.metrics.widthMm / 2;
  const runs = stretches.map((s, i): CordPart[] => {
    const isWorking = s.cord === cord;
    const lane = isWorking ? works[k]! : inside[k]!;
    const mm = (s.to - s.from) * row;
    const stretch: CordPart = {
      what: isWorking ? 'weave' : 'core run',
      lengthMm: mm * lane.perLength,
      why: isWorking
        ? why`rows ${num(s.from + 1, 0)} to ${num(s.to, 0)}, ${len(mm)}, which use ${num(lane.perLength)} × their length. ${setup.metrics.source}`
        : why`inside rows ${num(s.from + 1, 0)} to ${num(s.to, 0)}, ${len(mm)} × ${num(lane.perLength, 3)}`,
      strand: lane.name,
      lane: lane.lane,
      fromMm: i === 0 && !isWorking ? 0 : at(s.from),
      toMm: at(s.to),
    };
    if (i === 0) return [stretch];
    const out: CordPart = {
      what: 'attach',
      lengthMm: cross,
      why: why`changes places after row ${num(s.from, 0)}: half the band’s width, ${len(cross)}`,
      fromMm: at(s.from),
      toMm: at(s.from),
    };
    return [out, stretch];
  });
  const [first, last] = [stretches[0]!, stretches.at(-1)!];
  const begin = first.cord === cord ? [behind(setup, cores.length)] : startLeg(setup, k);
  const lane = works[k]!;
  return [...begin, ...runs.flat(), ...(last.cord === cord ? workEnd(setup, lane) : coreEnd(setup, k))];
}
