/**
 * The section of a soft cord that is squeezed: an ellipse of the round cord's own area, thinner in the direction in which
 * it is pressed and as much wider across. A prior (docs/physics.md): under one strand tension per diameter it is 0.88 as
 * thick, which is the row squash of locked rows; however hard it is pressed, a sheathed cord of nylon keeps 0.78.
 */
const MOST = 0.25;
const HALF = 1;
/** Of the row squash, along the piece: neighbours overlap a little, and no daylight shows between them. */
const PACKED = 0.75;

/** Logarithm of width over diameter, and of diameter over thickness, under a squeeze in strand tensions per diameter. */
export const flattening = (squeeze: number): number => (MOST * squeeze) / (squeeze + HALF);

/**
 * The squeezes of points as flattenings, flat x, y, z: the direction in which the cord is thinner, as long as the flattening.
 * The engine's rope is hard: it lies a diameter apart across (x, z) and a row squash of that along the piece (y). What lies
 * side by side on the faces goes on touching: pressed from the side (x) it stays round, along the piece it gets not quite as
 * thin as the row squash. Only what is pressed in the depth (z) is free to spread.
 */
export function flatOf(squeezes: ArrayLike<number>, squash: number): number[] {
  const out: number[] = [];
  for (let i = 0; i < squeezes.length; i += 3) {
    const [x, y, z] = [squeezes[i]!, squeezes[i + 1]!, squeezes[i + 2]!];
    const strong = Math.hypot(x, y, z);
    const soft = flattening(strong);
    const packed = Math.min(soft, -PACKED * Math.log(squash));
    const scale = strong > 0 ? (soft * z * z + packed * y * y) / strong ** 3 : 0;
    out.push(scale * x, scale * y, scale * z);
  }
  return out;
}

/**
 * How far the section reaches in a direction, over the round cord's radius. `cos` is the cosine between that direction and
 * the one in which it is thinner, both square to the cord.
 */
export function reachOf(flat: number, cos: number): number {
  const c = cos * cos;
  return Math.sqrt(c * Math.exp(-2 * flat) + (1 - c) * Math.exp(2 * flat));
}
