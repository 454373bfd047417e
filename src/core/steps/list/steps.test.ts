import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLOSURES } from '../../closures/index.ts';
import { PRODUCTS } from '../../fit/products.ts';
import type { Design } from '../../formats/design.gen.ts';
import { parseDesign } from '../../formats/design.ts';
import { stepsJson, stepsText } from '../../formats/steps.ts';
import { WEAVES } from '../../patterns/index.ts';
import { adapt, asProduct } from '../../plan/adapt.ts';
import { LIBRARY_ONLY } from '../../plan/knowledge.ts';
import { plan } from '../../plan/plan.ts';
import type { Plan } from '../../plan/types.ts';
import { whyText } from '../../why/why.ts';
import { comingUp, reduceProgress, rowsDone, startProgress, stepIndex } from '../progress.ts';
import { parseMove } from '../rows/testing/readWords.ts';
import { PHASES, type Step, USUAL_WAY, type WayOfWorking } from '../types.ts';
import { workingEnds } from './ends.ts';
import { inOwnMeasures } from './ownMeasures.ts';
import { guideFor } from './steps.ts';

function example(name: string): { design: Design; made: Plan } {
  const read = parseDesign(readFileSync(`examples/${name}.json`, 'utf8'));
  if (!read.ok) throw new Error(read.issues[0]!.message);
  const made = plan(read.value);
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return { design: read.value, made: made.value };
}

function stepsOf(name: string, way: Partial<WayOfWorking> = {}): readonly Step[] {
  const { design, made } = example(name);
  const guide = guideFor(design, made, { ...USUAL_WAY, ...way });
  if (!guide.ok) throw new Error(guide.issues[0]!.message);
  return guide.value.steps;
}

const text = (s: Step): string => [s.title, ...s.lines.map((l) => whyText(l))].join(' ');
const find = (steps: readonly Step[], id: string): Step => {
  const step = steps.find((s) => s.id === id);
  if (!step) throw new Error(`no step ${id}: ${steps.map((s) => s.id).join(' ')}`);
  return step;
};

