import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { beamScene } from '../../drawing/beam.ts';
import { knotsOf } from '../../drawing/pictures.ts';
import { parseDesign } from '../../formats/design.ts';
import { stepsText } from '../../formats/steps.ts';
import { loadWeave } from '../../patterns/index.ts';
import { plan } from '../../plan/plan.ts';
import { formatLength } from '../../units/index.ts';
import { guideFor } from '../list/steps.ts';
import { bareLooks } from '../rows/bareLooks.ts';
import { rowPicture } from '../rows/rowPicture.ts';
import { USUAL_WAY } from '../types.ts';
import { barPicture, cardPages, cardSvg, rowPictures } from './card.ts';
import { PAGE, Page } from './paper.ts';
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
  return { design, plan: made.value, guide: guide.value, pictures, pages, svg: cardSvg(pages, design.name) };
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
    // The set-up is told, the rows are shown.
    const [setUp] = all.slice(all.indexOf('Set up')).split('As row 1 begins');
    for (const s of guide.steps) expect(setUp!.includes(`${s.title}:`), s.title).toBe(s.phase === 'set up');
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
    expect(svg.match(/font-size="3.6" font-weight="700" text-anchor="middle">[AB]</g)).toHaveLength(4);
    expect(svg.match(/stroke-width="0.9"\/>\s*<text/g)).toHaveLength(2);
    expect(svg.match(/stroke-width="0.3"\/>\s*<text/g)).toHaveLength(2);
    expect(svg).toMatch(/<path d="M12 [\d.]+h44" stroke="#000" stroke-width="1.6"\/>/);
  });

  it('begins with its name, then whose it is, and the piece as large as the sheet lets it be', async () => {
    const { plan: p, design, svg } = await card('ines-dome-night');
    const head = [...svg.matchAll(/<text x="12" y="([\d.]+)" font-size="([\d.]+)"[^>]*>([^<]*)</g)].map((m) =>
      m.slice(1),
    );
    // A line is 1.3 of its size, and stands a quarter of it above its foot.
    expect(head[0]).toEqual(['20.4', '8', design.name]);
    expect(head[1]![1]).toBe('4');
    // How it is set up is told in small letters.
    const setUp = head.filter((h) => Number(h[1]) === 3.1).map((h) => h[2]!);
    expect(
      setUp.some((text) => text.startsWith('Find the middles') || text.startsWith('Join and fold')),
    ).toBe(true);
    expect(head[1]![2]).toContain(`for ${design.wearer.name}`);
    const scene = beamScene(p, (await card('ines-dome-night')).pictures, 'front');
    const share = Math.min(1, 186 / scene.widthMm);
    const said = head.find((h) => h[2]!.startsWith('The piece at'))!;
    expect(said[2]).toBe(`The piece at ${Math.round(share * 100)} % of its size, open.`);
    expect(said[1]).toBe('3');
    const piece = /<g transform="translate\([-\d.]+ [-\d.]+\) scale\(([\d.]+)\)"/.exec(svg)!;
    expect(Number(piece[1])).toBeCloseTo(share / 100, 5);
    // Below both lines, 3 mm, and its own height.
    const lines = head.filter((h) => Number(h[0]) < Number(said[0]) - 0.01).length - 1;
    expect(Number(said[0])).toBeCloseTo(12 + 10.4 + 5.2 * lines + 3 + scene.heightMm * share + 3 * 1.05, 1);
  });

  it('has four moves of a row beside each other, each in its 46.5 mm and no higher than 34', async () => {
    const { svg } = await card('ines-dome-night');
    const panels = [...svg.matchAll(/<text x="([\d.]+)" y="([\d.]+)" font-size="2.9">Row (\d)/g)].map(
      (m) => ({
        x: Number(m[1]),
        y: Number(m[2]),
      }),
    );
    expect(panels.map((q) => q.x)).toEqual([12, 58.5, 105, 151.5].slice(0, panels.length));
    expect(new Set(panels.map((q) => q.y)).size).toBe(1);
  });

  it('draws the bar 8 mm below what is above it, and its words 4 mm below that', async () => {
    const { design, guide, pictures } = await card('ines-dome-night');
    const page = new Page();
    barPicture(page, design, guide, pictures);
    expect(page.sheets[0]![0]).toContain('d="M12 20h44"');
    const words = page.sheets[0]!.flatMap((e) => /y="([\d.]+)" font-size="3">As row 1/.exec(e)?.[1] ?? []);
    expect(Number(words[0])).toBeCloseTo(24 + 3 * 1.05, 2);
  });

  it('goes on 2 mm below the longest words under the moves of a row', async () => {
    const { plan: p, guide } = await card('ines-dome-night');
    const page = new Page();
    rowPictures(page, p, guide);
    const feet = page.sheets.flat().flatMap((e) => {
      const found = /y="([\d.]+)" font-size="2.9"/.exec(e);
      return found ? [Number(found[1])] : [];
    });
    // The first line is 1 mm below the highest picture, which begins 2 mm below the heading: 12 + 3 + 4.6 × 1.3 + 1 + 2.
    const tying = guide.tying[0]!;
    const heights = [0, 1].flatMap((row) =>
      [1, 2].map((done) => {
        const { scene } = rowPicture({
          tying,
          row: row + 2 * tying.rows,
          done,
          cordOf: () => 0,
          looks: bareLooks(p.cords),
          diameterMm: p.metrics.diameterMm,
        });
        return scene.heightMm * Math.min((186 / 4 - 4) / scene.widthMm, 34 / scene.heightMm);
      }),
    );
    expect(Math.min(...feet)).toBeCloseTo(23.98 + Math.max(...heights) + 1 + 2.9 * 1.05, 1);
    // Moves need two lines or three, and a line’s foot is a quarter of its size below it.
    expect(new Set(feet).size).toBeGreaterThan(1);
    expect(page.y).toBeCloseTo(Math.max(...feet) + 2.9 / 4 + 2, 1);
  });

  it('puts the letters of the ends where the picture of the move has them', async () => {
    const { svg, guide, plan: p } = await card('ines-dome-night');
    const tying = guide.tying[0]!;
    // Groups of moves and their letters follow one another; the first is the first move of row 1, in the steady part of the band.
    const from = svg.indexOf('A row, move by move');
    const group = /<g transform="translate\(([-\d.]+) ([-\d.]+)\) scale\(([\d.]+)\)"/.exec(svg.slice(from))!;
    const [x, y, hundredth] = group.slice(1).map(Number) as [number, number, number];
    const { labels, scene } = rowPicture({
      tying,
      row: 2 * tying.rows,
      done: 1,
      cordOf: () => 0,
      looks: bareLooks(p.cords),
      diameterMm: p.metrics.diameterMm,
    });
    const scale = 100 * hundredth;
    expect(scale).toBeCloseTo(Math.min((186 / 4 - 4) / scene.widthMm, 34 / scene.heightMm), 3);
    const drawn = [
      ...svg
        .slice(from)
        .matchAll(
          /<text x="([\d.]+)" y="([\d.]+)" font-size="4" font-weight="700" text-anchor="middle">(\w)</g,
        ),
    ];
    expect(labels).toHaveLength(2);
    for (const [i, label] of labels.entries()) {
      expect(drawn[i]![3]).toBe(label.text);
      expect(Number(drawn[i]![1])).toBeCloseTo(x + label.x * scale, 0);
      expect(Number(drawn[i]![2])).toBeCloseTo(y + label.y * scale, 0);
    }
  });

  it('a name of signs is written, not obeyed', async () => {
    const { svg } = await card('pavel-first-band', '<script>& "x"');
    expect(svg).not.toContain('<script>');
    expect(svg).toContain('&lt;script&gt;&amp;');
  });

  it('its check line is 100 mm in a document whose unit is the millimetre', async () => {
    const { svg } = await card('ines-dome-night');
    expect(svg).toMatch(/width="210mm" height="\d+mm" viewBox="0 0 210 \d+"/);
    // It is 5 mm below what is above it, its ticks 3 to either side, its words below them.
    const line = /<path d="M12 ([\d.]+)h100M12 ([\d.]+)v6/.exec(svg)!;
    expect(Number(line[1]) - Number(line[2])).toBeCloseTo(3, 6);
    const words = /y="([\d.]+)" font-size="3.2"[^>]*>check: this line/.exec(svg)!;
    expect(Number(words[1]) - Number(line[1])).toBeCloseTo(4 + 3.2 * 1.3 - 0.8, 1);
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
