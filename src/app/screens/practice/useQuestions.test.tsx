// @vitest-environment jsdom
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { drillCards } from '../../../core/practice/drills.ts';
import type { DrillCard } from '../../../core/practice/types.ts';
import type { SolveRequest } from '../../../workers/protocol.ts';

/** Workers that were begun: each is ended by the test. */
const begun = vi.hoisted(
  (): {
    request: SolveRequest;
    end: (isTight: boolean) => void;
    isEnded: boolean;
    isCancelled: boolean;
  }[] => [],
);
vi.mock('../../../workers/outside/solve.ts', () => ({
  solveInWorker: (request: SolveRequest) => {
    const one = { request, end: (_: boolean) => {}, isEnded: false, isCancelled: false };
    const result = new Promise((done) => {
      one.end = (isTight) => done(isTight ? { ok: true, value: {} } : { ok: false, issues: [] });
    });
    begun.push(one);
    return {
      result,
      cancel: () => {
        one.isCancelled = true;
      },
    };
  },
}));

const { useQuestions } = await import('./useQuestions.ts');

const all = drillCards();
const card = (id: string): DrillCard => all.find((c) => c.id === id)!;
const NAMED = [card('name-it solomon-bar'), card('name-it snake')];
const QUICK = card('spot-slip solomon-bar');
const SLOW = card('spot-slip snake');
/** Asks the cards in the order of the deck, never the same one twice running. */
const practice = {
  isReady: true,
  next: (cards: readonly DrillCard[], _now: number, _uniform: () => number, not: string | undefined) =>
    cards.find((c) => c.id !== not)!,
};
const PATIENCE = { timeout: 60_000 };
const asking = (deck: readonly DrillCard[]) => renderHook(() => useQuestions(deck, practice, 'all'));
const end = async (at: number, isTight: boolean) => {
  await act(async () => {
    begun[at]!.end(isTight);
    begun[at]!.isEnded = true;
    await Promise.resolve();
  });
};

beforeEach(() => {
  begun.length = 0;
});
afterEach(async () => {
  cleanup();
  // What nobody waits for any more is given up a moment later: only then the next test begins its own.
  await vi.waitFor(() => expect(begun.filter((b) => !b.isCancelled && !b.isEnded)).toEqual([]), PATIENCE);
});

describe('questions of practice', () => {
  it('asks something else while a slow weave is pulled tight, and it as soon as it is', async () => {
    const deck = [SLOW, ...NAMED];
    const { result } = asking(deck);
    expect(result.current.question?.card.id).toBe(NAMED[0]!.id);
    await waitFor(() => expect(begun).toHaveLength(1), PATIENCE);
    // Not tight yet: the next one is not it, either, and it is not begun again.
    act(() => result.current.goOn());
    expect(result.current.question?.card.id).toBe(NAMED[1]!.id);
    expect(begun).toHaveLength(1);
    expect(begun[0]!.isCancelled).toBe(false);
    await end(0, true);
    act(() => result.current.goOn());
    expect(result.current.question?.card.id).toBe(SLOW.id);
    expect(begun).toHaveLength(1);
  });

  it('pulls the next one’s stretch while an answer is read, and goes on with it', async () => {
    const { result } = asking([NAMED[0]!, QUICK]);
    expect(result.current.question?.card.id).toBe(NAMED[0]!.id);
    expect(begun).toHaveLength(0);
    act(() => result.current.setGiven('anything'));
    await waitFor(() => expect(begun).toHaveLength(1), PATIENCE);
    act(() => result.current.goOn());
    expect(result.current.question?.card.id).toBe(QUICK.id);
    expect(result.current.given).toBeUndefined();
    await act(() => new Promise((done) => setTimeout(done, 5)));
    // The one that was begun is waited for: nothing is begun twice or given up.
    expect(begun).toHaveLength(1);
    expect(begun[0]!.isCancelled).toBe(false);
  });

  it('skips what cannot be pulled tight, five times at most', async () => {
    const other = card('spot-slip fishtail');
    const { result } = asking([QUICK, other]);
    const seen: (string | undefined)[] = [];
    for (let i = 0; i < 6; i++) {
      await waitFor(() => expect(begun.length).toBeGreaterThan(i), PATIENCE);
      seen.push(result.current.question?.card.id);
      await end(i, false);
    }
    expect(seen).toEqual([QUICK.id, other.id, QUICK.id, other.id, QUICK.id, other.id]);
    await act(() => new Promise((done) => setTimeout(done, 20)));
    expect(begun).toHaveLength(6);
  });
});
