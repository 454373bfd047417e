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
  /** Working ends: cord for each mm of band as calculated from geometry, and what each really used in its rows, where that is known. */
  readonly ends: readonly { readonly perMm: number; readonly usedMm?: number }[];
  /** Row height as calculated. */
  readonly rowMm: number;
  readonly rows?: number;
  readonly wovenMm?: number;
}

/** What a factor belongs to, beside the maker's hand as a whole. */
export const GROUPS = ['family', 'weave', 'cord', 'batch'] as const;
export type Group = (typeof GROUPS)[number];

/** What a piece belongs to, group by group; a piece whose lot nobody named has none. */
export const keysOf = (of: Pick<Evidence, Group>): (readonly [Group, string])[] =>
  GROUPS.flatMap((g) => (of[g] === undefined ? [] : [[g, of[g]!] as const]));
