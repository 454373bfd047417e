import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, it } from 'vitest';
import { findColour, PALETTE } from '../colour/palette.ts';
import type { Design } from '../formats/design.ts';
import { parseDesign } from '../formats/design.ts';
import { loadWeave, WEAVES } from '../patterns/index.ts';
import type { SolvedWeave } from '../patterns/types.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/types.ts';
import { beamScene, closedSpan } from './beam.ts';
import { paintTubes, project } from './paint.ts';
import { sampleColours, sampleScene } from './sample.ts';
import { fix, PER_MM, type Shape } from './shape.ts';
import { sceneSvg } from './svg.ts';
import { inkOn, luminance, mix } from './tone.ts';
import { bandTubes, smoothTube, type Tube } from './tubes.ts';

let design: Design;
let planned: Plan;
let solved: SolvedWeave;
beforeAll(async () => {
  const read = parseDesign(readFileSync('examples/ines-dome-night.json', 'utf8'));
  if (!read.ok) throw new Error('example');
  design = read.value;
  const made = plan(design);
  if (!made.ok) throw new Error('plan');
  planned = made.value;
  solved = (await loadWeave('solomon-bar'))!;
});

/** Every coordinate pair of a path, in mm. */
const points = (shape: Shape): [number, number][] =>
  [...shape.d.matchAll(/(-?\d+) (-?\d+)/g)].map((m) => [Number(m[1]) / PER_MM, Number(m[2]) / PER_MM]);

describe('tones', () => {
  it('mix from one colour to the other', () => {
    expect(mix('#000000', '#ffffff', 0)).toBe('#000000');
    expect(mix('#000000', '#ffffff', 1)).toBe('#ffffff');
    expect(mix('#200000', '#400000', 0.5)).toBe('#300000');
  });

  it('know black, white and the mid grey of WCAG', () => {
    expect(luminance('#000000')).toBe(0);
    expect(luminance('#ffffff')).toBeCloseTo(1, 9);
    expect(luminance('#777777')).toBeCloseTo(0.184, 3);
  });

  it('choose an ink that reads at 4.5 : 1 on every cord and every fading of it', () => {
    const contrast = (a: string, b: string) => {
      const [x, y] = [luminance(a), luminance(b)].sort((p, q) => q - p) as [number, number];
      return (x + 0.05) / (y + 0.05);
    };
    for (const colour of PALETTE) {
      for (const fade of [0, 0.3, 0.5, 0.62, 0.78, 0.86]) {
        const ground = mix(colour.base, '#ffffff', fade);
        expect(contrast(ground, inkOn(ground)), `${colour.name} ${fade}`).toBeGreaterThanOrEqual(4.5);
      }
    }
  });
});

describe('views', () => {
  it('turn the piece about its length: right-handed, back is front turned by half', () => {
    expect(project('front', 1, 2, 3)).toEqual([2, 1, 3]);
    expect(project('back', 1, 2, 3)).toEqual([2, -1, -3]);
    expect(project('edge', 1, 2, 3)).toEqual([2, -3, 1]);
    // Handedness: screen right × screen up = towards the eye, in every view.
    for (const view of ['front', 'back', 'edge'] as const) {
      const axes = [
        [1, 0, 0],
        [0, 1, 0],
        [0, 0, 1],
      ].map(([x, y, z]) => project(view, x!, y!, z!));
      const m = axes.map(([sx, sy, depth]) => [sx, -sy, depth]) as number[][];
      const det =
        m[0]![0]! * (m[1]![1]! * m[2]![2]! - m[1]![2]! * m[2]![1]!) -
        m[0]![1]! * (m[1]![0]! * m[2]![2]! - m[1]![2]! * m[2]![0]!) +
        m[0]![2]! * (m[1]![0]! * m[2]![1]! - m[1]![1]! * m[2]![0]!);
      expect(det, view).toBe(1);
    }
  });
});

