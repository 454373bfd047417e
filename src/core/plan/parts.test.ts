import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { END_MM, handLengthMm } from '../chance/hands.ts';
import { larksHeadLegMm, roundBar, turnRoundBarMm } from '../closures/attach.ts';
import type { Design } from '../formats/design.gen.ts';
import { parseDesign } from '../formats/design.ts';
import { whyText } from '../why/why.ts';
import { plan } from './plan.ts';
import type { CordCut, CordPart, Plan } from './types.ts';

/** 4 mm nylon pulled tight. */
const D = 3.68;
/** What hands hold of an end in it, by hand. */
const ROW = 75;
const KNOT = 55;

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Part by part',
  product: 'bracelet',
  wearer: { name: 'Lin', girthMm: 180 },
  measures: { hand: 210 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'separate' },
  cords: [{ colour: 'ember' }, { colour: 'dusk' }],
  closure: { kind: 'side-release', sizeMm: 15 },
  roundToMm: 1,
};
const planned = (changes: Partial<Design> = {}): Plan => {
  const made = plan({ ...BASE, ...changes });
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return made.value;
};
const SPARE = new Set<CordPart['what']>(['margin', 'rounding']);
/** What a cord is cut for, in order, without its spare. */
const laid = (cord: CordCut): CordPart[] => cord.parts.filter((p) => !SPARE.has(p.what));
const lengths = (cord: CordCut): number[] => laid(cord).map((p) => p.lengthMm);
const close = (actual: readonly number[], wanted: readonly number[]) => {
  expect(actual).toHaveLength(wanted.length);
  for (const [i, mm] of wanted.entries()) expect(actual[i]).toBeCloseTo(mm, 6);
};
const working = (p: Plan) => p.cords[0]!;
const core = (p: Plan) => p.cords[1]!;
const uses = (p: Plan, role: 'core' | 'work') =>
  p.metrics.strands.filter((s) => (s.role === 'core') === (role === 'core')).map((s) => s.perLength);

/** A buckle's bar is 3 × 2.5 mm. */
const LEG = 2 * (3 + 2.5) + Math.PI * D + D;
const TURN = 2 * 3 + (Math.PI * (2.5 + D)) / 2;

describe('cord round what it is tied to', () => {
  it('a flat bar: a lark’s head leg goes 2(w + t) + πd and half a strap; a turn 2w + π(t + d)/2', () => {
    expect(larksHeadLegMm({ widthMm: 5, thicknessMm: 2 }, 4).lengthMm).toBeCloseTo(14 + 4 * Math.PI + 4, 9);
    expect(turnRoundBarMm({ widthMm: 5, thicknessMm: 2 }, 4).lengthMm).toBeCloseTo(10 + 3 * Math.PI, 9);
  });

  it('a rod: a leg goes π(rod + d) and half a strap; a turn half of that round, and the rod past its middle', () => {
    expect(larksHeadLegMm(roundBar(2), 4).lengthMm).toBeCloseTo(6 * Math.PI + 4, 9);
    expect(turnRoundBarMm(roundBar(2), 4).lengthMm).toBeCloseTo(2 + 3 * Math.PI, 9);
    // A rod is no square bar: four sides of 2 mm would ask for 8 + 4π.
    expect(larksHeadLegMm(roundBar(2), 4).lengthMm).not.toBeCloseTo(8 + 4 * Math.PI + 4, 3);
  });
});

describe('separate cords on a buckle', () => {
  const p = planned();
  const W = p.wovenLengthMm;
  const row = p.metrics.rowHeightMm;

  it('a working cord: hand length, weave, half the way behind two cores; the same again', () => {
    // Behind two cores and past two edges go four diameters: two for each end.
    const [a, b] = uses(p, 'work');
    close(lengths(working(p)), [ROW, W * a!, 2 * D, 2 * D, W * b!, ROW]);
  });

  it('a core cord: four rows back, turn, core run, hitch; the same again', () => {
    const [a, b] = uses(p, 'core');
    const back = TURN + 4 * row;
    // A core starts with the cord’s depth of the hitch.
    close(lengths(core(p)), [back, D + W * a!, LEG, LEG, D + W * b!, back]);
  });

  it('the middle of each is where its fold is', () => {
    for (const cord of p.cords) {
      const fold = cord.marks.find((m) => m.what === 'fold')!;
      expect(fold.atMm).toBeCloseTo(cord.cutLengthMm / 2, 9);
    }
  });
});

