import { len, num, percent, type Why, why } from '../why/why.ts';

/** Which small drawing shows how a measure is taken. */
export type MeasurePicture =
  | 'limb'
  | 'hand'
  | 'heel'
  | 'neck'
  | 'head'
  | 'lug'
  | 'case'
  | 'gap'
  | 'bar'
  | 'width'
  | 'ring-at'
  | 'ring-flat';

/** Something that is measured on a body, a watch or a ring: a record, so that a product is made of records. */
export interface Measure {
  readonly id: string;
  readonly name: string;
  /** How it is taken, in a maker's words. */
  readonly how: string;
  readonly picture: MeasurePicture;
  readonly leastMm: number;
  readonly mostMm: number;
  readonly usualMm?: number;
  /** Worked out from the girth where it is not measured. */
  readonly estimate?: EstimateRule;
}

/** A measure as a multiple of the girth, and by which share people differ from that. */
interface EstimateRule {
  readonly times: number;
  readonly spread: number;
}

/** A measure's value, how sure it is, and where it came from. */
export interface Measured {
  readonly mm: number;
  /** Least and most that it may really be; both equal `mm` when it was measured. */
  readonly range: readonly [number, number];
  readonly isMeasured: boolean;
  readonly why: Why;
}

/** The value typed, else worked out from the girth, else the usual one; nothing when there is no way to know. */
export function measureOf(
  measure: Measure,
  typedMm: number | undefined,
  girth: { readonly name: string; readonly mm: number },
): Measured | undefined {
  if (typedMm !== undefined)
    return {
      mm: typedMm,
      range: [typedMm, typedMm],
      isMeasured: true,
      why: why`${measure.name}, as measured`,
    };
  const { estimate, usualMm } = measure;
  if (estimate) {
    const mm = girth.mm * estimate.times;
    return {
      mm,
      range: [mm * (1 - estimate.spread), mm * (1 + estimate.spread)],
      isMeasured: false,
      why: why`estimated: ${num(estimate.times)} × ${girth.name} ${len(girth.mm)} = ${len(mm)}, give or take ${percent(estimate.spread)}; measure the ${measure.name} to be sure`,
    };
  }
  if (usualMm === undefined) return undefined;
  return { mm: usualMm, range: [usualMm, usualMm], isMeasured: false, why: why`a usual ${measure.name}` };
}

/** Girths that a piece must pass over. The multiples are priors from adults' body tables, with a wide spread. */
export const HAND: Measure = {
  id: 'hand',
  name: 'hand',
  how: 'Tuck the thumb across the palm as if to slip on a bangle, and measure round the widest place, over the knuckles.',
  picture: 'hand',
  leastMm: 90,
  mostMm: 400,
  estimate: { times: 1.2, spread: 0.06 },
};

export const HEEL: Measure = {
  id: 'heel',
  name: 'heel',
  how: 'Lay the tape round heel and instep at their widest, foot pointed.',
  picture: 'heel',
  leastMm: 120,
  mostMm: 550,
  estimate: { times: 1.42, spread: 0.07 },
};

export const HEAD: Measure = {
  id: 'head',
  name: 'head',
  how: 'Lay the tape round the widest part of the head, in front of the ears.',
  picture: 'head',
  leastMm: 100,
  mostMm: 900,
  estimate: { times: 1.15, spread: 0.12 },
};
