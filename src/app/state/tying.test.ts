import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { type Design, parseDesign } from '../../core/formats/design.ts';
import { formatMake, makeRecord, readMake } from '../../core/formats/make.ts';
import { readTying } from '../../core/formats/tying.ts';
import { LIBRARY_ONLY } from '../../core/plan/knowledge.ts';
import { plan } from '../../core/plan/plan.ts';
import { USUAL_WAY } from '../../core/steps/types.ts';
import { type Database, openDatabase } from '../../storage/db.ts';
import { readJournal, writeJournal } from '../../storage/journal.ts';
import { finishPiece, getPiece, listMakes, listPieces, removePiece } from '../../storage/pieces.ts';
import { appendUnsaved } from '../../storage/unsaved.ts';
import { beginPiece, openPiece, type TyingPiece } from './tying.ts';

const kept = new Map<string, string>();
vi.stubGlobal('localStorage', {
  getItem: (k: string) => kept.get(k) ?? null,
  setItem: (k: string, v: string) => void kept.set(k, v),
  removeItem: (k: string) => void kept.delete(k),
});

vi.stubGlobal('window', { addEventListener: () => undefined, removeEventListener: () => undefined });

const design: Design = (() => {
  const read = parseDesign(readFileSync('examples/pavel-first-band.json', 'utf8'));
  if (!read.ok) throw new Error('example');
  return read.value;
})();

let db: Database;
beforeEach(async () => {
  kept.clear();
  db = await openDatabase();
  await db.clear('pieces');
  await db.clear('makes');
  await db.clear('settings');
  await db.clear('unsaved');
});

async function begun(): Promise<string> {
  const id = await beginPiece(db, 'd1', design, LIBRARY_ONLY);
  if (!id.ok) throw new Error(id.issues[0]!.message);
  return id.value;
}

async function opened(id: string): Promise<TyingPiece> {
  const piece = await openPiece(db, id, LIBRARY_ONLY);
  if (!piece.ok) throw new Error(piece.issues[0]!.message);
  return piece.value;
}

const settle = () => new Promise((resolve) => setTimeout(resolve, 30));
const at = (p: TyingPiece) => p.store.getState().tying.progress.at;

describe('a piece and the log', () => {
  const saying = (s: number) => ({
    s,
    h: 0,
    varS: 0.0004,
    varH: 0.001,
    covSH: -0.0001,
    ends: 0,
    scale: 1,
    nu: 20,
    pieces: { all: 3, ofWeave: 3, ofFamily: 3 },
  });
  const cuts = (p: TyingPiece) => p.store.getState().plan.cords.map((c) => c.cutLengthMm);

  it('stays as it was cut, whatever later pieces teach', async () => {
    const know = { ...LIBRARY_ONLY, learned: () => saying(-0.06) };
    const id = await beginPiece(db, 'd1', design, know);
    if (!id.ok) throw new Error(id.issues[0]!.message);
    const same = await openPiece(db, id.value, know);
    const later = await openPiece(db, id.value, { ...LIBRARY_ONLY, learned: () => saying(0.08) });
    const off = await openPiece(db, id.value, LIBRARY_ONLY);
    const onBench = plan(design, know);
    if (!same.ok || !later.ok || !off.ok || !onBench.ok) throw new Error('piece');
    expect(cuts(same.value)).toEqual(onBench.value.cords.map((c) => c.cutLengthMm));
    expect(cuts(same.value)).not.toEqual(cuts(await opened(await begun())));
    expect(cuts(later.value)).toEqual(cuts(same.value));
    expect(cuts(off.value)).toEqual(cuts(same.value));
    // Another way of working makes another guide, by the same cuts.
    later.value.dispatch({ type: 'way', way: { ...USUAL_WAY, hand: 'left', start: 'right' } });
    expect(cuts(later.value)).toEqual(cuts(same.value));
  });

  it('can be opened again with everything that a log may say of it', async () => {
    // Whether the hand tires is known from pieces that were measured on the way; by how much ends differ, from any.
    const learned = { ...saying(-0.06), ends: 0.01, varEnds: 4e-5, tiring: { mean: 0.02, sd: 0.012 } };
    const know = { ...LIBRARY_ONLY, learned: () => learned };
    const id = await beginPiece(db, 'd1', design, know);
    if (!id.ok) throw new Error(id.issues[0]!.message);
    const again = await openPiece(db, id.value, LIBRARY_ONLY);
    if (!again.ok) throw new Error(again.issues[0]!.message);
    expect(again.value.store.getState().plan.metrics.tiring).toEqual({ mean: 0.02, sd: 0.012 });
  });

  it('is refused in words, and not kept, where it could not be read back', async () => {
    const learned = { ...saying(Number.NaN), varS: -1 };
    const before = (await listPieces(db)).length;
    const id = await beginPiece(db, 'd1', design, { ...LIBRARY_ONLY, learned: () => learned });
    expect(id.ok).toBe(false);
    expect(await listPieces(db)).toHaveLength(before);
  });

  it('begun before there was a log keeps its cuts when one appears', async () => {
    const id = await begun();
    const before = cuts(await opened(id));
    const now = await openPiece(db, id, { ...LIBRARY_ONLY, learned: () => saying(-0.06) });
    if (!now.ok) throw new Error('piece');
    expect(cuts(now.value)).toEqual(before);
  });
});

