import { type Marks, type Point, REFERENCES } from './types.ts';

/** What is in the picture: a band with two edges, or a loose cord. */
export type PhotoKind = 'band' | 'cord';

const CORNERS = 4;
/** Marks at each end: both tips of a bar across a band; one point on a cord. */
const tips = (kind: PhotoKind): number => (kind === 'band' ? 2 : 1);

/** What a mark stands for, by its number in the order in which they are made. */
export type MarkRole =
  | { readonly is: 'corner'; readonly number: number }
  | { readonly is: 'end'; readonly end: 1 | 2; readonly tip: number }
  | { readonly is: 'between'; readonly number: number };

export function roleOf(index: number, kind: PhotoKind): MarkRole {
  if (index < CORNERS) return { is: 'corner', number: index + 1 };
  const after = index - CORNERS;
  const each = tips(kind);
  if (after < 2 * each) return { is: 'end', end: after < each ? 1 : 2, tip: (after % each) + 1 };
  return { is: 'between', number: after - 2 * each + 1 };
}

/** Marks that there must be before anything can be measured. */
export const leastMarks = (kind: PhotoKind): number => CORNERS + 2 * tips(kind);

/** Marks in their order along the piece, and the index of each in the order in which they were made. */
export interface Marked {
  readonly points: readonly Point[];
  readonly made: readonly number[];
}

export const UNMARKED: Marked = { points: [], made: [] };

/** One mark more. One between the ends goes where it makes the way the least longer, so that their order does not matter. */
export function withMark({ points, made }: Marked, added: Point, kind: PhotoKind): Marked {
  const at = placeFor(points, added, kind);
  return {
    points: points.toSpliced(at, 0, added),
    made: [...made.map((i) => (i >= at ? i + 1 : i)), at],
  };
}

/** The same without one of them; those that every measuring needs only go from the end on. */
export const withoutMark = ({ points, made }: Marked, index: number): Marked => ({
  points: points.toSpliced(index, 1),
  made: made.filter((i) => i !== index).map((i) => (i > index ? i - 1 : i)),
});

/** Without the one that was made last. */
export const withoutLast = (marked: Marked): Marked =>
  marked.made.length === 0 ? marked : withoutMark(marked, marked.made.at(-1)!);

function placeFor(points: readonly Point[], added: Point, kind: PhotoKind): number {
  const least = leastMarks(kind);
  if (points.length < least) return points.length;
  const way = [endOf(points, 1, kind), ...points.slice(least), endOf(points, 2, kind)];
  const far = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]);
  const longer = way.slice(1).map((b, i) => far(way[i]!, added) + far(added, b) - far(way[i]!, b));
  return least + longer.indexOf(Math.min(...longer));
}

function endOf(points: readonly Point[], end: 1 | 2, kind: PhotoKind): Point {
  const each = tips(kind);
  const from = CORNERS + (end - 1) * each;
  const [a, b] = [points[from]!, points[from + each - 1]!];
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
}

/** The marks in the shape in which they are measured by; nothing while some are missing. */
export function marksOfPoints(
  points: readonly Point[],
  kind: PhotoKind,
  how: Pick<Marks, 'reference' | 'isRaised' | 'snaps'>,
): Marks | undefined {
  if (points.length < leastMarks(kind)) return undefined;
  const each = tips(kind);
  const end = (from: number): readonly [Point, Point] => [points[from]!, points[from + each - 1]!];
  return {
    ...how,
    corners: points.slice(0, CORNERS),
    ends: [end(CORNERS), end(CORNERS + each)],
    between: points.slice(CORNERS + 2 * each),
  };
}

/** What to mark next. */
export function nextMark(count: number, kind: PhotoKind, reference: Marks['reference']): string {
  const role = roleOf(count, kind);
  const { name, cornerMm } = REFERENCES.find((r) => r.id === reference)!;
  const last = role.is === 'end' && role.end === 2;
  switch (role.is) {
    case 'corner':
      return cornerMm > 0
        ? `Press the four corners of ${name}, in any order: each where its edges would meet. ${count} of 4.`
        : `Press the four corners of ${name}, in any order. ${count} of 4.`;
    case 'end':
      if (kind === 'cord') return `Press the ${last ? 'other end' : 'end'} of the cord.`;
      return `Press ${role.tip === 1 ? 'one edge' : 'the other edge'} of the piece where its ${last ? 'last row ends' : 'first row begins'}: a bar goes across.`;
    case 'between':
      return kind === 'cord'
        ? 'Press once in the middle of the cord; more only where it is followed wrongly.'
        : 'Press along the middle of the piece, every 4 to 5 cm; not at all where it is straight.';
  }
}