/** What holds for every list of steps. */
function holds(design: Design, made: Plan, what: string): void {
  const guide = guideFor(design, made, USUAL_WAY);
  if (!guide.ok) throw new Error(`${what}: ${guide.issues[0]!.message}`);
  const { steps } = guide.value;
  const ids = steps.map((s) => s.id);
  expect(new Set(ids).size, `${what}: ids ${ids.filter((id, i) => ids.indexOf(id) !== i)}`).toBe(ids.length);
  // Rows repeat themselves after four.
  const told = steps.filter((s) => s.picture?.kind !== 'row' || s.at!.row <= 4);
  for (const s of told) {
    expect(s.lines.length, `${what}: ${s.id}`).toBeGreaterThan(0);
    for (const line of s.lines)
      expect(whyText(line), `${what}: ${s.id}`).not.toMatch(/undefined|NaN|\[object/);
  }
  // Every cord is cut once, every row of every band is tied once for each pass.
  expect(steps.filter((s) => s.id.startsWith('cut-')).length, what).toBe(made.cords.length);
  const rows = made.bands.reduce((sum, b) => sum + b.rows, 0) * guide.value.tying.length;
  expect(guide.value.rows, what).toBe(rows);
  // A flame or a blade never comes without its caution.
  for (const s of told) {
    if (/\b[Mm]elt each|flame/.test(text(s)))
      expect(
        s.cautions?.some((c) => c.id === 'heat'),
        `${what}: ${s.id}`,
      ).toBe(true);
    if (/\bCut the ends|cut each end/.test(text(s)))
      expect(
        s.cautions?.some((c) => c.id === 'blade'),
        `${what}: ${s.id}`,
      ).toBe(true);
  }
}

describe('steps', () => {
  it.each(PRODUCTS.map((p) => p.id))(
    'of %s come for every closure, weave and set-up that can be planned',
    (product) => {
      let seen = 0;
      for (const closure of CLOSURES) {
        for (const weave of WEAVES.filter((_, i) => i % 5 === seen % 5)) {
          const base = asProduct(example('pavel-first-band').design, product, LIBRARY_ONLY);
          const design = adapt(
            { ...base, pattern: { id: weave.id }, closure: { kind: closure.id } },
            {},
            LIBRARY_ONLY,
          );
          const made = plan(design);
          if (!made.ok) continue;
          holds(design, made.value, `${product}, ${closure.id}, ${weave.id}`);
          seen++;
        }
      }
      expect(seen).toBeGreaterThan(3);
    },
  );

  it.each(
    readdirSync('examples')
      .filter((f) => f.endsWith('.json'))
      .map((f) => f.replace('.json', '')),
  )('%s: phases come in order within each band, and the first is laying out', (name) => {
    const { design, made } = example(name);
    holds(design, made, name);
    const steps = stepsOf(name);
    expect(steps[0]!.phase).toBe('gather');
    expect(steps.at(-1)!.phase).toBe('check');
    if (made.bands.length === 1) {
      const order = steps.map((s) => PHASES.indexOf(s.phase));
      expect(order).toEqual([...order].sort((a, b) => a - b));
    }
  });

  it('put the ring of Halley’s collar on before its first row, which the plan names', () => {
    const { made } = example('halley-collar');
    const steps = stepsOf('halley-collar');
    const at = steps.findIndex((s) => s.id === 'ring');
    expect(steps[at]!.at!.row).toBe(made.bands[0]!.addons[0]!.fromRow);
    expect(steps[at + 1]!.id).toBe(`row-${made.bands[0]!.addons[0]!.fromRow}`);
    expect(text(steps[at]!)).toContain(
      `Rows ${made.bands[0]!.addons[0]!.fromRow} to ${made.bands[0]!.addons[0]!.toRow}`,
    );
  });

  it('tell in the rows over a ring, and in spaced rows, what is different about them', () => {
    const { made } = example('halley-collar');
    const steps = stepsOf('halley-collar');
    const look = (row: number) => whyText(find(steps, `row-${row}`).look!);
    const { fromRow, toRow } = made.bands[0]!.addons[0]!;
    for (let row = fromRow; row <= toRow; row++)
      expect(look(row)).toContain('Over the flat side of the D-ring');
    for (const row of [fromRow - 1, toRow + 1]) expect(look(row)).not.toContain('D-ring');
    const { design } = example('okoro-guide-band');
    const spaced = { ...design, setup: { ...design.setup, spacing: 0.5 } };
    const planned = plan(spaced);
    if (!planned.ok) throw new Error('plan');
    const guide = guideFor(spaced, planned.value, USUAL_WAY);
    if (!guide.ok) throw new Error('steps');
    // Half of an effective diameter of 3.68 mm.
    expect(whyText(find(guide.value.steps, 'row-5').look!)).toContain('Leave 1.8 mm of core bare');
  });

  it('tie every stopper of a row, with room for the loop before each', () => {
    const { design } = example('tove-knot-and-loop');
    const row = { ...design, closure: { ...design.closure, knots: 3 } };
    const planned = plan(row);
    const guide = planned.ok ? guideFor(row, planned.value, USUAL_WAY) : planned;
    const steps = guide.ok ? guide.value.steps : [];
    // One and a half diameters of 2.76 mm: 3 mm nylon in a tight knot.
    expect(text(steps.find((s) => s.title.endsWith('Diamond, 3 on a row'))!)).toContain(
      'Tie the same knot twice more, with 4.1 mm of cord before each',
    );
    expect(stepsOf('tove-knot-and-loop').map(text).join(' ')).not.toContain('Tie the same knot');
  });

  it('stop four rows short for a second half whose bar the cores go round', () => {
    const { made } = example('okoro-guide-band');
    const steps = stepsOf('okoro-guide-band');
    const stop = steps.find((s) => s.title.startsWith('Stop here'))!;
    expect(made.bands[0]!.rows - rowsDone(steps, steps.indexOf(stop))).toBe(4);
    expect(text(stop)).toContain('round the bar of the prong half');
  });

  it('with more rows than planned the ring still lies where it should, and the stop is as near the end', () => {
    const { design, made } = example('halley-collar');
    const guide = guideFor(design, made, USUAL_WAY, LIBRARY_ONLY, [100]);
    if (!guide.ok) throw new Error('steps');
    const { steps, rows } = guide.value;
    expect(rows).toBe(100);
    const ring = find(steps, 'ring').at!.row;
    expect(ring / 100).toBeCloseTo(made.bands[0]!.addons[0]!.fromRow / made.bands[0]!.rows, 1);
    expect(text(find(steps, 'ring'))).toContain(`Rows ${ring} to `);
    const stop = steps.find((s) => s.title.startsWith('Stop here'))!;
    expect(100 - (stop.at!.row - 1)).toBeGreaterThan(3);
    expect(100 - (stop.at!.row - 1)).toBeLessThan(7);
  });

  it('change colour where the sequence says, to the cord that works on', () => {
    const { made } = example('sade-night-and-dawn');
    const steps = stepsOf('sade-night-and-dawn');
    const changes = steps.filter((s) => s.id.startsWith('change-'));
    const stretches = made.sequence!.stretches.slice(1);
    expect(changes.map((s) => s.at!.row - 1)).toEqual(stretches.map((s) => s.from));
    expect(changes.map((s) => s.title.at(-10))).toEqual(
      stretches.map((s) => made.cords.find((c) => c.cord === s.cord)!.letter),
    );
  });

  it('splice every piece on at its place: which end, which piece, and how far from the last row', () => {
    const { design } = example('sade-night-and-dawn');
    const spliced = { ...design, sequence: { text: '8A 10B 12A', way: 'splice' as const } };
    const made = plan(spliced);
    if (!made.ok) throw new Error(made.issues[0]!.message);
    const guide = guideFor(spliced, made.value, { ...USUAL_WAY, withAdult: true });
    if (!guide.ok) throw new Error('steps');
    const splices = guide.value.steps.filter((s) => s.id.startsWith('splice-'));
    // Two changes on two ends are four splices, and every piece that is marked for one is named once.
    const marked = made.value.cords
      .filter((c) => c.marks.some((m) => m.what === 'splice'))
      .map((c) => c.letter);
    expect(marked).toHaveLength(4);
    expect(splices.map((s) => s.title.split(' ')[1]).sort()).toEqual([...marked].sort());
    const rowMm = made.value.bands[0]!.wovenMm / made.value.bands[0]!.rows;
    for (const s of splices) {
      expect(s.cautions!.map((c) => c.id)).toEqual(['blade', 'heat']);
      expect(s.isAdults).toBe(true);
      expect(text(s)).toMatch(/The (left|right) end is [AB]\d/);
      const beyond = Number(/snip it ([\d.]+) mm beyond/.exec(text(s))![1]);
      // Within a row's cord of the row that hides it.
      expect(beyond).toBeLessThan(6 * rowMm);
    }
    // An end that is spliced on needs no tail for the hands: nothing is said to be short from the start.
    const ends = workingEnds(made.value, 0);
    expect(ends.filter((e) => e.handMm > 0)).toHaveLength(2);
    expect(ends.length).toBe(6);
  });

  it('thread a bead before the knot that holds it, and say of a knot whether it slides or holds', () => {
    const { design } = example('pavel-first-band');
    const closing = (kind: string) => {
      const d = adapt({ ...design, closure: { kind } }, {}, LIBRARY_ONLY);
      const made = plan(d);
      if (!made.ok) throw new Error(made.issues[0]!.message);
      const guide = guideFor(d, made.value, USUAL_WAY);
      if (!guide.ok) throw new Error('steps');
      return guide.value.steps.filter((s) => s.phase === 'close');
    };
    const bead = text(closing('bead')[0]!);
    expect(bead.indexOf('Thread the bead')).toBeLessThan(bead.indexOf('Tie in both cords'));
    const looks = (kind: string) => closing(kind).map((s) => (s.look ? whyText(s.look) : ''));
    expect(looks('double-sliding').filter((l) => l.includes('slides'))).toHaveLength(2);
    // The knot slides, the stopper holds.
    expect(looks('single-sliding').slice(0, 2)).toEqual([
      expect.stringContaining('nothing moves'),
      expect.stringContaining('slides'),
    ]);
    for (const kind of ['double-sliding', 'single-sliding', 'slider'])
      expect(
        closing(kind)[0]!.cautions!.some((c) => c.id === 'sliding tail'),
        kind,
      ).toBe(true);
  });

  it('never offer a flame to cord that does not melt, and name the other way', () => {
    const { design } = example('pavel-first-band');
    for (const dry of ['whip', 'stitch', 'glue'] as const) {
      const cotton = { ...design, cord: 'cotton-4' };
      const made = plan(cotton);
      if (!made.ok) throw new Error('plan');
      const guide = guideFor(cotton, made.value, { ...USUAL_WAY, dry });
      if (!guide.ok) throw new Error('steps');
      const all = guide.value.steps.map(text).join('\n');
      expect(all).not.toMatch(/flame|lighter|[Mm]elt each/);
      expect(guide.value.steps.flatMap((s) => s.cautions ?? []).some((c) => c.id === 'heat')).toBe(false);
      expect(all.toLowerCase()).toContain(dry);
    }
  });

  it('with an adult beside: every step with a flame or a blade is the adult’s', () => {
    const steps = stepsOf('pavel-first-band', { withAdult: true });
    for (const s of steps.filter((x) => x.cautions?.some((c) => c.isAsked)))
      expect(s.isAdults, s.id).toBe(true);
    expect(text(find(steps, 'seal'))).toContain('The adult does this one');
  });

  it('end schools: pressed flat or let bead, as chosen', () => {
    expect(text(find(stepsOf('pavel-first-band', { melt: 'flat' }), 'seal'))).toContain('press it flat');
    expect(text(find(stepsOf('pavel-first-band', { melt: 'bead' }), 'seal'))).toContain('round bead');
  });

  it('a collar’s holding cord is kept from the flame, and it is not called rated', () => {
    const seal = find(stepsOf('halley-collar'), 'seal');
    expect(text(seal)).toContain('Only the stub');
    expect(seal.cautions!.find((c) => c.id === 'load')!.text).toContain('not rated');
  });

  it('both halves of a strap are tied one after the other, a double bar twice over', () => {
    const { made } = example('pavel-night-watch-strap');
    const rows = stepsOf('pavel-night-watch-strap').filter((s) => s.picture?.kind === 'row');
    expect(rows.map((s) => s.at!.band)).toEqual(
      made.bands.flatMap((b, i) => Array.from({ length: b.rows }, () => i)),
    );
    const double = adapt(
      { ...example('pavel-first-band').design, pattern: { id: 'double-bar' } },
      {},
      LIBRARY_ONLY,
    );
    const planned = plan(double);
    if (!planned.ok) throw new Error('plan');
    const guide = guideFor(double, planned.value, USUAL_WAY);
    if (!guide.ok) throw new Error('steps');
    const passes = guide.value.steps.filter((s) => s.picture?.kind === 'row').map((s) => s.at!.pass);
    expect(passes.filter((p) => p === 0).length).toBe(planned.value.bands[0]!.rows);
    expect(passes.filter((p) => p === 1).length).toBe(planned.value.bands[0]!.rows);
    // Between the two it is turned round, with a cord of its own laid behind.
    const turn = guide.value.steps.findIndex((s) => s.id === 'again-2');
    expect(guide.value.steps[turn - 1]!.at).toMatchObject({ pass: 0, row: planned.value.bands[0]!.rows });
    expect(guide.value.steps[turn + 1]!.at).toMatchObject({ pass: 1, row: 1 });
    expect(text(guide.value.steps[turn]!)).toContain('behind the finished bar');
    expect(guide.value.steps[turn]!.at).toEqual({
      band: 0,
      pass: 1,
      row: 1,
      of: planned.value.bands[0]!.rows,
    });
  });
});

describe('working ends', () => {
  it.each([
    'pavel-first-band',
    'okoro-guide-band',
    'halley-collar',
    'sade-night-and-dawn',
    'ines-dome-night',
  ])('%s: what an end starts with is what its rows take, and its tail and margin', (name) => {
    const { made } = example(name);
    const ends = workingEnds(made, 0);
    expect(ends.length).toBeGreaterThan(0);
    for (const e of ends) {
      const cord = made.cords[e.cord]!;
      const spare = cord.parts
        .filter((p) => ['tail', 'margin', 'rounding'].includes(p.what))
        .reduce((sum, p) => sum + p.lengthMm, 0);
      const left = e.startMm - e.usedMm(made.bands[0]!.rows) - e.closureMm;
      expect(left).toBeGreaterThan(0);
      expect(left).toBeLessThanOrEqual(spare + 1e-6);
      expect(e.usedMm(0)).toBeLessThan(60);
      for (let r = 1; r <= made.bands[0]!.rows; r++)
        expect(e.usedMm(r)).toBeGreaterThanOrEqual(e.usedMm(r - 1));
    }
  });

  it('a cord that starts inside and works later is used from the first row on, less while it is a core', () => {
    const { made } = example('sade-night-and-dawn');
    const ends = workingEnds(made, 0);
    expect(ends.map((e) => e.letter)).toEqual(['A', 'A', 'B', 'B']);
    const change = made.sequence!.stretches[0]!.to;
    const perRow = (e: (typeof ends)[number], from: number, to: number) =>
      (e.usedMm(to) - e.usedMm(from)) / (to - from);
    for (const e of ends) {
      const [before, after] = [perRow(e, 1, change - 1), perRow(e, change + 0.2, change + 1.8)];
      // A row takes about five times its height of a working end, and its height of a core.
      if (e.letter === 'A') expect(before).toBeGreaterThan(3 * after);
      else expect(after).toBeGreaterThan(3 * before);
      expect(Math.min(before, after)).toBeGreaterThan(4);
    }
  });

  it('Pavel’s folded cord: on the one side woven, hand length and spare make its whole end', () => {
    const { made } = example('pavel-first-band');
    const [a] = workingEnds(made, 0);
    const part = (what: string, strand?: string) =>
      made.cords[0]!.parts.find((p) => p.what === what && (!strand || p.strand === strand))!.lengthMm;
    expect(a!.startMm).toBeCloseTo(
      part('weave', 'A') + part('tail', 'A') + made.cords[0]!.parts[0]!.lengthMm,
      6,
    );
    expect(part('tail', 'A')).toBe(75);
    expect(a!.usedMm(made.rows / 2)).toBeCloseTo(part('weave', 'A') / 2, 6);
  });
});

describe('own measures', () => {
  it('say a length in arms, hands and thumbs and are never short', () => {
    const own = { armSpanMm: 1700, handSpanMm: 200, thumbMm: 20 };
    // 2610 = 1700 + 4 × 200 + 110, and 110 is five and a half thumbs.
    expect(inOwnMeasures(2610, own)).toEqual({ text: '1 arm span + 4 hand spans + 6 thumbs', mm: 2620 });
    expect(inOwnMeasures(1700, own)).toEqual({ text: '1 arm span', mm: 1700 });
    // Ten thumbs are a hand.
    expect(inOwnMeasures(199, own)).toEqual({ text: '1 hand span', mm: 200 });
    expect(inOwnMeasures(500, {})).toBeUndefined();
    fc.assert(
      fc.property(fc.double({ min: 1, max: 9000, noNaN: true }), (mm) => {
        const said = inOwnMeasures(mm, own)!;
        expect(said.mm).toBeGreaterThanOrEqual(mm - 1e-6);
        expect(said.mm - mm).toBeLessThanOrEqual(20 + 1e-6);
      }),
    );
  });
});

describe('progress', () => {
  const steps = stepsOf('pavel-first-band');
  const at = (id: string) => ({ ...startProgress(steps[0]!.id, USUAL_WAY, 0), at: id });

  it('time is kept by phase, pauses and long absences are not', () => {
    let p = startProgress(steps[0]!.id, USUAL_WAY, 0);
    p = reduceProgress(p, steps, { type: 'go', to: 'cut-A', now: 60_000 });
    expect(p.spent.gather).toBe(60_000);
    p = reduceProgress(p, steps, { type: 'pause', now: 90_000 });
    expect(p.spent.cut).toBe(30_000);
    p = reduceProgress(p, steps, { type: 'resume', now: 9_000_000 });
    p = reduceProgress(p, steps, { type: 'go', to: 'row-1', now: 9_010_000 });
    expect(p.spent.cut).toBe(40_000);
    p = reduceProgress(p, steps, { type: 'go', to: 'row-2', now: 9_010_000 + 50 * 60_000 });
    // Left alone for fifty minutes: ten of them count.
    expect(p.spent.tie).toBe(10 * 60_000);
  });

  it('undoing rows forgets what was measured on them, and goes no further than the first', () => {
    let p = reduceProgress(at('row-9'), steps, {
      type: 'left',
      band: 0,
      pass: 0,
      measured: [
        { rows: 4, end: 0, leftMm: 900 },
        { rows: 8, end: 0, leftMm: 700 },
      ],
    });
    p = reduceProgress(p, steps, { type: 'undo', rows: 3, now: 1 });
    expect(p.at).toBe('row-6');
    expect(p.left.map((l) => l.rows)).toEqual([4]);
    expect(p.undoneRows).toBe(3);
    expect(reduceProgress(p, steps, { type: 'undo', rows: 50, now: 2 }).at).toBe('row-1');
    // After the last row, closing: one row back is the last row again.
    const rows = steps.filter((s) => s.picture?.kind === 'row');
    expect(reduceProgress(at('close-end'), steps, { type: 'undo', rows: 1, now: 0 }).at).toBe(
      rows.at(-1)!.id,
    );
  });

  it('a step that is not there is not gone to; an unknown place is the beginning', () => {
    const p = at('row-3');
    expect(reduceProgress(p, steps, { type: 'go', to: 'row-900', now: 1 })).toBe(p);
    expect(stepIndex(steps, { at: 'gone' })).toBe(0);
  });

  it('says what comes within three rows, and nothing that is further off', () => {
    const collar = stepsOf('halley-collar');
    const ring = collar.findIndex((s) => s.id === 'ring');
    const three = collar.findIndex((s) => s.id === `row-${collar[ring]!.at!.row - 3}`);
    expect(comingUp(collar, three)).toEqual([{ inRows: 3, alert: 'D-ring' }]);
    expect(comingUp(collar, three - 1)).toEqual([]);
  });
});

describe('rows as data and as text', () => {
  const ropes = (id: string) => {
    const { design } = example('pavel-first-band');
    const next = adapt(design, { pattern: { id } }, LIBRARY_ONLY);
    const made = plan(next);
    if (!made.ok) throw new Error(made.issues[0]!.message);
    const guide = guideFor(next, made.value, USUAL_WAY);
    if (!guide.ok) throw new Error('guide');
    return { design: next, guide: guide.value };
  };

  it('are short in their lines, and crossing by crossing in full, as the reader of moves reads them', () => {
    const { design, guide } = ropes('solomon-bar');
    const row = stepsJson(design, guide).steps.find((s) => s.id === 'row-3')!;
    expect(row.lines[1]).toContain('behind both cores, up through');
    for (const line of row.full!) expect(parseMove(line, { cores: 2 }).ok, line).toBe(true);
    expect(row.full!.join(' ')).toContain('then under both cores');
  });

  it('that are told as a whole still show which rows are mirrored, and none begins from a side', () => {
    const { design, guide } = ropes('cores-through-bar');
    expect(guide.isSideless).toBe(true);
    const text = stepsText(design, guide, 'metric');
    const rows = text.split('\n').filter((line) => /^\[ \] Row \d+ of/.test(line));
    expect(rows[2]).toMatch(/^\[ \] Row 3 of \d+: as row 1$/);
    expect(rows[3]).toMatch(/^\[ \] Row 4 of \d+: as row 2$/);
    const [one, two] = [1, 2].map((n) => guide.steps.find((s) => s.id === `row-${n}`)!);
    expect(one!.lines).toEqual(two!.lines);
    expect(one!.full).not.toEqual(two!.full);
    // What is drawn tight first, and what after it.
    expect(whyText(one!.look!)).toContain(
      'Draw tight the end that lies across the cores, then both cores, then the end that closes the row.',
    );
  });
});
