import { beforeAll, describe, expect, it } from 'vitest';
import { loadWeave } from '../patterns/index.ts';
import { normals, seeded } from '../random.ts';
import { inOrder, snapCorners } from './corners.ts';
import { measureBand, measureCord } from './measure.ts';
import { arc, bandPiece, cordPiece, marksFor, type Piece, photoOf } from './testing/pieces.ts';
import { type PhotoScene, referenceCorners, renderPhoto } from './testing/scene.ts';
import { type Marks, type Point, type Raster, REFERENCES } from './types.ts';

const CARD = REFERENCES[0]!;
const SQUARE = REFERENCES[1]!;
const SHEETS = REFERENCES.filter((r) => r.sidesMm[1] > 150);
interface Photo {
  readonly piece: Piece;
  readonly scene: PhotoScene;
  readonly raster: Raster;
  readonly marks: Marks;
}

async function photo(
  weave: string,
  rows: number,
  over: Partial<PhotoScene>,
  how: Parameters<typeof bandPiece>[4] = {},
): Promise<Photo> {
  const piece = bandPiece((await loadWeave(weave))!, rows, 3.68, (l) => arc(l, 0.003, 0.1), {
    uniform: seeded(5),
    ...how,
  });
  const reference = over.reference ?? CARD;
  const scene = photoOf(piece.tubes, {
    referenceAt: [0, piece.widthMm / 2 + reference.sidesMm[1] / 2 + 15],
    ...over,
  });
  return {
    piece,
    scene,
    raster: renderPhoto(scene, seeded(9)),
    marks: marksFor(scene, piece, piece.widthMm, piece.thicknessMm, normals(seeded(4))),
  };
}

let bar: Photo;
let braid: Photo;
beforeAll(async () => {
  bar = await photo('solomon-bar', 30, {}, { stretch: 1.05, uneven: 0.04 });
  braid = await photo(
    'flat-braid-5',
    44,
    { ground: 'cloth', reference: SQUARE, tilt: 0.4, towards: 2.5 },
    { twoColours: true, stretch: 0.95 },
  );
});

const measured = (p: Photo, marks: Partial<Marks> = {}) => {
  const got = measureBand(p.raster, { ...p.marks, ...marks }, p.piece.expected);
  if (!got.ok) throw new Error(got.issues[0]!.message);
  return got.value;
};

describe('a band in a photo', () => {
  it('is as long as it is, within 1 %, beside a card or the printed square', () => {
    for (const p of [bar, braid]) {
      const { lengthMm, sdMm } = measured(p);
      expect(Math.abs(lengthMm / p.piece.lengthMm - 1)).toBeLessThan(0.01);
      expect(Math.abs(lengthMm - p.piece.lengthMm)).toBeLessThan(3 * sdMm);
      // Never said to be better known than cord gives: half a per cent.
      expect(sdMm / lengthMm).toBeGreaterThanOrEqual(0.005 - 1e-9);
      expect(sdMm / lengthMm).toBeLessThan(0.015);
    }
  });

  it('has its rows counted in one colour and in two, though they are 5 % longer or shorter than expected', () => {
    for (const p of [bar, braid]) {
      const { rows } = measured(p);
      expect(rows).toMatchObject({ kind: 'rows', rows: p.piece.rows, isSure: true });
      if (rows.kind !== 'rows') throw new Error();
      expect(rows.ticks).toHaveLength(p.piece.rows);
      expect(rows.ticks.at(-1)).toBe(1);
      for (const [i, t] of rows.ticks.entries()) expect(t).toBeGreaterThan(rows.ticks[i - 1] ?? 0);
    }
  });

  it('is as wide as its weave, within 8 %', () => {
    for (const p of [bar, braid]) {
      const { widthMm } = measured(p);
      expect(Math.abs(widthMm.median / p.piece.widthMm - 1)).toBeLessThan(0.08);
      expect(widthMm.low).toBeLessThanOrEqual(widthMm.median);
      expect(widthMm.high).toBeGreaterThanOrEqual(widthMm.median);
    }
  });

  it('comes out about 1.6 % too long where its height above the card is left out', () => {
    // Half of 11 mm over 32 cm; the card itself is 0.76 mm thick.
    const flat = measureBand(bar.raster, bar.marks, { ...bar.piece.expected, thicknessMm: 2 * 0.76 });
    const right = measured(bar).lengthMm;
    if (!flat.ok) throw new Error();
    expect(flat.value.lengthMm / right).toBeGreaterThan(1.01);
    expect(flat.value.lengthMm / right).toBeLessThan(1.02);
  });

  it('is refused a count where there is nothing to count, instead of a guess', () => {
    const none = measureBand(bar.raster, bar.marks, { ...bar.piece.expected, rowMm: 0 });
    expect(none.ok && none.value.rows).toMatchObject({ kind: 'none' });
    // Rows that would be three times as long: nothing repeats so.
    const other = measureBand(bar.raster, bar.marks, { ...bar.piece.expected, rowMm: 60 });
    expect(other.ok && other.value.rows).toMatchObject({ kind: 'none' });
  });

  it('is worse known where corners are not drawn to edges', () => {
    expect(measured(bar, { snaps: false }).sdMm).toBeGreaterThan(1.5 * measured(bar).sdMm);
  });

  it('lies straight in its strip, true to scale', () => {
    const { strip, lengthMm } = measured(bar);
    expect(strip.width / 5).toBeCloseTo(lengthMm, 0);
    expect(strip.data).toHaveLength(4 * strip.width * strip.height);
  });
});

