import { barOrder } from '../../colour/barOrder.ts';
import { cordLetter } from '../../colour/palette.ts';
import { beamScene } from '../../drawing/beam.ts';
import type { Pictures } from '../../drawing/pictures.ts';
import { escapeXml } from '../../drawing/svg.ts';
import type { Design } from '../../formats/design.gen.ts';
import { strandsOf } from '../../plan/strands.ts';
import type { Plan } from '../../plan/types.ts';
import { formatLength, type UnitSystem } from '../../units/index.ts';
import { whyText } from '../../why/why.ts';
import type { Guide } from '../list/steps.ts';
import { bareLooks } from '../rows/bareLooks.ts';
import { isMirrored } from '../rows/orders.ts';
import { rowCords } from '../rows/rowCords.ts';
import { rowPicture } from '../rows/rowPicture.ts';
import { shortRowText } from '../rows/words.ts';
import { label, n, PAGE, Page, WIDTH } from './paper.ts';
import { stripLines } from './strip.ts';

const COLUMNS = 4;

/** A4 pages below each other: everything on them as SVG elements in mm, without the frame. */
interface CardPages {
  readonly sheets: readonly string[];
}

/**
 * The card for the bench: the piece, cuts, set-up with the order on the bar, the moves of a row in greys, marks along a
 * 1:1 strip, cautions. Needs nothing from outside.
 */
export function cardPages(
  design: Design,
  plan: Plan,
  guide: Guide,
  pictures: Pictures,
  system: UnitSystem,
): CardPages {
  const page = new Page();
  const show = (mm: number, kind: 'cut' | 'body' | 'small' = 'body') =>
    formatLength(mm, { system, kind, rounding: kind === 'cut' ? 'up' : 'nearest' });
  page.text(design.name, 8, true);
  page.text(
    `for ${design.wearer.name}, girth ${show(design.wearer.girthMm)}: closed ${show(plan.finishedLengthMm)}, woven ${show(plan.wovenLengthMm)}, ${plan.rows} rows`,
    4,
  );
  const piece = beamScene(plan, pictures, 'front');
  const scale = Math.min(1, WIDTH / piece.widthMm);
  page.y += 3;
  page.scene(piece, PAGE.margin, page.y, scale);
  page.y += piece.heightMm * scale;
  page.text(
    scale === 1
      ? 'The piece at full size, open.'
      : `The piece at ${Math.round(scale * 100)} % of its size, open.`,
    3,
  );
  page.heading('Cut');
  for (const c of plan.cords) {
    const marks = c.marks.map((m) =>
      m.atMm === 0 ? `${m.what}: first end` : `${m.what} at ${show(m.atMm, 'cut')}`,
    );
    page.text(
      `□ ${c.letter}  ${show(c.cutLengthMm, 'cut')}  ${c.name}, ${c.role}${marks.length > 0 ? `; ${marks.join(', ')}` : ''}`,
      4,
    );
  }
  setUp(page, guide, system);
  barPicture(page, design, guide, pictures);
  rowPictures(page, plan, guide);
  stripPicture(page, plan);
  page.heading('Mind');
  for (const text of new Set(guide.steps.flatMap((s) => (s.cautions ?? []).map((c) => c.text))))
    page.text(`• ${text}`, 3);
  checkLine(page);
  return { sheets: page.sheets.map((elements) => elements.join('\n')) };
}

function setUp(page: Page, guide: Guide, system: UnitSystem): void {
  page.heading('Set up');
  for (const step of guide.steps.filter((s) => s.phase === 'set up'))
    page.text(`${step.title}: ${step.lines.map((l) => whyText(l, system)).join(' ')}`, 3.1);
}

/** The order on the bar as the work hangs: rings for ends that lie over, squares for cores. */
export function barPicture(page: Page, design: Design, guide: Guide, { weave }: Pictures): void {
  const drawn = barOrder(weave);
  const order = isMirrored(guide.tying) ? drawn : drawn.toReversed();
  const strands = strandsOf(design, weave);
  page.room(16);
  page.y += 3;
  const y = page.y + 5;
  page.push(`<path d="M${PAGE.margin} ${n(y)}h${order.length * 10 + 4}" stroke="#000" stroke-width="1.6"/>`);
  for (const [i, place] of order.entries()) {
    const x = PAGE.margin + 7 + i * 10;
    const width = place.isOver ? 0.9 : 0.3;
    page.push(
      place.isCore
        ? `<rect x="${n(x - 3)}" y="${n(y - 3)}" width="6" height="6" fill="#fff" stroke="#000" stroke-width="${width}"/>`
        : `<circle cx="${n(x)}" cy="${n(y)}" r="3.4" fill="#fff" stroke="#000" stroke-width="${width}"/>`,
      label(cordLetter(strands[place.key] ?? 0), x, y + 1.3, 3.6, true, true),
    );
  }
  page.y = y + 4;
  page.text(
    'As row 1 begins, left to right as it hangs: circles are working ends, squares cores; what lies over has the thick line.',
    3,
  );
}

