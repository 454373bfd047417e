import { describe, expect, it } from 'vitest';
import { whyText } from '../why/why.ts';
import { girthByBand, girthByString, girthByStrip } from './girth.ts';
import { SHEETS, stripPieces, wristStripSvg } from './wristStrip.ts';

describe('a girth without a tape', () => {
  it('by a strip is what it reads, within 2 mm', () => {
    expect(girthByStrip(168)).toMatchObject({ girthMm: 168, sdMm: 2 });
  });

  it('by a string is shorter than the string by π times its thickness', () => {
    // 2 mm of string: 6.28 mm.
    const found = girthByString(170, 2);
    expect(found.girthMm).toBeCloseTo(163.717, 3);
    expect(found.sdMm).toBe(3);
    expect(whyText(found.why)).toBe('string 17.0 cm − π × its thickness 2 mm = 6.3 mm');
  });

  it('by a band that fits is its inside less the room in it, and known worst', () => {
    expect(girthByBand(176, 8)).toMatchObject({ girthMm: 168, sdMm: 5 });
  });
});

describe('the paper strip', () => {
  const numbers = (svg: string, pattern: RegExp) =>
    [...svg.matchAll(pattern)].map((m) => m.slice(1).map(Number));

  it('is drawn at full size, with a line of 100 mm', () => {
    for (const size of ['a4', 'letter'] as const) {
      const { widthMm, heightMm } = SHEETS[size];
      const svg = wristStripSvg('wrist', 230, size);
      expect(svg).toContain(
        `width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}"`,
      );
      expect(svg).toContain('h4m-2 0v100m-2 0h4');
      // It stands 6 mm off the right margin of 12, and 14 mm below the last of twelve lines, 6 mm each.
      const line = /<path d="M([\d.]+) ([\d.]+)h4m-2/.exec(svg)!;
      expect(Number(line[1])).toBeCloseTo(widthMm - 18, 6);
      const lines = svg.match(/<text x="\d+" y="\d+" font-size="[\d.]+">/g)!.length;
      expect(Number(line[2])).toBe(12 + 14 + 6 * lines);
    }
  });

  it('counts millimetres from the slit, and inches of 25.4 mm on its other edge', () => {
    const svg = wristStripSvg('wrist', 230, 'a4');
    const slit = numbers(svg, /M2 (\d+)h18"/g)[0]![0]!;
    const marks = numbers(svg, /<path d="M0 ([\d.]+)h(2|3.5|5)"/g);
    expect(marks).toHaveLength(230);
    for (const [i, [y]] of marks.entries()) expect(y! - slit).toBe(i + 1);
    // Tens are longest, and 17 is written beside 170 mm.
    expect(marks.filter(([, long]) => long === 5)).toHaveLength(23);
    expect(svg).toContain(`y="${slit + 170 + 1}" font-size="3">17<`);
    const inches = numbers(svg, /<path d="M22 ([\d.]+)h-4"/g);
    expect(inches[5]![0]! - slit).toBeCloseTo(6 * 25.4, 2);
  });

  it('is cut in two where it is longer than a sheet, and nothing leaves the paper', () => {
    for (const size of ['a4', 'letter'] as const)
      for (const most of [230, 360, 620]) {
        const pieces = stripPieces(most, size);
        expect(pieces[0]!.fromMm).toBe(0);
        expect(pieces.at(-1)!.toMm).toBe(most);
        for (const [i, p] of pieces.entries()) {
          if (i > 0) expect(p.fromMm).toBe(pieces[i - 1]!.toMm);
          // Margins, head and tab.
          expect(p.toMm - p.fromMm + 2 * 12 + 14 + 10).toBeLessThanOrEqual(SHEETS[size].heightMm);
        }
      }
    expect(stripPieces(230, 'a4')).toHaveLength(1);
    const said = (most: number) => /Glue [^<]*/.exec(wristStripSvg('neck', most, 'a4'))?.[0];
    expect([230, 360, 620].map((most) => stripPieces(most, 'a4').length)).toEqual([1, 2, 3]);
    expect([said(230), said(360), said(620)]).toEqual([
      undefined,
      'Glue the second piece on its tab.',
      'Glue each next piece on its tab.',
    ]);
    expect(wristStripSvg('neck', 620, 'a4').match(/>glue</g)).toHaveLength(2);
  });
});

describe('the pieces of the paper strip', () => {
  it('are 22 mm wide; the first has a head of 14 mm, and all but the last a tab of 10', () => {
    const svg = wristStripSvg('neck', 620, 'a4');
    const rects = [...svg.matchAll(/<rect x="0" y="([\d.]+)" width="([\d.]+)" height="([\d.]+)"/g)].map((m) =>
      m.slice(1).map(Number),
    );
    // A4 is 297 mm high: less two margins of 12, the head and the tab, 249 are left for each piece.
    expect(rects).toEqual([
      [0, 22, 14 + 249],
      [14 + 249, 22, 10],
      [0, 22, 249],
      [249, 22, 10],
      [0, 22, 620 - 2 * 249],
    ]);
    // The slit is 18 of the 22 mm, in the middle, where the scale begins; its word is 4 mm above it.
    expect(svg).toContain('<path d="M2 14h18"');
    expect(svg).toContain('<text x="11" y="10" font-size="3" text-anchor="middle">slit</text>');
    expect([...svg.matchAll(/<text x="11" y="(\d+)"[^>]*>glue</g)].map((m) => Number(m[1]) - 6)).toEqual([
      263, 249,
    ]);
  });

  it('go on from piece to piece: every millimetre and every quarter of an inch is on one of them', () => {
    const svg = wristStripSvg('neck', 620, 'a4');
    const pieces = svg.split('<g ').slice(1);
    const heads = [14, 0, 0];
    const read = (pattern: RegExp) =>
      pieces.flatMap((piece, i) =>
        [...piece.matchAll(pattern)].map((m) => Number((Number(m[1]) - heads[i]! + 249 * i).toFixed(2))),
      );
    const whole = (step: number) =>
      Array.from({ length: Math.floor(620 / step) }, (_, k) => Number(((k + 1) * step).toFixed(2)));
    // Where one piece ends and the next begins both have the millimetre.
    expect([...new Set(read(/<path d="M0 ([\d.]+)h/g))]).toEqual(whole(1));
    expect([...new Set(read(/<path d="M22 ([\d.]+)h-[24]"/g))]).toEqual(whole(6.35));
    // Numbers stand a millimetre below their dash: centimetres from 2 on, and whole inches.
    expect([...new Set(read(/<text x="5.6" y="([\d.]+)"/g).map((mm) => mm - 1))]).toEqual(whole(10).slice(1));
    expect([
      ...new Set(read(/<text x="17.6" y="([\d.]+)"/g).map((mm) => Number((mm - 1).toFixed(2)))),
    ]).toEqual(whole(25.4));
  });

  it('have no dash beyond their ends where a piece begins within a millimetre, as on Letter paper', () => {
    // 279.4 mm less two margins of 12, a head of 14 and a tab of 10: the second piece reads from 231.4 mm.
    const svg = wristStripSvg('neck', 400, 'letter');
    const [, first, second] = svg.split('<g ');
    const dashes = (piece: string) =>
      [...piece.matchAll(/<path d="M0 (-?[\d.]+)h/g)].map((m) => Number(m[1]));
    expect(dashes(second!)[0]).toBeCloseTo(0.6, 6);
    expect(dashes(second!)).toHaveLength(400 - 231);
    expect(dashes(first!).at(-1)).toBeCloseTo(14 + 231, 6);
  });

  it('lie 14 mm apart, 4 mm off the margin', () => {
    const svg = wristStripSvg('neck', 620, 'a4');
    expect([...svg.matchAll(/translate\((\d+) (\d+)\)/g)].map((m) => m.slice(1).map(Number))).toEqual([
      [16, 12],
      [52, 12],
      [88, 12],
    ]);
  });
});

describe('the words beside the strip', () => {
  it.each([230, 360, 620])(
    'of %d mm stand between the last strip and the edge, the check line below them',
    (most) => {
      for (const size of ['a4', 'letter'] as const) {
        const { widthMm, heightMm } = SHEETS[size];
        const svg = wristStripSvg('wrist', most, size);
        const lefts = [...svg.matchAll(/translate\((\d+(?:\.\d+)?) 12\)/g)].map((m) => Number(m[1]));
        expect(lefts).toHaveLength(stripPieces(most, size).length);
        // Strips are 22 mm wide.
        const right = Math.max(...lefts) + 22;
        const texts = [...svg.matchAll(/<text x="([\d.]+)" y="([\d.]+)" font-size="(4|3\.\d)">([^<]*)</g)];
        expect(texts.length).toBeGreaterThan(8);
        for (const [, x, y, font, words] of texts) {
          expect(Number(x)).toBeGreaterThan(right);
          // A letter is about half as wide as it is high.
          expect(Number(x) + (Number(font) / 2) * words!.length).toBeLessThanOrEqual(widthMm - 12);
          expect(Number(y)).toBeLessThan(heightMm - 12);
        }
        const line = /M([\d.]+) ([\d.]+)h4m-2 0v100/.exec(svg)!.slice(1).map(Number);
        expect(line[0]).toBeGreaterThan(right);
        expect(line[0]! + 4).toBeLessThanOrEqual(widthMm - 12 + 4);
        expect(line[1]).toBeGreaterThan(Math.max(...texts.map((t) => Number(t[2]))));
        expect(line[1]! + 100).toBeLessThanOrEqual(heightMm);
      }
    },
  );
});

describe('the edges of the paper strip', () => {
  const svg = wristStripSvg('wrist', 230, 'a4');
  const dashes = [
    ...svg.matchAll(/<path d="M([\d.]+) ([\d.]+)h(-?[\d.]+)" stroke="#000" stroke-width="0\.2"\/>/g),
  ].map((m) => ({ x: Number(m[1]), y: Number(m[2]), long: Number(m[3]) }));
  const [cm, inch] = [dashes.filter((d) => d.long > 0), dashes.filter((d) => d.long < 0)];

  it('have a dash to every millimetre: the tenth longest, the fifth longer than the rest', () => {
    // The first one is at 1 mm.
    const zero = cm[0]!.y - 1;
    for (const { y, long } of cm) {
      const mm = Math.round(y - zero);
      expect(y - zero).toBeCloseTo(mm, 6);
      expect(long).toBe(mm % 10 === 0 ? 5 : mm % 5 === 0 ? 3.5 : 2);
    }
    expect(cm.length).toBeGreaterThanOrEqual(230);
  });

  it('have a dash to every quarter of an inch of 25.4 mm, the whole ones twice as long, with their number', () => {
    const zero = cm[0]!.y - 1;
    for (const { y, long } of inch) {
      const quarters = Math.round((y - zero) / 6.35);
      expect(y - zero).toBeCloseTo(quarters * 6.35, 2);
      expect(long).toBe(quarters % 4 === 0 ? -4 : -2);
    }
    const numbers = [...svg.matchAll(/>(\d+)″</g)].map((m) => Number(m[1]));
    expect(numbers).toEqual(Array.from({ length: numbers.length }, (_, i) => i + 1));
    expect(numbers.length).toBe(inch.filter((d) => d.long === -4).length);
  });

  it('have numbers at their dashes', () => {
    const zero = cm[0]!.y - 1;
    const labels = [...svg.matchAll(/<text x="5\.6" y="([\d.]+)" font-size="3">(\d+)</g)];
    expect(labels.length).toBeGreaterThan(15);
    // The foot of a figure is a millimetre below the dash.
    for (const [, y, number] of labels) expect(Number(y) - 1 - zero).toBeCloseTo(10 * Number(number), 6);
  });
});