describe('hitched at the second bar, too', () => {
  const p = planned({ closure: { kind: 'side-release', sizeMm: 15, attach: 'hitched' } });
  const W = p.wovenLengthMm;

  it('working ends end in a lark’s head leg, and cores are tucked under two rows or 10 mm', () => {
    const [a, b] = uses(p, 'work');
    close(lengths(working(p)), [ROW, LEG, W * a!, 2 * D, 2 * D, W * b!, LEG, ROW]);
    const [c, d] = uses(p, 'core');
    const tuck = Math.max(10, 2 * p.metrics.rowHeightMm);
    close(lengths(core(p)), [tuck, D + W * c!, LEG, LEG, D + W * d!, tuck]);
  });

  it('in thin cord the 10 mm are more than two rows', () => {
    const thin = planned({
      cord: 'nylon-2',
      closure: { kind: 'side-release', sizeMm: 10, attach: 'hitched' },
    });
    expect(2 * thin.metrics.rowHeightMm).toBeLessThan(10);
    expect(lengths(core(thin))[0]).toBeCloseTo(10, 9);
  });
});

describe('one folded cord on a buckle', () => {
  const p = planned({ setup: { style: 'folded' }, cords: [{ colour: 'dusk' }] });
  const W = p.wovenLengthMm;

  it('goes from its fold: hitch, core run, turn, weave, hand length, to both sides', () => {
    const [work, inside] = [uses(p, 'work'), uses(p, 'core')];
    const half = (k: number) => [LEG, D + W * inside[k]!, TURN, W * work[k]!, ROW];
    close(lengths(p.cords[0]!), [...half(0).toReversed(), ...half(1)]);
  });

  it('the spare lies outside of both hand lengths, never at the fold', () => {
    const what = p.cords[0]!.parts.map((x) => x.what);
    expect(what[0]).toBe('margin');
    expect(what.at(-2)).toBe('margin');
    expect(what.slice(1, -2)).not.toContain('margin');
  });
});

describe('two fused cords', () => {
  const p = planned({ setup: { style: 'fused' } });
  const W = p.wovenLengthMm;

  it('the first carries the other’s hitch and 30 mm under the rows; the second has what is left', () => {
    const [work, inside] = [uses(p, 'work'), uses(p, 'core')];
    const shift = D + 30;
    close(lengths(p.cords[0]!), [shift, LEG, LEG, D + W * inside[0]!, TURN, W * work[0]!, ROW]);
    close(lengths(p.cords[1]!), [D + W * inside[1]! - shift, TURN, W * work[1]!, ROW]);
    expect(p.bands[0]!.marks.find((m) => m.label.startsWith('colours joined'))!.atMm).toBeCloseTo(shift, 9);
  });
});

describe('cords hitched side by side', () => {
  const p = planned({ setup: { style: 'side-by-side' }, cords: [{ colour: 'dusk' }] });
  const W = p.wovenLengthMm;

  it('a working end beside a core: each has its own leg, and the fold lies between', () => {
    const [work, inside] = [uses(p, 'work'), uses(p, 'core')];
    const back = TURN + 4 * p.metrics.rowHeightMm;
    const [first, second] = p.cords;
    // In order on the bar: work, core, core, work.
    close(lengths(first!), [ROW, W * work[0]!, LEG, LEG, D + W * inside[0]!, back]);
    close(lengths(second!), [back, D + W * inside[1]!, LEG, LEG, W * work[1]!, ROW]);
    const spare = first!.parts[0]!.lengthMm;
    const fold = first!.marks.find((m) => m.what === 'fold')!;
    expect(fold.atMm).toBeCloseTo(spare + ROW + W * work[0]! + LEG, 6);
  });
});

describe('a weave without cores', () => {
  it('hitched on a spring bar or buckle: both ends of every strand have their leg', () => {
    const p = planned({ pattern: { id: 'flat-braid-4' }, cords: [{ colour: 'dusk' }] });
    const W = p.wovenLengthMm;
    const [a, b] =
      uses(p, 'work').length === 1 ? [uses(p, 'work')[0]!, uses(p, 'work')[0]!] : uses(p, 'work');
    close(lengths(p.cords[0]!), [ROW, LEG, W * a!, LEG, LEG, W * b!, LEG, ROW]);
  });

  it('of an odd number of strands: the last is led back 25 mm along itself instead of folded', () => {
    const p = planned({ pattern: { id: 'flat-braid-3' }, cords: [{ colour: 'dusk' }] });
    const W = p.wovenLengthMm;
    const [a] = uses(p, 'work');
    close(lengths(p.cords.at(-1)!), [25, LEG, W * a!, LEG, ROW]);
  });
});