describe('corners', () => {
  it('are drawn from 3 px off to within 1 px of the edges', () => {
    for (const p of [bar, braid]) {
      const truth = inOrder(referenceCorners(p.scene), p.scene.reference);
      const clicked = inOrder(p.marks.corners, p.scene.reference);
      const { corners, strengths } = snapCorners(p.raster, clicked, p.scene.reference);
      for (const [i, c] of corners.entries())
        expect(Math.hypot(c[0] - truth[i]![0], c[1] - truth[i]![1])).toBeLessThan(1);
      for (const s of strengths) expect(s).toBeGreaterThan(15);
    }
  });

  it('come in any order', () => {
    const turned = { corners: [2, 0, 3, 1].map((i) => bar.marks.corners[i]!) };
    expect(measured(bar, turned).lengthMm).toBeCloseTo(measured(bar).lengthMm, 6);
  });

  it('that are no rectangle’s are refused in words', () => {
    const dent: Point[] = [
      [0, 0],
      [100, 0],
      [30, 20],
      [0, 100],
    ];
    const got = measureBand(bar.raster, { ...bar.marks, corners: dent }, bar.piece.expected);
    expect(got).toMatchObject({
      ok: false,
      issues: [{ message: expect.stringMatching(/not those of a rectangle/) }],
    });
    const three = measureBand(bar.raster, { ...bar.marks, corners: dent.slice(1) }, bar.piece.expected);
    expect(three).toMatchObject({
      ok: false,
      issues: [{ message: 'Mark all four corners of the reference.' }],
    });
    const noEnd = measureBand(bar.raster, { ...bar.marks, ends: [] }, bar.piece.expected);
    expect(noEnd).toMatchObject({ ok: false, issues: [{ message: 'Mark both ends of the piece.' }] });
  });
});

describe('a cut picture', () => {
  it('says that height can’t be told, unless the reference was raised', () => {
    const cut = (isRaised: boolean) => {
      const got = measureBand(bar.raster, { ...bar.marks, isRaised }, bar.piece.expected, {
        isCropped: true,
      });
      if (!got.ok) throw new Error();
      return got.value;
    };
    expect(cut(false).notes.join()).toMatch(/raise the reference/);
    expect(cut(true).notes.join()).not.toMatch(/raise the reference/);
    expect(cut(false).sdMm).toBeGreaterThan(cut(true).sdMm);
  });
});

describe('a loose end of cord', () => {
  it('is followed from three marks, within 1 %', () => {
    const piece = cordPiece(300, 3.2, arc(300, 0.006, 0.1));
    const scene = photoOf(piece.tubes, { distanceMm: 400, referenceAt: [0, 75], ground: 'wood' });
    const marks = marksFor(scene, piece, 3.2, 3.2, normals(seeded(8)), { between: 1 });
    const got = measureCord(renderPhoto(scene, seeded(2)), marks, 3.2);
    if (!got.ok) throw new Error(got.issues[0]!.message);
    expect(Math.abs(got.value.lengthMm / 300 - 1)).toBeLessThan(0.01);
    // The straight way from end to end over the middle is 3 % shorter: it was really followed.
    const chord = 2 * 2 * (1 / 0.006) * Math.sin((0.006 * 150) / 4) * 1;
    expect(got.value.lengthMm).toBeGreaterThan(chord + 3);
  });

  it.each(SHEETS.map((r) => [r.name, r] as const))('is measured beside %s, within 1 %', (_, reference) => {
    const piece = cordPiece(300, 3.2, arc(300, 0.006, 0.1));
    // A large sheet is photographed from further away, and the cord lies below it.
    const isLarge = reference.sidesMm[1] > 150;
    const scene = photoOf(piece.tubes, {
      reference,
      distanceMm: isLarge ? 620 : 420,
      referenceAt: [0, isLarge ? 140 : 75],
      referenceRgb: [238, 238, 234],
      ground: 'wood',
    });
    const marks = marksFor(scene, piece, 3.2, 3.2, normals(seeded(8)), { between: 1 });
    const got = measureCord(renderPhoto(scene, seeded(2)), marks, 3.2);
    if (!got.ok) throw new Error(got.issues[0]!.message);
    expect(Math.abs(got.value.lengthMm / 300 - 1)).toBeLessThan(0.01);
  });
});
