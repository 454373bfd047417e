import { useMemo } from 'react';
import useSWR from 'swr';
import { type ClassOfKits, readClass } from '../../core/formats/class.ts';
import { listClasses, saveClass } from '../../storage/classes.ts';
import type { ClassRecord } from '../../storage/db.ts';
import { useKeptQueue } from './keptQueue.ts';
import { CLASSES_KEY, useDatabase } from './services.tsx';
import { useRemoval } from './undoable.ts';

/** A class that can be read, with the revision of it that was seen. */
export interface SeenClass {
  readonly id: string;
  readonly revision: number;
  readonly kits: ClassOfKits;
}

/** Every class, and ways to keep and remove them; one that was changed in another tab is not overwritten. */
export function useClasses() {
  const db = useDatabase();
  const { data, mutate } = useSWR(CLASSES_KEY, () => listClasses(db), {
    revalidateOnFocus: true,
    dedupingInterval: 0,
  });
  const queue = useKeptQueue<ClassRecord>(data);
  const remove = useRemoval('classes', () => mutate());
  const classes = useMemo(
    () =>
      (data ?? []).flatMap((r): SeenClass[] => {
        const read = readClass(r.kits);
        return read.ok ? [{ id: r.id, revision: r.revision, kits: read.value }] : [];
      }),
    [data],
  );
  return {
    classes,
    isReady: data !== undefined,
    /** Keeps a class: shown at once, saved behind the one before; what prevents it comes back in words. */
    save: async (id: string, kits: ClassOfKits): Promise<string | undefined> => {
      const shown = (before: ClassRecord[] | undefined): ClassRecord[] => {
        const record = before?.find((r) => r.id === id);
        const next = { id, revision: 0, updatedAt: 0, ...record, name: kits.name, kits };
        return record ? before!.map((r) => (r.id === id ? next : r)) : [next, ...(before ?? [])];
      };
      await mutate(shown, { revalidate: false });
      const outcome = await queue(id, (revision) => saveClass(db, id, revision, kits, Date.now()));
      if (outcome.kind === 'saved') return undefined;
      await mutate();
      return outcome.kind === 'failed'
        ? `It could not be saved: ${outcome.message}`
        : 'The class was changed in another tab meanwhile: it is shown as it is there.';
    },
    remove: ({ id }: SeenClass) => remove(id, (name) => `The class “${name}” was taken out.`),
  };
}
