import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { formatRing, parseRing, type RingDesign } from '../formats/ring.ts';
import { runRows, runsJson, runsText } from '../formats/ringRuns.ts';
import { whyText } from '../why/why.ts';
import { checkRuns } from './checkList.ts';
import { cellOf, explore } from './explorer.ts';
import { planRing } from './plan.ts';
import type { RingPlan } from './planned.ts';
import { RING_PRODUCTS } from './products.ts';
import { mostBights, narrowestWidth, passLength } from './sizes.ts';
import { parseRuns } from './typedList.ts';
import { gcd } from './types.ts';
import { layText, meetingText, passText, ringName, stopAfter } from './words.ts';

/** Ines’s slip ring: 2 mm nylon in a tight knot is 1.84 mm; the hand 19.6 cm and 6 mm to spare. */
const DESIGN: RingDesign = {
  format: 'warp-beam/ring',
  version: 1,
  name: 'Dome slip ring',
  product: 'ring-bracelet',
  wearer: 'Ines',
  girth: { by: 'body', mm: 196, easeMm: 6 },
  leads: 5,
  bights: 16,
  coding: 'row1',
  first: 'O',
  cord: 'nylon-2',
  cords: [{ colour: 'dusk' }, { colour: 'sodium' }],
  lanes: [0, 1, 0],
  ends: 'stitched',
};
const D = 1.84;
const planned = (patch: Partial<RingDesign> = {}): RingPlan => {
  const made = planRing({ ...DESIGN, ...patch });
  if (!made.ok) throw new Error(made.issues.map((i) => i.message).join(' '));
  return made.value;
};
const issue = (patch: Partial<RingDesign>) => {
  const made = planRing({ ...DESIGN, ...patch });
  return made.ok ? undefined : made.issues[0]!;
};
const check = (plan: RingPlan, id: string) => plan.checks.find((c) => c.id === id);

