import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Design, readDesign } from '../../core/formats/design.ts';
import type { Issue } from '../../core/result.ts';
import { fieldName } from '../../core/validation.ts';
import type { Database, DesignRecord } from '../../storage/db.ts';
import { getDesign, saveDesign } from '../../storage/designs.ts';
import { type DesignAction, reduceDesign } from './actions.ts';
import { type History, record, redo, startHistory, undo } from './history.ts';
import { type Keeping, Kept, type OpenedDocument, openKept } from './kept.ts';
import type { SaveState } from './saver.ts';

/** The design on the Bench: its history, whether it is saved, and what other tabs did to it. */
interface BenchState {
  readonly id: string;
  readonly history: History<Design>;
  readonly save: SaveState;
  readonly notice: string | undefined;
  /** Why the last action was not done: it would have made a design that cannot be opened again. */
  readonly refusal: string | undefined;
}

export interface Bench {
  readonly store: StoreApi<BenchState>;
  readonly dispatch: (action: DesignAction, gesture?: string) => void;
  /** For edits that come one after the other in no time: runs it once the last one is written. */
  readonly inStep: (edit: () => void) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Conflict: take what the other tab saved, or go on with mine over it. */
  readonly takeTheirs: () => void;
  readonly keepMine: () => void;
  readonly retry: () => void;
  readonly dismiss: () => void;
  readonly close: () => void;
}

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
  if (opened.ok) return { ok: true, bench: createBench(keeping, opened.value) };
  if (opened.stored) return opened;
  return {
    ok: false,
    issues: [{ code: 'design.gone', path: '', message: 'This design is not here any more.' }],
  };
}

const THEIRS = 'Changed in another tab; shown here as it is now. Undo brings yours back.';
const CHOSEN = 'The other tab’s version is shown. Undo brings yours back.';
const RESTORED = 'Restored what was not yet saved when this design was last closed. Undo takes it back.';

function createBench(
  keeping: Keeping<Design, DesignRecord>,
  opened: OpenedDocument<Design, DesignRecord>,
): Bench {
  const store = createStore<BenchState>(() => ({
    id: opened.stored.id,
    history: startHistory(opened.document),
    save: { kind: 'saved', at: opened.stored.updatedAt },
    notice: undefined,
    refusal: undefined,
  }));
  const follow = (design: Design, notice: string) =>
    store.setState({ history: record(store.getState().history, design), notice });
  const kept = new Kept(keeping, opened, {
    onState: (save) => store.setState({ save }),
    onTheirs: (design) => follow(design, THEIRS),
  });
  const commit = (history: History<Design>) => {
    if (history === store.getState().history) return;
    const issues = kept.request(history.present);
    store.setState(issues ? { refusal: refusalOf(issues) } : { history, refusal: undefined });
  };
  if (opened.unsaved) {
    commit(record(store.getState().history, opened.unsaved));
    store.setState({ notice: RESTORED });
  }
  /** What was asked for before comes first. */
  const next = (change: (history: History<Design>) => History<Design>) => {
    kept.pace.flush();
    commit(change(store.getState().history));
  };
  const theirs = () => {
    const { save } = store.getState();
    return save.kind === 'conflict' ? save : undefined;
  };
  return {
    store,
    dispatch: (action, gesture) =>
      next((history) => record(history, reduceDesign(history.present, action), gesture)),
    inStep: (edit) => kept.pace.run(edit),
    undo: () => next(undo),
    redo: () => next(redo),
    takeTheirs: () => {
      const other = theirs()?.theirs;
      const design = other && kept.taken(other);
      if (design) follow(design, CHOSEN);
    },
    keepMine: () => {
      const conflict = theirs();
      if (conflict) kept.resume(conflict.theirs?.revision ?? 0);
    },
    retry: () => kept.resume(),
    dismiss: () => store.setState({ notice: undefined, refusal: undefined }),
    close: () => kept.close(),
  };
}

const refusalOf = (issues: readonly Issue[]): string =>
  `That was not done: ${issues.map((i) => `${fieldName(i.path)}: ${i.message}`).join(' ')}`;
