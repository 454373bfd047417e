import { describe, expect, it } from 'vitest';
import { PALETTE } from '../../colour/palette.ts';
import { PER_MM } from '../../drawing/shape.ts';
import { findPattern, WEAVES } from '../../patterns/index.ts';
import { findCrossings } from '../../weave/crossings.ts';
import { format } from '../../weave/format.ts';
import type { WeaveSpec } from '../../weave/types.ts';
import { type Frame, movesOf, shownX, type TyingOrder } from './moves.ts';
import { pointAt } from './paths.ts';
import { rowPicture } from './rowPicture.ts';
import { parseMove } from './testing/readWords.ts';
import { frameFor } from './variant.ts';
import { rowText, shortRowText } from './words.ts';

const TIED = WEAVES.filter((w) => !w.isStraight);
const FRAMES: Frame[] = [
  { isMirrored: false, offset: 0 },
  { isMirrored: true, offset: 1 },
];

/** Which cores a name means, numbered from the left; none if it means no core. */
function numbersOf(item: string, cores: number): number[] {
  if (/^(both cores|all \d+ cores|the core)$/.test(item))
    return Array.from({ length: cores }, (_, i) => i + 1);
  const side = /^the (left|middle|right) core$/.exec(item)?.[1];
  if (side) return [{ left: 1, middle: 2, right: cores }[side as 'left']];
  const number = /^core (\d+)$/.exec(item)?.[1];
  return number ? [Number(number)] : [];
}

const tyings = (id: string, frame: Frame): TyingOrder[] => {
  const pattern = findPattern(id)!;
  const passes = pattern.tiedIn?.length ?? 1;
  return Array.from({ length: passes }, (_, k) => movesOf(pattern.draw(), frame, pattern.tiedIn, k)!);
};

/** Who lies on top at every crossing, taken from nothing but the printed sentences. */
function fromWords(id: string, frame: Frame): Map<number, number> {
  const over = new Map<number, number>();
  for (const tying of tyings(id, frame)) {
    for (let row = 0; row < tying.cut.rows; row++) {
      const moves = tying.row(row);
      for (const [i, text] of rowText(moves).entries()) {
        const told = parseMove(text, moves);
        if (!told.ok) throw new Error(`${id}: ${told.issues[0]!.message}`);
        const move = moves.moves[i]!;
        // Only the count of letters ties a sentence to the diagram; what they say is the sentence's own.
        const visits = move.legs.flatMap((leg) => leg.visits).toSorted((a, b) => a.at - b.at);
        expect(told.value.word.length, text).toBe(visits.length);
        for (const [k, v] of visits.entries()) {
          const winner = told.value.word[k] === 'O' ? move.pass.strand : v.other.strand;
          const before = over.get(v.crossing);
          expect(before === undefined || before === winner, `${id}: ${text}`).toBe(true);
          over.set(v.crossing, winner);
        }
      }
    }
  }
  return over;
}

/** The notation's words again, from what the sentences said. */
function respelt(spec: WeaveSpec, over: Map<number, number>): WeaveSpec {
  const found = findCrossings(spec);
  if (!found.ok) throw new Error('crossings');
  return {
    ...spec,
    strands: spec.strands.map((s, index) => {
      if (s.word === '') return s;
      const visits = found.value.flatMap((c, i) => {
        // A strand that crosses itself is on top at the one visit and below at the other, whatever is said.
        if (c.over.strand === c.under.strand)
          return c.over.strand === index
            ? [
                { at: c.over.at, letter: 'O' },
                { at: c.under.at, letter: 'U' },
              ]
            : [];
        return [c.over, c.under].flatMap((v) =>
          v.strand === index
            ? [{ at: v.at, letter: over.get(i) === index ? 'O' : over.has(i) ? 'U' : '?' }]
            : [],
        );
      });
      return {
        ...s,
        word: visits
          .sort((a, b) => a.at - b.at)
          .map((v) => v.letter)
          .join(''),
      };
    }),
  };
}

