import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { whyText } from '../why/why.ts';
import { type Addon, addonIssue, nearestRow, placeAddon } from './addons.ts';
import { plan } from './plan.ts';
import { BASE } from './testing/onTheEdge.ts';

/** Ten rows of 6 mm, begun 4 mm beyond the first bar; and the same tied from the other end. */
const BAND = { startMm: 4, wovenMm: 60, rows: 10, firstRow: 'start' as const };
const TURNED = { ...BAND, firstRow: 'end' as const };
const bead = (at: Addon['at'], more: Partial<Addon> = {}): Addon => ({ kind: 'bead', at, ...more });

describe('an add-on at its place', () => {
  it('at a row is in the middle of it, counted from where the first row is tied', () => {
    expect(placeAddon(bead({ row: 3 }), 0, BAND).atMm).toBeCloseTo(4 + 15, 9);
    expect(placeAddon(bead({ row: 3 }), 0, TURNED).atMm).toBeCloseTo(64 - 15, 9);
    expect(placeAddon(bead({ centre: true }), 0, BAND).atMm).toBeCloseTo(34, 9);
    expect(placeAddon(bead({ mm: 21.5 }), 0, BAND).atMm).toBe(21.5);
  });

  it('lies on the rows that its length touches, and not on those that it only reaches', () => {
    const rows = (sizeMm: number, band: typeof BAND | typeof TURNED = BAND) => {
      const { fromRow, toRow } = placeAddon(bead({ row: 3 }, { sizeMm }), 0, band);
      return [fromRow, toRow];
    };
    // The middle of the third row is 15 mm on: 6 mm long it is just that row, from 12 to 18.
    expect(rows(6)).toEqual([3, 3]);
    expect(rows(6.1)).toEqual([2, 4]);
    expect(rows(18)).toEqual([2, 4]);
    expect(rows(6.1, TURNED)).toEqual([2, 4]);
  });

  it('is as large and as heavy as is usual for its kind, where nothing else is said', () => {
    expect(placeAddon(bead({ row: 3 }), 0, BAND)).toMatchObject({ sizeMm: 12, weightG: 3, holeMm: 7 });
    expect(placeAddon(bead({ row: 3 }, { sizeMm: 9, weightG: 1, holeMm: 4 }), 0, BAND)).toMatchObject({
      sizeMm: 9,
      weightG: 1,
      holeMm: 4,
    });
  });

  it('snaps to the row that it is on, never beyond the first or the last', () => {
    expect([-20, 4, 9.9, 10.1, 34.1, 63, 90].map((mm) => nearestRow(mm, BAND))).toEqual([
      1, 1, 1, 2, 6, 10, 10,
    ]);
    expect([-20, 5, 33.9, 63, 90].map((mm) => nearestRow(mm, TURNED))).toEqual([10, 10, 6, 1, 1]);
  });
});

describe('add-ons that no band can have', () => {
  const issue = (sizesMm: readonly number[], at: Addon['at'] = { row: 5 }) =>
    addonIssue(
      sizesMm.map((sizeMm, i) => placeAddon(bead(at, { sizeMm }), i, BAND)),
      BAND,
      6,
    );

  it('are beads that leave less than two rows of it, a row at each end to hold them', () => {
    // Two of ten rows of 6 mm are 12 of 60 mm.
    expect(issue([24, 24])).toBeUndefined();
    expect(issue([24, 24.1])!.message).toContain(
      'The beads are 48 mm long in all, and there are only 60 mm of band',
    );
    expect(issue([])).toBeUndefined();
  });

  it('lie with their middle beyond the weave, to the millimetre', () => {
    expect(issue([10], { mm: 4 })).toBeUndefined();
    expect(issue([10], { mm: 64 })).toBeUndefined();
    expect(issue([10], { mm: 3.9 })!.path).toBe('/addons/0/at');
    expect(issue([10], { mm: 64.1 })!.message).toContain('Choose a row from 1 to 10.');
    // What the product brings along is moved with its measures.
    expect(addonIssue([placeAddon(bead({ mm: 3 }), -1, BAND)], BAND, 6)).toBeUndefined();
  });
});

describe('what is said of an add-on in the rows', () => {
  const made = (addons: Addon[], changes: Partial<Design> = {}) => {
    const p = plan({ ...BASE, addons, ...changes });
    if (!p.ok) throw new Error(p.issues[0]!.message);
    return p.value;
  };
  const check = (addons: Addon[], id: string) => made(addons).checks.find((c) => c.id === id)!;

  it('a bead fits where its hole takes the cores, squeezed', () => {
    // Two cores of 3.68 mm are squeezed to 6.3 mm.
    const hole = (holeMm: number) => check([bead({ centre: true }, { holeMm })], 'addon.0.hole');
    expect([hole(6.4).ok, hole(6.2).ok]).toEqual([true, false]);
    expect(whyText(hole(7).message)).toBe(
      "2 cores, squeezed to 6.3 mm, fit through its 7 mm hole; it takes 2 rows' room",
    );
    expect(whyText(hole(6.2).message)).toBe('2 cores, squeezed to 6.3 mm, don’t fit through its 6.2 mm hole');
    // A charm has no hole to go through.
    expect(made([{ kind: 'charm', at: { centre: true } }]).checks.some((c) => c.id === 'addon.0.hole')).toBe(
      false,
    );
  });

  it('it leaves a row beyond it on either side, or is put in the middle', () => {
    const { metrics } = made([]);
    // The bead takes the room of one of them.
    const rows = made([]).rows - 1;
    const at = (row: number) =>
      check([bead({ row }, { sizeMm: 0.9 * metrics.rowHeightMm })], 'addon.0.place');
    expect([at(1).ok, at(2).ok, at(rows - 1).ok, at(rows).ok]).toEqual([false, true, true, false]);
    expect(at(1).fix!.patch.addons![0]!.at).toEqual({ centre: true });
    expect(at(2).fix).toBeUndefined();
  });

  it('two keep clear of each other: half of both between their middles', () => {
    const two = (apartMm: number) =>
      check(
        [bead({ mm: 60 }, { sizeMm: 12 }), { kind: 'charm', at: { mm: 60 + apartMm }, sizeMm: 10 }],
        'addon.1.place',
      );
    expect([two(11.1).ok, two(10.9).ok, two(-10.9).ok]).toEqual([true, false, false]);
    expect(whyText(two(5).message)).toBe('the charm and the bead overlap');
  });
});

describe('a ring that a collar brings along', () => {
  const collar = (addons: Addon[]) => {
    const made = plan({
      ...BASE,
      product: 'collar',
      wearer: { name: 'Halley', girthMm: 400 },
      ease: { school: 'fingers', fingers: 2 },
      measures: { ringAt: 60, ringFlat: 20 },
      addons,
    } as Design);
    if (!made.ok) throw new Error(made.issues[0]!.message);
    return made.value;
  };

  it('has its place among the figures; a ring of one’s own has not', () => {
    const rings = (addons: Addon[]) => collar(addons).more.filter((f) => f.label === 'ring');
    expect(rings([]).map((f) => f.value)).toEqual([60]);
    expect(rings([{ kind: 'ring', at: { mm: 200 } }])).toHaveLength(1);
    expect(whyText(rings([])[0]!.why)).toContain('lie on its flat side of 20 mm');
  });
});
