import { fail, type Issue, ok, type Result } from '../result.ts';
import { plural } from '../words.ts';
import { rightOver, rowWord } from './coding.ts';
import { lettersOf, runList } from './runList.ts';
import type { TypedRun } from './typedList.ts';
import { bightName, codingName, type Letter, mod, type RingShape, strandsOf } from './types.ts';
import { codingsFor } from './validity.ts';

/** A half cycle as a straight line on the unrolled cylinder: it begins at row 0 or L, and runs L columns along. */
interface Line {
  readonly isRightGoing: boolean;
  readonly startColumn: number;
  readonly run: TypedRun;
}

interface Met {
  /** How far along the later line, in columns. */
  readonly at: number;
  readonly row: number;
  readonly column: number;
  readonly other: Line;
}

/**
 * Checks a run list by geometry alone, whatever rule it was made by: every half cycle is a straight line between its two
 * bights; crossings with earlier lines are found numerically, and letters are handed out in the order met. The first thing that is
 * wrong is named, at its half cycle and letter. Fails for nothing else.
 */
export function checkRuns(shape: RingShape, runs: readonly TypedRun[]): Result<{ crossings: number }> {
  const { leads, bights } = shape;
  const strands = strandsOf(shape);
  const wrong = (run: TypedRun, message: string) => fail(issueAt(run, message));
  const lines: Line[] = [];
  let crossings = 0;
  /** What each half cycle does at each of its crossings, its own letters and those that later ones write on it. */
  const done = new Map<TypedRun, { at: number; letter: Letter }[]>();
  for (const [i, run] of runs.entries()) {
    const each = (2 * bights) / strands;
    const before = i % each === 0 ? undefined : runs[i - 1]!;
    if (run.k !== i + 1) return wrong(run, `It is number ${i + 1} in the list.`);
    for (const end of [run.from, run.to])
      if (end.number < 1 || end.number > bights)
        return wrong(run, `There is no bight ${bightName(end)}: each edge has ${bights}.`);
    if (run.from.edge === run.to.edge) return wrong(run, 'A half cycle runs from one edge to the other.');
    if (before && bightName(before.to) !== bightName(run.from))
      return wrong(
        run,
        `It begins at ${bightName(run.from)}, but the one before ended at ${bightName(before.to)}.`,
      );
    const startColumn = columnAt(run.from, leads);
    // A line from edge to edge runs L columns along; bights are two columns apart.
    const length = mod(columnAt(run.to, leads) - startColumn - leads, 2 * bights);
    if (length !== 0)
      return wrong(
        run,
        `From ${bightName(run.from)} it comes to ${bightName({ edge: run.to.edge, number: mod(run.to.number - 1 - length / 2, bights) + 1 })}, not to ${bightName(run.to)}.`,
      );
    const line: Line = { isRightGoing: run.from.edge === 'L', startColumn, run };
    if (
      lines.some(
        (l) => l.isRightGoing === line.isRightGoing && mod(l.startColumn - startColumn, 2 * bights) === 0,
      )
    )
      return wrong(run, `There is a cord from ${bightName(run.from)} to ${bightName(run.to)} already.`);
    const met = lines.flatMap((other) => meetings(line, other, shape)).sort((a, b) => a.at - b.at);
    if (met.length !== run.letters.length)
      return wrong(
        run,
        `It meets ${met.length} earlier ${plural(met.length, 'cord')}; the list has ${run.letters.length} ${plural(run.letters.length, 'letter')}.`,
      );
    const mine = met.map((m, j) => ({ at: m.at, letter: run.letters[j]! }));
    for (const [j, m] of met.entries()) {
      const isOver = rightOver(shape, m.row, m.column) === line.isRightGoing;
      if (run.letters[j] !== (isOver ? 'O' : 'U'))
        return wrong(
          run,
          `Letter ${j + 1}: it goes ${isOver ? 'over' : 'under'} half cycle ${m.other.run.k}, not ${isOver ? 'under' : 'over'}.`,
        );
      done.get(m.other.run)!.push({ at: leads - m.at, letter: isOver ? 'U' : 'O' });
    }
    crossings += met.length;
    done.set(run, mine);
    lines.push(line);
  }
  const last = runs.at(-1)!;
  if (runs.length !== 2 * bights)
    return wrong(last, `The list ends after ${runs.length} half cycles; this ring has ${2 * bights}.`);
  if (crossings !== (leads - 1) * bights)
    return wrong(last, `There are ${crossings} crossings; this ring has ${(leads - 1) * bights}.`);
  for (let s = 0; s < strands; s++) {
    const each = (2 * bights) / strands;
    const [first, end] = [runs[s * each]!, runs[(s + 1) * each - 1]!];
    if (bightName(first.from) !== bightName(end.to))
      return wrong(
        end,
        `The cord ends at ${bightName(end.to)}, not where it began, at ${bightName(first.from)}.`,
      );
  }
  return shape.coding.n === 1 ? alternates(shape, runs, done, crossings) : ok({ crossings });
}

