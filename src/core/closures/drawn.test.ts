import { describe, expect, it } from 'vitest';
import { CORDS, effectiveDiameterMm, findCord } from '../cord/cords.ts';
import type { Design } from '../formats/design.gen.ts';
import { solvedFacts } from '../patterns/index.ts';
import { PLAIN, planned } from '../plan/testing/onTheEdge.ts';
import type { Plan } from '../plan/types.ts';
import { whyText } from '../why/why.ts';
import { knotSize } from './knots.ts';
import type { ClosureSpec, EndShape } from './types.ts';

/** 4 mm nylon in a tight knot. */
const D = 3.68;
const CHAIN = { pattern: { id: 'chain-sinnet' }, cords: [{ colour: 'dusk' }] } satisfies Partial<Design>;
const BRAID = { pattern: { id: 'flat-braid-4' }, cords: [{ colour: 'dusk' }] };

const made = (closure: ClosureSpec, changes: Partial<Design> = {}): Plan => planned({ ...changes, closure });
type Run = Extract<EndShape, { shape: 'run' }>;
const run = (shape: EndShape): Run => {
  if (shape.shape !== 'run') throw new Error(shape.shape);
  return shape;
};
const loop = (shape: EndShape): Extract<EndShape, { shape: 'loop' }> => {
  if (shape.shape !== 'loop') throw new Error(shape.shape);
  return shape;
};
const ends = (p: Plan) => [p.bands[0]!.start, p.bands[0]!.end] as const;
const figure = (p: Plan, label: string): number => p.more.find((f) => f.label === label)!.value;
const opensBy = (p: Plan): number => p.closed.openMm! - p.closed.closedMm;
const body = (id: string): number => solvedFacts(id)!.bodyD * D;

/** Every closure that is tied or slides at its end, in a weave that it suits. */
const TIED: readonly (readonly [ClosureSpec, Partial<Design>])[] = [
  [{ kind: 'knot-loop' }, PLAIN],
  [{ kind: 'knot-loop', knots: 3 }, PLAIN],
  [{ kind: 'cinch' }, PLAIN],
  [{ kind: 'double-sliding' }, PLAIN],
  [{ kind: 'single-sliding' }, PLAIN],
  [{ kind: 'run-together' }, PLAIN],
  [{ kind: 'slider' }, PLAIN],
  [{ kind: 'slider', knot: 'overhand' }, PLAIN],
  [{ kind: 'wrapped-band' }, PLAIN],
  [{ kind: 'chain-loop' }, CHAIN],
  [{ kind: 'braid-loop' }, BRAID],
  [{ kind: 'bead' }, PLAIN],
  [{ kind: 'bead-shackle' }, PLAIN],
];

describe('an end that runs on', () => {
  it.each(TIED)(
    '$kind: is drawn straight as far as its cord goes before its knot, and marked there',
    (spec, changes) => {
      const p = made(spec, changes);
      const [start, end] = ends(p);
      for (const [at, { shape }] of [
        ['start', start],
        ['end', end],
      ] as const) {
        if (shape.shape !== 'run') continue;
        const { startMm, wovenMm } = p.bands[0]!;
        const edge = at === 'start' ? startMm : startMm + wovenMm;
        const out = (mm: number) => (at === 'start' ? edge - mm : mm - edge);
        const marks = p.bands[0]!.marks.filter((m) => /here$/.test(m.label) && out(m.atMm) > 0.01);
        for (const m of marks) expect(out(m.atMm), m.label).toBeCloseTo(shape.lengthMm, 6);
        // The stretch of cord that lies straight before the first knot is as long, and points there.
        const straight = p.cords
          .flatMap((c) => c.parts)
          .filter((part) => part.what === 'closure' && Math.abs(part.lengthMm - shape.lengthMm) < 1e-6)
          .map((part) => Math.max(out(part.fromMm!), out(part.toMm!)));
        expect(
          straight.some((mm) => Math.abs(mm - shape.lengthMm) < 1e-6),
          at,
        ).toBe(true);
      }
    },
  );

  it('is as wide as the cords that it has', () => {
    const cords = (spec: ClosureSpec, changes: Partial<Design> = PLAIN) =>
      ends(made(spec, changes)).flatMap(({ shape }) => (shape.shape === 'run' ? [shape.cords] : []));
    expect(cords({ kind: 'double-sliding' })).toEqual([1, 1]);
    expect(cords({ kind: 'single-sliding' })).toEqual([1, 1]);
    expect(cords({ kind: 'run-together' })).toEqual([1, 1]);
    expect(cords({ kind: 'cinch' })).toEqual([2]);
    expect(cords({ kind: 'wrapped-band' })).toEqual([2]);
    expect(cords({ kind: 'knot-loop', knot: 'overhand-two' })).toEqual([2]);
    expect(cords({ kind: 'bead' })).toEqual([2]);
    expect(cords({ kind: 'bead-shackle' })).toEqual([1]);
    expect(cords({ kind: 'slider' })).toEqual([2, 2]);
    expect(cords({ kind: 'slider' }, { pattern: { id: 'plain-band' }, cords: [{ colour: 'dusk' }] })).toEqual(
      [1, 1],
    );
  });
});

