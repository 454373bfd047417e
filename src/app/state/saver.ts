import { type DesignRecord, withTimeout } from '../../storage/db.ts';
import { type SaveOutcome, saveFailure } from '../../storage/kept.ts';
import type { KeptRecord } from '../../storage/records.ts';

export type SaveState<R extends KeptRecord = DesignRecord> =
  | { readonly kind: 'saved'; readonly at: number | undefined }
  | { readonly kind: 'saving' }
  | { readonly kind: 'conflict'; readonly theirs: R | undefined }
  | { readonly kind: 'failed'; readonly reason: 'full' | 'invalid' | 'other'; readonly message: string };

interface SaverPorts<D, R extends KeptRecord> {
  /** Writes one edit at once and on its own; called for every edit, before the save that follows. */
  readonly append: (seenRevision: number, document: D) => void;
  readonly save: (seenRevision: number, document: D) => Promise<SaveOutcome<R>>;
  readonly onState: (state: SaveState<R>) => void;
  readonly onSaved: (record: R) => void;
}

/** A save that takes longer than this is said to have failed; if it arrives all the same, it is known as ours. */
export const SAVE_TIMEOUT_MS = 15_000;

interface SaverTimes {
  /** The full save waits until there was no edit for so long, so that it does not hold up the small appends. */
  readonly restMs: number;
  readonly timeoutMs: number;
}

const AT_ONCE: SaverTimes = { restMs: 0, timeoutMs: SAVE_TIMEOUT_MS };

/**
 * Appends every edit at once, and saves the whole document behind that, one save at a time: while one runs only the newest
 * waits. After a conflict nothing is saved until the maker has chosen.
 */
export class Saver<D, R extends KeptRecord> {
  private waiting: D | undefined;
  private busy = false;
  private stopped = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly ports: SaverPorts<D, R>,
    private revision: number,
    private readonly times: SaverTimes = AT_ONCE,
  ) {}

  get hasUnsaved(): boolean {
    return this.busy || this.waiting !== undefined || this.stopped;
  }

  get seenRevision(): number {
    return this.revision;
  }

  request(document: D): void {
    this.ports.append(this.revision, document);
    this.waiting = document;
    if (this.busy || this.stopped) return;
    if (this.times.restMs === 0) void this.drain();
    else this.rest();
  }

  /** Saves once no edit has come for a while: bringing a save to the disk holds the appends up that come during it. */
  private rest(): void {
    if (this.timer === undefined) this.ports.onState({ kind: 'saving' });
    clearTimeout(this.timer);
    // In two parts: after a long stall the first one is overdue before the edits that wait behind it are heard.
    const half = this.times.restMs / 2;
    this.timer = setTimeout(() => {
      this.timer = setTimeout(() => void this.drain(), half);
    }, half);
  }

  private stopTimer(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
  }

  /**
   * The page may be gone in a moment: starts saving what waits without waiting for the save that runs. The store
   * takes the two in the order in which they began, so the second expects the revision that the first will leave.
   */
  flush(): void {
    this.stopTimer();
    const document = this.waiting;
    if (document === undefined || this.stopped) return;
    this.waiting = undefined;
    void this.ports.save(this.busy ? this.revision + 1 : this.revision, document).then((outcome) => {
      if (outcome.kind === 'saved') this.revision = outcome.record.revision ?? 0;
    });
  }

  /** After a conflict or a failure: go on from this revision. */
  resume(revision: number): void {
    this.revision = revision;
    this.stopped = false;
    if (this.waiting) void this.drain();
    else this.ports.onState({ kind: 'saved', at: undefined });
  }

  private async drain(): Promise<void> {
    this.stopTimer();
    if (this.busy) return;
    this.busy = true;
    this.ports.onState({ kind: 'saving' });
    while (this.waiting !== undefined && !this.stopped) {
      const document = this.waiting;
      this.waiting = undefined;
      const outcome = await withTimeout(this.ports.save(this.revision, document), this.times.timeoutMs).catch(
        saveFailure,
      );
      if (outcome.kind === 'saved') {
        this.revision = outcome.record.revision ?? 0;
        this.ports.onSaved(outcome.record);
        continue;
      }
      this.waiting ??= document;
      this.stopped = true;
      this.ports.onState(outcome);
    }
    this.busy = false;
    if (!this.stopped) this.ports.onState({ kind: 'saved', at: undefined });
  }

  /** Gives up what was waiting (the maker took the other version). */
  drop(revision: number): void {
    this.waiting = undefined;
    this.resume(revision);
  }
}
