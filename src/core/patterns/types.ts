import type { Role, WeaveKind, WeaveSpec } from '../weave/types.ts';
import type { BackPlace } from './backs.ts';

/** What somebody sees who does not know a band's name. */
export const LOOKS_LIKE = {
  zigzag: 'a zigzag down the middle',
  columns: 'two columns or more',
  twists: 'twists',
  braid: 'a flat braid',
  chain: 'a chain of loops',
  ribs: 'ribs across',
  bumps: 'bumps along both edges',
  round: 'round or nearly',
  plain: 'cord side by side',
} as const;
export type LooksLike = keyof typeof LOOKS_LIKE;

/** A pattern as the library holds it: how it is tied, as strands in space, and what a maker should know about it. */
export interface Pattern {
  readonly id: string;
  readonly family: string;
  /** What it is tied for, where that is not a band of its own. */
  readonly use?: 'slider';
  readonly name: string;
  /** What else makers look for it by. */
  readonly also?: string;
  /** How one row (or the knot) is tied, in a maker's words. */
  readonly words: string;
  readonly draw: () => WeaveSpec;
  /** Set where strands only lie side by side, so that there is nothing to pull tight. */
  readonly isStraight?: boolean;
  /** Row squash and end load (below 0: held taut) that suit this weave (priors; see docs/physics.md). */
  readonly squash: number;
  readonly load: number;
  /** How many times the usual number of steps it may take: much slack runs through a closed knot slowly. */
  readonly patience?: number;
  /** Set for a knot drawn as a mat, whose leads are swung out of the plane before it is measured. */
  readonly swings?: boolean;
  /** 1 easy … 5 hard. */
  readonly difficulty: 1 | 2 | 3 | 4 | 5;
  readonly starts: string;
  readonly edges: string;
  /** What it looks like, for finding it (weaves). */
  readonly shows?: readonly LooksLike[];
  /** What is drawn tight in a row, in this order; in the middle of a sentence (weaves). */
  readonly tightens?: readonly string[];
  /** What on the work tells which side comes next. */
  readonly next: string;
  readonly mistakes: readonly Mistake[];
  /** Set where the same strands can rest in two ways: how they do here, by the order of drawing tight, and the other one. */
  readonly rests?: { readonly as: string; readonly other: string };
  /** Set where the whole piece pulls out into plain cord once its lock is drawn. */
  readonly pullsOut?: boolean;
  readonly facts: Facts;
  /** A knot that is tied for its looks, in the middle of a plain band. */
  readonly isFocal?: boolean;
  /** A knot that is tied in all its strands together, as if they were one cord. */
  readonly isTiedAsOne?: boolean;
  /** A row's crossings are many: it is told in the pattern's own words, crossing by crossing only on request. */
  readonly isToldWhole?: boolean;
  /** What a row is called, and how one is made, where it is not led end by end: a loop of a chain. */
  readonly rowIs?: { readonly name: 'loop'; readonly words: string };
  /** Both sides move in every row, so that none begins it. */
  readonly isSideless?: boolean;
  /** Working strands in the passes in which they are tied, where the piece is worked over more than once. */
  readonly tiedIn?: readonly (readonly string[])[];
  /** What on the work tells the side of the next row, and whether that is the sign's own side or the other. */
  readonly tells?: Tells;
}

/** What goes wrong in tying, and how the work then looks. */
interface Mistake {
  /** The slip that it is, by its key; none where it is not a slip of single rows. */
  readonly kind?: MistakeKind;
  readonly mistake: string;
  readonly looks: string;
}

export type MistakeKind = 'same-side' | 'other-side' | 'wrong-core' | 'crossing' | 'loose';

export interface Tells {
  /** A bump at an edge, or the strand that moved last. */
  readonly kind: 'bump' | 'strand';
  /** In the middle of a sentence. */
  readonly sign: string;
  readonly next: 'same' | 'other';
}

/** Counted by hand on the tying sequence; tests hold the drawing to them. */
export interface Facts {
  /** Crossings in one period of a weave, or in the whole knot. */
  readonly crossings: number;
  /** Periods after which each strand meets itself, by strand (weaves). */
  readonly periods?: Readonly<Record<string, number>>;
}

interface SolvedStrand {
  readonly name: string;
  readonly role: Role;
  readonly periods: number;
  readonly radiusD: number;
  /** Centre-line length over the strand's own periods, or from end to end. */
  readonly lengthD: number;
  /** Where it lies on the back, along the whole of it (working strands of weaves). */
  readonly backs?: readonly BackPlace[];
  /** Straight way between an open strand's ends. */
  readonly spanD?: number;
}

/** What is known of a pattern once it is tight. All lengths in effective cord diameters. */
export interface SolvedFacts {
  readonly id: string;
  readonly kind: WeaveKind;
  readonly notation: string;
  /** Content of what was solved: notation, squash, load, resolution, engine version. */
  readonly key: string;
  readonly squash: number;
  readonly load: number;
  readonly h: number;
  readonly periodD: number;
  readonly rowsPerPeriod: number;
  /** Turn about the piece's own length per period, in radians, of a weave that winds. */
  readonly turn?: number;
  readonly widthD: number;
  readonly thicknessD: number;
  /** Length of the knot's body along the cord (open knots). */
  readonly bodyD: number;
  /** A line drawn tight round the knot's body, across its length (open knots). */
  readonly girthD?: number;
  readonly strands: readonly SolvedStrand[];
  readonly convergence: {
    readonly residual: number;
    readonly periodForce: number;
    readonly overlap: number;
    readonly leastEver: number;
    /** Relative difference to a solve from another start; missing where it was not asked for. */
    readonly restart?: number;
  };
  /** Closed knots: all centre lines over the cord's radius, carried on to infinitely fine edges. */
  readonly ropelength?: number;
  readonly invariant: number;
}

/** A tight pattern with its centre lines, for drawing and export. */
export interface SolvedWeave extends SolvedFacts {
  /** Flat x, y, z per strand, stride 3, in the order of `strands`; the closing point is not repeated. */
  readonly points: readonly (readonly number[])[];
  /**
   * How the cord is pressed flat at each point (see cord/section.ts): x, y, z like `points`, the direction in which it is
   * thinner, as long as the logarithm of diameter over thickness. Missing in weaves of one's own that were solved before it was asked for: their cord is drawn round.
   */
  readonly flat?: readonly (readonly number[])[];
}
