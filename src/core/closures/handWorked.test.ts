import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { solvedFacts } from '../patterns/index.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/types.ts';
import { whyText } from '../why/why.ts';
import { knotSize } from './knots.ts';
import { loopOn } from './loop.ts';

/** 2 mm nylon pulled tight is 2 × 0.92 mm; a plain cord in it is as thick. */
const D = 1.84;
/** What hands hold to tie a knot: 55 mm in cord of 3.68 mm, half of it fixed: 55 × (0.5 + 0.5 × 1.84 / 3.68) = 41.25. */
const HAND = 41;
/** For a slider, 70 mm, in micro cord of 1.2 mm at 92 %: 70 × (0.5 + 0.5 × 1.104 / 3.68) = 45.5. */
const THIN_HAND = 46;
const BEND = Math.PI * D;

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'By hand',
  product: 'bracelet',
  wearer: { name: 'Lin', girthMm: 160 },
  measures: { hand: 190 },
  ease: { school: 'thickness', slackMm: 10 },
  pattern: { id: 'plain-band' },
  cord: 'nylon-2',
  setup: { style: 'separate' },
  cords: [{ colour: 'dusk' }],
  closure: { kind: 'double-sliding' },
};

const planned = (changes: Partial<Design> = {}): Plan => {
  const result = plan({ ...BASE, ...changes });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};
const figure = (p: Plan, label: string): number => p.more.find((f) => f.label === label)!.value;
const check = (p: Plan, id: string) => p.checks.find((c) => c.id === id)!;
const body = (id: string, d = D) => solvedFacts(id)!.bodyD * d;

/** Flat lengths of the wrist above: closed 160 + 10 inside, open 190 + 10 inside; π·t more along the middle. */
const CLOSED = 170 + BEND;
const OPEN = 200 + BEND;

describe('double sliding knot', () => {
  const p = planned();
  const b = body('sliding-1');

  it('weaves what is left when the knots have run up to the weave', () => {
    expect(p.finishedLengthMm).toBeCloseTo(CLOSED, 9);
    expect(p.wovenLengthMm).toBeCloseTo(CLOSED - (OPEN - CLOSED) - 2 * b, 9);
  });

  it('closes at M − s and opens at M less the two knots', () => {
    const M = figure(p, 'between the knots');
    const s = figure(p, 'knots apart, closed');
    expect(M - s).toBeCloseTo(CLOSED, 9);
    expect(M - 2 * b).toBeCloseTo(OPEN, 9);
    expect(p.closed.closedMm).toBeCloseTo(170, 9);
    expect(p.closed.openMm).toBeCloseTo(200, 9);
    expect(p.closed.danglesMm).toBe(0);
  });

  it('cuts one cord: weave, both ways to the knots, two knots, two hand lengths', () => {
    const parts = p.cords[0]!.parts.filter((x) => x.what !== 'margin' && x.what !== 'rounding');
    const total = parts.reduce((sum, x) => sum + x.lengthMm, 0);
    const way = OPEN - CLOSED + b;
    const knot = knotSize('sliding-1', D).cordMm;
    expect(total).toBeCloseTo(p.wovenLengthMm + 2 * way + 2 * knot + 2 * HAND, 6);
  });

  it('opens less far when told to, says by how much it misses the hand, and offers the way out', () => {
    const tight = planned({ closure: { kind: 'double-sliding', openMm: 180 } });
    expect(tight.closed.openMm).toBeCloseTo(180, 9);
    expect(check(tight, 'open.passes').ok).toBe(false);
    const fixed = planned(check(tight, 'open.passes').fix!.patch);
    expect(check(fixed, 'open.passes').ok).toBe(true);
  });
});

describe('single sliding knot', () => {
  const p = planned({ closure: { kind: 'single-sliding' } });

  it('lets what it opens by dangle', () => {
    expect(p.closed.danglesMm).toBeCloseTo(30, 9);
    expect(p.closed.gapMm).toBeCloseTo(25, 9);
    expect(p.wovenLengthMm).toBeCloseTo(CLOSED - 25, 9);
  });

  it('stops, when open, at its knot: weave, neck of 4 and running end go round the open girth', () => {
    expect(p.wovenLengthMm + figure(p, 'running end') + 4).toBeCloseTo(OPEN, 9);
  });
});

