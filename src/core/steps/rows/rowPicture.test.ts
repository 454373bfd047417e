import { describe, expect, it } from 'vitest';
import { findColour } from '../../colour/palette.ts';
import { findPattern } from '../../patterns/index.ts';
import { movesOf } from './moves.ts';
import { AMBER } from './moving.ts';
import { rowPicture } from './rowPicture.ts';

const LOOKS = [findColour('dusk')!, findColour('ember')!];
const D = 4;

function picture(weave: string, done: number, row = 0, diameterMm = D) {
  const tying = movesOf(findPattern(weave)!.draw())!;
  const { labels, scene } = rowPicture({ tying, row, done, cordOf: () => 0, looks: LOOKS, diameterMm });
  return { labels, scene, tying };
}

describe('names of the ends in a picture of a row', () => {
  it('are left and right for two ends, on their sides, as far out as each other and at one height', () => {
    for (const done of [0, 1, 2]) {
      const [left, right] = picture('solomon-bar', done).labels;
      expect([left!.text, right!.text]).toEqual(['L', 'R']);
      expect(left!.x).toBeLessThan(0);
      expect(right!.x).toBeCloseTo(-left!.x, 6);
      expect(right!.y).toBeCloseTo(left!.y, 6);
    }
  });

  it('stand 1.1 diameters outside the end and 0.4 above it, at the outer edges of a bar', () => {
    const { labels, tying } = picture('solomon-bar', 0);
    const starts = tying
      .row(0)
      .order.map((p) => p.fromX)
      .toSorted((a, b) => a - b);
    expect(Math.abs(labels[0]!.x)).toBeCloseTo((Math.max(...starts.map(Math.abs)) + 1.1) * D, 6);
    const doubled = picture('solomon-bar', 0, 0, 2 * D).labels;
    expect(doubled[0]!.x).toBeCloseTo(2 * labels[0]!.x, 6);
    expect(doubled[0]!.y).toBeCloseTo(2 * labels[0]!.y, 6);
  });

  it.each([3, 4, 5, 6])(
    'are numbers from left to right in a flat braid of %d, over their own ends',
    (strands) => {
      const { labels, tying } = picture(`flat-braid-${strands}`, 0);
      const texts = labels.map((l) => l.text);
      expect(texts).toEqual(Array.from({ length: texts.length }, (_, i) => String(i + 1)));
      const xs = labels.map((l) => l.x);
      expect(xs).toEqual(xs.toSorted((a, b) => a - b));
      const starts = tying
        .row(0)
        .order.map((p) => Math.abs(p.fromX))
        .toSorted((a, b) => a - b);
      expect(xs.map((x) => Math.abs(x) / D).toSorted((a, b) => a - b)).toEqual(
        starts.map((s) => expect.closeTo(s, 6) as number),
      );
    },
  );

  it('stand a quarter of a cord below where a braid’s ends come in, 0.4 above it beside a bar', () => {
    for (const [weave, off] of [
      ['flat-braid-4', 0.25],
      ['flat-braid-5', 0.25],
      ['solomon-bar', -0.4],
    ] as const) {
      const { labels, scene, tying } = picture(weave, 0);
      const { period, rows } = tying.cut.spec;
      // The picture begins nine tenths of a row above where the ends of the first row come in.
      const comesIn = scene.minY / D + 0.9 * (period / rows);
      const heights = labels.map((l) => l.y / D - comesIn);
      expect(heights).toEqual(heights.map(() => expect.closeTo(off, 6) as number));
      expect(heights.length).toBeGreaterThan(1);
    }
  });

  it('stand in a picture that begins where the ends of the first row come in: nine tenths of a row above it', () => {
    for (const weave of ['solomon-bar', 'flat-braid-4', 'fishtail']) {
      const { scene, tying } = picture(weave, 0);
      const { period, rows } = tying.cut.spec;
      expect(scene.minY, weave).toBeCloseTo(-0.9 * (period / rows) * D, 6);
      const taller = picture(weave, 0, 0, 2 * D).scene;
      expect(taller.heightMm).toBeCloseTo(2 * scene.heightMm, 6);
      expect(taller.widthMm).toBeCloseTo(2 * scene.widthMm, 6);
      expect(taller.minX).toBeCloseTo(2 * scene.minX, 6);
    }
  });

  it('are drawn as thick as they are: a cord reaches half its thickness beyond its middle, in any thickness', () => {
    const across = (diameterMm: number) =>
      Math.max(
        ...picture('solomon-bar', 0, 0, diameterMm).scene.shapes.flatMap((s) =>
          s.part === 'outline' && s.strand === 'C1' ? [s.width ?? 0] : [],
        ),
      );
    // A core runs straight: as wide as the cord is thick, and its outline.
    for (const mm of [2, 4, 8]) {
      expect(across(mm), `${mm} mm`).toBeGreaterThan(0.85 * mm);
      expect(across(mm), `${mm} mm`).toBeLessThan(1.25 * mm);
    }
  });

  it('have an arrow at the one that moves, also half way, and none before the first', () => {
    const arrows = (done: number) =>
      picture('solomon-bar', done).scene.shapes.filter((s) => s.fill === AMBER).length;
    expect([0, 0.3, 1, 1.6, 2].map(arrows)).toEqual([0, 1, 1, 1, 1]);
    // The end that moves is in its own colour, the other one steps back.
    const cords = (done: number) =>
      new Set(
        picture('solomon-bar', done).scene.shapes.flatMap((s) =>
          'cord' in s && s.cord !== undefined ? [s.cord] : [],
        ),
      );
    expect([...cords(0.3)].sort()).toEqual([0, 2]);
    expect([...cords(0)]).toEqual([2]);
  });

  it('lie in the picture, which is as large for every move of a row as it needs to be', () => {
    for (const weave of ['solomon-bar', 'flat-braid-5', 'fishtail', 'ladder-4']) {
      const { labels, scene } = picture(weave, 1);
      for (const l of labels) {
        expect(l.x).toBeGreaterThan(scene.minX);
        expect(l.x).toBeLessThan(scene.minX + scene.widthMm);
      }
      expect(scene.widthMm).toBeGreaterThan(2 * D);
      expect(scene.heightMm).toBeGreaterThan(2 * D);
    }
  });
});
