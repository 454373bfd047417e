import { halvesOf, type TwoHalves, twoHalves } from './buckled.ts';
import type { Closure, EndShape } from './types.ts';

/** A side-release buckle, by the inner width of its cord slot: socket half, prong half, and how far the prongs reach. */
interface SideRelease extends TwoHalves {
  readonly prongMm: number;
}

export const SIDE_RELEASE: readonly SideRelease[] = [
  { sizeMm: 10, startMm: 16, endMm: 10, prongMm: 11, bodyWidthMm: 15, bar: { widthMm: 2.5, thicknessMm: 2 } },
  { sizeMm: 15, startMm: 22, endMm: 13, prongMm: 15, bodyWidthMm: 21, bar: { widthMm: 3, thicknessMm: 2.5 } },
  { sizeMm: 20, startMm: 27, endMm: 16, prongMm: 19, bodyWidthMm: 27, bar: { widthMm: 3.5, thicknessMm: 3 } },
  { sizeMm: 25, startMm: 32, endMm: 19, prongMm: 23, bodyWidthMm: 33, bar: { widthMm: 4, thicknessMm: 3.5 } },
];

const METAL: readonly SideRelease[] = [
  { sizeMm: 10, startMm: 14, endMm: 9, prongMm: 9, bodyWidthMm: 14, bar: { widthMm: 2, thicknessMm: 2 } },
  {
    sizeMm: 15,
    startMm: 19,
    endMm: 12,
    prongMm: 13,
    bodyWidthMm: 20,
    bar: { widthMm: 2.5, thicknessMm: 2.5 },
  },
  { sizeMm: 20, startMm: 24, endMm: 14, prongMm: 17, bodyWidthMm: 26, bar: { widthMm: 3, thicknessMm: 3 } },
  {
    sizeMm: 25,
    startMm: 29,
    endMm: 17,
    prongMm: 21,
    bodyWidthMm: 32,
    bar: { widthMm: 3.5, thicknessMm: 3.5 },
  },
];

const BREAKAWAY: readonly SideRelease[] = [
  { sizeMm: 10, startMm: 13, endMm: 9, prongMm: 9, bodyWidthMm: 15, bar: { widthMm: 2.5, thicknessMm: 2 } },
  {
    sizeMm: 15,
    startMm: 16,
    endMm: 11,
    prongMm: 11,
    bodyWidthMm: 20,
    bar: { widthMm: 2.5, thicknessMm: 2.5 },
  },
];

export const sideRelease = (sizeMm: number, measuredMm?: number): SideRelease | undefined =>
  halvesOf(SIDE_RELEASE, sizeMm, measuredMm);

const shapes =
  (look: 'plastic' | 'metal' | 'breakaway') =>
  (b: SideRelease): readonly [EndShape, EndShape] => {
    const { prongMm, sizeMm, bodyWidthMm, bar } = b;
    const common = { shape: 'buckle', prongMm, sizeMm, bodyWidthMm, bar, look } as const;
    return [
      { ...common, half: 'socket', lengthMm: b.startMm },
      { ...common, half: 'prongs', lengthMm: b.endMm },
    ];
  };

const NAMES = ['socket half', 'prong half'] as const;

/** Side-release buckles: plastic, metal, and the kind that lets go under a load, for cats. */
export const sideReleases: readonly Closure[] = [
  twoHalves({
    id: 'side-release',
    group: 'buckle',
    name: 'side-release buckle',
    list: SIDE_RELEASE,
    usual: 15,
    words:
      'Two plastic halves, pressed at the sides to open. Sized by the slot that the cord passes through.',
    shapes: shapes('plastic'),
    names: NAMES,
  }),
  twoHalves({
    id: 'metal-side-release',
    group: 'buckle',
    name: 'metal side-release buckle',
    list: METAL,
    usual: 15,
    words: 'Like the plastic one, but shorter and heavier; cold on the skin in winter.',
    shapes: shapes('metal'),
    names: NAMES,
  }),
  twoHalves({
    id: 'breakaway',
    name: 'breakaway buckle',
    list: BREAKAWAY,
    usual: 10,
    words: 'Two halves that come apart on their own under a small pull.',
    shapes: shapes('breakaway'),
    names: NAMES,
    cautions: ['Pull the breakaway open by hand before each wear: a small pull must open it.'],
  }),
];