describe('two overhands run together', () => {
  const p = planned({ closure: { kind: 'run-together' } });

  it('keeps the ends of the weave apart by a finger, or by both knots and their necks', () => {
    const knots = 2 * body('sliding-1') + 2 * D;
    expect(p.closed.gapMm).toBeCloseTo(Math.max(25, knots), 9);
    const mark = p.bands[0]!.marks.find((m) => m.label === 'overhand starts here' && m.atMm > 0)!;
    const way = mark.atMm - p.wovenLengthMm;
    // Open, both overhands touch in the middle of the gap.
    expect(2 * (way + body('sliding-1'))).toBeCloseTo(OPEN - p.wovenLengthMm, 9);
  });

  it('is drawn closed: each knot a body beyond the middle of the gap, on a cord that goes on from there', () => {
    for (const { shape } of [p.bands[0]!.start, p.bands[0]!.end]) {
      if (shape.shape !== 'run') throw new Error(shape.shape);
      expect(shape.leaves).toEqual({
        outMm: expect.closeTo(p.closed.gapMm / 2 + body('sliding-1'), 9) as number,
        how: 'hangs',
      });
      expect(shape.drawn!.knotAtMm).toBeCloseTo(p.closed.gapMm / 2 - body('sliding-1'), 9);
      // Half of what it opens by hangs out at each side, beyond the other’s knot.
      expect(shape.drawn!.tailMm).toBeCloseTo(body('sliding-1') + (OPEN - CLOSED) / 2, 9);
    }
  });
});

describe('square-knot slider', () => {
  const p = planned({ closure: { kind: 'slider', rows: 6, knot: 'cap' } });

  it('opens until both caps meet the slider', () => {
    const slider = figure(p, 'slider');
    const cap = p.bands[0]!.marks.find((m) => m.label === 'cap here' && m.atMm > 0)!;
    const way = cap.atMm - p.wovenLengthMm;
    expect(p.wovenLengthMm + 2 * way - slider).toBeCloseTo(OPEN, 9);
  });

  it('is drawn closed: the slider in the middle of the gap, each end out of its far edge', () => {
    const slider = figure(p, 'slider');
    const { shape } = p.bands[0]!.start;
    if (shape.shape !== 'run') throw new Error(shape.shape);
    expect(shape.slider!.atMm + slider / 2).toBeCloseTo(p.closed.gapMm / 2, 9);
    expect(shape.slider!.rows).toBe(6);
    expect(shape.leaves!.outMm).toBeCloseTo(p.closed.gapMm / 2 + slider / 2, 9);
    // One slider holds both ends: it is drawn once.
    const far = p.bands[0]!.end.shape;
    expect('slider' in far && far.slider).toBeFalsy();
  });

  it('cuts a thinner cord for it: six rows and two hand lengths for its thinner cord', () => {
    const cord = p.cords.find((c) => c.role.startsWith('slider'))!;
    expect(cord.cordType).toBe('micro-1.2');
    const tails = cord.parts.filter((x) => x.what === 'tail').map((x) => x.lengthMm);
    // 70 mm in cord of 3.68 mm; half of it stays, half goes with the diameter.
    expect(tails).toEqual([THIN_HAND, THIN_HAND]);
  });
});

describe('loop', () => {
  it('that is just a ring round its neck is a half circle on each leg, along the middle of its cord', () => {
    // Inner perimeter πr + 2r leaves no straight part: each leg is a quarter turn at r + d/2.
    const loop = loopOn((Math.PI + 2) * 3, 3, 2);
    expect(loop.straightMm).toBeCloseTo(0, 9);
    expect(loop.legMm).toBeCloseTo((Math.PI / 2) * 4, 9);
    expect(loop.lengthMm).toBeCloseTo(3, 9);
  });

  it('grows by half of what its perimeter grows', () => {
    const [a, b] = [loopOn(40, 3, 2), loopOn(50, 3, 2)];
    expect(b.lengthMm - a.lengthMm).toBeCloseTo(5, 9);
    expect(b.legMm - a.legMm).toBeCloseTo(5, 9);
  });
});