describe('a bead and a ring in the band', () => {
  it('a working end goes straight past a bead: its length instead of a weave so long', () => {
    const size = 12;
    const p = planned({ addons: [{ kind: 'bead', at: { row: 12 }, sizeMm: size }] });
    const [a] = uses(p, 'work');
    const parts = laid(working(p));
    expect(parts.find((x) => x.what === 'weave')!.lengthMm).toBeCloseTo((p.wovenLengthMm - size) * a!, 6);
    expect(parts.filter((x) => whyText(x.why).startsWith('straight past')).map((x) => x.lengthMm)).toEqual([
      size,
      size,
    ]);
  });

  it('a collar’s ring of 3.5 mm wire asks for 7 mm on each row that goes over it', () => {
    const p = planned({
      product: 'collar',
      wearer: { name: 'Halley', girthMm: 400 },
      measures: { ringAt: 60, ringFlat: 20 },
      closure: { kind: 'side-release', sizeMm: 25 },
    });
    const over = laid(working(p)).filter((x) => whyText(x.why).startsWith('over the ring'));
    const rows = p.bands[0]!.addons[0]!.toRow - p.bands[0]!.addons[0]!.fromRow + 1;
    expect(rows).toBe(Math.ceil(20 / p.metrics.rowHeightMm));
    close(
      over.map((x) => x.lengthMm),
      [7 * rows, 7 * rows],
    );
  });
});

describe('a keeper', () => {
  it('is twice round two layers of strap, and two ends to tie and tuck', () => {
    const p = planned({ product: 'watch-pass-under', closure: { kind: 'pin-buckle', sizeMm: 20 } });
    const keeper = p.cords.find((c) => c.isExtra)!;
    const { widthMm: w, thicknessMm: t } = p.metrics;
    close(lengths(keeper), [2 * (2 * (w + 2 * t) + Math.PI * D), 2 * KNOT]);
  });

  it('never asks for more than 60 mm an end', () => {
    const p = planned({
      product: 'watch-pass-under',
      closure: { kind: 'pin-buckle', sizeMm: 20 },
      tailMm: 90,
    });
    const keeper = p.cords.find((c) => c.isExtra)!;
    expect(lengths(keeper)[1]).toBeCloseTo(120, 9);
  });
});

describe('where stretches lie along the band', () => {
  it('a way past a bead is as long as the bead, half of it before its middle and half behind', () => {
    const p = planned({ addons: [{ kind: 'bead', at: { centre: true }, sizeMm: 12 }] });
    const [bead] = p.bands[0]!.addons;
    const past = p.cords.flatMap((c) => c.parts.filter((x) => whyText(x.why).startsWith('straight past')));
    // Both working ends go past it.
    expect(past).toHaveLength(2);
    for (const part of past) {
      expect(part.lengthMm).toBe(12);
      expect(part.fromMm).toBeCloseTo(bead!.atMm - 6, 9);
      expect(part.toMm).toBeCloseTo(bead!.atMm + 6, 9);
    }
  });

  it('stretches beyond the weave go on from each other, away from it', () => {
    const p = planned({
      pattern: { id: 'plain-band' },
      cord: 'nylon-2',
      cords: [{ colour: 'dusk' }],
      closure: { kind: 'double-sliding' },
    });
    const [band] = p.bands;
    const end = band!.startMm + band!.wovenMm;
    for (const cord of p.cords) {
      const outside = laid(cord).filter((x) => x.what === 'closure' && x.fromMm !== undefined);
      const after = outside.filter((x) => x.fromMm! >= end - 1e-6);
      const before = outside.filter((x) => x.toMm! <= band!.startMm + 1e-6);
      expect(after.length + before.length).toBe(outside.length);
      expect(after.length).toBeGreaterThan(1);
      for (const side of [
        after.toSorted((a, b) => a.fromMm! - b.fromMm!),
        before.toSorted((a, b) => b.toMm! - a.toMm!),
      ])
        for (const [k, part] of side.entries()) {
          const next = side[k + 1];
          if (!next) continue;
          const isAfter = side[0]!.fromMm! >= end - 1e-6;
          const gap = isAfter ? next.fromMm! - part.toMm! : part.fromMm! - next.toMm!;
          expect(gap).toBeCloseTo(0, 6);
        }
    }
  });
});

