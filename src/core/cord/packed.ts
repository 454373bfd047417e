/** Diameter of the smallest hole that n round cords go through, over one cord's (closest packing of equal circles). */
const PACKED = [0, 1, 2, 2.1547, 2.4142, 2.7013, 3, 3];
/** How far braided cords can be pressed together. */
const PRESSED = 0.85;

/** The smallest hole that so many cords of one thickness go through, squeezed, in mm. */
export const holeForMm = (cords: number, diameterMm: number): number =>
  (PACKED[cords] ?? Math.sqrt(cords) * 1.15) * diameterMm * PRESSED;
