import { describe, expect, it } from 'vitest';
import { solvedFacts } from '../patterns/index.ts';
import { knowledgeOf, LIBRARY_ONLY } from './knowledge.ts';

describe('what is known of a weave', () => {
  const facts = solvedFacts('solomon-bar')!;
  const own = [
    { id: 'own-1', name: 'Night bar', solved: facts },
    { id: 'own-2', name: 'Dome bar', solved: solvedFacts('ladder-4')! },
  ];
  const know = knowledgeOf(own, [], [{ id: 'mixed-1', name: '', solved: facts }]);

  it('is the library’s, else the maker’s own of that id, else nothing', () => {
    expect(know.facts('solomon-bar')).toBe(LIBRARY_ONLY.facts('solomon-bar'));
    expect(know.facts('own-2')).toBe(own[1]!.solved);
    expect(know.name('own-1')).toBe('Night bar');
    expect(know.facts('own-3')).toBeUndefined();
    expect(know.mixed('mixed-1')).toBe(facts);
    expect(know.mixed('mixed-2')).toBeUndefined();
  });

  it('of one that nobody has rated is that it is of middle difficulty', () => {
    expect(know.difficulty('own-1')).toBe(3);
    expect(LIBRARY_ONLY.difficulty('solomon-bar')).toBe(1);
  });
});
