import { useEffect, useRef } from 'react';
import type { SaveOutcome } from '../../storage/kept.ts';
import type { KeptRecord } from '../../storage/records.ts';

/**
 * Saves documents of one store one after the other, each over the revision that came of the save before: edits that follow each other faster than
 * the store writes don't take each other for another tab's.
 */
export function useKeptQueue<R extends KeptRecord>(
  records: readonly { readonly id: string; readonly revision: number }[] | undefined,
) {
  const revisions = useRef(new Map<string, number>());
  const last = useRef<Promise<unknown>>(Promise.resolve());
  // A list that is shown before it is saved still has the revisions of before: the highest that is known counts.
  useEffect(() => {
    const known = revisions.current;
    revisions.current = new Map(
      (records ?? []).map((r) => [r.id, Math.max(r.revision, known.get(r.id) ?? 0)]),
    );
  }, [records]);
  return (id: string, save: (seenRevision: number) => Promise<SaveOutcome<R>>): Promise<SaveOutcome<R>> => {
    const done = last.current.then(async () => {
      const outcome = await save(revisions.current.get(id) ?? 0);
      if (outcome.kind === 'saved') revisions.current.set(id, outcome.record.revision ?? 0);
      return outcome;
    });
    last.current = done.catch(() => undefined);
    return done;
  };
}
