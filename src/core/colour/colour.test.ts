import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { findPattern, loadWeave } from '../patterns/index.ts';
import type { SolvedWeave } from '../patterns/types.ts';
import { findCrossings } from '../weave/crossings.ts';
import { difference, HARD_TO_TELL, hardToTell, seen } from './apart.ts';
import { countUpTo, countUsingAll, distinct, gallery, restrict } from './arrangements.ts';
import { barOrder } from './barOrder.ts';
import { centre, digits, morse } from './codes.ts';
import { faceShares } from './faces.ts';
import { lanesOfWeave } from './lanes.ts';
import { findColour, PALETTE } from './palette.ts';
import { formatSequence, type Item, layOnRows, parseSequence } from './sequence.ts';
import { groupOf, symmetries } from './symmetry.ts';

const load = async (id: string): Promise<SolvedWeave> => (await loadWeave(id))!;

/** Who lies over whom on the front, over the first period, from tying each weave by hand. */
const OVER: readonly { readonly weave: string; readonly over: readonly (readonly [string, string])[] }[] = [
  // A goes over both cores in every row, B under both; each catches the other once a row at either edge.
  {
    weave: 'solomon-bar',
    over: [
      ['A', 'C1'],
      ['A', 'C2'],
      ['C1', 'B'],
      ['C2', 'B'],
    ],
  },
  {
    weave: 'solomon-bar-3',
    over: [
      ['A', 'C1'],
      ['A', 'C2'],
      ['A', 'C3'],
      ['C1', 'B'],
      ['C2', 'B'],
      ['C3', 'B'],
    ],
  },
  {
    weave: 'solomon-bar-4',
    over: [
      ['A', 'C1'],
      ['A', 'C4'],
      ['C1', 'B'],
      ['C4', 'B'],
    ],
  },
  {
    weave: 'slider-bar',
    over: [
      ['A', 'C1'],
      ['C1', 'B'],
    ],
  },
  // One end, odd cores: over the first, under the second, over the third, and the next row the opposite way.
  {
    weave: 'ladder-3',
    over: [
      ['W', 'C1'],
      ['C1', 'W'],
      ['W', 'C2'],
      ['C2', 'W'],
      ['W', 'C3'],
      ['C3', 'W'],
    ],
  },
  {
    weave: 'ladder-5',
    over: [
      ['W', 'C1'],
      ['C1', 'W'],
      ['W', 'C5'],
      ['C5', 'W'],
    ],
  },
  // Both ends go over one core of each pair and under the other, in the same row.
  {
    weave: 'ladder-two-4',
    over: [
      ['W', 'C1'],
      ['C1', 'W'],
      ['W', 'C4'],
      ['C4', 'W'],
    ],
  },
  // Each end goes over its own core and under the other's on its figure of eight, and back over and under.
  {
    weave: 'fishtail',
    over: [
      ['L', 'C1'],
      ['C1', 'L'],
      ['L', 'C2'],
      ['C2', 'L'],
      ['R', 'C2'],
      ['C2', 'R'],
    ],
  },
  // Strands half-hitch round each other by turns: each lies over the other somewhere.
  {
    weave: 'hitch-bar',
    over: [
      ['A', 'B'],
      ['B', 'A'],
    ],
  },
  // The second pair lies outside the first bar: over it in front, under it behind.
  {
    weave: 'double-bar',
    over: [
      ['A2', 'A'],
      ['B', 'B2'],
    ],
  },
];

/** Never so, whatever the row. */
const NEVER: readonly { readonly weave: string; readonly over: readonly (readonly [string, string])[] }[] = [
  {
    weave: 'solomon-bar',
    over: [
      ['C1', 'A'],
      ['C2', 'A'],
      ['B', 'C1'],
      ['B', 'C2'],
    ],
  },
  {
    weave: 'solomon-bar-3',
    over: [
      ['C2', 'A'],
      ['B', 'C2'],
    ],
  },
  { weave: 'double-bar', over: [['A', 'A2']] },
];

