import { ok, type Result } from '../result.ts';
import { findMeetings, type Meeting, visitsOf } from './crossings.ts';
import { asWritten } from './format.ts';
import { type Top, topsOf, withTops } from './tops.ts';
import { type Role, type StrandSpec, USUAL_WEIGHT, type WeaveSpec } from './types.ts';

type Place = readonly [number, number];

/** One change to a weave that is being drawn. Strands, points and crossings are told by their numbers. */
export type WeaveEdit =
  | { readonly kind: 'move'; readonly strand: number; readonly point: number; readonly to: Place }
  | { readonly kind: 'insert'; readonly strand: number; readonly after: number; readonly at: Place }
  | { readonly kind: 'remove-point'; readonly strand: number; readonly point: number }
  | { readonly kind: 'turn-over'; readonly crossing: number }
  | { readonly kind: 'add-strand'; readonly role: Role; readonly path: readonly Place[] }
  | { readonly kind: 'remove-strand'; readonly strand: number }
  | { readonly kind: 'role'; readonly strand: number; readonly role: Role }
  | { readonly kind: 'thickness'; readonly strand: number; readonly ratio: number }
  | { readonly kind: 'size'; readonly period: number; readonly rows: number };

/**
 * The weave after one change. What lies on top stays on top wherever a crossing is still there; where a strand meets
 * another for the first time, it goes over and under by turns. Fails where strands then run along each other.
 */
export function edited(spec: WeaveSpec, edit: WeaveEdit): Result<WeaveSpec> {
  const before = topsOf(spec);
  if (!before.ok) {
    // What runs along another strand has no crossings to keep: any change that parts them is welcome.
    const next = asRead(shapeAfter(spec, edit));
    const met = findMeetings(next);
    return ok(met.ok ? withTops(next, byTurns(next, met.value)) : next);
  }
  if (edit.kind === 'turn-over')
    return ok(
      withTops(
        spec,
        before.value.map((t, i) => (i === edit.crossing ? { ...t, isAOver: !t.isAOver } : t)),
      ),
    );
  const next = asRead(shapeAfter(spec, edit));
  const met = findMeetings(next);
  if (!met.ok) return met;
  const gone = edit.kind === 'remove-strand' ? edit.strand : undefined;
  return ok(withTops(next, carriedOver(next, met.value, keptTops(before.value, gone))));
}

/** The weave as its notation says it: crossings are counted where they will be found again, not a hair beside. */
const asRead = (spec: WeaveSpec): WeaveSpec => ({
  ...spec,
  period: asWritten(spec.period),
  strands: spec.strands.map((s) => ({
    ...s,
    path: s.path.map(([x, y]) => [asWritten(x), asWritten(y)] as const),
  })),
});

/** Paths, roles and sizes after a change; words are written again afterwards. */
function shapeAfter(spec: WeaveSpec, edit: WeaveEdit): WeaveSpec {
  const strand = (index: number, change: (s: StrandSpec) => StrandSpec): WeaveSpec => ({
    ...spec,
    strands: spec.strands.map((s, i) => (i === index ? change(s) : s)),
  });
  switch (edit.kind) {
    case 'move':
      return strand(edit.strand, (s) => ({
        ...s,
        path: s.path.map((p, i) => (i === edit.point ? edit.to : p)),
      }));
    case 'insert':
      return strand(edit.strand, (s) => ({ ...s, path: s.path.toSpliced(edit.after + 1, 0, edit.at) }));
    case 'remove-point':
      return strand(edit.strand, (s) => ({ ...s, path: s.path.toSpliced(edit.point, 1) }));
    case 'role':
      return strand(edit.strand, (s) => ({ ...s, role: edit.role, weight: USUAL_WEIGHT[edit.role] }));
    case 'thickness':
      return withThickness(spec, edit.strand, edit.ratio);
    case 'size':
      return { ...spec, period: edit.period, rows: edit.rows };
    case 'remove-strand':
      return { ...spec, strands: spec.strands.toSpliced(edit.strand, 1) };
    case 'add-strand':
      return { ...spec, strands: [...spec.strands, newStrand(spec, edit.role, edit.path)] };
    case 'turn-over':
      return spec;
  }
}

