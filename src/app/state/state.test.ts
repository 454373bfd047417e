import type { Design } from '../../core/formats/design.ts';
import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { withStyle } from '../../core/plan/adapt.ts';
import { LIBRARY_ONLY } from '../../core/plan/knowledge.ts';
import { type DesignRecord, openDatabase } from '../../storage/db.ts';
import {
  clearDesigns,
  getDesign,
  listDesigns,
  removeDesign,
  restoreDesigns,
  saveDesign,
} from '../../storage/designs.ts';
import { readJournal } from '../../storage/journal.ts';
import { reduceDesign } from './actions.ts';
import { openBench } from './bench.ts';
import { type History, record, redo, startHistory, undo } from './history.ts';
import { newDesign } from './newDesign.ts';
import { Saver, type SaveState } from './saver.ts';

const settle = (ms = 30) => new Promise((resolve) => setTimeout(resolve, ms));

describe('history', () => {
  it('is undone and redone back to the same place, whatever happened', () => {
    const steps = fc.array(fc.oneof(fc.nat(9), fc.constantFrom('undo', 'redo')), { maxLength: 40 });
    fc.assert(
      fc.property(steps, (list) => {
        let h: History<number> = startHistory(0);
        for (const step of list)
          h = step === 'undo' ? undo(h) : step === 'redo' ? redo(h) : record(h, step as number);
        const back = undo(h);
        if (back !== h) expect(redo(back).present).toBe(h.present);
      }),
    );
  });

  it('takes a whole drag back in one step', () => {
    let h = record(startHistory(160), 165);
    for (const mm of [166, 167, 168]) h = record(h, mm, 'drag-1');
    expect(undo(h).present).toBe(165);
    h = record(h, 170, 'drag-2');
    expect(undo(h).present).toBe(168);
  });
});

describe('actions', () => {
  it('give a second colour to a set-up of two cords, and take it away again', () => {
    const one = newDesign('x');
    const facts = LIBRARY_ONLY.facts(one.pattern.id)!;
    const two = reduceDesign(one, { type: 'become', design: withStyle(one, 'fused', facts) });
    expect(two.cords.map((c) => c.colour)).toEqual(['dusk', 'graphite']);
    expect(reduceDesign(two, { type: 'swap-colours' }).cords[0]!.colour).toBe('graphite');
    expect(withStyle(two, 'folded', facts).cords).toEqual(one.cords);
  });

  it('a girth goes so many steps from where it is, on the grid of its step, and never off the body', () => {
    const at = (girthMm: number): Design => ({ ...newDesign('x'), wearer: { name: '', girthMm } });
    const go = (from: number, steps: number, stepMm: number) =>
      reduceDesign(at(from), { type: 'girth-steps', steps, stepMm }).wearer.girthMm;
    expect(go(165, 3, 1)).toBe(168);
    expect(go(165.4, -1, 1)).toBe(164);
    // 165 mm are 51.97 eighths of an inch: one more is 53 of 3.175 mm.
    expect(go(165, 1, 25.4 / 8)).toBeCloseTo(168.275, 6);
    expect(go(70, -500, 1)).toBe(60);
    expect(go(340, 500, 1)).toBe(350);
  });

  it('forget a measured length when another buckle is taken', () => {
    const measured = reduceDesign(newDesign('x'), { type: 'closure', options: { lengthMm: 40 } });
    expect(measured.closure.lengthMm).toBe(40);
    expect(reduceDesign(measured, { type: 'closure', options: { sizeMm: 20 } }).closure).toEqual({
      kind: 'side-release',
      sizeMm: 20,
    });
  });

  it('keep the name whatever the design becomes, and take a measure out again', () => {
    const mine = { ...newDesign('mine'), name: 'mine' };
    const other = reduceDesign(mine, { type: 'become', design: newDesign('other') });
    expect(other.name).toBe('mine');
    const hand = reduceDesign(mine, { type: 'measure', id: 'hand', mm: 201 });
    expect(hand.measures).toEqual({ hand: 201 });
    expect(reduceDesign(hand, { type: 'measure', id: 'hand', mm: undefined }).measures).toEqual({});
  });
});

describe('designs in the store', () => {
  it('are never saved over a revision that was not seen', async () => {
    const db = await openDatabase();
    const design = newDesign('mine');
    expect((await saveDesign(db, 'a', 0, design, 1)).kind).toBe('saved');
    expect((await saveDesign(db, 'a', 1, { ...design, name: 'theirs' }, 2)).kind).toBe('saved');
    const late = await saveDesign(db, 'a', 1, { ...design, name: 'late' }, 3);
    expect(late.kind === 'conflict' && late.theirs?.name).toBe('theirs');
    expect((await getDesign(db, 'a'))?.name).toBe('theirs');
    db.close();
  });

  it('come back after removing and clearing', async () => {
    const db = await openDatabase();
    await clearDesigns(db);
    await saveDesign(db, 'b', 0, newDesign('b'), 1);
    await saveDesign(db, 'c', 0, newDesign('c'), 2);
    expect((await listDesigns(db)).map((r) => r.name)).toEqual(['c', 'b']);
    const removed = await removeDesign(db, 'b');
    await restoreDesigns(db, [removed!]);
    const all = await clearDesigns(db);
    expect(await listDesigns(db)).toEqual([]);
    await restoreDesigns(db, all);
    expect(await listDesigns(db)).toHaveLength(2);
    db.close();
  });

  it('report full storage in so many words', async () => {
    const full = {
      write: async () => {
        throw new DOMException('no room', 'QuotaExceededError');
      },
    };
    const outcome = await saveDesign(full as never, 'd', 0, newDesign('d'), 1);
    expect(outcome).toMatchObject({ kind: 'failed', reason: 'full' });
  });

  it('written by a newer version are refused and left as they are', async () => {
    const db = await openDatabase();
    const future = { format: 'warp-beam/design', version: 3, surprise: true };
    await restoreDesigns(db, [{ id: 'future', revision: 4, updatedAt: 1, name: 'future', design: future }]);
    const opened = await openBench(db, 'future');
    expect(!opened.ok && opened.issues[0]!.code).toBe('file.newer');
    expect((await getDesign(db, 'future'))?.design).toEqual(future);
    db.close();
  });
});

