import { describe, expect, it } from 'vitest';
import { endSpread } from '../chance/spread.ts';
import { knotSize } from '../closures/knots.ts';
import type { Design } from '../formats/design.gen.ts';
import { solvedFacts } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { BASE, PLAIN, planned } from './testing/onTheEdge.ts';
import { ratiosOf } from './thickness.ts';

describe('cords that lie side by side over the bar', () => {
  const roles = (id: string) =>
    planned({ pattern: { id }, setup: { style: 'side-by-side' }, cords: [{ colour: 'dusk' }] })
      .cords.filter((c) => !c.isExtra)
      .map((c) => c.role.replace(', side by side', ''));

  it('are named by what their two ends are', () => {
    // From the left of a Solomon bar: end and core, core and end; of one with four cores two cores more between them.
    expect(roles('solomon-bar')).toEqual(['a working end and a core', 'a core and a working end']);
    expect(roles('solomon-bar-4')).toEqual([
      'a working end and a core',
      'two cores',
      'a core and a working end',
    ]);
    expect(roles('flat-braid-4')).toEqual(['two working ends', 'two working ends']);
  });
});

describe('cords of a braid', () => {
  const roles = (id: string, closure: Design['closure']) =>
    planned({ pattern: { id }, cords: [{ colour: 'dusk' }], closure })
      .cords.filter((c) => !c.isExtra)
      .map((c) => c.role);

  it('are folded two and two where they are hitched, one alone begins with its own end', () => {
    expect(roles('flat-braid-4', { kind: 'side-release' })).toEqual(['two working ends', 'two working ends']);
    expect(roles('flat-braid-3', { kind: 'side-release' })).toEqual(['two working ends', 'a working end']);
  });

  it('go from end to end where the start runs on beyond the weave', () => {
    expect(roles('flat-braid-3', { kind: 'braid-loop' })).toEqual([
      'a strand, from end to end',
      'a strand, from end to end',
      'a strand, from end to end',
    ]);
  });
});

describe('four cores at a loop', () => {
  it('have the loop on the first cord of two; the other one’s fold lies against the first row', () => {
    for (const sequence of [undefined, { text: '9A 9B 12A', way: 'splice' as const }]) {
      const p = planned({
        pattern: { id: 'solomon-bar-4' },
        closure: { kind: 'knot-loop' },
        ...(sequence ? { sequence } : {}),
      });
      const cores = p.cords.filter((c) => c.role === 'two cores');
      expect(cores).toHaveLength(2);
      const loops = cores.map(
        (c) => c.parts.filter((x) => whyText(x.why).startsWith('half of the loop')).length,
      );
      const folds = cores.map(
        (c) => c.parts.filter((x) => whyText(x.why).startsWith('its fold lies against')).length,
      );
      expect([loops, folds]).toEqual([
        [2, 0],
        [0, 2],
      ]);
    }
  });
});

describe('a knot that the second cord only passes through', () => {
  it('is tied in the first cord of the end, and its body is all that the second one uses', () => {
    const p = planned({ ...PLAIN, closure: { kind: 'knot-loop', knot: 'sliding-2' } });
    const said = p.cords.flatMap((c) => c.parts).map((x) => whyText(x.why));
    expect(said.filter((text) => text.startsWith('straight through the'))).toHaveLength(1);
    const { cordMm, bodyMm } = knotSize('sliding-2', 3.68);
    const through = (text: string) =>
      p.cords.flatMap((c) => c.parts).find((x) => whyText(x.why).includes(text))!.lengthMm;
    expect(through('straight through the')).toBeCloseTo(bodyMm, 9);
    expect(through('as the rope engine pulls it tight')).toBeCloseTo(cordMm, 9);
    expect(said.filter((text) => text.includes('as the rope engine pulls it tight'))).toHaveLength(1);
  });
});

