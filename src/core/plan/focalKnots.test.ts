import { describe, expect, it } from 'vitest';
import { beamScene } from '../drawing/beam.ts';
import { knotsOf } from '../drawing/pictures.ts';
import { pieceTubes } from '../drawing/piece.ts';
import type { Design } from '../formats/design.ts';
import { loadWeave, solvedFacts } from '../patterns/index.ts';
import { guideFor } from '../steps/list/steps.ts';
import { USUAL_WAY } from '../steps/types.ts';
import { whyText } from '../why/why.ts';
import { focalKnotsFor } from './focalKnots.ts';
import { plan } from './plan.ts';

/** 3.68 mm: 4 mm nylon in a tight knot. */
const D = 3.68;
const BAND: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Equinox band',
  product: 'bracelet',
  wearer: { name: 'Sade', girthMm: 172 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'plain-band-2' },
  cord: 'nylon-4',
  setup: { style: 'separate', strands: { 'S1/0': 0, 'S2/0': 1 } },
  cords: [{ colour: 'dusk' }, { colour: 'sodium' }],
  closure: { kind: 'slider' },
};
const KNOT = { kind: 'knot' as const, knot: 'eternity-two', at: { centre: true as const } };
const planned = (patch: Partial<Design> = {}) => {
  const made = plan({ ...BAND, ...patch });
  if (!made.ok) throw new Error(made.issues.map((i) => i.message).join(' '));
  return made.value;
};
const issue = (patch: Partial<Design>) => {
  const made = plan({ ...BAND, ...patch });
  return made.ok ? undefined : made.issues[0]!;
};
const exact = (made: ReturnType<typeof planned>, cord: number) =>
  made.cords[cord]!.parts.filter((p) => !['margin', 'rounding'].includes(p.what)).reduce(
    (sum, p) => sum + p.lengthMm,
    0,
  );

describe('a focal knot in a plain band', () => {
  const tied = planned({ addons: [KNOT] });
  const facts = solvedFacts('eternity-two')!;

  it('makes each strand longer by what it uses beyond its own length, and the band none', () => {
    const plain = planned();
    expect(tied.finishedLengthMm).toBeCloseTo(plain.finishedLengthMm, 9);
    for (const [i, name] of ['A', 'B'].entries()) {
      const s = facts.strands.find((x) => x.name === name)!;
      // Both cords of this knot are the same, turned by half: 25.4 diameters each beyond the straight way.
      expect(Math.abs(s.lengthD - s.spanD! - 25.4)).toBeLessThan(0.2);
      const extra = exact(tied, i) - exact(plain, i);
      expect(extra / D).toBeCloseTo(
        (facts.strands[0]!.lengthD -
          facts.strands[0]!.spanD! +
          facts.strands[1]!.lengthD -
          facts.strands[1]!.spanD!) /
          2,
        6,
      );
    }
  });

  it('lies in the middle, as long as its body', () => {
    const place = tied.bands[0]!.addons[0]!;
    expect(place.sizeMm).toBeCloseTo(facts.bodyD * D, 9);
    expect(place.atMm).toBeCloseTo(tied.bands[0]!.startMm + tied.bands[0]!.wovenMm / 2, 9);
    const part = tied.cords[0]!.parts.find((p) => whyText(p.why).startsWith('the eternity knot'))!;
    expect(part.toMm! - part.fromMm!).toBeCloseTo(facts.bodyD * D, 9);
  });

  it('is chosen from the knots that run through as many cords as the band has', () => {
    const [one, two] = [solvedFacts('plain-band')!, solvedFacts('plain-band-2')!];
    expect(focalKnotsFor(one)).toEqual(expect.arrayContaining(['eternity', 'overhand', 'barrel-3']));
    expect(focalKnotsFor(two)).toContain('eternity-two');
    // Round another cord, in two cords for one, or no knot at all.
    for (const id of ['sliding-2', 'eternity-two', 'half-hitch', 'solomon-bar'])
      expect(focalKnotsFor(one)).not.toContain(id);
    expect(focalKnotsFor(solvedFacts('solomon-bar')!)).toEqual([]);
  });

  it('is refused in words where it cannot be tied', () => {
    expect(issue({ addons: [{ ...KNOT, knot: 'granny' }] })).toMatchObject({
      path: '/addons/0/knot',
      message: 'There is no knot called “granny”.',
    });
    const bar: Partial<Design> = {
      pattern: { id: 'solomon-bar' },
      setup: { style: 'separate' },
      closure: { kind: 'side-release' },
    };
    expect(issue({ ...bar, addons: [KNOT] })?.message).toContain('A knot is tied in a plain band');
    const single: Partial<Design> = {
      pattern: { id: 'plain-band' },
      setup: { style: 'separate' },
      cords: [{ colour: 'dusk' }],
    };
    expect(issue({ ...single, addons: [KNOT] })?.message).toContain('needs 2 cords');
    const many = Array.from({ length: 8 }, (_, i) => ({ ...KNOT, at: { mm: 10 + 15 * i } }));
    expect(issue({ addons: many })?.message).toContain('The knots are');
  });

  it('is a step with its stages, before the ends are closed', () => {
    const guide = guideFor({ ...BAND, addons: [KNOT] }, tied, USUAL_WAY);
    const steps = guide.ok ? guide.value.steps : [];
    const at = steps.findIndex((s) => s.title === 'Tie the eternity knot, two colours');
    expect(at).toBeGreaterThan(0);
    expect(at).toBeLessThan(steps.findIndex((s) => s.phase === 'close'));
    expect(steps[at]!.stages!.length).toBeGreaterThan(4);
    expect(
      steps
        .find((s) => s.id === 'gather')!
        .lines.map((l) => whyText(l))
        .join(' '),
    ).not.toContain('eternity');
  });

  it('is drawn as cord: each strand runs on into it and out of it', async () => {
    const weave = (await loadWeave('plain-band-2'))!;
    const closure = { kind: 'double-sliding' };
    const made = [planned({ closure }), planned({ closure, addons: [KNOT] })];
    const ids = made.flatMap(knotsOf);
    expect(ids).toContain('eternity-two');
    const knots = new Map(await Promise.all(ids.map(async (id) => [id, (await loadWeave(id))!] as const)));
    const [bare, full] = made.map((one) => beamScene(one, { weave, knots }, 'front'));
    // The band is as wide as the knot now, 6.4 diameters: wider than its sliding knots.
    expect(full!.heightMm).toBeGreaterThan(bare!.heightMm + D);
    expect(full!.heightMm).toBeGreaterThan(6.3 * D);
    expect(full!.widthMm).toBeCloseTo(bare!.widthMm, 0);
    // The plain cord of each strand ends before the knot’s body: it does not run on through it.
    const place = made[1]!.bands[0]!.addons[0]!;
    const along = pieceTubes(made[1]!, { weave, knots }, 0).filter((t) => t.strand === 'S1');
    const ends = (points: ArrayLike<number>) => [points[1]!, points[points.length - 2]!];
    const straight = along.filter((t) => {
      const xs = Array.from(t.points).filter((_, i) => i % 3 === 0);
      return Math.max(...xs) - Math.min(...xs) < 0.1 * D;
    });
    expect(straight.length).toBeGreaterThanOrEqual(2);
    for (const tube of straight) {
      const [from, to] = ends(tube.points);
      const isBefore = to! < place.atMm - place.sizeMm / 2;
      expect(isBefore || from! > place.atMm + place.sizeMm / 2).toBe(true);
    }
  });
});
