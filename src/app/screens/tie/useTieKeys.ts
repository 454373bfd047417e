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

/**
 * The whole of Tie by keyboard: Space, → and the pedal go on, ← goes back, a number and U undo so many rows. Keys of a
 * control that has the focus stay its own.
 */
export function useTieKeys(keys: TieKeys, pedal: string | undefined): void {
  // Before the step is seen: a key pressed at once must not be lost.
  useLayoutEffect(() => {
    let typed = '';
    function onKey(e: KeyboardEvent) {
      if (e.ctrlKey || e.metaKey || e.altKey || isTyping(e.target)) return;
      if (document.querySelector('[role="dialog"]')) return;
      const key = e.key.toLowerCase();
      const onButton = e.target instanceof HTMLElement && e.target.closest('button, a, [role="button"]');
      const isNext = key === 'arrowright' || e.code === pedal || (key === ' ' && !onButton);
      if (isNext && e.repeat) return e.preventDefault();
      if (isNext) act(e, keys.next);
      else if (/^\d$/.test(key)) typed = (typed + key).slice(-3);
      else if (key === 'arrowleft') act(e, keys.back);
      else if (key === 'u') {
        const rows = Math.max(1, Number(typed) || 1);
        act(e, () => keys.undo(rows));
      } else if (key === 'p') act(e, keys.pause);
      else if (PANELS[key]) act(e, () => keys.open(PANELS[key]!));
      else if (key === 'escape') typed = '';
    }
    function act(e: KeyboardEvent, run: () => void) {
      e.preventDefault();
      typed = '';
      run();
    }
    // Before the shortcuts of the rest of the application.
    window.addEventListener('keydown', onKey, true);
    // A button that was pressed with the hand lets go of Space again; one that was reached with Tab keeps it.
    const letGo = (e: MouseEvent) => {
      const button = e.target instanceof Element && e.target.closest<HTMLElement>('button');
      if (e.detail > 0 && button && !button.closest('[role="dialog"]')) button.blur();
    };
    window.addEventListener('click', letGo);
    return () => {
      window.removeEventListener('keydown', onKey, true);
      window.removeEventListener('click', letGo);
    };
  }, [keys, pedal]);
}
