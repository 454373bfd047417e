import { FileUp } from 'lucide-react';
import { parse } from 'papaparse';
import { useState } from 'react';
import {
  MAKE_COLUMNS,
  type MakeColumn,
  makesFromRows,
  mappedRows,
  NEEDED_COLUMNS,
} from '../../../core/log/table.ts';
import { readText } from '../../export/readText.ts';
import { readHeadings, writeHeadings } from '../../state/logHeadings.ts';
import { useDatabase, useDesigns } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';
import { FilePicker } from '../../ui/FilePicker.tsx';
import { NotImported, type Refused } from '../../ui/NotImported.tsx';
import { Select } from '../../ui/Select.tsx';
import { useToast } from '../../ui/Toast.tsx';
import type { LogView } from './useLog.ts';

interface Foreign {
  readonly file: string;
  readonly rows: readonly Readonly<Record<string, string>>[];
  readonly fields: readonly string[];
  readonly headings: Readonly<Partial<Record<MakeColumn, string>>>;
}

const MAX_BYTES = 20_000_000;

/** What each of our columns is called for people. */
const NAMES: Readonly<Record<MakeColumn, string>> = {
  id: 'its own number',
  piece: 'the design',
  finished: 'the day it was finished',
  rows: 'rows',
  wovenMm: 'woven length, mm',
  closedMm: 'inside when closed, mm',
  cutMm: 'cuts, mm',
  leftOverMm: 'left over, mm',
  tieMinutes: 'minutes of tying',
  fit: 'fit',
  lot: 'lot of cord',
  notes: 'notes',
};

/** Finished pieces from a table. One with other headings is told once which of them is what; that is remembered. */
export function Incoming({ view }: { readonly view: LogView }) {
  const db = useDatabase();
  const toast = useToast();
  const { data: records = [] } = useDesigns();
  const [refused, setRefused] = useState<Refused>();
  const [foreign, setForeign] = useState<Foreign>();

  async function bring(file: File) {
    setRefused(undefined);
    setForeign(undefined);
    const text = await readText(file, MAX_BYTES, 'finished pieces');
    if (!text.ok) return setRefused({ file: file.name, issues: text.issues });
    const read = parse<Record<string, string>>(text.value, { header: true, skipEmptyLines: 'greedy' });
    const fields = read.meta.fields ?? [];
    const own = Object.fromEntries(MAKE_COLUMNS.flatMap((c) => (fields.includes(c) ? [[c, c]] : [])));
    const headings = { ...own, ...(await readHeadings(db, fields)) };
    const all = { file: file.name, rows: read.data, fields, headings };
    if (NEEDED_COLUMNS.some((c) => !headings[c])) return setForeign(all);
    await put(all);
  }

  async function put({ file, rows, headings }: Foreign) {
    const designs = new Map(records.map((r) => [r.name.toLowerCase(), r.design]));
    const read = makesFromRows(mappedRows(rows, headings), { designs, know: view.know });
    if (!read.ok) return setRefused({ file, issues: read.issues });
    const known = new Set(view.makes.map((m) => m.id));
    const fresh = read.value.filter((m) => !known.has(m.id));
    const trouble = fresh.length > 0 ? await view.save(fresh) : undefined;
    if (trouble) return setRefused({ file, issues: [{ code: 'log.save', path: '', message: trouble }] });
    setForeign(undefined);
    toast({
      text: `${fresh.length} came into the log; ${read.value.length - fresh.length} were there already.`,
    });
  }

  return (
    <div className="flex max-w-2xl flex-col gap-2">
      <FilePicker
        label={
          <>
            <FileUp size={15} aria-hidden /> Bring in a table of pieces
          </>
        }
        name="Bring in a table of finished pieces"
        accept=".csv,text/csv"
        onFile={(f) => void bring(f)}
      />
      <NotImported refused={refused} />
      {foreign && (
        <section aria-label="Which column is what" className="rounded-xl border border-rule bg-card p-4">
          <h2 className="mb-2 font-bold font-title text-xl">Which column is what?</h2>
          <p className="mb-2 text-[15px]">
            “{foreign.file}” has headings of its own. Say once what they are; the design and the day are
            needed.
          </p>
          <ul className="grid gap-x-4 gap-y-1.5 sm:grid-cols-2">
            {MAKE_COLUMNS.filter((c) => c !== 'id').map((c) => (
              <li key={c} className="flex items-center justify-between gap-2">
                {NAMES[c]}
                <Select
                  label={`Column of ${NAMES[c]}`}
                  value={foreign.headings[c] ?? ''}
                  choices={[
                    { value: '', name: 'none' },
                    ...foreign.fields.map((f) => ({ value: f, name: f })),
                  ]}
                  onChange={(field) => {
                    const { [c]: _gone, ...rest } = foreign.headings;
                    setForeign({ ...foreign, headings: field ? { ...rest, [c]: field } : rest });
                  }}
                />
              </li>
            ))}
          </ul>
          <Button
            className="mt-3"
            disabled={NEEDED_COLUMNS.some((c) => !foreign.headings[c])}
            onClick={async () => {
              await writeHeadings(db, foreign.fields, foreign.headings);
              await put(foreign);
            }}
          >
            Bring in {foreign.rows.length} rows
          </Button>
        </section>
      )}
    </div>
  );
}