describe('which strand is on top at each crossing', () => {
  const pairs = (id: string) => {
    const spec = findPattern(id)!.draw();
    const found = findCrossings(spec);
    if (!found.ok) throw new Error(id);
    return new Set(
      found.value.map((c) => `${spec.strands[c.over.strand]!.name}>${spec.strands[c.under.strand]!.name}`),
    );
  };

  it.each(OVER)('$weave, as tied by hand', ({ weave, over }) => {
    const seen = pairs(weave);
    for (const [a, b] of over) expect(seen.has(`${a}>${b}`), `${a} over ${b}`).toBe(true);
  });

  it.each(NEVER)('$weave never has it the other way', ({ weave, over }) => {
    const seen = pairs(weave);
    for (const [a, b] of over) expect(seen.has(`${a}>${b}`), `${a} over ${b}`).toBe(false);
  });

  it('shows on the faces of the tight weave, too: what lies over in front makes the front', async () => {
    const table: readonly (readonly [string, string, string])[] = [
      ['solomon-bar', 'A', 'B'],
      ['solomon-bar-3', 'A', 'B'],
      ['solomon-bar-4', 'A', 'B'],
      ['slider-bar', 'A', 'B'],
      ['double-bar', 'A2', 'B2'],
    ];
    for (const [id, front, back] of table) {
      const solved = await load(id);
      const along = (face: 'front' | 'back') => faceShares(solved, face).along;
      expect(along('front'), id).toContain(front);
      expect(along('front'), id).not.toContain(back);
      expect(along('back'), id).toContain(back);
      expect(along('back'), id).not.toContain(front);
    }
  });

  it('makes bumps at the edges by turns: both strands of a bar on either edge, one strand’s passages of a ladder', async () => {
    for (const id of ['solomon-bar', 'solomon-bar-4', 'fishtail', 'hitch-bar']) {
      const solved = await load(id);
      const [left, right] = (['left', 'right'] as const).map((f) => faceShares(solved, f).shares);
      for (const s of solved.strands.filter((x) => x.role !== 'core'))
        expect(left![s.name]! + right![s.name]!, `${id} ${s.name}`).toBeGreaterThan(0.3);
    }
  });
});

describe('a weave’s own symmetry', () => {
  it('of a Solomon bar: turned over its ends change places, and end for end its cores do (worked out by hand)', async () => {
    const solved = await load('solomon-bar');
    const lanes = lanesOfWeave(solved).map((l) => l.key);
    const turn = (name: string) =>
      symmetries(solved)
        .find((s) => s.turn === name)!
        .to.map((i) => lanes[i]);
    expect(turn('none')).toEqual(['C1/0', 'C2/0', 'A/0', 'B/0']);
    expect(turn('about its length')).toEqual(['C2/0', 'C1/0', 'B/0', 'A/0']);
    expect(turn('about its width')).toEqual(['C1/0', 'C2/0', 'B/0', 'A/0']);
    expect(turn('about the eye’s axis')).toEqual(['C2/0', 'C1/0', 'A/0', 'B/0']);
  });

  it.each([3, 4, 5])(
    'of a flat braid of %d is that of a necklace: %d turns and as many turned over',
    async (n) => {
      const solved = await load(`flat-braid-${n}`);
      expect(groupOf(symmetries(solved), solved)).toHaveLength(2 * n);
    },
  );

  it('is a group: one way after another is a way, and each can be undone', async () => {
    for (const id of ['solomon-bar', 'wide-bar-2', 'flat-braid-4', 'ladder-two-4']) {
      const solved = await load(id);
      const group = groupOf(symmetries(solved), solved);
      const keys = new Set(group.map((g) => g.join()));
      for (const g of group)
        for (const h of group) expect(keys.has(g.map((i) => h[i]!).join()), id).toBe(true);
    }
  });
});

