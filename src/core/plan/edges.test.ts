import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { CLOSURES } from '../closures/index.ts';
import type { LegPart } from '../closures/types.ts';
import { CORDS, effectiveDiameterMm } from '../cord/cords.ts';
import { PRODUCTS } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { parseDesign } from '../formats/design.ts';
import { workingEnds } from '../steps/list/ends.ts';
import { expectedLeft } from '../steps/reach/expectedLeft.ts';
import { willItReach } from '../steps/reach/reach.ts';
import { checkSwatch } from '../usage/swatch.ts';
import { whyText } from '../why/why.ts';
import { asProduct } from './adapt.ts';
import { addonIssue } from './addons.ts';
import { checks } from './checks/index.ts';
import { knowledgeOf, LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { STYLES } from './setups/index.ts';
import { closeSuited } from './suited.ts';
import { BASE, contextOf, HAIR } from './testing/onTheEdge.ts';

const planned = (changes: Partial<Design> = {}) => plan({ ...BASE, ...changes }, LIBRARY_ONLY);

describe('what the maker measured', () => {
  it('is found by weave and by cord, both', () => {
    const swatch = (patternId: string, cordId: string) => ({
      patternId,
      cordId,
      rows: 20,
      wovenMm: 120,
      workUsedMm: 1000,
    });
    const all = [
      swatch('fishtail', 'nylon-4'),
      swatch('solomon-bar', 'nylon-3'),
      swatch('solomon-bar', 'nylon-4'),
    ];
    const know = knowledgeOf([], all, []);
    expect(know.swatch('solomon-bar', 'nylon-4')).toBe(all[2]);
    expect(know.swatch('fishtail', 'nylon-3')).toBeUndefined();
  });
});

describe('a gap at the lugs', () => {
  it('is met by the thickest cord of the same fibre that goes through, never by another fibre', () => {
    const strap = asProduct(BASE, 'watch-two-piece', LIBRARY_ONLY);
    let refused = 0;
    for (const id of ['nylon-6', 'nylon-4'])
      for (const gap of [1.2, 1.9, 2.8]) {
        const c = contextOf({ ...strap, cord: id, measures: { ...strap.measures, lug: 30, gap } });
        const said = checks(c).find((x) => x.id === 'lug.gap')!;
        if (said.ok) continue;
        refused++;
        const fits = CORDS.filter((x) => x.fibre === 'nylon' && effectiveDiameterMm(x) <= gap);
        const thickest = fits.toSorted((a, b) => b.nominalMm - a.nominalMm)[0]!;
        expect(whyText(said.message)).toContain(thickest.name);
        for (const other of CORDS.filter((x) => x.fibre !== 'nylon'))
          expect(whyText(said.message)).not.toContain(other.name);
      }
    expect(refused).toBe(6);
  });
});

describe('a ring that slips on', () => {
  it('is too loose from 35 % of the girth on', () => {
    // Inside it is as large as the hand and ten more: 160 + 35 % are 216, so a hand of 206 is on the edge.
    const isLoose = (hand: number): boolean => {
      const made = planned({
        wearer: { name: 'Lin', girthMm: 160 },
        measures: { hand },
        pattern: { id: 'flat-braid-3' },
        cords: [{ colour: 'dusk' }],
        closure: { kind: 'slip-on' },
      });
      if (!made.ok) throw new Error(made.issues[0]!.message);
      return !made.value.checks.find((c) => c.id === 'slip.loose')!.ok;
    };
    expect(isLoose(206 - HAIR)).toBe(false);
    expect(isLoose(206 + HAIR)).toBe(true);
  });
});

describe('an add-on', () => {
  it('may sit at the very beginning and the very end of the weave, and not beyond', () => {
    const band = { startMm: 20, wovenMm: 100, rows: 20, firstRow: 'start' } as const;
    const at = (atMm: number) =>
      addonIssue([{ index: 0, kind: 'charm', name: 'charm', atMm, sizeMm: 5 } as never], band, 5);
    expect(at(20)).toBeUndefined();
    expect(at(120)).toBeUndefined();
    expect(at(20 - HAIR)?.message).toMatch(/charm is off the band, which has 20 rows on 100 mm/);
    expect(at(120 + HAIR)).toBeDefined();
  });
});

describe('strands that each have their cord', () => {
  it('leave no cord idle, the first one neither', () => {
    const style = (Object.keys(STYLES) as Design['setup']['style'][]).find((s) => STYLES[s].isByStrand)!;
    const all = (cord: number) =>
      planned({ setup: { style, strands: { 'A/0': cord, 'B/0': cord, 'C1/0': cord, 'C2/0': cord } } });
    const first = all(1);
    const said = first.ok ? [] : first.issues.map((i) => `${i.path} ${i.message}`);
    const known = said
      .join(' ')
      .match(/it has (.*)\./)?.[1]
      ?.split(', ');
    const keys = known ?? ['A/0', 'B/0', 'C1/0', 'C2/0'];
    const use = (cord: number) =>
      planned({ setup: { style, strands: Object.fromEntries(keys.map((k) => [k, cord])) } });
    expect(use(1)).toMatchObject({
      ok: false,
      issues: [{ path: '/cords/0', message: 'Cord A is not used by any strand.' }],
    });
    expect(use(0)).toMatchObject({
      ok: false,
      issues: [{ path: '/cords/1', message: 'Cord B is not used by any strand.' }],
    });
  });
});

describe('set-ups', () => {
  it('turn a cord back at the far end where one cord makes cores and edges, and not where cords are separate', () => {
    expect(STYLES.folded.turnsBack).toBe(true);
    expect(STYLES.fused.turnsBack).toBe(true);
    expect(STYLES.separate.turnsBack).toBe(false);
    // Their first row is then tied at the end where the cord comes back.
    for (const [style, first] of [
      ['folded', 'end'],
      ['separate', 'start'],
    ] as const) {
      const made = planned({
        setup: { style },
        cords: style === 'folded' ? [{ colour: 'ember' }] : BASE.cords,
      });
      if (!made.ok) throw new Error(made.issues[0]!.message);
      expect(made.value.bands[0]!.firstRow).toBe(first);
    }
  });
});

describe('cord through a closure', () => {
  it('is led on and on: a knot lies no nearer than what is led to it', () => {
    let seen = 0;
    for (const product of PRODUCTS)
      for (const closure of CLOSURES) {
        const closed = closeSuited(
          { ...asProduct(BASE, product.id, LIBRARY_ONLY), closure: { kind: closure.id } },
          LIBRARY_ONLY,
        );
        if (!closed.ok) continue;
        for (const end of [closed.value.closing.start, closed.value.closing.end]) {
          if (end.kind !== 'run') continue;
          for (const k of [0, 1]) {
            const legs: readonly LegPart[] = end.legs(k as never);
            for (const [i, leg] of legs.entries()) {
              expect(leg.lengthMm, `${closure.id} ${whyText(leg.why)}`).toBeGreaterThanOrEqual(0);
              if (i === 0 || leg.reachMm === undefined || leg.mark === undefined) continue;
              expect(leg.reachMm, `${product.id} ${closure.id}: ${whyText(leg.why)}`).toBeGreaterThanOrEqual(
                (legs[i - 1]!.reachMm ?? 0) - 1e-9,
              );
              seen++;
            }
          }
        }
      }
    expect(seen).toBeGreaterThan(20);
  });
});

describe('a weave at its closure', () => {
  it('begins at it, or a cord’s thickness on where the cord is hitched round a bar', () => {
    const seen = new Set<string>();
    for (const product of PRODUCTS)
      for (const closure of CLOSURES) {
        const asked = { ...asProduct(BASE, product.id, LIBRARY_ONLY), closure: { kind: closure.id } };
        const closed = closeSuited(asked, LIBRARY_ONLY);
        if (!closed.ok) continue;
        const d = closed.value.metrics.diameterMm;
        const { start, end } = closed.value.closing;
        for (const place of [start, end])
          expect([0, d], `${product.id} ${closure.id}`).toContain(place.standoffMm);
        expect(end.standoffMm === 0 || start.standoffMm === d).toBe(true);
        seen.add(closure.id);
      }
    expect(seen.size).toBeGreaterThan(15);
  });
});

describe('a product', () => {
  it('starts from the room that it is usually given, in mm, or in fingers', () => {
    const usual = Object.fromEntries(
      PRODUCTS.map(({ id, ease }) => [
        id,
        ease.school === 'thickness'
          ? `${ease.slackMm} mm`
          : ease.school === 'fingers'
            ? `${ease.fingers} fingers`
            : '',
      ]),
    );
    expect(usual).toEqual({
      bracelet: '8 mm',
      anklet: '15 mm',
      cuff: '8 mm',
      'watch-two-piece': '8 mm',
      'watch-pass-under': '8 mm',
      collar: '2 fingers',
      'collar-limited-slip': '10 mm',
      'collar-cat': '1 fingers',
      band: '0 mm',
    });
  });

  it('knows how small and large a body can be', () => {
    const bodies = Object.fromEntries(
      PRODUCTS.map(({ id, girth }) => [id, [girth.leastMm, girth.usualMm, girth.mostMm]]),
    );
    expect(bodies).toMatchObject({
      bracelet: [60, 170, 350],
      anklet: [100, 230, 450],
      collar: [120, 380, 900],
      'collar-cat': [120, 230, 450],
      band: [20, 250, 3000],
    });
  });
});

describe('what an end has left', () => {
  const read = parseDesign(readFileSync('examples/pavel-first-band.json', 'utf8'));
  const made = read.ok ? plan(read.value) : read;
  if (!made.ok) throw new Error('example');
  const [end] = workingEnds(made.value, 0);
  const rows = made.value.bands[0]!.rows;

  it('after fewer rows is surer by as much as fewer rows were tied', () => {
    const spread = (n: number) => {
      const got = expectedLeft(made.value, end!, n);
      return got.mostMm - got.middleMm;
    };
    const sd = (n: number) => {
      const woven = end!.wovenMm(n);
      const nearest = made.value.cords[end!.cord]!.ends.toSorted(
        (a, b) => Math.abs(a.wovenMm - woven) - Math.abs(b.wovenMm - woven),
      )[0]!;
      return Math.sqrt(nearest.variance) * woven;
    };
    for (const n of [5, 10, rows]) expect(spread(n)).toBeCloseTo(4 * sd(n), 6);
  });

  it('counts only where rows were tied, and for ends that there are', () => {
    const reach = (left: { rows: number; end: number; leftMm: number }[]) =>
      willItReach({ plan: made.value, band: 0, rowsDone: 10, left, woven: [] }).tension.mean;
    const used = (n: number, factor: number) => end!.startMm - factor * end!.usedMm(n);
    const none = reach([]);
    expect(reach([{ rows: 0, end: 0, leftMm: used(0, 1) - 400 }])).toBe(none);
    expect(reach([{ rows: 10, end: 9, leftMm: 10 }])).toBe(none);
    expect(reach([{ rows: 10, end: 0, leftMm: used(10, 1.2) }])).toBeGreaterThan(none);
  });
});

describe('a swatch', () => {
  const engine = {
    rowHeightMm: 6,
    widthMm: 21,
    strands: [{ role: 'work', lanes: 2, perLength: 4 }],
  } as never;
  const code = (wovenMm: number, workUsedMm: number) => {
    const checked = checkSwatch({ patternId: 'x', cordId: 'y', rows: 20, wovenMm, workUsedMm }, engine);
    return checked.ok ? 'ok' : checked.issues[0]!.code;
  };

  it('of 20 rows of 6 mm is refused from 1.4 times as long on, and from 1.4 times as short', () => {
    // 20 rows are 120 mm; both ends use 8 mm for each of them.
    const ofLength = (mm: number) => code(mm, 8 * mm);
    expect([ofLength(167.9), ofLength(168.1)]).toEqual(['ok', 'swatch.rows']);
    expect([ofLength(85.8), ofLength(85.6)]).toEqual(['ok', 'swatch.rows']);
  });

  it('is refused for 1.4 times as much cord or as little', () => {
    // 960 mm are calculated.
    expect([code(120, 1343), code(120, 1345)]).toEqual(['ok', 'swatch.used']);
    expect([code(120, 686), code(120, 685)]).toEqual(['ok', 'swatch.used']);
  });
});
