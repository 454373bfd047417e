import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { deleteDB } from 'idb';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import type { CordColour } from '../../core/colour/palette.ts';
import { type Design, readDesign } from '../../core/formats/design.ts';
import { LIMITS } from '../../core/formats/limits.gen.ts';
import { type Database, DB_NAME, openDatabase } from '../../storage/db.ts';
import { getDesign, listDesigns, restoreDesigns, saveDesign } from '../../storage/designs.ts';
import { appendUnsaved } from '../../storage/unsaved.ts';
import type { DesignAction } from './actions.ts';
import { type Bench, openBench } from './bench.ts';
import { freeName } from './library.ts';
import { newDesign } from './newDesign.ts';

let db: Database;
beforeAll(() => {
  vi.stubGlobal('window', { addEventListener: () => undefined, removeEventListener: () => undefined });
});
afterAll(() => vi.unstubAllGlobals());
beforeEach(async () => {
  db?.close();
  await deleteDB(DB_NAME);
  db = await openDatabase();
});

const settle = (ms = 30) => new Promise((resolve) => setTimeout(resolve, ms));

async function benchOn(design: Design, id = 'd'): Promise<Bench> {
  await saveDesign(db, id, 0, design, 1);
  const opened = await openBench(db, id);
  if (!opened.ok) throw new Error(opened.issues[0]!.message);
  return opened.bench;
}

/** Waits until the store has this design. */
async function stored(id: string, design: Design): Promise<void> {
  for (let i = 0; i < 200; i++) {
    if (JSON.stringify((await getDesign(db, id))?.design) === JSON.stringify(design)) return;
    await settle(2);
  }
  throw new Error('never saved');
}

const bead = { kind: 'bead', at: { centre: true } } as const;
const look = (id: string, name: string): CordColour => ({
  id,
  name,
  base: '#112233',
  look: 'solid',
  accents: [],
});

const text = fc.string({ maxLength: 200 });
const action: fc.Arbitrary<DesignAction> = fc.oneof(
  fc.record({ type: fc.constant('rename' as const), name: text }),
  fc.record({ type: fc.constant('wearer' as const), name: text }),
  fc.record({
    type: fc.constant('girth' as const),
    mm: fc.oneof(fc.double(), fc.integer({ min: 60, max: 350 })),
  }),
  fc.record({ type: fc.constant('tail' as const), mm: fc.double() }),
  fc.record({ type: fc.constant('look' as const), look: text.map((t) => look(t, t)) }),
  fc.record({
    type: fc.constant('looks' as const),
    looks: fc.array(
      fc.integer().map((n) => look(`own-${n}`, String(n))),
      { maxLength: 30 },
    ),
  }),
  fc.record({ type: fc.constant('addons' as const), addons: fc.array(fc.constant(bead), { maxLength: 60 }) }),
  fc.record({
    type: fc.constant('sequence' as const),
    sequence: fc.integer({ min: 0, max: 900 }).map((n) => ({ text: '1A 1B '.repeat(n) })),
  }),
  fc.record({ type: fc.constant('add-cord' as const), id: text }),
  fc.record({ type: fc.constant('remove-cord' as const), index: fc.nat(8) }),
  fc.record({ type: fc.constant('spacing' as const), spacing: fc.double({ min: -1, max: 2, noNaN: true }) }),
);

describe('what is committed', () => {
  it('opens again, whatever was done, and shows exactly what was on screen', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(action, { minLength: 1, maxLength: 25 }), fc.uuid(), async (actions, id) => {
        const bench = await benchOn(newDesign('Start'), id);
        for (const a of actions) bench.dispatch(a);
        const shown = bench.store.getState().history.present;
        expect(readDesign(shown).ok).toBe(true);
        // Closing saves at once what still rests.
        bench.close();
        await stored(id, shown);
        const again = await openBench(db, id);
        expect(again.ok && again.bench.store.getState().history.present).toEqual(shown);
        if (again.ok) again.bench.close();
      }),
      { numRuns: 60 },
    );
  });

  it.each<[string, DesignAction, RegExp]>([
    [
      'a 41st add-on',
      { type: 'addons', addons: Array.from({ length: 41 }, () => bead) },
      /the add-ons: This can hold at most 40/,
    ],
    [
      'a 21st cord of one’s own',
      { type: 'looks', looks: Array.from({ length: 21 }, (_, i) => look(`own-${i}`, `${i}`)) },
      /your own cords: This can hold at most 20/,
    ],
    [
      'a sequence of 4,200 characters',
      { type: 'sequence', sequence: { text: '1A 1B '.repeat(700) } },
      /at most 4000 characters/,
    ],
    ['a girth that is no number', { type: 'girth', mm: Number.NaN }, /the wearer/],
  ])('is never %s: the design stays as it was and says why', async (_what, tooMuch, message) => {
    const bench = await benchOn(newDesign('Full'));
    const before = bench.store.getState().history;
    bench.dispatch(tooMuch);
    expect(bench.store.getState().history).toBe(before);
    expect(bench.store.getState().refusal).toMatch(message);
    bench.dispatch({ type: 'rename', name: 'Goes on' });
    expect(bench.store.getState().refusal).toBeUndefined();
    bench.close();
  });

  it('is refused by the store itself, too', async () => {
    const outcome = await saveDesign(db, 'x', 0, { ...newDesign('x'), name: 'y'.repeat(121) }, 1);
    expect(outcome).toMatchObject({ kind: 'failed', reason: 'invalid' });
    expect(await listDesigns(db)).toEqual([]);
  });

  it('gives a copy of a long name a name that is not too long, and keeps what tells it apart', () => {
    const long = 'n'.repeat(LIMITS.design['/name']);
    const first = freeName(long, ', copy', [long]);
    const second = freeName(long, ', copy', [long, first]);
    for (const name of [first, second]) expect(name).toHaveLength(LIMITS.design['/name']);
    expect(first.endsWith(', copy')).toBe(true);
    expect(second.endsWith(', copy 2')).toBe(true);
  });
});