describe('a row in words', () => {
  it.each(TIED.map((w) => w.id))('%s: the sentences spell the notation again', (id) => {
    const spec = findPattern(id)!.draw();
    for (const frame of FRAMES) expect(format(respelt(spec, fromWords(id, frame)))).toBe(format(spec));
  });

  it.each(TIED.map((w) => w.id))('%s: every crossing of a period is told exactly once', (id) => {
    for (const frame of FRAMES) {
      const all = tyings(id, frame);
      const told = all.flatMap((t) =>
        Array.from({ length: t.cut.rows }, (_, row) =>
          t.row(row).moves.flatMap((m) => m.legs.flatMap((l) => l.visits.map((v) => v.crossing))),
        ).flat(),
      );
      const { cut } = all[0]!;
      const periods = cut.rows / cut.spec.rows;
      expect(told.length, id).toBe(cut.crossings.length * periods);
      for (let i = 0; i < cut.crossings.length; i++)
        expect(told.filter((c) => c === i).length, `${id}, crossing ${i}`).toBe(periods);
    }
  });

  it.each(TIED.map((w) => w.id))(
    '%s: cores, ends and ways out are called by the places that they have',
    (id) => {
      for (const frame of FRAMES) {
        for (const tying of tyings(id, frame)) {
          const { spec } = tying.cut;
          // From the left as it hangs, worked out here from nothing but where the cords are drawn.
          const at = (x: number) => (frame.isMirrored ? x : -x);
          const cores = spec.strands.filter((s) => s.role === 'core').map((s) => at(s.path[0]![0]));
          cores.sort((a, b) => a - b);
          for (let row = 0; row < tying.cut.rows; row++) {
            const moves = tying.row(row);
            const passes = tying.cut.passes(row + frame.offset);
            const places = (pick: (p: (typeof passes)[number]) => number) =>
              passes.map((p) => at(pick(p))).toSorted((a, b) => a - b);
            for (const [i, text] of rowText(moves).entries()) {
              const move = moves.moves[i]!;
              const told = parseMove(text, moves);
              if (!told.ok) throw new Error(text);
              const number = places((p) => p.fromX).indexOf(at(move.pass.fromX)) + 1;
              if (passes.length === 2)
                expect(told.value.end, `${id}: ${text}`).toBe(number === 1 ? 'left end' : 'right end');
              else if (passes.length > 2)
                expect(told.value.end, `${id}: ${text}`).toMatch(new RegExp(` ${number}$`));
              for (const [k, leg] of move.legs.entries()) {
                const passed = leg.visits
                  .filter((v) => spec.strands[v.other.strand]!.role === 'core')
                  .map((v) => cores.indexOf(at(spec.strands[v.other.strand]!.path[0]![0])) + 1);
                const named = told.value.met[k]!.flatMap((item) => numbersOf(item, cores.length));
                expect(named, `${id}: ${text}`).toEqual(passed.toSorted((a, b) => a - b));
              }
              const out = / out at the (left|right)/.exec(text)?.[1];
              if (out) expect(Math.sign(at(move.pass.toX)), `${id}: ${text}`).toBe(out === 'left' ? -1 : 1);
              const lies = /to lie as strand (\d+)/.exec(text)?.[1];
              if (lies)
                expect(places((p) => p.toX).indexOf(at(move.pass.toX)) + 1, `${id}: ${text}`).toBe(
                  Number(lies),
                );
            }
          }
        }
      }
    },
  );

  // Written by hand with cord on the table, work hanging, for the row that starts at the left.
  it.each([
    ['solomon-bar', ['left end O O', 'right end O U U U O']],
    ['solomon-bar-3', ['left end O O O', 'right end O U U U U O']],
    // Drawn, its rows from the right go over the outer cores; those from the left are the opposite.
    ['ladder-3', ['working end U O U']],
    ['ladder-4', ['working end O U O U']],
    ['fishtail', ['left end O U O U']],
    ['hitch-bar', ['left end O U O']],
    ['flat-braid-3', ['strand 1 O']],
    ['flat-braid-5', ['strand 1 O O']],
  ])('%s is told as a maker ties it', (id, expected) => {
    const pattern = findPattern(id)!;
    const spec = pattern.draw();
    const frame = frameFor(spec, { start: 'left', hand: 'right' }, pattern.tiedIn);
    const moves = movesOf(spec, frame, pattern.tiedIn)!.row(0);
    const words = rowText(moves).map((text) => {
      const told = parseMove(text, moves);
      return told.ok ? `${told.value.end} ${[...told.value.word].join(' ')}` : text;
    });
    expect(words).toEqual(expected);
  });

  it('says the two ends of a Solomon bar in plain words', () => {
    const spec = findPattern('solomon-bar')!.draw();
    const row = movesOf(spec, frameFor(spec, { start: 'left', hand: 'right' }))!.row(0);
    expect(rowText(row)).toEqual([
      'Left end: over both cores, out at the right.',
      'Right end: over the left end, then under both cores and the left end, then over the left end (up through its loop), out at the left.',
    ]);
  });

  it('says a move shortly as hands think of it: behind the cores, up through the loop', () => {
    const shortly = (id: string) => {
      const pattern = findPattern(id)!;
      const spec = pattern.draw();
      const frame = frameFor(spec, { start: 'left', hand: 'right' }, pattern.tiedIn);
      return shortRowText(movesOf(spec, frame, pattern.tiedIn)!.row(0));
    };
    expect(shortly('solomon-bar')).toEqual([
      'Left end: over both cores, out at the right.',
      'Right end: over the left end, behind both cores, up through the left loop.',
    ]);
    expect(shortly('hitch-bar')[0]).toContain('up through its own loop');
    expect(shortly('flat-braid-3')[0]).toMatch(/^Strand 1: over strand 2, to lie as strand 2\.$/);
  });

  it('refuses sentences that are none', () => {
    for (const text of [
      'over both cores',
      'Left end: beside both cores.',
      'Left end: over the moon.',
      'Left end: over all 4 cores.',
      'Left end: .',
    ])
      expect(parseMove(text, { cores: 2 }).ok, text).toBe(false);
  });
});

