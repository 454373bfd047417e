import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { knotsOf } from '../../drawing/pictures.ts';
import { parseDesign } from '../../formats/design.ts';
import { stepsText } from '../../formats/steps.ts';
import { loadWeave } from '../../patterns/index.ts';
import { plan } from '../../plan/plan.ts';
import { formatLength } from '../../units/index.ts';
import { guideFor } from '../list/steps.ts';
import { bareLooks } from '../rows/bareLooks.ts';
import { USUAL_WAY } from '../types.ts';
import { cardPages, cardSvg } from './card.ts';
import { PAGE } from './paper.ts';
import { stripLines } from './strip.ts';

async function card(name: string, rename?: string) {
  const read = parseDesign(readFileSync(`examples/${name}.json`, 'utf8'));
  if (!read.ok) throw new Error(name);
  const design = rename ? { ...read.value, name: rename } : read.value;
  const made = plan(design);
  if (!made.ok) throw new Error(name);
  const guide = guideFor(design, made.value, USUAL_WAY);
  if (!guide.ok) throw new Error(name);
  const knots = await Promise.all(
    knotsOf(made.value).map(async (id) => [id, (await loadWeave(id))!] as const),
  );
  const pictures = { weave: (await loadWeave(design.pattern.id))!, knots: new Map(knots) };
  const pages = cardPages(design, made.value, guide.value, pictures, 'metric');
  return { design, plan: made.value, guide: guide.value, pages, svg: cardSvg(pages, design.name) };
}

const texts = (svg: string) =>
  [...svg.matchAll(/<text[^>]*y="([\d.]+)"[^>]*>([^<]*)</g)].map((m) => ({ y: Number(m[1]), text: m[2]! }));

