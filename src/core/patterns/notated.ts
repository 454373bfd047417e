import { parse } from '../weave/parse.ts';
import type { WeaveSpec } from '../weave/types.ts';

/** A library pattern from its notation, where the word is the definition. Throws on a mistake, which is one of the file's own. */
export function notated(text: string): WeaveSpec {
  const read = parse(text);
  if (!read.ok) throw new Error(`${read.issues[0]!.path}: ${read.issues[0]!.message}`);
  return read.value;
}
