import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { BASE } from '../plan/testing/onTheEdge.ts';
import type { Plan } from '../plan/types.ts';
import { CLOSURES } from './index.ts';
import type { BandEnd } from './types.ts';

/** How hard a closure is (1 to 5), and the minutes it takes practised hands: judgements of makers, which times and prices rest on. */
const JUDGED: Readonly<Record<string, readonly [difficulty: number, minutes: number]>> = {
  'side-release': [1, 4],
  'metal-side-release': [1, 4],
  breakaway: [1, 4],
  magnetic: [1, 4],
  shackle: [2, 5],
  'pin-buckle': [2, 6],
  hook: [2, 5],
  toggle: [2, 6],
  bead: [2, 6],
  'bead-shackle': [3, 10],
  'spring-bars': [3, 8],
  'knot-loop': [3, 8],
  'chain-loop': [2, 8],
  'braid-loop': [4, 20],
  'single-sliding': [1, 5],
  'scaffold-noose': [2, 5],
  'folded-wrapped': [2, 5],
  'double-sliding': [2, 6],
  'run-together': [3, 8],
  slider: [2, 10],
  cinch: [4, 15],
  'limited-slip': [3, 15],
  'wrapped-band': [4, 12],
  'slip-on': [3, 15],
  'open-cuff': [3, 12],
};

describe('what a closure asks of the maker', () => {
  it('is judged for each', () => {
    expect(Object.fromEntries(CLOSURES.map((c) => [c.id, [c.difficulty, c.minutes]]))).toEqual(JUDGED);
  });
});

const PLAIN = { pattern: { id: 'plain-band-2' }, cords: [{ colour: 'dusk' }] } satisfies Partial<Design>;

const made = (kind: string, changes: Partial<Design> = PLAIN): Plan => {
  const result = plan({ ...BASE, ...changes, closure: { ...changes.closure, kind } }, LIBRARY_ONLY);
  if (!result.ok) throw new Error(`${kind}: ${result.issues[0]!.message}`);
  return result.value;
};

const RUNNING = [
  'knot-loop',
  'bead',
  'double-sliding',
  'single-sliding',
  'scaffold-noose',
  'run-together',
  'slider',
  'cinch',
];

describe('cord beyond the weave', () => {
  const eachLeg = (check: (reaches: readonly number[], end: BandEnd, what: string) => void) => {
    for (const kind of RUNNING) {
      const { start, end } = made(kind).bands[0]!;
      for (const side of [start, end])
        for (let k = 0; k < side.carries; k++) {
          const legs = side.legs(k);
          if (legs.length > 0)
            check(
              legs.map((l) => l.reachMm),
              side,
              `${kind}, ${side.name}, cord ${k}`,
            );
        }
    }
  };

  it('runs outwards: no stretch ends nearer to the weave than the one before', () => {
    let seen = 0;
    eachLeg((reaches, _end, what) => {
      seen++;
      for (let i = 1; i < reaches.length; i++)
        expect(reaches[i]!, what).toBeGreaterThanOrEqual(reaches[i - 1]! - 1e-9);
      expect(reaches[0]!, what).toBeGreaterThanOrEqual(0);
    });
    expect(seen).toBeGreaterThan(RUNNING.length);
  });

  it('reaches no further than its cord is long', () => {
    eachLeg((_reaches, end, what) => {
      const legs = end.legs(0);
      const cord = legs.filter((l) => l.what === 'closure').reduce((sum, l) => sum + l.lengthMm, 0);
      const reach = Math.max(...legs.filter((l) => l.what === 'closure').map((l) => l.reachMm));
      expect(reach, what).toBeLessThanOrEqual(cord + 1e-6 + (end.kind === 'loop' ? 4 : 0));
    });
  });

  it('of two overhands run together ends on the far side of the other’s knot: way, own knot, the other’s', () => {
    const { start } = made('run-together').bands[0]!;
    const [way, own, through, tail] = start.legs(0);
    const body = own!.reachMm - way!.reachMm;
    expect(through!.lengthMm).toBeCloseTo(body, 9);
    expect(through!.reachMm).toBeCloseTo(way!.reachMm + 2 * body, 9);
    expect(tail!.reachMm).toBeCloseTo(way!.reachMm + 2 * body, 9);
  });
});

describe('room between the ends of the weave', () => {
  it('of a slider is never less than its bar and a cord at each end of it', () => {
    const tight = made('slider', { ...PLAIN, closure: { kind: 'slider', gapMm: 5 } });
    const bar = tight.more.find((f) => f.label === 'slider')!.value;
    // Two cords of 4 mm, pulled tight: 2 × 3.68.
    expect(tight.closed.gapMm).toBeCloseTo(bar + 7.36, 9);
  });

  it('of a pin buckle goes from its tip to two rows before its bar', () => {
    const strap = made('pin-buckle', {
      product: 'watch-pass-under',
      measures: { hand: 200, lug: 24, lugToLug: 46, gap: 4, springBar: 1.5 },
    });
    const row = strap.metrics.rowHeightMm;
    expect(strap.closed.adjust!.rangeMm[0]).toBeCloseTo(-45, 9);
    expect(strap.closed.adjust!.rangeMm[1]).toBeCloseTo(45 - 2 * row, 9);
  });
});
