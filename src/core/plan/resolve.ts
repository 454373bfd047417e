import { closedLengthMm, sideRelease } from '../closures/sideRelease.ts';
import { findColour } from '../colour/palette.ts';
import { findCord } from '../cord/cords.ts';
import { findProduct } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import { type Issue, ok, type Result } from '../result.ts';
import { formatLength } from '../units/index.ts';
import type { Knowledge } from './knowledge.ts';
import type { Resolved } from './resolved.ts';
import { STYLES } from './setups/index.ts';

export const DEFAULT_TAIL_MM = 150;
export const DEFAULT_ROUND_MM = 10;

/** Looks every id up and checks every number's range; all issues at once, each at its place. */
export function resolve(design: Design, know: Knowledge): Result<Resolved> {
  const issues: Issue[] = [];
  const found = <T>(value: T | undefined, path: string, what: string, id: string): T => {
    if (value === undefined)
      issues.push({ code: 'design.unknown', path, message: `There is no ${what} called “${id}” here.` });
    return value as T;
  };
  const product = found(findProduct(design.product), '/product', 'product', design.product);
  const solved = found(know.facts(design.pattern.id), '/pattern/id', 'pattern', design.pattern.id);
  const cord = found(findCord(design.cord), '/cord', 'cord', design.cord);
  const colours = design.cords.map((c, i) =>
    found(findColour(c.colour), `/cords/${i}/colour`, 'colour', c.colour),
  );
  if (solved && solved.kind !== 'weave') {
    issues.push({
      code: 'design.knot',
      path: '/pattern/id',
      message: 'This is a knot, not a weave: it makes no band.',
    });
  } else if (solved) {
    issues.push(...styleIssues(design, solved));
  }
  if (product) {
    const { name, leastMm, mostMm } = product.girth;
    range(issues, design.wearer.girthMm, leastMm, mostMm, '/wearer/girthMm', `A ${name}`);
  }
  const { sizeMm, lengthMm } = design.closure;
  const buckle = found(
    sideRelease(sizeMm, lengthMm),
    '/closure/sizeMm',
    'side-release buckle',
    formatLength(sizeMm, { system: 'metric', kind: 'small' }),
  );
  if (lengthMm !== undefined) range(issues, lengthMm, 8, 150, '/closure/lengthMm', 'A closed buckle');
  const tailMm = design.tailMm ?? DEFAULT_TAIL_MM;
  range(issues, tailMm, 0, 1000, '/tailMm', 'A tail');
  const roundToMm = design.roundToMm ?? DEFAULT_ROUND_MM;
  range(issues, roundToMm, 1, 500, '/roundToMm', 'The step that cuts are rounded up to');
  if (issues.length > 0) return { ok: false, issues };
  return ok({ design, product, solved, cord, colours, buckle, tailMm, roundToMm });
}

function styleIssues(design: Design, solved: SolvedFacts): Issue[] {
  const style = STYLES[design.setup.style];
  if (!style.suits(solved)) {
    return [
      {
        code: 'design.setup',
        path: '/setup/style',
        message:
          'This set-up needs two cores that turn into two working ends; choose separate cords for this weave.',
      },
    ];
  }
  const wanted = style.cords(solved);
  if (design.cords.length === wanted) return [];
  const message = `This set-up takes ${wanted === 1 ? 'one cord' : `${wanted} cords`}, not ${design.cords.length}.`;
  return [{ code: 'design.cords', path: '/cords', message }];
}

function range(issues: Issue[], mm: number, least: number, most: number, path: string, what: string): void {
  if (mm >= least && mm <= most) return;
  const show = (value: number) => formatLength(value, { system: 'metric' });
  const inches = (value: number) => formatLength(value, { system: 'imperial' });
  issues.push({
    code: 'design.range',
    path,
    message: `${what} measures between ${show(least)} (${inches(least)}) and ${show(most)} (${inches(most)}); ${show(mm)} cannot be right.`,
  });
}

export const hardwareMm = (r: Resolved): number => closedLengthMm(r.buckle);
