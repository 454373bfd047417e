import type { ErrorObject } from './validation.ts';

export interface Repair {
  readonly data: unknown;
  /** What was done, one line each, with its place. */
  readonly done: readonly { readonly path: string; readonly words: string }[];
}

type Validate = ((data: unknown) => boolean) & { errors?: ErrorObject[] | null };

/** Each pass mends every fault that it can see; a second may be needed for what a first one uncovers. */
const PASSES = 4;

/**
 * Mends what can be mended without guessing: text and lists longer than their limit are cut to it, properties that are
 * not known are left out. Works on a copy. Nothing if anything else is wrong.
 */
export function repair(data: unknown, validate: Validate): Repair | undefined {
  const copy = structuredCloneJson(data);
  const done: { path: string; words: string }[] = [];
  for (let pass = 0; pass < PASSES; pass++) {
    if (validate(copy)) return done.length > 0 ? { data: copy, done } : undefined;
    const mended = (validate.errors ?? []).flatMap((error) => mend(copy, error) ?? []);
    if (mended.length === 0) return undefined;
    done.push(...mended);
  }
  return validate(copy) ? { data: copy, done } : undefined;
}

/** Documents are JSON; what is not does not survive, and would not have been saved. */
const structuredCloneJson = (data: unknown): unknown => JSON.parse(JSON.stringify(data ?? null));

function mend(root: unknown, error: ErrorObject): { path: string; words: string } | undefined {
  const path = error.instancePath;
  const holder = parentOf(root, path);
  if (error.keyword === 'additionalProperties') {
    const at = path === '' ? root : holder?.parent[holder.key];
    const extra = String(error.params.additionalProperty);
    if (typeof at !== 'object' || at === null || !(extra in at)) return undefined;
    delete (at as Record<string, unknown>)[extra];
    return { path: `${path}/${extra}`, words: 'left out, as it is not known' };
  }
  if (!holder) return undefined;
  const { parent, key } = holder;
  const value = parent[key];
  const limit = Number(error.params.limit);
  if (error.keyword === 'maxItems' && Array.isArray(value)) {
    parent[key] = value.slice(0, limit);
    return { path, words: `cut from ${value.length} entries to ${limit}` };
  }
  if (error.keyword === 'maxLength' && typeof value === 'string') {
    // A list of words is cut between two of them, so that none is left in half.
    const cut = [...value].slice(0, limit).join('');
    const lastGap = cut.lastIndexOf(' ');
    parent[key] = lastGap > limit / 2 ? cut.slice(0, lastGap) : cut;
    return { path, words: `cut from ${value.length} characters to ${String(parent[key]).length}` };
  }
  return undefined;
}

function parentOf(root: unknown, path: string): { parent: Record<string, unknown>; key: string } | undefined {
  const keys = path
    .split('/')
    .slice(1)
    .map((k) => k.replaceAll('~1', '/').replaceAll('~0', '~'));
  const key = keys.pop();
  if (key === undefined) return undefined;
  let at: unknown = root;
  for (const k of keys) at = (at as Record<string, unknown> | undefined)?.[k];
  return typeof at === 'object' && at !== null ? { parent: at as Record<string, unknown>, key } : undefined;
}
