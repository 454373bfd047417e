import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseDesign } from '../../formats/design.ts';
import { plan } from '../../plan/plan.ts';
import type { Plan } from '../../plan/types.ts';
import { grownTo, ringsOf, rowEvents, rowMmOf, rowsTo } from './events.ts';

const planned = (name: string): Plan => {
  const read = parseDesign(readFileSync(`examples/${name}.json`, 'utf8'));
  const made = read.ok ? plan(read.value) : undefined;
  if (!made?.ok) throw new Error(name);
  return made.value;
};

describe('rows and places along a band', () => {
  it.each(['pavel-first-band', 'okoro-guide-band'])('%s: a row’s place leads back to the row', (name) => {
    const band = planned(name).bands[0]!;
    for (let rows = 0; rows <= band.rows; rows++) expect(rowsTo(band, grownTo(band, rows))).toBe(rows);
    const ends = [grownTo(band, 0), grownTo(band, band.rows)].toSorted((a, b) => a - b);
    expect(ends[0]).toBeCloseTo(band.startMm, 9);
    expect(ends[1]).toBeCloseTo(band.startMm + band.wovenMm, 9);
  });

  it('one folded cord grows from the second bar back, separate cords from the first', () => {
    const [folded, separate] = [planned('pavel-first-band'), planned('okoro-guide-band')].map(
      (p) => p.bands[0]!,
    );
    expect(grownTo(folded!, 1)).toBeGreaterThan(grownTo(folded!, 2));
    expect(grownTo(separate!, 1)).toBeLessThan(grownTo(separate!, 2));
  });

  it('a second pass goes back the way the first has come', () => {
    const band = planned('okoro-guide-band').bands[0]!;
    for (const rows of [0, 7, band.rows])
      expect(grownTo(band, rows, 1)).toBeCloseTo(grownTo(band, band.rows - rows), 9);
  });

  it.each(['pavel-first-band', 'okoro-guide-band'])(
    '%s: a bead is threaded when the work has come to its near side',
    (name) => {
      const read = parseDesign(readFileSync(`examples/${name}.json`, 'utf8'));
      if (!read.ok) throw new Error(name);
      const made = plan({ ...read.value, addons: [{ kind: 'bead', at: { centre: true }, sizeMm: 24 }] });
      if (!made.ok) throw new Error(made.issues[0]!.message);
      const band = made.value.bands[0]!;
      const bead = band.addons.find((a) => a.kind === 'bead')!;
      // From where the rows begin to the bead's middle, less half of its 24 mm, in rows.
      const middle =
        band.firstRow === 'start' ? bead.atMm - band.startMm : band.startMm + band.wovenMm - bead.atMm;
      const rows = Math.round((middle - 12) / rowMmOf(band));
      const event = rowEvents(made.value, 0, false, band.rows, () => 'left end').find((e) =>
        e.title.startsWith('Thread the'),
      )!;
      expect(event.afterRow).toBe(rows);
      // Two rows and more sooner than by its middle.
      expect(event.afterRow).toBeLessThanOrEqual(Math.round(middle / rowMmOf(band)) - 2);
    },
  );

  it('whatever the number of rows, what interrupts them comes in order and before the last', () => {
    const collar = planned('halley-collar');
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 400 }), (rows) => {
        const events = rowEvents(collar, 0, true, rows, () => 'left end');
        const after = events.map((e) => e.afterRow);
        expect(after).toEqual([...after].sort((a, b) => a - b));
        for (const a of after) expect(a >= 0 && a < rows).toBe(true);
        const ring = ringsOf(collar, 0, rows)[0]!;
        expect(ring.toRow).toBeGreaterThanOrEqual(ring.fromRow);
        expect(events.find((e) => e.id === 'ring')!.afterRow).toBe(ring.fromRow - 1);
      }),
    );
  });

  it('a beaten weave is not told to push its rows up, a knotted one is, every ten', () => {
    const bar = planned('okoro-guide-band');
    const pushes = (isBeaten: boolean) =>
      rowEvents(bar, 0, isBeaten, bar.bands[0]!.rows, () => 'left end').filter((e) =>
        e.id.startsWith('push'),
      );
    expect(pushes(true)).toEqual([]);
    const rows = bar.bands[0]!.rows;
    expect(pushes(false).map((e) => e.afterRow)).toEqual([10, 20, 30].filter((n) => n < rows));
  });
});
