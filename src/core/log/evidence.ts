/** What one finished piece or swatch says of the maker's hand. Lengths in mm. */
export interface Evidence {
  readonly id: string;
  /** When it was finished, in ms. */
  readonly at: number;
  readonly weave: string;
  readonly family: string;
  readonly cord: string;
  /** Lot of cord, where the maker tells them apart. */
  readonly batch?: string;
  readonly ends: readonly EvidenceEnd[];
  /** Row height as calculated. */
  readonly rowMm: number;
  readonly rows?: number;
  readonly wovenMm?: number;
  /** Its two ends are not told apart, though there are two. */
  readonly areEndsAlike?: boolean;
  /** The maker was asked and said that its entries are right: none of them counts as a slip. */
  readonly isConfirmed?: boolean;
}

/** A working end of a finished piece. */
export interface EvidenceEnd {
  /** Calculated cord per mm of band. */
  readonly perMm: number;
  /** What it really used in its rows, where somebody measured its leftover. */
  readonly usedMm?: number;
  /** For people: its letter, the id of its colour, and what was left over. */
  readonly letter?: string;
  readonly colour?: string;
  readonly leftMm?: number;
}

/** What a factor belongs to, beside the maker's hand as a whole. */
export const GROUPS = ['family', 'weave', 'cord', 'batch'] as const;
export type Group = (typeof GROUPS)[number];

/** What a piece belongs to, group by group; a piece whose lot nobody named has none. */
export const keysOf = (of: Pick<Evidence, Group>): (readonly [Group, string])[] =>
  GROUPS.flatMap((g) => (of[g] === undefined ? [] : [[g, of[g]!] as const]));
