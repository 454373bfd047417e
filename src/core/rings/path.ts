import { type Bight, type HalfCycle, mod, type RingShape, strandsOf } from './types.ts';

type Size = Pick<RingShape, 'leads' | 'bights'>;

/** Column of a bight: left ones begin at 0, right ones half a bight further on when the number of leads is odd. */
export const columnOf = (bight: Bight, { leads }: Size): number =>
  2 * (bight.number - 1) + (bight.edge === 'R' ? leads % 2 : 0);

/** Where a half cycle ends: a right-going one ⌊L/2⌋ bights further on, a left-going one ⌈L/2⌉. */
export function across(from: Bight, { leads, bights }: Size): Bight {
  const isRightGoing = from.edge === 'L';
  const step = isRightGoing ? Math.floor(leads / 2) : Math.ceil(leads / 2);
  return { edge: isRightGoing ? 'R' : 'L', number: mod(from.number + step - 1, bights) + 1 };
}

/**
 * All half cycles of one pass in the order of tying. Strand 1 is tied completely from L1 back to L1, then strand 2
 * from L2, and so on; each has 2B/g of them.
 */
export function halfCycles(size: Size): HalfCycle[] {
  const strands = strandsOf(size);
  const each = (2 * size.bights) / strands;
  const list: HalfCycle[] = [];
  for (let strand = 1; strand <= strands; strand++) {
    let from: Bight = { edge: 'L', number: strand };
    for (let i = 0; i < each; i++) {
      const to = across(from, size);
      list.push({
        k: list.length + 1,
        strand,
        way: from.edge === 'L' ? 'right' : 'left',
        from,
        to,
        column: columnOf(from, size),
      });
      from = to;
    }
  }
  return list;
}

/** Crossings that a half cycle comes to, in order: row and column of each. */
export function crossingsOf(
  { way, column }: Pick<HalfCycle, 'way' | 'column'>,
  { leads, bights }: Size,
): { readonly row: number; readonly column: number }[] {
  return Array.from({ length: leads - 1 }, (_, i) => ({
    row: way === 'right' ? i + 1 : leads - 1 - i,
    column: mod(column + i + 1, 2 * bights),
  }));
}
