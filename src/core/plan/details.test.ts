import { describe, expect, it } from 'vitest';
import { findClosure } from '../closures/index.ts';
import { CORDS, effectiveDiameterMm, findCord } from '../cord/cords.ts';
import { sameEase } from '../fit/schools.ts';
import type { Design } from '../formats/design.gen.ts';
import { loadWeave, solvedFacts } from '../patterns/index.ts';
import { willItReach } from '../steps/reach/reach.ts';
import { weaveMetrics } from '../usage/metrics.ts';
import { whyText } from '../why/why.ts';
import { plan } from './plan.ts';
import { hiddenPlace } from './splices.ts';
import type { Plan } from './types.ts';

const D = 3.68;
const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'In detail',
  product: 'bracelet',
  wearer: { name: 'Lin', girthMm: 180 },
  measures: { hand: 210 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'separate' },
  cords: [{ colour: 'ember' }, { colour: 'dusk' }],
  closure: { kind: 'side-release', sizeMm: 15 },
  roundToMm: 1,
};
const planned = (changes: Partial<Design> = {}): Plan => {
  const made = plan({ ...BASE, ...changes });
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return made.value;
};

describe('letters of the pieces', () => {
  it('count from 1 where a cord is cut into several, and are bare where it is one', () => {
    expect(planned().cords.map((x) => x.letter)).toEqual(['A', 'B']);
    // Four cores are two folded cords.
    const four = planned({ pattern: { id: 'ladder-4' } });
    expect(four.cords.map((x) => x.letter)).toEqual(['A', 'B1', 'B2']);
  });
});

describe('a working cord folded off its middle', () => {
  const LACED: Partial<Design> = { pattern: { id: 'laced-bar' } };
  const middle = planned(LACED);
  const note = middle.checks.find((x) => x.id === 'setup.uneven')!;
  const off = planned({ ...LACED, ...note.fix!.patch });
  const [before, after] = [middle.cords[0]!, off.cords[0]!];
  const uses = (name: string) => off.metrics.strands.find((s) => s.name === name)!.perLength;

  it('is offered where the two ends use unlike lengths, with what it saves, and can be taken back', () => {
    expect(note.isNote).toBe(true);
    const savedMm = before.cutLengthMm - after.cutLengthMm;
    expect(savedMm).toBeGreaterThan(30);
    const said = /(\d+(?:\.\d+)?) (mm|cm) shorter/.exec(whyText(note.message))!;
    expect(Math.abs(Number(said[1]) * (said[2] === 'cm' ? 10 : 1) - savedMm)).toBeLessThan(6);
    const back = planned({ ...LACED, ...off.checks.find((x) => x.id === 'setup.uneven')!.fix!.patch });
    expect(back.cords[0]!.cutLengthMm).toBe(before.cutLengthMm);
  });

  it('is marked where it folds: each end is as long as it must be, the one that uses more the longer', () => {
    const fold = after.marks.find((m) => m.what === 'fold')!;
    const [first, second] = [fold.atMm, after.cutLengthMm - fold.atMm];
    const longer = uses('A') > uses('B') ? 'A' : 'B';
    expect(whyText(fold.why)).toContain(`the longer end is ${longer}`);
    expect(first > second).toBe(longer === 'A');
    // As much as the weave's own lengths differ, with the spare on each in proportion.
    const woven = Math.abs(uses('A') - uses('B')) * off.wovenLengthMm;
    const share = Math.abs(first - second) / woven;
    expect(share).toBeGreaterThan(1);
    expect(share).toBeLessThan(1.25);
    expect(before.marks.find((m) => m.what === 'fold')!.atMm).toBeCloseTo(before.cutLengthMm / 2, 9);
  });

  it('is not offered where nothing is gained, and never done to one folded cord', () => {
    const fishtail = planned({ pattern: { id: 'fishtail' } });
    expect(fishtail.checks.some((x) => x.id === 'setup.uneven')).toBe(false);
    const folded = planned({ setup: { style: 'folded', uneven: true }, cords: [{ colour: 'ember' }] });
    expect(folded.cords[0]!.marks.find((m) => m.what === 'fold')!.atMm).toBeCloseTo(
      folded.cords[0]!.cutLengthMm / 2,
      9,
    );
  });
});

