import { describe, expect, it } from 'vitest';
import { findPattern, WEAVES } from '../../patterns/index.ts';
import { outline } from '../../weave/crossings.ts';
import { pointAt } from './paths.ts';
import { cutRows } from './rows.ts';

const TIED = WEAVES.filter((w) => !w.isStraight && !w.tiedIn);

const cutOf = (id: string) => {
  const spec = findPattern(id)!.draw();
  return cutRows(
    spec,
    spec.strands.filter((s) => s.role !== 'core').map((s) => s.name),
  )!;
};

describe('rows cut out of a diagram', () => {
  it.each(TIED.map((w) => w.id))('%s: every passage goes on where the row before left it', (id) => {
    const cut = cutOf(id);
    const edgesOf = (strand: number) => outline(cut.spec.strands[strand]!, cut.spec).length - 1;
    for (let row = 0; row < cut.rows; row++) {
      const next = cut.passes(row + 1);
      for (const pass of cut.passes(row)) {
        const on = next.find((p) => p.strand === pass.strand && p.lane === pass.lane)!;
        const gap = (on.fromAt - pass.toAt) / edgesOf(pass.strand);
        // The same place of the outline, perhaps once round.
        expect(Math.abs(gap - Math.round(gap)), `${id}, row ${row}`).toBeLessThan(1e-6);
        expect(on.fromX).toBeCloseTo(pass.toX, 6);
        expect(pass.toAt).toBeGreaterThan(pass.fromAt);
      }
    }
  });

  it.each(TIED.map((w) => w.id))(
    '%s: repeats itself when every strand has been through its own periods, and not sooner',
    (id) => {
      const { spec, rows } = cutOf(id);
      let periods = 1;
      while (spec.strands.some((strand) => periods % strand.periods !== 0)) periods++;
      expect(rows).toBe(periods * spec.rows);
    },
  );

  it.each(TIED.map((w) => w.id))('%s: every meeting of a strand lies in one row of one passage', (id) => {
    const cut = cutOf(id);
    for (const [index, strand] of cut.spec.strands.entries()) {
      if (strand.role === 'core') continue;
      const meetings = cut.crossings.reduce(
        (n, c) => n + (c.over.strand === index ? 1 : 0) + (c.under.strand === index ? 1 : 0),
        0,
      );
      // Lane 0 passes all of the strand's own periods in as many rows as they have.
      const rows = Array.from({ length: strand.periods * cut.spec.rows }, (_, r) => r);
      const seen = rows.flatMap((r) => cut.passes(r).find((p) => p.strand === index && p.lane === 0)!.visits);
      expect(seen.length).toBe(meetings);
      const keys = new Set(seen.map((v) => `${v.crossing} ${v.isOver}`));
      expect(keys.size).toBe(meetings);
    }
  });

  it.each(TIED.map((w) => w.id))('%s: who is met agrees from both sides', (id) => {
    const cut = cutOf(id);
    for (let row = 0; row < cut.rows; row++) {
      for (const pass of cut.passes(row)) {
        for (const v of pass.visits) {
          if (cut.spec.strands[v.other.strand]!.role === 'core') continue;
          const theirs = cut
            .passes(row + v.other.rowsBack)
            .find((p) => p.strand === v.other.strand && p.lane === v.other.lane)!;
          const back = theirs.visits.find((w) => w.crossing === v.crossing && w.isOver !== v.isOver);
          expect(back, `${id}, row ${row}, crossing ${v.crossing}`).toBeDefined();
          expect([back!.other.strand, back!.other.lane]).toEqual([pass.strand, pass.lane]);
          expect(back!.other.rowsBack).toBe(-v.other.rowsBack || 0);
        }
      }
    }
  });

  it('a row holds each strand’s visits in the order of travel', () => {
    for (const { id } of TIED)
      for (const pass of cutOf(id).passes(1)) {
        const ats = pass.visits.map((v) => v.at);
        expect(ats, id).toEqual([...ats].sort((a, b) => a - b));
      }
  });

  it('a place on an outline lies between its way-points', () => {
    const path = [
      [0, 0],
      [2, 4],
      [2, 8],
    ] as const;
    expect(pointAt(path, 0)).toEqual([0, 0]);
    expect(pointAt(path, 0.5)).toEqual([1, 2]);
    expect(pointAt(path, 1.25)).toEqual([2, 5]);
    expect(pointAt(path, 2)).toEqual([2, 8]);
  });
});
