import { describe, expect, it } from 'vitest';
import type { BandMark, Plan } from '../../plan/types.ts';
import { stripPicture } from './card.ts';
import { label, n, PAGE, Page, WIDTH } from './paper.ts';
import { stripLines } from './strip.ts';

const at = (page: Page, sheet = 0) =>
  page.sheets[sheet]!.flatMap((e) => {
    const found = e.match(/x="([\d.]+)" y="([\d.]+)" font-size="([\d.]+)"(.*)>(.*)<\/text>/);
    return found ? [{ x: +found[1]!, y: +found[2]!, size: +found[3]!, text: found[5]! }] : [];
  });

describe('a sheet that is filled from top to bottom', () => {
  it('is A4 with 12 mm round it', () => {
    expect([PAGE.width, PAGE.height, PAGE.margin, WIDTH]).toEqual([210, 297, 12, 186]);
    expect(new Page().y).toBe(12);
  });

  it('writes line below line: 1.3 times its size each, a quarter of the size above the line’s foot', () => {
    const page = new Page();
    page.text('one', 4);
    page.text('two', 4);
    expect(at(page)).toEqual([
      { x: 12, y: 16.2, size: 4, text: 'one' },
      { x: 12, y: 21.4, size: 4, text: 'two' },
    ]);
    expect(page.y).toBeCloseTo(22.4, 9);
    // Bold only where it is asked for.
    expect(page.sheets[0]!.join()).not.toContain('font-weight');
    page.text('three', 4, true);
    expect(page.sheets[0]!.at(-1)).toContain('font-weight="700"');
  });

  it('breaks between words: a letter is half as wide as it is high', () => {
    const page = new Page();
    // 20 mm at 4 mm are ten letters.
    page.text('12345 7890 12345 78901 a', 4, false, 30, 20);
    expect(at(page).map((l) => l.text)).toEqual(['12345 7890', '12345', '78901 a']);
    expect(at(page).map((l) => l.x)).toEqual([30, 30, 30]);
  });

  it('goes on at the top of the next sheet where something does not fit, and not before', () => {
    const page = new Page();
    page.y = 280;
    // 297 − 12 − 280 = 5 mm are left.
    page.room(5);
    expect(page.y).toBe(280);
    page.room(5.1);
    expect(page.y).toBe(309);
    page.text('below', 4);
    expect(page.sheets).toHaveLength(2);
    expect(page.sheets[0]).toEqual([]);
    expect(at(page, 1)[0]).toMatchObject({ y: 313.2, text: 'below' });
  });

  it('keeps a heading with what follows: 16 mm, 3 above it and 1 below', () => {
    const page = new Page();
    page.heading('Cut');
    expect(page.y).toBeCloseTo(12 + 3 + 4.6 * 1.3 + 1, 9);
    expect(at(page)[0]).toMatchObject({ size: 4.6, text: 'Cut' });
    const late = new Page();
    late.y = 297 - 12 - 15.9;
    late.heading('Mind');
    expect(at(late, 1)[0]!.text).toBe('Mind');
    const fits = new Page();
    fits.y = 297 - 12 - 16;
    fits.heading('Mind');
    expect(at(fits)[0]!.text).toBe('Mind');
  });

  it('puts a picture with its upper left corner at a place, to a scale; shapes are in hundredths of a millimetre', () => {
    const page = new Page();
    page.scene({ minX: -10, minY: 4, widthMm: 5, heightMm: 5, shapes: [] }, 12, 20, 0.5);
    expect(page.sheets[0]).toEqual(['<g transform="translate(17 18) scale(0.005)"></g>']);
  });

  it('writes numbers to two places, and words as they are', () => {
    expect([n(2), n(1.234), n(1.236), n(0.123456, 5)]).toEqual(['2', '1.23', '1.24', '0.12346']);
    expect(label('a & b', 1, 2, 3)).toBe('<text x="1" y="2" font-size="3">a &amp; b</text>');
    expect(label('A', 1, 2, 3, true, true)).toBe(
      '<text x="1" y="2" font-size="3" font-weight="700" text-anchor="middle">A</text>',
    );
  });
});

