/** Undo and redo over any document. A gesture (a drag, typing in one field) counts as one step. */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
  readonly gesture: string | undefined;
}

const DEPTH = 200;

export const startHistory = <T>(present: T): History<T> => ({
  past: [],
  present,
  future: [],
  gesture: undefined,
});

/** Records a change; changes of the same gesture in a row replace each other. */
export function record<T>(history: History<T>, next: T, gesture?: string): History<T> {
  if (Object.is(next, history.present)) return history;
  const isSameGesture = gesture !== undefined && gesture === history.gesture;
  const past = isSameGesture ? history.past : [...history.past, history.present].slice(-DEPTH);
  return { past, present: next, future: [], gesture };
}

export function undo<T>(history: History<T>): History<T> {
  const previous = history.past.at(-1);
  if (previous === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    present: previous,
    future: [history.present, ...history.future],
    gesture: undefined,
  };
}

export function redo<T>(history: History<T>): History<T> {
  const [next, ...rest] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.present], present: next, future: rest, gesture: undefined };
}
