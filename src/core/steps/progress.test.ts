import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseDesign } from '../formats/design.ts';
import { plan } from '../plan/plan.ts';
import { guideFor } from './list/steps.ts';
import { type Progress, reduceProgress, rowsDone, startProgress, stepIndex } from './progress.ts';
import { USUAL_WAY } from './types.ts';

const read = parseDesign(readFileSync('examples/okoro-guide-band.json', 'utf8'));
const made = read.ok ? plan(read.value) : read;
if (!read.ok || !made.ok) throw new Error('okoro-guide-band');
const guide = guideFor(read.value, made.value, USUAL_WAY);
if (!guide.ok) throw new Error('guide');
const { steps } = guide.value;
const start = startProgress(steps[0]!.id, USUAL_WAY, 0);
type Action = Parameters<typeof reduceProgress>[2];
const told = (actions: readonly Action[], from: Progress = start) =>
  actions.reduce((p, action) => reduceProgress(p, steps, action), from);

describe('what was measured while tying', () => {
  const woven = (rows: number, wovenMm: number, band = 0, pass = 0): Action => ({
    type: 'woven',
    band,
    pass,
    measured: { rows, wovenMm },
  });
  const left = (rows: number, end: number, leftMm: number, band = 0, pass = 0): Action => ({
    type: 'left',
    band,
    pass,
    measured: [{ rows, end, leftMm }],
  });

  it('a length at a row takes the place of one at the same row, and of no other', () => {
    const lengths = (actions: readonly Action[]) =>
      told(actions).woven.map((w) => [w.band, w.pass, w.rows, w.wovenMm]);
    expect(lengths([woven(5, 30), woven(5, 31)])).toEqual([[0, 0, 5, 31]]);
    expect(lengths([woven(5, 30), woven(6, 36)])).toEqual([
      [0, 0, 5, 30],
      [0, 0, 6, 36],
    ]);
    expect(lengths([woven(5, 30), woven(5, 31, 1), woven(5, 32, 0, 1)])).toHaveLength(3);
  });

  it('of an end at a row likewise', () => {
    const lefts = (actions: readonly Action[]) =>
      told(actions).left.map((l) => [l.band, l.pass, l.rows, l.end, l.leftMm]);
    expect(lefts([left(5, 0, 900), left(5, 0, 890)])).toEqual([[0, 0, 5, 0, 890]]);
    expect(lefts([left(5, 0, 900), left(5, 1, 890)])).toHaveLength(2);
    expect(lefts([left(5, 0, 900), left(6, 0, 890)])).toHaveLength(2);
    expect(lefts([left(5, 0, 900), left(5, 0, 890, 1), left(5, 0, 880, 0, 1)])).toHaveLength(3);
  });

  it('on rows that are undone is forgotten, and the rows are counted', () => {
    const at = (id: string): Action => ({ type: 'go', to: id, now: 0 });
    const p = told([
      at('row-9'),
      woven(4, 24),
      woven(8, 48),
      left(4, 0, 900),
      left(8, 0, 700),
      woven(8, 40, 1),
    ]);
    const undone = told([{ type: 'undo', rows: 3, now: 0 }], p);
    // Eight rows are done; five are left.
    expect(undone.at).toBe('row-6');
    expect(undone.undoneRows).toBe(3);
    expect(undone.woven.map((w) => [w.band, w.rows])).toEqual([
      [0, 4],
      [1, 8],
    ]);
    expect(undone.left.map((l) => l.rows)).toEqual([4]);
    // What was measured after the last row that is left is kept, after the first one gone not.
    const edge = told([at('row-9'), woven(5, 30), woven(6, 36), left(5, 1, 900), left(6, 1, 800)]);
    const kept = told([{ type: 'undo', rows: 3, now: 0 }], edge);
    expect([kept.woven.map((w) => w.rows), kept.left.map((l) => l.rows)]).toEqual([[5], [5]]);
    // No row is undone by none, and none before the first.
    expect(told([{ type: 'undo', rows: 0, now: 0 }], p).at).toBe('row-9');
    expect(told([{ type: 'undo', rows: 50, now: 0 }], p).at).toBe('row-1');
  });
});

describe('where a piece is', () => {
  it('is its step, the first one where there is none of that name', () => {
    expect(stepIndex(steps, { at: steps[3]!.id })).toBe(3);
    expect(stepIndex(steps, { at: 'nowhere' })).toBe(0);
  });

  it('has as many rows done as lie before it', () => {
    const row = steps.findIndex((s) => s.id === 'row-5');
    expect(rowsDone(steps, row)).toBe(4);
    expect(rowsDone(steps, 0)).toBe(0);
  });

  it('acknowledges a caution once', () => {
    const ack: Action = { type: 'ack', caution: 'heat' };
    expect(told([ack, ack]).acknowledged).toEqual(['heat']);
  });
});
