import { useCallback, useState } from 'react';

/** How Tie looks and sounds on this device. */
export interface TiePrefs {
  readonly isDark: boolean;
  readonly hasChime: boolean;
  readonly isSpoken: boolean;
  /** `KeyboardEvent.code` of a foot pedal or any other key that goes on. */
  readonly pedal: string | undefined;
}

const KEY = 'warp-beam-tie';
const USUAL: TiePrefs = { isDark: false, hasChime: false, isSpoken: false, pedal: undefined };

function read(): TiePrefs {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Record<keyof TiePrefs, unknown>>;
    return {
      isDark: kept.isDark === true,
      hasChime: kept.hasChime === true,
      isSpoken: kept.isSpoken === true,
      pedal: typeof kept.pedal === 'string' ? kept.pedal : undefined,
    };
  } catch {
    return USUAL;
  }
}

/** A matter of the device, not of the piece: kept in the browser’s small store, and forgotten where that is forbidden. */
export function useTiePrefs(): readonly [TiePrefs, (change: Partial<TiePrefs>) => void] {
  const [prefs, setPrefs] = useState(read);
  const change = useCallback((part: Partial<TiePrefs>) => {
    setPrefs((old) => {
      const next = { ...old, ...part };
      try {
        localStorage.setItem(KEY, JSON.stringify(next));
      } catch {
        // It holds for this session.
      }
      return next;
    });
  }, []);
  return [prefs, change];
}
