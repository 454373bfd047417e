import { describe, expect, it } from 'vitest';
import { findColour } from '../../colour/palette.ts';
import { findPattern } from '../../patterns/index.ts';
import { movesOf } from './moves.ts';
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

  it('stand in a picture that begins where the ends of the first row come in: nine tenths of a row above it', () => {
    for (const weave of ['solomon-bar', 'flat-braid-4', 'fishtail']) {
      const { scene, tying } = picture(weave, 0);
      const { period, rows } = tying.cut.spec;
      expect(scene.minY, weave).toBeCloseTo(-0.9 * (period / rows) * D, 6);
      const taller = picture(weave, 0, 0, 2 * D).scene;
      expect(taller.heightMm).toBeCloseTo(2 * scene.heightMm, 6);
    }
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
