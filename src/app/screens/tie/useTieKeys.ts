import { useLayoutEffect } from 'react';
import type { PanelName } from './panels.ts';

export interface TieKeys {
  readonly next: () => void;
  readonly back: () => void;
  readonly undo: (rows: number) => void;
  readonly pause: () => void;
  readonly open: (panel: PanelName) => void;
}

const PANELS: Readonly<Record<string, PanelName>> = { l: 'count', w: 'reach', s: 'slip', o: 'way' };

const isTyping = (t: EventTarget | null) =>
  t instanceof HTMLElement && (t.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(t.tagName));

/** Arrows and Space on one of several choices move among the choices. */
const isChoosing = ({ target, key }: KeyboardEvent) =>
  target instanceof HTMLElement &&
  target.closest('[role="radio"]') !== null &&
  (key === ' ' || key.startsWith('Arrow'));

/**
 * The whole of Tie by keyboard: Space, → and the pedal go on, ← goes back, a number and U undo so many rows. Keys of a
 * control that has the focus stay its own.
 */
export function useTieKeys(keys: TieKeys, pedal: string | undefined): void {
  // Before the step is seen: a key pressed at once must not be lost.
  useLayoutEffect(() => {
    let typed = '';
    function onKey(event: KeyboardEvent) {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (document.querySelector('[role="dialog"]')) return;
      const key = event.key.toLowerCase();
      if (isChoosing(event)) return;
      const onButton =
        event.target instanceof HTMLElement && event.target.closest('button, a, [role="button"]');
      const isNext = key === 'arrowright' || event.code === pedal || (key === ' ' && !onButton);
      if (isNext && event.repeat) return event.preventDefault();
      if (isNext) act(event, keys.next);
      else if (/^\d$/.test(key)) typed = (typed + key).slice(-3);
      else if (key === 'arrowleft') act(event, keys.back);
      else if (key === 'u') {
        const rows = Math.max(1, Number(typed) || 1);
        act(event, () => keys.undo(rows));
      } else if (key === 'p') act(event, keys.pause);
      else if (PANELS[key]) act(event, () => keys.open(PANELS[key]!));
      else if (key === 'escape') typed = '';
    }
    function act(event: KeyboardEvent, run: () => void) {
      event.preventDefault();
      typed = '';
      run();
    }
    // Before the shortcuts of the rest of the application.
    window.addEventListener('keydown', onKey, true);
    // A button that was pressed with the hand lets go of Space again; one that was reached with Tab keeps it.
    const letGo = (event: MouseEvent) => {
      const button =
        event.target instanceof Element && event.target.closest<HTMLElement>('button, [role="radio"]');
      if (event.detail > 0 && button && !button.closest('[role="dialog"]')) button.blur();
    };
    window.addEventListener('click', letGo);
    return () => {
      window.removeEventListener('keydown', onKey, true);
      window.removeEventListener('click', letGo);
    };
  }, [keys, pedal]);
}
