import { HAND, HEAD, HEEL, type Measure } from './measures.ts';
import type { Ease } from './schools.ts';

/** Checks of a product by name; see plan/checks. */
export type ProductCheck = 'lug-width' | 'lug-gap' | 'two-fingers' | 'wanted-width' | 'ring' | 'pass-under';

/** A product is a record: what is measured, what is sensible, what holds it. Adding a product is adding a record. */
/** Closures that are offered together: a new one says that it is one of them. */
export type ClosureGroup = 'buckle' | 'tied' | 'sliding';

/** One closure by its id, or every one of a group, in the order of the list of closures. */
export type ClosureOffer = string | { readonly every: ClosureGroup };

export interface Product {
  readonly id: string;
  readonly name: string;
  readonly article: 'a' | 'an';
  /** The girth that the piece is made for. */
  readonly girth: Measure & {
    readonly usualMm: number;
    /** A wrist: what a stall’s sizes are sizes of. */
    readonly isWrist?: boolean;
  };
  readonly measures: readonly Measure[];
  /** Id of the measure that it must pass over where its closure does not open right up. */
  readonly passes?: string;
  readonly ease: Ease;
  /** Closures that suit it, the usual one first. */
  readonly closures: readonly ClosureOffer[];
  /** Made in two halves, each starting at one of a watch case's two bars, or in one that runs on under the case. */
  readonly case?: 'between' | 'over';
  /** Must hold an animal or more: nothing in it may be spliced. */
  readonly carriesLoad?: boolean;
  /** Add-ons that every such piece has, and the measures that say where and how large. */
  readonly brings?: readonly {
    readonly kind: 'ring';
    readonly at: Measure['id'];
    readonly size: Measure['id'];
  }[];
  readonly checks: readonly ProductCheck[];
  readonly cautions: readonly string[];
}

const TAPE = 'It should touch and not squeeze.';

const WRIST = {
  id: 'girth',
  name: 'wrist',
  how: `Lay a tape round the wrist where the band will sit. ${TAPE} A wrist is an oval: the girth is what counts.`,
  picture: 'limb',
  leastMm: 60,
  mostMm: 350,
  usualMm: 170,
  isWrist: true,
} as const satisfies Measure & { readonly isWrist: boolean };

const NECK = {
  id: 'girth',
  name: 'neck',
  how: `Lay a tape round the neck where the collar will sit. ${TAPE}`,
  picture: 'neck',
  leastMm: 120,
  mostMm: 900,
  usualMm: 380,
} as const satisfies Measure;

const LUG: Measure = {
  id: 'lug',
  name: 'lug width',
  how: 'Measure between the lugs, from inner face to inner face.',
  picture: 'lug',
  leastMm: 8,
  mostMm: 40,
  usualMm: 20,
};

const LUG_TO_LUG: Measure = {
  id: 'lugToLug',
  name: 'case length',
  how: 'Measure from spring bar to spring bar along the wrist, under the case, following the wrist’s curve.',
  picture: 'case',
  leastMm: 15,
  mostMm: 80,
  usualMm: 44,
};

const GAP: Measure = {
  id: 'gap',
  name: 'gap at the bar',
  how: 'Slide cords of known thickness between spring bar and case; the thickest that passes is the gap.',
  picture: 'gap',
  leastMm: 0.5,
  mostMm: 12,
  usualMm: 2.5,
};

const SPRING_BAR: Measure = {
  id: 'springBar',
  name: 'spring bar',
  how: 'Measure the thickness of the bar across its tube.',
  picture: 'bar',
  leastMm: 0.8,
  mostMm: 4,
  usualMm: 1.8,
};

const WIDTH: Measure = {
  id: 'width',
  name: 'width',
  how: 'How wide the cuff should be; weaves of that width are listed.',
  picture: 'width',
  leastMm: 8,
  mostMm: 120,
  usualMm: 35,
};

const RING_AT: Measure = {
  id: 'ringAt',
  name: 'ring’s place',
  how: 'How far the ring’s middle is from the first buckle half. Behind the buckle it hangs opposite the leash hand.',
  picture: 'ring-at',
  leastMm: 15,
  mostMm: 900,
  usualMm: 45,
};

const RING_FLAT: Measure = {
  id: 'ringFlat',
  name: 'ring’s flat side',
  how: 'Measure the D-ring’s straight side, from inner corner to inner corner.',
  picture: 'ring-flat',
  leastMm: 8,
  mostMm: 80,
  usualMm: 20,
};

const NO_CATCH =
  'A band that does not break away can catch: not near machines, not on climbing gear, never on a sleeping child, never on infants. Small parts can choke.';
const NOT_RATED =
  'Cord and buckle are not rated for climbing, lifting or life support, whatever the label says.';
const WATCH_CARE = 'Pull at both spring bars before you wear it: a bar that is not seated drops the watch.';
const COLLAR_CARE = [
  'Check every day that two fingers fit under it; take it off when the animal is alone or in a crate. Ends must not scratch: finish them on the outside of the hitch, away from the skin, or tuck them.',
  'A home-made collar is not rated: use rated hardware for a leash, and ask a vet if in doubt.',
] as const;

