import { describe, expect, it } from 'vitest';
import type { CuttingResult } from '../../../core/cutting/plan.ts';
import { cutsOf, cutsToMeasure, type Job, openPieces, servedBy, toBuy, withBought, withCut } from './job.ts';

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

  it('among measured hanks leaves the one with the longest rest for last, as the spare', () => {
    const bars = [
      { id: 'long rest', bought: 0, pieces: [piece('x')] },
      { id: 'short rest', bought: 0, pieces: [piece('y')] },
    ];
    const groups = [
      {
        ...JOB.groups[0]!,
        problem: { ...JOB.groups[0]!.problem, bars: [bar('long rest', 0), bar('short rest', 0)] },
      },
    ];
    const planned = { ok: true, plan: { bars: bars.map((b, i) => ({ ...b, restMm: i === 0 ? 3000 : 20 })) } };
    const job = { ...JOB, groups, results: { g: planned as unknown as CuttingResult } };
    expect(cutsOf(job).map((c) => c.lotId)).toEqual(['short rest', 'long rest']);
  });

  it('asks to measure before the last two cuts of a hank that may be short, and no longer once it is measured', () => {
    const held = (id: string, amount: number, known: 'tape' | 'pack') =>
      [
        id,
        {
          lot: { id, kind: 'cord', cord: 'nylon-4', colour: 'dusk', form: 'hank' },
          amount,
          out: 0,
          sd: 50,
          known,
          since: 0,
        },
      ] as const;
    const pieces = [piece('x'), piece('y'), piece('z')];
    const job: Job = {
      ...JOB,
      results: { g: result([{ id: 'pack', bought: 0, pieces }]) },
    };
    const ask = (done: string[], amount: number, known: 'tape' | 'pack' = 'pack') => {
      const now = { ...job, done };
      const next = cutsOf(now).find((c) => !done.includes(c.id))!;
      return cutsToMeasure(now, next, new Map([held('pack', amount, known)]));
    };
    // Three cuts are left, then two, then one; 40 mm are over of a length that is ± 50 mm.
    expect(ask([], 3060)).toBeUndefined();
    expect(ask(['x'], 2050)).toBe(2);
    expect(ask(['x', 'y'], 1040)).toBe(1);
    expect(ask(['x'], 2050, 'tape')).toBeUndefined();
    // 200 mm over are four standard deviations.
    expect(ask(['x'], 2210)).toBeUndefined();
  });
});

describe('what is done of a job', () => {
  it('gains a cut once', () => {
    const after = withCut(JOB, 'a')!;
    expect(after).toEqual({ ...JOB, done: [...JOB.done, 'a'] });
    expect(withCut(after, 'a')).toBeUndefined();
    expect(withCut(undefined, 'a')).toBeUndefined();
  });

  it('gains what was bought once, beside what came before', () => {
    const after = withBought({ ...JOB, bought: { 'g|p|1': 'lot' } }, { 'g|p|2': 'other' })!;
    expect(after.bought).toEqual({ 'g|p|1': 'lot', 'g|p|2': 'other' });
    expect(withBought(after, { 'g|p|2': 'once more' })).toBeUndefined();
    expect(withBought(undefined, { 'g|p|1': 'lot' })).toBeUndefined();
  });
});

describe('whom a job serves', () => {
  it('is said once every cut is made, joined ones with both halves', () => {
    const job: Job = { ...JOB, orders: ['Ines'], classes: ['visit'] };
    expect(servedBy({ ...job, done: ['a', 'long~1'] })).toBeUndefined();
    const all = ['a', 'long~1', 'long~2'];
    expect(servedBy({ ...job, done: all })).toEqual({ orders: ['Ines'], classes: ['visit'] });
    expect(servedBy({ ...JOB, done: all })).toEqual({ orders: [], classes: [] });
  });
});
