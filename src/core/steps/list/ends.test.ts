import { describe, expect, it } from 'vitest';
import type { Band, CordCut, CordPart, Plan } from '../../plan/types.ts';
import { why } from '../../why/why.ts';
import { allEnds, workingEnds } from './ends.ts';
import { grownTo, rowsTo } from './events.ts';

const W = why`on paper`;
const part = (what: CordPart['what'], lengthMm: number, more: Partial<CordPart> = {}): CordPart => ({
  what,
  lengthMm,
  why: W,
  ...more,
});
const weave = (strand: string, lengthMm: number, fromMm = 10, toMm = 110): CordPart =>
  part('weave', lengthMm, { strand, lane: 0, fromMm, toMm });

/** A band of 100 mm that begins 10 mm from the first bar: 20 rows of 5 mm. */
const band = (more: Partial<Band> = {}): Band =>
  ({ name: 'band', startMm: 10, wovenMm: 100, rows: 20, firstRow: 'start', ...more }) as Band;

const cord = (parts: readonly CordPart[], foldMm?: number, more: Partial<CordCut> = {}): CordCut =>
  ({
    letter: 'A',
    name: 'Dusk',
    band: 0,
    parts,
    marks: foldMm === undefined ? [] : [{ what: 'fold', atMm: foldMm, why: W }],
    ...more,
  }) as CordCut;

const piece = (cords: readonly CordCut[], bands: readonly Band[] = [band()]): Plan =>
  ({ cords, bands }) as unknown as Plan;

