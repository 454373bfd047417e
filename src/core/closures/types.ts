import type { LastAct } from '../chance/hands.ts';
import type { CordType } from '../cord/cords.ts';
import type { Measured } from '../fit/measures.ts';
import type { ClosureGroup, Product } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import type { Check, Figure } from '../plan/check.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import type { Why } from '../why/why.ts';
import type { Bar } from './attach.ts';

export type ClosureSpec = Design['closure'];

/** What a closure is told: the body, the cord, the weave and the options that were chosen. Lengths in mm. */
export interface ClosureContext {
  readonly design: Design;
  readonly spec: ClosureSpec;
  readonly product: Product;
  readonly weave: SolvedFacts;
  readonly metrics: WeaveMetrics;
  readonly cord: CordType;
  /** Flat closed length along the middle plane that the ease asks for. */
  readonly finishedMm: number;
  readonly girthMm: number;
  /** What it must pass over, where it does not open right up. */
  readonly pass: (Measured & { readonly name: string; readonly id: string }) | undefined;
  /** Cords that run from end to end: the cores, or all strands where there are none. */
  readonly tied: number;
  /** What hands need of an end to tie a knot in it. */
  readonly tailMm: number;
  /** The same by what is done with the end last, in a cord of that effective diameter. */
  readonly handMm: (act: LastAct, diameterMm?: number) => number;
  readonly measures: Readonly<Record<string, Measured>>;
}

/** Cord that one leg uses beyond the weave, outwards. */
export interface LegPart {
  readonly what: 'closure' | 'tail';
  readonly lengthMm: number;
  readonly why: Why;
  /** How far out from the weave's edge this stretch reaches, for pointing at it. */
  readonly reachMm: number;
  readonly mark?: string;
}

/**
 * One end of a band. A `bar` is hitched to or turned round; a `loop` is the fold of the cords; at a `run` end cords go
 * on beyond the weave; at a `tip` they turn back and are tucked.
 */
export interface BandEnd {
  readonly kind: 'bar' | 'loop' | 'run' | 'tip';
  readonly name: string;
  /** Its share of the finished length, from the standoff outwards; negative where the band runs on past the closure. */
  readonly takesMm: number;
  /** Between the weave and the bar. */
  readonly standoffMm: number;
  readonly bar?: Bar;
  readonly slotMm?: number;
  /** How a second half is held. */
  readonly attach?: 'returned' | 'hitched';
  /** How many of the cords that run from end to end take part; the others end at the weave. */
  readonly carries: number;
  /** How folded cords that don't take part are held at a loop, where that is not by the first row alone: cord of each half. */
  readonly held?: { readonly lengthMm: number; readonly why: Why; readonly how: Why };
  /** The spine carries this end in place of the cores, where the weave has one. */
  readonly byTheSpine?: boolean;
  /** What cords beyond those do, where they are led through its knot: stretches outwards. */
  readonly passing?: { readonly legs: readonly LegPart[]; readonly how: Why };
  /** Stretches of the k-th cord that takes part. */
  readonly legs: (k: number) => readonly LegPart[];
  readonly shape: EndShape;
}

/** What is drawn at an end. Lengths along the band count outwards from the bar, or from the weave where there is none. */
export type EndShape =
  | { readonly shape: 'none' }
  | {
      readonly shape: 'buckle';
      readonly half: 'socket' | 'prongs';
      readonly lengthMm: number;
      readonly prongMm: number;
      readonly sizeMm: number;
      readonly bodyWidthMm: number;
      readonly bar: Bar;
      readonly look: 'plastic' | 'metal' | 'breakaway';
    }
  | {
      readonly shape: 'plate';
      readonly lengthMm: number;
      readonly sizeMm: number;
      readonly bodyWidthMm: number;
      readonly bar: Bar;
      readonly look: 'magnet' | 'hook' | 'toggle';
    }
  | {
      readonly shape: 'bow';
      readonly bowMm: number;
      readonly widthMm: number;
      readonly wireMm: number;
      readonly holesMm: readonly number[];
      readonly holeMm: number;
    }
  | {
      readonly shape: 'frame';
      readonly lengthMm: number;
      readonly widthMm: number;
      readonly wireMm: number;
      readonly hasPin: boolean;
      /** Perimeter of a control loop that hangs in it. */
      readonly controlMm?: number;
    }
  | { readonly shape: 'spring-bar'; readonly lengthMm: number; readonly barMm: number }
  | { readonly shape: 'loop'; readonly straightMm: number; readonly radiusMm: number; readonly knot?: string }
  | {
      readonly shape: 'run';
      /** Straight way before the knot. */
      readonly lengthMm: number;
      /** Cords abreast. */
      readonly cords: number;
      readonly knot?: string;
      /** The same knot again, so often, each behind as long a straight way as the first. */
      readonly again?: number;
      readonly beadMm?: number;
      readonly capMm?: number;
      readonly tailMm: number;
      /** When closed, where its cord is drawn through its own knot: how near to the weave the knot then is, and the tail beyond. */
      readonly drawn?: { readonly knotAtMm: number; readonly tailMm: number };
      /** When closed: where, counted out from the weave, the end leaves the band, and whether it hangs or stands up. */
      readonly leaves?: { readonly outMm: number; readonly how: 'stands' | 'hangs' };
      readonly slider?: {
        readonly id: string;
        readonly atMm: number;
        readonly lengthMm: number;
        readonly rows: number;
      };
    };

