import type { Design } from '../../core/formats/design.ts';
import { answered, type DesignRecord } from '../../storage/db.ts';
import { failure, type SaveOutcome } from '../../storage/designs.ts';

export type SaveState =
  | { readonly kind: 'saved'; readonly at: number | undefined }
  | { readonly kind: 'saving' }
  | { readonly kind: 'conflict'; readonly theirs: DesignRecord | undefined }
  | { readonly kind: 'failed'; readonly reason: 'full' | 'invalid' | 'other'; readonly message: string };

export interface SaverPorts {
  /** Writes one edit at once and on its own; called for every edit, before the save that follows. */
  readonly append: (seenRevision: number, design: Design) => void;
  readonly save: (seenRevision: number, design: Design) => Promise<SaveOutcome>;
  readonly onState: (state: SaveState) => void;
  readonly onSaved: (record: DesignRecord) => void;
}

/** A save that takes longer than this is said to have failed; if it arrives all the same, it is known as ours. */
export const SAVE_TIMEOUT_MS = 15_000;

/**
 * Appends every edit at once, and saves one at a time behind that: while a save runs only the newest design waits. After
 * a conflict nothing is saved until the maker has chosen. Keeps no timer, so nothing but the last keystroke can be lost.
 */
export class Saver {
  private waiting: Design | undefined;
  private busy = false;
  private stopped = false;

  constructor(
    private readonly ports: SaverPorts,
    private revision: number,
    private readonly timeoutMs = SAVE_TIMEOUT_MS,
  ) {}

  get hasUnsaved(): boolean {
    return this.busy || this.waiting !== undefined || this.stopped;
  }

  get seenRevision(): number {
    return this.revision;
  }

  request(design: Design): void {
    this.ports.append(this.revision, design);
    this.waiting = design;
    if (!this.busy && !this.stopped) void this.drain();
  }

  /**
   * The page may be gone in a moment: starts saving what waits without waiting for the save that runs. The store
   * takes the two in the order in which they began, so the second expects the revision that the first will leave.
   */
  flush(): void {
    const design = this.waiting;
    if (!design || this.stopped) return;
    this.waiting = undefined;
    void this.ports.save(this.busy ? this.revision + 1 : this.revision, design).then((outcome) => {
      if (outcome.kind === 'saved') this.revision = outcome.record.revision;
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
    this.busy = true;
    this.ports.onState({ kind: 'saving' });
    while (this.waiting && !this.stopped) {
      const design = this.waiting;
      this.waiting = undefined;
      const outcome = await answered(this.ports.save(this.revision, design), this.timeoutMs).catch(failure);
      if (outcome.kind === 'saved') {
        this.revision = outcome.record.revision;
        this.ports.onSaved(outcome.record);
        continue;
      }
      this.waiting ??= design;
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