describe('drawn when closed', () => {
  it('two sliding knots have run up to the weave: each is a way off that is the travel and one knot', () => {
    const p = made({ kind: 'double-sliding' }, PLAIN);
    for (const { shape, takesMm } of ends(p)) {
      expect(run(shape).lengthMm).toBeCloseTo(opensBy(p) + body('sliding-1'), 6);
      expect(run(shape).leaves).toBeUndefined();
      expect(takesMm).toBeCloseTo(p.closed.gapMm / 2, 6);
    }
  });

  it('one sliding knot stands 4 mm off, and the other end comes out of it: across the gap less those 4', () => {
    const p = made({ kind: 'single-sliding' }, PLAIN);
    const [start, end] = ends(p);
    expect(run(start.shape).lengthMm).toBe(4);
    expect(run(end.shape).lengthMm).toBeCloseTo(p.closed.gapMm + opensBy(p) - 4, 6);
    expect(run(end.shape).leaves).toEqual({
      outMm: expect.closeTo(p.closed.gapMm - 4, 6) as number,
      how: 'hangs',
    });
  });

  it('running ends of a cinch come out a cord beyond where its loop reaches across the gap', () => {
    const p = made({ kind: 'cinch' }, PLAIN);
    const [start, end] = ends(p);
    // The loop takes a diamond, the inside of a bend round two cords and its own cord.
    expect(start.takesMm).toBeCloseTo(body('diamond') + 2 * D, 6);
    expect(loop(start.shape)).toMatchObject({ straightMm: 0, radiusMm: D, knot: 'diamond' });
    expect(end.takesMm).toBeCloseTo(p.closed.gapMm - start.takesMm, 6);
    expect(run(end.shape).lengthMm).toBeCloseTo(figure(p, 'stopper from the weave'), 6);
    expect(run(end.shape).leaves).toEqual({
      outMm: expect.closeTo(p.closed.gapMm - start.takesMm + D, 6) as number,
      how: 'hangs',
    });
  });

  it('a stopper stands up out of its loop; several on a row hang from it', () => {
    for (const knots of [1, 2, 3] as const) {
      const [start, end] = ends(made({ kind: 'knot-loop', knots }, PLAIN));
      expect(run(end.shape).lengthMm).toBeCloseTo(1.5 * D, 9);
      expect(run(end.shape).again ?? 0).toBe(knots - 1);
      expect(run(end.shape).leaves).toEqual({ outMm: 0, how: knots === 1 ? 'stands' : 'hangs' });
      // 1.05 of the diamond’s girth, round a neck of two cords: legs of (p − (π + 2)·d) / 2, and its own cord beyond.
      const straight = (1.05 * knotSize('diamond', D).girthMm - (Math.PI + 2) * D) / 2;
      expect(loop(start.shape).straightMm).toBeCloseTo(straight, 6);
      expect(loop(start.shape).radiusMm).toBe(D);
      expect(start.takesMm).toBeCloseTo(straight + 2 * D, 6);
    }
  });

  it('a bead stands on a neck of one and a half cords; in a shackle on one that goes through the rod, too', () => {
    const [, bead] = ends(made({ kind: 'bead', sizeMm: 18 }, PLAIN));
    expect(run(bead.shape)).toMatchObject({ beadMm: 18, leaves: { outMm: 0, how: 'stands' } });
    expect(run(bead.shape).lengthMm).toBeCloseTo(1.5 * D, 9);
    // A shackle of 16 mm has a rod of 5 and is 20 long inside: its bead is 4 mm larger than it.
    const [bow, inShackle] = ends(made({ kind: 'bead-shackle', sizeMm: 16 }, PLAIN));
    expect(run(inShackle.shape)).toMatchObject({ beadMm: 20, leaves: { outMm: 0, how: 'stands' } });
    expect(run(inShackle.shape).lengthMm).toBeCloseTo(5 + 1.5 * D, 9);
    expect(bow.shape).toMatchObject({ shape: 'bow', widthMm: 16, wireMm: 5 });
    if (bow.shape.shape !== 'bow') throw new Error('bow');
    expect(bow.shape.holesMm).toEqual([bow.shape.bowMm]);
    expect(bow.takesMm).toBeCloseTo(bow.shape.bowMm, 9);
  });

  it('the ends of a slider leave it at its far edges, capped or knotted', () => {
    const knotted = made({ kind: 'slider', knot: 'overhand' }, PLAIN);
    const capped = made({ kind: 'slider', knot: 'cap' }, PLAIN);
    for (const p of [knotted, capped])
      for (const { shape } of ends(p)) {
        const bar = figure(p, 'slider');
        expect(run(shape).lengthMm).toBeCloseTo((p.closed.gapMm + opensBy(p) + bar) / 2, 6);
        expect(run(shape).leaves).toEqual({
          outMm: expect.closeTo((p.closed.gapMm + bar) / 2, 6) as number,
          how: 'hangs',
        });
      }
    expect(ends(knotted).map(({ shape }) => [run(shape).knot, run(shape).capMm])).toEqual([
      ['overhand', undefined],
      ['overhand', undefined],
    ]);
    // Where its cord can be pointed at: the way, then the knot or the cap of 8 mm at its end.
    const reaches = (p: Plan) =>
      ends(p)[0]
        .legs(0)
        .map((l) => l.reachMm - run(ends(p)[0].shape).lengthMm);
    const near = (list: number[]) => list.map((mm) => expect.closeTo(mm, 6) as number);
    expect(reaches(capped)).toEqual(near([0, 8]));
    expect(reaches(knotted)).toEqual(near([0, body('overhand'), body('overhand')]));
    for (const { shape } of ends(capped)) {
      expect(run(shape).knot).toBeUndefined();
      expect(run(shape).capMm).toBeGreaterThan(0);
    }
  });

  it('a band wrapped twice round begins with its wraps; its lock stands a cord off', () => {
    const p = made({ kind: 'wrapped-band' }, PLAIN);
    const [start, end] = ends(p);
    expect(loop(start.shape)).toMatchObject({ straightMm: 0, radiusMm: D / 2, knot: 'prusik-3' });
    expect(run(end.shape)).toMatchObject({ knot: 'overhand-two', leaves: { outMm: 0, how: 'stands' } });
    expect(run(end.shape).lengthMm).toBeCloseTo(D, 9);
    expect(p.closed.danglesMm).toBeCloseTo(body('overhand-two'), 6);
    // Off one round, two are left on the hand.
    expect(p.closed.openMm! - p.closed.closedMm).toBeCloseTo(p.finishedLengthMm, 6);
  });

  it('a chain begins with its first loop, its own cord and the scaffold under it', () => {
    const p = made({ kind: 'chain-loop' }, CHAIN);
    const [start, end] = ends(p);
    const straight = (1.05 * knotSize('double-overhand', D).girthMm - (Math.PI + 2) * D) / 2;
    expect(loop(start.shape)).toMatchObject({ radiusMm: D, knot: 'two-loop-scaffold-2' });
    expect(loop(start.shape).straightMm).toBeCloseTo(straight, 6);
    expect(start.takesMm).toBeCloseTo(straight + 2 * D + body('two-loop-scaffold-2'), 6);
    expect(run(end.shape).lengthMm).toBeCloseTo(1.5 * D, 9);
  });
});

