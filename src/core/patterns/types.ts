import type { Role } from '../weave/types.ts';

/** A pattern as the library holds it: how it is tied, as notation, and what a maker should know about it. */
export interface Pattern {
  readonly id: string;
  readonly family: string;
  readonly name: string;
  /** How one row is tied, in a maker's words. */
  readonly words: string;
  readonly notation: string;
  /** Row squash and end load that suit this weave (prior; see usage). */
  readonly squash: number;
  readonly load: number;
  /** 1 easy … 5 hard. */
  readonly difficulty: 1 | 2 | 3 | 4 | 5;
  readonly starts: string;
  readonly edges: string;
  /** What on the work tells which side comes next. */
  readonly next: string;
  readonly mistakes: readonly { readonly mistake: string; readonly looks: string }[];
}

export interface SolvedStrand {
  readonly name: string;
  readonly role: Role;
  readonly periods: number;
  readonly radiusD: number;
  /** Centre-line length over the strand's own periods. */
  readonly lengthD: number;
  /** Flat x, y, z, stride 3, closing point not repeated. */
  readonly points: readonly number[];
}

/** A pattern pulled tight. All lengths in effective cord diameters. */
export interface SolvedWeave {
  readonly id: string;
  /** Content of what was solved: notation, squash, load, resolution, engine version. */
  readonly key: string;
  readonly squash: number;
  readonly load: number;
  readonly h: number;
  readonly periodD: number;
  readonly rowsPerPeriod: number;
  readonly widthD: number;
  readonly thicknessD: number;
  readonly strands: readonly SolvedStrand[];
  readonly convergence: {
    readonly residual: number;
    readonly periodForce: number;
    readonly overlap: number;
    readonly leastEver: number;
  };
}