describe('a ring that slips over the hand', () => {
  const plan = planned();

  it('is as large inside as the hand and the room to spare, and its bights are that far apart', () => {
    expect(plan.ring.girth).toBeCloseTo(202, 9);
    expect(plan.passesMm).toBeCloseTo(202, 9);
    // Once round the middle of the cords, a diameter above the mandrel, over 16 bights.
    expect(plan.pitchMm).toBeCloseTo((202 + 2 * Math.PI * D) / 16, 9);
    expect(plan.widthMm).toBeCloseTo(D * (1 + 0.76 * (3 * 5 - 1)), 9);
    expect(whyText(check(plan, 'ring.passes')!.message)).toBe('passes the hand by 6 mm');
    const snug = check(planned({ girth: { by: 'body', mm: 196, easeMm: 2 } }), 'ring.passes')!;
    expect([snug.ok, whyText(snug.message)]).toEqual([true, 'passes the hand by 2 mm']);
  });

  it('cuts each colour for its passes, its two ends, and spare that all reach with the promised chance', () => {
    const [dusk, sodium] = [plan.cords[0]!, plan.cords[1]!];
    const pass = passLength(plan.ring, plan.widthMm);
    expect([dusk.passes, sodium.passes]).toEqual([2, 1]);
    expect(dusk.usedMm).toBeCloseTo(2 * pass, 9);
    expect(sodium.usedMm).toBeCloseTo(pass, 9);
    // A needle holds 40 mm in cord of 3.68 mm, half of it fixed: 30 in 1.84; stitched down over five diameters, 9.2.
    expect(dusk.endsMm).toBeCloseTo(2 * (30 + 9), 9);
    for (const c of plan.cords) {
      expect(c.cutMm).toBeGreaterThanOrEqual(c.usedMm + c.endsMm + c.spareMm);
      expect(c.cutMm - (c.usedMm + c.endsMm + c.spareMm)).toBeLessThan(10);
      expect(c.spareMm / c.usedMm).toBeGreaterThan(0.1);
      expect(c.spareMm / c.usedMm).toBeLessThan(0.2);
    }
    const surer = planned({ chance: 0.999 });
    const thrifty = planned({ chance: 0.9 });
    expect(surer.cords[0]!.cutMm).toBeGreaterThan(dusk.cutMm);
    expect(thrifty.cords[0]!.cutMm).toBeLessThan(dusk.cutMm);
    expect(planned({ endMm: 80 }).cords[0]!.endsMm - dusk.endsMm).toBeCloseTo(100, 9);
  });

  it('buries an end beside half a cycle, and melts only a stub', () => {
    const buried = planned({ ends: 'buried' }).cords[0]!;
    expect(buried.endsMm).toBeCloseTo(2 * (30 + Math.round((5 * plan.pitchMm) / 2)), 9);
    expect(planned({ ends: 'melted' }).cords[0]!.endsMm).toBeCloseTo(2 * (30 + 3), 9);
  });

  it('may be worn smaller when it is open: pushed together it still passes', () => {
    const open = planned({ lanes: [0], widthMm: 14 });
    expect(open.ring.girth).toBeLessThan(202);
    expect(open.ring.girth).toBeGreaterThan(0.7 * 202);
    expect(open.passesMm).toBeCloseTo(202, 2);
    // A very wide one would pass however small it is: seven tenths of the hand is the least.
    expect(planned({ lanes: [0], widthMm: 40 }).ring.girth).toBeCloseTo(0.7 * 202, 9);
    expect(open.verdict).toBe('open');
    // On a mandrel it is as large as the mandrel.
    const on = planned({ product: 'napkin-ring', girth: { by: 'mandrel', mm: 135 }, lanes: [0] });
    expect(on.ring.girth).toBe(135);
    expect(check(on, 'ring.passes')).toBeUndefined();
  });

  it('says what fails, at which girth it would not, and puts it right in one step', () => {
    // In 4 mm cord three abreast need 21.2 mm from bight to bight at least, of effective 3.68 mm: 19.5.
    const thick = planned({ cord: 'nylon-4' });
    const pitch = check(thick, 'ring.pitch')!;
    expect(pitch.ok).toBe(false);
    const fewer = pitch.fix!.patch.bights!;
    expect(fewer).toBeLessThanOrEqual(mostBights(202, 3, 3.68));
    expect(gcd(5, fewer)).toBe(1);
    expect(check(planned({ cord: 'nylon-4', bights: fewer }), 'ring.pitch')!.ok).toBe(true);
    const narrow = planned({ widthMm: 10 });
    expect(check(narrow, 'ring.width')!.ok).toBe(false);
    expect(check(narrow, 'ring.width')!.fix!.patch).toEqual({ widthMm: undefined });
    expect(check(planned({ cord: 'cotton-4', lanes: [0], bights: 8, ends: 'melted' }), 'ring.melt')!.ok).toBe(
      false,
    );
    expect(check(planned({ lanes: [0], bights: 16 }), 'ring.crowded')).toBeUndefined();
    // 2.6 diameters are 4.8 mm: 213.6 mm round the middle hold 44 bights without being crowded, 45 are.
    expect(check(planned({ lanes: [0], bights: 44 }), 'ring.crowded')).toBeUndefined();
    expect(check(planned({ lanes: [0], bights: 46 }), 'ring.crowded')!.isNote).toBe(true);
  });

  it('is refused in words where it names what is not there', () => {
    expect(issue({ product: 'crown' })).toMatchObject({ path: '/product' });
    expect(issue({ cord: 'silk' })?.message).toBe('There is no cord called “silk”.');
    expect(issue({ girth: { by: 'body', mm: 20 } })?.message).toContain('choose between');
    expect(issue({ lanes: [0, 4] })?.path).toBe('/lanes');
    expect(issue({ cords: [{ colour: 'mud' }, { colour: 'dusk' }] })?.path).toBe('/cords/0/colour');
    expect(issue({ leads: 6, bights: 9, lanes: [0], strandCords: [0, 1] })?.message).toContain(
      'made of 3 cords',
    );
    expect(issue({ startAt: 17 })).toMatchObject({
      path: '/startAt',
      message: 'The left edge has 16 pins: begin at one of them.',
    });
    expect(issue({ startAt: 16 })).toBeUndefined();
    expect(issue({ coding: 'col2', bights: 15 })?.message).toContain('14 or 16');
  });

  it('shares the cord among the cords of a ring that needs several, each in its colour', () => {
    const two = planned({ leads: 4, bights: 6, lanes: [0], strandCords: [0, 1], cord: 'nylon-4' });
    expect(two.cords.map((c) => [c.strand, c.cord])).toEqual([
      [1, 0],
      [2, 1],
    ]);
    const pass = passLength(two.ring, two.widthMm);
    for (const c of two.cords) expect(c.usedMm).toBeCloseTo(pass / 2, 9);
    expect(check(two, 'ring.strands')!.isNote).toBe(true);
  });
});