describe('a design that cannot be opened', () => {
  it('is handed over as it is stored, with the one before it', async () => {
    const bad = { ...newDesign('Bad'), addons: Array.from({ length: 41 }, () => bead) };
    const record = {
      id: 'bad',
      revision: 7,
      updatedAt: 1,
      name: 'Bad',
      design: bad,
      previous: newDesign('Before'),
    };
    await restoreDesigns(db, [record]);
    const opened = await openBench(db, 'bad');
    expect(!opened.ok && opened.stored).toEqual(record);
  });

  it('every save remembers the design before it', async () => {
    await saveDesign(db, 'p', 0, newDesign('one'), 1);
    await saveDesign(db, 'p', 1, newDesign('two'), 2);
    await saveDesign(db, 'p', 2, newDesign('two'), 3);
    expect((await getDesign(db, 'p'))!.previous).toEqual(newDesign('one'));
  });
});

describe('an edit that a killed browser had only begun to save', () => {
  it('is restored from its own row, and the row goes with the next save', async () => {
    await saveDesign(db, 'k', 0, newDesign('saved'), 1);
    await appendUnsaved(db, 'k', 1, newDesign('typed last'), Date.now());
    const opened = await openBench(db, 'k');
    if (!opened.ok) throw new Error('cannot open');
    expect(opened.bench.store.getState().history.present.name).toBe('typed last');
    opened.bench.close();
    await stored('k', opened.bench.store.getState().history.present);
    expect(await db.getAll('unsaved')).toEqual([]);
  });

  it('is left alone when somebody else has saved since', async () => {
    await saveDesign(db, 'k', 0, newDesign('one'), 1);
    await db.put('unsaved', {
      documentId: 'k',
      tab: 'other',
      revision: 1,
      at: Date.now(),
      document: newDesign('stale'),
    });
    await saveDesign(db, 'k', 1, newDesign('two'), 2);
    const opened = await openBench(db, 'k');
    expect(opened.ok && opened.bench.store.getState().history.present.name).toBe('two');
    if (opened.ok) opened.bench.close();
    // What was left behind is not thrown away: it may be all that the other tab had.
    expect(await db.getAll('unsaved')).toHaveLength(1);
  });
});

describe('an edit that keeps in step with the store', () => {
  const girthOf = (bench: Bench) => bench.store.getState().history.present.wearer.girthMm;
  const step = (bench: Bench) => () => bench.dispatch({ type: 'girth-steps', steps: 1, stepMm: 1 }, 'keys');

  it('waits for the one before it, is not lost when the Bench closes, and comes before what is done after it', async () => {
    await saveDesign(db, 'w', 0, newDesign('one'), 1);
    const opened = await openBench(db, 'w');
    if (!opened.ok) throw new Error('cannot open');
    const { bench } = opened;
    // What opening itself has to clear up is not an edit.
    const from = girthOf(bench);
    bench.inStep(step(bench));
    expect(girthOf(bench)).toBe(from + 1);
    bench.inStep(step(bench));
    expect(girthOf(bench)).toBe(from + 1);
    bench.dispatch({ type: 'rename', name: 'two' });
    expect(girthOf(bench)).toBe(from + 2);
    bench.inStep(step(bench));
    bench.close();
    expect(girthOf(bench)).toBe(from + 3);
    await stored('w', bench.store.getState().history.present);
  });
});

describe('a save', () => {
  it('that was given up on and arrives all the same is known as ours, not as somebody else’s', async () => {
    await saveDesign(db, 's', 0, newDesign('one'), 1);
    expect((await saveDesign(db, 's', 1, newDesign('two'), 2)).kind).toBe('saved');
    const again = await saveDesign(db, 's', 1, newDesign('two'), 3);
    expect(again.kind === 'saved' && again.record.revision).toBe(2);
  });

  it('goes through once the database was closed or deleted under the tab', async () => {
    await saveDesign(db, 'c', 0, newDesign('one'), 1);
    (await db.connect()).close();
    expect((await saveDesign(db, 'c', 1, newDesign('two'), 2)).kind).toBe('saved');
    await deleteDB(DB_NAME);
    expect(await saveDesign(db, 'c', 2, newDesign('three'), 3)).toEqual({
      kind: 'conflict',
      theirs: undefined,
    });
    expect((await saveDesign(db, 'c', 0, newDesign('three'), 4)).kind).toBe('saved');
  });
});
