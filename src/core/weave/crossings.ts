import { fail, type Issue, ok, type Result } from '../result.ts';
import { quote } from '../validation.ts';
import type { Crossing, StrandSpec, WeaveSpec } from './types.ts';

/** A unit with more crossings than this is not a row of anything that is tied by hand. */
const MAX_CROSSINGS = 600;

/** A crossing before the words have said who is on top. */
export interface Meeting {
  readonly a: number;
  readonly b: number;
  readonly atA: number;
  readonly atB: number;
  /** Strand b is met in its image shifted by this many periods. */
  readonly image: number;
  readonly turn: number;
  readonly x: number;
  readonly y: number;
}

/** Way-points with the closing point: the strand over its own periods. */
export function outline(strand: StrandSpec, spec: WeaveSpec): [number, number][] {
  const path = strand.path.map(([x, y]) => [x, y] as [number, number]);
  const [x0, y0] = strand.path[0]!;
  if (spec.kind === 'weave') path.push([x0, y0 + strand.periods * spec.period]);
  if (spec.kind === 'knot') path.push([x0, y0]);
  return path;
}

/**
 * Finds every crossing of the diagram, with periodic images and of a strand with itself, and lets the words say
 * which strand lies on top. A strand without a word takes what the others leave.
 */
export function findCrossings(spec: WeaveSpec): Result<readonly Crossing[]> {
  const meetings = findMeetings(spec);
  return meetings.ok ? decide(spec, meetings.value) : meetings;
}

/** Where strands cross in the plane, before any word is heard. Endless units are refused. */
export function findMeetings(spec: WeaveSpec): Result<readonly Meeting[]> {
  const meetings: Meeting[] = [];
  const paths = spec.strands.map((s) => outline(s, spec));
  for (let a = 0; a < paths.length; a++) {
    for (let b = a; b < paths.length; b++) {
      const issue = meet(spec, paths, a, b, meetings);
      if (issue) return { ok: false, issues: [issue] };
      if (meetings.length > MAX_CROSSINGS) {
        return wordIssue(
          spec.strands[b]!,
          'notation.crossings',
          `More than ${MAX_CROSSINGS} crossings in one unit: draw a shorter one.`,
        );
      }
    }
  }
  return ok(meetings);
}

/** Two edges whose boxes are farther apart than this do not cross, whatever rounding does. In cord diameters. */
const CLEAR = 1e-3;

function meet(
  spec: WeaveSpec,
  paths: [number, number][][],
  a: number,
  b: number,
  out: Meeting[],
): Issue | undefined {
  const [pa, pb] = [paths[a]!, paths[b]!];
  const isEndless = spec.kind === 'weave';
  for (let i = 0; i + 1 < pa.length; i++) {
    const [p, p2] = [pa[i]!, pa[i + 1]!];
    const leastX = Math.min(p[0], p2[0]) - CLEAR;
    const mostX = Math.max(p[0], p2[0]) + CLEAR;
    const leastY = Math.min(p[1], p2[1]) - CLEAR;
    const mostY = Math.max(p[1], p2[1]) + CLEAR;
    for (let j = 0; j + 1 < pb.length; j++) {
      const q = pb[j]!;
      const q2 = pb[j + 1]!;
      if (Math.max(q[0], q2[0]) < leastX || Math.min(q[0], q2[0]) > mostX) continue;
      // Images of the second edge that reach as far up and down as the first.
      const below = leastY - Math.max(q[1], q2[1]);
      const above = mostY - Math.min(q[1], q2[1]);
      const from = isEndless ? Math.ceil(below / spec.period) : 0;
      const to = isEndless ? Math.floor(above / spec.period) : 0;
      if (!isEndless && (below > 0 || above < 0)) continue;
      // From 0, never from −0.
      for (let image = from + 0; image <= to; image++) {
        if (a === b && isNeighbour(spec, spec.strands[a]!, i, j, image, pa.length - 1)) continue;
        if (a === b && !isFirstCount(spec.strands[a]!.periods, i, j, image)) continue;
        const found = cross(p, p2, q, q2, image * spec.period);
        if (found === 'along') {
          return {
            code: 'notation.coincident',
            path: `line ${spec.strands[b]!.line}, column 1`,
            message: `“${quote(spec.strands[a]!.name)}” and “${quote(spec.strands[b]!.name)}” run on each other near ${near(p)}; move a way-point so that they cross or stay apart.`,
          };
        }
        if (found)
          out.push({
            a,
            b,
            atA: i + found.s,
            atB: j + found.t,
            image,
            turn: found.turn,
            x: found.x,
            y: found.y,
          });
      }
    }
  }
  return undefined;
}