const BUCKLES: ClosureOffer = { every: 'buckle' };
const TIED: ClosureOffer = { every: 'tied' };
const SLIDING: ClosureOffer = { every: 'sliding' };

export const PRODUCTS: readonly Product[] = [
  {
    id: 'bracelet',
    name: 'bracelet',
    article: 'a',
    girth: WRIST,
    measures: [HAND],
    passes: 'hand',
    ease: { school: 'thickness', slackMm: 8 },
    closures: [BUCKLES, TIED, SLIDING, 'slip-on'],
    checks: [],
    cautions: [NO_CATCH, NOT_RATED],
  },
  {
    id: 'anklet',
    name: 'anklet',
    article: 'an',
    girth: {
      id: 'girth',
      name: 'ankle',
      how: `Lay a tape round the ankle above the bone. ${TAPE}`,
      picture: 'limb',
      leastMm: 100,
      mostMm: 450,
      usualMm: 230,
    },
    measures: [HEEL],
    passes: 'heel',
    ease: { school: 'thickness', slackMm: 15 },
    closures: ['knot-loop', BUCKLES, 'braid-loop', SLIDING, 'slip-on'],
    checks: [],
    cautions: [NO_CATCH, NOT_RATED],
  },
  {
    id: 'cuff',
    name: 'cuff',
    article: 'a',
    girth: WRIST,
    measures: [WIDTH, HAND],
    passes: 'hand',
    ease: { school: 'thickness', slackMm: 8 },
    closures: [BUCKLES, TIED, 'open-cuff', 'slip-on'],
    checks: ['wanted-width'],
    cautions: [NO_CATCH, NOT_RATED],
  },
  {
    id: 'watch-two-piece',
    name: 'two-piece watch strap',
    article: 'a',
    girth: WRIST,
    measures: [LUG, LUG_TO_LUG, GAP, SPRING_BAR, HAND],
    passes: 'hand',
    ease: { school: 'thickness', slackMm: 8 },
    closures: ['pin-buckle', 'side-release', 'metal-side-release', 'shackle', 'magnetic', 'spring-bars'],
    case: 'between',
    checks: ['lug-width', 'lug-gap'],
    cautions: [WATCH_CARE, NO_CATCH, NOT_RATED],
  },
  {
    id: 'watch-pass-under',
    name: 'pass-under watch strap',
    article: 'a',
    girth: WRIST,
    measures: [LUG, LUG_TO_LUG, GAP, SPRING_BAR, HAND],
    passes: 'hand',
    ease: { school: 'thickness', slackMm: 8 },
    closures: ['pin-buckle', 'side-release', 'metal-side-release', 'shackle', 'hook', 'knot-loop'],
    case: 'over',
    checks: ['lug-width', 'pass-under'],
    cautions: [WATCH_CARE, NO_CATCH, NOT_RATED],
  },
  {
    id: 'collar',
    carriesLoad: true,
    name: 'collar',
    article: 'a',
    girth: NECK,
    measures: [RING_AT, RING_FLAT, HEAD],
    ease: { school: 'fingers', fingers: 2 },
    closures: ['side-release', 'metal-side-release'],
    brings: [{ kind: 'ring', at: RING_AT.id, size: RING_FLAT.id }],
    checks: ['two-fingers', 'ring'],
    cautions: [...COLLAR_CARE],
  },
  {
    id: 'collar-limited-slip',
    carriesLoad: true,
    name: 'limited-slip collar',
    article: 'a',
    girth: NECK,
    measures: [HEAD],
    passes: 'head',
    ease: { school: 'thickness', slackMm: 10 },
    closures: ['limited-slip'],
    checks: [],
    cautions: [
      'Pulled shut, it must rest against the neck without squeezing: the rings must meet before the neck feels it.',
      ...COLLAR_CARE,
    ],
  },
  {
    id: 'collar-cat',
    carriesLoad: true,
    name: 'cat collar',
    article: 'a',
    girth: { ...NECK, leastMm: 120, mostMm: 450, usualMm: 230 },
    measures: [HEAD],
    ease: { school: 'fingers', fingers: 1 },
    closures: ['breakaway'],
    checks: [],
    cautions: [
      'A cat’s collar must break away: pull the clasp to test it before each wear, and never replace it with a clasp that holds. Don’t attach a leash.',
      ...COLLAR_CARE,
    ],
  },
  {
    id: 'band',
    name: 'band',
    article: 'a',
    girth: {
      id: 'girth',
      name: 'girth',
      how: 'Lay a tape round whatever the band goes round.',
      picture: 'limb',
      leastMm: 20,
      mostMm: 3000,
      usualMm: 250,
    },
    measures: [],
    ease: { school: 'thickness', slackMm: 0 },
    closures: [BUCKLES, TIED, SLIDING, 'slip-on'],
    checks: [],
    cautions: [NO_CATCH, NOT_RATED],
  },
];

export const findProduct = (id: string): Product | undefined => PRODUCTS.find((p) => p.id === id);

/** The measure of that id, the girth included. */
export const measureOf = (product: Product, id: string): Measure | undefined =>
  id === 'girth' ? product.girth : product.measures.find((m) => m.id === id);