describe('tubes', () => {
  const band = (rows: number, wovenMm: number) =>
    bandTubes({ solved, diameterMm: 4, rows, wovenMm, startMm: 10, spans: new Map() });

  it('run from the start of the weave to its end, spread or packed to fit', () => {
    for (const [rows, woven] of [
      [10, 60],
      [10, 70],
      [31, 170],
    ] as const) {
      const a = band(rows, woven).find((t) => t.strand === 'A')!;
      const n = a.points.length;
      expect(a.points[1]).toBeCloseTo(10, 6);
      expect(a.points[n - 2]).toBeCloseTo(10 + woven, 0);
    }
  });

  it('repeat themselves after a period', () => {
    const a = band(10, (10 * solved.periodD * 4) / solved.rowsPerPeriod).find((t) => t.strand === 'A')!;
    const per = solved.points[2]!.length;
    for (let i = 0; i < per; i += 30) {
      expect(a.points[i + per]).toBeCloseTo(a.points[i]!, 6);
      expect(a.points[i + per + 1]! - a.points[i + 1]!).toBeCloseTo(solved.periodD * 4, 1);
    }
  });

  it('count one for every passage abreast', async () => {
    const braid = (await loadWeave('flat-braid-5'))!;
    const tubes = bandTubes({
      solved: braid,
      diameterMm: 4,
      rows: 12,
      wovenMm: 40,
      startMm: 0,
      spans: new Map(),
    });
    expect(tubes.map((t) => t.lane)).toEqual([0, 1, 2, 3, 4]);
    // At any height the five passages lie in five places.
    const across = tubes.map((t) => {
      for (let i = 0; i < t.points.length; i += 3) if (t.points[i + 1]! > 20) return t.points[i]!;
      return Number.NaN;
    });
    const sorted = across.toSorted((p, q) => p - q);
    expect(sorted.at(-1)! - sorted[0]!).toBeGreaterThan(6);
    expect(new Set(sorted.map((v) => v.toFixed(2))).size).toBe(5);
  });

  it('wind with a weave that winds', async () => {
    const spiral = (await loadWeave('spiral-bar'))!;
    const rows = Math.round((2 * Math.PI) / Math.abs(spiral.turn!));
    const core = bandTubes({
      solved: spiral,
      diameterMm: 1,
      rows,
      wovenMm: rows * spiral.periodD,
      startMm: 0,
      spans: new Map(),
    })[0]!;
    const n = core.points.length;
    // One full turn on, the core is back where it was, within half a row’s turn.
    const turnOff = Math.abs(rows * Math.abs(spiral.turn!) - 2 * Math.PI);
    expect(
      Math.hypot(core.points[n - 3]! - core.points[0]!, core.points[n - 1]! - core.points[2]!),
    ).toBeLessThan(turnOff + 0.1);
    const half = 3 * Math.round(n / 6);
    expect(
      Math.hypot(core.points[half]! + core.points[0]!, core.points[half + 2]! + core.points[2]!),
    ).toBeLessThan(0.5);
  });

  it('pass smoothly through every way-point', () => {
    const like: Omit<Tube, 'points'> = { radiusMm: 2, strand: 'X', role: 'work', lane: 0, cord: 0, arcMm: 0 };
    const way = [
      [0, 0, 0],
      [5, 3, 1],
      [9, 0, 2],
      [12, 4, 0],
    ] as const;
    const tube = smoothTube(way, like, 6);
    way.forEach((p, i) => {
      for (const axis of [0, 1, 2]) expect(tube.points[18 * i + axis]).toBeCloseTo(p[axis]!, 9);
    });
  });
});

describe('paint', () => {
  const straight = (z: number, strand: string, cord: number, along: boolean): Tube => ({
    points: Float64Array.from(
      Array.from({ length: 21 }, (_, i) => (along ? [0, i - 10, z] : [i - 10, 0, z])).flat(),
    ),
    radiusMm: 1,
    strand,
    role: 'work',
    lane: 0,
    cord,
    arcMm: 0,
  });
  const colours = [findColour('ember')!, findColour('dusk')!];

  it('lays what is nearer to the eye over what is farther, in every view', () => {
    const tubes = [straight(1, 'top', 0, true), straight(-1, 'low', 1, false)];
    const order = (view: 'front' | 'back') => paintTubes(tubes, colours, view).shapes.map((s) => s.strand);
    expect(order('front').lastIndexOf('low')).toBeLessThan(order('front').indexOf('top'));
    expect(order('back').lastIndexOf('top')).toBeLessThan(order('back').indexOf('low'));
  });

  it('puts hardware between what passes behind its bar and what passes before it', () => {
    const { shapes, middle } = paintTubes(
      [straight(1, 'top', 0, true), straight(-1, 'low', 1, false)],
      colours,
      'front',
    );
    expect(shapes.slice(0, middle).every((s) => s.strand === 'low')).toBe(true);
    expect(shapes.slice(middle).every((s) => s.strand === 'top')).toBe(true);
  });

  it('draws a straight cord straight, as thick as it is, with few points', () => {
    const { shapes } = paintTubes([straight(0, 'one', 0, true)], colours, 'front');
    const outline = shapes.find((s) => s.part === 'outline')!;
    expect(outline.width).toBe(2);
    expect(points(outline)).toHaveLength(2);
    expect(points(outline)[1]![0] - points(outline)[0]![0]).toBeGreaterThan(20);
  });

  it('draws a cord that is pressed flat wider where its broad side is seen, thinner on its edge', () => {
    // A quarter wider than round across x, a fifth thinner towards the front (z).
    const flat = Float64Array.from(Array.from({ length: 21 }, () => [0, 0, Math.log(1.25)]).flat());
    const width = (view: 'front' | 'back' | 'edge') =>
      paintTubes([{ ...straight(0, 'one', 0, true), flat }], colours, view).shapes.find(
        (s) => s.part === 'outline',
      )!.width!;
    expect(width('front') / 2).toBeCloseTo(1.25, 1.3);
    expect(width('back')).toBe(width('front'));
    expect(width('edge') / 2).toBeCloseTo(0.8, 1.3);
  });

  it('runs flecks and stripes along the cord’s own length', () => {
    const plain = paintTubes([straight(0, 'one', 0, true)], [findColour('ember')!], 'front').shapes.length;
    for (const id of ['comet', 'meridian']) {
      const more = paintTubes([straight(0, 'one', 0, true)], [findColour(id)!], 'front').shapes;
      expect(more.length, id).toBeGreaterThan(plain);
    }
  });
});