describe('the card for the bench', () => {
  it.each([
    'ines-dome-night',
    'halley-collar',
    'okoro-cinch-band',
    'lin-horizon-cuff',
    'pavel-night-watch-strap',
  ])('%s: says every cut, every move of a row, every mark and every caution', async (name) => {
    const { plan: p, guide, svg } = await card(name);
    const all = texts(svg)
      .map((t) => t.text)
      .join(' ');
    for (const c of p.cords)
      expect(all).toContain(formatLength(c.cutLengthMm, { system: 'metric', kind: 'cut', rounding: 'up' }));
    for (const b of p.bands) for (const m of b.marks) expect(all).toContain(m.label);
    for (const c of guide.steps.flatMap((s) => s.cautions ?? []))
      expect(all).toContain(c.text.split(' ').slice(0, 4).join(' '));
    const pictures = svg.match(/fill="#e8a317"/g) ?? [];
    const tying = guide.tying[0]!;
    const moves = Array.from({ length: tying.rows }, (_, r) => tying.row(r).moves.length).reduce(
      (a, b) => a + b,
      0,
    );
    expect(pictures).toHaveLength(moves);
  });

  it('nothing lies across the edge of a sheet, and nothing is fetched from outside', async () => {
    for (const name of ['halley-collar', 'okoro-cinch-band', 'lin-horizon-cuff', 'pavel-night-watch-strap']) {
      const { pages, svg } = await card(name);
      for (const { y, text } of texts(svg)) {
        const on = y % PAGE.height;
        expect(on, `${name}: ${text}`).toBeGreaterThan(PAGE.margin - 4);
        expect(on, `${name}: ${text}`).toBeLessThan(PAGE.height - PAGE.margin + 4);
      }
      expect(svg).toContain(`height="${pages.sheets.length * PAGE.height}mm"`);
      expect(svg.replace('http://www.w3.org/2000/svg', '')).not.toMatch(/href|url\(|https?:/);
    }
  });

  it('shows the order on the bar 10 mm apart: squares for cores, circles for ends, thick where they lie over', async () => {
    const { svg } = await card('ines-dome-night');
    const places = [
      ...svg.matchAll(
        /<(circle|rect) (?:cx|x)="([\d.]+)" (?:cy|y)="([\d.]+)" [^>]*stroke-width="([\d.]+)"\/>\s*<text x="([\d.]+)" y="([\d.]+)"[^>]*>(\w)</g,
      ),
    ].map(([, kind, x, y, width, textX, textY, letter]) => ({
      kind,
      middle: kind === 'rect' ? Number(x) + 3 : Number(x),
      onBar: (kind === 'rect' ? Number(y) + 3 : Number(y)).toFixed(2),
      isOver: width === '0.9',
      textX: Number(textX),
      foot: (Number(textY) - 1.3).toFixed(2),
      letter,
    }));
    // From the left as it hangs: A is the working cord and the one in front, B the core cord’s second leg.
    expect(places.map((p) => [p.kind, p.middle, p.letter, p.isOver])).toEqual([
      ['circle', 19, 'A', true],
      ['rect', 29, 'B', false],
      ['rect', 39, 'B', true],
      ['circle', 49, 'A', false],
    ]);
    for (const p of places) expect([p.textX, p.foot]).toEqual([p.middle, p.onBar]);
    expect(svg).toMatch(/<path d="M12 [\d.]+h44" stroke="#000" stroke-width="1.6"\/>/);
  });

  it('a name of signs is written, not obeyed', async () => {
    const { svg } = await card('pavel-first-band', '<script>& "x"');
    expect(svg).not.toContain('<script>');
    expect(svg).toContain('&lt;script&gt;&amp;');
  });

  it('its check line is 100 mm in a document whose unit is the millimetre', async () => {
    const { svg } = await card('ines-dome-night');
    expect(svg).toMatch(/width="210mm" height="\d+mm" viewBox="0 0 210 \d+"/);
    expect(/d="M12 [\d.]+h100[^"]*"[^>]*class="check-line"/.test(svg)).toBe(true);
  });

  it('in black and white the cords of a piece keep different greys', () => {
    const look = { id: 'x', name: 'x', look: 'solid' as const, base: '#123456', accents: [] };
    const greys = bareLooks([0, 1, 2, 3].map((cord) => ({ look, cord }))).map((l) => l.base);
    expect(new Set(greys).size).toBe(4);
    for (const g of greys) expect(g).toMatch(/^#(..)\1\1$/);
  });
});

describe('the 1:1 strip', () => {
  it('covers the band once, at full size, and carries each mark on one line only', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 9000 }).map((v) => v / 10),
        fc.array(
          fc.integer({ min: -400, max: 9500 }).map((v) => v / 10),
          { maxLength: 8 },
        ),
        (wovenMm, places) => {
          const marks = places.map((atMm, i) => ({ atMm, label: String(i) }));
          const lines = stripLines({ startMm: 4, wovenMm, marks }, 186);
          expect(
            lines
              .flatMap((l) => l.marks)
              .map((m) => m.label)
              .sort(),
          ).toEqual(marks.map((m) => m.label).sort());
          for (const [i, l] of lines.entries()) {
            expect(l.toMm - l.fromMm).toBeLessThanOrEqual(186);
            if (i > 0) expect(l.fromMm).toBe(lines[i - 1]!.toMm);
            for (const m of l.marks) expect(m.atMm >= l.fromMm && m.atMm <= l.toMm).toBe(true);
          }
          expect(lines[0]!.fromMm).toBeLessThanOrEqual(0);
          expect(lines.at(-1)!.toMm).toBeGreaterThanOrEqual(4 + wovenMm);
        },
      ),
    );
  });
});

describe('steps as text', () => {
  it('name every step once; alike rows point at the first of them', async () => {
    const { design, guide } = await card('pavel-first-band');
    const text = stepsText(design, guide, 'metric');
    for (const s of guide.steps) expect(text).toContain(`[ ] ${s.title}`);
    expect(text.match(/Left end: over both cores/g)).toHaveLength(1);
    expect(text).toContain('[ ] Row 3 of 29: as row 1');
    expect(text).toContain('[ ] Row 4 of 29: as row 2');
  });
});
