import { describe, expect, it } from 'vitest';
import { findClosure } from '../closures/index.ts';
import { findPattern, solvedFacts } from '../patterns/index.ts';
import { tyingOf } from '../steps/knots/tyingOf.ts';
import { movesOf } from '../steps/rows/moves.ts';
import { TERMS, termsIn, withTerms } from './terms.ts';

const told = (text: string) =>
  withTerms(text).map((p) => (typeof p === 'string' ? p : `[${p.text}=${p.term.id}]`));

describe('words with pictures', () => {
  it('each have an id and forms of their own', () => {
    expect(new Set(TERMS.map((t) => t.id)).size).toBe(TERMS.length);
    const forms = TERMS.flatMap((t) => t.forms);
    expect(new Set(forms).size).toBe(forms.length);
    for (const t of TERMS) {
      expect(t.forms, t.id).toContain(t.forms.find((f) => f === t.word) ?? `the word itself, ${t.word}`);
      for (const form of t.forms) expect(form).toBe(form.toLowerCase());
    }
  });

  it.each(TERMS.map((t) => [t.word, t.picture] as const))(
    '%s is drawn from something that the library has',
    (_, p) => {
      switch (p.kind) {
        case 'strands':
          return expect(solvedFacts(p.weave)?.kind).toBe('weave');
        case 'row': {
          const tying = movesOf(findPattern(p.weave)!.draw());
          return expect(tying!.row(0).moves.length).toBeGreaterThanOrEqual(p.moves);
        }
        case 'stage':
          return expect(tyingOf(p.knot, 'right')!.stages.length).toBeGreaterThanOrEqual(p.stages);
        case 'tight':
          return expect(solvedFacts(p.knot)?.kind).toBe('open');
        case 'closure':
          return expect([findClosure(p.closure)?.id, solvedFacts(p.weave)?.kind]).toEqual([
            p.closure,
            'weave',
          ]);
      }
    },
  );
});

describe('finding them in a text', () => {
  it('takes the longest word, whole words only, and each once', () => {
    expect(told('Lay the working end over the cores; the other working end follows.')).toEqual([
      'Lay the ',
      '[working end=working-end]',
      ' over the ',
      '[cores=core]',
      '; the other working end follows.',
    ]);
    expect(told('Tie an overhand knot.')).toEqual(['Tie an ', '[overhand knot=overhand]', '.']);
    expect(told('Bumps show at the edge.')).toEqual(['[Bumps=bump]', ' show at the ', '[edge=edge]', '.']);
    expect(told('Scored and narrower, a crowd.')).toEqual(['Scored and narrower, a crowd.']);
  });

  it('tells which words some texts hold', () => {
    expect([...termsIn(['Both cores, then a row.', 'One more row: count the bumps.'])]).toEqual([
      'core',
      'row',
      'bump',
    ]);
  });

  it('leaves out what has been told, and loses no letter of any text', () => {
    const text = 'Core, core and cores: a half hitch, a lark’s head.';
    expect(withTerms(text, new Set(['core']))[0]).toBe('Core, core and cores: a ');
    const whole = withTerms(text).map((p) => (typeof p === 'string' ? p : p.text));
    expect(whole.join('')).toBe(text);
    expect(withTerms('')).toEqual(['']);
  });
});
