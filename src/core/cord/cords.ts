/** A kind of cord as it is sold, without colour. Figures are typical; a maker's own swatch replaces them. */
export interface CordType {
  readonly id: string;
  readonly name: string;
  readonly nominalMm: number;
  readonly fibre: Fibre;
  /** Effective over nominal diameter under a maker's tension (prior 0.92, spread about ±10 %). */
  readonly girthFactor: number;
  readonly gramsPerMetre: number;
  /** Share by which it draws up when first wetted and dried. */
  readonly wetShrinkage: number;
}

type Fibre = 'nylon' | 'polyester' | 'cotton' | 'jute';

/** Whether a cut end can be sealed by heat; the others are whipped, stitched or glued. */
export const FIBRE_MELTS: Record<Fibre, boolean> = {
  nylon: true,
  polyester: true,
  cotton: false,
  jute: false,
};

export const CORDS: readonly CordType[] = [
  cord('micro-1.2', '1.2 mm micro nylon', 1.2, 'nylon', 0.9, 0.03),
  cord('nylon-2', '2 mm nylon', 2, 'nylon', 2.2, 0.03),
  cord('nylon-3', '3 mm nylon', 3, 'nylon', 4.2, 0.03),
  cord('nylon-4', '4 mm nylon', 4, 'nylon', 6.8, 0.03),
  cord('polyester-4', '4 mm polyester', 4, 'polyester', 7.6, 0.01),
  cord('cotton-4', '4 mm cotton', 4, 'cotton', 8.2, 0.05),
  cord('jute-3', '3 mm jute', 3, 'jute', 4.6, 0.06),
  cord('nylon-6', '6 mm nylon', 6, 'nylon', 16.5, 0.04),
];

function cord(
  id: string,
  name: string,
  nominalMm: number,
  fibre: Fibre,
  gramsPerMetre: number,
  wetShrinkage: number,
): CordType {
  return { id, name, nominalMm, fibre, gramsPerMetre, wetShrinkage, girthFactor: 0.92 };
}

export const findCord = (id: string): CordType | undefined => CORDS.find((c) => c.id === id);

/** The diameter that a cord takes in a tight knot, in mm. */
export const effectiveDiameterMm = (type: CordType): number => type.nominalMm * type.girthFactor;