/** A mark beyond or inside an end: outwards positive, from the weave's edge. */
interface EndMark {
  readonly at: 'start' | 'end';
  readonly outMm: number;
  readonly label: string;
  readonly what?: 'stop';
}

/** A cord that the closure needs beside those of the weave. */
export interface ExtraCord {
  readonly role: string;
  readonly cordType: string;
  readonly parts: readonly {
    readonly lengthMm: number;
    readonly why: Why;
    readonly what: 'closure' | 'tail';
  }[];
  readonly fold: Why;
}

export interface Closing {
  /** It lies across the watch case itself: one piece, with the case between its two ends. */
  readonly spansCase?: boolean;
  readonly start: BandEnd;
  readonly end: BandEnd;
  /** Flat length when closed; a slip-on may be longer than the ease asked for. */
  readonly finishedMm: number;
  /** Flat length when fully open; missing where it opens flat. */
  readonly openMm?: number;
  readonly danglesMm?: number;
  readonly dangles?: string;
  readonly marks?: readonly EndMark[];
  readonly extra?: readonly ExtraCord[];
  readonly checks?: readonly Check[];
  readonly figures?: readonly Figure[];
  readonly adjust?: Adjust;
  readonly hardware?: Why;
}

/** How the closed girth can be changed without retying. */
export interface Adjust {
  /** What is moved, in the middle of a sentence: “the pin”. */
  readonly what: string;
  /** Smallest step of closed girth; 0 for any. */
  readonly stepMm: number;
  /** How far it may go each way: tighter (negative) and looser. */
  readonly rangeMm: readonly [number, number];
  /** What one step is called: it may be moved by several. */
  readonly step?: 'row' | 'hole';
  /** The option that says where it is set now, one more for each step looser. */
  readonly setTo?: { readonly key: 'hole'; readonly now: number };
}

/** What a maker may set about a closure; the first choice of a list, or the hint's value, is the usual one. */
export type Option =
  | {
      readonly key: 'sizeMm' | 'hole' | 'loopShare' | 'rows' | 'knots';
      readonly label: string;
      readonly choices: readonly { readonly value: number; readonly name: Why; readonly note?: Why }[];
      readonly usual: number;
    }
  | {
      readonly key: 'knot' | 'cord' | 'attach' | 'start';
      readonly label: string;
      readonly choices: readonly { readonly value: string; readonly name: Why; readonly note?: Why }[];
      readonly usual: string;
    }
  | {
      readonly key: 'lengthMm' | 'openMm' | 'gapMm' | 'pastMm';
      readonly label: string;
      readonly leastMm: number;
      readonly mostMm: number;
      readonly hint: string;
      /** What holds while nothing is typed. */
      readonly usualMm?: (spec: ClosureSpec) => number | undefined;
    };

type ClosureFamily = 'buckled' | 'tied' | 'sliding' | 'worn on';

/** A way to close a band: data and one pure function. */
export interface Closure {
  readonly id: string;
  readonly name: string;
  readonly family: ClosureFamily;
  /** Offered wherever closures of this group are; one without is offered where its id is. */
  readonly group?: ClosureGroup;
  /** It has a body of its own, whose length can be measured. */
  readonly isBuckle?: boolean;
  /** As it stands in the sentence, after “closed by”. */
  readonly phrase: (spec: ClosureSpec) => Why;
  readonly words: string;
  /** 1 easy … 5 hard, and minutes beside the weave. */
  readonly difficulty: 1 | 2 | 3 | 4 | 5;
  readonly minutes: number;
  readonly options: readonly Option[];
  /** Why it cannot be made in this weave, if it cannot. */
  readonly unsuited?: (weave: SolvedFacts) => string | undefined;
  readonly close: (context: ClosureContext) => Closing;
  readonly cautions?: readonly string[];
}
