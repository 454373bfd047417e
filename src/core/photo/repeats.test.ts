import { expect, it } from 'vitest';
import { solvedFacts } from '../patterns/index.ts';
import { colourRepeats } from './repeats.ts';

const facts = (id: string) => solvedFacts(id)!;
const alternate = (lane: number) => lane % 2;

it('in one colour everything comes again with the weave', () => {
  expect(colourRepeats(facts('flat-braid-5'), () => 0)).toBe(1);
  expect(colourRepeats(facts('solomon-bar'), (_, strand) => strand)).toBe(1);
});

it('a braid of an even number in two colours by turns is the same after two moves, one of an odd number after all', () => {
  expect(colourRepeats(facts('flat-braid-6'), alternate)).toBe(2);
  expect(colourRepeats(facts('flat-braid-5'), alternate)).toBe(5);
  expect(colourRepeats(facts('flat-braid-6'), (lane) => (lane === 0 ? 1 : 0))).toBe(6);
});
