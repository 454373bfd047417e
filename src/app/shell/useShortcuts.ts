import { useEffect } from 'react';
import type { Bench } from '../state/bench.ts';

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Letter keys open the sentence's words; undo and redo work everywhere but inside a field being typed in. */
export function useShortcuts(
  bench: Bench | undefined,
  toggleUnits: () => void,
  openCommands: () => void,
): void {
  useEffect(() => {
    function onKey(e: KeyboardEvent) {
      const key = e.key.toLowerCase();
      // Works from inside a field, too; never over a dialog that asks something.
      if ((e.ctrlKey || e.metaKey) && key === 'k' && !e.defaultPrevented) {
        e.preventDefault();
        if (!document.querySelector('[role="dialog"][aria-modal="true"]')) openCommands();
        return;
      }
      if (e.defaultPrevented || isTyping(e.target)) return;
      if ((e.ctrlKey || e.metaKey) && (key === 'z' || key === 'y')) {
        e.preventDefault();
        if (key === 'y' || e.shiftKey) bench?.redo();
        else bench?.undo();
        return;
      }
      if (e.ctrlKey || e.metaKey || e.altKey || document.querySelector('[role="dialog"]')) return;
      if (key === 'u') return toggleUnits();
      const target = document.querySelector<HTMLElement>(
        `[data-word="${CSS.escape(key)}"], [data-key="${CSS.escape(key)}"]`,
      );
      if (!target) return;
      e.preventDefault();
      target.focus();
      target.click();
    }
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [bench, toggleUnits, openCommands]);
}