describe('a braid that is bent back into a loop', () => {
  it('lies round a third of its stopper’s width; strands without a part in the stopper are held by 60 mm at most', () => {
    for (const tailMm of [40, 100]) {
      const p = made({ kind: 'braid-loop' }, { ...BRAID, tailMm });
      const stopper = knotSize('overhand-two', D);
      expect(loop(ends(p)[0].shape).radiusMm).toBeCloseTo(stopper.widthMm / 3, 6);
      // Bent back as far as the loop takes: each stretch of it reaches there, and is tucked back from there.
      const { start } = p.bands[0]!;
      expect(start.legs(0).map((l) => l.reachMm)).toEqual([start.takesMm, start.takesMm, start.takesMm]);
      const idle = p.cords.flatMap((c) => c.parts).filter((x) => whyText(x.why).startsWith('whipped in'));
      // Four strands: two are tied in the overhand, two are not.
      expect(idle.map((x) => x.lengthMm)).toEqual([Math.min(tailMm, 60), Math.min(tailMm, 60)]);
    }
  });
});

describe('strands of a braid at its stopper', () => {
  it.each(['overhand-two', 'diamond', 'sliding-2', 'double-overhand'] as const)(
    '%s: those that it is tied in or goes round end in it, the others are whipped in',
    (knot) => {
      const p = made({ kind: 'braid-loop', knot }, BRAID);
      const { tied, passing } = knotSize(knot, D);
      const said = p.cords.flatMap((c) => c.parts).map((x) => whyText(x.why));
      expect(said.filter((text) => text.startsWith('whipped in'))).toHaveLength(4 - tied - passing);
      expect(said.filter((text) => text.startsWith('straight through the'))).toHaveLength(passing);
    },
  );
});