describe('a splice', () => {
  it('takes 3 mm of each of its two ends, and the pieces of a strand make up its weave', () => {
    const p = planned({ sequence: { text: '9A 9B 10A', way: 'splice' } });
    const melted = p.cords.flatMap((c) => c.parts.filter((x) => whyText(x.why) === 'melts into the splice'));
    // Two working ends, two changes, two ends at each.
    expect(melted.map((x) => x.lengthMm)).toEqual(Array(8).fill(3));
    for (const strand of p.metrics.strands.filter((s) => s.role !== 'core')) {
      const woven = p.cords.flatMap((c) =>
        c.parts.filter((x) => x.what === 'weave' && x.strand === strand.name),
      );
      expect(woven.reduce((sum, x) => sum + x.lengthMm, 0)).toBeCloseTo(
        p.wovenLengthMm * strand.perLength,
        6,
      );
    }
  });
});

describe('cords that change places', () => {
  it('go half the band’s width each time, and weave what is theirs', () => {
    const p = planned({ sequence: { text: '9A 9B 10A', way: 'swap' } });
    const half = p.metrics.widthMm / 2;
    const row = p.wovenLengthMm / p.rows;
    for (const [cord, rows] of [
      [0, p.rows - 9],
      [1, 9],
    ] as const) {
      const parts = laid(p.cords[cord]!);
      expect(parts.filter((x) => whyText(x.why).startsWith('changes places')).map((x) => x.lengthMm)).toEqual(
        Array(4).fill(half),
      );
      const woven = parts.filter((x) => x.what === 'weave').reduce((sum, x) => sum + x.lengthMm, 0);
      const [a, b] = uses(p, 'work');
      expect(woven).toBeCloseTo(rows * row * (a! + b!), 6);
    }
  });
});

describe('what is used, and what is left', () => {
  it('of a hand length the last 5 mm stay in the band; the rest and the spare come off', () => {
    const p = planned();
    const cord = working(p);
    const sum = (what: CordPart['what']) =>
      cord.parts.filter((x) => x.what === what).reduce((total, x) => total + x.lengthMm, 0);
    const used = sum('weave') + sum('attach') + 2 * END_MM;
    expect(END_MM).toBe(5);
    expect(cord.usedLengthMm).toBeCloseTo(used, 6);
  });

  it('hand lengths by what is done with the end, in the cord that they were measured in', () => {
    expect(handLengthMm('row', 'fingers', D)).toBe(ROW);
    expect(handLengthMm('knot', 'fingers', D)).toBe(KNOT);
    expect(handLengthMm('row', 'tool', D)).toBe(40);
  });

  it('half of a hand length goes with the cord’s thickness', () => {
    expect(handLengthMm('row', 'fingers', 2 * D)).toBe(Math.round(75 * 1.5));
    expect(handLengthMm('row', 'fingers', D / 2)).toBe(Math.round(75 * 0.75));
  });
});

describe('the cord of a slider', () => {
  const read = parseDesign(readFileSync('examples/sade-equinox-band.json', 'utf8'));
  const made = read.ok ? plan(read.value) : undefined;
  const cords = made?.ok ? made.value.cords : [];
  const [band, slider] = [cords.find((c) => !c.isExtra)!, cords.find((c) => c.isExtra)!];
  const margins = (cord: CordCut) => cord.parts.filter((x) => x.what === 'margin');
  /** “2.87 times that”: the quantile that a spare is cut for. */
  const times = (x: CordPart) => Number(/([\d.]+) times that/.exec(whyText(x.why))![1]);

  it('is cut for the same promise as the band that it closes', () => {
    expect(times(margins(slider)[0]!)).toBe(times(margins(band)[0]!));
  });

  it('has half of its spare at either end, and both ends have all of it', () => {
    const [one, other] = margins(slider) as [CordPart, CordPart];
    expect(one.lengthMm).toBe(other.lengthMm);
    const whole = one.why.flatMap((part) => (typeof part !== 'string' && 'mm' in part ? [part.mm] : []))[0]!;
    expect(one.lengthMm + other.lengthMm).toBeCloseTo(whole, 9);
    // The one pass of the slider, 50.8 cm, × (e^(q·σ) − 1).
    const closure = slider.parts.filter((x) => x.what === 'closure').reduce((sum, x) => sum + x.lengthMm, 0);
    const percent = Number(/is ([\d.]+) %/.exec(whyText(one.why))![1]);
    expect(Math.abs(whole / closure - percent / 100)).toBeLessThan(0.001);
  });
});
