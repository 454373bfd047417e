import { Cursor } from '../cursor.ts';
import { fail, type Result } from '../result.ts';
import { quote } from '../validation.ts';
import { notationIssue, tokenize, type WeaveToken } from './tokenize.ts';
import { type Role, type StrandSpec, USUAL_WEIGHT, type WeaveKind, type WeaveSpec } from './types.ts';

const KINDS: readonly WeaveKind[] = ['weave', 'knot', 'open'];
const ROLES: readonly Role[] = ['core', 'work', 'spine'];
const MAX_STRANDS = 24;
const MAX_POINTS = 400;
const MAX_COORDINATE = 500;

/** Reads one weave, knot or open knot. Issues carry line, column and what was expected. */
export function parse(text: string): Result<WeaveSpec> {
  const tokens = tokenize(text);
  if (!tokens.ok) return tokens;
  const lines = tokens.value.map((line) => new Line(line));
  const first = lines[0];
  if (!first) {
    const message = 'Empty: expected “weave NAME”, “knot NAME” or “open NAME”.';
    return fail(notationIssue('notation.empty', 1, 1, 0, 0, message));
  }
  const head = readHead(first);
  if (first.issue) return fail(first.issue);
  const strands: StrandSpec[] = [];
  for (const line of lines.slice(1)) {
    const strand = readStrand(line, head.kind);
    if (strands.some((s) => s.name === strand.name))
      line.stop('notation.twice', `Strand “${quote(strand.name)}” stands twice.`, line.start);
    if (line.issue) return fail(line.issue);
    strands.push(strand);
  }
  if (strands.length === 0)
    first.wrong('notation.strands', 'Expected at least one line “core|work NAME: x,y …”.');
  if (strands.length > MAX_STRANDS) first.wrong('notation.strands', `At most ${MAX_STRANDS} strands.`);
  return first.result({ ...head, strands });
}

function readHead(line: Line): Omit<WeaveSpec, 'strands'> {
  const kind = line.word(KINDS, '“weave”, “knot” or “open”');
  const id = line.name('a name');
  let period = 0;
  let rows = 1;
  let turn: number | undefined;
  while (line.more()) {
    const key = line.word(['period', 'rows', 'turn'], '“period”, “rows” or “turn”');
    const value = line.number(key === 'rows' ? 'a number of rows' : key === 'turn' ? 'degrees' : 'a length');
    if (key === 'turn') {
      if (kind !== 'weave' || Math.abs(value) > 180)
        line.wrong('notation.range', 'turn is from −180 to 180 degrees a period, in a weave.');
      turn = value;
      continue;
    }
    if (value <= 0 || value > MAX_COORDINATE)
      line.wrong('notation.range', `${key} must lie between 0 and ${MAX_COORDINATE}.`);
    if (key === 'rows' && !Number.isInteger(value))
      line.wrong('notation.range', 'rows must be a whole number.');
    if (key === 'period') period = value;
    else rows = value;
  }
  if (kind === 'weave' && period === 0) line.wrong('notation.period', 'A weave needs its “period N”.');
  return { kind, id, period: kind === 'weave' ? period : 0, rows, ...(turn === undefined ? {} : { turn }) };
}

function readStrand(line: Line, kind: WeaveKind): StrandSpec {
  const role = line.word(ROLES, '“core”, “work” or “spine”');
  const name = line.name('the strand’s name');
  const options = readOptions(line, kind, role);
  const path = readPath(line, name);
  const least = kind === 'weave' ? 1 : kind === 'open' ? 2 : 3;
  if (path.length < least)
    line.wrong(
      'notation.points',
      `“${quote(name)}” needs at least ${least} way-point${least > 1 ? 's' : ''}.`,
    );
  if (path.length > MAX_POINTS)
    line.wrong('notation.points', `“${quote(name)}” has more than ${MAX_POINTS} way-points.`);
  let word = '';
  while (line.more()) word += line.overUnder();
  return { name, role, ...options, path, word, line: line.start.line };
}