/** A name that no strand has yet: C1, C2… for cores, T for a spine, A, B… for working strands. */
function newStrand(spec: WeaveSpec, role: Role, path: readonly Place[]): StrandSpec {
  const names =
    role === 'work'
      ? [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ']
      : Array.from({ length: 40 }, (_, i) => (role === 'core' ? `C${i + 1}` : i === 0 ? 'T' : `T${i + 1}`));
  const taken = new Set(spec.strands.map((s) => s.name));
  const name = names.find((n) => !taken.has(n)) ?? `S${spec.strands.length + 1}`;
  const periods = spec.kind === 'weave' ? 1 : 0;
  return { name, role, periods, radius: 0.5, weight: USUAL_WEIGHT[role], path, word: '', line: 0 };
}

/** Thicker strands need more room between the paths: the drawing is spread by as much as the thickest has grown. */
function withThickness(spec: WeaveSpec, index: number, ratio: number): WeaveSpec {
  const thickest = (strands: readonly StrandSpec[]) => Math.max(1, ...strands.map((s) => 2 * s.radius));
  const strands = spec.strands.map((s, i) => (i === index ? { ...s, radius: ratio / 2 } : s));
  const spread = Math.max(1, (1 + thickest(strands)) / (1 + thickest(spec.strands)));
  const apart = (value: number) => Number((value * spread).toFixed(4));
  return {
    ...spec,
    period: apart(spec.period),
    strands: strands.map((s) => ({ ...s, path: s.path.map(([x, y]) => [apart(x), apart(y)] as const) })),
  };
}

/** Who lay on top, by the strands' numbers after the change. */
function keptTops(tops: readonly Top[], gone: number | undefined): readonly Top[] {
  if (gone === undefined) return tops;
  const renumbered = (strand: number) => (strand > gone ? strand - 1 : strand);
  return tops
    .filter((t) => t.a !== gone && t.b !== gone)
    .map((t) => ({ ...t, a: renumbered(t.a), b: renumbered(t.b) }));
}

/** A crossing further off than this from where it was is another one, in diameters. */
const SAME_WITHIN = 3;

/** Each crossing has the strand on top that the nearest one of the same two strands had; each of those is used once. */
function carriedOver(spec: WeaveSpec, met: readonly Meeting[], before: readonly Top[]): readonly Top[] {
  const pairs = met.flatMap((m, i) =>
    before.flatMap((t, j) => (t.a === m.a && t.b === m.b ? [{ i, j, off: apart(m, t, spec.period) }] : [])),
  );
  pairs.sort((p, q) => p.off - q.off);
  const over = new Map<number, boolean>();
  const used = new Set<number>();
  for (const { i, j, off } of pairs) {
    if (off > SAME_WITHIN || over.has(i) || used.has(j)) continue;
    over.set(i, before[j]!.isAOver);
    used.add(j);
  }
  return byTurns(spec, met, over);
}

/** Distance between two crossings in the plane; in a weave the next period's is the same crossing. */
function apart(p: Meeting, q: Meeting, period: number): number {
  const along = p.y - q.y;
  const nearest = period > 0 ? along - Math.round(along / period) * period : along;
  return Math.hypot(p.x - q.x, nearest);
}

/** Crossings of which nothing is known yet: along the later strand, over and under by turns. */
function byTurns(
  spec: WeaveSpec,
  met: readonly Meeting[],
  known: ReadonlyMap<number, boolean> = new Map(),
): readonly Top[] {
  const over = new Map(known);
  const visits = visitsOf(spec, met);
  for (let s = spec.strands.length - 1; s >= 0; s--) {
    let isOver = false;
    for (const visit of visits[s]!) {
      const isA = visit.side === 'a';
      const said = over.get(visit.meeting);
      isOver = said === undefined ? !isOver : said === isA;
      if (said === undefined) over.set(visit.meeting, isOver === isA);
    }
  }
  return met.map((m, i) => ({ ...m, isAOver: over.get(i)! }));
}
