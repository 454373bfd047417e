// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { PALETTE } from '../../../core/colour/palette.ts';
import { BarRow } from './BarRow.tsx';

afterEach(cleanup);

/** What stands below a cut of a metre, so many pixels wide. */
const below = (figure: string, px: number): string | null => {
  const cut = { fromMm: 0, toMm: 1000, kind: 'cut', label: '', figure } as const;
  const { container } = render(
    <BarRow look={PALETTE[0]!} stretches={[cut]} pxPerMm={px / 1000} label="a hank" />,
  );
  const said = container.querySelector('text.figure')?.textContent ?? null;
  cleanup();
  return said;
};

describe('the length below a cut', () => {
  it('has its unit where there is room for it, none where it is narrow, and is left out where it would not fit', () => {
    // Six signs at nine pixels each.
    expect(below('1.13 m', 54)).toBe('1.13 m');
    expect(below('1.13 m', 53)).toBe('1.13');
    expect(below('1.13 m', 46)).toBeNull();
  });

  it('never loses what is said beside it', () => {
    expect(below('1.13 m, pinned', 60)).toBe('1.13 m, pinned');
    expect(below('3 ft 8 in', 60)).toBe('3 ft 8 in');
  });
});
