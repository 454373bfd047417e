import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.ts';
import { solvedFacts } from '../patterns/index.ts';
import { plan } from '../plan/plan.ts';
import { guideFor } from '../steps/list/steps.ts';
import { USUAL_WAY } from '../steps/types.ts';
import { whyText } from '../why/why.ts';
import { loopOn } from './loop.ts';
import { heldAt } from './starts.ts';

/** 4 mm nylon in a tight knot. */
const D = 3.68;
const BAND: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Comet watch',
  product: 'bracelet',
  wearer: { name: 'Lin', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'flat-braid-4' },
  cord: 'nylon-4',
  setup: { style: 'separate' },
  cords: [{ colour: 'comet' }],
  closure: { kind: 'knot-loop' },
};
const planned = (patch: Partial<Design>) => {
  const made = plan({ ...BAND, ...patch });
  if (!made.ok) throw new Error(made.issues.map((i) => i.message).join(' '));
  return made.value;
};
type Made = ReturnType<typeof planned>;
/** Everything of a cord but what chance and rounding add. */
const bare = (made: Made, cord: number) =>
  made.cords[cord]!.parts.filter((p) => p.what !== 'margin' && p.what !== 'rounding').reduce(
    (sum, p) => sum + p.lengthMm,
    0,
  );
const steps = (design: Partial<Design>, made: Made) => {
  const guide = guideFor({ ...BAND, ...design }, made, USUAL_WAY);
  return guide.ok ? guide.value.steps : [];
};
const said = (list: ReturnType<typeof steps>) =>
  list.map((s) => `${s.title}: ${s.lines.map((l) => whyText(l)).join(' ')}`).join('\n');

describe('two cords at a loop', () => {
  it('hooked in each other: the other cord’s bight goes round both legs, half of (π + 1) diameters each way', () => {
    expect(heldAt('hooked', 4)!.lengthMm).toBeCloseTo(2 * (Math.PI + 1), 9);
    const [fold, hooked] = [planned({}), planned({ closure: { kind: 'knot-loop', start: 'hooked' } })];
    // The first cord leaves the loop as before; each half of the second is longer by 2.07 diameters less the one that its fold had.
    expect(bare(hooked, 0)).toBeCloseTo(bare(fold, 0), 9);
    expect(bare(hooked, 1) - bare(fold, 1)).toBeCloseTo(2 * ((Math.PI + 1) / 2 - 1) * D, 6);
    expect(said(steps({}, hooked))).toContain('Hook the two cords in each other’s middles');
  });

  it('hitched on: a lark’s head round a bar two diameters wide and one thick', () => {
    // 2 × (2 + 1) · d once round, π · d for its own thickness, and half of the strap.
    expect(heldAt('hitched', 4)!.lengthMm).toBeCloseTo(6 * 4 + Math.PI * 4 + 4, 9);
    const hitched = planned({
      closure: { kind: 'knot-loop', start: 'hitched' },
      pattern: { id: 'clove-hitch-bar' },
    });
    const fold = planned({ pattern: { id: 'clove-hitch-bar' } });
    expect(bare(hitched, 1) - bare(fold, 1)).toBeCloseTo(2 * (6 + Math.PI) * D, 6);
    expect(said(steps({ pattern: { id: 'clove-hitch-bar' } }, hitched))).toContain(
      'hitch the other one round both its legs',
    );
  });

  it('need four ends; with two, the check says so and goes back on one press', () => {
    const snake = planned({ pattern: { id: 'snake' }, closure: { kind: 'knot-loop', start: 'hooked' } });
    const check = snake.checks.find((c) => c.id === 'loop.start')!;
    expect(check.ok).toBe(false);
    expect(whyText(check.message)).toContain('this weave has 2');
    expect(check.fix!.patch.closure).toEqual({ kind: 'knot-loop' });
    expect(planned({}).checks.some((c) => c.id === 'loop.start')).toBe(false);
  });
});