describe('arrangements', () => {
  const cyclic = (n: number) =>
    Array.from({ length: n }, (_, k) => Array.from({ length: n }, (_, i) => (i + k) % n));
  const dihedral = (n: number) => cyclic(n).flatMap((g) => [g, g.map((_, i) => g[n - 1 - i]!)]);

  it.each([
    // Necklaces and bracelets of n beads in up to k colours: published counts.
    ['necklaces of 4 in 2', cyclic(4), 2, 6],
    ['necklaces of 6 in 2', cyclic(6), 2, 14],
    ['bracelets of 4 in 3', dihedral(4), 3, 21],
    ['bracelets of 5 in 3', dihedral(5), 3, 39],
    ['bracelets of 6 in 2', dihedral(6), 2, 13],
  ] as const)('%s', (_name, group, k, count) => {
    expect(countUpTo(group, k)).toBeCloseTo(count, 9);
  });

  it('are listed exactly as often as Burnside’s lemma counts them, for any group and cords', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 6 }),
        fc.integer({ min: 1, max: 3 }),
        fc.boolean(),
        (n, k, turns) => {
          const group = turns ? dihedral(n) : cyclic(n);
          expect(distinct(group, n, k, 10_000)).toHaveLength(countUsingAll(group, k));
        },
      ),
    );
  });

  it('of every weave are as many as a search by brute force finds', async () => {
    for (const [id, k] of [
      ['flat-braid-4', 2],
      ['flat-braid-4', 3],
      ['wide-bar-2', 2],
      ['double-bar', 3],
    ] as const) {
      const solved = await load(id);
      const lanes = lanesOfWeave(solved);
      const works = lanes.flatMap((l, i) => (l.isCore ? [] : [i]));
      const group = restrict(groupOf(symmetries(solved), solved), works);
      const seen = new Set<string>();
      let kinds = 0;
      for (let code = 0; code < k ** works.length; code++) {
        const a = Array.from({ length: works.length }, (_, i) => Math.floor(code / k ** i) % k);
        if (new Set(a).size < k || seen.has(a.join())) continue;
        kinds++;
        for (const g of group) seen.add(g.map((i) => a[i]!).join());
      }
      const found = gallery(solved, PALETTE.slice(0, k));
      expect(found.items, id).toHaveLength(kinds);
      expect(found.total, id).toBeCloseTo(kinds, 9);
    }
  });

  it('show shares that add up on every face, and twice as much of a cord that is twice there', async () => {
    const found = gallery(await load('flat-braid-4'), PALETTE.slice(0, 3));
    for (const item of found.items) {
      for (const shares of Object.values(item.shares))
        expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 6);
      expect([...item.shares.front].sort()[2]! / [...item.shares.front].sort()[0]!).toBeCloseTo(2, 6);
    }
  });

  it('leave the cores to the last cord, where they are not part of it', async () => {
    const bar = await load('solomon-bar-3');
    for (const k of [1, 2, 3]) {
      const found = gallery(bar, PALETTE.slice(0, k));
      // Two working ends: a third cord is used by none of them.
      const used = Math.min(k, 2);
      for (const { strands } of found.items)
        expect(['C1/0', 'C2/0', 'C3/0'].map((key) => strands[key])).toEqual([used - 1, used - 1, used - 1]);
    }
  });

  it('are hitched from left to right: a bar’s ends outside its cores', async () => {
    const order = barOrder(await load('ladder-4')).map((p) => p.key);
    expect(order.filter((k) => k.startsWith('C'))).toEqual(['C1/0', 'C2/0', 'C3/0', 'C4/0']);
  });
});

