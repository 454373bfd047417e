/** Nothing waits longer than this for the store, in milliseconds. */
export const MOST_WAIT_MS = 400;

/**
 * Keeps what comes faster than the store can write (a held key, a drag) in step with it: each edit waits until the one
 * before it is written, so that a killed browser has lost the last one at most. Of several that wait only the newest runs.
 */
export class Pace {
  private writing = 0;
  private waiting: (() => void) | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;

  /** An edit is being written; whether that works is said elsewhere. */
  watch(written: Promise<unknown>): void {
    this.writing++;
    const done = () => {
      this.writing--;
      if (this.writing === 0) this.flush();
    };
    written.then(done, done);
  }

  /** Runs it at once where nothing is being written. */
  run(edit: () => void): void {
    if (this.writing === 0) {
      edit();
      return;
    }
    this.waiting = edit;
    this.timer ??= setTimeout(() => this.flush(), MOST_WAIT_MS);
  }

  /** What waits is done now: something else comes after it, or the page is going. */
  flush(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
    const edit = this.waiting;
    this.waiting = undefined;
    edit?.();
  }
}
