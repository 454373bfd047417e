import { parseDesign } from '../core/formats/design.ts';
import { compareClosures } from '../core/plan/compare.ts';
import { plan } from '../core/plan/plan.ts';
import { whyText } from '../core/why/why.ts';
import { knowledgeFor } from './carried.ts';
import { print, printIssues, readText } from './io.ts';

const round = (mm: number): number => Number(mm.toFixed(1));

/** Every closure that suits the design's product, side by side. */
export function closuresCommand(args: string[]): number {
  const text = readText(args[0], 'closures FILE.json');
  if (typeof text === 'number') return text;
  const read = parseDesign(text);
  if (!read.ok) return printIssues(read.issues);
  const know = knowledgeFor(read.value);
  if (!know.ok) return printIssues(know.issues);
  const planned = plan(read.value, know.value);
  // A closure that cannot be made is one line of the answer; anything else that is wrong is wrong for all.
  const elsewhere = planned.ok ? [] : planned.issues.filter((i) => !/^\/(closure|setup|cords)/.test(i.path));
  if (elsewhere.length > 0) return printIssues(elsewhere);
  return print({
    format: 'warp-beam/closures',
    version: 1,
    design: read.value.name,
    closures: compareClosures(read.value, know.value).map((c) =>
      c.ok
        ? {
            id: c.id,
            name: c.name,
            chosen: c.isChosen,
            setup: c.design.setup.style,
            cordMm: round(c.cordMm),
            closedInnerMm: round(c.closedMm),
            openInnerMm: c.openMm === undefined ? null : round(c.openMm),
            danglesMm: round(c.danglesMm),
            minutes: round(c.minutes),
            difficulty: c.difficulty,
            failed: c.failed.map((x) => ({ id: x.id, message: whyText(x.message) })),
          }
        : { id: c.id, name: c.name, refused: c.reason },
    ),
  });
}