/** A plain ring goes over and under by turns all the way round each cord. */
function alternates(
  shape: RingShape,
  runs: readonly TypedRun[],
  done: ReadonlyMap<TypedRun, { at: number; letter: Letter }[]>,
  crossings: number,
): Result<{ crossings: number }> {
  const strands = strandsOf(shape);
  const each = (2 * shape.bights) / strands;
  for (let s = 0; s < strands; s++) {
    const cord = runs.slice(s * each, (s + 1) * each);
    const all = cord.flatMap((run) =>
      done
        .get(run)!
        .toSorted((a, b) => a.at - b.at)
        .map(({ letter }) => ({ letter, run })),
    );
    const wrong = all.find(({ letter }, i) => letter === all[(i + 1) % all.length]!.letter);
    if (wrong && all.length > 1)
      return fail(issueAt(wrong.run, 'It does not go over and under by turns from here on.'));
  }
  return ok({ crossings });
}

const columnAt = ({ edge, number }: TypedRun['from'], leads: number): number =>
  2 * (number - 1) + (edge === 'R' ? leads % 2 : 0);

/** Where two lines cross; lines of one direction never do. Both run at one column a row. */
function meetings(line: Line, other: Line, { leads, bights }: RingShape): Met[] {
  if (line.isRightGoing === other.isRightGoing) return [];
  const [right, left] = line.isRightGoing ? [line, other] : [other, line];
  const found: Met[] = [];
  // Right: column = start + row. Left: column = start + (L − row). Equal but for whole turns of 2B columns.
  const turns = Math.ceil(leads / bights) + 2;
  for (let turn = -turns; turn <= turns; turn++) {
    const row = (left.startColumn + leads - right.startColumn) / 2 + turn * bights;
    if (row > 1e-9 && row < leads - 1e-9)
      found.push({
        at: line.isRightGoing ? row : leads - row,
        row,
        column: mod(right.startColumn + row, 2 * bights),
        other,
      });
  }
  return found;
}

const issueAt = (run: TypedRun, message: string): Issue => ({
  code: 'ring.list',
  path: `/runs/${run.k - 1}`,
  message: `Half cycle ${run.k}: ${message}`,
});

/** The ring that a list without a heading most likely means: size from its first two half cycles, coding by its letters. */
export function guessShape(runs: readonly TypedRun[]): RingShape | undefined {
  const bights = Math.max(...runs.flatMap((r) => [r.from.number, r.to.number]));
  if (bights < 2 || runs.length < 2) return undefined;
  const half = mod(runs[0]!.to.number - runs[0]!.from.number, bights);
  const rest = mod(runs[1]!.to.number - runs[1]!.from.number, bights);
  const letters = runs.reduce((sum, r) => sum + r.letters.length, 0);
  // Leads are known but for whole turns of bights: the letters tell how many turns.
  const sizes = [0, 1, 2, 3]
    .map((turns) => half + rest + 2 * turns * bights)
    .concat([half + rest + bights])
    .filter(
      (leads) =>
        leads >= 2 && Math.abs(Math.ceil(leads / 2) - Math.floor(leads / 2)) === mod(rest - half, bights),
    );
  const leads = sizes.sort((a, b) => off(a) - off(b))[0];
  function off(size: number): number {
    return Math.abs((size - 1) * bights - letters);
  }
  if (leads === undefined) return undefined;
  const shapes = codingsFor(leads, bights).flatMap((coding) =>
    (['O', 'U'] as const).map((first): RingShape => ({ leads, bights, coding, first })),
  );
  const agreed = (shape: RingShape) => {
    const right = runList(shape);
    return runs.reduce((sum, run, i) => {
      const letters = right[i] ? lettersOf(right[i]!.meets) : [];
      return sum + run.letters.filter((l, j) => l === letters[j]).length;
    }, 0);
  };
  return shapes.sort((a, b) => agreed(b) - agreed(a))[0];
}

/** A ring in a few characters, to tell codings apart: `5 × 16, row1, first O, O U O U`. */
export const shapeText = (shape: RingShape): string =>
  `${shape.leads} × ${shape.bights}, ${codingName(shape.coding)}, first ${shape.first}${shape.coding.by === 'row' ? `, ${rowWord(shape).join(' ')}` : ''}`;
