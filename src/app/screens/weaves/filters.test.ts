import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PATTERNS, solvedFacts, WEAVES } from '../../../core/patterns/index.ts';
import { finds } from '../../ui/find.ts';
import {
  applyFilters,
  FILTERS,
  type FilterState,
  listingOf,
  NO_FILTERS,
  SORTS,
  type SortId,
  sortListed,
} from './filters.ts';

const all = PATTERNS.map((p) => listingOf(solvedFacts(p.id)!, p.name, p));
const ids = (state: FilterState, d = 3.68) => applyFilters(all, state, d).map((i) => i.facts.id);

describe('filters of the library', () => {
  it('let everything through when none is set', () => expect(ids(NO_FILTERS)).toHaveLength(PATTERNS.length));

  it('know how many ends and cores each weave has', () => {
    expect(all.find((i) => i.facts.id === 'solomon-bar')).toMatchObject({ ends: 2, cores: 2 });
    expect(all.find((i) => i.facts.id === 'flat-braid-5')).toMatchObject({ ends: 5, cores: 0 });
    expect(all.find((i) => i.facts.id === 'ladder-6')).toMatchObject({ ends: 1, cores: 6 });
  });

  it('follow the cord: what is wide in thick cord is narrow in thin', () => {
    expect(ids({ width: 'middle' }, 3.68)).toContain('solomon-bar');
    expect(ids({ width: 'narrow' }, 1.1)).toContain('solomon-bar');
  });

  it('find a weave by what is seen of it, and the button among the knots', () => {
    expect(ids({ shows: 'twists' })).toEqual(['spiral-bar']);
    expect(ids({ shows: 'braid' }).every((id) => id.startsWith('flat-braid'))).toBe(true);
    expect(ids({ shows: 'chain' })).toEqual(expect.arrayContaining(['snake', 'mated-snake', 'chain-sinnet']));
    for (const weave of WEAVES.filter((w) => !w.use)) expect(weave.shows, weave.id).toBeDefined();
    const found = (query: string) => all.filter((i) => finds(i, query)).map((i) => i.facts.id);
    expect(found('button')).toEqual(['diamond']);
    expect(found('two columns')).toContain('wide-bar-3');
  });

  it('can be sorted, and nothing gets lost on the way', () => {
    for (const id of Object.keys(SORTS) as SortId[]) {
      const sorted = sortListed(all, id);
      expect(sorted.map((i) => i.facts.id).sort()).toEqual(all.map((i) => i.facts.id).sort());
    }
    const widths = sortListed(all, 'narrow').map((i) => i.facts.widthD);
    expect(widths).toEqual(widths.toSorted((a, b) => a - b));
    const cord = sortListed(all, 'little').map((i) => i.perLength);
    expect(cord[0]).toBe(Math.min(...cord));
  });

  it('of width leave out knots, which have none', () => {
    for (const choice of ['narrow', 'middle', 'wide'])
      expect(ids({ width: choice })).not.toContain('overhand');
  });

  it('narrow each other down, and never add', () => {
    const choice = (f: (typeof FILTERS)[number]) =>
      fc.option(fc.constantFrom(...f.choices.map((c) => c.id)), { nil: undefined });
    const states = fc.record(
      Object.fromEntries(FILTERS.map((f) => [f.id, choice(f)])),
    ) as fc.Arbitrary<FilterState>;
    fc.assert(
      fc.property(states, fc.constantFrom(...FILTERS.map((f) => f.id)), (state, dropped) => {
        const more = ids({ ...state, [dropped]: undefined });
        for (const id of ids(state)) expect(more).toContain(id);
      }),
    );
  });

  it('of one kind share the weaves out without leaving a gap or an overlap', () => {
    const weaves = all.filter((i) => i.facts.kind === 'weave').length;
    for (const id of ['width', 'thickness', 'usage'] as const) {
      const f = FILTERS.find((x) => x.id === id)!;
      const counts = f.choices.map((c) => ids({ [id]: c.id }).length);
      expect(
        counts.reduce((a, b) => a + b, 0),
        id,
      ).toBe(weaves);
    }
  });
});
