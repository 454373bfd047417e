import { cordLetter } from '../../colour/palette.ts';
import type { Stretch } from '../../colour/sequence.ts';
import { len, num, type Why, why } from '../../why/why.ts';
import { type HiddenPlace, hiddenPlace } from '../splices.ts';
import type { BandMark, CordCut, CordPart } from '../types.ts';
import { inPairs, type Lane, lanesOf, type SetUp, type SetupContext, startOf } from './context.ts';
import { finish } from './finish.ts';
import { backwards, coreEnd, coreRun, startLeg, startTail, weave, workEnd } from './parts.ts';

export type Way = 'swap' | 'carry' | 'splice';

/** One way to change colours along the band, or why it cannot be. */
export type WayMade =
  | {
      readonly way: Way;
      readonly ok: true;
      readonly setUp: SetUp;
      readonly cordMm: number;
      readonly splices: number;
      readonly words: Why;
    }
  | { readonly way: Way; readonly ok: false; readonly reason: string };

/** Splices keep this far from both ends of the weave. */
export const SPLICE_FROM_END_MM = 25;
/** Rows about a change in which its splices may lie, the nearest first: each end of each lane in a row of its own. */
const NEAR_ROWS = [-1, 0, -2, 1, 2];
/** Farther than this from its change, in rows, a splice would show the wrong colour. */
const MOST_OFF = 3;
/** Cord that melts away at each end that is fused. */
const MELT_MM = 3;

export const WAY_NAMES: Readonly<Record<Way, string>> = {
  swap: 'working cord and cores change places',
  carry: 'the other colour is carried inside',
  splice: 'splices on the back',
};

/** Every way to make these stretches of colour, the cheapest that can be done first. */
export function ways(c: SetupContext, stretches: readonly Stretch[]): WayMade[] {
  const made = [exchange(c, stretches, 'swap'), exchange(c, stretches, 'carry'), splice(c, stretches)];
  const cost = (w: WayMade) => (w.ok ? w.cordMm + 40 * w.splices : Number.POSITIVE_INFINITY);
  return made.toSorted((a, b) => cost(a) - cost(b));
}

const total = (cords: readonly CordCut[]): number => cords.reduce((sum, x) => sum + x.cutLengthMm, 0);

const rowMmOf = (c: SetupContext): number => c.wovenMm / c.rows;

