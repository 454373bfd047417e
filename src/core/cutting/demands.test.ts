import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseDesign } from '../formats/design.ts';
import { parseStash } from '../formats/stash.ts';
import { plan } from '../plan/plan.ts';
import { USUAL_STALL } from '../stall/usual.ts';
import { fold } from '../stash/ledger.ts';
import { cordsOf, cutGroups, cuttingOf } from './demands.ts';

const USUAL = cuttingOf(USUAL_STALL);

const planned = (file: string) => {
  const design = parseDesign(readFileSync(`examples/${file}.json`, 'utf8'));
  const made = design.ok ? plan(design.value) : design;
  if (!made.ok) throw new Error(file);
  return made.value;
};
const ledger = parseStash(readFileSync('examples/stash/observatory.json', 'utf8'));
const stash = ledger.ok ? fold(ledger.value) : ledger;
const holdings = stash.ok ? [...stash.value.values()] : [];

describe('cuts of a stall', () => {
  const night = planned('ines-dome-night');
  const groups = cutGroups(
    [
      { id: 'a', name: 'Dome night band', count: 3, cords: cordsOf(night) },
      { id: 'b', name: 'Collar', count: 1, cords: cordsOf(planned('halley-collar')) },
    ],
    holdings,
    USUAL,
  );

  it('are sorted by cord and colour, each piece once and as long as the plan cuts it', () => {
    const ids = groups.flatMap((g) => g.problem.pieces.map((p) => p.id));
    expect(new Set(ids).size).toBe(ids.length);
    for (const cord of night.cords) {
      const group = groups.find((g) => g.cord === cord.cordType && g.colour === cord.look.id)!;
      const mine = group.problem.pieces.filter(
        (p) => p.id.startsWith('a#') && p.id.endsWith(`/${cord.letter}`),
      );
      expect(mine.map((p) => p.lengthMm)).toEqual(Array(3).fill(Math.ceil(cord.cutLengthMm)));
      expect(mine[1]!.label).toBe(`Dome night band 2 · ${cord.letter}`);
    }
  });

  it('come from bars of that cord and colour; what was not taped is held back, and so are packs', () => {
    const dusk = cutGroups([{ id: 'a', name: 'x', count: 1, cords: cordsOf(night) }], holdings, USUAL).find(
      (g) => g.colour === 'dusk',
    )!;
    expect(dusk.problem.bars.map((b) => [b.lengthMm, b.reserveMm, b.isOffcut])).toEqual([
      // A full pack is known to one in a hundred: 1.645 × 150 mm are held back.
      [15_000, 247, false],
      [14_620, 0, false],
    ]);
    expect(dusk.problem.packs[0]).toMatchObject({ lengthMm: 15_000, reserveMm: 247, priceCents: 620 });
    expect(dusk.problem.bars.every((b) => b.lengthMm > 0)).toBe(true);
  });
});
