import type { CordColour } from '../colour/palette.ts';
import type { CordType } from '../cord/cords.ts';
import type { RingDesign } from '../formats/ring.gen.ts';
import type { Why } from '../why/why.ts';
import type { Lay } from './lays.ts';
import type { RingProduct } from './products.ts';
import type { RingOnMandrel, Verdict } from './sizes.ts';
import type { RingShape } from './types.ts';

/** A piece of cord to cut. */
export interface RingCord {
  /** Index of its colour in the design. */
  readonly cord: number;
  /** 1 … g where a pass needs several cords; 0 where one makes it. */
  readonly strand: number;
  readonly letter: string;
  readonly colour: CordColour;
  readonly passes: number;
  /** In the ring itself. */
  readonly usedMm: number;
  readonly endsMm: number;
  readonly spareMm: number;
  readonly cutMm: number;
  readonly why: Why;
}

/** Parts of a ring that replace those that are there; `undefined` takes an option away. */
export type RingPatch = { readonly [K in keyof RingDesign]?: RingDesign[K] | undefined };

export interface RingCheck {
  readonly id: string;
  readonly ok: boolean;
  readonly isNote?: boolean;
  readonly message: Why;
  readonly fix?: { readonly label: Why; readonly patch: RingPatch };
}

export interface RingPlan {
  readonly design: RingDesign;
  readonly shape: RingShape;
  readonly product: RingProduct;
  readonly cordType: CordType;
  /** Lengths in mm; `girth` is the inside girth of the finished ring. */
  readonly ring: RingOnMandrel;
  readonly strands: number;
  readonly widthMm: number;
  readonly narrowMm: number;
  readonly pitchMm: number;
  /** Half angle between leads and the winding direction, in degrees. */
  readonly angleDeg: number;
  readonly openShare: number;
  readonly thicknessMm: readonly [number, number];
  readonly verdict: Verdict;
  /** Inside girth when it is pushed to its narrowest: what it passes over. */
  readonly passesMm: number;
  /** On a hand it is tied with a cord's thickness of air; so much cord comes out when it is drawn up. */
  readonly drawnOutMm: number;
  readonly cords: readonly RingCord[];
  readonly chance: number;
  readonly lays: readonly Lay[];
  readonly crossings: number;
  readonly minutes: number;
  readonly minutesWhy: Why;
  readonly checks: readonly RingCheck[];
  readonly whys: Readonly<Record<'girth' | 'width' | 'pitch' | 'open' | 'passes', Why>>;
}
