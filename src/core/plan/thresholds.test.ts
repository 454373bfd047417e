import { describe, expect, it } from 'vitest';
import { CLOSURES } from '../closures/index.ts';
import { offeredFor } from '../closures/offered.ts';
import { holeForMm } from '../cord/packed.ts';
import { fingerHullMm } from '../fit/fingers.ts';
import { PRODUCTS } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { WEAVES } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { asProduct } from './adapt.ts';
import type { CheckContext } from './checks/context.ts';
import { checks } from './checks/index.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { BASE, contextOf, HAIR } from './testing/onTheEdge.ts';

const contextWith = (changes: Partial<Design> = {}): CheckContext => contextOf({ ...BASE, ...changes });
/** One check of what was planned, with some of its figures put on the edge. */
const checked = (id: string, c: CheckContext, changes: Partial<CheckContext> = {}) => {
  const found = checks({ ...c, ...changes }).find((x) => x.id === id);
  if (!found) throw new Error(`no check ${id}`);
  return found;
};
const isOk = (id: string, c: CheckContext, changes: Partial<CheckContext> = {}) => checked(id, c, changes).ok;
const measuring = (c: CheckContext, sizes: Partial<CheckContext['metrics']>): Partial<CheckContext> => ({
  metrics: { ...c.metrics, ...sizes },
});