describe('what a maker reads', () => {
  const plan = planned();

  it('is each half cycle in words, and where its pass goes', () => {
    const lay = plan.lays[86]!;
    expect(layText(lay)).toBe('from L8 to R10: over 3, under 3, over 3, under 2');
    expect(layText(plan.lays[0]!)).toBe('from L1 to R3: free, nothing is in the way');
    expect(passText(plan, 1)).toBe('Dusk, the first pass');
    expect(passText(plan, 2)).toContain(
      'beside the first on the side of the right edge, one cord’s gap between',
    );
    expect(passText(plan, 3)).toBe('Sodium, in the gap between the two Dusk');
    expect(ringName(plan)).toBe('5 leads × 16 bights, plain, 3 cords abreast');
  });

  it('stops at the end of a pass and of the ring, and nowhere else', () => {
    const stops = plan.lays.filter((lay) => stopAfter(plan, lay).length > 0).map((l) => l.n);
    expect(stops).toEqual([32, 64, 96]);
    // One pass: (5 − 1)·16 = 64 crossings; two cross four times as often.
    const saidAfter = (n: number) => whyText(stopAfter(plan, plan.lays[n - 1]!)[0]!);
    expect(saidAfter(32)).toContain('Pass 1 is done: 64 crossings');
    expect(saidAfter(64)).toContain('Pass 2 is done: 256 crossings');
    const last = stopAfter(plan, plan.lays[95]!)
      .map((l) => whyText(l))
      .join(' ');
    expect(last).toContain('5 laps a pass');
    expect(last).toContain('sew through both');
    expect(last).toContain('try it on');
  });

  it('says how much cord to draw out to make the ring on a hand smaller, and nothing of it on a mandrel', () => {
    const last = (made: RingPlan) => stopAfter(made, made.lays.at(-1)!).map((l) => whyText(l));
    const line = last(plan).find((l) => l.startsWith('Smaller still?'))!;
    const said = [...line.matchAll(/(\d+) mm in girth: draw out ([\d.]+) (mm|cm)/g)];
    expect(said.map((m) => Number(m[1]))).toEqual([3, 5, 10]);
    // By hand: five leads in each of three passes are 15 cords along every mm of girth. Each lies a little aslant: 16 bights over a
    // mean girth of about 202 + 2π·1.84 = 213.6 mm are 13.35 mm apart, so that 1 − 1.84/(2·13.35) = 0.931 of it is girth.
    for (const [, mm, drawn, unit] of said) {
      const out = Number(drawn) * (unit === 'cm' ? 10 : 1);
      expect(Math.abs(out - 15 * 0.931 * Number(mm))).toBeLessThan(1);
    }
    const onMandrel = planned({ girth: { by: 'mandrel', mm: 202 } });
    expect(last(onMandrel).join(' ')).not.toContain('Smaller still?');
  });

  it('says who meets whom in a crossing', () => {
    // Columns of 3 × 4 by hand: half cycle 1 runs 0 → 3, half cycle 4 from R1 (1) to L3 (4); row 2 of column 2 is on both ways. Plain
    // with the first row over, a cord to the right is under in row 2.
    const three = planned({ leads: 3, bights: 4, lanes: [0] });
    expect(meetingText(three, 2, 2)).toBe('Row 2: half cycle 4 (R1 → L3) goes over half cycle 1 (L1 → R2).');
    expect(meetingText(planned({ leads: 3, bights: 4, lanes: [0], first: 'U' }), 2, 2)).toContain(
      'goes under',
    );
    expect(meetingText(three, 1, 2)).toBe('');
    expect(meetingText(planned({ leads: 3, bights: 4, lanes: [0, 1] }), 2, 2)).toContain('2 × 2 cords');
  });

  it('is a run list whose text is right by geometry when it is read again', () => {
    for (const patch of [{}, { coding: 'row2', first: 'U' as const }, { leads: 4, bights: 10, lanes: [0] }]) {
      const made = planned(patch);
      const read = parseRuns(runsText(made, 'metric'));
      if (!read.ok) throw new Error(read.issues[0]!.message);
      expect(checkRuns(made.shape, read.value).ok).toBe(true);
    }
    const rows = runRows(plan);
    expect(rows).toHaveLength(96);
    expect(rows[86]).toMatchObject({
      step: 87,
      pass: 3,
      k: 23,
      cord: 'Sodium',
      from: 'L8',
      to: 'R10',
      seq: 'O3 U3 O3 U2',
    });
    const json = runsJson(plan.shape);
    expect(json).toMatchObject({ leads: 5, bights: 16, strands: 1, coding: 'row1', first: 'O' });
    expect(json.runs[0]).toEqual({ k: 1, strand: 1, from: 'L1', to: 'R3', seq: 'free' });
  });
});

