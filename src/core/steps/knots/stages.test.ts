import { describe, expect, it } from 'vitest';
import { PALETTE } from '../../colour/palette.ts';
import { findPattern, PATTERNS, solvedFacts } from '../../patterns/index.ts';
import { findCrossings } from '../../weave/crossings.ts';
import { parse } from '../../weave/parse.ts';
import { AMBER } from '../rows/moving.ts';
import { stagePicture } from './stagePicture.ts';
import { type KnotTying, knotStages } from './stages.ts';
import { stageWords } from './stageWords.ts';
import { mirrored, tyingOf } from './tyingOf.ts';

const KNOTS = PATTERNS.filter((p) => solvedFacts(p.id)?.kind === 'open');
const tyings = KNOTS.map((p) => ({ id: p.id, tying: tyingOf(p.id, 'right')! }));
const words = (tying: KnotTying) => tying.stages.map((_, i) => stageWords(tying, i));
const spec = (text: string) => {
  const read = parse(text);
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.value;
};

/** A half hitch drawn by hand: over the cord, round below it, and out under its own standing part. */
const HITCH = spec(`open hitch
core C1: 0,-9 0,9
work S: -7,0 2,0 2,1.6 -2,1.6 -2,-7 | OOUU
`);

/** A strand that zigzags across a cord: first one crossing, a long way, then three close together. */
const ZIGZAG = spec(`open zigzag
core C1: 0,-14 0,14
work S: -4,-9 3,-8 3,6 -3,6.5 3,7.5 -3,8.5 | OUOU
`);

/** What a knot is framed by, in cord of 2 mm. */
function frameOf(knot: ReturnType<typeof spec>) {
  const cut = knotStages(knot);
  if (!cut.ok) throw new Error('no stages');
  return stagePicture({ tying: cut.value, done: 0, looks: [PALETTE[0]!, PALETTE[1]!], diameterMm: 2 });
}

