import { describe, expect, it } from 'vitest';
import { PRIOR, TAPE } from '../chance/spread.ts';
import { seeded } from '../random.ts';
import type { Evidence } from './evidence.ts';
import { isOdd, learn } from './filter.ts';
import { foretold, keptWithin } from './kept.ts';
import { forecast } from './predict.ts';
import { blockOf, DRIFT, PIECE, TERMS } from './prior.ts';
import { rowsOf } from './rows.ts';
import { MATCHED, simulatedMaker } from './simulated.ts';
import { AT, initialState, scaleOf } from './state.ts';

const piece = (id: string, at: number, patch: Partial<Evidence> = {}): Evidence => ({
  id,
  at,
  weave: 'bar',
  family: 'bars',
  cord: 'nylon',
  rowMm: 6,
  ends: [
    { perMm: 6, usedMm: 1100 },
    { perMm: 6, usedMm: 1080 },
  ],
  rows: 30,
  wovenMm: 176,
  ...patch,
});

describe('readings of a piece', () => {
  const rows = (patch: Partial<Evidence>) => {
    const e = piece('a', 1, patch);
    return rowsOf(e, initialState([e]));
  };

  it('are logs of what was used over what was calculated, by hand', () => {
    const [one, two, length] = rows({});
    // 6 mm of cord a mm × 6 mm a row × 30 rows = 1080 mm.
    expect(one!.y).toBeCloseTo(Math.log(1100 / 1080));
    expect(two!.y).toBeCloseTo(0);
    expect(length!.y).toBeCloseTo(Math.log(176 / 180));
    // Two readings of a limp end and one of what is fixed; 4 % a row over 30 rows.
    expect(one!.r).toBeCloseTo((2 * TAPE.limpMm ** 2 + TAPE.fixedMm ** 2) / 1100 ** 2 + 0.04 ** 2 / 30, 8);
    expect(length!.r).toBeCloseTo((1.5 / 176) ** 2, 8);
    const shares = new Map(one!.h);
    expect([shares.get(AT.ends), new Map(two!.h).get(AT.ends)]).toEqual([1, -1]);
  });

  it('use what was filled in: length in place of rows, one end alone, nothing at all', () => {
    const { rows: _rows, ...unrowed } = piece('a', 1);
    const state = initialState([unrowed]);
    const got = rowsOf(unrowed, state);
    expect(got.map((r) => r.field)).toEqual(['end', 'end']);
    expect(got[0]!.y).toBeCloseTo(Math.log(1100 / (6 * 176)));
    expect(new Map(got[0]!.h).has(AT.makerH)).toBe(false);
    expect(rows({ ends: [{ perMm: 6 }, { perMm: 6, usedMm: 1080 }] }).map((r) => r.end)).toEqual([
      1,
      undefined,
    ]);
    const { rows: _r, wovenMm: _w, ...bare } = piece('a', 1);
    expect(rowsOf(bare, state)).toEqual([]);
    // Three ends: none is the first of two.
    const three = rows({ ends: [1, 2, 3].map(() => ({ perMm: 6, usedMm: 1100 })) });
    expect(new Map(three[0]!.h).has(AT.ends)).toBe(false);
  });
});