describe('the grid of rings', () => {
  const ask = { girth: 202, d: D, passes: 3, coding: { by: 'row' as const, n: 1 }, width: 21.42 };

  it('says of each what it would be', () => {
    expect(cellOf(ask, 5, 16)).toMatchObject({ fit: 'closed', strands: 1 });
    expect(cellOf(ask, 3, 16).fit).toBe('open');
    expect(cellOf(ask, 7, 16).fit).toBe('wide');
    // 213.6 mm round the middle: 6.2 diameters, 11.4 mm, to be easy up to 18 bights; 5.3, 9.75 mm, the limit at 21.
    expect(cellOf(ask, 5, 18).fit).toBe('closed');
    expect(cellOf(ask, 5, 19).fit).toBe('crowded');
    expect(cellOf(ask, 5, 21).fit).toBe('crowded');
    expect(cellOf(ask, 5, 22).fit).toBe('full');
    expect(cellOf(ask, 5, 15).strands).toBe(5);
  });

  it('is whole, and open only where the narrowest is more than a tenth narrower', () => {
    const grid = explore(ask, [3, 4, 5, 6], [4, 5, 6, 7, 8]);
    expect(grid.map((row) => row.length)).toEqual([5, 5, 5, 5]);
    const five = narrowestWidth({
      shape: { leads: 5, bights: 7, coding: ask.coding, first: 'O' },
      passes: 3,
      d: D,
    });
    expect(cellOf({ ...ask, width: 1.09 * five }, 5, 7).fit).toBe('closed');
    expect(cellOf({ ...ask, width: 1.11 * five }, 5, 7).fit).toBe('open');
    expect(cellOf({ ...ask, width: five / 1.01 }, 5, 7).fit).toBe('closed');
    expect(cellOf({ ...ask, width: five / 1.03 }, 5, 7).fit).toBe('wide');
  });
});

describe('ring documents', () => {
  it('open again as they were written, and the stall’s can be tied', () => {
    const again = parseRing(formatRing(DESIGN));
    expect(again.ok && again.value).toEqual(DESIGN);
    for (const file of readdirSync('examples/rings')) {
      const read = parseRing(readFileSync(`examples/rings/${file}`, 'utf8'));
      if (!read.ok) throw new Error(`${file}: ${read.issues[0]!.message}`);
      const plan = planRing(read.value);
      if (!plan.ok) throw new Error(`${file}: ${plan.issues[0]!.message}`);
      expect(
        plan.value.checks.filter((c) => !c.ok),
        file,
      ).toEqual([]);
    }
  });

  it('are refused at the place that is wrong', () => {
    const read = (patch: object) => {
      const made = parseRing(JSON.stringify({ ...DESIGN, ...patch }));
      return made.ok ? '' : made.issues[0]!.path;
    };
    expect(read({ leads: 1 })).toBe('/leads');
    expect(read({ coding: 'row9' })).toBe('/coding');
    expect(read({ colour: 'red' })).toContain('/colour');
    expect(read({ version: 2 })).toBe('/version');
  });

  it('come in every product, each with a usual size that can be tied', () => {
    for (const p of RING_PRODUCTS) {
      const plan = planned({
        product: p.id,
        girth: { by: p.girth, mm: p.usualMm },
        leads: 3,
        bights: 5,
        cord: 'micro-1.2',
        lanes: [0],
      });
      expect(
        plan.checks.every((c) => c.ok),
        p.id,
      ).toBe(true);
      expect(p.usualMm).toBeGreaterThanOrEqual(p.leastMm);
      expect(p.usualMm).toBeLessThanOrEqual(p.mostMm);
    }
  });
});