describe('knot and loop', () => {
  const design = {
    pattern: { id: 'plain-band-2' },
    closure: { kind: 'knot-loop', knot: 'overhand-two' } as Design['closure'],
  };
  const p = planned(design);
  const girth = solvedFacts('overhand-two')!.girthD! * D;

  it('makes the loop five per cent larger than its knot, and takes its length out of the weave', () => {
    const inner = figure(p, 'loop, inside');
    expect(inner).toBeCloseTo(1.05 * girth, 9);
    // Legs on a neck of two cords, and the loop’s own cord: (p − πr)/2 + d with r = d.
    expect(p.closed.gapMm).toBeCloseTo((inner - Math.PI * D) / 2 + D, 9);
    expect(p.closed.openMm).toBeUndefined();
  });

  it('refuses a loop that its knot cannot pass, and one that does not hold it', () => {
    const flat = (mm: number) => planned({ ...design, closure: { ...design.closure, lengthMm: mm } });
    expect(check(flat((girth / 2) * 0.9), 'loop.passes').ok).toBe(false);
    expect(check(flat((girth / 2) * 1.1), 'loop.passes').ok).toBe(true);
    expect(check(flat((girth / 2) * 1.1), 'loop.holds').ok).toBe(true);
    const large = flat((girth / 2) * 1.3);
    expect(check(large, 'loop.holds').ok).toBe(false);
    const again = planned({ ...design, ...check(large, 'loop.holds').fix!.patch });
    expect(again.checks.filter((c) => c.id.startsWith('loop')).every((c) => c.ok)).toBe(true);
  });

  it('uses for each leg: half the loop, the weave, a neck of one and a half cords, its share of the knot, the hand length', () => {
    const parts = p.cords[0]!.parts.filter((x) => x.what !== 'margin' && x.what !== 'rounding');
    const loop = loopOn(1.05 * girth, D, D);
    const knot = knotSize('overhand-two', D).cordMm;
    const leg = loop.legMm + p.wovenLengthMm + 1.5 * D + knot + HAND;
    expect(parts.reduce((sum, x) => sum + x.lengthMm, 0)).toBeCloseTo(2 * leg, 6);
  });

  it('has up to three stoppers on a row: each adds a neck and a knot, and lets it out by as much as both are long', () => {
    const exact = (q: typeof p) =>
      q.cords[0]!.parts.filter((x) => x.what !== 'margin' && x.what !== 'rounding').reduce(
        (sum, x) => sum + x.lengthMm,
        0,
      );
    const knot = knotSize('overhand-two', D);
    for (const knots of [2, 3]) {
      const row = planned({ ...design, closure: { ...design.closure, knots } });
      // The nearest one is the fit that was asked for.
      expect(row.wovenLengthMm).toBeCloseTo(p.wovenLengthMm, 9);
      expect(row.closed.closedMm).toBeCloseTo(p.closed.closedMm, 9);
      expect(exact(row) - exact(p)).toBeCloseTo(2 * (knots - 1) * (1.5 * D + knot.cordMm), 6);
      expect(figure(row, 'looser, each stopper further out')).toBeCloseTo(knot.bodyMm + 1.5 * D, 9);
      expect(row.closed.danglesMm).toBeCloseTo((knots - 1) * (knot.bodyMm + 1.5 * D), 9);
    }
    // One alone stands up out of the loop, and lets out nothing.
    expect(p.closed.danglesMm).toBe(0);
    expect(p.closed.dangles).toBeUndefined();
    expect(p.more.some((f) => f.label.startsWith('looser'))).toBe(false);
    const names = [1, 2, 3].map(
      (knots) => planned({ ...design, closure: { ...design.closure, knots: knots as 1 } }).bands[0]!.end.name,
    );
    expect(names[0]).toBe(knot.name.toLowerCase());
    expect(names.slice(1).map((name) => name.split(', ').at(-1))).toEqual(['2 on a row', '3 on a row']);
    const said = (knots: 2 | 3) =>
      planned({ ...design, closure: { ...design.closure, knots } }).closed.dangles;
    expect([said(2), said(3)]).toEqual([
      'the second stopper, beyond the loop',
      'the other stoppers, beyond the loop',
    ]);
    const four = plan({ ...BASE, ...design, closure: { ...design.closure, knots: 4 } });
    expect(four.ok).toBe(false);
  });
});

describe('cinch', () => {
  const p = planned({ pattern: { id: 'plain-band-2' }, closure: { kind: 'cinch' } });

  it('puts the stopper where the open band passes the hand with its clearance', () => {
    const diamond = body('diamond');
    // The friction loop lies on two cords: its bend of radius d, and its own cord.
    const head = diamond + D + D;
    expect(p.closed.gapMm).toBeCloseTo(Math.max(25, head + D), 9);
    expect(p.wovenLengthMm + head + figure(p, 'stopper from the weave')).toBeCloseTo(OPEN, 9);
    expect(p.closed.danglesMm).toBeCloseTo(30, 9);
  });
});

describe('adjustable shackle', () => {
  it('is a pitch longer in every hole: 16 mm wide, 20 to the first hole, 7 apart', () => {
    const at = (hole: number) =>
      planned({ pattern: { id: 'plain-band-2' }, closure: { kind: 'shackle', sizeMm: 16, hole } });
    expect(at(1).figures.hardware.value).toBe(20);
    expect(at(3).figures.hardware.value).toBe(34);
    expect(at(1).wovenLengthMm - at(2).wovenLengthMm).toBeCloseTo(7, 9);
    expect(at(2).closed.adjust!.rangeMm).toEqual([-7, 7]);
  });
});