describe('the marks of a band on the card', () => {
  const drawn = (marks: BandMark[], bands = 1) => {
    const page = new Page();
    const band = { name: 'strap', startMm: 0, wovenMm: 120, marks };
    stripPicture(page, { bands: Array.from({ length: bands }, () => band) } as unknown as Plan);
    return page;
  };
  // A heading ends at 12 + 3 + 4.6 × 1.3 + 1 = 21.98; the strip lies 2 mm below it.
  const TOP = 23.98;

  it('lie along a line as long as the band, with a tick to every 5 mm, the tens twice as long', () => {
    const [, line] = drawn([]).sheets[0]!;
    const ticks = Array.from({ length: 25 }, (_, i) => `M${12 + 5 * i} ${TOP}v${i % 2 === 0 ? 4 : 2}`).join(
      '',
    );
    expect(line).toContain(`d="M12 ${TOP}H132${ticks}"`);
  });

  it('have a number under every fifth centimetre, in the middle of its tick', () => {
    const numbers = drawn([]).sheets[0]!.filter((e) => e.includes('text-anchor="middle"'));
    expect(numbers).toEqual([
      '<text x="12" y="30.58" font-size="2.6" text-anchor="middle">0</text>',
      '<text x="62" y="30.58" font-size="2.6" text-anchor="middle">50</text>',
      '<text x="112" y="30.58" font-size="2.6" text-anchor="middle">100</text>',
    ]);
  });

  it('go from 1.5 mm above the line down to their words, one below the other, which stay on the sheet', () => {
    const page = drawn([
      { atMm: 20, label: 'stopper' },
      { atMm: 119.6, label: 'pin' },
    ]);
    const lines = page.sheets[0]!.filter((e) => e.includes('stroke-width="0.5"'));
    // Words begin 7.5 mm below the line: 31.48, and are 3 × 1.3 high each.
    expect(lines.map((l) => /d="([^"]*)"/.exec(l)![1])).toEqual(['M32 22.48V33.68', 'M131.6 22.48V37.58']);
    expect(at(page).slice(-2)).toEqual([
      { x: 33, y: 34.63, size: 3, text: 'stopper (20 mm)' },
      // 132.6 would do: they need 60 mm, and may begin at 210 − 12 − 60 = 138.
      { x: 132.6, y: 38.53, size: 3, text: 'pin (120 mm)' },
    ]);
    expect(page.y).toBeCloseTo(31.48 + 2 * 3.9 + 2, 9);
  });

  it('never begin so far right that their words leave the sheet', () => {
    const page = new Page();
    const band = { name: 'strap', startMm: 0, wovenMm: 160, marks: [{ atMm: 150, label: 'pin' }] };
    stripPicture(page, { bands: [band] } as unknown as Plan);
    expect(at(page).at(-1)!.x).toBe(138);
  });

  it('are named by their band where there are several', () => {
    expect(at(drawn([]))[0]!.text).toBe('Marks, at full size');
    expect(
      at(drawn([], 2))
        .filter((t) => t.size === 4.6)
        .map((t) => t.text),
    ).toEqual(['Marks, at full size: strap', 'Marks, at full size: strap']);
  });

  it('go on to the next sheet with all their words: 14 mm and 4 for each', () => {
    for (const [y, sheet] of [
      [297 - 12 - 22 - 9.98, 0],
      [297 - 12 - 22 - 9.9, 1],
    ] as const) {
      const page = new Page();
      page.y = y;
      const marks = [
        { atMm: 20, label: 'a' },
        { atMm: 40, label: 'b' },
      ];
      stripPicture(page, { bands: [{ name: '', startMm: 0, wovenMm: 100, marks }] } as unknown as Plan);
      expect(
        page.sheets[sheet]!.some((e) => e.includes('stroke-width="0.25"')),
        String(y),
      ).toBe(true);
    }
  });
});

describe('a strip at full size', () => {
  it('has a tick every 5 mm, every other one a ten, from before the first mark to beyond the end', () => {
    const mark = (atMm: number) => ({ atMm, label: String(atMm) });
    const lines = stripLines({ startMm: 4, wovenMm: 200, marks: [mark(170), mark(-12), mark(150)] }, 186);
    // From −12, that is −15, as many fives as fit into 186 mm: to 170. The weave ends at 204, that is 205.
    expect(lines.map((l) => [l.fromMm, l.toMm])).toEqual([
      [-15, 170],
      [170, 205],
    ]);
    expect(lines[1]!.ticks).toEqual([
      { mm: 170, isTen: true },
      { mm: 175, isTen: false },
      { mm: 180, isTen: true },
      { mm: 185, isTen: false },
      { mm: 190, isTen: true },
      { mm: 195, isTen: false },
      { mm: 200, isTen: true },
      { mm: 205, isTen: false },
    ]);
    expect(lines[0]!.ticks[0]).toEqual({ mm: -15, isTen: false });
    expect(lines[0]!.ticks).toHaveLength(38);
    // In their order; what lies between two lines is on the later one.
    expect(lines.map((l) => l.marks.map((m) => m.atMm))).toEqual([[-12, 150], [170]]);
  });

  it('is one line where it fits, up to a mark beyond its end', () => {
    const lines = stripLines({ startMm: 4, wovenMm: 100, marks: [{ atMm: 118, label: 'end' }] }, 186);
    expect(lines.map((l) => [l.fromMm, l.toMm, l.marks.length])).toEqual([[0, 120, 1]]);
    // Exactly on the last tick it is still on it.
    expect(stripLines({ startMm: 0, wovenMm: 185, marks: [{ atMm: 185, label: 'end' }] }, 186)).toHaveLength(
      1,
    );
  });
});
