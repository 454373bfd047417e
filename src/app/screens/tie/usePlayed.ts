import { useEffect, useState } from 'react';

export const SPEEDS = [
  { value: 'slow', name: 'slow' },
  { value: 'normal', name: 'as tied' },
  { value: 'fast', name: 'fast' },
] as const;
export type Speed = (typeof SPEEDS)[number]['value'];

/** Seconds that one end moves for, and that it then rests. */
const MOVE_S: Readonly<Record<Speed, number>> = { slow: 4, normal: 2, fast: 0.9 };
const REST_SHARE = 0.45;

/** How many moves are done after so many seconds, a fraction on the way: each end goes, then rests; then from the first again. */
export function movesAfter(seconds: number, moves: number, speed: Speed): number {
  if (moves === 0) return 0;
  const each = MOVE_S[speed] * (1 + REST_SHARE);
  const at = (seconds / each) % moves;
  const share = Math.min(1, (at % 1) * (1 + REST_SHARE));
  // It starts and stops gently, as a hand does.
  return Math.floor(at) + share * share * (3 - 2 * share);
}

/** Moves done by now, while it plays. */
export function usePlayed(moves: number, speed: Speed | undefined): number {
  const [done, setDone] = useState(0);
  useEffect(() => {
    if (!speed) return;
    const started = performance.now();
    let frame = 0;
    const draw = (now: number) => {
      setDone(movesAfter((now - started) / 1000, moves, speed));
      frame = requestAnimationFrame(draw);
    };
    frame = requestAnimationFrame(draw);
    return () => cancelAnimationFrame(frame);
  }, [moves, speed]);
  return speed ? done : 0;
}
