import type { CordColour } from '../colour/palette.ts';
import { fail, ok, type Result } from '../result.ts';
import { schemaIssues } from '../validation.ts';
import validate from './palette.validate.gen.js';

const FORMAT = 'warp-beam/palette';
const VERSION = 1;

/** Cords of one's own as a document. */
export const formatPalette = (looks: readonly CordColour[]): string =>
  `${JSON.stringify({ format: FORMAT, version: VERSION, looks }, null, 2)}\n`;

/** Reads a palette from text; issues say where and why, and nothing is taken of a file that is wrong anywhere. */
export function parsePalette(text: string): Result<CordColour[]> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return fail({ code: 'file.json', path: '', message: `This is not JSON: ${(error as Error).message}.` });
  }
  const { format, version } = (data ?? {}) as { format?: unknown; version?: unknown };
  if (format !== FORMAT)
    return fail({ code: 'file.foreign', path: '/format', message: 'This is not a Warp Beam palette.' });
  if (typeof version === 'number' && version > VERSION)
    return fail({
      code: 'file.newer',
      path: '/version',
      message: 'This palette was written by a newer Warp Beam. It was left untouched.',
    });
  if (!validate(data)) return { ok: false, issues: schemaIssues(validate.errors ?? []) };
  return ok((data as { looks: CordColour[] }).looks);
}
