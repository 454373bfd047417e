import { fail, type Issue, ok, type Result } from './result.ts';

/** A piece of text with its place: a half-open range of characters. */
interface Placed {
  readonly text: string;
  readonly span: readonly [number, number];
}

/**
 * Reads tokens one after the other. What is not as expected becomes an issue with its place, the first one only; from then on
 * there is nothing more to read, so that every loop over `more` ends. Nothing is thrown: `result` says how it went.
 */
export class Cursor<T extends Placed> {
  private at = 0;
  private first: Issue | undefined;

  /** `issueAt` makes an issue of a code, a message and where: at a token, or after the last one where there is none. */
  constructor(
    private readonly tokens: readonly T[],
    private readonly issueAt: (code: string, message: string, token: T | undefined) => Issue,
  ) {}

  get issue(): Issue | undefined {
    return this.first;
  }

  more(): boolean {
    return !this.first && this.at < this.tokens.length;
  }

  /** The token that comes next, or one further on; nothing at the end or after an issue. */
  peek(ahead = 0): T | undefined {
    return this.first ? undefined : this.tokens[this.at + ahead];
  }

  /** The token that was read last. */
  get last(): T | undefined {
    return this.tokens[this.at - 1];
  }

  next(): T | undefined {
    const token = this.peek();
    if (token) this.at++;
    return token;
  }

  /** Reads a token if it is as asked for. */
  take(is: (token: T) => boolean): T | undefined {
    const token = this.peek();
    return token && is(token) ? this.next() : undefined;
  }

  /** Reads a token that must be as asked for; `message` says what was expected, of the token found or of the end. */
  expect(is: (token: T) => boolean, code: string, message: (found: T | undefined) => string): T | undefined {
    const token = this.take(is);
    if (!token) this.stop(code, message(this.peek()), this.peek());
    return token;
  }

  /** Something is wrong at a token, or at the end: only the first is kept. */
  stop(code: string, message: string, token: T | undefined): void {
    this.first ??= this.issueAt(code, message, token);
  }

  /** What was read, or the first issue. */
  result<V>(value: V): Result<V> {
    return this.first ? fail(this.first) : ok(value);
  }
}
