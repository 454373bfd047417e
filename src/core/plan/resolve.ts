import { handLengthMm } from '../chance/hands.ts';
import { findClosure } from '../closures/index.ts';
import { offeredFor } from '../closures/offered.ts';
import { checkOptions } from '../closures/options.ts';
import { lanesOfWeave } from '../colour/lanes.ts';
import { cordLetter, findColour } from '../colour/palette.ts';
import { type Item, parseSequence } from '../colour/sequence.ts';
import { effectiveDiameterMm, FIBRE_MELTS, findCord } from '../cord/cords.ts';
import { type Measure, type Measured, measureOf } from '../fit/measures.ts';
import { findProduct, type Product } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { type MixedRequest, mixedRequest } from '../patterns/mixed.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import { type Issue, ok, type Result } from '../result.ts';
import { formatLength } from '../units/index.ts';
import { capital, withArticle } from '../words.ts';
import { chanceOf } from './chance.ts';
import { focalIssues } from './focalKnots.ts';
import type { Knowledge } from './knowledge.ts';
import type { Resolved } from './resolved.ts';
import { STYLES } from './setups/index.ts';
import { cordTypeOf, ratiosOf, thicknessIssues } from './thickness.ts';

export const DEFAULT_ROUND_MM = 10;

/** Looks every id up and checks every number's range; all issues at once, each at its place. */
export function resolve(design: Design, know: Knowledge): Result<Resolved> {
  const issues: Issue[] = [];
  const found = <T>(value: T | undefined, path: string, what: string, id: string): T => {
    if (value === undefined)
      issues.push({ code: 'design.unknown', path, message: `There is no ${what} called “${id}”.` });
    return value as T;
  };
  const product = found(findProduct(design.product), '/product', 'product', design.product);
  const drawn = found(know.facts(design.pattern.id), '/pattern/id', 'pattern', design.pattern.id);
  const cord = found(findCord(design.cord), '/cord', 'cord', design.cord);
  const closure = found(findClosure(design.closure.kind), '/closure/kind', 'closure', design.closure.kind);
  const colours = design.cords.map((c, i) =>
    found(findColour(c.colour, design.looks), `/cords/${i}/colour`, 'colour', c.colour),
  );
  if (drawn && drawn.kind !== 'weave') {
    issues.push({
      code: 'design.knot',
      path: '/pattern/id',
      message: 'This is a knot, not a weave: you can’t make a band of it.',
    });
  } else if (drawn) {
    issues.push(...cordIssues(design, drawn));
    issues.push(...focalIssues(design, drawn));
    const reason = closure?.unsuited?.(drawn);
    if (reason) issues.push({ code: 'closure.weave', path: '/closure/kind', message: reason });
  }
  if (product && closure) {
    if (!offeredFor(product).includes(closure.id))
      issues.push({
        code: 'closure.product',
        path: '/closure/kind',
        message: `${capital(withArticle(product.name))} can’t use ${withArticle(closure.name)}.`,
      });
    const options = checkOptions(closure, design.closure);
    if (!options.ok) issues.push(...options.issues);
  }
  if (product) issues.push(...measureIssues(design, product));
  const sequence = readSequence(design, issues);
  if (design.tailMm !== undefined)
    range(issues, design.tailMm, 0, 1000, '/tailMm', 'The length your hands hold');
  const roundToMm = design.roundToMm ?? DEFAULT_ROUND_MM;
  range(issues, roundToMm, 1, 500, '/roundToMm', 'The rounding step for cuts');
  if (issues.length > 0) return { ok: false, issues };
  const measures = measuresOf(design, product);
  const difficulty = know.difficulty(design.pattern.id);
  const timed = know.minutes?.(design.pattern.id);
  const mixed = mixedOf(design, drawn);
  if (!mixed.ok) return mixed;
  const known = mixed.value && know.mixed(mixed.value.id);
  return ok({
    design,
    product,
    solved: known ?? drawn,
    ...(mixed.value ? { mixed: { request: mixed.value, isKnown: known !== undefined, alike: drawn } } : {}),
    difficulty,
    ...(timed ? { timed } : {}),
    cord,
    colours,
    closure,
    measures,
    melts: design.cords.every((_, i) => FIBRE_MELTS[findCord(cordTypeOf(design, i))!.fibre]),
    sequence,
    handMm: (act, diameterMm = effectiveDiameterMm(cord)) =>
      handLengthMm(act, design.hands ?? 'fingers', diameterMm, design.tailMm),
    chance: chanceOf(design),
    roundToMm,
  });
}

