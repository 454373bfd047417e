import { findClosure } from '../closures/index.ts';
import { offeredFor } from '../closures/offered.ts';
import { lanesOfWeave } from '../colour/lanes.ts';
import { findProduct, type Product } from '../fit/products.ts';
import { sameEase } from '../fit/schools.ts';
import type { Design } from '../formats/design.gen.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import type { DesignPatch } from './check.ts';
import { closeDesign } from './close.ts';
import type { Knowledge } from './knowledge.ts';
import { ORDER, STYLES, type Style } from './setups/index.ts';
import { thicknessIssues } from './thickness.ts';

/** The design in another set-up. Keeps the colours that are there; a second cord starts as Graphite, or Dusk beside it. */
export function withStyle(design: Design, style: Style, facts: SolvedFacts): Design {
  const { strands, ...setup } = design.setup;
  if (STYLES[style].isByStrand && strands && keysOf(facts).every((key) => strands[key] !== undefined))
    return { ...design, setup: { ...design.setup, style } };
  const cords = STYLES[style].cords(facts);
  const first = design.cords[0]?.colour ?? 'dusk';
  const second = design.cords[1]?.colour ?? (first === 'graphite' ? 'dusk' : 'graphite');
  return {
    ...design,
    setup: { ...setup, style },
    cords: [first, second].slice(0, cords).map((colour, i) => {
      const cord = STYLES[style].isByStrand ? design.cords[i]?.cord : undefined;
      return cord === undefined ? { colour } : { colour, cord };
    }),
  };
}

const keysOf = (facts: SolvedFacts): string[] => lanesOfWeave(facts).map((l) => l.key);

/** Why a set-up does not go with the design's weave and closure; nothing when it does. */
export function styleProblem(design: Design, style: Style, know: Knowledge): string | undefined {
  const facts = know.facts(design.pattern.id);
  if (!facts) return undefined;
  const weave = STYLES[style].unsuited(facts);
  if (weave) return weave;
  const closed = closeDesign(withStyle(design, style, facts), know);
  if (!closed.ok) return undefined;
  for (const piece of closed.value.layout.pieces) {
    const reason = STYLES[style].unsuitedEnds(piece);
    if (reason) return reason;
  }
  return undefined;
}

/** The design with some parts replaced; closure and set-up change only where the weave no longer allows them. */
export function adapt(design: Design, patch: DesignPatch, know: Knowledge): Design {
  const merged: Design = { ...design, ...patch };
  const facts = know.facts(merged.pattern.id);
  if (!facts) return merged;
  const next = patch.pattern ? withSuitedClosure(merged, facts) : merged;
  const style = [next.setup.style, ...ORDER].find((s) => styleProblem(next, s, know) === undefined);
  return withoutThickness(style === undefined ? next : withStyle(next, style, facts), facts);
}

/** Cords go back to the band's own where this weave or set-up needs them alike. */
function withoutThickness(design: Design, facts: SolvedFacts): Design {
  if (thicknessIssues(design, facts, STYLES[design.setup.style].isByStrand).length === 0) return design;
  return { ...design, cords: design.cords.map(({ colour }) => ({ colour })) };
}

/** Another weave may not carry the closure in hand: then the product's first that it can takes its place. */
function withSuitedClosure(design: Design, facts: SolvedFacts): Design {
  const product = findProduct(design.product);
  const closure = findClosure(design.closure.kind);
  if (!product || !closure?.unsuited?.(facts)) return design;
  const [kind] = closuresFor(product, facts);
  return kind ? { ...design, closure: { kind } } : design;
}

/** Closures that the product takes and the weave can carry, the usual one first. */
export function closuresFor(product: Product, facts: SolvedFacts | undefined): string[] {
  return offeredFor(product).filter((id) => !(facts && findClosure(id)!.unsuited?.(facts)));
}

/**
 * The same design as another product: the girth stays where it is the same body's, the closure where it suits; ease
 * starts from the product's own unless the maker chose another than the usual one.
 */
export function asProduct(design: Design, productId: string, know: Knowledge): Design {
  const product = findProduct(productId);
  if (!product) return design;
  const before = findProduct(design.product);
  const keepsGirth = before?.girth.name === product.girth.name && inRange(design.wearer.girthMm, product);
  const suited = closuresFor(product, know.facts(design.pattern.id));
  // The closure that the former product came with gives way to the new one's own; one that was chosen stays.
  const usual = before && offeredFor(before)[0];
  const isUsual = design.closure.kind === usual && usual !== offeredFor(product)[0];
  const keeps = suited.includes(design.closure.kind) && !isUsual;
  const kind = keeps ? design.closure.kind : (suited[0] ?? offeredFor(product)[0]!);
  const known = new Set(product.measures.map((m) => m.id));
  const measures = Object.entries(design.measures ?? {}).filter(([id]) => known.has(id));
  const { measures: _old, ...rest } = design;
  return adapt(
    {
      ...rest,
      product: product.id,
      wearer: keepsGirth ? design.wearer : { name: design.wearer.name, girthMm: product.girth.usualMm },
      ease: before && !sameEase(design.ease, before.ease) && keepsGirth ? design.ease : product.ease,
      closure: kind === design.closure.kind ? design.closure : { kind },
      ...(measures.length > 0 ? { measures: Object.fromEntries(measures) } : {}),
    },
    {},
    know,
  );
}

const inRange = (mm: number, { girth }: Product): boolean => mm >= girth.leastMm && mm <= girth.mostMm;
