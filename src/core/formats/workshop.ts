import type { SolvedWeave } from '../patterns/types.ts';
import { fail, ok, type Result } from '../result.ts';
import type { Swatch } from '../usage/swatch.ts';
import { type ErrorObject, schemaIssues } from '../validation.ts';
import validateWeave from './own-weave.validate.gen.js';
import validateSwatch from './swatch.validate.gen.js';

/** A weave of the maker's own, with its solved shape. */
export interface OwnWeave {
  readonly id: string;
  readonly name: string;
  /** Milliseconds since 1970. */
  readonly updatedAt: number;
  readonly solved: SolvedWeave;
}

type Validate = ((data: unknown) => boolean) & { errors?: ErrorObject[] | null };

const read = <T>(data: unknown, validate: Validate): Result<T> =>
  validate(data) ? ok(data as T) : { ok: false, issues: schemaIssues(validate.errors ?? []) };

/** Checks a stored weave of the maker's own; every strand has its centre line, three numbers a point. */
export function readOwnWeave(data: unknown): Result<OwnWeave> {
  const weave = read<OwnWeave>(data, validateWeave);
  if (!weave.ok) return weave;
  const { points, strands, flat } = weave.value.solved;
  const isWhole =
    points.length === strands.length && points.every((p) => p.length >= 6 && p.length % 3 === 0);
  if (!isWhole) {
    const message = 'Every strand needs a centre line of at least two points, three numbers each.';
    return fail({ code: 'weave.points', path: '/solved/points', message });
  }
  if (flat && !points.every((p, i) => flat[i]?.length === p.length)) {
    const message =
      'How flat the cord is must be given for every point of every strand, three numbers each, or not at all.';
    return fail({ code: 'weave.flat', path: '/solved/flat', message });
  }
  return weave;
}

/** Checks a stored swatch. */
export const readSwatch = (data: unknown): Result<Swatch> => read(data, validateSwatch);
