import { type RefObject, useEffect, useRef, useState } from 'react';

/** So far below the screen something already counts as seen: it is drawn by the time one gets there. */
const AHEAD = '300px';

/** Whether a place of the page has come into view, or nearly: what is costly is fetched and drawn only then, and stays. */
export function useSeen<E extends Element>(): readonly [RefObject<E | null>, boolean] {
  const place = useRef<E>(null);
  const [isSeen, setSeen] = useState(false);
  useEffect(() => {
    const watch = new IntersectionObserver((seen) => seen.some((s) => s.isIntersecting) && setSeen(true), {
      rootMargin: AHEAD,
    });
    watch.observe(place.current!);
    return () => watch.disconnect();
  }, []);
  return [place, isSeen];
}