describe('a piece in cords of different thickness', () => {
  const mixed: Design = {
    ...design,
    setup: { style: 'separate' },
    cords: [{ colour: 'dusk', cord: 'nylon-2' }, { colour: 'graphite' }],
  };

  it('is begun once its weave is tight, not by rough numbers', async () => {
    const rough = await beginPiece(db, 'd1', mixed, LIBRARY_ONLY);
    expect(rough.ok ? '' : rough.issues[0]!.message).toContain('still being pulled tight');
    expect((await listPieces(db)).length).toBe(0);
    const tight = { ...LIBRARY_ONLY, mixed: () => LIBRARY_ONLY.facts('solomon-bar') };
    expect((await beginPiece(db, 'd1', mixed, tight)).ok).toBe(true);
    expect((await listPieces(db)).length).toBe(1);
  });
});

describe('a piece on the table', () => {
  it('is opened at the step that it was left at', async () => {
    const id = await begun();
    const piece = await opened(id);
    piece.dispatch({ type: 'go', to: 'row-7', now: Date.now() });
    await vi.waitFor(() => expect(piece.store.getState().save).toBe('saved'));
    piece.close();
    const again = await opened(id);
    expect(at(again)).toBe('row-7');
    again.close();
  });

  it('a step that reached the journal and not the store is not lost; an older journal is', async () => {
    const id = await begun();
    const stored = (await getPiece(db, id))!;
    const read = readTying(stored.tying);
    if (!read.ok) throw new Error('tying');
    const ahead = { ...read.value, progress: { ...read.value.progress, at: 'row-20' } };
    writeJournal(id, stored.revision!, ahead, Date.now() + 5);
    const piece = await opened(id);
    expect(at(piece)).toBe('row-20');
    await settle();
    piece.close();
    await db.put('pieces', stored);
    writeJournal(id, stored.revision! - 1, ahead, stored.updatedAt - 5);
    const other = await opened(id);
    expect(at(other)).toBe('gather');
    other.close();
  });

  it('an edit that a killed browser had only begun to save is there again, and its row goes', async () => {
    const id = await begun();
    const stored = (await getPiece(db, id))!;
    const tying = readTying(stored.tying);
    if (!tying.ok) throw new Error('tying');
    const ahead = { ...tying.value, progress: { ...tying.value.progress, at: 'row-12' } };
    await appendUnsaved(db, id, stored.revision!, ahead, stored.updatedAt + 1);
    const piece = await opened(id);
    expect(at(piece)).toBe('row-12');
    await settle();
    expect(await db.getAll('unsaved')).toEqual([]);
    expect((await getPiece(db, id))!.place).toContain('Row 12');
    piece.close();
  });

  it('of a version before saves were counted opens, with its journal, and is counted from then on', async () => {
    const id = await begun();
    const { revision: _revision, writer: _writer, ...old } = (await getPiece(db, id))!;
    const tying = readTying(old.tying);
    if (!tying.ok) throw new Error('tying');
    const ahead = { ...tying.value, progress: { ...tying.value.progress, at: 'row-9' } };
    await db.put('pieces', old);
    kept.set(`warp-beam-tying:${id}`, JSON.stringify({ ...old, updatedAt: old.updatedAt + 5, tying: ahead }));
    const piece = await opened(id);
    expect(at(piece)).toBe('row-9');
    piece.dispatch({ type: 'go', to: 'row-10', now: Date.now() });
    await settle();
    piece.close();
    expect((await getPiece(db, id))!.revision).toBe(1);
    const again = await opened(id);
    expect(at(again)).toBe('row-10');
    again.close();
  });

  it('two tabs on one piece: whoever touched it last has it', async () => {
    const id = await begun();
    const [one, two] = [await opened(id), await opened(id)];
    one.dispatch({ type: 'go', to: 'row-3', now: Date.now() });
    two.dispatch({ type: 'go', to: 'row-4', now: Date.now() });
    await settle();
    const last = readTying((await getPiece(db, id))!.tying);
    expect(last.ok && ['row-3', 'row-4']).toContain(last.ok && last.value.progress.at);
    one.dispatch({ type: 'go', to: 'row-6', now: Date.now() });
    await settle();
    expect(at(two)).toBe('row-6');
    expect(two.store.getState().notice).toContain('Another tab');
    one.close();
    two.close();
  });

  it('keeps the design that was cut, whatever becomes of it on the Bench, and the way of working', async () => {
    const piece = await opened(await begun());
    const { way } = piece.store.getState().tying.progress;
    piece.dispatch({ type: 'way', way: { ...way, start: 'right' } });
    const { guide, tying } = piece.store.getState();
    expect(guide.tying[0]!.row(0).from).toBe('right');
    expect(tying.design).toEqual(design);
    await settle();
    piece.close();
  });

  it('the next piece begins in the way in which the maker worked last; a spoilt one is as usual', async () => {
    const piece = await opened(await begun());
    const { way } = piece.store.getState().tying.progress;
    const mine = { ...way, hand: 'left', melt: 'bead', own: { armSpanMm: 1720, thumbMm: 21 } } as const;
    piece.dispatch({ type: 'way', way: mine });
    await settle();
    piece.close();
    const next = await opened(await begun());
    expect(next.store.getState().tying.progress.way).toEqual(mine);
    const cut = next.store.getState().guide.steps.find((s) => s.id === 'cut-A')!;
    expect(cut.lines[0]!.join(' ')).toContain('1 arm span');
    next.close();
    for (const spoilt of [{ hand: 'third' }, 'left', { own: { thumbMm: -5 } }]) {
      await db.put('settings', spoilt, 'way');
      const usual = await opened(await begun());
      expect(usual.store.getState().tying.progress.way.hand).toBe('right');
      usual.close();
    }
  });

  it('more rows are more steps; ended early it goes on with the closing, and is opened so again', async () => {
    const id = await begun();
    const piece = await opened(id);
    piece.dispatch({ type: 'go', to: 'row-28', now: Date.now() });
    piece.dispatch({ type: 'rows', rowsOf: [36] });
    expect(at(piece)).toBe('row-28');
    expect(piece.store.getState().guide.rows).toBe(36);
    piece.dispatch({ type: 'rows', rowsOf: [26] });
    expect(at(piece)).toBe('close-end');
    await settle();
    piece.close();
    const again = await opened(id);
    expect(again.store.getState().guide.rows).toBe(26);
    expect(at(again)).toBe('close-end');
    again.close();
  });

  it('begun when the plan still counted more rows, it is opened at the row that it was left at', async () => {
    const id = await begun();
    const stored = (await getPiece(db, id))!;
    const read = readTying(stored.tying);
    if (!read.ok) throw new Error('tying');
    const planned = (await opened(id)).store.getState().plan.rows;
    const left = `row-${planned + 2}`;
    const tying = { ...read.value, progress: { ...read.value.progress, at: left } };
    await db.put('pieces', { ...stored, updatedAt: stored.updatedAt + 1, tying });
    const piece = await opened(id);
    expect(at(piece)).toBe(left);
    const { steps } = piece.store.getState().guide;
    expect(steps.some((s) => s.id === left)).toBe(true);
    expect(piece.store.getState().guide.rows).toBe(planned + 2);
    piece.close();
  });

  it('every step is in the journal before the store has had a moment', async () => {
    const id = await begun();
    const piece = await opened(id);
    piece.dispatch({ type: 'go', to: 'row-5', now: Date.now() });
    const journal = readJournal(id)!.document as { progress: { at: string } };
    expect(journal.progress.at).toBe('row-5');
    await settle();
    piece.close();
  });

  it('asks its cautions again in a new session, not after a short absence', async () => {
    const id = await begun();
    const stored = (await getPiece(db, id))!;
    const tying = stored.tying as { progress: object };
    const read = { ...tying, progress: { ...tying.progress, acknowledged: ['heat'] } };
    for (const [hours, left] of [
      [1, ['heat']],
      [5, []],
    ] as const) {
      kept.clear();
      await db.put('pieces', { ...stored, updatedAt: Date.now() - hours * 3_600_000, tying: read });
      const piece = await opened(id);
      expect(piece.store.getState().tying.progress.acknowledged).toEqual(left);
      piece.close();
    }
  });

  it('says that it could not be kept, and keeps it when it can', async () => {
    const id = await begun();
    const piece = await opened(id);
    const put = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    piece.dispatch({ type: 'go', to: 'row-2', now: Date.now() });
    await settle();
    expect(piece.store.getState().save).toEqual({ failed: 'the browser’s storage is full.' });
    expect(at(piece)).toBe('row-2');
    put.mockRestore();
    piece.retry();
    await settle();
    expect(piece.store.getState().save).toBe('saved');
    const stored = readTying((await db.get('pieces', id))!.tying);
    expect(stored.ok && stored.value.progress.at).toBe('row-2');
    piece.close();
  });

  it('spoilt or from a newer version it is refused with a reason, and left as it is', async () => {
    const id = await begun();
    const stored = (await getPiece(db, id))!;
    const tying = stored.tying as Record<string, unknown>;
    for (const [spoilt, message] of [
      [{ ...tying, version: 9 }, 'newer'],
      [{ ...tying, format: 'something' }, 'not a piece'],
      [{ ...tying, progress: { at: 5 } }, ''],
      [{ ...tying, design: { format: 'warp-beam/design', version: 2 } }, ''],
    ] as const) {
      await db.put('pieces', { ...stored, tying: spoilt });
      const piece = await openPiece(db, id, LIBRARY_ONLY);
      expect(piece.ok).toBe(false);
      if (!piece.ok) expect(piece.issues.map((i) => i.message).join(' ')).toContain(message);
      expect((await db.get('pieces', id))!.tying).toEqual(spoilt);
    }
  });

  it('finished it goes into the log and off the table, and its record reads back', async () => {
    const id = await begun();
    const piece = await opened(id);
    const { plan, tying } = piece.store.getState();
    const make = makeRecord(
      'm1',
      design,
      plan,
      tying.progress,
      { startedAt: 1, finishedAt: 2 },
      {
        fit: 'right',
        checks: [{ id: 'ends', ok: true }],
        left: [{ band: 0, end: 1, leftMm: 210 }],
        closedMm: 201,
      },
    );
    expect(readMake(JSON.parse(formatMake(make)))).toEqual({ ok: true, value: make });
    // Planned to be left over: the tail and that end’s margin, by the plan’s own parts.
    const parts = plan.cords[0]!.parts;
    const spare =
      parts.at(-1)!.lengthMm +
      parts.at(-2)!.lengthMm +
      parts.filter((p) => p.what === 'tail').at(-1)!.lengthMm;
    expect(make.leftovers[0]!.plannedMm).toBeCloseTo(spare, 6);
    await appendUnsaved(db, id, 1, {}, Date.now());
    await finishPiece(db, id, make);
    expect(await db.use((c) => c.getAll('unsaved'))).toEqual([]);
    expect(await listPieces(db)).toEqual([]);
    expect((await listMakes(db)).map((m) => m.id)).toEqual(['m1']);
    expect(await getPiece(db, id)).toBeUndefined();
    piece.close();
  });

  it('a make that is wrong anywhere says where', () => {
    const wrong = readMake({ format: 'warp-beam/make', version: 1, id: 'x' });
    expect(wrong.ok).toBe(false);
    expect(readMake({ format: 'warp-beam/make', version: 2 })).toMatchObject({
      issues: [{ code: 'file.newer' }],
    });
    expect(readMake(null)).toMatchObject({ issues: [{ code: 'file.foreign' }] });
  });

  it('taken off the table its journal goes, and what was not saved yet, too', async () => {
    const id = await begun();
    const piece = await opened(id);
    piece.dispatch({ type: 'go', to: 'row-2', now: Date.now() });
    await settle();
    piece.close();
    await appendUnsaved(db, id, 1, {}, Date.now());
    await removePiece(db, id);
    expect(await getPiece(db, id)).toBeUndefined();
    expect(await db.use((c) => c.getAll('unsaved'))).toEqual([]);
    expect([...kept.keys()]).toEqual([]);
  });
});
