import { findProduct } from '../fit/products.ts';
import type { Design } from '../formats/design.ts';
import type { OrderLine } from '../formats/orders.ts';
import type { RingDesign } from '../formats/ring.ts';
import type { StallFigures } from '../formats/stall.ts';
import type { Knowledge } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { fail, ok, type Result } from '../result.ts';
import { planRing } from '../rings/plan.ts';
import { girthOfSize } from '../stall/usual.ts';
import { type PartKey, partsOf } from '../stash/parts.ts';
import type { Why } from '../why/why.ts';

/** What a stall makes, by the id under which it is kept. */
export type Pattern =
  | { readonly kind: 'design'; readonly design: Design }
  | { readonly kind: 'ring'; readonly ring: RingDesign };

export interface Catalogue {
  readonly find: (id: string) => Pattern | undefined;
  readonly know: Knowledge;
}

export interface MadeCord {
  readonly letter: string;
  /** Ids of its type and colour. */
  readonly cord: string;
  readonly colour: string;
  readonly lengthMm: number;
  /** How its length comes about. */
  readonly why: Why;
}

/** One piece of a line of an order, worked out: its cuts, its hardware, and the time that it takes. */
export interface Made {
  readonly cords: readonly MadeCord[];
  readonly parts: ReadonlyMap<PartKey, number>;
  readonly minutes: number;
  /** 1 easy … 5 hard. */
  readonly difficulty: number;
  readonly girthMm: number;
}

type Asked = Pick<OrderLine, 'design' | 'name' | 'size' | 'girthMm' | 'wearer'>;

/** The girth that a line asks for: measured, or of a size of the stall's table; nothing where it leaves the design as it is. */
export function girthOf(line: Asked, figures: StallFigures): Result<number | undefined> {
  if (line.girthMm !== undefined) return ok(line.girthMm);
  if (line.size === undefined) return ok(undefined);
  const girth = girthOfSize(figures, line.size);
  return girth === undefined
    ? fail({
        code: 'orders.size',
        path: '/size',
        message: `There is no size ${line.size} in the table of sizes.`,
      })
    : ok(girth);
}

/** A piece as it is ordered: the design at the girth of its line. The plan is the one that the Bench makes. */
export function makeOf(line: Asked, { find, know }: Catalogue, figures: StallFigures): Result<Made> {
  const pattern = find(line.design);
  if (!pattern)
    return fail({
      code: 'orders.design',
      path: '/design',
      message: `“${line.name}” is not among the designs any more. Choose another, or take it off the order.`,
    });
  const girth = girthOf(line, figures);
  if (!girth.ok) return girth;
  return pattern.kind === 'ring'
    ? ringOf(pattern.ring, line, girth.value)
    : bandOf(sizedDesign(pattern.design, line, girth.value), line, know);
}

/** The design made for whoever a line names. */
export const sizedDesign = (design: Design, line: Asked, girthMm: number | undefined): Design => ({
  ...design,
  wearer: { name: line.wearer ?? design.wearer.name, girthMm: girthMm ?? design.wearer.girthMm },
});

function bandOf(design: Design, line: Asked, know: Knowledge): Result<Made> {
  const product = findProduct(design.product);
  if (line.size !== undefined && line.girthMm === undefined && product && !product.girth.isWrist)
    return notAWrist(design.name, product.girth.name);
  const made = plan(design, know);
  if (!made.ok) return made;
  return ok({
    cords: made.value.cords.map((c) => ({
      letter: c.letter,
      cord: c.cordType,
      colour: c.look.id,
      lengthMm: Math.ceil(c.cutLengthMm),
      why: c.why,
    })),
    parts: partsOf(made.value, design),
    minutes: made.value.figures.minutes.value,
    difficulty: made.value.closed.difficulty,
    girthMm: design.wearer.girthMm,
  });
}

/** Rings that are drawn up or interwoven take practised hands. */
const RING_DIFFICULTY = 3;

function ringOf(ring: RingDesign, line: Asked, girthMm: number | undefined): Result<Made> {
  if (line.size !== undefined && line.girthMm === undefined) return notAWrist(ring.name, 'hand or mandrel');
  const made = planRing(girthMm === undefined ? ring : { ...ring, girth: { ...ring.girth, mm: girthMm } });
  if (!made.ok) return made;
  return ok({
    cords: made.value.cords.map((c) => ({
      letter: c.letter,
      cord: ring.cord,
      colour: c.colour.id,
      lengthMm: Math.ceil(c.cutMm),
      why: c.why,
    })),
    parts: new Map(),
    minutes: made.value.minutes,
    difficulty: RING_DIFFICULTY,
    girthMm: girthMm ?? ring.girth.mm,
  });
}

const notAWrist = (name: string, girth: string) =>
  fail({
    code: 'orders.size',
    path: '/size',
    message: `Sizes are for wrists, but “${name}” needs the ${girth}: measure that instead.`,
  });
