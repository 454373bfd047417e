/** A place or a direction in space: x across the piece, y along it, z towards the eye. */
export type Point = readonly [number, number, number];

/** What a strand does in the piece. Cores are held straight by the maker's hand; a spine lies on top under tension. */
export type Role = 'core' | 'work' | 'spine';

/** Tension of a strand by what it does, in units of a working strand's, where the notation names none. */
export const USUAL_WEIGHT: Readonly<Record<Role, number>> = { core: 3, work: 1, spine: 1.5 };

/** `weave` repeats along the piece, `knot` closes on itself, `open` has ends that are held. */
export type WeaveKind = 'weave' | 'knot' | 'open';

export interface StrandSpec {
  readonly name: string;
  readonly role: Role;
  /** Periods after which the strand meets itself again (weaves only). */
  readonly periods: number;
  /** Radius in units of the reference cord's diameter; 0.5 is the reference cord. */
  readonly radius: number;
  /** Tension against the other strands; cores are held harder. */
  readonly weight: number;
  /** Way-points: x across, y along the piece, in cord diameters; the closing point is implied. */
  readonly path: readonly (readonly [number, number])[];
  /** O(ver) and U(nder) in the order of travel; empty where the other strands say it all. */
  readonly word: string;
  /** Where the strand stands in the text, for messages. */
  readonly line: number;
}

export interface WeaveSpec {
  readonly kind: WeaveKind;
  readonly id: string;
  /** Length of one period along y in cord diameters, as drawn (weaves only). */
  readonly period: number;
  readonly rows: number;
  /** Set for a weave that winds: its turn about its own length per period to start from, in degrees; it is free to change. */
  readonly turn?: number;
  readonly strands: readonly StrandSpec[];
}

/** A crossing in the plane, seen from strand `over` and `under`, at arc parameter (segment + fraction). */
export interface Crossing {
  readonly over: { readonly strand: number; readonly at: number };
  readonly under: { readonly strand: number; readonly at: number };
  /** The under strand is met in its image shifted by this many periods against the over strand. */
  readonly image: number;
  /** +1 or −1: right-handed or left-handed crossing. */
  readonly sign: number;
  readonly x: number;
  readonly y: number;
}

/**
 * Two rows of thin pins that stand out of a mandrel, `count` in each: the left row at y = −halfWidth, at angles 2π·i/count in
 * the winding direction, and the right one at y = halfWidth, further on by `shift` of a full turn.
 */
export interface Pins {
  readonly count: number;
  readonly halfWidth: number;
  readonly shift: number;
  readonly radius: number;
}

/** Strands in space, ready to be pulled tight: flat xyz per strand, in cord diameters. */
export interface RopeStrand {
  readonly name: string;
  readonly role: Role;
  readonly kind: 'periodic' | 'closed' | 'open';
  readonly periods: number;
  readonly radius: number;
  readonly weight: number;
  /** Flat x, y, z; stride 3. The closing point of a periodic or closed strand is not repeated. */
  readonly points: Float64Array;
}

export interface Rope {
  readonly strands: readonly RopeStrand[];
  /** Period along y; 0 for knots. */
  readonly period: number;
  /** Radius of a hard cylinder about the y axis that nothing enters; 0 for none. */
  readonly mandrel?: number;
  /** Pins stuck into the mandrel inside its bights. */
  readonly pins?: Pins;
  /** Set for a weave that winds: by how much the next period is turned about the y axis, in radians. */
  readonly turn?: number;
}
