import type { StallFigures } from '../../../../core/formats/stall.ts';

/** What a part of the figures is told, and how it keeps a change. */
export interface FiguresProps {
  readonly figures: StallFigures;
  readonly keep: (patch: Partial<StallFigures>) => Promise<void>;
}
