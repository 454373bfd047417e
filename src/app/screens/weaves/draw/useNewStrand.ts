import { useEffect, useState } from 'react';
import type { Role } from '../../../../core/weave/types.ts';
import { movedBy } from '../../../ui/arrows.ts';

type Place = readonly [number, number];

interface NewStrand {
  /** Places that have been clicked. */
  readonly path: readonly Place[];
  /** Where the next one would be. */
  readonly next: Place;
  readonly add: (at: Place) => void;
  readonly point: (at: Place) => void;
  readonly onKey: (e: React.KeyboardEvent) => void;
}

const STEP = 0.5;

/**
 * A strand that is drawn click by click: by pointer, or by keyboard with a cursor (arrows, Space for a bend, Enter when
 * done, Escape to give it up, Backspace for one bend back). A second click on the last place ends it.
 */
export function useNewStrand(drawing: Role | undefined, onEnd: (path: readonly Place[]) => void): NewStrand {
  const [path, setPath] = useState<readonly Place[]>([]);
  const [next, setNext] = useState<Place>([0, 0]);
  useEffect(() => {
    if (drawing) {
      setPath([]);
      setNext([0, 0]);
    }
  }, [drawing]);
  const add = (at: Place) => {
    const last = path.at(-1);
    if (last && last[0] === at[0] && last[1] === at[1]) return onEnd(path);
    setPath([...path, at]);
    setNext(at);
  };
  const onKey = (e: React.KeyboardEvent) => {
    const moved = movedBy(e.key, next, STEP);
    if (moved) setNext(moved);
    else if (e.key === ' ') add(next);
    else if (e.key === 'Enter') onEnd(path);
    else if (e.key === 'Escape') onEnd([]);
    else if (e.key === 'Backspace') setPath(path.slice(0, -1));
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  return { path, next, add, point: setNext, onKey };
}