describe('the filter', () => {
  it('equals the dense normal equations over all pieces at once', () => {
    const log = simulatedMaker(9, MATCHED, seeded(3)).map((p) => p.evidence);
    const { state } = learn(log, false);
    const dense = denseAnswer(log);
    for (const name of ['makerS', 'makerH', 'ends'] as const) {
      expect(state.x[AT[name]]!).toBeCloseTo(dense.mean(name), 10);
      expect(state.P[AT[name] * state.size + AT[name]]!).toBeCloseTo(dense.variance(name), 12);
    }
    for (const [key, place] of state.places) {
      expect(state.x[place]!).toBeCloseTo(dense.mean(key), 10);
      expect(state.x[place + 1]!).toBeCloseTo(dense.mean(`${key} h`), 10);
    }
  });

  it('equals a grid over the two factors of one reading each', () => {
    // One end, no length: y = s + h, all terms of s and h added up.
    const e: Evidence = piece('a', 1, { ends: [{ perMm: 6, usedMm: 1150 }], rows: 30 });
    const { wovenMm: _w, ...only } = e;
    const { state } = learn([only], false);
    const [row] = rowsOf(only, state);
    const maker = blockOf(TERMS.maker);
    const rest = [
      blockOf(PIECE),
      blockOf(TERMS.batch),
      blockOf(DRIFT),
      blockOf(TERMS.family),
      blockOf(TERMS.weave),
      blockOf(TERMS.cord),
    ];
    const other = rest.reduce((sum, [a, b, c]) => sum + a + 2 * b + c, row!.r);
    let [weight, mean] = [0, 0];
    const [ss, sh, hh] = maker;
    const det = ss * hh - sh * sh;
    for (let s = -0.2; s <= 0.2; s += 0.002)
      for (let h = -0.2; h <= 0.2; h += 0.002) {
        const prior = Math.exp(-(hh * s * s - 2 * sh * s * h + ss * h * h) / (2 * det));
        const seen = Math.exp(-((row!.y - s - h) ** 2) / (2 * other));
        weight += prior * seen;
        mean += s * prior * seen;
      }
    // The drift is part of the maker by then: a hundredth of what is looked at.
    expect(state.x[AT.makerS]!).toBeCloseTo(mean / weight, 3);
  });

  it('does not mind in which order readings are typed, and works the whole log again when one is left out', () => {
    const log = simulatedMaker(6, MATCHED, seeded(5)).map((p) => p.evidence);
    expect(learn(log.toReversed()).state.x).toEqual(learn(log).state.x);
    expect(learn(log.slice(0, 5)).makes).toEqual(learn(log).makes.slice(0, 5));
  });

  it('keeps its covariance symmetric and its variances positive through 500 pieces', () => {
    const { state } = learn(simulatedMaker(500, MATCHED, seeded(7)).map((p) => p.evidence));
    const { P, size } = state;
    for (let i = 0; i < size; i++) {
      expect(P[i * size + i]).toBeGreaterThan(0);
      for (let j = 0; j < i; j++) expect(Math.abs(P[i * size + j]! - P[j * size + i]!)).toBeLessThan(1e-15);
    }
  });

  it('asks about a leftover that is off by 40 cm, believes it little, and does not ask about sound ones', () => {
    const log = simulatedMaker(20, MATCHED, seeded(11)).map((p) => p.evidence);
    const sound = learn(log);
    expect(sound.makes.flatMap((m) => m.scores).filter(isOdd)).toEqual([]);
    const last = log.at(-1)!;
    const slipped = {
      ...last,
      ends: [last.ends[0]!, { ...last.ends[1]!, usedMm: last.ends[1]!.usedMm! + 400 }],
    };
    const after = learn([...log.slice(0, -1), slipped]);
    const odd = after.makes.at(-1)!.scores.filter(isOdd);
    expect(odd.some((s) => s.field === 'end' && s.end === 1)).toBe(true);
    expect(odd.find((s) => s.end === 1)!.sound).toBeLessThan(0.1);
    expect(Math.abs(after.state.x[AT.makerS]! - sound.state.x[AT.makerS]!)).toBeLessThan(0.01);
  });

  it('notices a jump of the hand, and follows it sooner than without', () => {
    // One weave, ten pieces within 2 % of the calculation, then all of them 12 % above it.
    const factor = (i: number) => (i < 10 ? 1 + 0.02 * Math.sin(3 * i) : 1.12);
    const log = Array.from({ length: 16 }, (_, i) =>
      piece(`${i + 10}`, i, {
        ends: [0, 1].map(() => ({ perMm: 6, usedMm: 1080 * factor(i) })),
        wovenMm: 180,
      }),
    );
    const jumpy = learn(log);
    const most = (from: number, to: number) => Math.max(...jumpy.makes.slice(from, to).map((m) => m.jumped));
    expect(most(10, 13)).toBeGreaterThan(3 * most(2, 10));
    // Three pieces on, the hand is followed further than by a filter that knows of no jumps.
    const after = log.slice(0, 13);
    expect(learn(after).state.x[AT.makerS]!).toBeGreaterThan(learn(after, false).state.x[AT.makerS]!);
  });
});

