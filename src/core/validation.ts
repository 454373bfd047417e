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

function place(error: ErrorObject): string {
  const extra = error.params.missingProperty ?? error.params.additionalProperty;
  return extra === undefined ? error.instancePath || '/' : `${error.instancePath}/${String(extra)}`;
}

function words(error: ErrorObject): string {
  const p = error.params;
  switch (error.keyword) {
    case 'required':
      return 'This is missing.';
    case 'additionalProperties':
      return 'This is not known here.';
    case 'const':
      return `This must be ${JSON.stringify(p.allowedValue)}.`;
    case 'enum':
      return `This must be one of ${(p.allowedValues as unknown[]).map((v) => JSON.stringify(v)).join(', ')}.`;
    case 'type':
      return `This must be of type ${String(p.type)}.`;
    default:
      return `This ${error.message ?? 'is not right'}.`;
  }
}