describe('a third core through a diamond at each end', () => {
  const ladder: Partial<Design> = {
    pattern: { id: 'ladder-3' },
    cords: [{ colour: 'comet' }, { colour: 'graphite' }],
  };
  const made = planned({ ...ladder, closure: { kind: 'knot-loop', start: 'through' } });
  const body = solvedFacts('diamond')!.bodyD * D;

  it('goes straight through both, with what hands need beyond each of them', () => {
    const third = made.cords.find((c) => c.role === 'a core')!;
    const through = third.parts.filter((p) => whyText(p.why).startsWith('straight through the diamond'));
    // At the loop only its body; at the stopper the neck of one and a half diameters, too.
    expect(through.map((p) => p.lengthMm).sort((a, b) => a - b)).toEqual([
      expect.closeTo(body, 6),
      expect.closeTo(body + 1.5 * D, 6),
    ]);
    expect(third.parts.filter((p) => p.what === 'tail')).toHaveLength(2);
    expect(
      made.cords.find((c) => c.role === 'two cores')!.parts.filter((p) => p.mark?.label === 'diamond starts'),
    ).toHaveLength(2);
  });

  it('makes the loop’s end longer by the diamond at its foot', () => {
    const plain = planned({ ...ladder, closure: { kind: 'knot-loop' } });
    expect(made.bands[0]!.wovenMm).toBeCloseTo(plain.bands[0]!.wovenMm - body, 6);
    const list = said(steps(ladder, made));
    expect(list).toContain('Leave it free until the band fits');
  });

  it('needs three cores', () => {
    const four = planned({
      ...ladder,
      pattern: { id: 'ladder-4' },
      closure: { kind: 'knot-loop', start: 'through' },
    });
    expect(whyText(four.checks.find((c) => c.id === 'loop.start')!.message)).toContain(
      'a third core needs three',
    );
  });
});

describe('a bead in a shackle', () => {
  const clasp: Partial<Design> = {
    pattern: { id: 'laced-bar-spine' },
    cords: [{ colour: 'comet' }, { colour: 'graphite' }],
    closure: { kind: 'bead-shackle', sizeMm: 16 },
  };
  const made = planned(clasp);
  const closing = (of: Made) =>
    of.cords.flatMap((cord) => cord.parts.filter((p) => p.what === 'closure').map((p) => ({ cord, p })));

  it('hangs on the spine, led through the bead, round, and back under three rows', () => {
    const legs = closing(made);
    // Neck: the rod of 5 mm and a diameter and a half; bead: 16 + 4 mm, twice, and half a turn of its own thickness.
    const neck = 5 + 1.5 * D;
    expect(legs.map((l) => l.p.lengthMm).toSorted((a, b) => a - b)).toEqual([
      expect.closeTo(neck, 9),
      expect.closeTo(neck + 3 * made.metrics.rowHeightMm, 9),
      expect.closeTo(2 * 20 + (Math.PI * D) / 2, 9),
    ]);
    const spine = legs[0]!.cord;
    expect(legs.every((l) => l.cord === spine)).toBe(true);
    expect(spine.parts.some((p) => p.what === 'weave' && p.strand === 'T')).toBe(true);
  });

  it('hangs on one core where there is no spine', () => {
    const bar = planned({ ...clasp, pattern: { id: 'solomon-bar' } });
    const legs = closing(bar);
    expect(legs).toHaveLength(3);
    expect(legs[0]!.cord.role).toContain('core');
  });

  it('says when the cord is too thick for the bead, or the neck too wide for the shackle', () => {
    const ok = (patch: Partial<Design>, id: string) =>
      planned({ ...clasp, ...patch }).checks.find((c) => c.id === id)!.ok;
    const said = whyText(planned(clasp).checks.find((c) => c.id === 'bead.back')!.message);
    expect(said).toContain('squeezed to 6.3 mm, it fits its 8 mm hole');
    // Twice 3.68 mm is 7.36 mm, squeezed 6.3 mm: through a hole of 8 mm. Twice 5.52 mm is 11.04 mm, squeezed 9.4 mm: not.
    expect(ok({ cord: 'nylon-4' }, 'bead.back')).toBe(true);
    expect(ok({ cord: 'nylon-6' }, 'bead.back')).toBe(false);
    expect(ok({ cord: 'nylon-6', closure: { kind: 'bead-shackle', sizeMm: 12 } }, 'bead.stays')).toBe(true);
  });
});

