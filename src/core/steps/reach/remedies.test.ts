import { describe, expect, it } from 'vitest';
import type { Plan } from '../../plan/types.ts';
import { whyText } from '../../why/why.ts';
import { remediesOf } from './remedies.ts';
import type { EndReach, Reach, ReachAsk } from './types.ts';

/** Twenty rows of 6 mm in cord of 4 mm; 75 mm for the hands, 40 with a fid; 8 mm of slack. */
const PLAN = {
  bands: [{ rows: 20, wovenMm: 120 }],
  metrics: { diameterMm: 4 },
  closed: { closedMm: 180 },
  figures: { slack: { value: 8 } },
  hands: { toolMm: 40 },
} as unknown as Plan;

const end = (letter: string, rows: number, surelyRows: number, perRow: number, leftMm: number): EndReach =>
  ({
    end: { letter, usedMm: (r: number) => perRow * r, handMm: 75 },
    rows,
    surelyRows,
    leftMm,
    chance: 0.3,
  }) as unknown as EndReach;

interface Case {
  readonly worst?: EndReach;
  readonly other?: EndReach;
  readonly ask?: Partial<ReachAsk>;
  readonly needed?: number;
  readonly rowMm?: number;
  readonly again?: Partial<Reach>;
}

/** Ten rows are done and ten are left; they use a tenth more than planned: 33 mm of 30. */
function remedies({ worst = end('A', 7, 6, 30, 250), other, ask, needed = 10, rowMm = 6, again }: Case = {}) {
  const reach = {
    ends: other ? [worst, other] : [worst],
    rowsNeeded: needed,
    rowMm: { mean: rowMm, sd: 0 },
    tension: { mean: 1.1, sd: 0 },
  } as unknown as Reach;
  const asked: Partial<ReachAsk>[] = [];
  const found = remediesOf(
    { plan: PLAN, band: 0, rowsDone: 10, left: [], woven: [], ...ask },
    reach,
    worst,
    (next) => {
      asked.push(next);
      return { verdict: 'reaches', chance: 0.974, ...again } as Reach;
    },
  );
  const byId = Object.fromEntries(found.map((r) => [r.id, { ok: r.ok, text: whyText(r.what) }]));
  return { byId, asked };
}

describe('an end that runs short', () => {
  it('with a fid needs 35 mm less of it: a row of 33 mm more; it is tried with as much in the hand', () => {
    const { byId, asked } = remedies();
    expect(byId.fid!.text).toContain(
      'can then be 40 mm instead of 75 mm, enough for 1 row more and a 97 % chance',
    );
    expect(byId.fid!.ok).toBe(true);
    expect(asked[0]!.mostHandMm).toBe(40);
    expect(remedies({ again: { verdict: 'doubtful' } }).byId.fid!.ok).toBe(false);
    // Whoever holds no more than that already gains nothing.
    expect(remedies({ ask: { mostHandMm: 40 } }).byId.fid).toBeUndefined();
    expect(remedies({ ask: { mostHandMm: 41 } }).byId.fid!.text).toContain('enough for 0 rows more');
  });

  it('may stop four rows of 6 mm earlier, as long as there is slack for it', () => {
    const { byId } = remedies();
    expect(byId.shorter!.text).toBe(
      'Stop after 6 more rows: 24 mm shorter, it closes at 15.6 cm, 16 mm too tight.',
    );
    expect(byId.shorter!.ok).toBe(false);
    const two = remedies({ worst: end('A', 9, 9, 30, 250), rowMm: 8 }).byId.shorter!;
    // One row of 8 mm is all the slack there is.
    expect(two).toEqual({
      ok: true,
      text: 'Stop after 9 more rows: 8 mm shorter, it closes at 17.2 cm, still 0 mm slack.',
    });
  });

  it('may spread its rows over the length of all, by half a cord at most', () => {
    // Six rows on 60 mm: 10 each, 4 more than they are high.
    const { byId } = remedies();
    expect(byId.spread!.text).toBe(
      'Spread the remaining rows: 6 of them with 4 mm more between each fill the same length; the cores would show.',
    );
    expect(byId.spread!.ok).toBe(false);
    // Eight on 80: 2 more, which is half of 4.
    expect(remedies({ worst: end('A', 9, 8, 30, 250), rowMm: 8 }).byId.spread!.ok).toBe(true);
    expect(remedies({ worst: end('A', 9, 8, 30, 250), rowMm: 8.1 }).byId.spread!.ok).toBe(false);
    expect(remedies({ worst: end('A', 0, 0, 30, 10) }).byId.spread).toBeUndefined();
    // More than are needed are not spread.
    expect(remedies({ worst: end('A', 14, 13, 30, 500) }).byId.spread!.text).toContain(
      '10 of them with 0 mm more',
    );
  });

  it('changes places with a longer one whose path uses at least 2 % less', () => {
    const swap = (other: EndReach) => remedies({ other }).byId.swap!;
    expect(swap(end('B', 9, 8, 29.3, 400))).toEqual({
      ok: true,
      text: 'Swap the ends: B is 15.0 cm longer, so let it take the path that uses more cord.',
    });
    expect(swap(end('B', 9, 8, 29.5, 400)).ok).toBe(false);
    expect(swap(end('B', 7, 8, 29.3, 400)).ok).toBe(false);
    expect(remedies().byId.swap).toBeUndefined();
  });

  it('is spliced in the last row that it surely makes, 25 mm clear of the closure, for all rows beyond it and the hands', () => {
    // 95 of 120 mm are clear: 15 rows. Five of the ten lie before it, five beyond.
    expect(remedies().byId.splice).toEqual({
      ok: true,
      text: 'Splice A in row 15, 16.5 cm along it from the last row: fuse on 24.0 cm of the same cord, and keep the join on the back.',
    });
    // Three are sure: 99 mm along, and seven beyond it: 231 + 75.
    expect(remedies({ worst: end('A', 4, 3, 30, 150) }).byId.splice!.text).toContain(
      'in row 13, 99 mm along it from the last row: fuse on 30.6 cm',
    );
    const late = (rowsDone: number) => remedies({ ask: { rowsDone }, needed: 20 - rowsDone }).byId.splice!;
    expect([late(14).ok, late(15).ok]).toEqual([true, false]);
    expect(late(15).text).toContain('Too close to the closure');
    expect(remedies({ ask: { carriesLoad: true } }).byId.splice).toEqual({
      ok: false,
      text: 'No splice here: this piece carries a load.',
    });
  });
});
