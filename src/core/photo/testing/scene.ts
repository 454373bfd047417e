import type { Tube } from '../../drawing/tubes.ts';
import type { Point, Raster, Reference } from '../types.ts';

/** A colour as red, green, blue, 0 … 255. */
export type Rgb = readonly [number, number, number];

/** A made-up photo: what lies on a table, and the camera that looks at it. Lengths in mm, angles in radians. */
export interface PhotoScene {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Focal length over the long side. */
  readonly focal: number;
  readonly distanceMm: number;
  /** How much farther from the middle the lens shows a corner of the picture, as a share; bent outwards where negative. */
  readonly distortion: number;
  /** Away from straight down, towards which side, and turned about its own axis. */
  readonly tilt: number;
  readonly towards: number;
  readonly roll: number;
  readonly ground: 'wood' | 'cloth' | 'stone' | 'paper';
  /** Tubes on the table, their lowest point at height 0, bent along a curve; and the colours of their cords. */
  readonly tubes: readonly Tube[];
  readonly colours: readonly Rgb[];
  readonly reference: Reference;
  /** Middle of the reference on the table, how it is turned, and how high its top lies. */
  readonly referenceAt: Point;
  readonly referenceTurn: number;
  readonly referenceZ: number;
  /** Grey of its face, and of what is dark. */
  readonly referenceRgb: Rgb;
  readonly noise: number;
  readonly blurPx: number;
}

/** A camera that looks down on the table's origin. */
export interface Camera {
  see(x: number, y: number, z: number): readonly [px: number, py: number, depth: number];
  /** Where the ray through a pixel meets the plane at a height. */
  ground(px: number, py: number, z: number): Point;
}

export function cameraOf(s: PhotoScene): Camera {
  const f = s.focal * Math.max(s.widthPx, s.heightPx);
  const [cx, cy] = [(s.widthPx - 1) / 2, (s.heightPx - 1) / 2];
  // Axes: x right and y down on the table, z up to the eye. The eye, then its right, down and forward directions.
  const [st, ct] = [Math.sin(s.tilt), Math.cos(s.tilt)];
  const [sa, ca] = [Math.sin(s.towards), Math.cos(s.towards)];
  const eye = [s.distanceMm * st * ca, s.distanceMm * st * sa, s.distanceMm * ct];
  const forward = eye.map((v) => -v / s.distanceMm);
  // Right is square to forward and to the table’s y axis, then turned by the roll.
  const r0 = unit(cross([0, 1, 0], forward));
  const d0 = cross(forward, r0);
  const [sr, cr] = [Math.sin(s.roll), Math.cos(s.roll)];
  const right = r0.map((v, i) => cr * v + sr * d0[i]!);
  const down = r0.map((v, i) => -sr * v + cr * d0[i]!);
  const corner = cx ** 2 + cy ** 2;
  const [ex, ey, ez] = eye as [number, number, number];
  const [fx, fy, fz] = forward as [number, number, number];
  const [rx, ry, rz] = right as [number, number, number];
  const [dx, dy, dz] = down as [number, number, number];
  return {
    see: (x, y, z) => {
      const [px, py, pz] = [x - ex, y - ey, z - ez];
      const depth = px * fx + py * fy + pz * fz;
      const [u, v] = [
        (f * (px * rx + py * ry + pz * rz)) / depth,
        (f * (px * dx + py * dy + pz * dz)) / depth,
      ];
      const k = 1 + (s.distortion * (u * u + v * v)) / corner;
      return [cx + k * u, cy + k * v, depth];
    },
    ground: (px, py, z) => {
      let [u, v] = [px - cx, py - cy];
      // The lens undone: the displacement is small, so that two rounds suffice.
      if (s.distortion !== 0)
        for (let round = 0; round < 2; round++) {
          const k = 1 + (s.distortion * (u * u + v * v)) / corner;
          [u, v] = [(px - cx) / k, (py - cy) / k];
        }
      [u, v] = [u / f, v / f];
      const t = (z - ez) / (fz + u * rz + v * dz);
      return [ex + t * (fx + u * rx + v * dx), ey + t * (fy + u * ry + v * dy)];
    },
  };
}

const cross = (a: readonly number[], b: readonly number[]): number[] => [
  a[1]! * b[2]! - a[2]! * b[1]!,
  a[2]! * b[0]! - a[0]! * b[2]!,
  a[0]! * b[1]! - a[1]! * b[0]!,
];
const unit = (a: readonly number[]): number[] => {
  const n = Math.hypot(...a);
  return a.map((v) => v / n);
};

