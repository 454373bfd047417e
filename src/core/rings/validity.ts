import { fail, type Issue, ok, type Result } from '../result.ts';
import { type Coding, gcd, MOST_BIGHTS, MOST_LEADS, type RingShape } from './types.ts';

/** Says plainly what is wrong with a ring, and which ones near it work. */
export function checkShape(
  shape: RingShape,
  options: { readonly oneCord?: boolean } = {},
): Result<RingShape> {
  const { leads, bights, coding } = shape;
  const issues: Issue[] = [];
  const wrong = (path: string, message: string) => issues.push({ code: 'ring.size', path, message });
  if (!Number.isInteger(leads) || leads < 2 || leads > MOST_LEADS)
    wrong('/leads', `Choose between 2 and ${MOST_LEADS} leads.`);
  if (!Number.isInteger(bights) || bights < 2 || bights > MOST_BIGHTS)
    wrong('/bights', `Choose between 2 and ${MOST_BIGHTS} bights.`);
  if (issues.length > 0) return { ok: false, issues };
  if (coding.by === 'col' && bights % coding.n !== 0)
    return fail({
      code: 'ring.coding',
      path: '/coding',
      message: `Columns of ${coding.n} need a number of bights that ${coding.n} divides, not ${bights}: ${nearest(bights, (b) => b % coding.n === 0).join(' or ')}.`,
    });
  if (coding.n >= leads && coding.n > 1 && coding.by === 'row')
    return fail({
      code: 'ring.coding',
      path: '/coding',
      message: `Rows of ${coding.n} need more than ${coding.n} leads.`,
    });
  const strands = gcd(leads, bights);
  if (options.oneCord && strands > 1)
    return fail({
      code: 'ring.strands',
      path: '/bights',
      message: `${leads} leads × ${bights} bights need ${strands} cords, because ${strands} divides both. With one cord: ${oneCordNear(leads, bights).join(', ')}.`,
    });
  return ok(shape);
}

/** The nearest rings that one cord makes: fewer or more bights, then fewer or more leads. */
export function oneCordNear(leads: number, bights: number): string[] {
  const byBights = nearest(bights, (b) => gcd(leads, b) === 1).map((b) => `${leads} × ${b}`);
  const byLeads = nearest(leads, (l) => gcd(l, bights) === 1).map((l) => `${l} × ${bights}`);
  return [...byBights, ...byLeads].slice(0, 4);
}

/** The nearest number below and above, both over 1, that suits. */
function nearest(from: number, suits: (n: number) => boolean): number[] {
  const found: number[] = [];
  for (let n = from - 1; n >= 2; n--)
    if (suits(n)) {
      found.push(n);
      break;
    }
  for (let n = from + 1; n <= from + MOST_BIGHTS; n++)
    if (suits(n)) {
      found.push(n);
      break;
    }
  return found;
}

/** Codings that this ring can have, plain first. */
export function codingsFor(leads: number, bights: number): Coding[] {
  const all: Coding[] = [
    { by: 'row', n: 1 },
    { by: 'row', n: 2 },
    { by: 'row', n: 3 },
    { by: 'col', n: 2 },
    { by: 'col', n: 3 },
  ];
  return all.filter((coding) => checkShape({ leads, bights, coding, first: 'O' }).ok);
}
