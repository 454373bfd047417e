import { describe, expect, it } from 'vitest';
import { CORDS, findCord } from '../cord/cords.ts';
import { PATTERNS, solvedFacts, WEAVES } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { knotCordD } from './knotCord.ts';
import { weaveMetrics } from './metrics.ts';
import { checkSwatch, type Swatch, withSwatch, workPerLength } from './swatch.ts';

const cord = findCord('nylon-4')!;
const bar = weaveMetrics(solvedFacts('solomon-bar')!, cord);

describe('metrics', () => {
  it('scale with the effective diameter and with nothing else', () => {
    for (const c of CORDS) {
      const m = weaveMetrics(solvedFacts('fishtail')!, c);
      const base = weaveMetrics(solvedFacts('fishtail')!, cord);
      const scale = (c.nominalMm * c.girthFactor) / (cord.nominalMm * cord.girthFactor);
      expect(m.widthMm / base.widthMm).toBeCloseTo(scale, 9);
      expect(m.rowHeightMm / base.rowHeightMm).toBeCloseTo(scale, 9);
      expect(workPerLength(m)).toBeCloseTo(workPerLength(base), 9);
    }
  });

  it('say how far a hand may be off before it is known, by hand from the spreads of maker, weave and piece', () => {
    // In per cent: 3.1² + 2.2² + 1.4² + 1.4² + 1.1² + 0.4² last, 1.8² + 2²/3 are the piece’s: together 24.3, its root 4.93.
    expect(whyText(bar.source)).toContain('cord per length ±4.9 % until you tie a swatch');
  });

  it('never have a strand shorter than the band that it runs along', () => {
    for (const w of WEAVES) {
      for (const s of weaveMetrics(solvedFacts(w.id)!, cord).strands)
        expect(s.perLength, `${w.id} ${s.name}`).toBeGreaterThanOrEqual(0.999);
    }
  });

  it('never have a band thinner or narrower than one cord', () => {
    for (const w of WEAVES) {
      const m = weaveMetrics(solvedFacts(w.id)!, cord);
      expect(m.widthMm).toBeGreaterThanOrEqual(m.diameterMm - 1e-9);
      expect(m.thicknessMm).toBeGreaterThanOrEqual(m.diameterMm - 1e-9);
    }
  });

  it('hold more cord than fits would not: a band’s cords never fill more than its box', () => {
    // Volume of all cord in a length of band against width × thickness of it, cord flattened along the rows at the most by the squash.
    for (const w of WEAVES.filter((p) => !p.isStraight)) {
      const f = solvedFacts(w.id)!;
      const cordArea = f.strands.reduce(
        (sum, s) => sum + (s.lengthD / f.periodD) * Math.PI * s.radiusD ** 2,
        0,
      );
      expect((cordArea * f.squash) / (f.widthD * f.thicknessD), w.id).toBeLessThan(0.91);
    }
  });
});

