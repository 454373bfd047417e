import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Design, readDesign } from '../../core/formats/design.ts';
import type { Issue } from '../../core/result.ts';
import type { Database, DesignRecord } from '../../storage/db.ts';
import { getDesign, saveDesign } from '../../storage/designs.ts';
import { clearJournal, readJournal, writeJournal } from '../../storage/journal.ts';
import { type DesignAction, reduceDesign } from './actions.ts';
import { type History, record, redo, startHistory, undo } from './history.ts';
import { Saver, type SaveState } from './saver.ts';

/** The design on the Bench: its history, whether it is saved, and what other tabs did to it. */
export interface BenchState {
  readonly id: string;
  readonly history: History<Design>;
  readonly save: SaveState;
  readonly notice: string | undefined;
}

export interface Bench {
  readonly store: StoreApi<BenchState>;
  readonly dispatch: (action: DesignAction, gesture?: string) => void;
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
  | { readonly ok: false; readonly issues: readonly Issue[] };

interface Message {
  readonly id: string;
  readonly revision: number;
}

/** Opens a saved design for editing; a stored document that cannot be read is left as it is. */
export async function openBench(db: Database, id: string): Promise<Opened> {
  const stored = await getDesign(db, id);
  if (!stored)
    return {
      ok: false,
      issues: [{ code: 'design.gone', path: '', message: 'This design is not here any more.' }],
    };
  const read = readDesign(stored.design);
  if (!read.ok) return read;
  return { ok: true, bench: createBench(db, stored, read.value) };
}

function createBench(db: Database, stored: DesignRecord, design: Design): Bench {
  const { id } = stored;
  const store = createStore<BenchState>(() => ({
    id,
    history: startHistory(design),
    save: { kind: 'saved', at: stored.updatedAt },
    notice: undefined,
  }));
  const channel = new BroadcastChannel('warp-beam-designs');
  const saver = new Saver(
    {
      save: (revision, next) => saveDesign(db, id, revision, next, Date.now()),
      onState: (save) => {
        if (save.kind === 'saved') clearJournal(id);
        store.setState({ save: save.kind === 'saved' ? { kind: 'saved', at: Date.now() } : save });
      },
      onSaved: (saved) => {
        channel.postMessage({ id, revision: saved.revision } satisfies Message);
      },
    },
    stored.revision,
  );
  const commit = (history: History<Design>) => {
    if (history === store.getState().history) return;
    store.setState({ history });
    writeJournal(id, { revision: saver.seenRevision, design: history.present });
    saver.request(history.present);
  };
  const follow = (theirs: DesignRecord | undefined, notice: string) => {
    if (!theirs) return;
    const read = readDesign(theirs.design);
    if (!read.ok) return;
    saver.drop(theirs.revision);
    store.setState({ history: record(store.getState().history, read.value), notice });
  };
  channel.onmessage = async ({ data }: MessageEvent<Message>) => {
    if (data.id !== id || data.revision <= saver.seenRevision || saver.hasUnsaved) return;
    const theirs = await getDesign(db, id);
    if (!saver.hasUnsaved)
      follow(theirs, 'Changed in another tab; shown here as it is now. Undo brings yours back.');
  };
  const left = readJournal(id);
  // At most one save of the dying tab can have got through after it wrote this.
  const unsaved = left && left.revision >= stored.revision - 1 ? readDesign(left.design) : undefined;
  if (unsaved?.ok && JSON.stringify(unsaved.value) !== JSON.stringify(design)) {
    commit(record(store.getState().history, unsaved.value));
    store.setState({
      notice: 'Restored what was not yet saved when this design was last closed. Undo takes it back.',
    });
  } else clearJournal(id);
  const flush = () => saver.flush();
  window.addEventListener('pagehide', flush);
  return {
    store,
    dispatch: (action, gesture) => {
      const { history } = store.getState();
      commit(record(history, reduceDesign(history.present, action), gesture));
    },
    undo: () => commit(undo(store.getState().history)),
    redo: () => commit(redo(store.getState().history)),
    takeTheirs: () => {
      const { save } = store.getState();
      if (save.kind === 'conflict')
        follow(save.theirs, 'The other tab’s version is shown. Undo brings yours back.');
    },
    keepMine: () => {
      const { save } = store.getState();
      if (save.kind === 'conflict') saver.resume(save.theirs?.revision ?? 0);
    },
    retry: () => saver.resume(saver.seenRevision),
    dismiss: () => store.setState({ notice: undefined }),
    close: () => {
      window.removeEventListener('pagehide', flush);
      channel.close();
    },
  };
}
