import type { LastAct } from '../chance/hands.ts';
import type { Closure } from '../closures/types.ts';
import type { CordColour } from '../colour/palette.ts';
import type { Item } from '../colour/sequence.ts';
import type { CordType } from '../cord/cords.ts';
import type { Measured } from '../fit/measures.ts';
import type { Product } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import type { MinutesForecast } from '../log/minutes.ts';
import type { MixedRequest } from '../patterns/mixed.ts';
import type { SolvedFacts } from '../patterns/types.ts';

/** A design with its names looked up and its numbers found sensible. */
export interface Resolved {
  readonly design: Design;
  readonly product: Product;
  readonly solved: SolvedFacts;
  /** 1 easy … 5 hard, of the weave. */
  readonly difficulty: number;
  /** What the maker's own times say of the weave; nothing before there are any. */
  readonly timed?: MinutesForecast;
  readonly cord: CordType;
  readonly colours: readonly CordColour[];
  readonly closure: Closure;
  readonly measures: Readonly<Record<string, Measured>>;
  /** Ends can be fused. */
  readonly melts: boolean;
  /** Colours along the length, read. */
  readonly sequence: readonly Item[] | undefined;
  /** What hands need of an end, by what is done with it last. */
  readonly handMm: (act: LastAct, diameterMm?: number) => number;
  /** Chance that no end runs short. */
  readonly chance: number;
  readonly roundToMm: number;
  /** Set where cords differ in thickness: what the weave is pulled tight from, and whether that has been done; the same weave in one thickness. */
  readonly mixed?: { readonly request: MixedRequest; readonly isKnown: boolean; readonly alike: SolvedFacts };
}
