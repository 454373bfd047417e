import { useMemo } from 'react';
import useSWR from 'swr';
import type { Make } from '../../../core/formats/make.ts';
import { isOdd } from '../../../core/log/filter.ts';
import { removeMake, saveMakes } from '../../../storage/pieces.ts';
import { demoMakes } from '../../state/demoLog.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { type KeptChoices, readLogChoices, writeLogChoices } from '../../state/logChoices.ts';
import { useDatabase, useMakes } from '../../state/services.tsx';
import { readableMakes } from '../../state/workedLog.ts';

const NO_MAKES: Make[] = [];
const USUAL: KeptChoices = { isOn: true, leftOut: [], confirmed: [] };

/** The log: pieces, what they taught, which count; and what the maker says about them. */
export function useLog() {
  const db = useDatabase();
  const { data: records, mutate } = useMakes();
  const { log, logProblem, refresh, know } = useWorkshop();
  const { data: choices, mutate: mutateChoices } = useSWR('log-choices', () => readLogChoices(db));
  const makes = useMemo(() => (records ? readableMakes(records) : NO_MAKES), [records]);
  const leftOut = new Set(choices?.leftOut ?? []);
  const confirmed = new Set(choices?.confirmed ?? []);
  const taught = new Map((log?.learned.makes ?? []).map((m) => [m.id, m]));
  const asked = makes.find(
    (m) => !leftOut.has(m.id) && !confirmed.has(m.id) && taught.get(m.id)?.scores.some(isOdd),
  );

  async function choose(patch: Partial<KeptChoices>): Promise<void> {
    const next: KeptChoices = { ...USUAL, ...choices, ...patch };
    // Shown at once: what is chosen while this is saved is chosen on top of it.
    await mutateChoices(next, { revalidate: false });
    await writeLogChoices(db, next).finally(() => mutateChoices());
    await refresh();
  }

  async function change(write: () => Promise<void>): Promise<string | undefined> {
    try {
      await write();
    } catch (error) {
      return `It could not be kept: ${(error as Error).message}`;
    }
    await mutate();
    await refresh();
    return undefined;
  }

  return {
    makes,
    unreadable: (records?.length ?? 0) - makes.length,
    isReady: records !== undefined && choices !== undefined,
    isOn: choices?.isOn ?? true,
    log,
    logProblem,
    know,
    taught,
    leftOut,
    asked,
    setOn: (isOn: boolean) => choose({ isOn }),
    setCounts: (id: string, counts: boolean) =>
      choose({
        leftOut: counts
          ? (choices?.leftOut ?? []).filter((x) => x !== id)
          : [...(choices?.leftOut ?? []), id],
      }),
    /** From when on pieces count, in ms; 0 is the whole log. */
    since: choices?.since ?? 0,
    setSince: (since: number) => choose({ since }),
    /** Keeps pieces, new or changed; why it could not, or nothing. */
    save: (list: readonly Make[]) => change(() => saveMakes(db, list)),
    remove: (id: string) => change(() => removeMake(db, id)),
    confirm: (id: string) => choose({ confirmed: [...(choices?.confirmed ?? []), id] }),
    loadDemo: () => change(() => saveMakes(db, demoMakes(Date.now()))),
  };
}

export type LogView = ReturnType<typeof useLog>;
