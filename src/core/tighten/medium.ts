export interface Medium {
  /** Contact stiffness, strand tensions per diameter of overlap. */
  readonly stiffness: number;
  /** Row squash a ≤ 1: contacts see y stretched by 1/a. */
  readonly squash: number;
  /** Load that beats the rows together along y, in strand tensions; below 0 it draws them apart. */
  readonly load: number;
  /** Half the room between two plates that hold the piece flat, in cord diameters; missing where nothing does. */
  readonly flatWithin?: number | undefined;
}

export interface Energies {
  energy: number;
  /** Least distance over touching distance among near pairs (1 where nothing overlaps). */
  closest: number;
}
