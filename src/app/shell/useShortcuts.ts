import { useEffect } from 'react';
import type { NamedDocument } from '../state/document.ts';

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Letter keys open the sentence's words; undo and redo work everywhere but inside a field being typed in. */
export function useShortcuts(
  bench: NamedDocument | undefined,
  toggleUnits: () => void,
  openCommands: () => void,
): void {
  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      const key = event.key.toLowerCase();
      // Works from inside a field, too; never over a dialog that asks something.
      if ((event.ctrlKey || event.metaKey) && key === 'k' && !event.defaultPrevented) {
        event.preventDefault();
        if (!document.querySelector('[role="dialog"][aria-modal="true"]')) openCommands();
        return;
      }
      if (event.defaultPrevented || isTyping(event.target)) return;
      if ((event.ctrlKey || event.metaKey) && (key === 'z' || key === 'y')) {
        event.preventDefault();
        if (key === 'y' || event.shiftKey) bench?.redo();
        else bench?.undo();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('[role="dialog"]')) return;
      if (key === 'u') return toggleUnits();
      const target = document.querySelector<HTMLElement>(
        `[data-word="${CSS.escape(key)}"], [data-key="${CSS.escape(key)}"]`,
      );
      if (!target) return;
      event.preventDefault();
      target.focus();
      target.click();
    }
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [bench, toggleUnits, openCommands]);
}
