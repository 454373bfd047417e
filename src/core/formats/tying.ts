import { fail, ok, type Result } from '../result.ts';
import type { Progress } from '../steps/progress.ts';
import { schemaIssues } from '../validation.ts';
import { type Design, readDesign } from './design.ts';
import validate from './tying.validate.gen.js';

const FORMAT = 'warp-beam/tying';
const VERSION = 1;

/** A piece under the maker's hands. The design is the one that was cut, whatever the Bench shows by now. */
export interface Tying {
  readonly format: typeof FORMAT;
  readonly version: typeof VERSION;
  readonly startedAt: number;
  readonly design: Design;
  readonly progress: Progress;
}

export const newTying = (design: Design, progress: Progress, startedAt: number): Tying => ({
  format: FORMAT,
  version: VERSION,
  startedAt,
  design,
  progress,
});

/** Checks a stored piece; its design is checked and brought up to date like any other. */
export function readTying(data: unknown): Result<Tying> {
  const { format, version } = (data ?? {}) as { format?: unknown; version?: unknown };
  if (format !== FORMAT)
    return fail({ code: 'file.foreign', path: '/format', message: 'This is not a piece of Warp Beam’s.' });
  if (typeof version === 'number' && version > VERSION)
    return fail({
      code: 'file.newer',
      path: '/version',
      message: 'This piece was begun with a newer Warp Beam. It was left untouched.',
    });
  if (!validate(data)) return { ok: false, issues: schemaIssues(validate.errors ?? []) };
  const design = readDesign((data as { design: unknown }).design);
  if (!design.ok)
    return { ok: false, issues: design.issues.map((i) => ({ ...i, path: `/design${i.path}` })) };
  return ok({ ...(data as Tying), design: design.value });
}