/** Segments that share a way-point do not cross there. */
function isNeighbour(
  spec: WeaveSpec,
  strand: StrandSpec,
  i: number,
  j: number,
  image: number,
  edges: number,
): boolean {
  if (spec.kind === 'open') return Math.abs(i - j) <= 1;
  if (spec.kind === 'knot') return [0, 1, edges - 1].includes(Math.abs(i - j));
  if (image % strand.periods !== 0) return false;
  return Math.abs(j - i + (image / strand.periods) * edges) <= 1;
}

/** Of the two ways to see a strand's crossing with itself, only one is kept. */
function isFirstCount(periods: number, i: number, j: number, image: number): boolean {
  if (periods > 0 && image !== 0) return image > 0;
  return i < j;
}

/** Where two edges cross, the second shifted along y: how far along each, from which side, and the place. Run for every pair of edges, so it makes nothing but its answer. */
function cross(
  p: readonly [number, number],
  p2: readonly [number, number],
  q: readonly [number, number],
  q2: readonly [number, number],
  shift: number,
) {
  const ux = p2[0] - p[0];
  const uy = p2[1] - p[1];
  const vx = q2[0] - q[0];
  const vy = q2[1] - q[1];
  const wx = q[0] - p[0];
  const wy = q[1] + shift - p[1];
  const det = ux * vy - uy * vx;
  if (Math.abs(det) < 1e-9) {
    const off = Math.abs(ux * wy - uy * wx) / Math.hypot(ux, uy);
    const along = (t: number) => (ux * (wx + t * vx) + uy * (wy + t * vy)) / (ux * ux + uy * uy);
    const [s0, s1] = [along(0), along(1)];
    const overlap = Math.min(1, Math.max(s0, s1)) - Math.max(0, Math.min(s0, s1));
    return off < 1e-9 && overlap > 1e-9 ? ('along' as const) : undefined;
  }
  const s = (wx * vy - wy * vx) / det;
  const t = (wx * uy - wy * ux) / det;
  if (s < 0 || s >= 1 || t < 0 || t >= 1) return undefined;
  return { s, t, turn: Math.sign(det), x: p[0] + s * ux, y: p[1] + s * uy };
}

interface Visit {
  readonly meeting: number;
  readonly side: 'a' | 'b';
  readonly at: number;
}

/** Every strand's visits to crossings, in the order of travel. */
export function visitsOf(spec: WeaveSpec, meetings: readonly Meeting[]): Visit[][] {
  const visits: Visit[][] = spec.strands.map(() => []);
  for (const [index, m] of meetings.entries()) {
    visits[m.a]!.push({ meeting: index, side: 'a', at: m.atA });
    visits[m.b]!.push({ meeting: index, side: 'b', at: m.atB });
  }
  for (const list of visits) list.sort((p, q) => p.at - q.at);
  return visits;
}

function decide(spec: WeaveSpec, meetings: readonly Meeting[]): Result<readonly Crossing[]> {
  const says = meetings.map(() => ({ a: '', b: '' }));
  for (const [s, visits] of visitsOf(spec, meetings).entries()) {
    const strand = spec.strands[s]!;
    if (strand.word === '') continue;
    if (strand.word.length !== visits.length) {
      return wordIssue(
        strand,
        'notation.count',
        `“${quote(strand.name)}” meets ${visits.length} crossings, but its word has ${strand.word.length} letters.`,
      );
    }
    for (const [i, visit] of visits.entries()) says[visit.meeting]![visit.side] = strand.word[i]!;
  }
  const crossings: Crossing[] = [];
  for (const [index, m] of meetings.entries()) {
    const { a, b } = says[index]!;
    const [sa, sb] = [spec.strands[m.a]!, spec.strands[m.b]!];
    const place = `near ${near([m.x, m.y])}`;
    if (!a && !b)
      return wordIssue(
        sa,
        'notation.unsaid',
        `“${quote(sa.name)}” and “${quote(sb.name)}” cross ${place}, and neither has a word that says which lies on top.`,
      );
    if (a === b)
      return wordIssue(
        sb,
        'notation.contradiction',
        `“${quote(sa.name)}” and “${quote(sb.name)}” both say ${a} where they cross ${place}.`,
      );
    const aOver = a ? a === 'O' : b === 'U';
    const [pa, pb] = [
      { strand: m.a, at: m.atA },
      { strand: m.b, at: m.atB },
    ];
    crossings.push({
      over: aOver ? pa : pb,
      under: aOver ? pb : pa,
      image: aOver ? m.image : -m.image,
      sign: aOver ? m.turn : -m.turn,
      x: m.x,
      y: m.y,
    });
  }
  return ok(crossings);
}

const near = ([x, y]: readonly [number, number]) => `${Number(x.toFixed(2))},${Number(y.toFixed(2))}`;

const wordIssue = (strand: StrandSpec, code: string, message: string) =>
  fail({ code, path: `line ${strand.line}, column 1`, message });
