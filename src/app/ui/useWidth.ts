import { type RefObject, useEffect, useState } from 'react';

/** Width of an element in px, at least that of a small phone; followed as it changes. */
export function useWidth(ref: RefObject<HTMLElement | null>, before = 1280): number {
  const [width, setWidth] = useState(before);
  useEffect(() => {
    const node = ref.current;
    if (!node) return;
    const observer = new ResizeObserver(() => setWidth(Math.max(320, node.clientWidth)));
    observer.observe(node);
    return () => observer.disconnect();
  }, [ref]);
  return width;
}
