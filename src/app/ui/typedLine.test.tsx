// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Issue } from '../../core/result.ts';
import { TypedLine } from './TypedLine.tsx';

afterEach(cleanup);

const UNKNOWN: Issue = { code: 'colour', path: 'navy', message: '“navy” is no colour of yours.' };

/** A field whose lines are taken only when the test says so. */
function slowField() {
  const asked: { line: string; answer: (said?: Issue) => void }[] = [];
  render(
    <TypedLine
      label="What came in"
      example="15 m Dusk"
      onAdd={(line) => new Promise((answer) => asked.push({ line, answer }))}
      remedy={(_, onMended) => (
        <button type="button" onClick={() => onMended('“navy” is kept.')}>
          It is Dusk
        </button>
      )}
    />,
  );
  const input = screen.getByLabelText('What came in') as HTMLInputElement;
  const type = (value: string) => fireEvent.change(input, { target: { value } });
  const enter = () => fireEvent.submit(input.form!);
  const answer = (nth: number, said?: Issue) => act(async () => asked[nth]!.answer(said));
  return { input, asked, type, enter, answer };
}

describe('a line as one would write it on a slip', () => {
  it('is cleared once it has been taken', async () => {
    const { input, asked, type, enter, answer } = slowField();
    type('15 m Dusk');
    enter();
    expect(input.value).toBe('15 m Dusk');
    await answer(0);
    expect(asked.map((a) => a.line)).toEqual(['15 m Dusk']);
    expect(input.value).toBe('');
  });

  it('is taken once, entered twice in haste', async () => {
    const { asked, type, enter, answer } = slowField();
    type('15 m Dusk');
    enter();
    enter();
    await answer(0);
    expect(asked).toHaveLength(1);
    // The same again, on purpose, is taken again.
    type('15 m Dusk');
    enter();
    expect(asked).toHaveLength(2);
  });

  it('never takes away what was typed while the line before it was on its way', async () => {
    const { input, type, enter, answer } = slowField();
    type('15 m Dusk');
    enter();
    type('30 m Ember');
    await answer(0);
    expect(input.value).toBe('30 m Ember');
  });

  it('is not blamed for the line before it', async () => {
    const { input, type, enter, answer } = slowField();
    type('15 m navy');
    enter();
    type('30 m Ember');
    await answer(0, UNKNOWN);
    expect(screen.queryByRole('alert')).toBeNull();
    expect(input.getAttribute('aria-invalid')).toBeNull();
  });

  it('stays with what is wrong with it, until that is mended', async () => {
    const { input, type, enter, answer } = slowField();
    type('15 m navy');
    enter();
    await answer(0, UNKNOWN);
    expect(input.value).toBe('15 m navy');
    expect(screen.getByRole('alert').textContent).toContain('no colour of yours');
    fireEvent.click(screen.getByRole('button', { name: 'It is Dusk' }));
    expect(screen.getByText('“navy” is kept.')).toBeTruthy();
  });
});
