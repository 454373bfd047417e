import { describe, expect, it } from 'vitest';
import { Cursor } from './cursor.ts';

const tokens = ['six', 'rows', 'A'].map((text, i) => ({ text, span: [5 * i, 5 * i + text.length] as const }));
const cursor = () =>
  new Cursor(tokens, (code, message, token) => ({ code, path: '', span: token?.span ?? [99, 99], message }));

describe('a cursor', () => {
  it('reads in order, looks ahead, and takes only what is asked for', () => {
    const c = cursor();
    expect(c.peek(2)?.text).toBe('A');
    expect(c.take((t) => t.text === 'rows')).toBeUndefined();
    expect(c.next()?.text).toBe('six');
    expect(c.take((t) => t.text === 'rows')?.span).toEqual([5, 9]);
    expect(c.last?.text).toBe('rows');
    expect(c.more()).toBe(true);
    c.next();
    expect(c.more()).toBe(false);
    expect(c.next()).toBeUndefined();
    expect(c.result(7)).toEqual({ ok: true, value: 7 });
  });

  it('keeps the first issue with its place, and has nothing more to read after it', () => {
    const c = cursor();
    c.next();
    expect(
      c.expect(
        (t) => t.text === 'cm',
        'x.unit',
        (found) => `found ${found?.text}`,
      ),
    ).toBeUndefined();
    expect(c.more()).toBe(false);
    expect(c.peek()).toBeUndefined();
    c.stop('x.other', 'later', tokens[2]);
    expect(c.result(7)).toEqual({
      ok: false,
      issues: [{ code: 'x.unit', path: '', span: [5, 9], message: 'found rows' }],
    });
  });

  it('says where the end is when something is missing there', () => {
    const c = cursor();
    while (c.more()) c.next();
    c.expect(
      () => true,
      'x.end',
      (found) => (found ? 'found' : 'nothing left'),
    );
    expect(c.issue).toMatchObject({ span: [99, 99], message: 'nothing left' });
  });
});
