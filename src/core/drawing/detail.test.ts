import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { loadWeave } from '../patterns/index.ts';
import { plan } from '../plan/plan.ts';
import { beamScene } from './beam.ts';
import type { Scene } from './shape.ts';
import { escapeXml } from './svg.ts';

const LONG: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Garland for the dome',
  product: 'band',
  wearer: { name: 'Lin', girthMm: 3000 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'micro-1.2',
  setup: { style: 'separate' },
  cords: [{ colour: 'comet' }, { colour: 'ember' }],
  closure: { kind: 'side-release' },
};

const drawn = async (girthMm: number, detailMm: number): Promise<Scene> => {
  const design = { ...LONG, wearer: { name: 'Lin', girthMm } };
  const made = plan(design);
  if (!made.ok) throw new Error(made.issues[0]!.message);
  const weave = (await loadWeave('solomon-bar'))!;
  return beamScene(made.value, { weave, knots: new Map() }, 'front', detailMm);
};
const size = (scene: Scene) => scene.shapes.reduce((sum, s) => sum + s.d.length, 0);

describe('a long band', () => {
  it('is drawn with a tenth of the work where nothing smaller than a pixel is wanted, and as large', async () => {
    const [whole, coarse] = [await drawn(900, 0), await drawn(900, 0.6)];
    expect(size(coarse)).toBeLessThan(size(whole) / 8);
    expect(coarse.widthMm).toBeCloseTo(whole.widthMm, 0);
    expect(coarse.heightMm).toBeCloseTo(whole.heightMm, 0);
    // Both cords are still there.
    for (const cord of [0, 1]) expect(coarse.shapes.some((s) => s.cord === cord)).toBe(true);
  });

  it('in a cord of fewer than twelve details has half the depths and one tone less, and the same frame', async () => {
    // The micro cord’s own thickness, which a plan tells.
    const made = plan({ ...LONG, wearer: { name: 'Lin', girthMm: 200 } });
    if (!made.ok) throw new Error(made.issues[0]!.message);
    const d = made.value.metrics.diameterMm;
    const [large, small] = [await drawn(200, d / 12.5), await drawn(200, d / 11.5)];
    // Every stroke that covers one passage: four tones of it, or three.
    const tones = (scene: Scene) =>
      new Set(
        scene.shapes
          .filter(
            (s) =>
              s.strand === 'A' &&
              s.d === scene.shapes.find((o) => o.part === 'outline' && o.strand === 'A')!.d,
          )
          .map((s) => s.width),
      ).size;
    expect([tones(large), tones(small)]).toEqual([4, 3]);
    const runs = (scene: Scene) => scene.shapes.filter((s) => s.part === 'outline').length;
    expect(runs(small)).toBeLessThan(0.75 * runs(large));
    expect(small.widthMm).toBeCloseTo(large.widthMm, 0);
    expect(small.heightMm).toBeCloseTo(large.heightMm, 0);
  });

  it('ends where it ends, however coarse: the last row is not left out', async () => {
    const scene = await drawn(400, 1.2);
    const xs = scene.shapes.flatMap((s) => [...s.d.matchAll(/[ML](-?\d+)/g)].map((m) => Number(m[1])));
    expect(Math.max(...xs) / 100).toBeGreaterThan(scene.minX + scene.widthMm - 60);
  });
});

describe('text in SVG', () => {
  it('is escaped, and what XML has no place for is left out', () => {
    expect(escapeXml('a\u0000b\u0007<c>\u001f&"\ud800')).toBe('ab&lt;c&gt;&amp;&quot;');
    expect(escapeXml('tab\tline\nstar ✶ 💡')).toBe('tab\tline\nstar ✶ 💡');
  });
});
