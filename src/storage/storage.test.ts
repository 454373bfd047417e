import 'fake-indexeddb/auto';
import { deleteDB, openDB } from 'idb';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { loadWeave } from '../core/patterns/index.ts';
import { DB_NAME, DB_VERSION, openDatabase } from './db.ts';
import { newId } from './ids.ts';
import { readSettings, writeSetting } from './settings.ts';
import { listSwatches, listWeaves, removeSwatch, removeWeave, saveSwatch, saveWeave } from './weaves.ts';

afterEach(() => deleteDB(DB_NAME));

describe('the store', () => {
  it('is taken up from version 1 with every design as it was', async () => {
    const old = await openDB(DB_NAME, 1, {
      upgrade(db) {
        db.createObjectStore('designs', { keyPath: 'id' });
        db.createObjectStore('settings');
      },
    });
    const kept = { id: 'a', revision: 3, updatedAt: 5, name: 'Ines', design: { anything: true } };
    await old.put('designs', kept);
    await old.put('settings', 'imperial', 'units');
    old.close();
    const db = await openDatabase();
    expect((await db.connect()).version).toBe(DB_VERSION);
    expect(await db.get('designs', 'a')).toEqual(kept);
    expect((await readSettings(db)).units).toBe('imperial');
    expect(await listWeaves(db)).toEqual({ good: [], bad: [] });
    db.close();
  });

  it('made by a newer version is refused, not harmed', async () => {
    const newer = await openDB(DB_NAME, DB_VERSION + 1, {
      upgrade: (db) => void db.createObjectStore('designs', { keyPath: 'id' }),
    });
    newer.close();
    await expect(openDatabase()).rejects.toThrow();
    const again = await openDB(DB_NAME);
    expect(again.version).toBe(DB_VERSION + 1);
    again.close();
  });

  it('keeps settings, and falls back where one is spoilt', async () => {
    const db = await openDatabase();
    expect(await readSettings(db)).toEqual({ units: 'metric', lastDesign: undefined, demoSeen: false });
    await writeSetting(db, 'units', 'imperial');
    await writeSetting(db, 'lastDesign', 'b');
    await writeSetting(db, 'demoSeen', true);
    expect(await readSettings(db)).toEqual({ units: 'imperial', lastDesign: 'b', demoSeen: true });
    await db.put('settings', { strange: 1 }, 'units');
    expect((await readSettings(db)).units).toBe('metric');
    db.close();
  });

  it('keeps one swatch for each weave and cord', async () => {
    const db = await openDatabase();
    const swatch = { patternId: 'solomon-bar', cordId: 'nylon-4', rows: 20, wovenMm: 118, workUsedMm: 1150 };
    await saveSwatch(db, swatch);
    await saveSwatch(db, { ...swatch, rows: 21 });
    await saveSwatch(db, { ...swatch, cordId: 'nylon-3' });
    expect((await listSwatches(db)).good.map((s) => [s.cordId, s.rows]).sort()).toEqual([
      ['nylon-3', 20],
      ['nylon-4', 21],
    ]);
    await removeSwatch(db, 'solomon-bar', 'nylon-4');
    expect((await listSwatches(db)).good).toHaveLength(1);
    db.close();
  });

  it('keeps a weave of one’s own with its whole shape', async () => {
    const db = await openDatabase();
    const solved = (await loadWeave('hitch-bar'))!;
    await saveWeave(db, { id: 'own-1', name: 'Mine', updatedAt: 1, solved });
    expect((await listWeaves(db)).good[0]!.solved).toEqual(solved);
    await removeWeave(db, 'own-1');
    expect(await listWeaves(db)).toEqual({ good: [], bad: [] });
    db.close();
  });

  it('that never answers is given up on, with words for it', async () => {
    const real = globalThis.indexedDB;
    const silent = { open: () => Reflect.construct(IDBOpenDBRequest, []) };
    vi.stubGlobal('indexedDB', silent);
    await expect(openDatabase(20)).rejects.toThrow('does not answer');
    vi.stubGlobal('indexedDB', real);
  });

  it('shows a spoilt weave as spoilt, keeps the good ones, and refuses to write another', async () => {
    const db = await openDatabase();
    const solved = (await loadWeave('hitch-bar'))!;
    await saveWeave(db, { id: 'own-1', name: 'Mine', updatedAt: 1, solved });
    await db.put('weaves', { id: 'own-2', name: 'Spoilt', updatedAt: 1, solved: null } as never);
    const { good, bad } = await listWeaves(db);
    expect(good.map((w) => w.id)).toEqual(['own-1']);
    expect(bad.map((b) => [b.key, b.issues[0]!.path])).toEqual([['own-2', '/solved']]);
    const short = { ...solved, points: solved.points.slice(1) };
    await expect(
      saveWeave(db, { id: 'own-3', name: 'Short', updatedAt: 1, solved: short }),
    ).rejects.toThrow();
    const uneven = { ...solved, flat: solved.flat!.slice(1) };
    await expect(
      saveWeave(db, { id: 'own-3', name: 'Uneven', updatedAt: 1, solved: uneven }),
    ).rejects.toThrow();
    // Solved before sections were worked out: drawn round, and kept.
    const { flat: _flat, ...round } = solved;
    await saveWeave(db, { id: 'own-4', name: 'Round', updatedAt: 1, solved: round });
    expect((await listWeaves(db)).good.map((w) => w.id).sort()).toEqual(['own-1', 'own-4']);
    db.close();
  });
});

describe('ids', () => {
  it('are random and well formed without randomUUID, too: a page over plain http has none', () => {
    const { getRandomValues } = crypto;
    vi.stubGlobal('crypto', { getRandomValues: getRandomValues.bind(crypto) });
    const ids = Array.from({ length: 200 }, newId);
    vi.unstubAllGlobals();
    expect(new Set(ids).size).toBe(200);
    for (const id of ids)
      expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  });
});