describe('the forecast', () => {
  it('is the calculation with all that is unsure where nothing was made', () => {
    const none = forecast(learn([]), { weave: 'bar', family: 'bars', cord: 'nylon' });
    expect([none.s, none.h]).toEqual([0, 0]);
    const terms = [PRIOR.maker, PRIOR.weave, PRIOR.family, PRIOR.cordType, PRIOR.batch, PRIOR.drift];
    expect(none.varS).toBeCloseTo(
      terms.reduce((sum, sd) => sum + sd * sd, 0),
      12,
    );
    expect(none.pieces).toEqual({ all: 0, ofWeave: 0, ofFamily: 0 });
  });

  it('comes nearer to a hand that uses 6 % more, the more so for the weave that was tied', () => {
    const used = 1080 * 1.06;
    const log = [1, 2, 3].map((n) =>
      piece(`${n}`, n, { ends: [used, used].map((usedMm) => ({ perMm: 6, usedMm })), wovenMm: 180 }),
    );
    const tied = forecast(learn(log), { weave: 'bar', family: 'bars', cord: 'nylon' });
    const untied = forecast(learn(log), { weave: 'braid', family: 'braids', cord: 'nylon' });
    expect(tied.s).toBeGreaterThan(0.045);
    expect(tied.s).toBeLessThan(Math.log(1.06));
    expect(untied.s).toBeGreaterThan(0.01);
    expect(untied.s).toBeLessThan(tied.s);
    expect(untied.varS).toBeGreaterThan(tied.varS);
    expect(tied.pieces).toEqual({ all: 3, ofWeave: 3, ofFamily: 3 });
    expect(untied.pieces.ofWeave).toBe(0);
  });

  it('is a third nearer to the truth after three pieces of a weave, over 60 makers', () => {
    const errors = { before: 0, after: 0 };
    for (let seed = 1; seed <= 60; seed++) {
      const pieces = simulatedMaker(4, MATCHED, seeded(seed), 1);
      const target = pieces[3]!;
      const off = (log: readonly Evidence[]) => {
        const { s } = forecast(learn(log), target.evidence);
        return Math.abs(Math.log((target.trueUseMm[0] + target.trueUseMm[1]) / 2 / target.calculatedMm) - s);
      };
      errors.before += off([]);
      errors.after += off(pieces.slice(0, 3).map((p) => p.evidence));
    }
    expect(errors.after).toBeLessThan(0.7 * errors.before);
  });

  it('knows the common scale better with every reading', () => {
    const log = simulatedMaker(30, MATCHED, seeded(17)).map((p) => p.evidence);
    const { state } = learn(log);
    expect(state.nu).toBeGreaterThan(60);
    expect(scaleOf(state)).toBeGreaterThan(0.6);
    expect(scaleOf(state)).toBeLessThan(1.6);
  });
});

describe('the log put to the test on itself', () => {
  it('foretells every end from the pieces before it alone', () => {
    const log = simulatedMaker(12, MATCHED, seeded(19)).map((p) => p.evidence);
    const all = foretold(log);
    const last = log.at(-1)!;
    const { s, h, ends } = forecast(learn(log.slice(0, -1)), last);
    const mine = all.filter((f) => f.id === last.id);
    expect(mine.length).toBeGreaterThan(0);
    const side = (end: number) => (end === 0 ? ends : -ends);
    for (const f of mine)
      expect(Math.log(f.foretold)).toBeCloseTo(s + (last.rows === undefined ? 0 : h) + side(f.end), 10);
    expect(Math.abs(ends)).toBeGreaterThan(1e-4);
    // The first piece is foretold from nothing.
    expect(all[0]!.foretold).toBe(1);
  });

  it('keeps its promises over 40 makers: nine of ten within 90 %, nearly all within 98 %', () => {
    const all = Array.from({ length: 40 }, (_, seed) =>
      foretold(simulatedMaker(12, MATCHED, seeded(seed + 100)).map((p) => p.evidence)),
    ).flat();
    expect(all.length).toBeGreaterThan(700);
    // Ends of one piece and pieces of one maker go together: a few points either way.
    expect(Math.abs(keptWithin(all, 0.5) - 0.5)).toBeLessThan(0.06);
    expect(Math.abs(keptWithin(all, 0.9) - 0.9)).toBeLessThan(0.04);
    expect(keptWithin(all, 0.98)).toBeGreaterThan(0.96);
    expect(keptWithin([], 0.9)).toBe(0);
  });
});

