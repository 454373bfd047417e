import { fail, ok, type Result } from '../result.ts';
import { schemaIssues } from '../validation.ts';
import type { Design } from './design.gen.ts';
import validate from './design.validate.gen.js';

export type { Design } from './design.gen.ts';

export const DESIGN_FORMAT = 'warp-beam/design';
export const DESIGN_VERSION = 2;
/** A design is a page of text; anything larger is not one. */
export const MAX_DESIGN_CHARS = 200_000;

/** Reads a design document from text: size, JSON, format, version, then the schema. Nothing is changed on failure. */
export function parseDesign(text: string): Result<Design> {
  if (text.length > MAX_DESIGN_CHARS) {
    return fail({
      code: 'file.large',
      path: '',
      message: `The file is larger than ${MAX_DESIGN_CHARS / 1000} kB; a design is far smaller.`,
    });
  }
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return fail({ code: 'file.json', path: '', message: `This is not JSON: ${(error as Error).message}.` });
  }
  return readDesign(data);
}

/** Checks data that claims to be a design, stored or imported. */
export function readDesign(data: unknown): Result<Design> {
  if (typeof data !== 'object' || data === null || Array.isArray(data)) {
    return fail({ code: 'file.foreign', path: '/', message: 'This is not a Warp Beam design.' });
  }
  const { format, version } = data as { format?: unknown; version?: unknown };
  if (format !== DESIGN_FORMAT) {
    return fail({
      code: 'file.foreign',
      path: '/format',
      message: `This is not a Warp Beam design: its “format” is ${JSON.stringify(format) ?? 'missing'}, not “${DESIGN_FORMAT}”.`,
    });
  }
  if (typeof version === 'number' && version > DESIGN_VERSION) {
    return fail({
      code: 'file.newer',
      path: '/version',
      message: `This was written by a newer Warp Beam (design version ${version}; this one reads up to ${DESIGN_VERSION}). It was left untouched.`,
    });
  }
  const migrated = migrate(data as Versioned);
  if (!validate(migrated)) return { ok: false, issues: schemaIssues(validate.errors ?? []) };
  return ok(migrated as unknown as Design);
}

interface Versioned {
  readonly version?: unknown;
}

/** From each version to the next, by the version that is left. Version 2 only knows more; what version 1 said stays true. */
const STEPS: Readonly<Record<number, (data: Versioned) => Versioned>> = {
  1: (data) => ({ ...data, version: 2 }),
};

/** Brings an older document up to date, step by step; what claims no version we know is left for the schema to refuse. */
function migrate(data: Versioned): Versioned {
  const step = typeof data.version === 'number' ? STEPS[data.version] : undefined;
  return step ? migrate(step(data)) : data;
}

/** The document as a file: stable order, two spaces, a newline at the end. */
export const formatDesign = (design: Design): string => `${JSON.stringify(design, null, 2)}\n`;
