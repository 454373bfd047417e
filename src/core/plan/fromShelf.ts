import { CORDS, findCord } from '../cord/cords.ts';
import { findProduct } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import type { Why } from '../why/why.ts';
import { closuresFor } from './adapt.ts';
import { designsOf, missingOf } from './atHand.ts';
import type { Knowledge } from './knowledge.ts';
import { plan } from './plan.ts';
import type { Plan } from './types.ts';

/** Cord that is free, in pieces by colour, and the wrist that something is made for. Lengths in mm. */
export interface ShelfAsk {
  readonly cordId: string;
  readonly pieces: readonly { readonly colour: string; readonly lengthMm: number }[];
  readonly girthMm: number;
  /** Of not running short. */
  readonly chance?: number;
  /** Lost at every cut. */
  readonly kerfMm: number;
}

/** A band that comes out of the shelf, or nearly: the weave with one closure, in the colours that go best. */
export interface ShelfWay {
  readonly closureId: string;
  /** In its first colouring. */
  readonly design: Design;
  readonly cuts: readonly {
    readonly letter: string;
    /** Index into the design's cords. */
    readonly cord: number;
    readonly colour: string;
    readonly lengthMm: number;
    readonly why: Why;
  }[];
  readonly usedMm: number;
  readonly widthMm: number;
  readonly minutes: number;
  /** Colours of the design's cords, each a way that fits; the most different ones first. Empty where none does. */
  readonly colourings: readonly (readonly string[])[];
  /** Where none fits: what is missing of which colour. */
  readonly missing?: { readonly colour: string; readonly mm: number };
  /** Where none fits: the next thinner cord of the same fibre, if pieces of it as long as these would do. */
  readonly thinner?: string;
  /** Cords of another kind that the closure needs besides. */
  readonly besides: readonly { readonly cord: string; readonly lengthMm: number }[];
}

/** Further off than this is not “nearly”, in mm. */
const NEARLY_MM = 400;
const MOST_COLOURINGS = 300;

/** Every closure with which a bracelet in a weave comes out of the shelf, in one cord or several; and those that nearly do. */
export function fromShelf(patternId: string, ask: ShelfAsk, know: Knowledge): ShelfWay[] {
  const facts = know.facts(patternId);
  if (facts?.kind !== 'weave') return [];
  const stock = new Map<string, number[]>();
  // Every cut takes its kerf, but the last one of a piece may fall on its end.
  for (const p of ask.pieces) stock.set(p.colour, [...(stock.get(p.colour) ?? []), p.lengthMm + ask.kerfMm]);
  const sumOf = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
  const colours = [...stock].toSorted((a, b) => sumOf(b[1]) - sumOf(a[1])).map(([c]) => c);
  if (colours.length === 0) return [];
  const shelf = { stock, colours, ask };
  const ways = closuresFor(findProduct('bracelet')!, facts).flatMap((closureId) =>
    waysWith(patternId, closureId, shelf, know),
  );
  if (ways.some((w) => !w.missing)) return ways;
  const next = thinnerThan(ask.cordId);
  if (!next) return ways;
  // It makes a thinner band, which is shorter round the same wrist, and its knots use less.
  const thin = { ...shelf, ask: { ...ask, cordId: next } };
  return ways.map((w) =>
    waysWith(patternId, w.closureId, thin, know).some((t) => !t.missing) ? { ...w, thinner: next } : w,
  );
}

/** With one closure: of set-ups with one cord, two cords and so on the best of each, since more cords can have more colours. */
function waysWith(patternId: string, closureId: string, shelf: Shelf, know: Knowledge): ShelfWay[] {
  const best = new Map<number, ShelfWay>();
  for (const design of designsOf(patternId, closureId, shelf.ask, know)) {
    const made = plan(design, know);
    if (!made.ok) continue;
    const way = wayOf(design, made.value, closureId, shelf);
    const before = best.get(design.cords.length);
    if (way && (!before || rank(way) < rank(before))) best.set(design.cords.length, way);
  }
  return [...best.values()].toSorted((a, b) => rank(a) - rank(b));
}

