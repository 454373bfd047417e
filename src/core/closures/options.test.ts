import { describe, expect, it } from 'vitest';
import { solvedFacts } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { CLOSURES, findClosure } from './index.ts';
import { knotName, knotSize } from './knots.ts';
import { loopChecks, loopPerimeter } from './loop.ts';
import { checkOptions, isList, LOOP_SHARE, numberOf } from './options.ts';
import type { ClosureSpec } from './types.ts';

describe('options of closures', () => {
  it('have usual values that are among their choices', () => {
    for (const closure of CLOSURES) {
      for (const option of closure.options) {
        if (isList(option))
          expect(
            option.choices.map((c) => c.value),
            closure.id,
          ).toContain(option.usual);
        else expect(option.leastMm, closure.id).toBeLessThan(option.mostMm);
      }
      expect(checkOptions(closure, { kind: closure.id }).ok).toBe(true);
      expect(whyText(closure.phrase({ kind: closure.id })).length).toBeGreaterThan(5);
    }
  });

  it('leave something to choose: where there is one knot only, none is asked for', () => {
    const asked = new Map(CLOSURES.map((c) => [c.id, c.options.filter(isList)]));
    for (const [id, lists] of asked)
      for (const { choices } of lists) expect(choices.length, id).toBeGreaterThan(1);
    expect([...asked.values()].flat().length).toBeGreaterThan(5);
  });

  it('say how a loop of each size fits, and which is hardest and easiest to close', () => {
    expect(LOOP_SHARE.choices.map((c) => `${c.value}: ${whyText(c.name)}; ${whyText(c.note ?? [])}`)).toEqual(
      [
        '1: just big enough to pass; hardest to close, holds best',
        '1.05: 5 % bigger than what passes through it; ',
        '1.1: 10 % bigger than what passes through it; ',
        '1.15: 15 % bigger than what passes through it; easiest to close, holds least',
      ],
    );
    expect(LOOP_SHARE.usual).toBe(1.05);
  });

  it('are refused at their place when there is no such choice, or a length cannot be', () => {
    const at = (spec: ClosureSpec) => {
      const checked = checkOptions(findClosure(spec.kind)!, spec);
      return checked.ok ? [] : checked.issues.map((i) => i.path);
    };
    expect(at({ kind: 'side-release', sizeMm: 17 })).toEqual(['/closure/sizeMm']);
    expect(at({ kind: 'side-release', sizeMm: 20, lengthMm: 2 })).toEqual(['/closure/lengthMm']);
    expect(at({ kind: 'shackle', hole: 9 })).toEqual(['/closure/hole']);
    expect(at({ kind: 'knot-loop', knot: 'granny', loopShare: 3 }).sort()).toEqual([
      '/closure/knot',
      '/closure/loopShare',
    ]);
    expect(at({ kind: 'double-sliding', openMm: 5 })).toEqual(['/closure/openMm']);
    expect(at({ kind: 'slider', rows: 8, cord: 'nylon-2', gapMm: 30 })).toEqual([]);
  });

  it('say which choices there are', () => {
    const checked = checkOptions(findClosure('pin-buckle')!, { kind: 'pin-buckle', sizeMm: 3 });
    expect(!checked.ok && checked.issues[0]!.message).toContain('16 mm, 18 mm, 20 mm, 22 mm, 26 mm');
  });

  it('fall back to the usual one', () => {
    const size = findClosure('shackle')!.options.find((o) => o.key === 'hole')!;
    if (!isList(size) || typeof size.usual !== 'number') throw new Error('no hole');
    expect(numberOf({ kind: 'shackle' }, size as never)).toBe(2);
    expect(numberOf({ kind: 'shackle', hole: 3 }, size as never)).toBe(3);
  });
});

describe('knots at ends', () => {
  it('are as large as the table says, in proportion to the cord', () => {
    for (const id of ['overhand', 'diamond', 'toggle', 'sliding-2']) {
      const [thin, thick] = [knotSize(id, 2), knotSize(id, 4)];
      const facts = solvedFacts(id)!;
      expect(thin.bodyMm).toBeCloseTo(facts.bodyD * 2, 9);
      for (const key of ['bodyMm', 'girthMm', 'widthMm', 'cordMm'] as const)
        expect(thick[key] / thin[key], `${id} ${key}`).toBeCloseTo(2, 9);
    }
  });

  it('count the cords that are tied, and those that only pass', () => {
    expect([knotSize('overhand', 2).tied, knotSize('overhand', 2).passing]).toEqual([1, 0]);
    expect([knotSize('sliding-1', 2).tied, knotSize('sliding-1', 2).passing]).toEqual([1, 1]);
    expect([knotSize('diamond', 2).tied, knotSize('diamond', 2).passing]).toEqual([2, 0]);
    expect(() => knotSize('solomon-bar', 2)).toThrow();
    expect(knotName('diamond')).toBe('diamond');
  });

  it('take more cord from end to end than the way through them', () => {
    for (const id of ['overhand', 'double-overhand', 'barrel-3', 'diamond', 'toggle', 'folded-wrapped']) {
      const k = knotSize(id, 3);
      expect(k.cordMm, id).toBeGreaterThan(2 * k.bodyMm);
    }
  });
});

describe('a loop and what passes it', () => {
  it('is made for the girth, from just passing to fifteen per cent more', () => {
    expect(loopPerimeter(50, 1, 'x').mm).toBe(50);
    expect(loopPerimeter(50, 1.15, 'x').mm).toBeCloseTo(57.5, 9);
  });

  it.each([
    [49, false, true],
    [50, true, true],
    [57, true, true],
    [58, true, false],
  ])('%d mm round inside for a knot of 50: passes %s, holds %s', (inner, passes, holds) => {
    const [a, b] = loopChecks({ spec: { kind: 'knot-loop' } }, inner, 50, 'knot');
    expect([a!.ok, b!.ok]).toEqual([passes, holds]);
    expect(a!.fix === undefined).toBe(passes);
    expect(b!.fix === undefined).toBe(holds);
  });
});

describe('what a closure needs of a weave', () => {
  it.each([
    ['knot-loop', 'plain-band', false],
    ['knot-loop', 'plain-band-2', true],
    ['cinch', 'chain-sinnet', false],
    ['braid-loop', 'solomon-bar', false],
    ['braid-loop', 'flat-braid-5', true],
    ['wrapped-band', 'plain-band-2', true],
    ['wrapped-band', 'flat-braid-3', false],
    ['double-sliding', 'plain-band', true],
  ] as const)('%s in %s: %s', (closure, weave, suits) => {
    const reason = findClosure(closure)!.unsuited?.(solvedFacts(weave)!);
    expect(reason === undefined).toBe(suits);
  });
});