/** Corners of the reference in the picture, clockwise as it lies. */
export function referenceCorners(s: PhotoScene, camera = cameraOf(s)): Point[] {
  const [a, b] = s.reference.sidesMm;
  return (
    [
      [-a / 2, -b / 2],
      [a / 2, -b / 2],
      [a / 2, b / 2],
      [-a / 2, b / 2],
    ] as const
  ).map(([u, v]): Point => {
    const [x, y] = turned(u, v, s.referenceTurn);
    const [px, py] = camera.see(s.referenceAt[0] + x, s.referenceAt[1] + y, s.referenceZ);
    return [px, py];
  });
}

const turned = (x: number, y: number, a: number): Point => [
  Math.cos(a) * x - Math.sin(a) * y,
  Math.sin(a) * x + Math.cos(a) * y,
];

/** Value noise without a table: the same everywhere and every time. */
function hash(x: number, y: number): number {
  let h = Math.imul(x | 0, 374761393) + Math.imul(y | 0, 668265263);
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}
function noise(x: number, y: number): number {
  const [i, j] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [x - i, y - j];
  const top = hash(i, j) * (1 - u) + hash(i + 1, j) * u;
  const low = hash(i, j + 1) * (1 - u) + hash(i + 1, j + 1) * u;
  return top * (1 - v) + low * v;
}

function groundAt(kind: PhotoScene['ground'], x: number, y: number): Rgb {
  if (kind === 'wood') {
    const g = 0.75 + 0.35 * noise(x / 60, y / 4) + 0.15 * noise(x / 9, y / 1.1);
    return [150 * g, 108 * g, 70 * g];
  }
  if (kind === 'cloth') {
    const g = 0.85 + 0.12 * Math.sin(x * 4.2) + 0.12 * Math.sin(y * 4.2) + 0.1 * noise(x / 3, y / 3);
    return [92 * g, 112 * g, 104 * g];
  }
  if (kind === 'stone') {
    const g = 0.7 + 0.5 * noise(x / 1.5, y / 1.5);
    return [128 * g, 126 * g, 122 * g];
  }
  const g = 0.98 + 0.04 * noise(x / 2, y / 2);
  return [214 * g, 212 * g, 204 * g];
}

/**
 * Renders the scene: the table and the reference pixel by pixel, the cords as balls of light along their surface into a depth
 * buffer; soft shadow under the cords, light from one side, blur and noise from a generator that is handed in.
 */
export function renderPhoto(s: PhotoScene, uniform: () => number): Raster {
  const { widthPx: w, heightPx: h } = s;
  const camera = cameraOf(s);
  const rgb = new Float32Array(3 * w * h);
  const depth = new Float32Array(w * h).fill(Number.POSITIVE_INFINITY);
  const shade = shadows(s.tubes);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const i = 3 * (y * w + x);
      const onCard = referenceAt(s, camera.ground(x, y, s.referenceZ));
      const at = camera.ground(x, y, 0);
      const c = onCard ?? groundAt(s.ground, at[0], at[1]);
      const k = (onCard ? 1 : shade(at[0], at[1])) * (0.86 + 0.22 * (x / w));
      for (let n = 0; n < 3; n++) rgb[i + n] = k * c[n]!;
    }
  for (const tube of s.tubes) paintTube(tube, s, camera, rgb, depth);
  const out = blurred(rgb, w, h, s.blurPx);
  const data = new Uint8ClampedArray(4 * w * h);
  for (let p = 0; p < w * h; p++) {
    const grain = s.noise * (uniform() + uniform() + uniform() - 1.5);
    for (let n = 0; n < 3; n++) data[4 * p + n] = out[3 * p + n]! + grain;
    data[4 * p + 3] = 255;
  }
  return { width: w, height: h, data };
}

/** The reference's colour at a place of its plane; nothing beside it. A printed one is a dark frame on paper. */
function referenceAt(s: PhotoScene, [x, y]: Point): Rgb | undefined {
  const [u, v] = turned(x - s.referenceAt[0], y - s.referenceAt[1], -s.referenceTurn);
  const [a, b] = [s.reference.sidesMm[0] / 2, s.reference.sidesMm[1] / 2];
  if (s.reference.isPrinted) {
    const out = Math.max(Math.abs(u) - a, Math.abs(v) - b);
    if (out > 12) return undefined;
    return out <= 0 && out > -1.5 ? [40, 40, 42] : [222, 220, 214];
  }
  const r = s.reference.cornerMm;
  const [du, dv] = [Math.max(0, Math.abs(u) - (a - r)), Math.max(0, Math.abs(v) - (b - r))];
  if (Math.abs(u) > a || Math.abs(v) > b || Math.hypot(du, dv) > r + 1e-9) return undefined;
  // A stripe and a chip, as cards have them.
  if (v < -b + 22 && v > -b + 9) return s.referenceRgb.map((c) => 0.45 * c) as unknown as Rgb;
  return s.referenceRgb;
}