describe('a cinch', () => {
  it('keeps its ends a finger apart, 25 mm, give or take half a millimetre', () => {
    const gap = (gapMm: number) =>
      made({ kind: 'cinch', gapMm }, { ...PLAIN, cord: 'micro-1.2' }).checks.find(
        (c) => c.id === 'cinch.gap',
      )!;
    expect([gap(24.6).ok, gap(24.4).ok]).toEqual([true, false]);
    expect((gap(24.4).fix!.patch as { closure: { gapMm: number } }).closure.gapMm).toBe(25);
  });
});

describe('a slider in thinner cord', () => {
  const slider = (spec: Partial<ClosureSpec>, changes: Partial<Design> = PLAIN) =>
    made({ kind: 'slider', ...spec }, changes);
  const said = (p: Plan) => whyText(p.checks.find((c) => c.id === 'slider.cord')!.message);
  const extra = (p: Plan) => p.cords.find((c) => c.isExtra)!;

  it('says how thick its cord is against the band’s, and that its length is only known near that', () => {
    // 2 mm nylon pulled tight is half as thick as 4 mm nylon.
    const half = slider({ cord: 'nylon-2' });
    expect(extra(half).cordType).toBe('nylon-2');
    expect(said(half)).toContain('is 50 % as thick as the band’s');
    const alike = slider({ cord: 'nylon-4' });
    expect(said(alike)).toContain('is 100 % as thick as the band’s, but its bar is known for');
    expect(alike.checks.find((c) => c.id === 'slider.cord')!.ok).toBe(false);
  });

  it('takes of its own accord the thinner cord of the same fibre that is nearest to two thirds', () => {
    const d = (id: string) => effectiveDiameterMm(findCord(id)!);
    for (const cord of ['nylon-4', 'nylon-6', 'nylon-2']) {
      const { fibre } = findCord(cord)!;
      const thinner = CORDS.filter((c) => c.fibre === fibre && d(c.id) < d(cord));
      const off = (id: string) => Math.abs(d(id) / d(cord) - 0.66);
      const least = Math.min(...thinner.map((c) => off(c.id)));
      expect(off(extra(slider({}, { ...PLAIN, cord })).cordType), cord).toBeCloseTo(least, 9);
    }
  });

  it('is tied over both cords of each end of a doubled band, and over one of each of a single one', () => {
    const inside = (changes: Partial<Design>) => {
      const { shape } = ends(slider({}, changes))[0];
      return solvedFacts(run(shape).slider!.id)!.strands.filter((s) => s.role === 'core').length;
    };
    expect(inside(PLAIN)).toBe(4);
    // No double pass is known over those: it is the bar that is tied once.
    const once = slider({});
    const twice = slider({ start: 'twice' });
    expect(run(ends(twice)[0].shape).slider).toEqual(run(ends(once)[0].shape).slider);
    expect(figure(twice, 'slider')).toBe(figure(once, 'slider'));
    expect(inside({ pattern: { id: 'plain-band' }, cords: [{ colour: 'dusk' }] })).toBe(2);
  });
});