describe('on each side of', () => {
  const band = contextWith();

  it('too tight: half a millimetre is within what a tape can tell', () => {
    expect(isOk('fit.slack', band, { innerMm: 169.5 + HAIR })).toBe(true);
    expect(isOk('fit.slack', band, { innerMm: 169.5 - HAIR })).toBe(false);
  });

  it('room for a finger', () => {
    const flat = contextWith({ ease: { school: 'flat', addMm: 25 } });
    const need = fingerHullMm(170, 1) - 0.5;
    expect(isOk('fit.finger', flat, { innerMm: need + HAIR })).toBe(true);
    expect(isOk('fit.finger', flat, { innerMm: need - HAIR })).toBe(false);
    // Whoever set the slack in millimetres meant it, and is only told.
    expect(isOk('fit.finger', band, { innerMm: need - HAIR })).toBe(true);
    expect(whyText(checked('fit.finger', band, { innerMm: need - HAIR }).message)).toContain('too snug');
  });

  it('room for a finger: what is offered makes just that room, for one', () => {
    const flat = { school: 'flat', addMm: 20 } as const;
    const snug = checked('fit.finger', contextWith({ ease: flat }));
    expect(snug.ok).toBe(false);
    expect(snug.fix!.patch.ease).toEqual({ school: 'fingers', fingers: 1 });
    expect(isOk('fit.finger', contextWith(snug.fix!.patch as Partial<Design>))).toBe(true);
  });

  it('a girth found without a tape: 6 mm off still wears well, more only where the closure is moved as far', () => {
    const known = (girthSdMm: number, changes: Partial<Design> = {}) =>
      contextWith({ wearer: { name: 'Okoro', girthMm: 170, girthSdMm }, ...changes });
    expect(checks(band).some((c) => c.id === 'fit.known')).toBe(false);
    expect(isOk('fit.known', known(3))).toBe(true);
    expect(isOk('fit.known', known(3 + HAIR))).toBe(false);
    expect(whyText(checked('fit.known', known(5)).message)).toMatch(
      /wrist .* may be 10 mm off: measure again/,
    );
    const moved = known(5);
    const adjust = (rangeMm: readonly [number, number]): Partial<CheckContext> => ({
      closing: { ...moved.closing, adjust: { what: 'the pin', stepMm: 0, rangeMm } },
    });
    expect(isOk('fit.known', moved, adjust([-10, 10]))).toBe(true);
    expect(isOk('fit.known', moved, adjust([-10 + HAIR, 10]))).toBe(false);
    expect(isOk('fit.known', moved, adjust([-10, 10 - HAIR]))).toBe(false);
    expect(whyText(checked('fit.known', moved, adjust([-12, 12])).message)).toContain(
      'the pin makes up for that',
    );
  });

  it('passing the hand: what opens flat passes everything', () => {
    expect(isOk('open.passes', band)).toBe(true);
    expect(whyText(checked('open.passes', band).message)).toContain('opens flat');
  });

  it('passing the hand, and what an estimated hand may be', () => {
    const sliding = (openMm: number, measures: Design['measures'] = { hand: 200 }) =>
      contextWith({
        measures,
        pattern: { id: 'flat-braid-4' },
        cords: [{ colour: 'dusk' }],
        closure: { kind: 'double-sliding', openMm },
      });
    expect(isOk('open.passes', sliding(199.5 + HAIR))).toBe(true);
    expect(isOk('open.passes', sliding(199.5 - HAIR))).toBe(false);
    // 1.2 wrists of 170 mm are 204 mm, and up to 6 % more: 216.24 mm.
    const doubt = (openMm: number) =>
      whyText(checked('open.passes', sliding(openMm, {})).message).includes('measure it');
    expect(doubt(216.24 - HAIR)).toBe(true);
    expect(doubt(216.24 + HAIR)).toBe(false);
  });

  it('fitting after the first wetting, which draws up what is not hardware', () => {
    const { resolved, finishedMm, stiffMm } = band;
    const drawn = (finishedMm - stiffMm) * resolved.cord.wetShrinkage;
    expect(isOk('fit.wet', band, { innerMm: 169.5 + drawn + HAIR })).toBe(true);
    expect(isOk('fit.wet', band, { innerMm: 169.5 + drawn - HAIR })).toBe(false);
    // Ten millimetres less hardware, and the cord in their place shrinks, too.
    expect(isOk('fit.wet', band, { innerMm: 169.5 + drawn + HAIR, stiffMm: stiffMm - 10 })).toBe(false);
  });

  it('enough rows: six', () => {
    const rows = (n: number) => ({ bands: band.bands.map((b) => ({ ...b, rows: n })) });
    expect(isOk('rows.enough', band, rows(6))).toBe(true);
    expect(isOk('rows.enough', band, rows(5))).toBe(false);
  });

  it('rows spread, or packed', () => {
    const [one] = band.bands;
    const said = (offMm: number) => {
      const wovenMm = one!.rows * band.metrics.rowHeightMm + offMm;
      return whyText(checked('rows.enough', band, { bands: [{ ...one!, wovenMm }] }).message);
    };
    expect(said(HAIR)).toContain('spread by');
    expect(said(-1)).toContain('packed by');
  });

  it('a stiff third of the way round: 34 % of it lie on, more stands off', () => {
    expect(isOk('buckle.length', band, { stiffMm: 0.3449 * 170 })).toBe(false);
    expect(isOk('buckle.length', band, { stiffMm: 0.34 * 170 - HAIR })).toBe(true);
    expect(isOk('buckle.length', band, { stiffMm: 0.34 * 170 + HAIR })).toBe(false);
    expect(checks({ ...band, stiffMm: 0 }).some((c) => c.id === 'buckle.length')).toBe(false);
  });

  it('ends that can be held: 40 mm with a fid, 75 mm by hand, in cord of 3.68 mm', () => {
    const held = (tailMm: number) => checked('tail.enough', contextWith({ tailMm }));
    expect(held(40).ok).toBe(true);
    expect(held(39).ok).toBe(false);
    expect(whyText(held(75).message)).toContain('by hand');
    expect(whyText(held(74).message)).toContain('with a fid');
    expect(held(39).fix?.patch).toEqual({ tailMm: 75 });
  });

  it('cords that fit the slot', () => {
    // A 15 mm buckle takes 15 mm of cord: never fewer than two lie side by side.
    const cords = (n: number, diameterMm: number) =>
      isOk('buckle.slot', band, { cordsOnBar: n, ...measuring(band, { diameterMm }) });
    expect(cords(3, 5)).toBe(true);
    expect(cords(3, 5 + HAIR)).toBe(false);
    expect(cords(1, 7.5)).toBe(true);
    expect(cords(1, 7.5 + HAIR)).toBe(false);
  });

  it('a band that suits its buckle: up to 4 mm wider', () => {
    const [body] = band.bands
      .flatMap((b) => [b.start, b.end])
      .flatMap((e) => ('bodyWidthMm' in e.shape ? [e.shape.bodyWidthMm] : []));
    expect(isOk('buckle.width', band, measuring(band, { widthMm: body! + 4 }))).toBe(true);
    expect(isOk('buckle.width', band, measuring(band, { widthMm: body! + 4 + HAIR }))).toBe(false);
  });
});