describe('the maker’s side', () => {
  it.each(TIED.map((w) => w.id))('%s starts from the side that is asked for, for either hand', (id) => {
    const pattern = findPattern(id)!;
    const spec = pattern.draw();
    const sides = new Set(
      (['left', 'right'] as const).flatMap((start) =>
        (['left', 'right'] as const).map((hand) => {
          const frame = frameFor(spec, { start, hand }, pattern.tiedIn);
          const from = movesOf(spec, frame, pattern.tiedIn)!.row(0).from;
          return from === start;
        }),
      ),
    );
    // One strand that ties itself has no side of its own, nor has a row in which both sides move.
    const isAlone = spec.strands.length === 1 && spec.strands[0]!.periods === 1;
    if (!isAlone && !pattern.isSideless) expect([...sides]).toEqual([true]);
  });

  it('a left hand ties the mirror image: left and right change places in every sentence', () => {
    for (const { id } of TIED) {
      const spec = findPattern(id)!.draw();
      const [plain, mirrored] = [false, true].map((isMirrored) => movesOf(spec, { isMirrored, offset: 0 })!);
      if (!plain || !mirrored || plain.row(0).ends > 2) continue;
      const swap = (text: string) =>
        text
          .replace(
            /left|right/gi,
            (w) => ({ left: 'right', right: 'left', Left: 'Right', Right: 'Left' })[w]!,
          )
          .replace(/core (\d)/g, (_, n) => `core ${plain.row(0).cores + 1 - Number(n)}`);
      for (let row = 0; row < 2; row++) {
        const letters = (t: string) =>
          parseMove(t, plain.row(row)).ok
            ? (parseMove(t, plain.row(row)) as { value: { word: string } }).value.word
            : '?';
        expect(rowText(mirrored.row(row)).map(letters).sort(), id).toEqual(
          rowText(plain.row(row)).map(swap).map(letters).sort(),
        );
      }
    }
  });

  it('alternating bars change sides with every row, the spiral never does', () => {
    const from = (id: string) => [0, 1, 2, 3].map((r) => movesOf(findPattern(id)!.draw())!.row(r).from);
    expect(new Set(from('spiral-bar')).size).toBe(1);
    for (const id of ['solomon-bar', 'ladder-4', 'fishtail', 'flat-braid-4', 'hitch-bar']) {
      const sides = from(id);
      expect(sides[0], id).not.toBe(sides[1]);
      expect(sides[0], id).toBe(sides[2]);
    }
  });
});

