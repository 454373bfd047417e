import { LOOKS_LIKE, type LooksLike, type Pattern, type SolvedFacts } from '../../../core/patterns/types.ts';
import { knotCordD } from '../../../core/usage/knotCord.ts';

/** A weave or knot as the gallery lists it. */
export interface Listed {
  readonly facts: SolvedFacts;
  readonly name: string;
  readonly difficulty: number;
  /** All strands' cord for each length of band; for a knot, the cord that it takes up, in diameters. */
  readonly perLength: number;
  readonly cores: number;
  readonly ends: number;
  /** What it is found by beside its name. */
  readonly also: string;
  readonly shows: readonly LooksLike[];
}

const count = (facts: SolvedFacts, isCore: boolean) =>
  facts.strands.filter((s) => (s.role === 'core') === isCore).reduce((n, s) => n + Math.max(1, s.periods), 0);

export function listingOf(
  facts: SolvedFacts,
  name: string,
  pattern: Pick<Pattern, 'difficulty' | 'family' | 'also' | 'shows'>,
): Listed {
  const perLength =
    facts.kind === 'weave'
      ? facts.strands.reduce((sum, s) => sum + s.lengthD / facts.periodD, 0)
      : knotCordD(facts);
  const { difficulty, family, also = '', shows = [] } = pattern;
  return {
    facts,
    name,
    difficulty,
    perLength,
    cores: count(facts, true),
    ends: count(facts, false),
    also: `${family} ${also} ${shows.map((look) => LOOKS_LIKE[look]).join(' ')}`,
    shows,
  };
}

interface Choice {
  readonly id: string;
  readonly name: string;
  readonly holds: (item: Listed, diameterMm: number) => boolean;
}

interface Filter {
  readonly id: 'shows' | 'width' | 'thickness' | 'usage' | 'ends' | 'cores' | 'difficulty';
  readonly name: string;
  readonly choices: readonly Choice[];
}

export type FilterState = { readonly [K in Filter['id']]?: string | undefined };
export const NO_FILTERS: FilterState = {};

const band = (item: Listed) => item.facts.kind === 'weave';
const width = (item: Listed, d: number) => item.facts.widthD * d;
const thickness = (item: Listed, d: number) => item.facts.thicknessD * d;

export const FILTERS: readonly Filter[] = [
  {
    id: 'shows',
    name: 'what I see',
    choices: (Object.keys(LOOKS_LIKE) as LooksLike[]).map((look) => ({
      id: look,
      name: LOOKS_LIKE[look],
      holds: (i: Listed) => i.shows.includes(look),
    })),
  },
  {
    id: 'width',
    name: 'width',
    choices: [
      { id: 'narrow', name: 'under 16 mm', holds: (i, d) => band(i) && width(i, d) < 16 },
      {
        id: 'middle',
        name: '16 to 26 mm',
        holds: (i, d) => band(i) && width(i, d) >= 16 && width(i, d) <= 26,
      },
      { id: 'wide', name: 'over 26 mm', holds: (i, d) => band(i) && width(i, d) > 26 },
    ],
  },
  {
    id: 'thickness',
    name: 'thickness',
    choices: [
      { id: 'thin', name: 'up to 10 mm', holds: (i, d) => band(i) && thickness(i, d) <= 10 },
      { id: 'thick', name: 'over 10 mm', holds: (i, d) => band(i) && thickness(i, d) > 10 },
    ],
  },
  {
    id: 'usage',
    name: 'cord',
    choices: [
      { id: 'little', name: 'up to 10 per length', holds: (i) => band(i) && i.perLength <= 10 },
      { id: 'much', name: '10 to 18', holds: (i) => band(i) && i.perLength > 10 && i.perLength <= 18 },
      { id: 'most', name: 'over 18', holds: (i) => band(i) && i.perLength > 18 },
    ],
  },
  {
    id: 'ends',
    name: 'ends',
    choices: ['1', '2', '3', '4'].map((n) => ({
      id: n,
      name: n,
      holds: (i: Listed) => i.ends === Number(n),
    })),
  },
  {
    id: 'cores',
    name: 'cores',
    choices: ['0', '1', '2', '3', '4'].map((n) => ({
      id: n,
      name: n,
      holds: (i: Listed) => i.cores === Number(n),
    })),
  },
  {
    id: 'difficulty',
    name: 'skill',
    choices: [
      { id: 'first', name: 'a first one', holds: (i) => i.difficulty <= 1 },
      { id: 'more', name: 'some practice', holds: (i) => i.difficulty === 2 },
      { id: 'most', name: 'a patient hand', holds: (i) => i.difficulty >= 3 },
    ],
  },
];

/** Orders in which the gallery can be shown; `library` is that of the list of patterns. */
export const SORTS = {
  library: { name: 'by kind', by: undefined },
  narrow: { name: 'narrowest first', by: (i: Listed) => i.facts.widthD },
  thin: { name: 'thinnest first', by: (i: Listed) => i.facts.thicknessD },
  little: { name: 'least cord first', by: (i: Listed) => i.perLength },
  easy: { name: 'easiest first', by: (i: Listed) => i.difficulty },
} as const;
export type SortId = keyof typeof SORTS;

export function sortListed(items: readonly Listed[], id: SortId): Listed[] {
  const { by } = SORTS[id];
  return by ? items.toSorted((a, b) => by(a) - by(b)) : [...items];
}

export function applyFilters(items: readonly Listed[], state: FilterState, diameterMm: number): Listed[] {
  return items.filter((item) =>
    FILTERS.every((f) => {
      const choice = f.choices.find((c) => c.id === state[f.id]);
      return !choice || choice.holds(item, diameterMm);
    }),
  );
}
