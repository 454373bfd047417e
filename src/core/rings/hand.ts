import type { Letter } from './types.ts';

/** A crossing of two laps while a ring of three leads is tied on the hand. */
export interface LapCrossing {
  /** Between the left and the middle place (1), or the middle and the right one (2). */
  readonly row: 1 | 2;
  readonly over: number;
  readonly under: number;
  /** Whether the one on top runs to the right there. */
  readonly isRightGoingOver: boolean;
}

/** One thing to do with the fingers. */
export interface HandMove {
  readonly kind: 'cross' | 'weave' | 'swap';
  readonly towards: 'left' | 'right';
  readonly crossings: readonly LapCrossing[];
  /** Which lap is at the left, in the middle and at the right afterwards. */
  readonly order: readonly number[];
}

export interface HandRecipe {
  readonly first: Letter;
  readonly moves: readonly HandMove[];
  readonly swaps: number;
  readonly weaves: number;
}

/**
 * A ring of three leads tied round the hand: laps 1 and 2 are loose coils, lap 2 on top, the working end is lap 3. A swap
 * lifts lap 2 over lap 1; a weave brings the working end across both. B = 3k + 1 begins with coils side by side, B = 3k + 2 with coils that
 * cross once. Nothing for B = 3k, which is three cords, and under 4 bights.
 */
export function handRecipe(bights: number): HandRecipe | undefined {
  const rest = bights % 3;
  if (rest === 0 || bights < 4) return undefined;
  const rounds = (bights - rest) / 3;
  const isCrossed = rest === 2;
  let order = [1, 2, 3];
  const moves: HandMove[] = [];
  const cross = (mover: number, row: 1 | 2, isMoverOver: boolean, towards: 'left' | 'right'): LapCrossing => {
    const [a, b] = [order[row - 1]!, order[row]!];
    const other = a === mover ? b : a;
    order = order.with(row - 1, b).with(row, a);
    return {
      row,
      over: isMoverOver ? mover : other,
      under: isMoverOver ? other : mover,
      // The other one moves the other way.
      isRightGoingOver: isMoverOver === (towards === 'right'),
    };
  };
  const add = (kind: HandMove['kind'], towards: 'left' | 'right', made: readonly LapCrossing[]) =>
    moves.push({ kind, towards, crossings: made, order });
  const weave = (towards: 'left' | 'right') => {
    // Over lap 2 and under lap 1, whichever comes first.
    const rows = towards === 'left' ? ([2, 1] as const) : ([1, 2] as const);
    const made = rows.map((row) => {
      const other = order[row - 1] === 3 ? order[row]! : order[row - 1]!;
      return cross(3, row, other === 2, towards);
    });
    add('weave', towards, made);
  };
  const swap = (towards: 'left' | 'right') => {
    const row = order[2] === 3 ? 1 : 2;
    add('swap', towards, [cross(2, row, true, towards)]);
  };
  if (isCrossed) {
    // Working end in the middle to begin with: to the right over lap 2, then lap 2 over lap 1 to the left.
    order = [1, 3, 2];
    const working = cross(3, 2, true, 'right');
    add('cross', 'left', [working, cross(2, 1, true, 'left')]);
  }
  const [out, back] = isCrossed ? (['right', 'left'] as const) : (['left', 'right'] as const);
  for (let i = 0; i < rounds; i++) {
    weave('left');
    swap(out);
    weave('right');
    swap(back);
  }
  weave('left');
  return { first: isCrossed ? 'U' : 'O', moves, swaps: 2 * rounds, weaves: 2 * rounds + 1 };
}

/** A move in words. */
export function moveWords({ kind, towards, crossings }: HandMove): string {
  if (kind === 'cross')
    return 'Lay the working end to the right over lap 2, and lap 2 to the left over lap 1: one X.';
  if (kind === 'swap') return `Swap: lift lap 2 over lap 1 to the ${towards}.`;
  const ways = crossings.map((c) => (c.over === 3 ? `over lap ${c.under}` : `under lap ${c.over}`));
  return `Weave from ${towards === 'left' ? 'right to left' : 'left to right'}: ${ways.join(', then ')}.`;
}