describe('on each side of what a product asks for:', () => {
  const of = (product: string, changes: Partial<Design> = {}) => {
    const { cords: _c, setup: _s, closure: _k, ...rest } = BASE;
    return contextWith({
      ...asProduct({ ...BASE, ...rest }, product, LIBRARY_ONLY),
      setup: { style: 'separate' },
      cords: BASE.cords,
      ...changes,
    });
  };
  const strap = (measures: NonNullable<Design['measures']>, cord = 'nylon-2') =>
    of('watch-two-piece', { measures, cord });

  it('lugs as wide as the band, and no narrower', () => {
    const c = strap({ lug: 20 });
    expect(isOk('lug.width', c, measuring(c, { widthMm: 20 }))).toBe(true);
    expect(isOk('lug.width', c, measuring(c, { widthMm: 20 + HAIR }))).toBe(false);
  });

  it('a gap that the cord goes through', () => {
    const c = strap({ lug: 20, gap: 2.5 });
    expect(isOk('lug.gap', c, measuring(c, { diameterMm: 2.5 }))).toBe(true);
    expect(isOk('lug.gap', c, measuring(c, { diameterMm: 2.5 + HAIR }))).toBe(false);
  });

  it('a gap that the whole strap goes through', () => {
    const c = of('watch-pass-under', { measures: { lug: 20, gap: 3 }, cord: 'nylon-2' });
    expect(isOk('lug.gap', c, measuring(c, { thicknessMm: 3 }))).toBe(true);
    expect(isOk('lug.gap', c, measuring(c, { thicknessMm: 3 + HAIR }))).toBe(false);
  });

  it('two fingers under a collar, to half a millimetre', () => {
    const c = of('collar', { wearer: { name: 'Halley', girthMm: 400 } });
    const need = fingerHullMm(400, 2);
    expect(isOk('collar.fingers', c, { innerMm: need - 0.5 + HAIR })).toBe(true);
    expect(isOk('collar.fingers', c, { innerMm: need - 0.5 - HAIR })).toBe(false);
  });

  it('a cuff as wide as wanted, to 3 mm either way', () => {
    const c = of('cuff', { measures: { width: 30 } });
    for (const off of [3, -3]) {
      expect(isOk('cuff.width', c, measuring(c, { widthMm: 30 + off * 0.999 }))).toBe(true);
      expect(isOk('cuff.width', c, measuring(c, { widthMm: 30 + off * 1.001 }))).toBe(false);
    }
    expect(whyText(checked('cuff.width', c, measuring(c, { widthMm: 35 })).message)).toContain(
      'more than wanted',
    );
    expect(whyText(checked('cuff.width', c, measuring(c, { widthMm: 25 })).message)).toContain(
      'less than wanted',
    );
  });

  it('two rows beyond a collar’s ring on each side', () => {
    const c = of('collar', {
      wearer: { name: 'Halley', girthMm: 400 },
      measures: { ringAt: 100, ringFlat: 25 },
    });
    const [one] = c.bands;
    const [margin, half] = [2 * c.metrics.rowHeightMm, c.ring!.sizeMm / 2];
    const at = (atMm: number) => isOk('collar.ring', c, { ring: { ...c.ring!, atMm } });
    const [first, last] = [one!.startMm + margin + half, one!.startMm + one!.wovenMm - margin - half];
    expect(at(first)).toBe(true);
    expect(at(first - HAIR)).toBe(false);
    expect(at(last)).toBe(true);
    expect(at(last + HAIR)).toBe(false);
    // Put right, its middle is two rows and half its flat side from the first row, in whole millimetres.
    const { fix } = checked('collar.ring', c, { ring: { ...c.ring!, atMm: first - 5 } });
    expect(fix!.patch.measures!.ringAt).toBe(Math.ceil(first));
  });
});

