import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Design } from '../../core/formats/design.ts';
import { newTying, readTying, type Tying } from '../../core/formats/tying.ts';
import type { Knowledge } from '../../core/plan/knowledge.ts';
import { plan } from '../../core/plan/plan.ts';
import type { Plan } from '../../core/plan/types.ts';
import { fail, ok, type Result } from '../../core/result.ts';
import { type Guide, guideFor } from '../../core/steps/list/steps.ts';
import {
  type Progress,
  type ProgressAction,
  reduceProgress,
  startProgress,
  stepIndex,
} from '../../core/steps/progress.ts';
import { USUAL_WAY, type WayOfWorking } from '../../core/steps/types.ts';
import type { Database, PieceRecord } from '../../storage/db.ts';
import { newId } from '../../storage/ids.ts';
import { getPiece, savePiece } from '../../storage/pieces.ts';
import { readWay, writeWay } from '../../storage/settings.ts';
import { type Keeping, Kept, type OpenedDocument, openKept } from './kept.ts';
import type { SaveState } from './saver.ts';

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

/** Begins a piece from a design, in the way in which the maker worked last, and keeps it; hands back its id. */
export async function beginPiece(
  db: Database,
  designId: string,
  design: Design,
  know: Knowledge,
): Promise<Result<string>> {
  const now = Date.now();
  const learned = know.learned?.(design.pattern.id, design.cord);
  const begun = (way: WayOfWorking): Tying =>
    newTying(design, startProgress('gather', way, now), now, learned);
  const last = begun({ ...USUAL_WAY, ...((await readWay(db)) as object | undefined) });
  const tying = readTying(last).ok ? last : begun(USUAL_WAY);
  // What cannot be read back is never saved.
  const kept = readTying(tying);
  if (!kept.ok) return kept;
  const made = guideOf(tying, know, tying.progress);
  if (!made.ok) return made;
  const { mixed } = made.value.plan;
  if (mixed && !mixed.isKnown)
    return fail({
      code: 'piece.rough',
      path: '',
      message: 'The weave is still being pulled tight for these cords. Start when that is done.',
    });
  const { steps } = made.value.guide;
  const id = newId();
  const place = steps[0]!.title;
  const outcome = await savePiece(db, { id, designId, name: design.name, place, tying }, 0, now);
  if (outcome.kind === 'saved') return ok(id);
  const why = outcome.kind === 'failed' ? failureText(outcome) : '';
  return fail({ code: 'storage', path: '', message: `This piece cannot be kept: ${why}` });
}

/**
 * The plan and the steps of a piece, as it was cut: what the log said then still holds for it, whatever other pieces have taught
 * since.
 */
function guideOf(
  { design, learned }: Pick<Tying, 'design' | 'learned'>,
  know: Knowledge,
  { way, rowsOf }: Pick<Progress, 'way' | 'rowsOf'>,
): Result<{ plan: Plan; guide: Guide }> {
  const asCut: Knowledge = { ...know, learned: () => learned };
  const made = plan(design, asCut);
  if (!made.ok) return made;
  const guide = guideFor(design, made.value, way, asCut, rowsOf);
  return guide.ok ? ok({ plan: made.value, guide: guide.value }) : guide;
}

/** How a piece is kept: as the last tab left it. `placeOf` says in words where it stands. */
const keepingOf = (
  db: Database,
  record: Pick<PieceRecord, 'designId' | 'name'>,
  placeOf: (tying: Tying) => string,
): Keeping<Tying, PieceRecord> => ({
  db,
  channel: 'warp-beam-pieces',
  restMs: 0,
  read: readTying,
  documentOf: (piece) => piece.tying,
  get: (id) => getPiece(db, id),
  save: (id, revision, tying) =>
    savePiece(db, { ...record, id, place: placeOf(tying), tying }, revision, Date.now()),
});

/** Opens a piece where it was left; one that cannot be read is left as it is. */
export async function openPiece(db: Database, id: string, know: Knowledge): Promise<Result<TyingPiece>> {
  const opened = await openKept(
    keepingOf(db, { designId: '', name: '' }, () => ''),
    id,
  );
  if (!opened.ok)
    return opened.stored
      ? opened
      : fail({ code: 'piece.gone', path: '', message: 'This piece is not on the table any more.' });
  const { stored, document, unsaved } = opened.value;
  const found = atItsStep(unsaved ?? document, know);
  if (!found.ok) return found;
  const { made, progress } = found.value;
  const tying = resume({ ...(unsaved ?? document), progress }, stored);
  return ok(createPiece(db, opened.value, tying, made, know));
}

/** At most this share of rows more is looked through for the step that a piece was left at. */
const MORE_ROWS = 0.25;

/**
 * The guide with the step that the piece was left at. Where the plan counts fewer rows by now than when it was begun, the
 * piece keeps as many as it takes to go on from there; it is finished when it is long enough.
 */