/** Every move of the rows that differ, a picture each, in greys with letters. */
export function rowPictures(page: Page, plan: Plan, guide: Guide): void {
  const tying = guide.tying[0];
  if (!tying) return;
  page.heading('A row, move by move');
  page.y += 2;
  const looks = bareLooks(plan.cords);
  const width = WIDTH / COLUMNS;
  const panels = Array.from({ length: tying.rows }, (_, row) => row).flatMap((row) => {
    const cordOf = rowCords(plan, 0, row + 1);
    return shortRowText(tying.row(row)).map((text, i) => ({
      text: `Row ${row + 1}${tying.rows > 1 ? (row === 0 ? ', 3 …' : ', 4 …') : ''}: ${text}`,
      picture: rowPicture({
        tying,
        row: row + 2 * tying.rows,
        done: i + 1,
        cordOf,
        looks,
        diameterMm: plan.metrics.diameterMm,
        mat: '#ffffff',
      }),
    }));
  });
  for (let i = 0; i < panels.length; i += COLUMNS) {
    const line = panels.slice(i, i + COLUMNS);
    const scales = line.map(({ picture }) =>
      Math.min((width - 4) / picture.scene.widthMm, 34 / picture.scene.heightMm),
    );
    const height = Math.max(...line.map(({ picture }, k) => picture.scene.heightMm * scales[k]!));
    page.room(height + 16);
    let bottom = page.y;
    for (const [k, { text, picture }] of line.entries()) {
      const [x, top] = [PAGE.margin + k * width, page.y];
      page.scene(picture.scene, x, top, scales[k]!);
      for (const l of picture.labels)
        page.push(
          label(
            l.text,
            x + (l.x - picture.scene.minX) * scales[k]!,
            top + (l.y - picture.scene.minY) * scales[k]!,
            4,
            true,
            true,
          ),
        );
      page.y = top + height + 1;
      page.text(text, 2.9, false, x, width - 4);
      bottom = Math.max(bottom, page.y);
      page.y = top;
    }
    page.y = bottom + 2;
  }
}

/** The band's length at full size with its marks, in as many lines as the page needs. */
export function stripPicture(page: Page, plan: Plan): void {
  for (const band of plan.bands) {
    page.heading(`Marks, at full size${plan.bands.length > 1 ? `: ${band.name}` : ''}`);
    for (const line of stripLines(band, WIDTH)) {
      page.room(14 + 4 * line.marks.length);
      const top = page.y + 2;
      const x = (mm: number) => PAGE.margin + mm - line.fromMm;
      const ticks = line.ticks.map((t) => `M${n(x(t.mm))} ${n(top)}v${t.isTen ? 4 : 2}`).join('');
      page.push(
        `<path d="M${n(x(line.fromMm))} ${n(top)}H${n(x(line.toMm))}${ticks}" stroke="#000" stroke-width="0.25" fill="none"/>`,
      );
      for (const t of line.ticks.filter((u) => u.isTen && u.mm % 50 === 0))
        page.push(label(String(t.mm), x(t.mm), top + 6.6, 2.6, false, true));
      page.y = top + 7.5;
      for (const m of line.marks) {
        page.push(
          `<path d="M${n(x(m.atMm))} ${n(top - 1.5)}V${n(page.y + 2.2)}" stroke="#000" stroke-width="0.5"/>`,
        );
        page.text(
          `${m.label} (${m.atMm.toFixed(0)} mm)`,
          3,
          true,
          Math.min(x(m.atMm) + 1, PAGE.width - PAGE.margin - 60),
          60,
        );
      }
      page.y += 2;
    }
  }
}

function checkLine(page: Page): void {
  page.room(12);
  const y = page.y + 5;
  const ticks = Array.from({ length: 11 }, (_, i) => `M${PAGE.margin + i * 10} ${n(y - 3)}v6`).join('');
  page.push(
    `<path d="M${PAGE.margin} ${n(y)}h100${ticks}" stroke="#000" stroke-width="0.4" fill="none" class="check-line"/>`,
  );
  page.y = y + 4;
  page.text('check: this line is 100 mm; if not, print at 100 %', 3.2);
}

/** The card as one self-contained SVG file at full size. */
export function cardSvg({ sheets }: CardPages, title: string): string {
  const height = sheets.length * PAGE.height;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${PAGE.width}mm" height="${height}mm" viewBox="0 0 ${PAGE.width} ${height}" font-family="sans-serif">\n<title>${escapeXml(title)}</title>\n<rect width="${PAGE.width}" height="${height}" fill="#fff"/>\n${sheets.join('\n')}\n</svg>\n`;
}