describe('the picture of a row', () => {
  it.each(TIED.map((w) => w.id))('%s: what the words call over is painted on top', (id) => {
    const pattern = findPattern(id)!;
    const spec = pattern.draw();
    // Every passage has a number of its own, so that two of one strand are told apart.
    const numbers = new Map<string, number>();
    const cordOf = (strand: string, lane: number) => {
      const key = `${strand}/${lane}`;
      if (!numbers.has(key)) numbers.set(key, numbers.size);
      return numbers.get(key)!;
    };
    const looks = Array.from({ length: 24 }, (_, i) => PALETTE[i % PALETTE.length]!);
    const tying = movesOf(
      spec,
      frameFor(spec, { start: 'left', hand: 'right' }, pattern.tiedIn),
      pattern.tiedIn,
    )!;
    let seen = 0;
    for (let row = 0; row < spec.rows; row++) {
      const moves = tying.row(row);
      const { scene } = rowPicture({ tying, row, done: moves.moves.length, cordOf, looks, diameterMm: 4 });
      for (const move of moves.moves) {
        for (const leg of move.legs) {
          for (const v of leg.visits) {
            const other = spec.strands[v.other.strand]!;
            const mine = cordOf(spec.strands[move.pass.strand]!.name, move.pass.lane);
            const theirs = cordOf(other.name, v.other.lane);
            if (mine === theirs || v.other.rowsBack < 0) continue;
            const [x, y] = at(spec, tying, move.pass, v.at);
            const top = topAt(scene.shapes, [mine, theirs], x * 4, y * 4);
            const expected = leg.isOver ? mine : theirs;
            expect(top, `${id}, row ${row + 1}, ${x.toFixed(1)},${y.toFixed(1)}`).toBe(expected);
            seen++;
          }
        }
      }
    }
    if (id !== 'chain-sinnet' && id !== 'hitch-bar') expect(seen).toBeGreaterThan(1);
  });

  it('a second pass goes over the first, which lies there finished; the first knows nothing of it', () => {
    const { draw, tiedIn } = findPattern('double-bar')!;
    const strands = (pass: number) => {
      const tying = movesOf(draw(), { isMirrored: false, offset: 0 }, tiedIn, pass)!;
      const { scene } = rowPicture({
        tying,
        row: 3,
        done: 2,
        cordOf: () => 0,
        looks: PALETTE,
        diameterMm: 4,
      });
      return [...new Set(scene.shapes.flatMap((s) => s.strand ?? []))].sort();
    };
    expect(strands(0)).toEqual(['A', 'B', 'C1', 'C2']);
    expect(strands(1)).toEqual(['A', 'A2', 'B', 'B2', 'C1', 'C2']);
  });

  it('plays: an end’s line grows along its own way, and at the end is the still', () => {
    const spec = findPattern('fishtail')!.draw();
    const tying = movesOf(spec)!;
    const outline = (done: number) =>
      rowPicture({ tying, row: 3, done, cordOf: (_, lane) => lane, looks: PALETTE, diameterMm: 4 }).scene;
    const strand = spec.strands[tying.row(3).moves[0]!.pass.strand]!.name;
    const ink = (done: number) =>
      outline(done)
        .shapes.filter((s) => s.strand === strand && s.part === 'outline')
        .reduce((sum, s) => sum + lengthOf(s.d), 0);
    const grown = [0, 0.25, 0.5, 0.75, 1].map(ink);
    for (let i = 1; i < grown.length; i++) expect(grown[i]!).toBeGreaterThan(grown[i - 1]! - 1);
    expect(grown[4]! - grown[0]!).toBeGreaterThan(10);
    // No jump to the still: less than the cord is thick.
    expect(Math.abs(ink(0.999999) - grown[4]!)).toBeLessThan(4);
  });

  it('leads an end only once it has moved', () => {
    const spec = findPattern('solomon-bar')!.draw();
    const tying = movesOf(spec)!;
    const shapes = (done: number) =>
      rowPicture({ tying, row: 3, done, cordOf: () => 0, looks: PALETTE, diameterMm: 4 }).scene.shapes;
    const ink = (name: string, done: number) =>
      shapes(done)
        .filter((s) => s.strand === name && s.part === 'outline')
        .reduce((sum, s) => sum + lengthOf(s.d), 0);
    const [first, second] = tying.row(3).moves.map((m) => spec.strands[m.pass.strand]!.name) as [
      string,
      string,
    ];
    expect(ink(first, 1)).toBeGreaterThan(ink(first, 0) * 1.2);
    expect(ink(second, 1)).toBeCloseTo(ink(second, 0), 1);
    expect(ink(second, 2)).toBeGreaterThan(ink(second, 1) * 1.2);
  });
});

