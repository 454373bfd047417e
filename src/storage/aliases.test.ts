import 'fake-indexeddb/auto';
import { deleteDB } from 'idb';
import { afterEach, describe, expect, it } from 'vitest';
import { learnAlias, readAliases } from './aliases.ts';
import { DB_NAME, openDatabase } from './db.ts';

afterEach(() => deleteDB(DB_NAME));

describe('names for colours that the maker writes', () => {
  it('keeps all of those that are learned at once, in two tabs', async () => {
    const [one, other] = [await openDatabase(), await openDatabase()];
    await Promise.all([
      learnAlias(one, 'navy', 'dusk'),
      learnAlias(one, 'chalk', 'pole-white'),
      learnAlias(other, 'rust', 'ember'),
    ]);
    expect(await readAliases(one)).toEqual({ navy: 'dusk', chalk: 'pole-white', rust: 'ember' });
    one.close();
    other.close();
  });

  it('knows a word as soon as it is asked for behind the learning, and its newest meaning', async () => {
    const db = await openDatabase();
    expect(await readAliases(db)).toEqual({});
    void learnAlias(db, 'navy', 'graphite');
    expect(await readAliases(db)).toEqual({ navy: 'graphite' });
    await learnAlias(db, 'navy', 'dusk');
    expect(await readAliases(db)).toEqual({ navy: 'dusk' });
    db.close();
  });
});