describe('a slider by double pass', () => {
  const plain: Partial<Design> = { pattern: { id: 'plain-band' }, closure: { kind: 'slider' } };
  const [once, twice] = [planned(plain), planned({ ...plain, closure: { kind: 'slider', start: 'twice' } })];
  const thin = (made: Made) =>
    made.cords.find((c) => c.isExtra)!.parts.find((p) => p.what === 'closure')!.lengthMm;

  it('uses more than twice the cord for the same rows, as the outer ends go round the inner ones', () => {
    expect(thin(twice) / thin(once)).toBeGreaterThan(2);
    expect(thin(twice) / thin(once)).toBeLessThan(4);
    const facts = solvedFacts('slider-double')!;
    const perRow =
      facts.strands.filter((s) => s.role !== 'core').reduce((sum, s) => sum + s.lengthD, 0) /
      facts.rowsPerPeriod;
    expect(thin(twice)).toBeCloseTo(8 * perRow * D, 6);
    expect(said(steps(plain, twice))).toContain('double pass');
  });

  it('is planned as tied once where it is not known', () => {
    const both = planned({
      ...plain,
      pattern: { id: 'plain-band-2' },
      closure: { kind: 'slider', start: 'twice' },
    });
    const check = both.checks.find((c) => c.id === 'slider.passes')!;
    expect(check.ok).toBe(false);
    expect(check.fix!.patch.closure).toEqual({ kind: 'slider' });
    expect(twice.checks.some((c) => c.id === 'slider.passes')).toBe(false);
  });
});

describe('a friction loop that is a piece of its own', () => {
  const cinch = { pattern: { id: 'solomon-bar' }, cords: [{ colour: 'comet' }, { colour: 'graphite' }] };
  const [fold, piece] = [
    planned({ ...cinch, closure: { kind: 'cinch' } }),
    planned({ ...cinch, closure: { kind: 'cinch', start: 'piece' } }),
  ];

  it('makes the cores shorter by the knot and loop, and the piece as long as that and eight rows', () => {
    const extra = piece.cords.find((c) => c.isExtra)!;
    expect(extra.role).toBe('friction loop');
    const saved = bare(fold, 1) - bare(piece, 1);
    const inside = 2 * 4 * piece.metrics.rowHeightMm;
    // The cores’ fold now lies against the first row, one diameter each way.
    expect(bare(piece, piece.cords.indexOf(extra))).toBeCloseTo(saved + 2 * D + inside, 6);
    expect(piece.finishedLengthMm).toBeCloseTo(fold.finishedLengthMm, 9);
  });
});

