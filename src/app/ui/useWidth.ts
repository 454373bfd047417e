import { type RefObject, useLayoutEffect, useState } from 'react';

/** Width of an element in px, at least that of a small phone; followed as it changes. */
export function useWidth(ref: RefObject<HTMLElement | null>, before = 1280): number {
  const [width, setWidth] = useState(before);
  useLayoutEffect(() => {
    const node = ref.current;
    if (!node) return;
    const measure = () => setWidth(Math.max(320, node.clientWidth));
    // Before anything is painted: a picture never jumps from one size to another.
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(node);
    return () => observer.disconnect();
  }, [ref]);
  return width;
}
