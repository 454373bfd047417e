import { describe, expect, it } from 'vitest';
import type { Design } from '../../formats/design.gen.ts';
import { plan } from '../../plan/plan.ts';
import { BASE } from '../../plan/testing/onTheEdge.ts';
import type { Plan } from '../../plan/types.ts';
import { whyText } from '../../why/why.ts';
import { rowEvents } from './events.ts';

/** Six rows of A, four of B, then A again, spliced. */
const planned = (changes: Partial<Design> = {}): Plan => {
  const made = plan({ ...BASE, sequence: { text: '6A 4B 19A', way: 'splice' }, ...changes });
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return made.value;
};
const eventsOf = (p: Plan) =>
  rowEvents(p, 0, false, p.bands[0]!.rows, (strand) => `end of ${strand}`).filter((e) =>
    e.id.startsWith('splice-'),
  );

const eventOf = (p: Plan, i: number) => eventsOf(p).find((e) => e.id === `splice-${i + 1}`)!;

describe('a splice while tying', () => {
  const made = planned();

  it('comes before the rows in which the colour changes, the seventh and the eleventh, of one end a row sooner', () => {
    const rows = [...new Set(made.sequence!.splices.map((s) => s.row))].toSorted((a, b) => a - b);
    expect(rows).toEqual([6, 7, 10, 11]);
    // This band is tied from where its cords begin: nothing is turned round.
    expect(made.bands[0]!.firstRow).toBe('start');
    for (const [i, splice] of made.sequence!.splices.entries())
      expect(eventOf(made, i).afterRow).toBe(splice.row - 1);
  });

  it('is counted: two changes in each of two ends', () => {
    const way = made.sequence!.ways.find((w) => w.way === 'splice')!;
    expect(whyText(way.words)).toContain('4 splices');
    expect(made.sequence!.splices).toHaveLength(4);
  });

  it('comes as many rows before the end in a band that grows from its end', () => {
    const [band] = made.bands;
    const turned: Plan = { ...made, bands: [{ ...band!, firstRow: 'end' }] };
    const [first] = made.sequence!.splices;
    // Of so many rows the seventh from the start is the last but six: as many are tied before it as lie beyond it.
    expect(eventOf(turned, 0).afterRow).toBe(band!.rows - first!.row);
  });

  it('names the piece that ends and the one that goes on, and leaves what melts beyond the last row', () => {
    for (const event of eventsOf(made)) {
      const [snip, melt] = event.lines.map((l) => whyText(l));
      expect(snip).toMatch(
        /^The end of [AB] is ([AB]\d?): snip it (\d+|\d+\.\d) mm beyond the last row; \d+ mm of that melt away\.$/,
      );
      expect(melt).toContain('end to end');
      const letter = /is ([AB]\d?):/.exec(snip!)![1]!;
      expect(event.title).toMatch(/^Splice [AB]\d? on$/);
      expect(event.title).not.toContain(` ${letter} `);
    }
  });
});
