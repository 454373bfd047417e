import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Issue } from '../../core/result.ts';
import { fieldName } from '../../core/validation.ts';
import type { KeptRecord } from '../../storage/records.ts';
import { type History, record, redo, startHistory, undo } from './history.ts';
import { type Keeping, Kept, type OpenedDocument } from './kept.ts';
import type { SaveState } from './saver.ts';

/** A document on the screen: its history, whether it is saved, and what other tabs did to it. */
export interface DocumentState<D> {
  readonly id: string;
  readonly history: History<D>;
  readonly save: SaveState<KeptRecord>;
  readonly notice: string | undefined;
  /** Why the last action was not done: it would have made a document that cannot be opened again. */
  readonly refusal: string | undefined;
}

/** A document that is edited by actions. */
export interface OpenDocument<D, A> {
  readonly store: Omit<StoreApi<DocumentState<D>>, 'setState'>;
  readonly dispatch: (action: A, gesture?: string) => void;
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

/** Any document with a name, as the header and the save mark see it. */
export type NamedDocument = OpenDocument<
  { readonly name: string },
  { readonly type: 'rename'; readonly name: string }
>;

const THEIRS = 'Changed in another tab; shown here as it is now. Undo brings yours back.';
const CHOSEN = 'The other tab’s version is shown. Undo brings yours back.';
const RESTORED = 'Restored what was not yet saved when this was last closed. Undo takes it back.';

/** Puts an opened document under the hands: undo and redo, saving, other tabs. */
export function createDocument<D, A, R extends KeptRecord>(
  keeping: Keeping<D, R>,
  opened: OpenedDocument<D, R>,
  reduce: (document: D, action: A) => D,
): OpenDocument<D, A> {
  const store = createStore<DocumentState<D>>(() => ({
    id: opened.stored.id,
    history: startHistory(opened.document),
    save: { kind: 'saved', at: opened.stored.updatedAt },
    notice: undefined,
    refusal: undefined,
  }));
  const follow = (design: D, notice: string) =>
    store.setState({ history: record(store.getState().history, design), notice });
  const kept = new Kept(keeping, opened, {
    onState: (save) => store.setState({ save }),
    onTheirs: (design) => follow(design, THEIRS),
  });
  const commit = (history: History<D>) => {
    if (history === store.getState().history) return;
    const issues = kept.request(history.present);
    store.setState(issues ? { refusal: refusalOf(issues) } : { history, refusal: undefined });
  };
  if (opened.unsaved) {
    commit(record(store.getState().history, opened.unsaved));
    store.setState({ notice: RESTORED });
  }
  /** What was asked for before comes first. */
  const next = (change: (history: History<D>) => History<D>) => {
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
      next((history) => record(history, reduce(history.present, action), gesture)),
    inStep: (edit) => kept.pace.run(edit),
    undo: () => next(undo),
    redo: () => next(redo),
    takeTheirs: () => {
      const other = theirs()?.theirs;
      const design = other && kept.taken(other as R);
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
