import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Design } from '../../core/formats/design.ts';
import { newTying, readTying, type Tying } from '../../core/formats/tying.ts';
import type { Knowledge } from '../../core/plan/knowledge.ts';
import { plan } from '../../core/plan/plan.ts';
import type { Plan } from '../../core/plan/types.ts';
import { fail, ok, type Result } from '../../core/result.ts';
import {
  type Progress,
  type ProgressAction,
  reduceProgress,
  startProgress,
  stepIndex,
} from '../../core/steps/progress.ts';
import { type Guide, guideFor } from '../../core/steps/steps.ts';
import { USUAL_WAY, type WayOfWorking } from '../../core/steps/types.ts';
import { openChannel } from '../../storage/channel.ts';
import { answered, type Database, type PieceRecord } from '../../storage/db.ts';
import { newId } from '../../storage/ids.ts';
import { getPiece, savePiece, writeTyingJournal } from '../../storage/pieces.ts';
import { readWay, writeWay } from '../../storage/settings.ts';
import { SAVE_TIMEOUT_MS } from './saver.ts';

export interface TyingState {
  readonly id: string;
  readonly designId: string;
  readonly tying: Tying;
  readonly plan: Plan;
  readonly guide: Guide;
  readonly save: 'saved' | 'saving' | { readonly failed: string };
  readonly notice: string | undefined;
}

/** A piece on the table: every action moves it and is kept at once. */
export interface TyingPiece {
  readonly store: StoreApi<TyingState>;
  readonly dispatch: (action: ProgressAction) => void;
  readonly dismiss: () => void;
  readonly retry: () => void;
  readonly close: () => void;
}

interface Message {
  readonly id: string;
  readonly updatedAt: number;
}

const CHANNEL = 'warp-beam-pieces';

/** Begins a piece from a design, in the way in which the maker worked last, and keeps it; hands back its id. */
export async function beginPiece(
  db: Database,
  designId: string,
  design: Design,
  know: Knowledge,
): Promise<Result<string>> {
  const now = Date.now();
  const begun = (way: WayOfWorking): Tying => newTying(design, startProgress('gather', way, now), now);
  const last = begun({ ...USUAL_WAY, ...((await readWay(db)) as object | undefined) });
  const tying = readTying(last).ok ? last : begun(USUAL_WAY);
  const made = guided(design, know, tying.progress.way);
  if (!made.ok) return made;
  const { steps } = made.value.guide;
  const id = newId();
  try {
    await savePiece(db, { id, designId, name: design.name, updatedAt: now, place: steps[0]!.title, tying });
  } catch (error) {
    return fail({ code: 'storage', path: '', message: `This piece cannot be kept: ${failure(error)}` });
  }
  return ok(id);
}

function guided(
  design: Design,
  know: Knowledge,
  way: WayOfWorking,
  rowsOf?: readonly number[],
): Result<{ plan: Plan; guide: Guide }> {
  const made = plan(design, know);
  if (!made.ok) return made;
  const guide = guideFor(design, made.value, way, know, rowsOf);
  return guide.ok ? ok({ plan: made.value, guide: guide.value }) : guide;
}

/** Opens a piece where it was left; one that cannot be read is left as it is. */
export async function openPiece(db: Database, id: string, know: Knowledge): Promise<Result<TyingPiece>> {
  const record = await getPiece(db, id);
  if (!record)
    return fail({ code: 'piece.gone', path: '', message: 'This piece is not on the table any more.' });
  const tying = readTying(record.tying);
  if (!tying.ok) return tying;
  const found = atItsStep(tying.value, know);
  if (!found.ok) return found;
  const { made, progress } = found.value;
  return ok(createPiece(db, record, resumed({ ...tying.value, progress }, record), made, know));
}

/** At most this share of rows more is looked through for the step that a piece was left at. */
const MORE_ROWS = 0.25;

/**
 * The guide with the step that the piece was left at. Where the plan counts fewer rows by now than when it was begun, the
 * piece keeps as many as it takes to go on from there; it is finished when it is long enough.
 */
function atItsStep(
  { design, progress }: Tying,
  know: Knowledge,
): Result<{ made: { plan: Plan; guide: Guide }; progress: Progress }> {
  const made = guided(design, know, progress.way, progress.rowsOf);
  if (!made.ok) return made;
  const knows = (guide: Guide) => guide.steps.some((s) => s.id === progress.at);
  const rows = progress.rowsOf ?? made.value.plan.bands.map((b) => b.rows);
  const most = Math.ceil(Math.max(...rows) * MORE_ROWS);
  for (let more = 1; more <= most && !knows(made.value.guide); more++) {
    const rowsOf = rows.map((n) => n + more);
    const longer = guided(design, know, progress.way, rowsOf);
    if (longer.ok && knows(longer.value.guide))
      return ok({ made: longer.value, progress: { ...progress, rowsOf } });
  }
  return ok({ made: made.value, progress });
}

