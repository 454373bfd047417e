import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { deleteDB } from 'idb';
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { parseRing, type RingDesign } from '../../core/formats/ring.ts';
import { DB_NAME, openDatabase } from '../../storage/db.ts';
import { getRing, listRings, removeRing, restoreRings } from '../../storage/ringList.ts';
import { saveRing } from '../../storage/rings.ts';
import { openRing, reduceRing } from './ring.ts';

beforeAll(() => {
  vi.stubGlobal('window', { addEventListener: () => undefined, removeEventListener: () => undefined });
});
afterAll(() => vi.unstubAllGlobals());
afterEach(() => deleteDB(DB_NAME));

const example = (): RingDesign => {
  const read = parseRing(readFileSync('examples/rings/ines-dome-slip-ring.json', 'utf8'));
  if (!read.ok) throw new Error('example');
  return read.value;
};

describe('changes to a ring', () => {
  it('begin the laying again where the steps are other ones, and leave it where only looks change', () => {
    const ring = example();
    expect(ring.laid).toBe(86);
    const laidAfter = (patch: object) => reduceRing(ring, { type: 'set', patch }).laid;
    expect(laidAfter({ bights: 17 })).toBe(0);
    expect(laidAfter({ first: 'U' })).toBe(0);
    expect(laidAfter({ lanes: [0, 0, 1] })).toBe(0);
    expect(laidAfter({ cord: 'nylon-3' })).toBe(86);
    expect(laidAfter({ cords: [{ colour: 'ember' }, { colour: 'sodium' }] })).toBe(86);
    // A ring in hand counts as tied so far.
    expect(laidAfter({ leads: 9, laid: 10 })).toBe(10);
  });

  it('forget the pin where the ring begins when that is gone', () => {
    const late = reduceRing(example(), { type: 'set', patch: { startAt: 12 } });
    expect(late.startAt).toBe(12);
    expect(reduceRing(late, { type: 'set', patch: { bights: 13 } }).startAt).toBe(12);
    expect(reduceRing(late, { type: 'set', patch: { bights: 11 } }).startAt).toBeUndefined();
  });

  it('take an option away where it is set to nothing', () => {
    const wide = reduceRing(example(), { type: 'set', patch: { widthMm: 30 } });
    expect(wide.widthMm).toBe(30);
    expect('widthMm' in reduceRing(wide, { type: 'set', patch: { widthMm: undefined } })).toBe(false);
  });
});

describe('a kept ring', () => {
  it('is saved step by step, undone, and opened again where it was left', async () => {
    const db = await openDatabase();
    await saveRing(db, 'r', 0, example(), 1);
    const opened = await openRing(db, 'r');
    if (!opened.ok) throw new Error('open');
    opened.bench.dispatch({ type: 'lay', laid: 87 });
    opened.bench.dispatch({ type: 'lay', laid: 88 });
    opened.bench.undo();
    expect(opened.bench.store.getState().history.present.laid).toBe(87);
    await vi.waitFor(async () => expect(((await getRing(db, 'r'))!.ring as RingDesign).laid).toBe(87), 3000);
    opened.bench.close();
    const again = await openRing(db, 'r');
    expect(again.ok && again.bench.store.getState().history.present.laid).toBe(87);
    if (again.ok) again.bench.close();
    db.close();
  });

  it('is not written where it could not be read back, and comes back when removing is undone', async () => {
    const db = await openDatabase();
    const bad = await saveRing(db, 'r', 0, { ...example(), leads: 1 }, 1);
    expect(bad.kind).toBe('failed');
    await saveRing(db, 'r', 0, example(), 1);
    const removed = await removeRing(db, 'r');
    expect(await listRings(db)).toEqual([]);
    await restoreRings(db, [removed!]);
    expect((await listRings(db)).map((r) => r.name)).toEqual(['Dome slip ring']);
    const gone = await openRing(db, 'nothing');
    expect(gone.ok ? '' : gone.issues[0]!.message).toBe('This ring is not here any more.');
    db.close();
  });
});
