import { useNavigate } from 'react-router';
import { type Design, parseDesign, readDesign } from '../../core/formats/design.ts';
import { LIMITS } from '../../core/formats/limits.gen.ts';
import { carriedWeave } from '../../core/patterns/own.ts';
import { ok, type Result } from '../../core/result.ts';
import { DEFAULTS } from '../../core/tighten/run.ts';
import type { DesignRecord } from '../../storage/db.ts';
import { clearDesigns, removeDesign, restoreDesigns, saveDesign } from '../../storage/designs.ts';
import { newId } from '../../storage/ids.ts';
import { saveWeave } from '../../storage/weaves.ts';
import { solveInWorker } from '../../workers/outside/solve.ts';
import { readText } from '../export/readText.ts';
import { designPath } from '../paths.ts';
import { fetchModule } from '../ui/lazily.ts';
import { useToast } from '../ui/Toast.tsx';
import { useWorkshop } from './knowledge.tsx';
import { newDesign } from './newDesign.ts';
import { useDatabase, useDesigns } from './services.tsx';

/** The demo’s designs are fetched where somebody asks for them. */
const bringingDemo = () => fetchModule(() => import('./demo.ts'));

/** A file larger than this is not read at all. */
const MAX_FILE_BYTES = 1_000_000;

/** Everything that is done to designs as a whole: add, copy, remove, bring in, clear. Removing can be undone. Long because
 * it is a list of actions on the same few things. */
export function useLibrary() {
  const db = useDatabase();
  const { data: records = [], mutate } = useDesigns();
  const navigate = useNavigate();
  const toast = useToast();
  const workshop = useWorkshop();

  async function add(design: Design): Promise<string | undefined> {
    const id = newId();
    const outcome = await saveDesign(db, id, 0, design, Date.now());
    await mutate();
    if (outcome.kind === 'saved') return id;
    const why = outcome.kind === 'failed' ? outcome.message : 'another tab was faster';
    const isFull = outcome.kind === 'failed' && outcome.reason === 'full';
    toast({
      text: isFull ? 'The browser’s storage is full: nothing was added.' : `It could not be saved: ${why}`,
      tone: 'bad',
    });
    return undefined;
  }

  async function open(design: Design): Promise<void> {
    const id = await add(design);
    if (id) await navigate(designPath(id));
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

  /** Keeps a design from elsewhere, with the weave that it carries, and opens it. */
  async function bring(design: Design): Promise<Result<Design>> {
    const brought = await bringWeave(design);
    if (!brought.ok) return brought;
    await open(design);
    return ok(design);
  }

  const names = records.map((r) => r.name);

  return {
    records,
    /** Keeps a design that was made elsewhere, and opens it. */
    openDesign: (design: Design) => open({ ...design, name: freeName(design.name, '', names) }),
    create: (changes: Partial<Design> = {}) =>
      open({ ...newDesign(freeName('New band', '', names)), ...changes }),
    /** The demo, open on the design that says most. */
    lookAround: async () => {
      const [first] = await (await bringingDemo()).bringDemo(db, Date.now());
      await mutate();
      if (first) await navigate(designPath(first));
    },
    duplicate: (record: DesignRecord) => {
      const read = readDesign(record.design);
      if (read.ok) return open({ ...read.value, name: freeName(read.value.name, ', copy', names) });
      toast({ text: read.issues[0]!.message, tone: 'bad' });
      return Promise.resolve();
    },
    /** Removes a design; where it is the open one, the next in the list is opened in its place. */
    remove: async (record: DesignRecord, isOpen: boolean) => {
      const index = records.findIndex((r) => r.id === record.id);
      const next = records[index + 1] ?? records[index - 1];
      if (isOpen) await navigate(next ? designPath(next.id) : '/');
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
      await (await bringingDemo()).bringDemo(db, Date.now());
      await mutate();
      toast({ text: 'The observatory stall’s demo designs are here.' });
    },
    importFile: async (file: File): Promise<Result<Design>> => {
      const text = await readText(file, MAX_FILE_BYTES, 'a design');
      if (!text.ok) return text;
      const read = parseDesign(text.value);
      return read.ok ? bring(read.value) : read;
    },
    /** The same under a name that no other design has. */
    bringCopy: (design: Design) => bring({ ...design, name: freeName(design.name, '', names) }),
  };
}

/** A name that no design has yet, no longer than a name may be: the end that tells copies apart is kept. */
export function freeName(wanted: string, ending: string, taken: readonly string[]): string {
  const most = LIMITS.design['/name'];
  for (let n = 1; ; n++) {
    const end = n === 1 ? ending : `${ending} ${n}`;
    const name = `${[...wanted].slice(0, most - end.length).join('')}${end}`;
    if (!taken.includes(name)) return name;
  }
}