/** What a weave in cords of different thickness is pulled tight from; nothing where all are alike. */
function mixedOf(design: Design, facts: SolvedFacts): Result<MixedRequest | undefined> {
  const ratios = ratiosOf(design, facts);
  return ratios ? mixedRequest(facts, ratios) : ok(undefined);
}

function readSequence(design: Design, issues: Issue[]): readonly Item[] | undefined {
  if (!design.sequence) return undefined;
  if (!STYLES[design.setup.style].isByStrand || design.setup.strands) {
    issues.push({
      code: 'sequence.setup',
      path: '/sequence',
      message:
        'Colours can change along the length only when the cords are separate and strands don’t have cords of their own.',
    });
    return undefined;
  }
  const items = parseSequence(design.sequence.text, design.cords.length);
  if (items.ok) return items.value;
  issues.push(...items.issues);
  return undefined;
}

/** Every measure of the product that is known: typed, estimated or usual. */
function measuresOf(design: Design, product: Product): Record<string, Measured> {
  const girth = { name: product.girth.name, mm: design.wearer.girthMm };
  return Object.fromEntries(
    product.measures.flatMap((m) => {
      const value = measureOf(m, design.measures?.[m.id], girth);
      return value ? [[m.id, value] as const] : [];
    }),
  );
}

function measureIssues(design: Design, product: Product): Issue[] {
  const issues: Issue[] = [];
  const check = (measure: Measure, mm: number | undefined, path: string) => {
    if (mm !== undefined)
      range(issues, mm, measure.leastMm, measure.mostMm, path, capital(withArticle(measure.name)));
  };
  check(product.girth, design.wearer.girthMm, '/wearer/girthMm');
  for (const m of product.measures) check(m, design.measures?.[m.id], `/measures/${m.id}`);
  return issues;
}

function cordIssues(design: Design, solved: SolvedFacts): Issue[] {
  const style = STYLES[design.setup.style];
  const reason = style.unsuited(solved);
  if (reason) return [{ code: 'design.setup', path: '/setup/style', message: reason }];
  const thick = thicknessIssues(design, solved, style.isByStrand);
  if (thick.length > 0) return thick;
  if (design.setup.strands) return strandIssues(design, solved, design.setup.strands);
  const wanted = style.cords(solved);
  // A sequence may use more cords than the set-up itself.
  if (design.cords.length === wanted || (design.sequence && design.cords.length >= 2)) return [];
  const message = `This set-up uses ${wanted === 1 ? 'one cord' : `${wanted} cords`}, not ${design.cords.length}.`;
  return [{ code: 'design.cords', path: '/cords', message }];
}

/** Strands that are each given a cord: they exist, the cords exist, and no cord is left over. */
function strandIssues(
  design: Design,
  solved: SolvedFacts,
  strands: Readonly<Record<string, number>>,
): Issue[] {
  if (!STYLES[design.setup.style].isByStrand) {
    return [
      {
        code: 'design.strands',
        path: '/setup/strands',
        message: 'You can choose a cord for each strand only when the cords are separate.',
      },
    ];
  }
  const lanes = lanesOfWeave(solved);
  const known = new Set(lanes.map((l) => l.key));
  const issues: Issue[] = Object.entries(strands).flatMap(([key, cord]): Issue[] => {
    const path = `/setup/strands/${key.replaceAll('/', '~1')}`;
    if (!known.has(key))
      return [
        {
          code: 'design.strands',
          path,
          message: `This weave has no strand “${key}”; it has ${[...known].join(', ')}.`,
        },
      ];
    if (cord >= design.cords.length)
      return [
        {
          code: 'design.strands',
          path,
          message: `There is no cord ${cordLetter(cord)} here, only ${design.cords.length}.`,
        },
      ];
    return [];
  });
  const used = new Set(lanes.map((l) => strands[l.key] ?? (l.isCore && design.cords.length > 1 ? 1 : 0)));
  const idle = design.cords.findIndex((_, i) => !used.has(i));
  if (issues.length === 0 && idle >= 0)
    issues.push({
      code: 'design.cords',
      path: `/cords/${idle}`,
      message: `Cord ${cordLetter(idle)} is not used by any strand.`,
    });
  return issues;
}

function range(issues: Issue[], mm: number, least: number, most: number, path: string, what: string): void {
  if (mm >= least && mm <= most) return;
  const kind = (value: number) => (value < 100 ? 'small' : 'body');
  const show = (value: number) => formatLength(value, { system: 'metric', kind: kind(value) });
  const inches = (value: number) => formatLength(value, { system: 'imperial', kind: kind(value) });
  issues.push({
    code: 'design.range',
    path,
    message: `${what} measures between ${show(least)} (${inches(least)}) and ${show(most)} (${inches(most)}), not ${show(mm)}.`,
  });
}
