import { describe, expect, it } from 'vitest';
import { PLAIN, planned } from '../../plan/testing/onTheEdge.ts';
import { willItReach } from './reach.ts';

describe('a band without rows to tie', () => {
  it('has no end that could run short', () => {
    const p = planned({ ...PLAIN, closure: { kind: 'double-sliding' } });
    const reach = willItReach({
      plan: { ...p, bands: p.bands },
      band: 0,
      strands: [],
      rowsDone: 0,
      left: [],
      woven: [],
    });
    expect(reach.worst).toBeUndefined();
    expect(reach.ends).toEqual([]);
    expect(reach.remedies).toEqual([]);
  });
});