describe('a slider of thin cord', () => {
  const slid = planned({ closure: { kind: 'slider' } });
  const thin = slid.cords.find((x) => x.isExtra)!;

  it('takes the cord of the same fibre that is nearest to two thirds as thick', () => {
    const off = (id: string) => Math.abs(effectiveDiameterMm(findCord(id)!) / D - 0.66);
    const fibre = findCord('nylon-4')!.fibre;
    const thinner = CORDS.filter((x) => x.fibre === fibre && effectiveDiameterMm(x) < D);
    expect(thinner.length).toBeGreaterThan(1);
    for (const x of thinner) expect(off(thin.cordType)).toBeLessThanOrEqual(off(x.id));
  });

  it('is worked out from the bar that was solved for the nearest ratio of cords', () => {
    const radius = (id: string, isCore: boolean) =>
      solvedFacts(id)!.strands.find((s) => (s.role === 'core') === isCore)!.radiusD;
    const bars = ['slider-bar', 'slider-bar-half', 'slider-bar-three-quarters'];
    const ratio = effectiveDiameterMm(findCord(thin.cordType)!) / D;
    const nearest = bars.toSorted(
      (a, b) => Math.abs(2 * radius(a, false) - ratio) - Math.abs(2 * radius(b, false) - ratio),
    )[0]!;
    const facts = solvedFacts(nearest)!;
    const rows = 8;
    const bar = slid.bands[0]!.start.shape;
    expect(bar.shape === 'run' && bar.slider?.id).toBe(nearest);
    // Its own cores are the band's cords: in units of those.
    const mm = (facts.periodD / facts.rowsPerPeriod) * rows * D;
    expect(bar.shape === 'run' && bar.slider?.lengthMm).toBeCloseTo(mm, 9);
  });
});

describe('a place where a splice can be hidden', () => {
  it('is in the row that it is said to be in: so many row heights along the weave', async () => {
    const facts = (await loadWeave('solomon-bar'))!;
    const metrics = weaveMetrics(facts, findCord('nylon-4')!);
    const rowMm = 6;
    for (const strand of ['A', 'B'])
      for (const row of [3, 8, 15]) {
        const place = hiddenPlace(facts, metrics, strand, 0, row, rowMm)!;
        expect(place.row * rowMm).toBeLessThanOrEqual(place.alongMm + 1e-6);
        expect((place.row + 1) * rowMm).toBeGreaterThan(place.alongMm);
        // Within two rows, as the weave does the same every second row.
        expect(Math.abs(place.row - row)).toBeLessThanOrEqual(2);
      }
  });
});

describe('the way behind the cores', () => {
  it('before a band that changes its colour is half of a diameter a core and one for each edge', () => {
    const p = planned({ sequence: { text: '10A 10B', way: 'swap' } });
    const behind = p.cords
      .flatMap((x) => x.parts)
      .filter((x) => whyText(x.why).startsWith('half of the way behind'));
    expect(behind).toHaveLength(2);
    for (const part of behind) expect(part.lengthMm).toBeCloseTo(((2 + 2) / 2) * D, 9);
  });

  it('is no way for cords that change places where the cores run on into the closure at one end', () => {
    const { ways } = planned({
      closure: { kind: 'knot-loop' },
      sequence: { text: '10A 10B' },
    }).sequence!;
    expect(ways.find((w) => w.way === 'swap')!.ok).toBe(false);
    expect(ways.find((w) => w.way === 'carry')!.ok).toBe(false);
  });
});

