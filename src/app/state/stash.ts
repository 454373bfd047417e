import { useMemo } from 'react';
import useSWR from 'swr';
import { PALETTE } from '../../core/colour/palette.ts';
import { CORDS } from '../../core/cord/cords.ts';
import type { Issue, Result } from '../../core/result.ts';
import { fold } from '../../core/stash/ledger.ts';
import { parseLine } from '../../core/stash/line.ts';
import type { Entry } from '../../core/stash/types.ts';
import { type Aliases, learnAlias, readAliases } from '../../storage/aliases.ts';
import { newId } from '../../storage/ids.ts';
import { appendEntries, type Beside, fillLedger, readLedger } from '../../storage/stash.ts';
import { demoLedger } from './demoStash.ts';
import { STASH_KEY, useDatabase } from './services.tsx';

/** An entry as it is asked for: its id and date are given when it is written. */
export type Asked = { [K in Entry['what']]: Omit<Extract<Entry, { what: K }>, 'id' | 'at'> }[Entry['what']];

export type { Aliases } from '../../storage/aliases.ts';

const NONE: Aliases = {};

/** The stash: what it holds, its ledger, and a way to write in it. */
export function useStash() {
  const db = useDatabase();
  const { data: entries, mutate } = useSWR(STASH_KEY, () => readLedger(db), {
    revalidateOnFocus: true,
    dedupingInterval: 0,
  });
  const { data: aliases = NONE, mutate: mutateAliases } = useSWR('stash-aliases', () => readAliases(db));
  const folded = useMemo(() => (entries ? fold(entries) : undefined), [entries]);

  /** Writes entries, all or none, with what is kept beside them; what prevents it comes back in words. */
  async function write(asked: readonly Asked[], beside?: Beside): Promise<string | undefined> {
    const now = Date.now();
    return appendAll(
      asked.map((a) => ({ ...a, id: newId(), at: now }) as Entry),
      beside,
    );
  }

  /** Writes entries as they are, with their own ids and dates: a ledger that comes in. All or none. */
  async function appendAll(fresh: readonly Entry[], beside?: Beside): Promise<string | undefined> {
    const done = await appendEntries(db, fresh, beside).catch(
      (error: Error): Result<never> => ({
        ok: false,
        issues: [{ code: 'storage', path: '', message: `It could not be saved: ${error.message}` }],
      }),
    );
    await mutate();
    return done.ok ? undefined : done.issues[0]!.message;
  }

  return {
    append: appendAll,
    entries: entries ?? [],
    isReady: entries !== undefined,
    folded,
    aliases,
    write,
    /** Adds what a typed line says; a colour that was named a moment ago is known. */
    add: async (line: string): Promise<Issue | undefined> => {
      const read = parseLine(line, { colours: PALETTE, cords: CORDS, aliases: await readAliases(db) });
      if (!read.ok) return read.issues[0];
      const { count, lot, amount, known } = read.value;
      const trouble = await write(
        Array.from({ length: count }, () => ({
          what: 'add' as const,
          lot: { ...lot, id: newId() },
          amount,
          known,
        })),
      );
      return trouble === undefined ? undefined : { code: 'stash', path: '', message: trouble };
    },
    loadDemo: async (): Promise<void> => {
      await fillLedger(db, demoLedger());
      await mutate();
    },
    /** Remembers what a word for a colour means. */
    learn: async (word: string, colour: string): Promise<void> => {
      await learnAlias(db, word, colour);
      await mutateAliases();
    },
  };
}

export type StashView = ReturnType<typeof useStash>;
