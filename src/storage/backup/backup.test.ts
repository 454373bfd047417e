import 'fake-indexeddb/auto';
import { readdirSync, readFileSync } from 'node:fs';
import { strToU8, zipSync } from 'fflate';
import { deleteDB } from 'idb';
import { afterEach, describe, expect, it } from 'vitest';
import { type Design, parseDesign } from '../../core/formats/design.ts';
import { parseStash } from '../../core/formats/stash.ts';
import { seeded } from '../../core/random.ts';
import { zipped } from '../../workers/inside/zip.ts';
import { crc32 } from '../crc32.ts';
import { type Database, DB_NAME, openDatabase } from '../db.ts';
import { saveDesign } from '../designs.ts';
import { fillLedger, readLedger } from '../stash.ts';
import { type Compared, compareBackup, type Standing } from './compare.ts';
import { readContents } from './contents.ts';
import { KINDS, type RecordKind } from './kinds.ts';
import { type Backup, backupFiles, openBackup } from './pack.ts';
import { bringBack, takeBack } from './restore.ts';

const packed = (...what: Parameters<typeof backupFiles>): Uint8Array => zipped(backupFiles(...what));

afterEach(() => deleteDB(DB_NAME));

const designs = readdirSync('examples')
  .filter((n) => n.endsWith('.json'))
  .flatMap((name): Design[] => {
    const read = parseDesign(readFileSync(`examples/${name}`, 'utf8'));
    return read.ok ? [read.value] : [];
  });
const ALL = new Set(KINDS.map((r) => r.id));
/** The stall’s own ledger, as it was written. */
const LEDGER = (() => {
  const read = parseStash(readFileSync('examples/stash/observatory.json', 'utf8'));
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.value;
})();

async function filled(): Promise<Database> {
  const db = await openDatabase();
  for (const [i, d] of designs.slice(0, 3).entries()) await saveDesign(db, `d${i}`, 0, d, 1000 + i);
  await fillLedger(db, LEDGER);
  await db.put('settings', 'imperial', 'units');
  await db.put('settings', 'd1', 'lastDesign');
  return db;
}
const backupOf = async (db: Database): Promise<Backup> => {
  const opened = openBackup(packed(await readContents(db), 5000));
  if (!opened.ok) throw new Error(opened.issues[0]!.message);
  return opened.value;
};
const standings = (compared: readonly Compared[], kind: RecordKind['id']): Record<string, Standing> =>
  Object.fromEntries(
    compared.filter((c) => c.kind.id === kind).flatMap((c) => c.records.map((r) => [r.kept.key, r.standing])),
  );

