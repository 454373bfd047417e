import type { View } from '../../../core/drawing/paint.ts';

/** What the Beam shows: a side of the piece laid open, or the piece closed round the body. */
export type BeamView = View | 'closed';
