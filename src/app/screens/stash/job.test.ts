import { describe, expect, it } from 'vitest';
import type { CuttingResult } from '../../../core/cutting/plan.ts';
import { cutsOf, type Job, openPieces, toBuy } from './job.ts';

const piece = (id: string, lengthMm = 1000) => ({ id, label: id, lengthMm });
const bar = (id: string, reserveMm: number) => ({
  id,
  label: 'hank',
  lengthMm: 5000,
  reserveMm,
  isOffcut: false,
});
const result = (bars: { id: string; bought: number; pieces: ReturnType<typeof piece>[] }[]): CuttingResult =>
  ({
    ok: true,
    plan: { bars: bars.map((b) => ({ ...b, restMm: 0, isKept: false })) },
  }) as unknown as CuttingResult;
const JOB: Job = {
  counts: {},
  groups: [
    {
      key: 'g',
      cord: 'nylon-4',
      colour: 'dusk',
      problem: {
        pieces: [
          piece('a'),
          { ...piece('long~1'), partOf: { piece: 'long', number: 1 } },
          { ...piece('long~2'), partOf: { piece: 'long', number: 2 } },
        ],
        bars: [bar('taped', 0), bar('pack', 82)],
        packs: [{ id: 'p', label: '15 m', lengthMm: 15_000, reserveMm: 0, priceCents: 620 }],
        kerfMm: 10,
        keepMm: 400,
      },
    },
  ],
  results: {
    g: result([
      { id: 'taped', bought: 0, pieces: [piece('a')] },
      { id: 'pack', bought: 0, pieces: [piece('long~1')] },
      { id: 'p', bought: 1, pieces: [piece('long~2')] },
    ]),
  },
  done: [],
  bought: {},
};

describe('a cutting job', () => {
  it('cuts hanks that nobody measured before those that were', () => {
    expect(cutsOf(JOB).map((c) => [c.id, c.lotId])).toEqual([
      ['long~1', 'pack'],
      ['long~2', ''],
      ['a', 'taped'],
    ]);
  });

  it('buys what is not on the shelf yet, once', () => {
    expect(toBuy(JOB).map((b) => [b.label, b.priceCents])).toEqual([['15 m', 620]]);
    expect(toBuy({ ...JOB, bought: { 'g|p|1': 'lot' } })).toEqual([]);
    expect(cutsOf({ ...JOB, bought: { 'g|p|1': 'lot' } })[1]!.lotId).toBe('lot');
  });

  it('plans again what is not cut: of a joined piece that is half cut only the other half', () => {
    const all = [piece('a'), piece('long', 1980)];
    expect(openPieces(all, undefined)).toEqual(all);
    expect(openPieces(all, JOB).map((p) => p.id)).toEqual(['a', 'long']);
    expect(openPieces(all, { ...JOB, done: ['a', 'long~1'] }).map((p) => p.id)).toEqual(['long~2']);
    expect(openPieces(all, { ...JOB, done: ['a', 'long~1', 'long~2'] })).toEqual([]);
  });
});