describe('slip-on', () => {
  it('is as large inside as the hand and ten more, whatever the ease', () => {
    const p = planned({ pattern: { id: 'flat-braid-3' }, closure: { kind: 'slip-on' } });
    expect(p.closed.closedMm).toBeCloseTo(200, 9);
    expect(p.closed.openMm).toBeCloseTo(200, 9);
  });
});

describe('limited slip', () => {
  const p = planned({
    product: 'collar-limited-slip',
    wearer: { name: 'Halley', girthMm: 400 },
    measures: { head: 450 },
    pattern: { id: 'wide-bar-2' },
    cord: 'nylon-4',
    cords: [{ colour: 'ember' }, { colour: 'dusk' }],
    closure: { kind: 'limited-slip', sizeMm: 25 },
  });

  it('opens from neck to head on a control loop twice as long as it travels', () => {
    expect(p.closed.closedMm).toBeCloseTo(410, 9);
    expect(p.closed.openMm).toBeCloseTo(460, 9);
    expect(figure(p, 'control loop, round')).toBeCloseTo(100, 9);
    // Its cord goes twice round the loop, is locked with an overhand in both its ends, and each of its two ends is held to tie it.
    const cord = p.cords.find((c) => c.isExtra && c.role === 'control loop, doubled')!;
    const part = (text: string) => cord.parts.find((x) => whyText(x.why).includes(text))!.lengthMm;
    expect(part('twice round a loop of 10.0 cm')).toBeCloseTo(200, 9);
    const { cordMm, name } = knotSize('overhand-two', 3.68);
    expect(part(name.toLowerCase())).toBeCloseTo(2 * cordMm, 9);
    expect(part('two ends of 55 mm')).toBeCloseTo(110, 9);
    // Two rings of 20 mm and one hitch are not woven.
    expect(p.wovenLengthMm).toBeCloseTo(p.finishedLengthMm - 40 - 3.68, 9);
  });
});

describe('hand girth', () => {
  it('is estimated at 1.2 wrists, six per cent either way, until it is measured', () => {
    const { measures: _typed, ...rest } = BASE;
    const result = plan({ ...rest, closure: { kind: 'double-sliding' } });
    if (!result.ok) throw new Error('cannot plan');
    const { hand } = result.value.measures;
    expect(hand!.mm).toBeCloseTo(192, 9);
    expect(hand!.range[0]).toBeCloseTo(192 * 0.94, 9);
    expect(hand!.range[1]).toBeCloseTo(192 * 1.06, 9);
    expect(hand!.isMeasured).toBe(false);
    expect(planned().measures.hand).toMatchObject({ mm: 190, range: [190, 190], isMeasured: true });
  });
});

describe('a loop braided on and worked back', () => {
  const p = planned({ pattern: { id: 'flat-braid-4' }, closure: { kind: 'braid-loop', rows: 3 } });

  it('uses what its braid uses: two straight sides, half a turn of its middle plane, and the rows it is tucked under', () => {
    const { thicknessMm: t, rowHeightMm, strands } = p.metrics;
    const stopper = knotSize('overhand-two', D);
    const inner = figure(p, 'loop, inside');
    const r = stopper.widthMm / 3;
    const straight = Math.max(0, (inner - Math.PI * r - 2 * r) / 2);
    const braided = 2 * straight + Math.PI * (r + t / 2);
    const uses = strands[0]!.perLength;
    for (const cord of p.cords) {
      const closure = cord.parts.filter((x) => x.what === 'closure' && x.fromMm! < 0);
      const sum = closure.reduce((total, x) => total + x.lengthMm, 0);
      expect(sum % (braided * uses + 3 * rowHeightMm * uses)).toBeCloseTo(0, 6);
      expect(sum).toBeGreaterThan(0);
    }
    // Inside, and the braid’s own thickness at the bend.
    expect(p.bands[0]!.start.takesMm).toBeCloseTo(straight + r + t, 9);
  });
});

describe('three wraps that two loops run through', () => {
  it('goes round twice: both loops together are twice the finished length, less the wraps', () => {
    const p = planned({ pattern: { id: 'plain-band-2' }, closure: { kind: 'wrapped-band' } });
    const woven = 2 * p.finishedLengthMm - knotSize('prusik-3', D).bodyMm;
    expect(figure(p, 'each loop, laid out')).toBeCloseTo(woven / 2, 9);
    expect(p.wovenLengthMm).toBeCloseTo(woven, 9);
  });
});