describe('a knot stage by stage', () => {
  it('is cut where the way is longest, though the stages then differ in size', () => {
    const cut = knotStages(ZIGZAG);
    const stages = cut.ok ? cut.value.stages : [];
    expect(stages.map((s) => s.meets.length)).toEqual([0, 1, 3]);
  });

  it('of a half hitch by hand: where each thing to do begins and ends', () => {
    const cut = knotStages(HITCH);
    const stages = cut.ok ? cut.value.stages : [];
    // Along the strand: the cord at 7/9 of the first stretch, again in the middle of the third, its own standing part
    // 1.6 of 8.6 down the fourth. 5.6 to go before the second meeting, 3.6 before the third: the longer way is cut, seven
    // tenths on. The first stage ends at 0.85 of the way to the first meeting.
    const first = 7 / 9;
    const close = (value: number) => expect.closeTo(value, 9) as number;
    expect(stages.map((s) => [s.from, s.to, s.meets.length])).toEqual([
      [-1, close(0.85 * first), 0],
      [close(0.85 * first), close(first + 0.7 * (2.5 - first)), 1],
      [close(first + 0.7 * (2.5 - first)), 4, 2],
    ]);
    expect(stages.flatMap((s) => s.meets.map((m) => [m.what, m.isOver, m.stage]))).toEqual([
      ['inside', true, 1],
      ['inside', false, 2],
      // Its own standing part lies there from the first stage.
      ['own', false, 0],
    ]);
  });

  it('is framed by its crossings with three diameters beside them, but by no more than there is cord', () => {
    const frame = frameOf(HITCH);
    // Across: crossings from −2 to 0, bends from −2 to 2, cord from −7 to 2: −5 … 3. Up: crossings from 0 to 1.6: −3 … 4.6.
    expect([frame.minX, frame.widthMm]).toEqual([-10, 16]);
    expect(frame.minY).toBeCloseTo(-9.2, 9);
    expect(frame.heightMm).toBeCloseTo(15.2, 9);
  });

  it('is framed by its bends where they lie further out, with a diameter beside them', () => {
    const frame = frameOf(
      spec(`open bent
core C1: 0,-9 0,9
work S: -7,0 9,-5 9,3 -7,3 | OU
`),
    );
    // Across: crossings at 0, bends at 9: −3 … 10. Up: crossings from −2.19 to 3, bends from −5 to 3: −6 … 6.
    expect([frame.minX, frame.widthMm]).toEqual([-6, 26]);
    expect(frame.minY).toBeCloseTo(-12, 9);
    expect(frame.heightMm).toBeCloseTo(24, 9);
  });

  it('shows where the ends that move are going, until all is done', () => {
    const amber = (done: number) =>
      stagePicture({
        tying: tyingOf('diamond', 'right')!,
        done,
        looks: [PALETTE[0]!, PALETTE[1]!, PALETTE[2]!],
        diameterMm: 4,
      }).shapes.filter((s) => s.fill === AMBER).length;
    const { stages } = tyingOf('diamond', 'right')!;
    expect(amber(0.5)).toBeGreaterThan(0);
    expect(amber(stages.length - 0.5)).toBeGreaterThan(0);
    expect(amber(stages.length)).toBe(0);
  });

  it('has the end as far along its way as the stage is done, its arrow a cord and a fifth ahead', () => {
    const tying = knotStages(HITCH);
    if (!tying.ok) throw new Error('the hitch cannot be read');
    const D = 4;
    // The way of the end by hand, as it is written above.
    const way = [
      [-7, 0],
      [2, 0],
      [2, 1.6],
      [-2, 1.6],
      [-2, -7],
    ] as const;
    const looks = [PALETTE[0]!, PALETTE[1]!];
    for (const stage of [1, 2])
      for (const share of [0.2, 0.45, 0.7, 0.93]) {
        const { from, to } = tying.value.stages[stage]!;
        const at = from + (to - from) * share;
        const edge = Math.floor(at);
        const [[x, y], [p, q]] = [way[edge]!, way[edge + 1]!];
        const length = Math.hypot(p - x, q - y);
        const [dx, dy] = [(p - x) / length, (q - y) / length];
        const tip = [x + (p - x) * (at - edge) + 1.2 * dx, y + (q - y) * (at - edge) + 1.2 * dy];
        const { shapes } = stagePicture({ tying: tying.value, done: stage + share, looks, diameterMm: D });
        // Paths are written in hundredths of a millimetre.
        const [, tipX, tipY] = /L(\S+) (\S+)L/.exec(shapes.find((s) => s.fill === AMBER)!.d)!;
        expect(Number(tipX) / 100, `${stage} ${share}`).toBeCloseTo(tip[0]! * D, 1);
        expect(Number(tipY) / 100, `${stage} ${share}`).toBeCloseTo(-tip[1]! * D, 1);
      }
  });

  it('makes every crossing once, as the diagram has it, whoever is led first', () => {
    for (const { id, tying } of tyings) {
      const made = tying.stages.flatMap((s) => s.meets);
      expect(new Set(made.map((m) => m.crossing)).size, id).toBe(made.length);
      expect(made.length, id).toBe(findPattern(id)!.facts.crossings);
      for (const stage of tying.stages)
        for (const meet of stage.meets) {
          // What is said to be over is the end that moves in this stage.
          const top = meet.isOver ? meet.crossing.over : meet.crossing.under;
          const below = meet.isOver ? meet.crossing.under : meet.crossing.over;
          expect(stage.strands, id).toContain(top.strand);
          expect(below.strand, id).toBe(meet.strand);
          expect(top.at > stage.from && top.at <= stage.to, id).toBe(true);
        }
    }
  });

  it('spells the knot: the diagram can be written again from its stages', () => {
    for (const { id, tying } of tyings) {
      const letters = tying.spec.strands.map(() => [] as [number, string][]);
      for (const { crossing, isOver } of tying.stages.flatMap((s) => s.meets)) {
        const [moves, lies] = isOver ? [crossing.over, crossing.under] : [crossing.under, crossing.over];
        letters[moves.strand]!.push([moves.at, isOver ? 'O' : 'U']);
        letters[lies.strand]!.push([lies.at, isOver ? 'U' : 'O']);
      }
      const spelt = letters.map((list) =>
        list
          .sort((a, b) => a[0] - b[0])
          .map((l) => l[1])
          .join(''),
      );
      for (const [i, strand] of tying.spec.strands.entries())
        if (strand.word) expect(spelt[i], `${id} ${strand.name}`).toBe(strand.word);
    }
  });

  it('leads no end past what is not there yet', () => {
    for (const { id, tying } of tyings)
      for (const [i, stage] of tying.stages.entries())
        for (const meet of stage.meets) {
          if (meet.what === 'inside') expect(tying.inside, id).toContain(meet.strand);
          else expect(meet.stage, id).toBeLessThanOrEqual(i);
        }
  });

  it('has between three and eight pictures, drawing tight included, and leads every strand to its end', () => {
    for (const { id, tying } of tyings) {
      expect(tying.stages.length + 1, id).toBeGreaterThanOrEqual(4);
      expect(tying.stages.length + 1, id).toBeLessThanOrEqual(8);
      for (const [i, strand] of tying.spec.strands.entries()) {
        if (strand.role === 'core') continue;
        const mine = tying.stages.filter((s) => s.strands.includes(i));
        expect(mine[0]!.from, id).toBe(-1);
        expect(mine.at(-1)!.to, id).toBe(strand.path.length - 1);
        for (const [k, stage] of mine.slice(1).entries()) expect(stage.from, id).toBe(mine[k]!.to);
      }
    }
  });

  it('says a half hitch as a maker would', () => {
    const tying = knotStages(HITCH);
    expect(tying.ok && words(tying.value)).toEqual([
      'Lay the cord loosely beside the cord that it goes round.',
      'Lead the end to the right: over the cord inside.',
      'Lead the end downwards: under the cord inside, then under the standing part.',
    ]);
  });

  it('says in one what is done in several cords, and tells first and second cord apart', () => {
    const two = tyingOf('overhand-two', 'right')!;
    expect(two.stages.every((s) => s.strands.length === 2)).toBe(true);
    // One overhand crosses itself four times; four pairs of cords, sixteen crossings, said as four.
    const said = words(two)
      .join(' ')
      .match(/\b(over|under)\b/g)!;
    expect(said).toHaveLength(4);
    const diamond = words(tyingOf('diamond', 'right')!);
    expect(diamond.filter((w) => w.includes('the other end')).length).toBeGreaterThan(1);
    expect(diamond.findIndex((w) => w.startsWith('Bring in the other cord'))).toBeGreaterThan(0);
    expect(diamond[0]).toBe('Lay the cord loosely.');
  });

  it('of a left hand is the mirror image: left for right, over and under the same', () => {
    for (const id of ['overhand', 'sliding-2', 'diamond', 'eternity']) {
      const [right, left] = [tyingOf(id, 'right')!, tyingOf(id, 'left')!];
      const swapped = words(left).map((w) =>
        w.replace(/to the (left|right)/, (_, side) => `to the ${side === 'left' ? 'right' : 'left'}`),
      );
      expect(swapped, id).toEqual(words(right));
    }
    // Seen in a mirror a right-handed crossing is left-handed: each one turns, in the same order.
    const overhand = findPattern('overhand')!.draw();
    const signs = (of: typeof HITCH) => {
      const found = findCrossings(of);
      return found.ok ? found.value.map((c) => c.sign) : [];
    };
    expect(signs(overhand)).toHaveLength(4);
    expect(signs(mirrored(overhand))).toEqual(signs(overhand).map((sign) => -sign));
  });

  it('is refused where a diagram contradicts itself', () => {
    const wrong = {
      ...HITCH,
      strands: HITCH.strands.map((s) => (s.name === 'S' ? { ...s, word: 'OO' } : s)),
    };
    expect(knotStages(wrong).ok).toBe(false);
    expect(tyingOf('solomon-bar', 'right')).toBeUndefined();
  });
});

