import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findPattern } from '../../patterns/index.ts';
import { findCrossings } from '../../weave/crossings.ts';
import { format } from '../../weave/format.ts';
import { parse } from '../../weave/parse.ts';
import type { WeaveSpec } from '../../weave/types.ts';
import { movesOf } from '../rows/moves.ts';
import { parseMove } from '../rows/testing/readWords.ts';
import { rowText } from '../rows/words.ts';

/** A drawing with its crossings thrown at random, one bit each: what a maker may draw as a weave of their own. */
function thrown(spec: WeaveSpec, bits: readonly boolean[]): WeaveSpec {
  const found = findCrossings(spec);
  if (!found.ok) throw new Error('crossings');
  return {
    ...spec,
    strands: spec.strands.map((s, index) => {
      if (s.word === '') return s;
      const visits = found.value.flatMap((c, i) => {
        const turn = bits[i % bits.length]!;
        return [
          { v: c.over, isOver: !turn },
          { v: c.under, isOver: turn },
        ].flatMap(({ v, isOver }) => (v.strand === index ? [{ at: v.at, letter: isOver ? 'O' : 'U' }] : []));
      });
      return {
        ...s,
        word: visits
          .sort((a, b) => a.at - b.at)
          .map((v) => v.letter)
          .join(''),
      };
    }),
  };
}

/** Over and under at every crossing, from the printed sentences alone. */
function heard(spec: WeaveSpec): Map<number, boolean> {
  const found = findCrossings(spec);
  if (!found.ok) throw new Error('crossings');
  const tying = movesOf(spec)!;
  const out = new Map<number, boolean>();
  for (let row = 0; row < tying.cut.rows; row++) {
    const moves = tying.row(row);
    for (const [i, text] of rowText(moves).entries()) {
      const told = parseMove(text, moves);
      if (!told.ok) throw new Error(told.issues[0]!.message);
      const move = moves.moves[i]!;
      const visits = move.legs.flatMap((l) => l.visits).toSorted((a, b) => a.at - b.at);
      expect(told.value.word.length).toBe(visits.length);
      for (const [k, v] of visits.entries()) {
        const isOver = told.value.word[k] === 'O';
        const truth = found.value[v.crossing]!;
        const edges = spec.strands[move.pass.strand]!.path.length;
        const at = ((v.at % edges) + edges) % edges;
        const side = truth.over.strand === move.pass.strand && Math.abs(truth.over.at - at) < 1e-6;
        out.set(v.crossing, isOver === side);
      }
    }
  }
  return out;
}

describe('a weave of one’s own', () => {
  it.each([
    'solomon-bar',
    'solomon-bar-3',
    'ladder-4',
    'ladder-two-4',
    'fishtail',
    'flat-braid-5',
    'wide-bar-2',
  ])('%s with its crossings thrown at random: words and notation agree at every one', (id) => {
    const spec = findPattern(id)!.draw();
    fc.assert(
      fc.property(fc.array(fc.boolean(), { minLength: 40, maxLength: 40 }), (bits) => {
        const own = thrown(spec, bits);
        const read = parse(format(own));
        expect(read.ok).toBe(true);
        const said = heard(own);
        const found = findCrossings(own);
        expect(said.size).toBe(found.ok ? found.value.length : -1);
        expect([...said.values()].every(Boolean)).toBe(true);
      }),
      { numRuns: 25 },
    );
  });

  it('without a crossing there is nothing to tell', () => {
    const apart = parse('weave apart period 4 rows 2\nwork A: -2,0\nwork B: 2,0\n');
    expect(apart.ok && movesOf(apart.value)).toBeUndefined();
  });
});
