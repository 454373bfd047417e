// @vitest-environment jsdom
import { readFileSync } from 'node:fs';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { createStore } from 'zustand/vanilla';
import { parseDesign } from '../../../core/formats/design.ts';
import { newTying } from '../../../core/formats/tying.ts';
import { LIBRARY_ONLY } from '../../../core/plan/knowledge.ts';
import { plan } from '../../../core/plan/plan.ts';
import { workingEnds } from '../../../core/steps/list/ends.ts';
import { guideFor } from '../../../core/steps/list/steps.ts';
import { type ProgressAction, reduceProgress, startProgress } from '../../../core/steps/progress.ts';
import { USUAL_WAY } from '../../../core/steps/types.ts';
import type { TyingPiece, TyingState } from '../../state/tying.ts';
import { UnitsContext } from '../../ui/units.tsx';
import { CautionBox } from './CautionBox.tsx';
import { Coming } from './Coming.tsx';
import { Counter } from './Counter.tsx';
import CountPanel from './CountPanel.tsx';
import ReachPanel from './ReachPanel.tsx';
import { StepText } from './StepText.tsx';
import { PieceContext } from './TieContext.tsx';
import { Warning } from './Warning.tsx';

beforeAll(() => {
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      unobserve() {}
      disconnect() {}
    },
  );
});
afterEach(cleanup);

/** A piece of an example at one of its steps, without a store behind it. */
function pieceAt(name: string, at: string): TyingPiece {
  const read = parseDesign(readFileSync(`examples/${name}.json`, 'utf8'));
  if (!read.ok) throw new Error(name);
  const made = plan(read.value);
  if (!made.ok) throw new Error(name);
  const guide = guideFor(read.value, made.value, USUAL_WAY, LIBRARY_ONLY);
  if (!guide.ok) throw new Error(name);
  const progress = { ...startProgress('gather', USUAL_WAY, 0), at };
  const store = createStore<TyingState>(() => ({
    id: 'p',
    designId: 'd',
    tying: newTying(read.value, progress, 0),
    plan: made.value,
    guide: guide.value,
    save: 'saved',
    notice: undefined,
  }));
  return {
    store,
    dispatch: (action: ProgressAction) => {
      const { tying, guide: g } = store.getState();
      store.setState({ tying: { ...tying, progress: reduceProgress(tying.progress, g.steps, action) } });
    },
    dismiss: () => undefined,
    retry: () => undefined,
    close: () => undefined,
  };
}

const show = (piece: TyingPiece, children: ReactNode, units: 'metric' | 'imperial' = 'metric') =>
  render(
    <UnitsContext value={units}>
      <PieceContext value={piece}>{children}</PieceContext>
    </UnitsContext>,
  );

const text = (id: string) => screen.getByTestId(id).textContent;
const at = (piece: TyingPiece) => piece.store.getState().tying.progress.at;

describe('the counter', () => {
  it('says the row, what is to go, the side, and how it is seen on the work', () => {
    const { container } = show(pieceAt('pavel-first-band', 'row-12'), <Counter />);
    expect(text('row-number')).toBe('12');
    expect(text('rows-to-go')).toBe('18');
    expect(text('next-side')).toContain('right');
    expect(container.textContent).toContain('last bump is on the right');
  });

  it('a weave that always starts alike says so', () => {
    const { container } = show(pieceAt('halley-collar', 'row-12'), <Counter />);
    expect(text('next-side')).toContain('left');
    expect(container.textContent).toContain('keep to it');
  });
});

describe('a step in words', () => {
  it('a row is announced with its side; lengths are in the units in use', () => {
    show(pieceAt('pavel-first-band', 'row-2'), <StepText />);
    expect(text('announce')).toBe('Row 2 of 29. From the right.');
    cleanup();
    show(pieceAt('pavel-first-band', 'cut-A'), <StepText />, 'imperial');
    expect(text('step-title')).toBe('Cut A, Sodium');
    // 2.62 m are eight feet seven and a little, rounded up so that it is not short.
    expect(text('step-lines')).toContain('8 ft 7 1/4 in');
    expect(text('announce')).toMatch(/^Cut A, Sodium\. Step 2 of \d+\.$/);
  });

  it('what comes is said, and nothing when nothing comes', () => {
    show(pieceAt('halley-collar', 'row-7'), <Coming />);
    expect(text('coming')).toBe('in 2 rows: D-ring');
    cleanup();
    show(pieceAt('halley-collar', 'row-3'), <Coming />);
    expect(screen.queryByTestId('coming')).toBeNull();
  });

  it('cautions stand at their step only, new ones stronger than those that were read', () => {
    const piece = pieceAt('pavel-first-band', 'cut-A');
    show(piece, <CautionBox />);
    const strong = () => screen.getByTestId('cautions').querySelectorAll('.border-bad').length;
    expect(strong()).toBe(2);
    cleanup();
    piece.dispatch({ type: 'ack', caution: 'heat' });
    show(piece, <CautionBox />);
    expect(strong()).toBe(1);
    expect(text('cautions')).toContain('Molten cord sticks');
    cleanup();
    show(pieceAt('pavel-first-band', 'row-4'), <CautionBox />);
    expect(screen.queryByTestId('cautions')).toBeNull();
  });
});

