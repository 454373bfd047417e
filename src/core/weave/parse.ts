import { type Issue, ok, type Result } from '../result.ts';
import { quoted } from '../validation.ts';
import { notationIssue, tokenize, type WeaveToken } from './tokenize.ts';
import type { Role, StrandSpec, WeaveKind, WeaveSpec } from './types.ts';

const KINDS: readonly string[] = ['weave', 'knot', 'open'];
const ROLES: readonly string[] = ['core', 'work', 'spine'];
const DEFAULT_WEIGHT: Record<Role, number> = { core: 3, work: 1, spine: 1.5 };
const MAX_STRANDS = 24;
const MAX_POINTS = 400;
const MAX_COORDINATE = 500;

/** Carried inside this file only: an early way out with the place. */
class Stop extends Error {
  constructor(readonly issue: Issue) {
    super(issue.message);
  }
}

/** Reads one weave, knot or open knot. Issues carry line, column and what was expected. */
export function parse(text: string): Result<WeaveSpec> {
  const lines = tokenize(text);
  if (!lines.ok) return lines;
  try {
    return ok(readSpec(lines.value));
  } catch (error) {
    if (error instanceof Stop) return { ok: false, issues: [error.issue] };
    throw error;
  }
}

function readSpec(lines: readonly (readonly WeaveToken[])[]): WeaveSpec {
  const head = lines[0];
  if (!head)
    throw new Stop(
      notationIssue(
        'notation.empty',
        1,
        1,
        0,
        0,
        'Empty: expected “weave NAME”, “knot NAME” or “open NAME”.',
      ),
    );
  const line = new Line(head);
  const kind = line.word(KINDS, '“weave”, “knot” or “open”') as WeaveKind;
  const id = line.name('a name');
  let period = 0;
  let rows = 1;
  let turn: number | undefined;
  while (line.more()) {
    const key = line.word(['period', 'rows', 'turn'], '“period”, “rows” or “turn”');
    const value = line.number(key === 'rows' ? 'a number of rows' : key === 'turn' ? 'degrees' : 'a length');
    if (key === 'turn') {
      if (kind !== 'weave' || Math.abs(value) > 180)
        line.stop('notation.range', 'turn is from −180 to 180 degrees a period, in a weave.');
      turn = value;
      continue;
    }
    if (value <= 0 || value > MAX_COORDINATE)
      line.stop('notation.range', `${key} must lie between 0 and ${MAX_COORDINATE}.`);
    if (key === 'rows' && !Number.isInteger(value))
      line.stop('notation.range', 'rows must be a whole number.');
    if (key === 'period') period = value;
    else rows = value;
  }
  if (kind === 'weave' && period === 0) line.stop('notation.period', 'A weave needs its “period N”.');
  const strands = lines.slice(1).map((tokens) => readStrand(new Line(tokens), kind));
  if (strands.length === 0)
    line.stop('notation.strands', 'Expected at least one line “core|work NAME: x,y …”.');
  if (strands.length > MAX_STRANDS) line.stop('notation.strands', `At most ${MAX_STRANDS} strands.`);
  const seen = new Set<string>();
  for (const [i, strand] of strands.entries()) {
    if (seen.has(strand.name))
      new Line(lines[i + 1]!).stop('notation.twice', `Strand “${quoted(strand.name)}” stands twice.`);
    seen.add(strand.name);
  }
  return {
    kind,
    id,
    period: kind === 'weave' ? period : 0,
    rows,
    ...(turn === undefined ? {} : { turn }),
    strands,
  };
}

