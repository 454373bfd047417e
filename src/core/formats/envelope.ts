import { fail, type Issue, ok, type Result } from '../result.ts';
import { type ErrorObject, quote, schemaIssues } from '../validation.ts';

/** One kind of document: what it is called in its file and among people, and how it is brought up to date and checked. */
export interface DocumentKind {
  readonly format: string;
  readonly version: number;
  /** With its article: “a Warp Beam design”. */
  readonly name: string;
  /** The most characters that a file of it may have. */
  readonly maxChars: number;
  /** From each version to the next, by the version that is left. */
  readonly steps?: Readonly<Record<number, (data: Versioned) => Versioned>>;
  readonly validate: ((data: unknown) => boolean) & { errors?: ErrorObject[] | null };
}

interface Versioned {
  readonly version?: unknown;
}

/** Reads JSON text no longer than `maxChars`; a byte-order mark is passed over. Nothing is parsed that is too large. */
function parseJson(text: string, maxChars: number, name: string): Result<unknown> {
  if (text.length > maxChars) {
    return fail({
      code: 'file.large',
      path: '',
      message: `The file is larger than ${Math.round(maxChars / 1000)} kB; ${name} is far smaller.`,
    });
  }
  try {
    return ok(JSON.parse(text.replace(/^\ufeff/, '')));
  } catch (error) {
    return fail({
      code: 'file.json',
      path: '',
      message: `This is not JSON: ${quote((error as Error).message)}.`,
    });
  }
}

/** Reads a document from text: size, JSON, format, version, migrations, then the schema. Nothing is changed on failure. */
export function parseDocument<T>(text: string, kind: DocumentKind): Result<T> {
  const data = parseJson(text, kind.maxChars, kind.name);
  return data.ok ? readDocument<T>(data.value, kind) : data;
}

/** Checks data that claims to be a document, stored or imported. */
export function readDocument<T>(data: unknown, kind: DocumentKind): Result<T> {
  const current = openEnvelope(data, kind);
  if (!current.ok) return current;
  if (!kind.validate(current.value)) return { ok: false, issues: schemaIssues(kind.validate.errors ?? []) };
  return ok(current.value as T);
}

/** The data as its newest version says it, before the schema is asked. */
export function openEnvelope(data: unknown, kind: DocumentKind): Result<Versioned> {
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return fail(foreign('/', `This is not ${kind.name}.`));
  const { format, version } = data as { format?: unknown; version?: unknown };
  if (format !== kind.format) {
    const found = format === undefined ? 'missing' : quote(JSON.stringify(format));
    return fail(
      foreign('/format', `This is not ${kind.name}: its “format” is ${found}, not “${kind.format}”.`),
    );
  }
  if (typeof version === 'number' && version > kind.version) {
    return fail({
      code: 'file.newer',
      path: '/version',
      message: `This was written by a newer Warp Beam (${kind.format.split('/')[1]} version ${quote(version)}; this one reads up to ${kind.version}). It was left untouched.`,
    });
  }
  return ok(migrate(data as Versioned, kind));
}

/** Brings an older document up to date, step by step; what claims no version we know is left for the schema to refuse. */
function migrate(data: Versioned, kind: DocumentKind): Versioned {
  const step = typeof data.version === 'number' ? kind.steps?.[data.version] : undefined;
  return step ? migrate(step(data), kind) : data;
}

const foreign = (path: string, message: string): Issue => ({ code: 'file.foreign', path, message });

/** Issues of a document that lies inside another one, at their place in the whole. */
export const within = <T>(path: string, result: Result<T>): Result<T> =>
  result.ok ? result : { ok: false, issues: result.issues.map((i) => ({ ...i, path: path + i.path })) };
