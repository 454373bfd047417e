import type { Issue, Result } from '../../core/result.ts';
import { openChannel } from '../../storage/channel.ts';
import type { Database } from '../../storage/db.ts';
import { clearJournal, writeJournal } from '../../storage/journal.ts';
import { isSameDocument, type SaveOutcome } from '../../storage/kept.ts';
import type { KeptRecord } from '../../storage/records.ts';
import { appendUnsaved, forgetUnsaved, unsavedEdit } from '../../storage/unsaved.ts';
import { Pace } from './pace.ts';
import { SAVE_TIMEOUT_MS, Saver, type SaveState } from './saver.ts';

/** Which documents are kept, and how one of them is read and saved. */
export interface Keeping<D, R extends KeptRecord> {
  readonly db: Database;
  /** Name of the channel on which tabs tell each other what they saved. */
  readonly channel: string;
  /** The full save waits until there was no edit for so long, in milliseconds. */
  readonly restMs: number;
  readonly read: (document: unknown) => Result<D>;
  readonly documentOf: (record: R) => unknown;
  readonly get: (id: string) => Promise<R | undefined>;
  readonly save: (id: string, seenRevision: number, document: D) => Promise<SaveOutcome<R>>;
}

/** What the screen that a document is open on hears. */
interface Heard<D, R extends KeptRecord> {
  readonly onState: (state: SaveState<R>) => void;
  /** Another tab saved it, and nothing of ours waits. */
  readonly onTheirs: (document: D, record: R) => void;
}

interface Message {
  readonly id: string;
  readonly revision: number;
}

/** A stored document that can be opened, and the edit of a tab that died before it was saved. */
export interface OpenedDocument<D, R extends KeptRecord> {
  readonly stored: R;
  readonly document: D;
  readonly unsaved: D | undefined;
}

/** Reads a stored document. One that cannot be read is left as it is, and handed back with its issues. */
export async function openKept<D, R extends KeptRecord>(
  keeping: Keeping<D, R>,
  id: string,
): Promise<
  | { readonly ok: true; readonly value: OpenedDocument<D, R> }
  | { readonly ok: false; readonly issues: readonly Issue[]; readonly stored?: R }
> {
  const stored = await keeping.get(id);
  if (!stored) return { ok: false, issues: [] };
  const read = keeping.read(keeping.documentOf(stored));
  if (!read.ok) return { ...read, stored };
  const left = await unsavedEdit(keeping.db, stored);
  const unsaved = left === undefined ? undefined : keeping.read(left);
  const isNews = unsaved?.ok === true && !isSameDocument(unsaved.value, read.value);
  return { ok: true, value: { stored, document: read.value, unsaved: isNews ? unsaved.value : undefined } };
}

/**
 * A document under the maker's hands: what cannot be read back is refused; every edit is in the journal and in a row of its own
 * before the next line runs, the whole is saved behind that; other tabs are told, and followed while nothing of ours waits.
 */
export class Kept<D, R extends KeptRecord> {
  readonly pace = new Pace();
  private readonly saver: Saver<D, R>;
  private readonly channel;

  constructor(
    private readonly keeping: Keeping<D, R>,
    opened: OpenedDocument<D, R>,
    heard: Heard<D, R>,
  ) {
    const { db } = keeping;
    const { id } = opened.stored;
    this.channel = openChannel<Message>(keeping.channel);
    this.saver = new Saver<D, R>(
      {
        append: (revision, document) => {
          const at = Date.now();
          writeJournal(id, revision, document, at);
          // The save that follows reports what went wrong.
          this.pace.watch(appendUnsaved(db, id, revision, document, at));
        },
        save: (revision, document) => keeping.save(id, revision, document),
        onState: (state) => {
          if (state.kind === 'saved') clearJournal(id);
          heard.onState(state.kind === 'saved' ? { kind: 'saved', at: Date.now() } : state);
        },
        onSaved: (saved) => this.channel.post({ id, revision: saved.revision ?? 0 }),
      },
      opened.stored.revision ?? 0,
      { restMs: keeping.restMs, timeoutMs: SAVE_TIMEOUT_MS },
    );
    const follow = async () => {
      if (this.saver.hasUnsaved) return;
      const theirs = await keeping.get(id);
      if (this.saver.hasUnsaved || !theirs || (theirs.revision ?? 0) <= this.saver.seenRevision) return;
      const document = this.taken(theirs);
      if (document) heard.onTheirs(document, theirs);
    };
    this.channel.onMessage = (data) => {
      if (data.id === id && data.revision > this.saver.seenRevision) void follow();
    };
    // What another tab did between the reading and now was not heard.
    void follow();
    window.addEventListener('pagehide', this.flush);
    const isRestored = opened.unsaved !== undefined;
    if (!isRestored) clearJournal(id);
    forgetUnsaved(db, id, Date.now(), isRestored).catch(() => undefined);
  }

  /** Keeps an edit, or says why it cannot be kept: it could not be read back. Call it before anything is drawn. */
  request(document: D): readonly Issue[] | undefined {
    const read = this.keeping.read(document);
    if (!read.ok) return read.issues;
    this.saver.request(document);
    return undefined;
  }

  /** Gives up what waits for what another tab saved; nothing where that cannot be read. */
  taken(theirs: R): D | undefined {
    const read = this.keeping.read(this.keeping.documentOf(theirs));
    if (!read.ok) return undefined;
    this.saver.drop(theirs.revision ?? 0);
    return read.value;
  }

  /** Saves ours over a revision: that of the other tab after a conflict, else the one that was seen last. */
  resume(revision = this.saver.seenRevision): void {
    this.saver.resume(revision);
  }

  readonly flush = (): void => {
    this.pace.flush();
    this.saver.flush();
  };

  close(): void {
    this.flush();
    window.removeEventListener('pagehide', this.flush);
    this.channel.close();
  }
}