describe('a hitch on a bar', () => {
  it('lies between the bar and the first row; at the far end it is where the weave ends', () => {
    const p = planned({ closure: { kind: 'side-release', sizeMm: 15, attach: 'hitched' } });
    const { startMm, wovenMm } = p.bands[0]!;
    const hitches = p.cords
      .flatMap((c) => c.parts)
      .filter((x) => whyText(x.why).startsWith('one leg of the lark'));
    const places = hitches.map((x) => [x.fromMm!, x.toMm!]);
    const start = places.filter(([from]) => from! < startMm);
    const end = places.filter(([from]) => from! >= startMm);
    // Both legs of the cores’ cord at the first bar, both working ends at the second.
    expect(start).toEqual(start.map(() => [0, startMm]));
    expect(end).toEqual(end.map(() => [startMm + wovenMm, startMm + wovenMm]));
    expect([start.length, end.length]).toEqual([2, 2]);
  });
});

describe('a cord that a closure needs besides', () => {
  it('of a slider is as uncertain as one row is: it has few', () => {
    const p = planned({ ...PLAIN, closure: { kind: 'slider' } });
    const extra = p.cords.find((c) => c.isExtra)!;
    const [end] = extra.ends;
    expect(end!.wovenMm).toBeGreaterThan(10);
    expect(end!.variance).toBeCloseTo(endSpread(p.metrics.shared, end!.wovenMm, 1).variance, 12);
  });
});

describe('a cord that is put in for the closure', () => {
  it('is of the last colour, and lettered on after the others', () => {
    const p = planned({ closure: { kind: 'cinch', start: 'piece' } });
    const extra = p.cords.find((c) => c.isExtra)!;
    expect([extra.cord, extra.colour, extra.letter]).toEqual([1, 'dusk', 'C']);
  });
});

describe('cords that change places', () => {
  it('have no splice', () => {
    const p = planned({ sequence: { text: '6A 4B 19A' } });
    expect(p.sequence!.way).toBe('swap');
    expect(p.sequence!.splices).toEqual([]);
  });
});

describe('a colour carried inside', () => {
  it('leaves the outer cores in the last colour', () => {
    const p = planned({
      pattern: { id: 'solomon-bar-4' },
      cords: [{ colour: 'ember' }, { colour: 'dusk' }, { colour: 'graphite' }],
      sequence: { text: '6A 4B 19A', way: 'carry' },
    });
    const outer = p.cords.find((c) => c.role === 'two cores that stay inside')!;
    expect([outer.cord, outer.colour, outer.letter]).toEqual([2, 'graphite', 'C']);
  });
});

describe('strands in a cord of their own', () => {
  it('are as thick as that cord pulled tight, against the band’s own: one strand is enough', () => {
    const braid = solvedFacts('flat-braid-4')!;
    const design = (cord?: string): Design => ({
      ...BASE,
      pattern: { id: 'flat-braid-4' },
      cords: [{ colour: 'dusk', ...(cord ? { cord } : {}) }],
    });
    expect(ratiosOf(design('nylon-2'), braid)).toEqual({ S: 0.5 });
    expect(ratiosOf(design('nylon-4'), braid)).toBeUndefined();
    expect(ratiosOf(design(), braid)).toBeUndefined();
    // Of a bar the working ends alone, or the cores alone.
    const bar = solvedFacts('solomon-bar')!;
    const [work, core] = [{ colour: 'dusk', cord: 'nylon-2' }, { colour: 'ember' }];
    expect(ratiosOf({ ...BASE, cords: [work, core] }, bar)).toEqual({ A: 0.5, B: 0.5 });
    expect(ratiosOf({ ...BASE, cords: [core, work] }, bar)).toEqual({ C1: 0.5, C2: 0.5 });
    // One cord is all of it.
    expect(ratiosOf({ ...BASE, cords: [work] }, bar)).toEqual({ A: 0.5, B: 0.5, C1: 0.5, C2: 0.5 });
  });
});