describe('a backup', () => {
  it('holds every record, and an empty browser has all of them again', async () => {
    const db = await filled();
    const before = await readContents(db);
    const backup = await backupOf(db);
    expect(backup.madeAt).toBe(5000);
    db.close();
    await deleteDB(DB_NAME);
    const fresh = await openDatabase();
    const compared = compareBackup(backup.contents, await readContents(fresh));
    expect(standings(compared, 'designs')).toEqual({ d0: 'missing', d1: 'missing', d2: 'missing' });
    await bringBack(fresh, compared, ALL, false);
    const after = compareBackup((await backupOf(fresh)).contents, before);
    for (const c of after) expect(c.records.every((r) => r.standing === 'same')).toBe(true);
    expect(await fresh.get('settings', 'units')).toBe('imperial');
    // What was open last is this browser’s own affair.
    expect(await fresh.get('settings', 'lastDesign')).toBeUndefined();
    fresh.close();
  });

  it('adds what is missing and newer, leaves what is older, and replaces it only on request', async () => {
    const db = await filled();
    const backup = await backupOf(db);
    const change = async (id: string, name: string, at: number) => {
      const record = (await db.get('designs', id))!;
      await saveDesign(db, id, record.revision, { ...designs[0]!, name }, at);
    };
    await change('d0', 'changed later here', 9000);
    await db.delete('designs', 'd1');
    const record = (await db.get('designs', 'd2'))!;
    await db.put('designs', {
      ...record,
      name: 'old',
      updatedAt: 10,
      design: { ...designs[2]!, name: 'old' },
    });
    const compared = compareBackup(backup.contents, await readContents(db));
    expect(standings(compared, 'designs')).toEqual({ d0: 'older', d1: 'missing', d2: 'newer' });
    const before = await bringBack(db, compared, ALL, false);
    const names = async () =>
      Promise.all(['d0', 'd1', 'd2'].map(async (id) => (await db.get('designs', id))?.name));
    expect(await names()).toEqual(['changed later here', designs[1]!.name, designs[2]!.name]);
    // Undone, everything is as it was.
    await takeBack(db, before);
    expect(await names()).toEqual(['changed later here', undefined, 'old']);
    await bringBack(db, compared, ALL, true);
    expect(await names()).toEqual([designs[0]!.name, designs[1]!.name, designs[2]!.name]);
    // A tab that has it open sees that it was saved since.
    expect((await db.get('designs', 'd0'))!.revision).toBeGreaterThan(2);
    db.close();
  });

  it('brings in only the kinds that were chosen', async () => {
    const db = await filled();
    const backup = await backupOf(db);
    await db.clear('designs');
    await db.delete('settings', 'units');
    const compared = compareBackup(backup.contents, await readContents(db));
    await bringBack(db, compared, new Set(['settings'] as const), false);
    expect(await db.getAll('designs')).toEqual([]);
    expect(await db.get('settings', 'units')).toBe('imperial');
    db.close();
  });

  it('never writes what could not be read back, or what lies under a foreign key', async () => {
    const db = await filled();
    const backup = await backupOf(db);
    const spoilt = new Map(backup.contents);
    const [first, second] = backup.contents.get('designs')!;
    spoilt.set('designs', [
      {
        key: 'bad',
        value: { id: 'bad', name: 'x', updatedAt: 1, revision: 1, design: { format: 'nothing' } },
      },
      { key: 'other', value: first!.value },
      second!,
    ]);
    await db.clear('designs');
    const compared = compareBackup(spoilt, await readContents(db));
    expect(standings(compared, 'designs')).toEqual({ bad: 'unreadable', other: 'unreadable', d1: 'missing' });
    await bringBack(db, compared, ALL, true);
    expect((await db.getAll('designs')).map((d) => d.id)).toEqual(['d1']);
    db.close();
  });

  it('takes a stash as a whole: a ledger that goes on where another ends is the newer one', () => {
    expect(LEDGER.length).toBeGreaterThan(5);
    const kept = (entries: readonly unknown[]) =>
      new Map([['stash' as const, [{ key: 'ledger', value: entries }]]]);
    const of = (there: readonly unknown[], here: readonly unknown[]) =>
      standings(compareBackup(kept(there), kept(here)), 'stash').ledger;
    const short = LEDGER.slice(0, -1);
    expect(of(LEDGER, LEDGER)).toBe('same');
    expect(of(LEDGER, short)).toBe('newer');
    expect(of(short, LEDGER)).toBe('older');
    // Another first entry: two shelves that have nothing in common.
    expect(of(short, LEDGER.slice(1))).toBe('differs');
    expect(of([...LEDGER, { id: 'x', kind: 'nothing' }], LEDGER)).toBe('unreadable');
    expect(standings(compareBackup(kept(LEDGER), new Map()), 'stash').ledger).toBe('missing');
  });

  it('puts a ledger in place of another only where that is wished, and back', async () => {
    const db = await filled();
    const backup = await backupOf(db);
    await db.clear('stash');
    await fillLedger(db, LEDGER.slice(0, 3));
    const compared = compareBackup(backup.contents, await readContents(db));
    expect(standings(compared, 'stash')).toEqual({ ledger: 'newer' });
    await bringBack(db, compared, new Set(['designs'] as const), true);
    expect(await readLedger(db)).toHaveLength(3);
    const before = await bringBack(db, compared, ALL, false);
    expect(await readLedger(db)).toEqual(LEDGER);
    await takeBack(db, before);
    expect(await readLedger(db)).toEqual(LEDGER.slice(0, 3));
    db.close();
  });
});

describe('a damaged backup', () => {
  it('is refused in words, wherever a bit has turned, and never throws', async () => {
    const db = await filled();
    const contents = await readContents(db);
    const file = packed(contents, 5000);
    db.close();
    const uniform = seeded(7);
    let refused = 0;
    for (let n = 0; n < 120; n++) {
      const at = Math.floor(uniform() * file.length);
      const spoilt = file.slice();
      spoilt[at] = spoilt[at]! ^ (1 << Math.floor(8 * uniform()));
      const opened = openBackup(spoilt);
      if (!opened.ok) refused++;
      // A date of the ZIP’s own may turn unnoticed; what it holds never does.
      else for (const [kind, kept] of opened.value.contents) expect(kept).toEqual(contents.get(kind));
    }
    expect(refused).toBeGreaterThan(60);
    expect(openBackup(file.slice(0, file.length / 2)).ok).toBe(false);
    expect(openBackup(new Uint8Array(0)).ok).toBe(false);
  });

  it('says what it is where it is something else', () => {
    const said = (bytes: Uint8Array) => {
      const r = openBackup(bytes);
      return r.ok ? '' : r.issues[0]!.message;
    };
    expect(said(new TextEncoder().encode('{"a":1}'))).toMatch(/no ZIP file, or it is damaged/);
    expect(said(zipSync({ 'photo.txt': new Uint8Array(3) }))).toMatch(
      /no backup of Warp Beam: its list of contents is missing/,
    );
    const list = { format: 'warp-beam/backup', version: 9, madeAt: 1, files: [] };
    expect(said(zipSync({ 'manifest.json': strToU8(JSON.stringify(list)) }))).toMatch(
      /written by a newer Warp Beam/,
    );
    // An empty browser has an empty backup.
    expect(openBackup(packed(new Map(), 1))).toMatchObject({ ok: true, value: { madeAt: 1 } });
  });

  it('has the checksum of ZIP: the published check value of CRC-32', () => {
    // “123456789” → cbf43926.
    expect(crc32(new TextEncoder().encode('123456789'))).toBe('cbf43926');
    expect(crc32(new Uint8Array(0))).toBe('00000000');
  });
});
