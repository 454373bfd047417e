import { describe, expect, it } from 'vitest';
import { bringLooks, type CordColour, freeLookId } from './palette.ts';

const look = (id: string, name: string): CordColour => ({
  id,
  name,
  look: 'solid',
  base: '#345678',
  accents: [],
});

describe('cords of one’s own', () => {
  it('get ids that never come from names: names in any script stay apart', () => {
    const names = ['синий', '赤', 'أحمر', '', '  '];
    let looks: CordColour[] = [];
    for (const name of names) looks = [...looks, look(freeLookId(looks), name)];
    expect(new Set(looks.map((l) => l.id)).size).toBe(names.length);
    // They are counted from one, and a number that is free again is used again.
    expect(looks.map((l) => l.id)).toEqual(['own-1', 'own-2', 'own-3', 'own-4', 'own-5']);
    expect(freeLookId(looks.filter((l) => l.id !== 'own-2'))).toBe('own-2');
  });

  it('brought in take the place of their namesakes, keep apart from others, and stop at the limit', () => {
    const own = [look('own-1', 'Night'), look('own-2', 'Dawn')];
    const brought = [look('own-1', 'Dawn'), look('own-1', 'Noon'), look('dusk', 'Late')];
    const { looks, left } = bringLooks(own, brought, 4);
    expect(looks.map((l) => l.name)).toEqual(['Night', 'Dawn', 'Noon', 'Late']);
    expect(looks.map((l) => l.id).slice(0, 2)).toEqual(['own-1', 'own-2']);
    expect(new Set(looks.map((l) => l.id)).size).toBe(4);
    expect(looks.some((l) => l.id === 'dusk')).toBe(false);
    expect(left).toEqual([]);
    expect(bringLooks(own, brought, 3).left.map((l) => l.name)).toEqual(['Late']);
  });
});