/** How dark the table is near a cord: a soft shadow of the whole piece, on a grid of 2 mm over 0.8 m. */
function shadows(tubes: readonly Tube[]): (x: number, y: number) => number {
  const [cell, size] = [2, 400];
  const dark = new Float32Array(size * size);
  for (const t of tubes)
    for (let i = 0; i < t.points.length; i += 9) {
      const [a, b] = [Math.round((t.points[i]! + 1.5) / cell), Math.round((t.points[i + 1]! + 2) / cell)];
      for (let da = -2; da <= 2; da++)
        for (let db = -2; db <= 2; db++) {
          const [u, v] = [a + da + size / 2, b + db + size / 2];
          if (u < 0 || v < 0 || u >= size || v >= size) continue;
          const k = v * size + u;
          dark[k] = Math.max(dark[k]!, 1 - Math.hypot(da, db) / 2.6);
        }
    }
  return (x, y) => {
    const [u, v] = [x / cell + size / 2, y / cell + size / 2];
    const [i, j] = [Math.floor(u), Math.floor(v)];
    if (i < 0 || j < 0 || i >= size - 1 || j >= size - 1) return 1;
    const k = j * size + i;
    const top = dark[k]! * (1 - u + i) + dark[k + 1]! * (u - i);
    const low = dark[k + size]! * (1 - u + i) + dark[k + size + 1]! * (u - i);
    return 1 - 0.35 * (top * (1 - v + j) + low * (v - j));
  };
}

/** Surface points of a cord, lit from the upper left, with the strokes of its braided sheath. */
function paintTube(t: Tube, s: PhotoScene, camera: Camera, rgb: Float32Array, depth: Float32Array): void {
  const { widthPx: w, heightPx: h } = s;
  const pxPerMm = (s.focal * Math.max(w, h)) / s.distanceMm;
  const step = 0.55 / pxPerMm;
  const around = Math.ceil((Math.PI * t.radiusMm) / step);
  const [red, green, blue] = s.colours[t.cord]!;
  const { points, radiusMm: radius } = t;
  const n = points.length / 3;
  let arc = t.arcMm;
  // Long because it is hot: every point of the surface that is turned to the eye.
  for (let i = 0; i + 1 < n; i++) {
    const [ax, ay, az] = [points[3 * i]!, points[3 * i + 1]!, points[3 * i + 2]!];
    const [bx, by, bz] = [points[3 * i + 3]! - ax, points[3 * i + 4]! - ay, points[3 * i + 5]! - az];
    const length = Math.hypot(bx, by, bz);
    if (length === 0) continue;
    const dir = [bx / length, by / length, bz / length];
    const side = unit(cross(dir, Math.abs(dir[2]!) > 0.95 ? [1, 0, 0] : [0, 0, 1]));
    const up = cross(side, dir);
    const [sx, sy, sz] = side as [number, number, number];
    const [ux, uy, uz] = up as [number, number, number];
    const pieces = Math.max(1, Math.ceil(length / step));
    for (let q = 0; q <= 2 * around; q++) {
      const angle = (q / around) * Math.PI;
      const [cu, cs] = [Math.cos(angle), Math.sin(angle)];
      const [nx, ny, nz] = [cu * ux + cs * sx, cu * uy + cs * sy, cu * uz + cs * sz];
      if (nz < -0.35) continue;
      const lit = 0.45 + 0.6 * Math.max(0, 0.75 * nz - 0.45 * nx - 0.35 * ny);
      for (let k = 0; k < pieces; k++) {
        const share = k / pieces;
        const [px, py, far] = camera.see(
          ax + share * bx + radius * nx,
          ay + share * by + radius * ny,
          az + share * bz + radius * nz,
        );
        const [x, y] = [Math.round(px), Math.round(py)];
        if (x < 0 || y < 0 || x >= w || y >= h) continue;
        const at = y * w + x;
        if (far >= depth[at]!) continue;
        depth[at] = far;
        const strand = ((arc + share * length) * 1.1 + 2 * angle + 100) % 1;
        const light = Math.abs(strand - 0.5) < 0.12 ? 0.82 * lit : lit;
        rgb[3 * at] = light * red;
        rgb[3 * at + 1] = light * green;
        rgb[3 * at + 2] = light * blue;
      }
    }
    arc += length;
  }
}

/** A box of 3 × 3, mixed in so far that it is a blur of about so many pixels. */
function blurred(rgb: Float32Array, w: number, h: number, px: number): Float32Array {
  let now = rgb;
  for (let round = 0; round < Math.round(2 * px); round++) {
    const next = now.slice();
    for (let y = 1; y < h - 1; y++)
      for (let x = 1; x < w - 1; x++)
        for (let n = 0; n < 3; n++) {
          const i = 3 * (y * w + x) + n;
          const sides = now[i - 3]! + now[i + 3]! + now[i - 3 * w]! + now[i + 3 * w]!;
          next[i] = 0.4 * now[i]! + 0.15 * sides;
        }
    now = next;
  }
  return now;
}
