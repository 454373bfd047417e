import type { Forecast } from '../log/predict.ts';
import { ok, type Result } from '../result.ts';
import type { Progress } from '../steps/progress.ts';
import { type Design, readDesign } from './design.ts';
import { type DocumentKind, readDocument, within } from './envelope.ts';
import validate from './tying.validate.gen.js';

const FORMAT = 'warp-beam/tying';
const VERSION = 1;

const KIND: DocumentKind = {
  format: FORMAT,
  version: VERSION,
  name: 'a piece that Warp Beam is tying',
  maxChars: 2_000_000,
  validate,
};

/** A piece under the maker's hands. The design is the one that was cut, whatever the Bench shows by now. */
export interface Tying {
  readonly format: typeof FORMAT;
  readonly version: typeof VERSION;
  readonly startedAt: number;
  readonly design: Design;
  readonly progress: Progress;
  /** What the maker's log said when it was cut; missing where plans used the calculation alone. */
  readonly learned?: Forecast;
}

export const newTying = (
  design: Design,
  progress: Progress,
  startedAt: number,
  learned?: Forecast,
): Tying => ({
  format: FORMAT,
  version: VERSION,
  startedAt,
  design,
  progress,
  ...(learned ? { learned } : {}),
});

/** Checks a stored piece; its design is checked and brought up to date like any other. */
export function readTying(data: unknown): Result<Tying> {
  const read = readDocument<Tying>(data, KIND);
  if (!read.ok) return read;
  const design = within('/design', readDesign(read.value.design));
  return design.ok ? ok({ ...read.value, design: design.value }) : design;
}