describe('a working end', () => {
  it('is all of its cord from the first row on, used up row by row, with what hands hold of it', () => {
    const [end, ...none] = workingEnds(
      piece([
        cord([part('attach', 30, { fromMm: 0 }), weave('L', 400), part('tail', 70), part('margin', 20)]),
      ]),
      0,
    );
    expect(none).toEqual([]);
    // 400 woven + 70 in the hand + 20 to spare; what lies round the bar comes before the first row.
    expect(end!.startMm).toBe(490);
    expect(end!.handMm).toBe(70);
    expect(end!.closureMm).toBe(0);
    expect([end!.strand, end!.lane, end!.letter, end!.colour, end!.cord]).toEqual(['L', 0, 'A', 'Dusk', 0]);
    // 400 mm in 20 rows are 20 mm a row, and no more when rows go on.
    expect([0, 1, 10, 12.5, 20, 25].map(end!.usedMm)).toEqual([0, 20, 200, 250, 400, 400]);
    expect(end!.wovenMm(10)).toBe(200);
  });

  it('from a fold in the middle there are two, the first one read back from the fold', () => {
    const parts = [
      part('tail', 50),
      weave('L', 300),
      part('attach', 40, { fromMm: 0 }),
      weave('R', 500),
      part('tail', 60),
    ];
    // The fold lies in the middle of what goes round the bar: 50 + 300 + 20.
    const [left, right] = workingEnds(piece([cord(parts, 370)]), 0);
    expect([left!.strand, left!.startMm, left!.handMm]).toEqual(['L', 350, 50]);
    expect([right!.strand, right!.startMm, right!.handMm]).toEqual(['R', 560, 60]);
    // A stretch belongs to the side on which its middle lies: at a fold 1 mm nearer, what is round the bar is the right end’s.
    expect(workingEnds(piece([cord(parts, 369)]), 0)[0]!.startMm).toBe(350);
    const nearer = [weave('L', 300), weave('R', 500)];
    expect(workingEnds(piece([cord(nearer, 149)]), 0).map((e) => e.strand)).toEqual(['L']);
    expect(workingEnds(piece([cord(nearer, 151)]), 0).map((e) => e.strand)).toEqual(['L', 'R']);
  });

  it('of a band that is begun at its far end uses what lies there first', () => {
    // Woven from 10 to 60 only: rows that come from the far end reach it after 50 mm, ten rows.
    const [end] = workingEnds(
      piece([cord([weave('L', 200, 10, 60), part('tail', 70)])], [band({ firstRow: 'end' })]),
      0,
    );
    expect([0, 10, 15, 20].map(end!.usedMm)).toEqual([0, 0, 100, 200]);
    const [first] = workingEnds(piece([cord([weave('L', 200, 10, 60), part('tail', 70)])]), 0);
    expect([0, 5, 10, 15].map(first!.usedMm)).toEqual([0, 100, 200, 200]);
    // What reaches beyond the weave is used up within it.
    const [over] = workingEnds(piece([cord([weave('L', 200, 0, 120)])]), 0);
    expect([10, 20].map(over!.usedMm)).toEqual([100, 200]);
  });

  it('counts what ties round something among the rows at its place, and after the last row as the closure’s', () => {
    const parts = [
      weave('L', 400),
      part('attach', 33, { fromMm: 60, toMm: 60 }),
      part('attach', 44, { fromMm: 110, toMm: 110 }),
      part('closure', 55),
      part('tail', 70),
    ];
    const [end] = workingEnds(piece([cord(parts)]), 0);
    // 60 mm from the bar are 50 mm of weave: ten rows.
    expect([9, 10, 20].map(end!.usedMm)).toEqual([180, 233, 433]);
    expect([9, 10, 20].map(end!.wovenMm)).toEqual([180, 200, 400]);
    expect(end!.closureMm).toBe(99);
    expect(end!.startMm).toBe(602);
  });

  it('that changes places with a core begins with its stretch inside; a core all along does not count', () => {
    const inside = part('core run', 50, { strand: 'C', lane: 1, fromMm: 10, toMm: 60 });
    const [end] = workingEnds(piece([cord([inside, weave('L', 200, 60, 110), part('tail', 70)])]), 0);
    expect([end!.startMm, end!.strand, end!.lane]).toEqual([320, 'C', 1]);
    expect([5, 10, 15, 20].map(end!.usedMm)).toEqual([25, 50, 150, 250]);
    expect([10, 20].map(end!.wovenMm)).toEqual([0, 200]);
    const whole = part('core run', 100, { strand: 'C', fromMm: 10, toMm: 110 });
    expect(workingEnds(piece([cord([whole, weave('L', 200), part('tail', 70)])]), 0)[0]!.startMm).toBe(270);
    // To within a millimetre of the last row it runs all along.
    const short = part('core run', 98, { strand: 'C', fromMm: 10, toMm: 108.9 });
    expect(workingEnds(piece([cord([short, weave('L', 200)])]), 0)[0]!.startMm).toBe(298);
    const untold = part('core run', 100, { strand: 'C', fromMm: 10 });
    expect(workingEnds(piece([cord([untold, weave('L', 200)])]), 0)[0]!.startMm).toBe(200);
  });

  it('is of its own band and pass, and never of a cord that is only put in', () => {
    const two = [band(), band({ name: 'other' })];
    const cords = [
      cord([weave('L', 400)]),
      cord([weave('R', 300)], undefined, { band: 1, letter: 'B' }),
      cord([weave('X', 300)], undefined, { isExtra: true }),
    ];
    const plan = piece(cords, two);
    expect(allEnds(plan).map((e) => [e.letter, e.band, e.end, e.key])).toEqual([
      ['A', 0, 0, '0-0'],
      ['B', 1, 0, '1-0'],
    ]);
    expect(workingEnds(plan, 0, ['R'])).toEqual([]);
    expect(workingEnds(plan, 0, ['L', 'M'])).toHaveLength(1);
  });
});

describe('rows at a place', () => {
  it('are counted from where the first row is, to the nearest row', () => {
    // 62 mm from the bar are 52 mm of weave from the start, 48 from the end; a row is 5 mm.
    expect(rowsTo(band(), 62)).toBe(10);
    expect(rowsTo(band(), 63)).toBe(11);
    expect(rowsTo(band({ firstRow: 'end' }), 62)).toBe(10);
    expect(rowsTo(band({ firstRow: 'end' }), 57)).toBe(11);
  });

  it('and the edge of the last row after so many; a second pass grows back', () => {
    expect(grownTo(band(), 4)).toBe(30);
    expect(grownTo(band({ firstRow: 'end' }), 4)).toBe(90);
    expect(grownTo(band(), 4, 1)).toBe(90);
    expect(grownTo(band({ firstRow: 'end' }), 4, 1)).toBe(30);
    expect(grownTo(band(), 4, 2)).toBe(30);
  });
});
