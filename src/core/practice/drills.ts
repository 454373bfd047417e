import { findPattern, PATTERNS, solvedFacts } from '../patterns/index.ts';
import { tyings } from '../steps/list/steps.ts';
import type { TyingOrder } from '../steps/rows/moves.ts';
import { USUAL_WAY, type WayOfWorking } from '../steps/types.ts';
import { parse } from '../weave/parse.ts';

export type DrillKind = 'next-side' | 'name-it';

/** Something to know: one drill of one weave. It is asked again sooner or later by how well it is known. */
export interface DrillCard {
  readonly id: string;
  readonly kind: DrillKind;
  readonly weave: string;
}

export interface Choice {
  readonly value: string;
  readonly name: string;
}

/** A question with its answer. Both come of the diagram from which the picture is drawn. */
export interface Question {
  readonly card: DrillCard;
  /** Rows that are tied in the picture, where it is one of the work. */
  readonly rows?: number;
  readonly choices: readonly Choice[];
  readonly answer: string;
  readonly why: string;
}

const SIDES: readonly Choice[] = [
  { value: 'left', name: 'Left' },
  { value: 'right', name: 'Right' },
];

/** The rows of a library weave as they hang before the maker; nothing where it has none, or its sides do not alternate. */
export function turningRows(weave: string, way: WayOfWorking = USUAL_WAY): TyingOrder | undefined {
  const facts = solvedFacts(weave);
  const read = facts && facts.kind === 'weave' ? parse(facts.notation) : undefined;
  const pattern = findPattern(weave);
  if (!read?.ok || pattern?.isStraight || pattern?.tiedIn) return undefined;
  const [tying] = tyings(read.value, way, undefined);
  return tying && tying.row(0).from !== tying.row(1).from ? tying : undefined;
}

/** Weaves that are known by their faces: plain bands and chains of one strand have none to speak of. */
const faced = () => PATTERNS.filter((p) => !p.use && !p.isStraight && solvedFacts(p.id)?.kind === 'weave');

/** Every drill that can be asked, in the order of the library. */
export function drillCards(): DrillCard[] {
  return faced().flatMap(({ id }) => [
    ...(turningRows(id) ? [{ id: `next-side ${id}`, kind: 'next-side' as const, weave: id }] : []),
    { id: `name-it ${id}`, kind: 'name-it' as const, weave: id },
  ]);
}

const CHOICES = 4;
/** Rows in the picture: never so few that one could count them from the start. */
const [LEAST_ROWS, MOST_ROWS] = [4, 11];

export function questionOf(card: DrillCard, uniform: () => number, way: WayOfWorking = USUAL_WAY): Question {
  return card.kind === 'next-side' ? nextSide(card, uniform, way) : nameIt(card, uniform);
}

function nextSide(card: DrillCard, uniform: () => number, way: WayOfWorking): Question {
  const tying = turningRows(card.weave, way)!;
  const rows = LEAST_ROWS + Math.floor(uniform() * (MOST_ROWS - LEAST_ROWS + 1));
  const next = tying.row(rows).from;
  const last = tying.row(rows - 1).from;
  const tells = findPattern(card.weave)?.tells;
  const seen = tells ? (tells.next === 'same' ? next : last) : last;
  return {
    card,
    rows,
    choices: SIDES,
    answer: next,
    why: tells
      ? `The ${tells.sign} is on the ${seen}: the next row begins ${tells.next === 'same' ? 'on that side' : 'on the other side'}, on the ${next}.`
      : `The last row began on the ${last}; sides alternate, so the next begins on the ${next}.`,
  };
}

function nameIt(card: DrillCard, uniform: () => number): Question {
  const right = findPattern(card.weave)!;
  const others = shuffled(
    faced().filter((p) => p.id !== card.weave),
    uniform,
  );
  // Those of its own family are the hardest to tell apart.
  const wrong = [
    ...others.filter((p) => p.family === right.family),
    ...others.filter((p) => p.family !== right.family),
  ];
  const choices = shuffled([right, ...wrong.slice(0, CHOICES - 1)], uniform).map((p) => ({
    value: p.id,
    name: p.name,
  }));
  return { card, choices, answer: card.weave, why: `It is ${right.name}. ${right.words}` };
}

function shuffled<T>(list: readonly T[], uniform: () => number): T[] {
  const out = [...list];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(uniform() * (i + 1));
    [out[i], out[j]] = [out[j]!, out[i]!];
  }
  return out;
}