function readStrand(line: Line, kind: WeaveKind): StrandSpec {
  const role = line.word(ROLES, '“core”, “work” or “spine”') as Role;
  const name = line.name('the strand’s name');
  let periods = kind === 'weave' ? 1 : 0;
  let radius = 0.5;
  let weight = DEFAULT_WEIGHT[role];
  while (!line.take(':')) {
    const key = line.word(['k', 'r', 'w'], '“k=”, “r=”, “w=” or “:”');
    line.punct('=');
    const value = line.number('a number');
    if (key === 'k') {
      if (kind !== 'weave' || !Number.isInteger(value) || value < 1 || value > 24)
        line.stop('notation.range', 'k is a whole number of periods from 1 to 24, in a weave.');
      periods = value;
    } else if (key === 'r') {
      if (value < 0.1 || value > 3)
        line.stop('notation.range', 'A strand’s radius lies between 0.1 and 3 reference diameters.');
      radius = value;
    } else {
      if (value < 0.05 || value > 50)
        line.stop('notation.range', 'A strand’s tension lies between 0.05 and 50.');
      weight = value;
    }
  }
  const path: [number, number][] = [];
  while (line.more() && !line.take('|')) {
    const x = line.coordinate('x');
    line.punct(',');
    const y = line.coordinate('y');
    const last = path.at(-1);
    if (last && last[0] === x && last[1] === y)
      line.stop('notation.coincident', `Two way-points of “${quoted(name)}” lie on each other at ${x},${y}.`);
    path.push([x, y]);
  }
  const least = kind === 'weave' ? 1 : kind === 'open' ? 2 : 3;
  if (path.length < least)
    line.stop(
      'notation.points',
      `“${quoted(name)}” needs at least ${least} way-point${least > 1 ? 's' : ''}.`,
    );
  if (path.length > MAX_POINTS)
    line.stop('notation.points', `“${quoted(name)}” has more than ${MAX_POINTS} way-points.`);
  let word = '';
  while (line.more()) word += line.overUnder();
  return { name, role, periods, radius, weight, path, word, line: line.number0() };
}

/** A cursor over one line's tokens. */
class Line {
  private at = 0;
  constructor(private readonly tokens: readonly WeaveToken[]) {}
  more(): boolean {
    return this.at < this.tokens.length;
  }
  number0(): number {
    return this.tokens[0]!.line;
  }
  stop(code: string, message: string): never {
    const token = this.tokens[Math.max(0, this.at - 1)]!;
    throw new Stop(notationIssue(code, token.line, token.column, token.start, token.text.length, message));
  }
  private expected(what: string): never {
    const token = this.tokens[this.at];
    const last = this.tokens.at(-1)!;
    if (token) {
      throw new Stop(
        notationIssue(
          'notation.expected',
          token.line,
          token.column,
          token.start,
          token.text.length,
          `Expected ${what}, found “${quoted(token.text)}”.`,
        ),
      );
    }
    const column = last.column + last.text.length;
    throw new Stop(
      notationIssue(
        'notation.expected',
        last.line,
        column,
        last.start + last.text.length,
        0,
        `Expected ${what} before the line ends.`,
      ),
    );
  }
  take(punct: string): boolean {
    if (this.tokens[this.at]?.text !== punct) return false;
    this.at++;
    return true;
  }
  punct(punct: string): void {
    if (!this.take(punct)) this.expected(`“${punct}”`);
  }
  word(allowed: readonly string[], what: string): string {
    const token = this.tokens[this.at];
    if (token?.kind !== 'word' || !allowed.includes(token.text)) this.expected(what);
    this.at++;
    return token!.text;
  }
  name(what: string): string {
    const token = this.tokens[this.at];
    if (token?.kind !== 'word') this.expected(what);
    this.at++;
    return token!.text;
  }
  number(what: string): number {
    const token = this.tokens[this.at];
    if (token?.kind !== 'number') this.expected(what);
    this.at++;
    return Number(token!.text);
  }
  coordinate(axis: string): number {
    const value = this.number(`the ${axis} of a way-point`);
    if (Math.abs(value) > MAX_COORDINATE)
      this.stop('notation.range', `${axis} lies further out than ${MAX_COORDINATE} diameters.`);
    return value;
  }
  overUnder(): string {
    const token = this.tokens[this.at];
    if (token?.kind !== 'word') this.expected('letters O and U');
    const odd = token!.text.search(/[^OU]/);
    if (odd >= 0) {
      const [line, column, start] = [token!.line, token!.column + odd, token!.start + odd];
      throw new Stop(
        notationIssue(
          'notation.expected',
          line,
          column,
          start,
          1,
          `Expected letters O and U, found “${token!.text[odd]}”.`,
        ),
      );
    }
    this.at++;
    return token!.text;
  }
}