describe('marks on the band', () => {
  it('trying on begins before the last row, and only where the band is one piece', () => {
    const marks = (p: Plan) => p.bands.flatMap((b) => b.marks.filter((m) => m.what === 'try-on'));
    const tried = planned({ ease: { school: 'try-on' } });
    expect(marks(tried)).toHaveLength(1);
    expect(marks(planned())).toHaveLength(0);
    const [mark] = marks(tried);
    const band = tried.bands[0]!;
    expect(mark!.atMm).toBeGreaterThan(band.startMm);
    expect(mark!.atMm).toBeLessThan(band.startMm + band.wovenMm);
    const strap = planned({
      product: 'watch-two-piece',
      wearer: { name: 'Pavel', girthMm: 180 },
      measures: { lug: 20, lugToLug: 46 },
      ease: { school: 'try-on' },
      closure: { kind: 'pin-buckle' },
    });
    expect(strap.bands.length).toBe(2);
    expect(marks(strap)).toHaveLength(0);
  });

  it('a cinch says to stop at the last row, and where its stopper is tied', () => {
    const p = planned({ closure: { kind: 'cinch' } });
    const band = p.bands[0]!;
    const stop = band.marks.find((m) => m.what === 'stop')!;
    expect(stop.atMm).toBeCloseTo(band.startMm + band.wovenMm, 9);
  });

  it('rows over a ring reach from one end of its flat side to the other', () => {
    const p = planned({
      product: 'collar',
      wearer: { name: 'Halley', girthMm: 380 },
      measures: { ringAt: 60, ringFlat: 20 },
      ease: { school: 'fingers', fingers: 2 },
    });
    const over = p.cords[0]!.parts.filter((x) => whyText(x.why).includes('ring’s side'));
    expect(over).toHaveLength(2);
    for (const part of over) expect([part.fromMm, part.toMm]).toEqual([50, 70]);
  });
});

describe('ways of fitting', () => {
  it('are the same only when their own number is', () => {
    expect(sameEase({ school: 'flat', addMm: 20 }, { school: 'flat', addMm: 20 })).toBe(true);
    expect(sameEase({ school: 'flat', addMm: 20 }, { school: 'flat', addMm: 25 })).toBe(false);
    expect(sameEase({ school: 'flat', addMm: 20 }, { school: 'try-on' })).toBe(false);
    expect(sameEase({ school: 'try-on' }, { school: 'flat', addMm: 20 })).toBe(false);
    expect(sameEase({ school: 'thickness', slackMm: 8 }, { school: 'thickness', slackMm: 9 })).toBe(false);
    expect(sameEase({ school: 'fingers', fingers: 1 }, { school: 'fingers', fingers: 2 })).toBe(false);
  });
});

describe('a piece that stops early', () => {
  it('is tighter by the rows that are left out, and has that much less slack', () => {
    const p = planned();
    const end = { rows: 10, end: 0, leftMm: 250 };
    const reach = willItReach({
      plan: p,
      band: 0,
      rowsDone: 10,
      left: [end, { ...end, end: 1 }],
      woven: [],
    });
    const shorter = reach.remedies.find((r) => r.id === 'shorter')!;
    const makes = Math.min(reach.worst!.surelyRows, reach.rowsNeeded);
    const lessMm = (reach.rowsNeeded - makes) * reach.rowMm.mean;
    expect(lessMm).toBeGreaterThan(20);
    const slackMm = p.figures.slack.value - lessMm;
    expect(shorter.ok).toBe(slackMm >= 0);
    const mm = /(\d+(?:\.\d+)?) (mm|cm) too tight/.exec(whyText(shorter.what))!;
    expect(Number(mm[1]) * (mm[2] === 'cm' ? 10 : 1)).toBeCloseTo(-slackMm, 0);
  });
});

describe('a toggle', () => {
  it('has no slot and no body that a band could be too wide for; a magnetic clasp has', () => {
    const has = (kind: string) => planned({ closure: { kind } }).checks.some((x) => x.id === 'buckle.slot');
    expect(findClosure('toggle')).toBeDefined();
    expect(has('toggle')).toBe(false);
    expect(has('magnetic')).toBe(true);
  });
});
