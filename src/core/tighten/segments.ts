/** Two segments p0 + s·u and q0 + t·v in, three numbers each: p0 at 0, u at 3, q0 at 6, v at 9. */
export const [P0, U, Q0, V] = [0, 3, 6, 9];
/** The answer out: s at 12, t at 13, the vector from the point on p to the point on q at 14, and its squared length at 17. */
export const [S, T, GAP, SQUARE] = [12, 13, 14, 17];

/** Room for two segments and the answer. All goes by one array: numbers handed over one by one would be boxed, which took half of the engine's time. */
export const createSegments = (): Float64Array => new Float64Array(SQUARE + 1);

/**
 * Closest points of two segments in space, after the standard case analysis of the quadratic
 * in (s, t) clamped to the unit square (Ericson, Real-Time Collision Detection, §5.1.9).
 */
export function closestIn(io: Float64Array): void {
  const ux = io[3]!;
  const uy = io[4]!;
  const uz = io[5]!;
  const vx = io[9]!;
  const vy = io[10]!;
  const vz = io[11]!;
  const rx = io[0]! - io[6]!;
  const ry = io[1]! - io[7]!;
  const rz = io[2]! - io[8]!;
  const a = ux * ux + uy * uy + uz * uz;
  const e = vx * vx + vy * vy + vz * vz;
  const f = vx * rx + vy * ry + vz * rz;
  let s = 0;
  let t = 0;
  if (a < 1e-18) {
    t = e < 1e-18 ? 0 : clamp01(f / e);
  } else {
    const c = ux * rx + uy * ry + uz * rz;
    if (e < 1e-18) {
      s = clamp01(-c / a);
    } else {
      const b = ux * vx + uy * vy + uz * vz;
      const det = a * e - b * b;
      s = det > 1e-12 * a * e ? clamp01((b * f - c * e) / det) : 0.5;
      t = (b * s + f) / e;
      if (t < 0) {
        t = 0;
        s = clamp01(-c / a);
      } else if (t > 1) {
        t = 1;
        s = clamp01((b - c) / a);
      }
    }
  }
  const dx = vx * t - rx - ux * s;
  const dy = vy * t - ry - uy * s;
  const dz = vz * t - rz - uz * s;
  io[12] = s;
  io[13] = t;
  io[14] = dx;
  io[15] = dy;
  io[16] = dz;
  io[17] = dx * dx + dy * dy + dz * dz;
}

const clamp01 = (value: number): number => Math.min(1, Math.max(0, value));
