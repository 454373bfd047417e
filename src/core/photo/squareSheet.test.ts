import { expect, it } from 'vitest';
import { squareSheetSvg } from './squareSheet.ts';

it('the printed square is 100 mm from outer edge to outer edge, within the sheet', () => {
  for (const [size, width] of [
    ['a4', 210],
    ['letter', 215.9],
  ] as const) {
    const svg = squareSheetSvg(size);
    expect(svg).toContain(`width="${width}mm"`);
    const [, x, side, stroke] = /<rect x="([\d.]+)".* width="([\d.]+)" height=.*stroke-width="([\d.]+)"/
      .exec(svg.slice(svg.indexOf('<rect')))!
      .map(Number);
    // A stroke lies half on either side of its line.
    expect(side! + stroke!).toBe(100);
    expect(x! - stroke! / 2).toBeGreaterThan(10);
    expect(x! + side! + stroke! / 2).toBeLessThan(width - 10);
  }
});
