/**
 * What the core's tests need of Vitest, for running them again and again in one process: they are collected here and called by
 * `runner.ts`. Only what they use is there.
 */
import {
  ASYMMETRIC_MATCHERS_OBJECT,
  chai,
  customMatchers,
  GLOBAL_EXPECT,
  getState,
  JestAsymmetricMatchers,
  JestChaiExpect,
  JestExtend,
  setState,
} from '@vitest/expect';

export interface Collected {
  readonly name: string;
  readonly run: () => unknown;
}

interface Suite {
  readonly tests: Collected[];
  readonly before: (() => unknown)[];
}

let suite: Suite = { tests: [], before: [] };
let path: string[] = [];
let pending: Promise<unknown>[] = [];

/** All tests of what is imported by a function, in their order. */
export async function collect(load: () => Promise<unknown>): Promise<Suite> {
  suite = { tests: [], before: [] };
  path = [];
  pending = [];
  await load();
  await Promise.all(pending);
  return suite;
}

type Body = (...args: never[]) => unknown;

/** Each row of a table, as the arguments that it stands for. */
const rowsOf = (table: readonly unknown[]): unknown[][] =>
  table.map((row) => (Array.isArray(row) ? (row as unknown[]) : [row]));

function addTest(name: string, body: Body, args: readonly unknown[] = []): void {
  suite.tests.push({
    name: [...path, name].join(' > '),
    run: () => (body as (...a: unknown[]) => unknown)(...args),
  });
}

function addSuite(name: string, body: Body, args: readonly unknown[] = []): void {
  path.push(name);
  const result = (body as (...a: unknown[]) => unknown)(...args);
  if (result instanceof Promise) pending.push(result);
  path.pop();
}

const each =
  (add: typeof addTest) =>
  (table: readonly unknown[]) =>
  (name: string, body: Body): void => {
    for (const [i, args] of rowsOf(table).entries()) add(`${name} #${i}`, body, args);
  };

export const it = Object.assign((name: string, body: Body) => addTest(name, body), { each: each(addTest) });
export const test = it;
export const describe = Object.assign((name: string, body: Body) => addSuite(name, body), {
  each: each(addSuite),
});
export const beforeAll = (body: () => unknown): void => void suite.before.push(body);

chai.use(JestExtend);
chai.use(JestChaiExpect);
chai.use(JestAsymmetricMatchers);
export const expect = ((value: unknown, message?: string) =>
  chai.expect(value, message)) as unknown as Chai.ExpectStatic;
Object.assign(expect, chai.expect);
Object.assign(expect, (globalThis as Record<symbol, object>)[ASYMMETRIC_MATCHERS_OBJECT as never]);
Object.defineProperty(globalThis, GLOBAL_EXPECT, { value: expect, writable: true, configurable: true });
setState({ ...getState(expect as never), assertionCalls: 0, isExpectingAssertions: false }, expect as never);
(chai.expect as unknown as { extend: (e: unknown, m: object) => void }).extend(expect, customMatchers);