function atItsStep(
  tying: Tying,
  know: Knowledge,
): Result<{ made: { plan: Plan; guide: Guide }; progress: Progress }> {
  const { progress } = tying;
  const made = guideOf(tying, know, progress);
  if (!made.ok) return made;
  const knows = (guide: Guide) => guide.steps.some((s) => s.id === progress.at);
  const rows = progress.rowsOf ?? made.value.plan.bands.map((b) => b.rows);
  const most = Math.ceil(Math.max(...rows) * MORE_ROWS);
  for (let more = 1; more <= most && !knows(made.value.guide); more++) {
    const rowsOf = rows.map((n) => n + more);
    const longer = guideOf(tying, know, { way: progress.way, rowsOf });
    if (longer.ok && knows(longer.value.guide))
      return ok({ made: longer.value, progress: { ...progress, rowsOf } });
  }
  return ok({ made: made.value, progress });
}

/** Left alone for longer than this, the maker comes back to a new session: cautions are asked again. */
const SESSION_MS = 4 * 3_600_000;

/** Time while nobody was there does not count: a step that was running goes on from now. */
function resume(tying: Tying, record: PieceRecord): Tying {
  const now = Date.now();
  const acknowledged = now - record.updatedAt > SESSION_MS ? [] : tying.progress.acknowledged;
  const progress = { ...tying.progress, acknowledged };
  if (progress.since === undefined) return { ...tying, progress };
  const last = Math.max(progress.since, record.updatedAt);
  return { ...tying, progress: { ...progress, since: now - Math.max(0, last - progress.since) } };
}

const THEIRS = 'Another tab went on with this piece; shown here as it is now.';

type Made = { readonly plan: Plan; readonly guide: Guide };

function createPiece(
  db: Database,
  opened: OpenedDocument<Tying, PieceRecord>,
  tying: Tying,
  made: Made,
  know: Knowledge,
): TyingPiece {
  const { id, designId, name } = opened.stored;
  const save = 'saved';
  const store = createStore<TyingState>(() => ({ id, designId, tying, ...made, save, notice: undefined }));
  const placeOf = ({ progress }: Tying) => {
    const { steps } = store.getState().guide;
    return steps[stepIndex(steps, progress)]!.title;
  };
  const kept = new Kept(keepingOf(db, { designId, name }, placeOf), opened, {
    onState: (state) => {
      // Whoever touched it last has it: a step is made again more easily than two tabs are compared.
      if (state.kind === 'conflict' && state.theirs) kept.resume(state.theirs.revision ?? 0);
      else store.setState({ save: saveText(state) });
    },
    onTheirs: (next) => {
      const again = guideOf(next, know, next.progress);
      store.setState({ tying: next, ...(again.ok ? again.value : {}), notice: THEIRS });
    },
  });
  /** Goes on with `next`, and with the guide that it needs if that is another. */
  const keep = (next: Tying, again: Made | undefined) => {
    const before = store.getState();
    // The place in words is looked up in the guide that is shown.
    if (again) store.setState(again);
    const issues = kept.request(next);
    if (!issues) {
      store.setState({ tying: next });
      return;
    }
    const why = issues.map((i) => `${i.path} ${i.message}`.trim()).join(' ');
    store.setState({ ...before, notice: `That was not done: ${why}` });
  };
  if (opened.unsaved) kept.request(tying);
  return {
    store,
    dispatch: (action) => {
      const { tying: now, guide } = store.getState();
      const progress = reduceProgress(now.progress, guide.steps, action);
      if (progress === now.progress) return;
      const again =
        action.type === 'way' || action.type === 'rows' ? guideOf(now, know, progress) : undefined;
      // The next piece begins in the same way; if it cannot be remembered, this one still has it.
      if (action.type === 'way') void writeWay(db, action.way).catch(() => undefined);
      const at = again?.ok ? placeOnGuide(progress, again.value.guide, guide) : progress;
      keep({ ...now, progress: at }, again?.ok ? again.value : undefined);
    },
    dismiss: () => store.setState({ notice: undefined }),
    retry: () => kept.resume(),
    close: () => kept.close(),
  };
}

const saveText = (state: SaveState<PieceRecord>): TyingState['save'] =>
  state.kind === 'saved' || state.kind === 'saving'
    ? state.kind
    : { failed: state.kind === 'failed' ? failureText(state) : 'it was taken off the table in another tab.' };

/** A row that is not tied any more leads on to what came after the rows. */
function placeOnGuide(progress: Progress, guide: Guide, before: Guide): Progress {
  if (guide.steps.some((s) => s.id === progress.at)) return progress;
  const index = before.steps.findIndex((s) => s.id === progress.at);
  const next = before.steps.slice(index).find((s) => !s.at && guide.steps.some((t) => t.id === s.id));
  return { ...progress, at: next?.id ?? guide.steps.at(-1)!.id };
}

const failureText = ({ reason, message }: { readonly reason: string; readonly message: string }): string =>
  reason === 'full' ? 'the browser’s storage is full.' : message;
