import type { Arrangement } from './arrangements.ts';
import type { Face } from './faces.ts';

/** What a gallery of arrangements can begin with: as listed, evenly shared, strong contrast, or most of one cord on one face. */
export type GalleryOrder =
  | { readonly by: 'listed' | 'balance' | 'contrast' }
  | { readonly by: 'share'; readonly cord: number; readonly face: Face };

/** A key for lists of choices, one for each order. */
export const orderKey = (order: GalleryOrder): string =>
  order.by === 'share' ? `share ${order.cord} ${order.face}` : order.by;

/** Numbers of the arrangements, the best by this order first; equals stay as they are listed. */
export function inOrder(items: readonly Arrangement[], order: GalleryOrder): number[] {
  const all = items.map((_, i) => i);
  const { by } = order;
  if (by === 'listed') return all;
  const worth = (i: number): number => {
    const item = items[i]!;
    return by === 'share' ? (item.shares[order.face][order.cord] ?? 0) : item[by];
  };
  return all.toSorted((a, b) => worth(b) - worth(a));
}
