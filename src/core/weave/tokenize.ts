import type { Issue, Result } from '../result.ts';

export interface WeaveToken {
  readonly kind: 'word' | 'number' | 'punct';
  readonly text: string;
  readonly line: number;
  readonly column: number;
  /** Place in the whole text, for editors. */
  readonly span: readonly [number, number];
}

const TOKEN = /^(?:[-+]?(?:\d+\.?\d*|\.\d+)(?![A-Za-z_])|[A-Za-z_][A-Za-z0-9_-]*|[,:|=])/;

/** Longest text that is read; a weave is a few lines. */
const MAX_NOTATION = 20_000;

/** Splits notation into lines of tokens; `#` starts a comment. Lines and columns count from 1. */
export function tokenize(text: string): Result<readonly (readonly WeaveToken[])[]> {
  if (text.length > MAX_NOTATION) {
    return {
      ok: false,
      issues: [
        notationIssue('notation.long', 1, 1, 0, 1, `The notation is longer than ${MAX_NOTATION} characters.`),
      ],
    };
  }
  const lines: WeaveToken[][] = [];
  let offset = 0;
  for (const [index, raw] of text.split('\n').entries()) {
    const tokens: WeaveToken[] = [];
    const body = raw.replace(/\r$/, '').split('#')[0]!;
    let at = 0;
    while (at < body.length) {
      const rest = body.slice(at);
      const blank = /^\s+/.exec(rest);
      if (blank) {
        at += blank[0].length;
        continue;
      }
      const found = TOKEN.exec(rest);
      if (!found) {
        const message = `“${rest[0]}” has no meaning here; expected a name, a number or one of , : | =.`;
        return {
          ok: false,
          issues: [notationIssue('notation.character', index + 1, at + 1, offset + at, 1, message)],
        };
      }
      const kind = /^[-+.\d]/.test(found[0]) ? 'number' : /^[A-Za-z_]/.test(found[0]) ? 'word' : 'punct';
      const start = offset + at;
      tokens.push({
        kind,
        text: found[0],
        line: index + 1,
        column: at + 1,
        span: [start, start + found[0].length],
      });
      at += found[0].length;
    }
    if (tokens.length > 0) lines.push(tokens);
    offset += raw.length + 1;
  }
  return { ok: true, value: lines };
}

/** An issue that names line and column, and marks the span for an editor. */
export function notationIssue(
  code: string,
  line: number,
  column: number,
  start: number,
  length: number,
  message: string,
): Issue {
  return { code, path: `line ${line}, column ${column}`, span: [start, start + length], message };
}
