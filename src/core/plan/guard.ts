import { fail, ok, type Result } from '../result.ts';
import { quote } from '../validation.ts';
import type { Plan } from './types.ts';

/** Numbers add up to this, in mm. */
const EXACT_MM = 1e-6;

/**
 * The last look at a plan before anybody sees it: a number that is not finite, a length below nothing, or parts that do
 * not add up make it a failed plan with a message. Whatever is caught here is a defect of ours; tests count it as one.
 */
export function guard(plan: Plan): Result<Plan> {
  const found = defects(plan);
  if (found.length === 0) return ok(plan);
  return fail({
    code: 'plan.defect',
    path: '',
    message: `Warp Beam can’t work this combination out (${quote(found[0]!)}). That is our fault, not yours: change the size, the closure or the set-up, and please report it.`,
  });
}

/** Everything about a plan that cannot be; empty for a sound one. */
export function defects(plan: Plan): string[] {
  const out: string[] = [];
  const atLeast = (value: number, least: number, what: string) => {
    if (!Number.isFinite(value)) out.push(`${what} is not a number`);
    else if (value < least - EXACT_MM) out.push(`${what} comes out at ${value.toFixed(1)}`);
  };
  const finite = (value: number, what: string) => atLeast(value, Number.NEGATIVE_INFINITY, what);
  for (const [id, figure] of Object.entries(plan.figures))
    if (figure.isSigned) finite(figure.value, id);
    else atLeast(figure.value, 0, id);
  for (const figure of plan.more)
    if (figure.isSigned) finite(figure.value, figure.label);
    else atLeast(figure.value, 0, figure.label);
  for (const cord of plan.cords) {
    const name = `cord ${cord.letter}`;
    for (const part of cord.parts) atLeast(part.lengthMm, 0, `${name}, ${part.what}`);
    const sum = cord.parts.reduce((total, p) => total + p.lengthMm, 0);
    atLeast(
      EXACT_MM - Math.abs(sum - cord.cutLengthMm),
      0,
      `${name}: its parts do not add up, the difference`,
    );
    atLeast(cord.usedLengthMm, 0, `${name}, used`);
    atLeast(cord.cutLengthMm - cord.usedLengthMm, 0, `${name}, cut less used`);
    for (const mark of cord.marks) {
      atLeast(mark.atMm, 0, `${name}, ${mark.what}`);
      atLeast(cord.cutLengthMm - mark.atMm, 0, `${name}, room behind ${mark.what}`);
    }
  }
  for (const band of plan.bands) {
    atLeast(band.wovenMm, 0, `${band.name}, woven`);
    atLeast(band.rows, 1, `${band.name}, rows`);
    for (const mark of band.marks) finite(mark.atMm, `${band.name}, ${mark.label}`);
  }
  for (const school of plan.schools) atLeast(school.finishedMm, 0, `finished length, ${school.label}`);
  atLeast(plan.closed.closedMm, 0, 'inner girth');
  if (plan.closed.openMm !== undefined) atLeast(plan.closed.openMm, 0, 'inner girth when open');
  finite(plan.closed.gapMm, 'gap');
  atLeast(plan.closed.danglesMm, 0, 'what dangles');
  return out;
}
