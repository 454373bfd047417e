/**
 * Closest points of two segments p0–p1 and q0–q1 in space, after the standard case analysis of the quadratic
 * in (s, t) clamped to the unit square (Ericson, Real-Time Collision Detection, §5.1.9).
 * Writes s, t, and the vector from the point on p to the point on q: out = [s, t, dx, dy, dz].
 * @returns squared distance
 */
export function closestInto(
  out: Float64Array,
  p0x: number,
  p0y: number,
  p0z: number,
  ux: number,
  uy: number,
  uz: number,
  q0x: number,
  q0y: number,
  q0z: number,
  vx: number,
  vy: number,
  vz: number,
): number {
  const rx = p0x - q0x;
  const ry = p0y - q0y;
  const rz = p0z - q0z;
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
  out[0] = s;
  out[1] = t;
  out[2] = dx;
  out[3] = dy;
  out[4] = dz;
  return dx * dx + dy * dy + dz * dz;
}

function clamp01(value: number): number {
  return Math.min(1, Math.max(0, value));
}