/** Left alone for longer than this, the maker comes back to a new session: cautions are asked again. */
const SESSION_MS = 4 * 3_600_000;

/** Time while nobody was there does not count: a step that was running goes on from now. */
function resumed(tying: Tying, record: PieceRecord): Tying {
  const now = Date.now();
  const acknowledged = now - record.updatedAt > SESSION_MS ? [] : tying.progress.acknowledged;
  const progress = { ...tying.progress, acknowledged };
  if (progress.since === undefined) return { ...tying, progress };
  const last = Math.max(progress.since, record.updatedAt);
  return { ...tying, progress: { ...progress, since: now - Math.max(0, last - progress.since) } };
}

function createPiece(
  db: Database,
  record: PieceRecord,
  tying: Tying,
  made: { readonly plan: Plan; readonly guide: Guide },
  know: Knowledge,
): TyingPiece {
  const { id, designId, name } = record;
  const store = createStore<TyingState>(() => ({
    id,
    designId,
    tying,
    ...made,
    save: 'saved',
    notice: undefined,
  }));
  const channel = openChannel<Message>(CHANNEL);
  let newest = record.updatedAt;
  let last = record;
  let pending = 0;

  /** Writes at once, without waiting for what is being written: the store takes them in order. */
  async function write(piece: PieceRecord) {
    last = piece;
    pending++;
    store.setState({ save: 'saving' });
    const outcome = await answered(savePiece(db, piece), SAVE_TIMEOUT_MS).then(() => undefined, failure);
    pending--;
    if (outcome === undefined) channel.post({ id, updatedAt: piece.updatedAt });
    if (piece === last) store.setState({ save: outcome === undefined ? 'saved' : { failed: outcome } });
    else if (pending === 0 && store.getState().save === 'saving') store.setState({ save: 'saved' });
  }

  /** Goes on with `next`, and with the guide that it needs if that is another. */
  function keep(next: Tying, made?: { readonly plan: Plan; readonly guide: Guide }) {
    // What cannot be read back is never committed.
    const read = readTying(next);
    if (!read.ok) {
      const why = read.issues.map((i) => `${i.path} ${i.message}`.trim()).join(' ');
      store.setState({ notice: `That was not done: ${why}` });
      return;
    }
    newest = Math.max(Date.now(), newest + 1);
    const { steps } = (made ?? store.getState()).guide;
    const place = steps[stepIndex(steps, next.progress)]!.title;
    const piece = { id, designId, name, updatedAt: newest, place, tying: next };
    writeTyingJournal(piece);
    store.setState({ ...made, tying: next });
    void write(piece);
  }

  async function follow() {
    const theirs = await getPiece(db, id);
    const read = theirs && readTying(theirs.tying);
    if (!theirs || !read?.ok || theirs.updatedAt <= newest) return;
    newest = theirs.updatedAt;
    const again = guided(read.value.design, know, read.value.progress.way, read.value.progress.rowsOf);
    store.setState({
      tying: read.value,
      ...(again.ok ? again.value : {}),
      notice: 'Another tab went on with this piece; shown here as it is now.',
    });
  }

  channel.onMessage = (data) => {
    if (data.id === id && data.updatedAt > newest) void follow();
  };
  // What another tab did between the reading and now was not heard.
  void follow();

  return {
    store,
    dispatch: (action) => {
      const { tying: now, guide } = store.getState();
      const progress = reduceProgress(now.progress, guide.steps, action);
      if (progress === now.progress) return;
      const again =
        action.type === 'way' || action.type === 'rows'
          ? guided(now.design, know, progress.way, progress.rowsOf)
          : undefined;
      // The next piece begins in the same way; if it cannot be remembered, this one still has it.
      if (action.type === 'way') void writeWay(db, action.way).catch(() => undefined);
      keep(
        { ...now, progress: again?.ok ? placed(progress, again.value.guide, guide) : progress },
        again?.ok ? again.value : undefined,
      );
    },
    dismiss: () => store.setState({ notice: undefined }),
    retry: () => void write(last),
    close: () => channel.close(),
  };
}

/** A row that is not tied any more leads on to what came after the rows. */
function placed(progress: Progress, guide: Guide, before: Guide): Progress {
  if (guide.steps.some((s) => s.id === progress.at)) return progress;
  const index = before.steps.findIndex((s) => s.id === progress.at);
  const next = before.steps.slice(index).find((s) => !s.at && guide.steps.some((t) => t.id === s.id));
  return { ...progress, at: next?.id ?? guide.steps.at(-1)!.id };
}

function failure(error: unknown): string {
  const { name, message } = error as DOMException;
  return name === 'QuotaExceededError' ? 'the browser’s storage is full.' : message;
}