describe('on each side of what an add-on needs:', () => {
  const withAddon = (addon: NonNullable<Design['addons']>[number]) => contextWith({ addons: [addon] });

  it('a row beyond it at each end', () => {
    const c = withAddon({ kind: 'charm', at: { row: 10 } });
    const [one] = c.bands;
    const rows = (fromRow: number, toRow: number) => {
      const addons = one!.addons.map((a) => ({ ...a, fromRow, toRow }));
      return isOk('addon.0.place', c, { bands: [{ ...one!, addons }] });
    };
    const { rows: all } = one!;
    expect(rows(2, 3)).toBe(true);
    expect(rows(1, 3)).toBe(false);
    expect(rows(all - 2, all - 1)).toBe(true);
    expect(rows(all - 2, all)).toBe(false);
  });

  it('room beside another: their halves add up', () => {
    const c = withAddon({ kind: 'charm', at: { row: 10 } });
    const [one] = c.bands;
    const [a] = one!.addons;
    const beside = (mm: number) => {
      const addons = [a!, { ...a!, index: 1, atMm: a!.atMm + mm, sizeMm: a!.sizeMm + 4 }];
      return isOk('addon.1.place', c, { bands: [{ ...one!, addons }] });
    };
    expect(beside(a!.sizeMm + 2 + HAIR)).toBe(true);
    expect(beside(a!.sizeMm + 2 - HAIR)).toBe(false);
    expect(beside(-(a!.sizeMm + 2 - HAIR))).toBe(false);
  });

  it('a bead’s hole for two cores pressed to 85 % of their 2 × 3.68 mm', () => {
    const need = 2 * 3.68 * 0.85;
    expect(holeForMm(2, 3.68)).toBeCloseTo(need, 9);
    const hole = (holeMm: number) =>
      isOk('addon.0.hole', withAddon({ kind: 'bead', at: { row: 10 }, sizeMm: 12, holeMm }));
    expect(hole(Math.ceil(need * 100) / 100)).toBe(true);
    expect(hole(Math.floor(need * 100) / 100)).toBe(false);
  });

  it('a hole for one to seven cords: closest packing of equal circles, by geometry', () => {
    // Two and three in a row and a triangle, 1 + 2/√3; four in a square, 1 + √2; five, 1 + 1/sin 36°; six and seven, 3.
    const packed = [1, 2, 1 + 2 / Math.sqrt(3), 1 + Math.SQRT2, 1 + 1 / Math.sin(Math.PI / 5), 3, 3];
    for (const [i, ratio] of packed.entries()) expect(holeForMm(i + 1, 2) / (2 * 0.85)).toBeCloseTo(ratio, 3);
  });
});

describe('a sequence', () => {
  it('that ends before the band goes on in its last colour; one that is longer is cut off', () => {
    const [one] = contextWith().bands;
    const over = (rows: number) => contextWith({ sequence: { text: `${rows - 3}A 3B` } });
    expect(isOk('sequence.rows', over(one!.rows - 1))).toBe(true);
    expect(isOk('sequence.rows', over(one!.rows + 1))).toBe(false);
    expect(checks(over(one!.rows)).some((c) => c.id === 'sequence.rows')).toBe(false);
  });
});

describe('a set-up that does not go with its weave or closure', () => {
  it.each(PRODUCTS)('$id: gives way to one that does, and says so; the maker can keep it', (product) => {
    let chosen = 0;
    for (const closure of CLOSURES.filter((c) => offeredFor(product).includes(c.id))) {
      for (const weave of WEAVES.slice(0, 12)) {
        const design: Design = {
          ...asProduct(BASE, product.id, LIBRARY_ONLY),
          pattern: { id: weave.id },
          closure: { kind: closure.id },
          setup: { style: 'folded' },
          cords: [{ colour: 'dusk' }],
        };
        const made = plan(design);
        const what = `${product.id}, ${closure.id}, ${weave.id}`;
        if (!made.ok) {
          expect(
            made.issues.map((i) => i.path),
            what,
          ).not.toContain('/setup/style');
          continue;
        }
        const note = made.value.checks.find((c) => c.id === 'setup.instead');
        expect(note === undefined, what).toBe(made.value.style === 'folded');
        if (!note) continue;
        chosen++;
        expect(note.ok, what).toBe(true);
        const kept = plan({ ...design, ...note.fix!.patch });
        if (!kept.ok) throw new Error(`${what}: ${kept.issues[0]!.message}`);
        expect(
          kept.value.checks.some((c) => c.id === 'setup.instead'),
          what,
        ).toBe(false);
        expect(
          kept.value.cords.map((c) => c.cutLengthMm),
          what,
        ).toEqual(made.value.cords.map((c) => c.cutLengthMm));
      }
    }
    expect(chosen).toBeGreaterThan(4);
  });

  it('is refused where colours along the length or strands of their own need it as it is', () => {
    const made = plan({
      ...BASE,
      setup: { style: 'folded', strands: { A: 0 } },
      pattern: { id: 'flat-braid-4' },
      cords: [{ colour: 'dusk' }],
    });
    expect(made.ok || made.issues[0]!.path).toBe('/setup/style');
  });
});
