import type { Database } from './db.ts';

/** Names for colours that the maker writes, and what they mean. */
export type Aliases = Readonly<Record<string, string>>;

const KEY = 'colourAliases';

/** What has been learned so far, in this tab or another; learning that is under way is waited for. */
export const readAliases = async (db: Database): Promise<Aliases> =>
  ((await db.get('settings', KEY)) as Aliases | undefined) ?? {};

/** Remembers what a word means, beside what is learned at the same time. */
export const learnAlias = (db: Database, word: string, colour: string): Promise<void> =>
  db.write(
    ['settings'],
    async (tx) => {
      const store = tx.objectStore('settings');
      const known = ((await store.get(KEY)) as Aliases | undefined) ?? {};
      await store.put({ ...known, [word]: colour }, KEY);
    },
    'relaxed',
  );
