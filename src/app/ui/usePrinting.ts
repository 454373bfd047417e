import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** True while the page is being printed, so that what only paper shows is only made for paper. */
export function usePrinting(): boolean {
  const [isPrinting, setPrinting] = useState(() => window.matchMedia('print').matches);
  useEffect(() => {
    const media = window.matchMedia('print');
    const follow = () => flushSync(() => setPrinting(media.matches));
    const before = () => flushSync(() => setPrinting(true));
    media.addEventListener('change', follow);
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', follow);
    return () => {
      media.removeEventListener('change', follow);
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', follow);
    };
  }, []);
  return isPrinting;
}
