import { beamScene } from '../drawing/beam.ts';
import type { Pictures } from '../drawing/pictures.ts';
import type { Design } from '../formats/design.ts';
import type { Plan } from '../plan/types.ts';
import { barPicture, rowPictures, stripPicture } from '../steps/card/card.ts';
import { PAGE, Page, WIDTH } from '../steps/card/paper.ts';
import type { Guide } from '../steps/list/steps.ts';
import { formatLength, type UnitSystem } from '../units/index.ts';
import { whyText } from '../why/why.ts';

const BIG = 3.8;
const SMALL = 3;
/** The piece is drawn no larger than this share of its size: the sheet is one page. */
const PICTURE = 0.6;

/**
 * A sheet for a pupil, in simple words with pictures: the cords, the set-up with a ruler, the first rows, how to tell which side comes next, the ends; an adult
 * does the flame. SVG elements in mm, a sheet of A4 each.
 */
export function pupilSheets(
  design: Design,
  plan: Plan,
  guide: Guide,
  pictures: Pictures,
  system: UnitSystem,
): readonly string[] {
  const page = new Page();
  const show = (mm: number, kind: 'cut' | 'body' = 'body') => formatLength(mm, { system, kind });
  page.text(design.name, 7, true);
  const piece = beamScene(plan, pictures, 'front');
  const scale = Math.min(PICTURE, WIDTH / piece.widthMm);
  page.y += 2;
  page.scene(piece, PAGE.margin, page.y, scale);
  page.y += piece.heightMm * scale;
  page.heading('1  Your cords');
  for (const c of plan.cords) page.text(`${c.letter}  ${c.name}: ${show(c.cutLengthMm, 'cut')}`, BIG);
  page.text('Lay them out straight. Is one too short? Tell an adult before you begin.', BIG);
  page.heading('2  Set up');
  for (const step of guide.steps.filter((s) => s.phase === 'set up')) {
    page.text(`• ${step.title}`, BIG);
    if (step.lines[0]) page.text(whyText(step.lines[0], system), SMALL);
  }
  const band = plan.bands[0]!;
  page.text(
    `Put your ruler beside the cords: from where the weave begins to where it ends must be ${show(band.wovenMm)}.`,
    BIG,
  );
  barPicture(page, design, guide, pictures);
  if (guide.tying.length > 0) {
    rowPictures(page, plan, guide);
    page.heading('3  Which side next?');
    page.text(whichSide(guide), BIG);
  }
  page.text(
    `${guide.tying.length > 0 ? 'Pull every row snug: not as hard as you can, but always the same. ' : ''}You need ${guide.rows} rows. The weave is then about ${show(band.wovenMm)} long: lay it on the ruler below, whose 100 must be 10 cm from its 0 (print at 100 %).`,
    BIG,
  );
  stripPicture(page, plan);
  page.heading('4  The ends');
  page.text('Tuck each end under two rows on the back, where nobody sees it, or as you were shown.', BIG);
  page.text(
    'An adult cuts the ends and does the flame. Do not touch a melted end: it sticks and burns.',
    BIG,
    true,
  );
  return page.sheets.map((elements) => elements.join('\n'));
}

/** How the weave itself tells which side moves first. */
function whichSide({ tells, isSideless }: Pick<Guide, 'tells' | 'isSideless'>): string {
  if (isSideless) return 'Every row begins alike: no side is first.';
  if (!tells) return 'Say it aloud as you go: left, right, left, right.';
  return `Lost? Look for the ${tells.sign}. ${tells.next === 'same' ? 'The next row begins on that side.' : 'The next row begins on the other side.'}`;
}