describe('the Beam', () => {
  it('is to scale: closed length, woven length and buckle are where the plan says', () => {
    const scene = beamScene(planned, { weave: solved, knots: new Map() }, 'front');
    const span = closedSpan(planned);
    expect(span.toMm - span.fromMm).toBeCloseTo(planned.finishedLengthMm + 0, 6);
    const hardware = scene.shapes.filter((s) => !s.strand).flatMap(points);
    expect(Math.min(...hardware.map((p) => p[0]))).toBeCloseTo(span.fromMm, 1);
    const woven = scene.shapes.filter((s) => s.strand === 'A' && s.part === 'outline').flatMap(points);
    const end = planned.bands[0]!.startMm + planned.wovenLengthMm;
    expect(Math.max(...woven.map((p) => p[0]))).toBeLessThan(end + 4);
    expect(Math.max(...woven.map((p) => p[0]))).toBeGreaterThan(end - 6);
    const across = woven.map((p) => p[1]);
    expect(Math.max(...across) - Math.min(...across) + planned.metrics.diameterMm).toBeCloseTo(
      planned.metrics.widthMm,
      0,
    );
  });

  it.each(['front', 'back', 'edge'] as const)(
    'keeps inside its own frame, for every weave, from the %s',
    async (view) => {
      for (const w of WEAVES.filter((_, i) => i % 3 === 0)) {
        const made = (await loadWeave(w.id))!;
        const style = made.strands.some((s) => s.role === 'core') ? 2 : 1;
        const d: Design = {
          ...design,
          pattern: { id: w.id },
          setup: { style: 'separate' },
          cords: design.cords.slice(0, style),
        };
        const p = plan(d);
        if (!p.ok) throw new Error(w.id);
        const scene = beamScene(p.value, { weave: made, knots: new Map() }, view);
        const outlines = scene.shapes.filter((s) => s.part === 'outline');
        const across = outlines.flatMap(points).map(([x]) => x);
        expect(across.length, w.id).toBeGreaterThan(0);
        // Compared first, as there are thousands of points.
        const out = across.filter((x) => !(x >= scene.minX - 8 && x <= scene.minX + scene.widthMm + 8));
        expect(out, w.id).toEqual([]);
      }
    },
  );

  it('shows the joined colours from the first bar to the join, then both', () => {
    const scene = beamScene(planned, { weave: solved, knots: new Map() }, 'front');
    const reach = (cord: number) =>
      scene.shapes
        .filter((s) => s.strand === 'C2' && s.cord === cord && s.part === 'outline')
        .flatMap(points)
        .map((p) => p[0]);
    const join = planned.bands[0]!.marks[0]!.atMm;
    const [first, second] = [reach(0), reach(1)];
    expect(Math.max(...first)).toBeLessThan(join + 2);
    expect(Math.min(...second)).toBeGreaterThan(join - 4);
  });

  it('is written as SVG to scale, with titles made safe', () => {
    const scene = beamScene(planned, { weave: solved, knots: new Map() }, 'back');
    const svg = sceneSvg(scene, 'Ines & "Lin" <band>');
    expect(svg).toContain('<title>Ines &amp; &quot;Lin&quot; &lt;band&gt;</title>');
    expect(svg).toContain(`width="${scene.widthMm.toFixed(2)}mm"`);
    expect(svg.match(/<path/g)).toHaveLength(scene.shapes.length);
    expect(svg).not.toContain('style=');
    expect(fix(1.234)).toBe('123');
  });
});

describe('samples', () => {
  it('give cores one quiet colour and every working strand its own', async () => {
    const bar = (await loadWeave('double-bar'))!;
    expect(sampleColours(bar)).toEqual([0, 0, 1, 2, 3, 4]);
  });

  it('frame a knot’s body and leave its long leads out', async () => {
    const knot = (await loadWeave('overhand'))!;
    const scene = sampleScene(knot, 'front', 14, 1);
    expect(scene.widthMm).toBeLessThan(knot.bodyD + 6);
    expect(scene.widthMm).toBeGreaterThan(knot.bodyD - 1);
  });
});
