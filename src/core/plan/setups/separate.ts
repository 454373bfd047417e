import { len, num, type Why, why } from '../../why/why.ts';
import type { CordCut, CordPart } from '../types.ts';
import { endOf, inPairs, type Lane, lanesOf, type SetUp, type SetupContext } from './context.ts';
import { coreRun, finish, hitchLeg, secondTurn, tail, weave } from './parts.ts';

/** A core that comes back round the second bar is covered by this many rows. */
const RETURN_ROWS = 4;
/** The end of a single cord, led back along itself. */
const TUCK_MM = 25;

/** Core cords and working cords, each folded at its middle; a single strand left over is tied by its end. */
export function separate(c: SetupContext): SetUp {
  const cores = lanesOf(c.m, 'core');
  const works = lanesOf(c.m, 'work');
  const corePairs = inPairs(cores);
  const workPairs = inPairs(works);
  return {
    marks: [],
    cords: [
      ...workPairs.map((pair, i) => workingCord(c, pair, cores.length, workPairs.length > 1 ? i + 1 : 0)),
      ...corePairs.map((pair, i) => coreCord(c, pair, corePairs.length > 1 ? i + 1 : 0)),
    ],
  };
}

function coreCord(c: SetupContext, pair: readonly Lane[], piece: number): CordCut {
  const returned = RETURN_ROWS * c.m.rowHeightMm;
  const turn = secondTurn(c);
  const back: CordPart = {
    ...turn,
    lengthMm: turn.lengthMm + returned,
    why: why`${turn.why}, then ${len(returned)} back under the last ${num(RETURN_ROWS, 0)} rows, which hold it`,
    fromMm: endOf(c) - returned,
  };
  const halves = pair.map((core): CordPart[] => [hitchLeg(c), coreRun(c, core), back]);
  return finish(c, {
    index: 1,
    piece,
    role: pair.length === 2 ? 'two cores' : 'a core',
    parts: joinHalves(c, halves),
    ends: 0,
    ...foldIf(pair.length === 2, why`the middle: it lies over the first bar`),
  });
}

/** With cores the middle goes behind them; without, it is hitched to the first bar, and the ends to the second. */
function workingCord(c: SetupContext, pair: readonly Lane[], cores: number, piece: number): CordCut {
  const { diameterMm: d } = c.m;
  const behind: CordPart = {
    what: 'attach',
    lengthMm: ((cores + 2) / 2) * d,
    why: why`half of the way behind the ${num(cores, 0)} cores before the first row: a diameter of ${len(d)} for each and for each edge`,
    fromMm: c.standoffMm,
    toMm: c.standoffMm,
  };
  const late: CordPart = { ...hitchLeg(c), fromMm: endOf(c), toMm: endOf(c) };
  const halves = pair.map((work): CordPart[] =>
    cores > 0 ? [behind, weave(c, work), tail(c, work)] : [hitchLeg(c), weave(c, work), late, tail(c, work)],
  );
  return finish(c, {
    index: 0,
    piece,
    role: pair.length === 2 ? 'two working ends' : 'a working end',
    parts: joinHalves(c, halves),
    ends: pair.length,
    ...foldIf(
      pair.length === 2,
      cores > 0 ? why`its middle goes behind the cores` : why`the middle: it is hitched to the first bar`,
    ),
  });
}

/** Both halves from end to end; a single one begins with what is led back along itself. */
function joinHalves(c: SetupContext, halves: readonly CordPart[][]): CordPart[] {
  const [first, second] = halves as [CordPart[], CordPart[]?];
  if (second) return [...first.toReversed(), ...second];
  return [
    {
      what: 'attach',
      lengthMm: TUCK_MM,
      why: why`its end, led back ${len(TUCK_MM)} along itself and covered`,
      fromMm: 0,
      toMm: c.standoffMm,
    },
    ...first,
  ];
}

const foldIf = (isFolded: boolean, fold: Why) => (isFolded ? { fold } : {});
