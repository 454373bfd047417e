import { describe, expect, it } from 'vitest';
import { LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { BASE } from '../plan/testing/onTheEdge.ts';
import { CARD, cardWords, messageCardSvg } from './messageCard.ts';
import type { Scene } from './shape.ts';

const made = plan(BASE, LIBRARY_ONLY);
if (!made.ok) throw new Error(made.issues[0]!.message);
const PLAN = made.value;

const scene = (widthMm: number, heightMm: number): Scene => ({
  minX: -10,
  minY: -5,
  widthMm,
  heightMm,
  shapes: [],
});
/** Left, top and mm-scale of the piece in a card's picture, in px. */
function placed(svg: string) {
  const [, x, y, s] = /translate\(([-\d.]+) ([-\d.]+)\) scale\(([\d.]+)\)/.exec(svg)!.map(Number);
  return { left: x! - 10 * 100 * s!, top: y! - 5 * 100 * s!, pxPerMm: 100 * s! };
}

describe('the picture for messages', () => {
  it('says what it is and what to cut, in the units in hand, and never who it is for', () => {
    const words = cardWords({ ...BASE, name: 'Dome night' }, PLAN, 'Solomon bar', 'metric');
    expect(words.what).toContain('Solomon bar, bracelet for 17.0 cm, closed by a 15 mm side-release buckle');
    expect(words.cuts.map((c) => c.text[0])).toEqual(PLAN.cords.map((c) => c.letter));
    expect(words.cuts[0]!.text).toContain(`${(Math.ceil(PLAN.cords[0]!.cutLengthMm / 10) / 100).toFixed(2)}`);
    const svg = messageCardSvg(scene(200, 30), words);
    expect(svg).not.toContain(BASE.wearer.name);
    expect(cardWords(BASE, PLAN, 'Solomon bar', 'imperial').what).toContain('in');
  });

  it.each([
    [200, 30],
    [60, 60],
    [1500, 40],
  ])('shows a piece of %d × %d mm whole and in the middle, as large as there is room', (w, h) => {
    const { left, top, pxPerMm } = placed(messageCardSvg(scene(w, h), { title: 'a', what: 'b', cuts: [] }));
    expect(left).toBeGreaterThanOrEqual(59.9);
    expect(left + w * pxPerMm).toBeLessThanOrEqual(CARD.width - 59.9);
    expect(left + (w * pxPerMm) / 2).toBeCloseTo(CARD.width / 2, 0);
    expect(top + (h * pxPerMm) / 2).toBeCloseTo(285, 0);
    expect(top).toBeGreaterThanOrEqual(149.9);
    expect(top + h * pxPerMm).toBeLessThanOrEqual(420.1);
    expect(Math.max((w * pxPerMm) / 1080, (h * pxPerMm) / 270)).toBeCloseTo(1, 2);
  });

  it('sums up cords beyond four, cuts long names, and keeps what would break it out of it', () => {
    const cords = Array.from({ length: 6 }, () => PLAN.cords[0]!);
    const words = cardWords(BASE, { ...PLAN, cords }, 'Solomon bar', 'metric');
    expect(words.cuts).toHaveLength(4);
    expect(words.cuts[3]!.text).toBe('and 3 more cords');
    const svg = messageCardSvg(scene(10, 10), { ...words, title: `<b>${'x'.repeat(60)}` });
    expect(svg).not.toContain('<b>');
    expect(svg).toContain('…');
  });
});