/** The next thinner cord of the same fibre. */
function thinnerThan(cordId: string): string | undefined {
  const cord = findCord(cordId);
  return CORDS.filter((c) => cord && c.fibre === cord.fibre && c.nominalMm < cord.nominalMm).toSorted(
    (a, b) => b.nominalMm - a.nominalMm,
  )[0]?.id;
}

/** What fits before what does not, then the least cord, or the least that is missing. */
const rank = (way: ShelfWay): number => (way.missing ? 1e9 + way.missing.mm : way.usedMm);

interface Shelf {
  readonly stock: ReadonlyMap<string, readonly number[]>;
  readonly colours: readonly string[];
  readonly ask: ShelfAsk;
}

function wayOf(design: Design, made: Plan, closureId: string, shelf: Shelf): ShelfWay | undefined {
  const { cordId, kerfMm } = shelf.ask;
  const cords = made.cords.filter((c) => c.cordType === cordId);
  const count = design.cords.length;
  if (cords.length === 0) return undefined;
  const fitting: (readonly string[])[] = [];
  let nearest: { colours: readonly string[]; colour: string; mm: number } | undefined;
  for (const colours of assignments(count, shelf.colours)) {
    const short = shortOf(colours);
    if (!short) fitting.push(colours);
    else if (!nearest || short.mm < nearest.mm) nearest = { colours, ...short };
  }
  const first = fitting[0] ?? nearest?.colours;
  if (!first || (fitting.length === 0 && nearest!.mm > NEARLY_MM)) return undefined;
  const cuts = cords.map((c) => ({
    letter: c.letter,
    cord: c.cord,
    colour: first[c.cord] ?? first[0]!,
    lengthMm: Math.ceil(c.cutLengthMm),
    why: c.why,
  }));
  return {
    closureId,
    design: { ...design, cords: design.cords.map((c, i) => ({ ...c, colour: first[i] ?? first[0]! })) },
    cuts,
    usedMm: cuts.reduce((sum, c) => sum + c.lengthMm, 0),
    widthMm: made.metrics.widthMm,
    minutes: made.figures.minutes.value,
    colourings: fitting,
    ...(fitting.length === 0 ? { missing: { colour: nearest!.colour, mm: Math.ceil(nearest!.mm) } } : {}),
    besides: made.cords
      .filter((c) => c.cordType !== cordId)
      .map((c) => ({ cord: c.cordType, lengthMm: Math.ceil(c.cutLengthMm) })),
  };

  /** What is missing of a colour, where not all cuts come out; nothing where they do. Infinite where it is more than one colour. */
  function shortOf(colours: readonly string[]): { colour: string; mm: number } | undefined {
    let short: { colour: string; mm: number } | undefined;
    for (const colour of new Set(colours)) {
      const mine = cords.filter((c) => (colours[c.cord] ?? colours[0]) === colour);
      const mm = missingOf(
        mine.map((c) => Math.ceil(c.cutLengthMm) + kerfMm),
        shelf.stock.get(colour) ?? [],
        NEARLY_MM,
      );
      if (mm > 0) short = { colour, mm: short ? Number.POSITIVE_INFINITY : mm };
    }
    return short;
  }
}

/** Ways to give each cord a colour, those with the most different colours first. */
function assignments(cords: number, colours: readonly string[]): (readonly string[])[] {
  let ways: (readonly string[])[] = [[]];
  // No more ways than are looked through: what there is most of goes first.
  const most = Math.max(2, Math.floor(MOST_COLOURINGS ** (1 / cords)));
  for (let i = 0; i < cords; i++) ways = ways.flatMap((w) => colours.slice(0, most).map((c) => [...w, c]));
  return ways.toSorted((a, b) => new Set(b).size - new Set(a).size);
}