describe('a chain with two loops', () => {
  const chain: Partial<Design> = { pattern: { id: 'chain-sinnet' }, closure: { kind: 'chain-loop' } };
  const made = planned(chain);
  const part = (text: string) => made.cords[0]!.parts.find((p) => whyText(p.why).includes(text))!;

  it('is one cord: scaffold, first loop, chain, lock and stopper, each as long as it is', () => {
    expect(made.cords).toHaveLength(1);
    const scaffold = solvedFacts('two-loop-scaffold-2')!;
    const tied = scaffold.strands.find((s) => s.role !== 'core')!;
    // 23.6 diameters beyond its own length, counted along its body.
    expect(tied.lengthD - tied.spanD!).toBeGreaterThan(23);
    expect(part('two-loop scaffold').lengthMm).toBeCloseTo(
      (tied.lengthD - tied.spanD! + scaffold.bodyD) * D,
      6,
    );
    // Both legs of the first loop, which holds the double overhand with a twentieth to spare.
    const loop = loopOn(1.05 * solvedFacts('double-overhand')!.girthD! * D, D, D);
    expect(part('the first loop').lengthMm).toBeCloseTo(2 * loop.legMm, 6);
    const lock = part('the lock');
    expect(lock.lengthMm).toBeCloseTo(2 * made.metrics.rowHeightMm + 2 * D, 9);
    const chainPart = made.cords[0]!.parts.find((p) => p.what === 'weave')!;
    const facts = solvedFacts('chain-sinnet')!;
    expect(chainPart.lengthMm).toBeCloseTo(
      (made.bands[0]!.wovenMm * facts.strands[0]!.lengthD) / facts.periodD,
      6,
    );
    // A third wrap costs 11.0 diameters: 34.6 less 23.6.
    const three = planned({ ...chain, closure: { kind: 'chain-loop', knot: 'two-loop-scaffold-3' } });
    const more =
      three.cords[0]!.parts.find((p) => whyText(p.why).includes('two-loop scaffold'))!.lengthMm -
      part('two-loop scaffold').lengthMm;
    expect(more / D).toBeGreaterThan(11);
    expect(more / D).toBeLessThan(13);
  });

  it('is tied loop by loop, locked, and says how much cord it pulls out to', () => {
    const list = steps(chain, made);
    const text = said(list);
    expect(text).toContain('Reach through the last loop');
    expect(list.findIndex((s) => s.title === 'Lock the chain')).toBeGreaterThan(
      list.findLastIndex((s) => s.picture?.kind === 'row'),
    );
    expect(text).toMatch(/pulls out in seconds into 1\.\d+ m of cord/);
  });

  it('is not offered for what is no chain of one cord', () => {
    const bar = plan({ ...BAND, pattern: { id: 'solomon-bar' }, closure: { kind: 'chain-loop' } });
    expect(bar.ok ? '' : bar.issues.map((i) => i.message).join(' ')).toContain('Only a chain of one cord');
    const plain = plan({ ...BAND, pattern: { id: 'plain-band' }, closure: { kind: 'chain-loop' } });
    expect(plain.ok).toBe(false);
  });
});

describe('a braid of three from one cord', () => {
  const one: Partial<Design> = {
    pattern: { id: 'flat-braid-3' },
    setup: { style: 'looped' },
    closure: { kind: 'knot-loop', knot: 'barrel-3' },
  };
  const made = planned(one);

  it('is one cord, three times through the braid, over once, and three turns round the foot of its loop', () => {
    expect(made.cords).toHaveLength(1);
    const { parts } = made.cords[0]!;
    const woven = parts.filter((p) => p.what === 'weave');
    expect(woven).toHaveLength(3);
    const facts = solvedFacts('flat-braid-3')!;
    const each = (made.bands[0]!.wovenMm * facts.strands[0]!.lengthD) / (3 * facts.periodD);
    for (const p of woven) expect(p.lengthMm).toBeCloseTo(each, 6);
    const wrap = parts.find((p) => whyText(p.why).includes('wrapped round the foot'))!;
    expect(wrap.lengthMm).toBeCloseTo(3 * (2 + 2 * Math.PI) * D, 9);
    const turn = parts.find((p) => whyText(p.why).includes('over the start'))!;
    expect(turn.lengthMm).toBeCloseTo((Math.PI / 2 + 1) * D, 9);
    // Its barrel is tied in the one end that is there.
    expect(parts.filter((p) => whyText(p.why).includes('barrel'))).toHaveLength(1);
  });

  it('tells how to begin, and that the tail is cleared through the loop', () => {
    const text = said(steps(one, made));
    expect(text).toContain('Lay a long loop');
    expect(text).toContain('draw the tail right through the loop');
  });

  it('needs a stopper for one end and three strands', () => {
    const diamond = plan({ ...BAND, ...one, closure: { kind: 'knot-loop' } });
    // The set-up that was asked for gives way to one that has two ends, and says why.
    expect(diamond.ok && diamond.value.style).not.toBe('looped');
    const note = diamond.ok && diamond.value.checks.find((c) => c.id === 'setup.instead');
    expect(note && whyText(note.message)).toContain('choose a barrel');
    const four = plan({ ...BAND, ...one, pattern: { id: 'flat-braid-4' } });
    expect(four.ok && four.value.style).not.toBe('looped');
  });
});