/** Everything at once: all factors, every drift and every piece as unknowns of one least-squares problem. */
function denseAnswer(log: readonly Evidence[]) {
  const names: string[] = [];
  const at = (name: string): number => {
    const i = names.indexOf(name);
    return i >= 0 ? i : names.push(name) - 1;
  };
  const blocks: [string, string, readonly [number, number, number]][] = [
    ['makerS', 'makerH', blockOf(TERMS.maker)],
  ];
  const singles: [string, number][] = [['ends', PRIOR.hands ** 2]];
  const seen = new Set<string>();
  const rows: { h: Map<string, number>; y: number; r: number }[] = [];
  const state = initialState(log);
  const nameOf = new Map<number, string>(
    [...state.places].flatMap(([k, p]) => [[p, k] as const, [p + 1, `${k} h`] as const]),
  );
  for (const [j, e] of log.entries()) {
    blocks.push([`w${j}`, `w${j} h`, blockOf(DRIFT)], [`e${j}`, `e${j} h`, blockOf(PIECE)]);
    singles.push([`d${j}`, PRIOR.ends ** 2]);
    for (const [k] of state.places)
      if (!seen.has(k)) {
        seen.add(k);
        blocks.push([k, `${k} h`, blockOf(TERMS[k.split(' ')[0] as 'weave'])]);
      }
    for (const row of rowsOf(e, state)) {
      const h = new Map<string, number>();
      const put = (name: string, share: number) => h.set(name, (h.get(name) ?? 0) + share);
      for (const [place, share] of row.h) {
        if (place === AT.makerS || place === AT.makerH) {
          const tail = place === AT.makerH ? ' h' : '';
          put(place === AT.makerS ? 'makerS' : 'makerH', share);
          for (let i = 0; i <= j; i++) put(`w${i}${tail}`, share);
        } else if (place === AT.ends) put('ends', share);
        else if (place === AT.pieceS) put(`e${j}`, share);
        else if (place === AT.pieceH) put(`e${j} h`, share);
        else if (place === AT.pieceEnds) put(`d${j}`, share);
        else put(nameOf.get(place)!, share);
      }
      rows.push({ h, y: row.y, r: row.r });
    }
  }
  for (const [a, b] of blocks) [at(a), at(b)];
  for (const [a] of singles) at(a);
  const n = names.length;
  const A = Array.from({ length: n }, () => new Float64Array(n));
  const rhs = new Float64Array(n);
  for (const [a, b, [ss, sh, hh]] of blocks) {
    const det = ss * hh - sh * sh;
    const [i, k] = [at(a), at(b)];
    A[i]![i]! += hh / det;
    A[k]![k]! += ss / det;
    A[i]![k]! -= sh / det;
    A[k]![i]! -= sh / det;
  }
  for (const [a, variance] of singles) A[at(a)]![at(a)]! += 1 / variance;
  for (const { h, y, r } of rows)
    for (const [a, p] of h) {
      rhs[at(a)]! += (p * y) / r;
      for (const [b, q] of h) A[at(a)]![at(b)]! += (p * q) / r;
    }
  const inverse = inverseOf(A);
  const weights = (name: string): Map<number, number> =>
    name === 'makerS' || name === 'makerH'
      ? new Map([
          [at(name), 1],
          ...log.map((_, i) => [at(`w${i}${name === 'makerH' ? ' h' : ''}`), 1] as const),
        ])
      : new Map([[at(name), 1]]);
  const solution = inverse.map((row) => row.reduce((sum, a, j) => sum + a * rhs[j]!, 0));
  return {
    mean: (name: string) => [...weights(name)].reduce((sum, [i, w]) => sum + w * solution[i]!, 0),
    variance: (name: string) => {
      const w = [...weights(name)];
      return w.reduce(
        (sum, [i, a]) => sum + w.reduce((inner, [j, b]) => inner + a * b * inverse[i]![j]!, 0),
        0,
      );
    },
  };
}

function inverseOf(A: readonly Float64Array[]): number[][] {
  const n = A.length;
  const a = A.map((row, i) => [...row, ...Array.from({ length: n }, (_, j) => (i === j ? 1 : 0))]);
  for (let i = 0; i < n; i++) {
    const best = a.slice(i).reduce((m, row, k) => (Math.abs(row[i]!) > Math.abs(a[m]![i]!) ? k + i : m), i);
    [a[i], a[best]] = [a[best]!, a[i]!];
    const pivot = a[i]![i]!;
    for (let j = 0; j < 2 * n; j++) a[i]![j]! /= pivot;
    for (let k = 0; k < n; k++) {
      if (k === i || a[k]![i] === 0) continue;
      const f = a[k]![i]!;
      for (let j = 0; j < 2 * n; j++) a[k]![j]! -= f * a[i]![j]!;
    }
  }
  return a.map((row) => row.slice(n));
}
