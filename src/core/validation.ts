import type { Issue } from './result.ts';

/** The part of an Ajv error that we read. */
export interface ErrorObject {
  readonly keyword: string;
  readonly instancePath: string;
  readonly params: Record<string, unknown>;
  readonly message?: string;
}

/** Turns the validator's errors into plain words with their place; the vague ones about alternatives are dropped. */
export function schemaIssues(errors: readonly ErrorObject[]): Issue[] {
  const telling = errors.filter((e) => !['oneOf', 'anyOf', 'if'].includes(e.keyword));
  const seen = new Set<string>();
  const out: Issue[] = [];
  for (const error of telling.length > 0 ? telling : errors) {
    const issue = { code: `schema.${error.keyword}`, path: place(error), message: words(error) };
    const key = `${issue.path} ${issue.message}`;
    if (!seen.has(key)) out.push(issue);
    seen.add(key);
  }
  return out.slice(0, 12);
}

/** A message never quotes more of what was read than this. */
const MOST_QUOTED = 80;

/** What was read, short enough for a message: cut in the middle of nothing that matters, with a mark where it was cut. */
export function quote(value: unknown): string {
  const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? 'nothing');
  // biome-ignore lint/suspicious/noControlCharactersInRegex: exactly those are shown as spaces
  const plain = text.replace(/[\u0000-\u001f\u007f]+/g, ' ');
  return plain.length > MOST_QUOTED ? `${plain.slice(0, MOST_QUOTED - 1)}…` : plain;
}

function place(error: ErrorObject): string {
  const extra = error.params.missingProperty ?? error.params.additionalProperty;
  if (extra === undefined) return quote(error.instancePath || '/');
  return quote(`${error.instancePath}/${String(extra).replaceAll('~', '~0').replaceAll('/', '~1')}`);
}

function words(error: ErrorObject): string {
  const p = error.params;
  switch (error.keyword) {
    case 'required':
      return 'This is missing.';
    case 'additionalProperties':
      return 'Unknown property.';
    case 'const':
      return `This must be ${quote(JSON.stringify(p.allowedValue))}.`;
    case 'enum':
      return `Choose one of ${quote((p.allowedValues as unknown[]).map((v) => JSON.stringify(v)).join(', '))}.`;
    case 'type':
      return `This must be of type ${String(p.type)}.`;
    case 'maxItems':
    case 'maxProperties':
      return `This can hold at most ${String(p.limit)}.`;
    case 'minItems':
      return `This needs at least ${String(p.limit)}.`;
    case 'maxLength':
      return `This can be at most ${String(p.limit)} characters long.`;
    case 'minLength':
      return Number(p.limit) === 1
        ? 'This can’t be empty.'
        : `This needs at least ${String(p.limit)} characters.`;
    case 'minimum':
      return `This must be at least ${String(p.limit)}.`;
    case 'maximum':
      return `This must be at most ${String(p.limit)}.`;
    default:
      return `This ${quote(error.message ?? 'is not right')}.`;
  }
}

/** What people call the parts of a document, by the first name in their place. */
const FIELDS: Readonly<Record<string, string>> = {
  name: 'the name',
  wearer: 'the wearer',
  measures: 'the measures',
  ease: 'the fit',
  pattern: 'the weave',
  cord: 'the cord',
  setup: 'the set-up',
  cords: 'the cords',
  looks: 'your own cords',
  sequence: 'colours along the length',
  addons: 'the add-ons',
  closure: 'the closure',
  notes: 'the notes',
  progress: 'the progress',
};

/** A place in a document as people call it: `/addons` → `the add-ons`. */
export function fieldName(path: string): string {
  const first = path.split('/')[1] ?? '';
  return FIELDS[first] ?? (path || 'the file');
}