describe('a colour sequence', () => {
  const items: fc.Arbitrary<Item> = fc.letrec<{ item: Item }>((tie) => ({
    item: fc.oneof(
      { depthSize: 'small', maxDepth: 3 },
      fc.record({
        count: fc.integer({ min: 1, max: 40 }),
        unit: fc.constantFrom('rows' as const, 'mm' as const),
        cord: fc.integer({ min: 0, max: 2 }),
      }),
      fc.record({
        items: fc.array(tie('item') as fc.Arbitrary<Item>, { minLength: 1, maxLength: 3 }),
        times: fc.option(fc.integer({ min: 1, max: 5 }), { nil: undefined }),
      }),
    ) as fc.Arbitrary<Item>,
  })).item;

  it('is written and read back the same', () => {
    fc.assert(
      fc.property(fc.array(items, { minLength: 1, maxLength: 5 }), (list) => {
        const text = formatSequence(list);
        expect(parseSequence(text, 3)).toEqual({ ok: true, value: list });
      }),
    );
  });

  it.each([
    ['6A 2B 6A', 14, 'AAAAAABBAAAAAA'],
    ['(3A 1B)*', 10, 'AAABAAABAA'],
    ['(2A 1B)*2 A', 8, 'AABAABAA'],
    ['2a3b', 5, 'AABBB'],
    ['20mmA 10mmB', 6, 'AAAABB'],
    ['9A', 4, 'AAAA'],
  ])('%s on %d rows of 5 mm', (text, rows, colours) => {
    const read = parseSequence(text, 2);
    if (!read.ok) throw new Error(read.issues[0]!.message);
    const { stretches } = layOnRows(read.value, rows, 5);
    expect(stretches.map((s) => 'AB'[s.cord]!.repeat(s.to - s.from)).join('')).toBe(colours);
  });

  it('is of one row where no number is said', () => {
    expect(parseSequence('A 3B', 2)).toEqual({
      ok: true,
      value: [
        { count: 1, unit: 'rows', cord: 0 },
        { count: 3, unit: 'rows', cord: 1 },
      ],
    });
  });

  it('has counts up to 2000, and brackets up to six inside each other', () => {
    const isRead = (text: string) => parseSequence(text, 2).ok;
    const inside = (n: number) => `${'('.repeat(n)}1A${')'.repeat(n)}`;
    expect([isRead('2000A'), isRead('2001A'), isRead('0A'), isRead('0.5mmA')]).toEqual([
      true,
      false,
      false,
      true,
    ]);
    expect([isRead(inside(6)), isRead(inside(7))]).toEqual([true, false]);
    expect([isRead('(1A)*2000'), isRead('(1A)*2001')]).toEqual([true, false]);
  });

  it('covers every row once, whatever is asked', () => {
    fc.assert(
      fc.property(
        fc.array(items, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 1, max: 80 }),
        (list, rows) => {
          const { stretches } = layOnRows(list, rows, 5);
          if (stretches.length === 0) return;
          expect(stretches[0]!.from).toBe(0);
          expect(stretches.at(-1)!.to).toBe(rows);
          for (let i = 1; i < stretches.length; i++) {
            expect(stretches[i]!.from).toBe(stretches[i - 1]!.to);
            expect(stretches[i]!.cord).not.toBe(stretches[i - 1]!.cord);
          }
        },
      ),
    );
  });

  it.each([
    ['6C', [1, 2], /no cord C/],
    ['6', [0, 1], /letter should come next/],
    ['(3A 1B', [0, 1], /not closed/],
    ['3A)', [2, 3], /not opened/],
    ['()*', [1, 2], /empty/],
    ['2.5A', [0, 3], /whole/],
    ['0A', [0, 1], /between 1 and/],
    ['6A ! 2B', [3, 4], /means nothing/],
    ['', [0, 0], /how many rows/],
  ] as const)('%j is refused at its place', (text, span, message) => {
    const read = parseSequence(text, 2);
    expect(read.ok).toBe(false);
    if (read.ok) return;
    expect(read.issues[0]!.span).toEqual(span);
    expect(read.issues[0]!.message).toMatch(message);
  });

  it('never throws on any text', () => {
    fc.assert(fc.property(fc.string(), (text) => void parseSequence(text, 2)));
  });

  it('spells a word in Morse: dots of one row, dashes of three, one, three and seven rows between', () => {
    expect(morse('SOS')).toEqual({ ok: true, value: '1B 1A 1B 1A 1B 3A 3B 1A 3B 1A 3B 3A 1B 1A 1B 1A 1B' });
    expect(morse('e t')).toEqual({ ok: true, value: '1B 7A 3B' });
    expect(morse('Ø').ok).toBe(false);
  });

  it('spells a date in bumps, ten for a nought', () => {
    expect(digits('3.10')).toEqual({ ok: true, value: '3B 2A 1B 2A 10B' });
    expect(digits('dawn').ok).toBe(false);
    expect(centre('4B', 4, 11)).toBe('3A 4B 4A');
  });
});