/** Two cords, one working and one inside; at every change they trade places. No cord is cut. */
function exchange(c: SetupContext, stretches: readonly Stretch[], way: 'swap' | 'carry'): WayMade {
  const [cores, works] = [lanesOf(c.m, 'core'), lanesOf(c.m, 'work')];
  const used = [...new Set(stretches.map((s) => s.cord))].sort();
  const no = (reason: string): WayMade => ({ way, ok: false, reason });
  if (c.start.kind === 'run' || c.end.kind === 'run')
    return no('The cords inside run on into the closure and cannot change places with the working ones.');
  if (used.length !== 2) return no(`It changes between two cords, not ${used.length}.`);
  const inside = way === 'swap' ? cores : cores.slice(1, -1);
  if (works.length !== 2 || inside.length !== 2 || (way === 'swap' && cores.length !== 2))
    return no(
      way === 'swap'
        ? 'Only where two working ends go round two cores can they change places.'
        : 'There is no room for another cord inside: it takes two working ends over four cores.',
    );
  const row = rowMmOf(c);
  const at = (r: number) => startOf(c) + r * row;
  const cross = c.m.widthMm / 2;
  const half = (cord: number, k: number): CordPart[] => {
    const runs = stretches.map((s, i): CordPart[] => {
      const isWorking = s.cord === cord;
      const lane = isWorking ? works[k]! : inside[k]!;
      const mm = (s.to - s.from) * row;
      const stretch: CordPart = {
        what: isWorking ? 'weave' : 'core run',
        lengthMm: mm * lane.perLength,
        why: isWorking
          ? why`rows ${num(s.from + 1, 0)} to ${num(s.to, 0)}, ${len(mm)} × ${num(lane.perLength)} of cord for each of band. ${c.m.source}`
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
    const begin = first.cord === cord ? [behind(c, cores.length)] : startLeg(c, k);
    const lane = works[k]!;
    return [...begin, ...runs.flat(), ...(last.cord === cord ? workEnd(c, lane) : coreEnd(c, k))];
  };
  const cords = used.map((cord) =>
    finish(c, {
      index: cord,
      role: stretches[0]!.cord === cord ? 'works first' : 'starts inside',
      parts: [...backwards(half(cord, 0)), ...half(cord, 1)],
      fold:
        stretches[0]!.cord === cord
          ? why`its middle goes behind the cores`
          : why`the middle: it lies over the first end`,
    }),
  );
  const fixed = way === 'carry' ? [cores[0]!, cores.at(-1)!] : [];
  const coreCord = Math.max(0, c.r.colours.length - 1);
  const outer = inPairs(fixed).map((pair) =>
    finish(c, {
      index: coreCord,
      letter: `${cordLetter(coreCord)}${used.includes(coreCord) ? '+' : ''}`,
      role: 'two cores that stay inside',
      parts: [
        ...backwards([...startLeg(c, 2), coreRun(c, pair[0]!), ...coreEnd(c, 2)]),
        ...[...startLeg(c, 3), coreRun(c, pair[1]!), ...coreEnd(c, 3)],
      ],
      fold: why`the middle: it lies over the first end`,
    }),
  );
  const all = [...cords, ...outer];
  return {
    way,
    ok: true,
    setUp: { cords: all, marks: stretches.slice(1).map((s) => changeMark(at(s.from), s)) },
    cordMm: total(all),
    splices: 0,
    words: why`no splice; ${num(stretches.length - 1, 0)} times the cords change places`,
  };
}

const changeMark = (atMm: number, s: Stretch): BandMark => ({
  atMm,
  label: `${cordLetter(s.cord)} ${s.from + 1}`,
});

function behind(c: SetupContext, cores: number): CordPart {
  const d = c.m.diameterMm;
  return {
    what: 'attach',
    lengthMm: ((cores + 2) / 2) * d,
    why: why`half of the way behind the ${num(cores, 0)} cores before the first row`,
    fromMm: startOf(c),
    toMm: startOf(c),
  };
}

/** The working cord is cut and fused at every change, each end in a row of its own, where it lies on the back. */
function splice(c: SetupContext, stretches: readonly Stretch[]): WayMade {
  const no = (reason: string): WayMade => ({ way: 'splice', ok: false, reason });
  if (c.r.product.carriesLoad) return no('A piece that carries a load is never spliced.');
  if (!c.r.melts) return no('This fibre does not melt: it cannot be fused end to end.');
  if (c.start.kind === 'run' && lanesOf(c.m, 'core').length === 0)
    return no('The strands run on into the closure; splice-free ways are kept there.');
  const [cores, works] = [lanesOf(c.m, 'core'), lanesOf(c.m, 'work')];
  const row = rowMmOf(c);
  const isClear = (mm: number) => mm >= SPLICE_FROM_END_MM && mm <= c.wovenMm - SPLICE_FROM_END_MM;
  const rowsTaken = new Set<number>();
  const places: HiddenPlace[][] = works.map(() => []);
  for (const { from: change } of stretches.slice(1)) {
    for (const [k, lane] of works.entries()) {
      const near = NEAR_ROWS.flatMap(
        (off) => hiddenPlace(c.r.solved, c.m, lane.name, lane.lane, change + off, row) ?? [],
      );
      if (near.length === 0)
        return no(`${lane.name} never lies under anything: no splice in it can be hidden.`);
      const clear = near.filter((p) => isClear(p.alongMm));
      if (clear.length === 0)
        return no(`The change after row ${change} lies nearer than ${SPLICE_FROM_END_MM} mm to a closure.`);
      const place = clear.find((p) => !rowsTaken.has(p.row) && Math.abs(p.row + 0.5 - change) <= MOST_OFF);
      if (!place)
        return no(`The changes about row ${change} come so close that two splices would lie in one row.`);
      rowsTaken.add(place.row);
      places[k]!.push(place);
    }
  }
  const pieces: {
    index: number;
    role: string;
    parts: CordPart[];
    fold?: Why;
    splices: ('first' | 'last')[];
  }[] = [];
  const melt = (at: number): CordPart => ({
    what: 'attach',
    lengthMm: MELT_MM,
    why: why`melts into the splice`,
    fromMm: startOf(c) + at,
    toMm: startOf(c) + at,
  });
  const segment = (lane: Lane, k: number, i: number): CordPart[] => {
    const list = places[k]!;
    const from = i === 0 ? { alongMm: 0, cordMm: 0 } : list[i - 1]!;
    const whole = { alongMm: c.wovenMm, cordMm: c.wovenMm * lane.perLength };
    const to = i === stretches.length - 1 ? whole : list[i]!;
    const [base] = weave(c, lane);
    const part: CordPart = {
      ...base!,
      lengthMm: to.cordMm - from.cordMm,
      fromMm: startOf(c) + from.alongMm,
      toMm: startOf(c) + to.alongMm,
      why: why`from ${len(from.alongMm)} to ${len(to.alongMm)} of the weave, walked along the strand as it lies`,
    };
    return [
      ...(i > 0 ? [melt(from.alongMm)] : []),
      part,
      ...(i < stretches.length - 1 ? [melt(to.alongMm)] : workEnd(c, lane)),
    ];
  };
  const begin = cores.length > 0 ? [behind(c, cores.length)] : [];
  for (const pair of inPairs(works.map((lane, k) => ({ lane, k })))) {
    const halves = pair.map(({ lane, k }) => [
      ...(cores.length > 0 ? begin : pair.length === 2 ? startLeg(c, k) : startTail(c, k)),
      ...segment(lane, k, 0),
    ]);
    const parts = halves.length === 2 ? [...backwards(halves[0]!), ...halves[1]!] : halves[0]!;
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
  const coreIndex = Math.max(0, c.r.colours.length - 1);
  const coreCuts = inPairs(cores).map((pair, i) => ({ pair, i }));
  const cords = pieces.map((p) => {
    const n = (numbers.get(p.index) ?? 0) + 1;
    numbers.set(p.index, n);
    return finish(c, {
      index: p.index,
      piece: n,
      role: p.role,
      parts: p.parts,
      ...(p.fold ? { fold: p.fold } : {}),
      marks: p.splices.map(() => ({ what: 'splice', atMm: 0, why: why`fused to the piece before it` })),
    });
  });
  const inner = coreCuts.map(({ pair, i }) => {
    const n = (numbers.get(coreIndex) ?? 0) + 1;
    numbers.set(coreIndex, n);
    const halves = pair.map((lane, j) => [
      ...startLeg(c, 2 * i + j),
      coreRun(c, lane),
      ...coreEnd(c, 2 * i + j),
    ]);
    return finish(c, {
      index: coreIndex,
      piece: n,
      role: pair.length === 2 ? 'two cores' : 'a core',
      parts:
        halves.length === 2
          ? [...backwards(halves[0]!), ...halves[1]!]
          : [...startTail(c, 2 * i), ...halves[0]!.slice(1)],
      ...(halves.length === 2 ? { fold: why`the middle: it lies over the first end` } : {}),
    });
  });
  const all = [...cords, ...inner];
  const count = works.length * (stretches.length - 1);
  return {
    way: 'splice',
    ok: true,
    setUp: {
      cords: all,
      marks: stretches.slice(1).map((s) => changeMark(startOf(c) + s.from * row, s)),
      splices: places.flatMap((list, k) =>
        list.map((p) => ({
          atMm: startOf(c) + p!.alongMm,
          row: p!.row + 1,
          strand: works[k]!.name,
          cordMm: p!.cordMm,
        })),
      ),
    },
    cordMm: total(all),
    splices: count,
    words: why`${num(count, 0)} splices, each in a row of its own, hidden on the back`,
  };
}