describe('its pictures', () => {
  const LOOKS = ['graphite', 'ember', 'dusk', 'sodium'].map((id) => PALETTE.find((c) => c.id === id)!);
  const draw = (id: string, done: number) => {
    const tying = tyingOf(id, 'right')!;
    return stagePicture({ tying, done, looks: tying.spec.strands.map((_, i) => LOOKS[i]!), diameterMm: 4 });
  };

  it('keep one frame from the first to the last, also between two stages', () => {
    for (const { id, tying } of tyings) {
      const frames = [1, 1.5, tying.stages.length].map((done) => {
        const { minX, minY, widthMm, heightMm } = draw(id, done);
        return [minX, minY, widthMm, heightMm];
      });
      expect(frames[1], id).toEqual(frames[0]);
      expect(frames[2], id).toEqual(frames[0]);
      expect(frames[0]!.every(Number.isFinite), id).toBe(true);
    }
  });

  it('paint what is over later than what is under it', () => {
    const tying = knotStages(HITCH);
    if (!tying.ok) throw new Error('the hitch cannot be read');
    const [core, end] = ['#101010', '#f0f0f0'];
    const looks = [core, end].map((base) => ({ ...LOOKS[0]!, look: 'solid' as const, base, accents: [] }));
    const { shapes } = stagePicture({ tying: tying.value, done: 2, looks, diameterMm: 4 });
    // After two stages the end lies over the cord and nowhere under it: the last long stroke painted is the end’s.
    const strands = shapes.flatMap((s) => (s.strand ? [s.strand] : []));
    expect(strands.at(-1)).toBe('S');
    expect(strands).toContain('C1');
  });

  it('show a knot grow: every stage has more cord in it than the one before', () => {
    for (const { id, tying } of tyings) {
      const drawn = tying.stages.map((_, i) => JSON.stringify(draw(id, i + 1).shapes).length);
      expect(drawn.at(-1)!, id).toBeGreaterThan(drawn[0]!);
    }
  });
});