describe('the journal', () => {
  const kept = new Map<string, string>();
  beforeAll(() => {
    vi.stubGlobal('localStorage', {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => void kept.set(k, v),
      removeItem: (k: string) => void kept.delete(k),
    });
    vi.stubGlobal('window', { addEventListener: () => undefined, removeEventListener: () => undefined });
  });
  afterAll(() => vi.unstubAllGlobals());

  it('brings back what a dying tab had not saved, as a step that can be undone', async () => {
    const db = await openDatabase();
    await clearDesigns(db);
    await saveDesign(db, 'j', 0, newDesign('saved'), 1);
    kept.set(
      'warp-beam-unsaved:j',
      JSON.stringify({ revision: 1, design: { ...newDesign('saved'), name: 'typed last' } }),
    );
    const opened = await openBench(db, 'j');
    if (!opened.ok) throw new Error('cannot open');
    const { store } = opened.bench;
    expect(store.getState().history.present.name).toBe('typed last');
    expect(store.getState().notice).toContain('Restored');
    await settle(700);
    expect((await getDesign(db, 'j'))?.name).toBe('typed last');
    expect(readJournal('j')).toBeUndefined();
    opened.bench.undo();
    expect(store.getState().history.present.name).toBe('saved');
    await settle();
    opened.bench.close();
    db.close();
  });

  it('is left alone when the store has gone on without it, or when it cannot be read', async () => {
    const db = await openDatabase();
    await clearDesigns(db);
    for (const revision of [0, 1, 2, 3])
      await saveDesign(db, 'k', revision, newDesign(`saved ${revision}`), revision);
    for (const entry of [
      { revision: 1, design: newDesign('stale') },
      { revision: 4, design: { broken: true } },
    ]) {
      kept.set('warp-beam-unsaved:k', JSON.stringify(entry));
      const opened = await openBench(db, 'k');
      expect(opened.ok && opened.bench.store.getState().history.present.name).toBe('saved 3');
      if (opened.ok) opened.bench.close();
    }
    kept.set('warp-beam-unsaved:k', '{not json');
    expect(readJournal('k')).toBeUndefined();
    db.close();
  });
});

describe('the saver', () => {
  it('keeps only the newest of what waits, and ends saved', async () => {
    const written: string[] = [];
    const states: SaveState[] = [];
    const saver = new Saver<Design, DesignRecord>(
      {
        append: () => undefined,
        save: async (revision, design) => {
          await settle();
          written.push(design.name);
          return {
            kind: 'saved',
            record: { id: 'x', revision: revision + 1, updatedAt: 0, name: design.name, design },
          };
        },
        onState: (s) => states.push(s),
        onSaved: () => undefined,
      },
      1,
    );
    for (const name of ['one', 'two', 'three']) saver.request(newDesign(name));
    await settle();
    await settle();
    await settle();
    expect(written).toEqual(['one', 'three']);
    expect(saver.seenRevision).toBe(3);
    expect(states.at(-1)!.kind).toBe('saved');
    expect(saver.hasUnsaved).toBe(false);
  });

  it('starts what waits at once when the page goes, after the save that runs', async () => {
    const written: [string, number][] = [];
    const saver = new Saver<Design, DesignRecord>(
      {
        append: () => undefined,
        save: async (revision, design) => {
          written.push([design.name, revision]);
          await settle();
          return {
            kind: 'saved',
            record: { id: 'x', revision: revision + 1, updatedAt: 0, name: design.name, design },
          };
        },
        onState: () => undefined,
        onSaved: () => undefined,
      },
      4,
    );
    saver.request(newDesign('one'));
    saver.request(newDesign('two'));
    saver.flush();
    expect(written).toEqual([
      ['one', 4],
      ['two', 5],
    ]);
    await settle();
    await settle();
    expect(saver.seenRevision).toBe(6);
    expect(saver.hasUnsaved).toBe(false);
  });

  it('stops at a conflict and goes on only when told to', async () => {
    let theirs = true;
    const written: string[] = [];
    const saver = new Saver<Design, DesignRecord>(
      {
        append: () => undefined,
        save: async (revision, design) => {
          if (theirs) return { kind: 'conflict', theirs: undefined };
          written.push(design.name);
          return {
            kind: 'saved',
            record: { id: 'x', revision: revision + 1, updatedAt: 0, name: design.name, design },
          };
        },
        onState: () => undefined,
        onSaved: () => undefined,
      },
      1,
    );
    saver.request(newDesign('mine'));
    await settle();
    saver.request(newDesign('mine, later'));
    await settle();
    expect(written).toEqual([]);
    expect(saver.hasUnsaved).toBe(true);
    theirs = false;
    saver.resume(7);
    await settle();
    expect(written).toEqual(['mine, later']);
    expect(saver.seenRevision).toBe(8);
  });
});
