import { useNavigate } from 'react-router';
import { type Design, parseDesign, readDesign } from '../../core/formats/design.ts';
import type { Result } from '../../core/result.ts';
import type { DesignRecord } from '../../storage/db.ts';
import { clearDesigns, removeDesign, restoreDesigns, saveDesign } from '../../storage/designs.ts';
import { useToast } from '../ui/Toast.tsx';
import { demoRecords } from './demo.ts';
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
      if (read.ok) await open(read.value);
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
