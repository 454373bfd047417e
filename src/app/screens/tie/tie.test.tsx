// @vitest-environment jsdom
import { cleanup, fireEvent, render, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Segments } from '../../ui/Segments.tsx';
import { useTiePrefs } from './prefs.ts';
import { type TieKeys, useTieKeys } from './useTieKeys.ts';

afterEach(cleanup);

const fakeKeys = () =>
  ({ next: vi.fn(), back: vi.fn(), undo: vi.fn(), pause: vi.fn(), open: vi.fn() }) satisfies TieKeys;

const press = (key: string, init: KeyboardEventInit & { readonly on?: Element } = {}) => {
  const { on, ...rest } = init;
  return fireEvent.keyDown(on ?? document.body, { key, ...rest });
};

describe('Tie’s keys', () => {
  it('Space or → for the next step, ← to go back; a number before U sets how many rows', () => {
    const keys = fakeKeys();
    renderHook(() => useTieKeys(keys, undefined));
    press(' ');
    press('ArrowRight');
    expect(keys.next).toHaveBeenCalledTimes(2);
    press('ArrowLeft');
    expect(keys.back).toHaveBeenCalledTimes(1);
    press('u');
    press('1');
    press('2');
    press('u');
    press('u');
    expect(keys.undo.mock.calls).toEqual([[1], [12], [1]]);
    press('7');
    press('Escape');
    press('u');
    expect(keys.undo).toHaveBeenLastCalledWith(1);
  });

  it('a key that is held down goes on once only', () => {
    const keys = fakeKeys();
    renderHook(() => useTieKeys(keys, undefined));
    press('ArrowRight');
    press('ArrowRight', { repeat: true });
    press('ArrowRight', { repeat: true });
    expect(keys.next).toHaveBeenCalledTimes(1);
  });

  it('any key can be the pedal, by where it lies', () => {
    const keys = fakeKeys();
    const { rerender } = renderHook(({ pedal }: { pedal: string | undefined }) => useTieKeys(keys, pedal), {
      initialProps: { pedal: 'KeyB' as string | undefined },
    });
    press('b', { code: 'KeyB' });
    expect(keys.next).toHaveBeenCalledTimes(1);
    rerender({ pedal: 'Digit4' });
    press('4', { code: 'Digit4' });
    expect(keys.next).toHaveBeenCalledTimes(2);
    rerender({ pedal: undefined });
    press('b', { code: 'KeyB' });
    expect(keys.next).toHaveBeenCalledTimes(2);
  });

  it('sheets have their letters; with Ctrl they are the browser’s', () => {
    const keys = fakeKeys();
    renderHook(() => useTieKeys(keys, undefined));
    for (const key of ['l', 'w', 's', 'o']) press(key);
    expect(keys.open.mock.calls.flat()).toEqual(['count', 'reach', 'slip', 'way']);
    press('w', { ctrlKey: true });
    press('p');
    expect(keys.open).toHaveBeenCalledTimes(4);
    expect(keys.pause).toHaveBeenCalledTimes(1);
  });

  it('nothing is taken from a field that is typed in, from a button reached with Tab, or from a sheet that is open', () => {
    const keys = fakeKeys();
    const { container } = render(
      <div>
        <input aria-label="field" />
        <button type="button">b</button>
      </div>,
    );
    renderHook(() => useTieKeys(keys, undefined));
    press('u', { on: container.querySelector('input')! });
    press(' ', { on: container.querySelector('button')! });
    expect(keys.undo).not.toHaveBeenCalled();
    expect(keys.next).not.toHaveBeenCalled();
    render(<div role="dialog" />);
    press('ArrowRight');
    expect(keys.next).not.toHaveBeenCalled();
  });

  it('choices keep their arrows and Space; letters and the pedal work on', () => {
    const keys = fakeKeys();
    const { container } = render(
      <Segments
        label="Speed"
        value="slow"
        choices={[
          { value: 'slow', name: 'slow' },
          { value: 'fast', name: 'fast' },
        ]}
        onChange={vi.fn()}
      />,
    );
    renderHook(() => useTieKeys(keys, 'PageDown'));
    const radio = container.querySelector('[role="radio"]')!;
    for (const key of ['ArrowRight', 'ArrowLeft', ' ']) press(key, { on: radio });
    expect(keys.next).not.toHaveBeenCalled();
    expect(keys.back).not.toHaveBeenCalled();
    press('w', { on: radio });
    expect(keys.open).toHaveBeenCalledWith('reach');
    press('PageDown', { on: radio, code: 'PageDown' });
    expect(keys.next).toHaveBeenCalledTimes(1);
  });

  it('a choice pressed by hand lets go of its keys', () => {
    renderHook(() => useTieKeys(fakeKeys(), undefined));
    const { container } = render(
      <Segments label="Speed" value="slow" choices={[{ value: 'slow', name: 'slow' }]} onChange={vi.fn()} />,
    );
    const radio = container.querySelector<HTMLElement>('[role="radio"]')!;
    radio.focus();
    expect(document.activeElement).toBe(radio);
    fireEvent.click(radio, { detail: 1 });
    expect(document.activeElement).not.toBe(radio);
  });

  it('a button pressed by hand lets go of Space, one in a sheet does not', () => {
    renderHook(() => useTieKeys(fakeKeys(), undefined));
    const { container } = render(
      <div>
        <button type="button">out</button>
        <div role="dialog">
          <button type="button">in</button>
        </div>
      </div>,
    );
    const [out, inside] = [...container.querySelectorAll('button')];
    for (const [button, stays] of [
      [out!, false],
      [inside!, true],
    ] as const) {
      button.focus();
      fireEvent.click(button, { detail: 1 });
      expect(document.activeElement === button).toBe(stays);
    }
    out!.focus();
    fireEvent.click(out!, { detail: 0 });
    expect(document.activeElement).toBe(out);
  });
});

describe('how Tie looks on this device', () => {
  beforeEach(() => localStorage.clear());

  it('is kept, and what is spoilt is as usual', () => {
    localStorage.setItem('warp-beam-tie', '{"isDark":"yes","pedal":5,"hasChime":true}');
    const { result } = renderHook(() => useTiePrefs());
    expect(result.current[0]).toEqual({ isDark: false, hasChime: true, isSpoken: false, pedal: undefined });
    localStorage.setItem('warp-beam-tie', 'not json');
    const again = renderHook(() => useTiePrefs());
    expect(again.result.current[0].isDark).toBe(false);
  });
});