/** Periods, radius and tension, up to the colon. */
function readOptions(
  line: Line,
  kind: WeaveKind,
  role: Role,
): Pick<StrandSpec, 'periods' | 'radius' | 'weight'> {
  let [periods, radius, weight] = [kind === 'weave' ? 1 : 0, 0.5, USUAL_WEIGHT[role]];
  while (!line.takes(':') && !line.issue) {
    const key = line.word(['k', 'r', 'w'], '“k=”, “r=”, “w=” or “:”');
    line.punct('=');
    const value = line.number('a number');
    if (key === 'k') {
      if (kind !== 'weave' || !Number.isInteger(value) || value < 1 || value > 24)
        line.wrong('notation.range', 'k is a whole number of periods from 1 to 24, in a weave.');
      periods = value;
    } else if (key === 'r') {
      if (value < 0.1 || value > 3)
        line.wrong('notation.range', 'A strand’s radius lies between 0.1 and 3 reference diameters.');
      radius = value;
    } else {
      if (value < 0.05 || value > 50)
        line.wrong('notation.range', 'A strand’s tension lies between 0.05 and 50.');
      weight = value;
    }
  }
  return { periods, radius, weight };
}

function readPath(line: Line, name: string): [number, number][] {
  const path: [number, number][] = [];
  while (line.more() && !line.takes('|')) {
    const x = line.coordinate('x');
    line.punct(',');
    const y = line.coordinate('y');
    const last = path.at(-1);
    if (last && last[0] === x && last[1] === y)
      line.wrong('notation.coincident', `Two way-points of “${quote(name)}” lie on each other at ${x},${y}.`);
    path.push([x, y]);
  }
  return path;
}

/** A cursor over one line of notation; what is missing reads as nothing, and the line has its issue. */
class Line extends Cursor<WeaveToken> {
  constructor(private readonly line: readonly WeaveToken[]) {
    super(line, (code, message, token) => {
      if (token)
        return notationIssue(code, token.line, token.column, token.span[0], token.text.length, message);
      const last = line.at(-1)!;
      return notationIssue(code, last.line, last.column + last.text.length, last.span[1], 0, message);
    });
  }
  get start(): WeaveToken {
    return this.line[0]!;
  }
  /** Something is wrong with what was read last. */
  wrong(code: string, message: string): void {
    this.stop(code, message, this.last ?? this.start);
  }
  private expected(is: (token: WeaveToken) => boolean, what: string): string {
    const token = this.expect(is, 'notation.expected', (found) =>
      found ? `Expected ${what}, found “${quote(found.text)}”.` : `Expected ${what} before the line ends.`,
    );
    return token?.text ?? '';
  }
  takes(punct: string): boolean {
    return this.take((token) => token.text === punct) !== undefined;
  }
  punct(punct: string): void {
    this.expected((token) => token.text === punct, `“${punct}”`);
  }
  word<W extends string>(allowed: readonly W[], what: string): W {
    const found = this.expected(({ kind, text }) => kind === 'word' && allowed.some((w) => w === text), what);
    return allowed.find((w) => w === found) ?? allowed[0]!;
  }
  name(what: string): string {
    return this.expected((token) => token.kind === 'word', what);
  }
  number(what: string): number {
    return Number(this.expected((token) => token.kind === 'number', what));
  }
  coordinate(axis: string): number {
    const value = this.number(`the ${axis} of a way-point`);
    if (Math.abs(value) > MAX_COORDINATE)
      this.wrong('notation.range', `${axis} lies further out than ${MAX_COORDINATE} diameters.`);
    return value;
  }
  overUnder(): string {
    const word = this.expected((token) => token.kind === 'word', 'letters O and U');
    const odd = word.search(/[^OU]/);
    const token = this.last;
    if (odd >= 0 && token) {
      const letter: WeaveToken = {
        ...token,
        text: word[odd]!,
        column: token.column + odd,
        span: [token.span[0] + odd, token.span[0] + odd + 1],
      };
      this.stop('notation.expected', `Expected letters O and U, found “${word[odd]}”.`, letter);
    }
    return word;
  }
}
