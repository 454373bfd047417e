import { describe, expect, it } from 'vitest';
import { normals, seeded } from '../random.ts';
import { learnMinutes, MINUTES_PRIOR, minutesForecast, type Timed } from './minutes.ts';

const piece = (n: number, minutes: number, over: Partial<Timed> = {}): Timed => ({
  id: `p${String(n).padStart(4, '0')}`,
  at: n,
  weave: 'bar',
  family: 'bars',
  rows: 30,
  minutes,
  priorARow: 0.2,
  ...over,
});

describe('minutes from finished pieces', () => {
  it('say nothing before the first one', () => {
    expect(minutesForecast(learnMinutes([]), { weave: 'bar', family: 'bars' })).toBeUndefined();
  });

  it('after one piece stand where Bayes’ rule puts them, by hand', () => {
    // 30 rows at 0.2 are 6 min; 9 were taken: ln 1.5. All factors of that piece vary by .3² + .08² + .15², the piece by .15².
    const factors = 0.3 ** 2 + 0.08 ** 2 + 0.15 ** 2;
    const got = minutesForecast(learnMinutes([piece(0, 9)], false), { weave: 'bar', family: 'bars' })!;
    const moved = (Math.log(1.5) * factors) / (factors + 0.15 ** 2);
    // The second piece of a weave is quicker by 0.12 · ln 2.
    expect(Math.log(got.factor)).toBeCloseTo(moved - 0.12 * Math.log(2), 6);
    expect(got.pieces).toEqual({ all: 1, ofWeave: 1 });
    // Another weave of that family shares maker and family alone, and is tied for the first time.
    const other = minutesForecast(learnMinutes([piece(0, 9)], false), { weave: 'spiral', family: 'bars' })!;
    const shared = (Math.log(1.5) * (0.3 ** 2 + 0.08 ** 2)) / (factors + 0.15 ** 2);
    expect(Math.log(other.factor)).toBeCloseTo(shared, 6);
    expect(other.to / other.from).toBeGreaterThan(got.to / got.from);
  });

  it('equal the dense normal equations where breaks are not thought of', () => {
    const uniform = seeded(4);
    const log = Array.from({ length: 12 }, (_, n) =>
      piece(n, 4 + 6 * uniform(), { weave: n % 3 === 0 ? 'spiral' : 'bar' }),
    );
    // States: maker at each piece (a random walk), β, family, two weaves; all pieces at once.
    const N = log.length;
    const names = ['bar', 'spiral'];
    const size = N + 4;
    const A = Array.from({ length: size }, () => new Array<number>(size + 1).fill(0));
    const tie = (list: readonly (readonly [number, number])[], y: number, variance: number) => {
      for (const [i, a] of list) {
        for (const [j, b] of list) A[i]![j]! += (a * b) / variance;
        A[i]![size]! += (a * y) / variance;
      }
    };
    tie([[0, 1]], 0, 0.3 ** 2);
    for (let n = 1; n < N; n++)
      tie(
        [
          [n, 1],
          [n - 1, -1],
        ],
        0,
        0.02 ** 2,
      );
    tie([[N, 1]], 0.12, 0.08 ** 2);
    tie([[N + 1, 1]], 0, 0.08 ** 2);
    for (const k of [2, 3]) tie([[N + k, 1]], 0, 0.15 ** 2);
    const seen: Record<string, number> = {};
    for (const [n, t] of log.entries()) {
      const earlier = seen[t.weave] ?? 0;
      seen[t.weave] = earlier + 1;
      tie(
        [
          [n, 1],
          [N, -Math.log(1 + earlier)],
          [N + 1, 1],
          [N + 2 + names.indexOf(t.weave), 1],
        ],
        Math.log(t.minutes / t.rows / t.priorARow),
        0.15 ** 2,
      );
    }
    const x = gauss(A);
    const learned = learnMinutes(log, false);
    for (const [k, weave] of names.entries()) {
      const mean = x[N - 1]! - x[N]! * Math.log(1 + seen[weave]!) + x[N + 1]! + x[N + 2 + k]!;
      expect(Math.log(minutesForecast(learned, { weave, family: 'bars' })!.factor)).toBeCloseTo(mean, 8);
    }
  });

  it('find the steepness of a hand that learns quickly', () => {
    const uniform = seeded(8);
    const log = Array.from({ length: 40 }, (_, n) =>
      piece(n, 30 * 0.2 * 1.6 * (1 + n) ** -0.25 * Math.exp(0.1 * (uniform() - 0.5))),
    );
    const got = minutesForecast(learnMinutes(log), { weave: 'bar', family: 'bars' })!;
    expect(got.factor / (1.6 * 41 ** -0.25)).toBeCloseTo(1, 1);
    expect(got.from).toBeLessThan(got.factor);
    expect(got.to).toBeGreaterThan(got.factor);
  });

  it('give a break of an hour little weight', () => {
    const sound = Array.from({ length: 8 }, (_, n) => piece(n, 6));
    const spoilt = [...sound.slice(0, 7), piece(7, 66)];
    const of = (log: readonly Timed[], isRobust: boolean) =>
      minutesForecast(learnMinutes(log, isRobust), { weave: 'bar', family: 'bars' })!.factor;
    expect(of(spoilt, true) / of(sound, true)).toBeLessThan(1.12);
    expect(of(spoilt, false) / of(sound, false)).toBeGreaterThan(1.2);
  });

  it('keep four of five within their span, on makers drawn from what is thought of them', () => {
    const uniform = seeded(21);
    const normal = normals(uniform);
    let [within, all] = [0, 0];
    for (let maker = 0; maker < 150; maker++) {
      let hand = MINUTES_PRIOR.maker * normal();
      const family = MINUTES_PRIOR.family * normal();
      const weaves = [0, 1, 2].map(() => MINUTES_PRIOR.weave * normal());
      const beta = MINUTES_PRIOR.learning.mean + MINUTES_PRIOR.learning.sd * normal();
      const counts = [0, 0, 0];
      const log: Timed[] = [];
      for (let n = 0; n < 8; n++) {
        const w = Math.floor(3 * uniform());
        hand += n > 0 ? MINUTES_PRIOR.drift * normal() : 0;
        const mean = hand + family + weaves[w]! - beta * Math.log(1 + counts[w]!);
        const t = piece(n, 6 * Math.exp(mean + MINUTES_PRIOR.piece * normal()), { weave: `w${w}` });
        const before = minutesForecast(learnMinutes(log), t);
        const share = t.minutes / t.rows / t.priorARow;
        if (before) {
          all++;
          if (share >= before.from && share <= before.to) within++;
        }
        counts[w]!++;
        log.push(t);
      }
    }
    expect(all).toBe(1050);
    // 80 % of 1050, give or take three standard errors of what is tied together within a maker.
    expect(within / all).toBeGreaterThan(0.74);
    expect(within / all).toBeLessThan(0.86);
  });
});

function gauss(rows: number[][]): number[] {
  const n = rows.length;
  for (let c = 0; c < n; c++)
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const f = rows[r]![c]! / rows[c]![c]!;
      for (let k = c; k <= n; k++) rows[r]![k]! -= f * rows[c]![k]!;
    }
  return rows.map((row, i) => row[n]! / row[i]!);
}