describe('a swatch', () => {
  const swatch: Swatch = {
    patternId: 'solomon-bar',
    cordId: 'nylon-4',
    rows: 20,
    wovenMm: 115,
    workUsedMm: 1200,
    widthMm: 20,
  };

  it('gives back what it was made of', () => {
    const m = withSwatch(bar, swatch);
    expect(m.rowHeightMm * 20).toBeCloseTo(115, 9);
    expect(workPerLength(m) * 115).toBeCloseTo(1200, 9);
    expect(m.widthMm).toBeCloseTo(20, 9);
    expect(m.thicknessMm).toBe(bar.thicknessMm);
  });

  it('leaves cores alone and narrows the range, the more the longer it is', () => {
    const m = withSwatch(bar, swatch);
    expect(m.strands.filter((s) => s.role === 'core')).toEqual(bar.strands.filter((s) => s.role === 'core'));
    expect(m.spread).toBeLessThan(bar.spread);
    // Three in a hundred from one day to another, and a millimetre of what was measured. A row is a tenth off until then.
    expect(m.spread).toBeCloseTo(0.03 + 1 / 115, 9);
    expect(bar.spread).toBe(0.1);
    expect(withSwatch(bar, { ...swatch, wovenMm: 230, rows: 40, workUsedMm: 2400 }).spread).toBeLessThan(
      m.spread,
    );
  });

  it('that says what geometry says changes nothing', () => {
    const same = withSwatch(bar, {
      ...swatch,
      wovenMm: 20 * bar.rowHeightMm,
      workUsedMm: 20 * bar.rowHeightMm * workPerLength(bar),
      widthMm: bar.widthMm,
    });
    expect(same.rowHeightMm).toBeCloseTo(bar.rowHeightMm, 9);
    for (const [i, s] of same.strands.entries())
      expect(s.perLength).toBeCloseTo(bar.strands[i]!.perLength, 9);
    expect(whyText(same.source)).toContain('1.00 times what the rope engine said');
  });

  it.each<[string, Partial<Swatch>, string]>([
    ['no rows', { rows: 0 }, '/rows'],
    ['no length', { wovenMm: 0 }, '/wovenMm'],
    ['no cord', { workUsedMm: Number.NaN }, '/workUsedMm'],
    ['rows miscounted by ten times', { rows: 2 }, '/wovenMm'],
    ['cord of one end only of many', { workUsedMm: 300 }, '/workUsedMm'],
  ])('with %s is refused at its place', (_name, change, path) => {
    const checked = checkSwatch({ ...swatch, ...change }, bar);
    expect(!checked.ok && checked.issues[0]!.path).toBe(path);
  });

  it('says how far off it is, to a tenth', () => {
    const said = (change: Partial<Swatch>) => {
      const checked = checkSwatch({ ...swatch, ...change }, bar);
      return checked.ok ? '' : checked.issues[0]!.message;
    };
    const rows = 115 / 2 / bar.rowHeightMm;
    expect(said({ rows: 2 })).toContain(`That is ${rows.toFixed(1)} times the row height`);
    const used = 300 / 115 / workPerLength(bar);
    expect(said({ workUsedMm: 300 })).toContain(`That is ${used.toFixed(1)} times the cord`);
  });

  it('of a single row, a millimetre of cord or more is one', () => {
    const one = {
      ...swatch,
      rows: 1,
      wovenMm: bar.rowHeightMm,
      workUsedMm: bar.rowHeightMm * workPerLength(bar),
    };
    expect(checkSwatch(one, bar).ok).toBe(true);
    for (const change of [{ rows: 0 }, { wovenMm: 0 }, { workUsedMm: 0 }, { wovenMm: Number.NaN }]) {
      const checked = checkSwatch({ ...one, ...change }, bar);
      expect(!checked.ok && checked.issues[0]!.code).toBe('swatch.positive');
    }
  });

  it('within reason is used', () => expect(checkSwatch(swatch, bar).ok).toBe(true));

  it.each([
    [1.38, true],
    [1.42, false],
    [1 / 1.38, true],
    [1 / 1.42, false],
  ])('with %d times the rows’ height that the engine gives: used is %s', (factor, isUsed) => {
    const wovenMm = 20 * bar.rowHeightMm * factor;
    const workUsedMm = wovenMm * workPerLength(bar);
    expect(checkSwatch({ ...swatch, rows: 20, wovenMm, workUsedMm }, bar).ok).toBe(isUsed);
    const used = 20 * bar.rowHeightMm * workPerLength(bar) * factor;
    expect(
      checkSwatch({ ...swatch, rows: 20, wovenMm: 20 * bar.rowHeightMm, workUsedMm: used }, bar).ok,
    ).toBe(isUsed);
  });

  it('narrows what cuts allow for: one piece’s own noise is left of the hand’s', () => {
    const after = withSwatch(bar, swatch).shared;
    expect(after.lasting).toBeLessThan(bar.shared.lasting / 2);
    // One piece, by hand: its level 1.8 % and a third of its walk of 2 %, two ends read to 8 mm, the length to 1.5, rows to 4 %.
    const read =
      0.018 ** 2 +
      0.02 ** 2 / 3 +
      (2 * 8 ** 2) / swatch.workUsedMm ** 2 +
      (1.5 / swatch.wovenMm) ** 2 +
      0.04 ** 2 / swatch.rows;
    expect(1 / after.lasting).toBeCloseTo(1 / bar.shared.lasting + 1 / read, 6);
    expect(after.lasting).toBeGreaterThan(0);
    expect(after.piece).toBe(bar.shared.piece);
  });
});

describe('cord in a knot', () => {
  it('is more than nothing for every knot, and more for every wrap more', () => {
    const taken = new Map(
      PATTERNS.map((p) => solvedFacts(p.id)!)
        .filter((f) => f.kind === 'open')
        .map((f) => [f.id, knotCordD(f)] as const),
    );
    for (const [id, d] of taken) expect(d, id).toBeGreaterThan(1);
    for (const chain of [
      ['overhand', 'double-overhand', 'barrel-3', 'barrel-4'],
      ['sliding-1', 'sliding-2', 'sliding-3'],
      ['larks-head', 'prusik-2', 'prusik-3'],
    ]) {
      const lengths = chain.map((id) => taken.get(id)!);
      expect(lengths).toEqual(lengths.toSorted((a, b) => a - b));
    }
  });

  it('two strands tied as one take more than twice what one does, having each other to go round', () => {
    const [one, two] = ['overhand', 'overhand-two'].map((id) => knotCordD(solvedFacts(id)!)) as [
      number,
      number,
    ];
    expect(two).toBeGreaterThan(2 * one);
    expect(two).toBeLessThan(4.5 * one);
  });
});