describe('a lost count', () => {
  it('goes on with the row that comes out', () => {
    const piece = pieceAt('pavel-first-band', 'row-15');
    const onClose = vi.fn();
    show(piece, <CountPanel onClose={onClose} />);
    fireEvent.click(screen.getByRole('button', { name: 'right' }));
    fireEvent.change(screen.getByLabelText('Bumps on the right edge'), { target: { value: '7' } });
    expect(text('found-count')).toContain('13 rows are done');
    fireEvent.click(screen.getByRole('button', { name: 'Go on with row 14' }));
    expect(at(piece)).toBe('row-14');
    expect(onClose).toHaveBeenCalled();
  });

  it('says nothing before anything was said', () => {
    show(pieceAt('pavel-first-band', 'row-15'), <CountPanel onClose={() => undefined} />);
    expect(screen.queryByTestId('found-count')).toBeNull();
    expect(screen.getByRole('button', { name: /^Go on with row/ })).toHaveProperty('disabled', true);
  });
});

describe('will it reach?', () => {
  const leftAt = (piece: TyingPiece, rows: number, factor: number): string => {
    const [end] = workingEnds(piece.store.getState().plan, 0);
    return `${Math.round(end!.startMm - factor * end!.usedMm(rows))} mm`;
  };

  it('what is typed is kept with the piece at its row, and decides at once', () => {
    const piece = pieceAt('okoro-guide-band', 'row-11');
    show(piece, <ReachPanel onClose={() => undefined} />);
    fireEvent.change(screen.getByLabelText('Left of A, Aurora, end 1'), {
      target: { value: leftAt(piece, 10, 1) },
    });
    expect(text('verdict')).toBe('It reaches');
    expect(screen.queryByTestId('remedies')).toBeNull();
    fireEvent.change(screen.getByLabelText('Left of A, Aurora, end 1'), {
      target: { value: leftAt(piece, 10, 1.35) },
    });
    // Without a length it cannot tell a hand that uses more cord from tall rows: it asks for it.
    expect(text('verdict')).toBe('It may not reach');
    expect(text('measure-length')).toContain('woven length');
    expect(text('remedies')).toContain('Stop after');
    expect(piece.store.getState().tying.progress.left).toEqual([
      expect.objectContaining({ rows: 10, end: 0, band: 0, pass: 0 }),
    ]);
  });

  it('what cannot be a length is said, and nothing is lost', () => {
    const piece = pieceAt('okoro-guide-band', 'row-11');
    show(piece, <ReachPanel onClose={() => undefined} />);
    const field = screen.getByLabelText('Left of A, Aurora, end 1') as HTMLInputElement;
    fireEvent.change(field, { target: { value: 'two hands' } });
    expect(screen.getByRole('alert').textContent).toBeTruthy();
    expect(field.value).toBe('two hands');
    expect(piece.store.getState().tying.progress.left).toEqual([]);
  });

  it('the warning comes by itself once something was measured, and only where it is short', () => {
    const piece = pieceAt('okoro-guide-band', 'row-11');
    const measure = (factor: number) => {
      const ends = workingEnds(piece.store.getState().plan, 0);
      piece.dispatch({
        type: 'left',
        band: 0,
        pass: 0,
        measured: ends.map((e, end) => ({ rows: 10, end, leftMm: e.startMm - factor * e.usedMm(10) })),
      });
    };
    show(piece, <Warning onPanel={() => undefined} />);
    expect(screen.queryByTestId('reach-warning')).toBeNull();
    cleanup();
    measure(1.35);
    show(piece, <Warning onPanel={() => undefined} />);
    expect(text('reach-warning')).toMatch(/A may not reach: at least \d+ of 18 rows/);
    cleanup();
    measure(0.98);
    show(piece, <Warning onPanel={() => undefined} />);
    expect(screen.queryByTestId('reach-warning')).toBeNull();
  });
});
