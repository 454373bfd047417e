import { useNavigate } from 'react-router';
import { type Design, parseDesign, readDesign } from '../../core/formats/design.ts';
import { carriedWeave } from '../../core/patterns/own.ts';
import { ok, type Result } from '../../core/result.ts';
import { DEFAULTS } from '../../core/tighten/run.ts';
import type { DesignRecord } from '../../storage/db.ts';
import { clearDesigns, removeDesign, restoreDesigns, saveDesign } from '../../storage/designs.ts';
import { saveWeave } from '../../storage/weaves.ts';
import { solveInWorker } from '../../workers/outside/solve.ts';
import { useToast } from '../ui/Toast.tsx';
import { demoRecords } from './demo.ts';
import { useWorkshop } from './knowledge.tsx';
import { newDesign } from './newDesign.ts';
import { useDatabase, useDesigns } from './services.tsx';

/** A file larger than this is not read at all. */
const MAX_FILE_BYTES = 1_000_000;

/** Everything that is done to designs as a whole: add, copy, remove, bring in, clear. Removing can be undone. */
export function useLibrary() {
  const db = useDatabase();
  const { data: records = [], mutate } = useDesigns();
  const navigate = useNavigate();
  const toast = useToast();
  const workshop = useWorkshop();

  async function add(design: Design): Promise<string | undefined> {
    const id = crypto.randomUUID();
    const outcome = await saveDesign(db, id, 0, design, Date.now());
    await mutate();
    if (outcome.kind === 'saved') return id;
    toast({
      text:
        outcome.kind === 'failed' && outcome.reason === 'full'
          ? 'The browser’s storage is full: nothing was added.'
          : 'It could not be saved.',
      tone: 'bad',
    });
    return undefined;
  }

  async function open(design: Design): Promise<void> {
    const id = await add(design);
    if (id) await navigate(`/d/${id}`);
  }

  /** A weave that the design carries and this browser does not know is pulled tight and kept, under the same id. */
  async function bringWeave(design: Design): Promise<Result<undefined>> {
    const carried = carriedWeave(design);
    const { id, name } = design.pattern;
    if (!carried || workshop.know.facts(id)) return ok(undefined);
    const solved = await solveInWorker({ id, h: DEFAULTS.h, ...carried }, () => undefined).result;
    if (!solved.ok)
      return { ok: false, issues: solved.issues.map((i) => ({ ...i, path: `/pattern/notation ${i.path}` })) };
    await saveWeave(db, { id, name: name ?? id, updatedAt: Date.now(), solved: solved.value });
    await workshop.refresh();
    return ok(undefined);
  }

  return {
    records,
    create: () => open(newDesign(freeName('New band', records))),
    duplicate: (record: DesignRecord) => {
      const read = readDesign(record.design);
      if (read.ok) return open({ ...read.value, name: freeName(`${read.value.name}, copy`, records) });
      toast({ text: read.issues[0]!.message, tone: 'bad' });
      return Promise.resolve();
    },
    remove: async (record: DesignRecord) => {
      const removed = await removeDesign(db, record.id);
      await mutate();
      return removed;
    },
    restore: async (removed: readonly DesignRecord[]) => {
      await restoreDesigns(db, removed);
      await mutate();
    },
    clear: async () => {
      const removed = await clearDesigns(db);
      await mutate();
      toast({
        text: `${removed.length} designs were cleared.`,
        action: {
          text: 'Undo',
          run: async () => {
            await restoreDesigns(db, removed);
            await mutate();
          },
        },
      });
      await navigate('/');
    },
    loadDemo: async () => {
      await restoreDesigns(db, demoRecords(Date.now()));
      await mutate();
      toast({ text: 'The observatory stall’s demo designs are here.' });
    },
    importFile: async (file: File): Promise<Result<Design>> => {
      if (file.size > MAX_FILE_BYTES) {
        return {
          ok: false,
          issues: [
            {
              code: 'file.large',
              path: '',
              message: `“${file.name}” is ${(file.size / 1e6).toFixed(1)} MB; a design is far smaller. Nothing was changed.`,
            },
          ],
        };
      }
      const read = parseDesign(await file.text());
      if (!read.ok) return read;
      const brought = await bringWeave(read.value);
      if (!brought.ok) return brought;
      await open(read.value);
      return read;
    },
  };
}

function freeName(wanted: string, records: readonly DesignRecord[]): string {
  const taken = new Set(records.map((r) => r.name));
  let name = wanted;
  for (let n = 2; taken.has(name); n++) name = `${wanted} ${n}`;
  return name;
}
