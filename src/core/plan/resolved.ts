import type { SideRelease } from '../closures/sideRelease.ts';
import type { CordColour } from '../colour/palette.ts';
import type { CordType } from '../cord/cords.ts';
import type { Product } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import type { SolvedFacts } from '../patterns/types.ts';

/** A design with its names looked up and its numbers found sensible. */
export interface Resolved {
  readonly design: Design;
  readonly product: Product;
  readonly solved: SolvedFacts;
  readonly cord: CordType;
  readonly colours: readonly CordColour[];
  readonly buckle: SideRelease;
  readonly tailMm: number;
  readonly roundToMm: number;
}
