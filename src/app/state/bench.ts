import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Design, readDesign } from '../../core/formats/design.ts';
import type { Issue } from '../../core/result.ts';
import { fieldName } from '../../core/validation.ts';
import { openChannel } from '../../storage/channel.ts';
import type { Database, DesignRecord } from '../../storage/db.ts';
import { getDesign, saveDesign } from '../../storage/designs.ts';
import { clearJournal, writeJournal } from '../../storage/journal.ts';
import { appendUnsaved, forgetUnsaved, unsavedEdit } from '../../storage/unsaved.ts';
import { type DesignAction, reduceDesign } from './actions.ts';
import { type History, record, redo, startHistory, undo } from './history.ts';
import { Pace } from './pace.ts';
import { SAVE_TIMEOUT_MS, Saver, type SaveState } from './saver.ts';

/** The design on the Bench: its history, whether it is saved, and what other tabs did to it. */
export interface BenchState {
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
  if (!read.ok) return { ...read, stored };
  const unsaved = await unsavedEdit(db, stored);
  return { ok: true, bench: createBench(db, stored, read.value, unsaved) };
}

function createBench(db: Database, stored: DesignRecord, design: Design, unsaved: unknown): Bench {
  const { id } = stored;
  const store = createStore<BenchState>(() => ({
    id,
    history: startHistory(design),
    save: { kind: 'saved', at: stored.updatedAt },
    notice: undefined,
    refusal: undefined,
  }));
  const pace = new Pace();
  const channel = openChannel<Message>('warp-beam-designs');
  const saver = new Saver(
    {
      append: (revision, next) => {
        const at = Date.now();
        writeJournal(id, revision, next, at);
        // The save that follows reports what went wrong.
        pace.watch(appendUnsaved(db, id, revision, next, at));
      },
      save: (revision, next) => saveDesign(db, id, revision, next, Date.now()),
      onState: (save) => {
        if (save.kind === 'saved') clearJournal(id);
        store.setState({ save: save.kind === 'saved' ? { kind: 'saved', at: Date.now() } : save });
      },
      onSaved: (saved) => {
        channel.post({ id, revision: saved.revision });
      },
    },
    stored.revision,
    { restMs: 500, timeoutMs: SAVE_TIMEOUT_MS },
  );
  const commit = (history: History<Design>) => {
    if (history === store.getState().history) return;
    // What cannot be read back is never committed.
    const read = readDesign(history.present);
    if (!read.ok) {
      store.setState({ refusal: refusalOf(read.issues) });
      return;
    }
    // Written before anything is drawn: drawing may take longer than a browser has left to live.
    saver.request(history.present);
    store.setState({ history, refusal: undefined });
  };
  const follow = (theirs: DesignRecord | undefined, notice: string) => {
    if (!theirs) return;
    const read = readDesign(theirs.design);
    if (!read.ok) return;
    saver.drop(theirs.revision);
    store.setState({ history: record(store.getState().history, read.value), notice });
  };
  channel.onMessage = async (data) => {
    if (data.id !== id || data.revision <= saver.seenRevision || saver.hasUnsaved) return;
    const theirs = await getDesign(db, id);
    if (!saver.hasUnsaved)
      follow(theirs, 'Changed in another tab; shown here as it is now. Undo brings yours back.');
  };
  const left = unsaved === undefined ? undefined : readDesign(unsaved);
  const isRestored = left?.ok && JSON.stringify(left.value) !== JSON.stringify(design);
  if (isRestored) {
    commit(record(store.getState().history, left.value));
    store.setState({
      notice: 'Restored what was not yet saved when this design was last closed. Undo takes it back.',
    });
  } else clearJournal(id);
  forgetUnsaved(db, id, Date.now(), isRestored === true).catch(() => undefined);
  const flush = () => {
    pace.flush();
    saver.flush();
  };
  window.addEventListener('pagehide', flush);
  return {
    store,
    dispatch: (action, gesture) => {
      // What was asked for before comes first.
      pace.flush();
      const { history } = store.getState();
      commit(record(history, reduceDesign(history.present, action), gesture));
    },
    inStep: (edit) => pace.run(edit),
    undo: () => {
      pace.flush();
      commit(undo(store.getState().history));
    },
    redo: () => {
      pace.flush();
      commit(redo(store.getState().history));
    },
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
    dismiss: () => store.setState({ notice: undefined, refusal: undefined }),
    close: () => {
      flush();
      window.removeEventListener('pagehide', flush);
      channel.close();
    },
  };
}

const refusalOf = (issues: readonly Issue[]): string =>
  `That was not done: ${issues.map((i) => `${fieldName(i.path)}: ${i.message}`).join(' ')}`;
