import { type Design, readDesign } from '../../core/formats/design.ts';
import { loadWeave } from '../../core/patterns/index.ts';
import type { Issue } from '../../core/result.ts';
import type { Database, DesignRecord } from '../../storage/db.ts';
import { getDesign, saveDesign } from '../../storage/designs.ts';
import { type DesignAction, reduceDesign } from './actions.ts';
import { createDocument, type OpenDocument } from './document.ts';
import { type Keeping, openKept } from './kept.ts';

/** The design on the Bench. */
export type Bench = OpenDocument<Design, DesignAction>;

export type Opened =
  | { readonly ok: true; readonly bench: Bench }
  | {
      readonly ok: false;
      readonly issues: readonly Issue[];
      /** The record as it is stored, to be exported, repaired or taken back a step; missing where there is none. */
      readonly stored?: DesignRecord;
    };

/** The full save of a design rests for so long after the last edit. */
const REST_MS = 500;

const keepingOf = (db: Database): Keeping<Design, DesignRecord> => ({
  db,
  channel: 'warp-beam-designs',
  restMs: REST_MS,
  read: readDesign,
  documentOf: (record) => record.design,
  get: (id) => getDesign(db, id),
  save: (id, revision, design) => saveDesign(db, id, revision, design, Date.now()),
});

/** Opens a saved design for editing; a stored document that cannot be read is left as it is. */
export async function openBench(db: Database, id: string): Promise<Opened> {
  const keeping = keepingOf(db);
  const opened = await openKept(keeping, id);
  if (opened.ok) {
    const bench = createDocument(keeping, opened.value, reduceDesign);
    // Its weave is fetched beside the Bench, not after it.
    loadWeave(bench.store.getState().history.present.pattern.id).catch(() => undefined);
    return { ok: true, bench };
  }
  if (opened.stored) return opened;
  return {
    ok: false,
    issues: [{ code: 'design.gone', path: '', message: 'This design is not here any more.' }],
  };
}