/** A place of a passage on the picture, in cord diameters. */
function at(
  spec: WeaveSpec,
  tying: TyingOrder,
  pass: { strand: number; rowY: number },
  arc: number,
): [number, number] {
  const strand = spec.strands[pass.strand]!;
  const path = [
    ...strand.path.map(([x, y]) => [x, y] as const),
    [strand.path[0]![0], strand.path[0]![1] + strand.periods * spec.period] as const,
  ];
  const edges = path.length - 1;
  const turn = Math.floor(arc / edges);
  const [x, y] = pointAt(path, arc - turn * edges);
  return [shownX(tying.frame, x), y + turn * strand.periods * spec.period - pass.rowY];
}

const coordinates = (d: string): [number, number][] =>
  [...d.matchAll(/(-?\d+) (-?\d+)/g)].map((m) => [Number(m[1]) / PER_MM, Number(m[2]) / PER_MM]);

const lengthOf = (d: string): number =>
  d.split('M').reduce((sum, part) => {
    const p = coordinates(part);
    return sum + p.slice(1).reduce((s, q, i) => s + Math.hypot(q[0] - p[i]![0], q[1] - p[i]![1]), 0);
  }, 0);

/** Which of two cords was painted last over a place; a third of a cord about it counts. */
function topAt(
  shapes: readonly { readonly d: string; readonly cord?: number; readonly part?: string }[],
  cords: readonly number[],
  x: number,
  y: number,
) {
  const near = (d: string) =>
    d.split('M').some((part) => {
      const p = coordinates(part);
      return p.slice(1).some((q, i) => distance(p[i]!, q, x, y) < 1.3);
    });
  return (
    shapes.findLast((s) => s.part === 'outline' && cords.includes(s.cord! % 24) && near(s.d))!.cord! % 24
  );
}

function distance(a: [number, number], b: [number, number], x: number, y: number): number {
  const [ux, uy] = [b[0] - a[0], b[1] - a[1]];
  const t = Math.max(0, Math.min(1, ((x - a[0]) * ux + (y - a[1]) * uy) / (ux * ux + uy * uy || 1)));
  return Math.hypot(a[0] + t * ux - x, a[1] + t * uy - y);
}

describe('a weave begun at another row of its diagram', () => {
  it.each(TIED.map((w) => w.id))('%s: is tied from there on, row for row', (id) => {
    const spec = findPattern(id)!.draw();
    const usual = movesOf(spec, { isMirrored: false, offset: 0 });
    if (!usual) return;
    for (const offset of [1, 2, 3]) {
      const later = movesOf(spec, { isMirrored: false, offset })!;
      for (let row = 0; row < usual.rows; row++)
        expect(rowText(later.row(row)), `${offset} rows on, row ${row}`).toEqual(
          rowText(usual.row(row + offset)),
        );
    }
  });
});
