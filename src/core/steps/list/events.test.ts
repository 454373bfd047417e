import { describe, expect, it } from 'vitest';
import { placeAddon } from '../../plan/addons.ts';
import { plan } from '../../plan/plan.ts';
import { BASE } from '../../plan/testing/onTheEdge.ts';
import type { BandMark, Plan } from '../../plan/types.ts';
import { whyText } from '../../why/why.ts';
import { grownTo, rowEvents, rowMmOf } from './events.ts';

const made = plan(BASE);
if (!made.ok) throw new Error('plan');
const [BAND] = made.value.bands;

/** The plan’s band with so many rows of 5 mm, begun 4 mm beyond the first bar, and nothing on it but these marks. */
function withRows(rows: number, marks: readonly BandMark[] = [], firstRow: 'start' | 'end' = 'start'): Plan {
  const band = { ...BAND!, rows, wovenMm: 5 * rows, startMm: 4, firstRow, marks, addons: [] };
  return { ...(made as { value: Plan }).value, bands: [band] };
}
const eventsOf = (p: Plan, rows = p.bands[0]!.rows) => rowEvents(p, 0, false, rows, (s) => s);
const rowsBefore = (p: Plan, id: string, rows?: number) =>
  eventsOf(p, rows).flatMap((e) => (e.id.startsWith(id) ? [e.afterRow] : []));

describe('what interrupts the rows', () => {
  it('is pushing them up after every ten, but not after the last', () => {
    const pushed = [9, 10, 11, 20, 21, 31].map((rows) => rowsBefore(withRows(rows), 'push'));
    expect(pushed).toEqual([[], [], [10], [10], [10, 20], [10, 20, 30]]);
    const [first, second] = eventsOf(withRows(25)).filter((e) => e.id.startsWith('push'));
    expect(whyText(first!.lines[0]!)).toContain('10 rows should measure about 50 mm');
    expect(whyText(second!.lines[0]!)).toContain('20 rows should measure about 10.0 cm');
  });

  it('is the question whether it reaches, after every quarter, from twelve rows on', () => {
    expect([11, 12, 30].map((rows) => rowsBefore(withRows(rows), 'ask'))).toEqual([
      [],
      [3, 6, 9],
      [8, 15, 23],
    ]);
  });

  it('comes earlier or later where fewer or more rows are tied than planned', () => {
    expect(rowsBefore(withRows(30), 'ask', 24)).toEqual([6, 12, 18]);
    expect(rowsBefore(withRows(30), 'push', 33)).toEqual([11, 22]);
  });

  it('is a mark where the weave has grown to it, none beyond the last row', () => {
    const mark = (atMm: number, more: Partial<BandMark> = {}): BandMark => ({
      atMm,
      label: 'ring here',
      ...more,
    });
    const at = (atMm: number, firstRow: 'start' | 'end' = 'start') =>
      rowsBefore(withRows(20, [mark(atMm)], firstRow), 'mark');
    expect([4, 29, 103.9].map((mm) => at(mm))).toEqual([[0], [5], []]);
    // From the end it is counted the other way: 75 mm are fifteen rows.
    expect(at(29, 'end')).toEqual([15]);
    // Changes of colour have events of their own, marks on the finished band none.
    expect(
      rowsBefore(withRows(20, [mark(29, { what: 'change' }), mark(29, { what: 'on-band' })]), 'mark'),
    ).toEqual([]);
  });

  it('is a bead where the weave has grown to its near edge, never after the last row', () => {
    const beads = (atMm: number, firstRow: 'start' | 'end' = 'start') => {
      const p = withRows(20, [], firstRow);
      const place = placeAddon({ kind: 'bead', at: { mm: atMm }, sizeMm: 20 }, 0, p.bands[0]!);
      return rowsBefore({ ...p, bands: [{ ...p.bands[0]!, addons: [place] }] }, 'addon-0');
    };
    // 10 mm before its middle at 54, 4 of them before the first row: eight rows of 5 mm.
    expect([beads(54), beads(10), beads(116)]).toEqual([[8], [0], [19]]);
    // From the other end it is met at 64 mm: 40 mm of 104 are woven by then.
    expect(beads(54, 'end')).toEqual([8]);
  });

  it('says what is done at a mark: stop for the closure, try it on, or that it has come so far', () => {
    const said = (what?: BandMark['what']) => {
      const label = 'ring here';
      const mark: BandMark = what ? { atMm: 29, label, what } : { atMm: 29, label };
      const [event] = eventsOf(withRows(20, [mark])).filter((e) => e.id.startsWith('mark'));
      return [event!.title, whyText(event!.lines.at(-1)!)];
    };
    expect(said()).toEqual(['Ring here', 'The weave has grown to its mark, 29 mm from the first bar.']);
    expect(said('try-on')[0]).toBe('Try it on');
    // Fifteen of twenty rows of 5 mm are left.
    expect(said('stop')[1]).toContain('just room for the rows that are left, 75 mm');
  });
});

describe('how far the weave has grown', () => {
  it('is counted from where its rows begin, on a second pass back again', () => {
    const [start] = withRows(20).bands;
    const [end] = withRows(20, [], 'end').bands;
    expect(rowMmOf(start!)).toBe(5);
    expect([grownTo(start!, 6), grownTo(start!, 6, 1), grownTo(start!, 6, 2)]).toEqual([34, 74, 34]);
    expect([grownTo(end!, 6), grownTo(end!, 6, 1)]).toEqual([74, 34]);
  });
});