describe('how others see a colour', () => {
  // Machado, Oliveira and Fernandes 2009, table for severity 1.0, first and second columns: pure red and pure green.
  it.each([
    ['protanopia', [0.152286, 0.114503, 0], [1, 0.786281, 0]],
    ['deuteranopia', [0.367322, 0.280085, 0], [0.860646, 0.672501, 0.04294]],
    ['tritanopia', [1, 0, 0.004733], [0, 0.930809, 0.691367]],
  ] as const)(
    '%s turns red and green into the published mixtures, as far as a screen can show them',
    (sight, red, green) => {
      for (const [i, value] of seen([1, 0, 0], sight).entries()) expect(value).toBeCloseTo(red[i]!, 6);
      for (const [i, value] of seen([0, 1, 0], sight).entries()) expect(value).toBeCloseTo(green[i]!, 6);
    },
  );

  it('leaves greys grey, for everyone: the rows of every matrix add up to one', () => {
    for (const sight of ['protanopia', 'deuteranopia', 'tritanopia'] as const)
      for (const value of seen([0.4, 0.4, 0.4], sight)) expect(value).toBeCloseTo(0.4, 5);
  });

  it('in dim light has half the lightness left, and no hue', () => {
    expect(difference('#000000', '#ffffff', 'dim light')).toBeCloseTo(50, 1);
    const [red, grey] = ['#ff0000', '#7f7f7f'];
    expect(difference(red, grey, 'dim light')).toBeLessThan(2);
    expect(difference(red, grey)).toBeGreaterThan(60);
  });
});

describe('telling cords apart', () => {
  let dusk: NonNullable<ReturnType<typeof findColour>>;
  beforeAll(() => {
    dusk = findColour('dusk')!;
  });

  it('finds black and white a hundred apart in lightness, and a colour no distance from itself', () => {
    expect(difference('#000000', '#ffffff')).toBeCloseTo(100, 1);
    expect(difference('#3f5fae', '#3f5fae')).toBe(0);
  });

  it('finds the red and green that many cannot tell apart near each other for them, far for others', () => {
    const [red, green] = ['#b3402a', '#6b6a1e'];
    expect(difference(red, green, 'deuteranopia')).toBeLessThan(0.5 * difference(red, green));
    expect(difference(red, green)).toBeGreaterThan(HARD_TO_TELL);
  });

  it('takes fifteen steps for what eyes need, and twice as many of lightness in dim light', () => {
    // Greys differ in lightness alone: L* = 116 · ∛Y − 16, with Y from the sRGB curve.
    const lightness = (v: number) => 116 * Math.cbrt(((v / 255 + 0.055) / 1.055) ** 2.4) - 16;
    const grey = (v: number) => {
      const hex = v.toString(16).padStart(2, '0');
      return { ...dusk, id: `grey-${v}`, base: `#${hex}${hex}${hex}` };
    };
    const from = 110;
    let [usual, dim] = [0, 0];
    for (let v = from + 1; v < 250; v++) {
      const apart = lightness(v) - lightness(from);
      const sights = hardToTell(grey(from), grey(v));
      expect(sights.includes('usual'), `${v}`).toBe(apart < 15);
      expect(sights.includes('dim light'), `${v}`).toBe(apart < 30);
      usual += Math.abs(apart - 15) < 0.5 ? 1 : 0;
      dim += Math.abs(apart - 30) < 0.5 ? 1 : 0;
    }
    // Greys within half a step on either side were among them.
    expect([usual > 1, dim > 1]).toEqual([true, true]);
  });

  it('warns of two solid cords that are alike, and not where a stripe tells them apart', () => {
    const near = { ...dusk, id: 'near', base: '#41629f' };
    expect(hardToTell(dusk, near)).toContain('usual');
    expect(hardToTell(dusk, { ...near, look: 'striped', accents: ['#ffffff'] })).toEqual([]);
    expect(hardToTell(dusk, findColour('pole-white')!)).toEqual([]);
  });
});
