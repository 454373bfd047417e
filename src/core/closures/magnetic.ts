import { type TwoHalves, twoHalves } from './buckled.ts';
import type { EndShape } from './types.ts';

const CLASPS: readonly TwoHalves[] = [
  { sizeMm: 10, startMm: 11, endMm: 11, bodyWidthMm: 14, bar: { widthMm: 2, thicknessMm: 2 } },
  { sizeMm: 15, startMm: 13, endMm: 13, bodyWidthMm: 19, bar: { widthMm: 2, thicknessMm: 2.5 } },
  { sizeMm: 20, startMm: 15, endMm: 15, bodyWidthMm: 25, bar: { widthMm: 2.5, thicknessMm: 2.5 } },
];

export const magnetic = twoHalves({
  id: 'magnetic',
  group: 'buckle',
  name: 'magnetic clasp',
  list: CLASPS,
  usual: 15,
  words: 'Two bars that snap together with magnets: quick to close, and a hard tug opens them.',
  names: ['clasp half', 'clasp half'],
  shapes: (h) => {
    const plate = (lengthMm: number): EndShape => ({
      shape: 'plate',
      look: 'magnet',
      lengthMm,
      sizeMm: h.sizeMm,
      bodyWidthMm: h.bodyWidthMm,
      bar: h.bar,
    });
    return [plate(h.startMm), plate(h.endMm)];
  },
  cautions: [
    'Strong magnets: keep them away from pacemakers, cards and compasses; a swallowed magnet is an emergency. A hard tug opens it: don’t use it for a watch that must not drop.',
  ],
});
