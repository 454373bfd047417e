/**
 * How well a piece is measured from a photo: `node --import tsx bench/photo.ts [photos] [first seed]`. Pictures are rendered
 * from our own strands under a known camera; corners are marked with 3 px of error, end bars with 1 px, the line with 4 px.
 */

import { loadWeave } from '../src/core/patterns/index.ts';
import { measureBand, measureCord } from '../src/core/photo/measure.ts';
import { arc, bandPiece, cordPiece, marksFor, photoOf } from '../src/core/photo/testing/pieces.ts';
import { type PhotoScene, type Rgb, renderPhoto } from '../src/core/photo/testing/scene.ts';
import { REFERENCES } from '../src/core/photo/types.ts';
import { normals, seeded } from '../src/core/random.ts';

const WEAVES = [
  'solomon-bar',
  'fishtail',
  'spiral-bar',
  'wide-bar-2',
  'ladder-4',
  'ladder-two-4',
  'hitch-bar',
  'flat-braid-3',
  'flat-braid-5',
  'flat-braid-6',
  'snake',
  'laced-bar',
  'solomon-bar-4',
  'chain-sinnet',
  'flat-braid-8',
  'ladder-5',
];
const COLOURS: readonly (readonly [Rgb, Rgb])[] = [
  [
    [176, 58, 44],
    [232, 226, 210],
  ],
  [
    [38, 52, 96],
    [216, 150, 40],
  ],
  [
    [46, 48, 52],
    [98, 160, 120],
  ],
  [
    [222, 214, 196],
    [58, 70, 120],
  ],
];
const GROUNDS = ['wood', 'cloth', 'stone', 'paper'] as const;
const [count, first] = [Number(process.argv[2] ?? 100), Number(process.argv[3] ?? 1)];

const errors: number[] = [];
const within: number[] = [];
const rows = { sure: 0, right: 0, unsure: 0, unsureRight: 0, refused: 0 };
const ms: number[] = [];
for (let seed = first; seed < first + count; seed++) {
  const uniform = seeded(seed * 7919);
  const normal = normals(uniform);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(uniform() * list.length)]!;
  const between = (a: number, b: number) => a + (b - a) * uniform();
  const weave = pick(WEAVES);
  const solved = (await loadWeave(weave))!;
  const d = pick([3.68, 2.76]);
  const rowMm = (solved.periodD / solved.rowsPerPeriod) * d;
  const piece = bandPiece(
    solved,
    Math.round(between(140, 200) / rowMm),
    d,
    (l) => arc(l, pick([0, between(-0.004, 0.004)]), between(-0.3, 0.3)),
    {
      stretch: between(0.93, 1.07),
      uneven: 0.04,
      twoColours: uniform() < 0.4,
      uniform,
    },
  );
  const reference = uniform() < 0.7 ? REFERENCES[0]! : REFERENCES[1]!;
  const isRaised = uniform() < 0.17;
  const scene: PhotoScene = photoOf(
    piece.tubes,
    {
      focal: between(0.7, 0.8),
      distanceMm: between(280, 400),
      distortion: between(-0.012, 0.012),
      tilt: (between(0, 25) * Math.PI) / 180,
      towards: between(0, 6.28),
      roll: between(-0.4, 0.4),
      ground: pick(GROUNDS),
      reference,
      referenceAt: [between(-20, 20), piece.widthMm / 2 + reference.sidesMm[1] / 2 + between(14, 22)],
      referenceTurn: between(-0.1, 0.1),
      referenceZ: isRaised ? piece.thicknessMm / 2 : reference.thicknessMm,
      referenceRgb: pick<Rgb>([
        [196, 204, 214],
        [60, 70, 88],
        [150, 60, 60],
      ]),
      noise: between(3, 10),
      blurPx: pick([0.5, 1, 1.5]),
    },
    pick(COLOURS),
  );
  const raster = renderPhoto(scene, uniform);
  const marks = marksFor(scene, piece, piece.widthMm, piece.thicknessMm, normal, { isRaised });
  const began = performance.now();
  const got = measureBand(raster, marks, piece.expected);
  ms.push(performance.now() - began);
  if (!got.ok) {
    console.log(seed, weave, got.issues[0]!.message);
    errors.push(1);
    continue;
  }
  const { lengthMm, sdMm, rows: counted } = got.value;
  const error = Math.abs(lengthMm / piece.lengthMm - 1);
  errors.push(error);
  within.push(Math.abs(lengthMm - piece.lengthMm) / sdMm);
  if (counted.kind === 'none') rows.refused++;
  else {
    const isRight = counted.rows === piece.rows;
    rows[counted.isSure ? 'sure' : 'unsure']++;
    if (isRight) rows[counted.isSure ? 'right' : 'unsureRight']++;
  }
  if (error > 0.01 || (counted.kind === 'rows' && counted.isSure && counted.rows !== piece.rows))
    console.log(
      `  ${seed} ${weave} ${d} mm on ${scene.ground}, ${scene.reference.id}: ${(100 * (lengthMm / piece.lengthMm - 1)).toFixed(2)} %, ${counted.kind === 'rows' ? `${counted.rows} of ${piece.rows} rows (${counted.ways.map((w) => w.toFixed(2)).join(', ')})` : 'refused'}`,
    );
}
const sorted = errors.toSorted((a, b) => a - b);
const at = (q: number) => `${(100 * sorted[Math.floor(q * (sorted.length - 1))]!).toFixed(2)} %`;
console.log(
  `length: median ${at(0.5)}, 95 of 100 within ${at(0.95)}; within 1 %: ${errors.filter((e) => e <= 0.01).length} of ${errors.length}`,
);
console.log(
  `its own spread: ${within.filter((w) => w <= 2).length} of ${within.length} within two standard deviations`,
);
console.log(
  `rows: ${rows.right} of ${rows.sure} sure ones right; ${rows.unsureRight} of ${rows.unsure} unsure; ${rows.refused} refused`,
);
const time = ms.toSorted((a, b) => a - b);
console.log(
  `time a photo: median ${time[time.length >> 1]!.toFixed(0)} ms, longest ${time.at(-1)!.toFixed(0)} ms`,
);

// Loose ends of cord: three clicks, a card.
const cordErrors: number[] = [];
for (let seed = first; seed < first + Math.ceil(count / 4); seed++) {
  const uniform = seeded(seed * 104729);
  const normal = normals(uniform);
  const between = (a: number, b: number) => a + (b - a) * uniform();
  const [length, d] = [between(220, 420), between(2, 3.7)];
  const piece = cordPiece(length, d, arc(length, between(-0.005, 0.005), between(-0.2, 0.2)));
  const scene = photoOf(piece.tubes, {
    distanceMm: between(380, 480),
    ground: GROUNDS[seed % 3]!,
    referenceAt: [0, 75],
    tilt: between(0, 0.4),
    towards: between(0, 6),
  });
  const marks = marksFor(scene, piece, d, d, normal, { between: 1 });
  const got = measureCord(renderPhoto(scene, uniform), marks, d);
  cordErrors.push(got.ok ? Math.abs(got.value.lengthMm / length - 1) : 1);
}
const cords = cordErrors.toSorted((a, b) => a - b);
console.log(
  `loose cord: median ${(100 * cords[cords.length >> 1]!).toFixed(2)} %; within 1 %: ${cords.filter((e) => e <= 0.01).length} of ${cords.length}`,
);
