import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { MOST_WAIT_MS, Pace } from './pace.ts';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

function writes() {
  const open: (() => void)[] = [];
  return {
    pace: new Pace(),
    begin: () => new Promise<void>((resolve) => open.push(resolve)),
    finish: async () => {
      open.shift()!();
      await vi.advanceTimersByTimeAsync(0);
    },
  };
}

describe('edits that come faster than the store writes', () => {
  it('run at once while nothing is being written', () => {
    const edit = vi.fn();
    new Pace().run(edit);
    expect(edit).toHaveBeenCalledOnce();
  });

  it('wait for the write before them, and only the newest runs then', async () => {
    const { pace, begin, finish } = writes();
    pace.watch(begin());
    const [first, second] = [vi.fn(), vi.fn()];
    pace.run(first);
    pace.run(second);
    expect(second).not.toHaveBeenCalled();
    await finish();
    expect(first).not.toHaveBeenCalled();
    expect(second).toHaveBeenCalledOnce();
  });

  it('wait for the last of several writes', async () => {
    const { pace, begin, finish } = writes();
    pace.watch(begin());
    pace.watch(begin());
    const edit = vi.fn();
    pace.run(edit);
    await finish();
    expect(edit).not.toHaveBeenCalled();
    await finish();
    expect(edit).toHaveBeenCalledOnce();
  });

  it('run all the same where the store fails, or does not answer', async () => {
    const pace = new Pace();
    const edit = vi.fn();
    pace.watch(Promise.reject(new Error('full')));
    pace.run(edit);
    await vi.advanceTimersByTimeAsync(0);
    expect(edit).toHaveBeenCalledOnce();
    pace.watch(new Promise(() => undefined));
    pace.run(edit);
    await vi.advanceTimersByTimeAsync(MOST_WAIT_MS - 1);
    expect(edit).toHaveBeenCalledOnce();
    await vi.advanceTimersByTimeAsync(1);
    expect(edit).toHaveBeenCalledTimes(2);
  });

  it('are done at once, and once, when something comes after them or the page goes', async () => {
    const { pace, begin, finish } = writes();
    pace.watch(begin());
    const edit = vi.fn();
    pace.run(edit);
    pace.flush();
    expect(edit).toHaveBeenCalledOnce();
    await finish();
    await vi.advanceTimersByTimeAsync(MOST_WAIT_MS);
    expect(edit).toHaveBeenCalledOnce();
  });
});
