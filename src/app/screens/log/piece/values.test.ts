import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { parseDesign } from '../../../../core/formats/design.ts';
import { makeFromOutside } from '../../../../core/log/outside.ts';
import { LIBRARY_ONLY } from '../../../../core/plan/knowledge.ts';
import { plan } from '../../../../core/plan/plan.ts';
import { changedMake, localDay, valuesOf } from './values.ts';

const design = parseDesign(readFileSync('examples/ines-dome-night.json', 'utf8'));
if (!design.ok) throw new Error('no design');
const planned = plan(design.value, LIBRARY_ONLY);
const made = makeFromOutside(
  {
    id: 'p',
    design: design.value,
    finishedAt: Date.UTC(2026, 9, 3, 18, 30),
    leftMm: [200, 180],
    tieMinutes: 12.4,
    wovenMm: 165,
    lot: 'spring',
    notes: 'stiff',
  },
  LIBRARY_ONLY,
);
if (!planned.ok || !made.ok) throw new Error('no plan');
const [PLAN, MAKE] = [planned.value, made.value];

it('a piece that nothing is changed of stays as it was, to the second', () => {
  expect(changedMake(MAKE, PLAN, valuesOf(MAKE, PLAN))).toEqual(MAKE);
});

it('what is changed is changed, and what is emptied is gone', () => {
  const before = valuesOf(MAKE, PLAN);
  const after = changedMake(MAKE, PLAN, {
    ...before,
    fit: 'tight',
    wovenMm: undefined,
    lot: ' ',
    notes: 'came up tight',
    left: { ...before.left, '0-1': 90 },
    tieMinutes: 20,
    finished: '2026-10-05',
  });
  expect(after).toMatchObject({ fit: 'tight', notes: 'came up tight' });
  expect(after.leftovers.map((l) => l.leftMm)).toEqual([200, 90]);
  expect(after.spent.tie).toBe(1_200_000);
  expect(localDay(after.finishedAt)).toBe('2026-10-05');
  expect('wovenMm' in after || 'lot' in after).toBe(false);
});

it('a day before it was begun takes the beginning along', () => {
  const after = changedMake(MAKE, PLAN, { ...valuesOf(MAKE, PLAN), finished: '2026-09-01' });
  expect(after.startedAt).toBeLessThanOrEqual(after.finishedAt);
});
