import { describe, expect, it } from 'vitest';
import { loadWeave } from '../patterns/index.ts';
import { difference } from './apart.ts';
import { type Arrangement, gallery } from './arrangements.ts';
import { type GalleryOrder, inOrder, orderKey } from './order.ts';
import { findColour } from './palette.ts';

const colours = ['ember', 'pole-white', 'dusk'].map((id) => findColour(id)!);

const weave = (await loadWeave('flat-braid-4'))!;

describe('a gallery of arrangements', () => {
  const { items } = gallery(weave, colours, false);
  const first = (order: GalleryOrder): Arrangement => items[inOrder(items, order)[0]!]!;

  it('weighs balance as one less the span of shares on the front, worked by hand', () => {
    for (const item of items) {
      const { front } = item.shares;
      expect(front.reduce((sum, x) => sum + x, 0)).toBeCloseTo(1, 6);
      expect(item.balance).toBeCloseTo(1 - (Math.max(...front) - Math.min(...front)), 9);
      // Two strands of one cord and one of each other: a half, a quarter and a quarter.
      expect(item.balance).toBeCloseTo(0.75, 2);
    }
  });

  it('weighs contrast as the mean difference of two places picked at random on the front', () => {
    for (const item of items) {
      const [a, b, c] = item.shares.front as [number, number, number];
      const d = (i: number, j: number) => difference(colours[i]!.base, colours[j]!.base) / 100;
      // Each pair is met in either order; two places of one cord do not differ.
      expect(item.contrast).toBeCloseTo(2 * (a * b * d(0, 1) + a * c * d(0, 2) + b * c * d(1, 2)), 9);
    }
  });

  it('begins with the best by what was asked, and loses none', () => {
    const orders: GalleryOrder[] = [
      { by: 'listed' },
      { by: 'balance' },
      { by: 'contrast' },
      { by: 'share', cord: 1, face: 'back' },
    ];
    for (const order of orders)
      expect(inOrder(items, order).toSorted((a, b) => a - b)).toEqual(items.map((_, i) => i));
    expect(inOrder(items, { by: 'listed' })).toEqual(items.map((_, i) => i));
    expect(first({ by: 'contrast' }).contrast).toBe(Math.max(...items.map((x) => x.contrast)));
    expect(first({ by: 'share', cord: 1, face: 'back' }).shares.back[1]).toBe(
      Math.max(...items.map((x) => x.shares.back[1]!)),
    );
    expect(new Set(orders.map(orderKey)).size).toBe(orders.length);
    expect(orderKey({ by: 'share', cord: 1, face: 'back' })).not.toBe(
      orderKey({ by: 'share', cord: 1, face: 'front' }),
    );
  });
});