describe('a bead that two cords don’t fit through', () => {
  it('gives way to the next one that they do, in the cord that it is', () => {
    // Two cords of 4 mm are squeezed to 6.3 mm: holes of 4 and 6 mm are too narrow, the one of 8 mm is not.
    for (const [sizeMm, better] of [
      [10, 18],
      [14, 18],
      [18, undefined],
      [22, undefined],
    ] as const) {
      const check = made({ kind: 'bead', sizeMm }, PLAIN).checks.find((c) => c.id === 'bead.hole')!;
      expect(check.ok).toBe(better === undefined);
      const offered = check.fix && (check.fix.patch as { closure: { sizeMm: number } }).closure.sizeMm;
      expect(offered, `${sizeMm} mm`).toBe(better);
    }
    expect(
      whyText(made({ kind: 'bead', sizeMm: 14 }, PLAIN).checks.find((c) => c.id === 'bead.hole')!.message),
    ).toContain('squeezed to 6.3 mm, don’t fit through its 6 mm hole');
  });
});

describe('a strap in a pin buckle', () => {
  const strap = (sizeMm: number) =>
    made(
      { kind: 'pin-buckle', sizeMm },
      { product: 'watch-pass-under', measures: { hand: 200, lug: 24, lugToLug: 46, gap: 4, springBar: 1.5 } },
    );

  it('goes through while it is half a millimetre wider at most, and is offered the next buckle that it goes through', () => {
    for (const sizeMm of [16, 18, 20, 22, 26]) {
      const p = strap(sizeMm);
      const w = p.metrics.widthMm;
      const check = p.checks.find((c) => c.id === 'buckle.passes')!;
      expect(check.ok).toBe(w <= sizeMm + 0.5);
      const better = [16, 18, 20, 22, 26].find((mm) => mm + 0.5 >= w);
      const offered = check.fix && (check.fix.patch as { closure: { sizeMm: number } }).closure.sizeMm;
      expect(offered).toBe(check.ok ? undefined : better);
    }
  });

  it('has a frame as long as it is from bar to frame, and the pin goes in where the strap runs on', () => {
    const p = strap(20);
    expect(ends(p)[0].shape).toMatchObject({
      shape: 'frame',
      lengthMm: 10,
      widthMm: 20,
      wireMm: 2.2,
      hasPin: true,
    });
    expect(p.bands[0]!.marks.find((m) => m.label === 'pin here')!.atMm).toBeCloseTo(
      p.bands[0]!.startMm + p.bands[0]!.wovenMm - 45,
      6,
    );
  });
});

describe('a ring that slips on', () => {
  it('is loose where more than a third and a little, 0.35 of the girth, is left over', () => {
    const loose = (hand: number) =>
      made({ kind: 'slip-on' }, { ...BRAID, measures: { hand } }).checks.find((c) => c.id === 'slip.loose')!;
    // A wrist of 170: worn on a hand and 10 mm to spare, it has 59.5 mm of slack at 229.5, a hand of 219.5.
    expect(loose(219).ok).toBe(true);
    expect(loose(220).ok).toBe(false);
    expect(whyText(loose(220).message)).toContain('35 % of the girth');
  });
});
