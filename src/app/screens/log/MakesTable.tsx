import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { format } from 'date-fns';
import { useMemo, useState } from 'react';
import { readDesign } from '../../../core/formats/design.ts';
import { useLength } from '../../ui/units.tsx';
import type { LogView } from './useLog.ts';

interface Row {
  readonly id: string;
  readonly at: number;
  readonly name: string;
  readonly weave: string;
  readonly wearer: string;
  readonly rows: number;
  readonly minutes: number;
  readonly leftMm: readonly number[];
  readonly fit: string;
  readonly counts: boolean;
}

function tableRows({ makes, leftOut, know }: LogView): Row[] {
  return makes.map((m) => {
    const design = readDesign(m.design);
    const rows = m.rows.reduce((a, b) => a + b, 0);
    return {
      id: m.id,
      at: m.finishedAt,
      name: m.name,
      weave: design.ok ? (know.name(design.value.pattern.id) ?? design.value.pattern.id) : '',
      wearer: design.ok ? design.value.wearer.name : '',
      rows,
      minutes: rows > 0 ? m.spent.tie / 60_000 / rows : 0,
      leftMm: m.leftovers.map((l) => l.leftMm),
      fit: m.fit,
      counts: !leftOut.has(m.id),
    };
  });
}

/** The same as it goes out: lengths in mm, one piece a row. */
export const rowsOfTable = (view: LogView): Record<string, string | number>[] =>
  tableRows(view).map((r) => ({
    id: r.id,
    finished: format(r.at, 'yyyy-MM-dd'),
    piece: r.name,
    weave: r.weave,
    wearer: r.wearer,
    rows: r.rows,
    minutesARow: Number(r.minutes.toFixed(2)),
    leftOverMm: r.leftMm.map((mm) => Math.round(mm)).join(' '),
    fit: r.fit,
    counts: r.counts ? 'yes' : 'no',
  }));

const column = createColumnHelper<Row>();

/** Every finished piece, to find, sort, and leave out. */
export function MakesTable({ view }: { readonly view: LogView }) {
  const show = useLength();
  const [sorting, setSorting] = useState<SortingState>([{ id: 'at', desc: true }]);
  const [find, setFind] = useState('');
  const { makes, leftOut, know } = view;
  // biome-ignore lint/correctness/useExhaustiveDependencies: each render makes a new set; its ids tell whether it changed
  const data = useMemo(() => tableRows(view), [makes, know, [...leftOut].join()]);
  const columns = [
    column.accessor('at', { header: 'Finished', cell: (c) => format(c.getValue(), 'd MMM yyyy') }),
    column.accessor('name', { header: 'Piece', cell: (c) => <strong>{c.getValue()}</strong> }),
    column.accessor('weave', { header: 'Weave' }),
    column.accessor('wearer', { header: 'For' }),
    column.accessor('rows', { header: 'Rows' }),
    column.accessor('minutes', {
      header: 'Minutes a row',
      cell: (c) => (c.getValue() > 0 ? c.getValue().toFixed(1) : '–'),
    }),
    column.accessor((r) => Math.min(...r.leftMm), {
      id: 'left',
      header: 'Left over',
      cell: (c) => c.row.original.leftMm.map((mm) => show(mm, { kind: 'cut' })).join(', ') || '–',
    }),
    column.accessor('fit', { header: 'Fit' }),
    column.display({
      id: 'counts',
      header: 'Counts',
      cell: (c) => (
        <input
          type="checkbox"
          className="size-5 accent-amber-ink"
          aria-label={`${c.row.original.name}, ${format(c.row.original.at, 'd MMM')}, counts`}
          checked={c.row.original.counts}
          onChange={(e) => void view.setCounts(c.row.original.id, e.target.checked)}
        />
      ),
    }),
  ];
  const table = useReactTable({
    data,
    columns,
    state: { sorting, globalFilter: find },
    onSortingChange: setSorting,
    onGlobalFilterChange: setFind,
    getRowId: (r) => r.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  return (
    <section aria-label="Finished pieces" className="flex flex-col gap-2">
      <input
        type="search"
        aria-label="Find a finished piece"
        placeholder="Find a piece, weave or wearer"
        value={find}
        maxLength={100}
        onChange={(e) => setFind(e.target.value)}
        className="w-72 rounded border border-ink-soft bg-white px-2 py-1.5"
      />
      <div className="overflow-x-auto rounded-xl border border-rule bg-card">
        <table className="w-full text-left text-[15px]" data-testid="log-table">
          <thead className="border-rule border-b">
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id}>
                {group.headers.map((h) => (
                  <th
                    key={h.id}
                    scope="col"
                    aria-sort={
                      h.column.getIsSorted() === 'asc'
                        ? 'ascending'
                        : h.column.getIsSorted() === 'desc'
                          ? 'descending'
                          : undefined
                    }
                    className="px-3 py-1 font-medium text-ink-soft"
                  >
                    {h.column.getCanSort() ? (
                      <button
                        type="button"
                        className="py-1 hover:text-ink"
                        onClick={h.column.getToggleSortingHandler()}
                      >
                        {flexRender(h.column.columnDef.header, h.getContext())}
                        {{ asc: ' ↑', desc: ' ↓' }[h.column.getIsSorted() as string] ?? ''}
                      </button>
                    ) : (
                      flexRender(h.column.columnDef.header, h.getContext())
                    )}
                  </th>
                ))}
              </tr>
            ))}
          </thead>
          <tbody>
            {table.getRowModel().rows.map((row) => (
              <tr
                key={row.id}
                className={`border-rule/60 border-b last:border-0 ${row.original.counts ? '' : 'text-ink-soft'}`}
              >
                {row.getVisibleCells().map((cell) => (
                  <td key={cell.id} className="px-3 py-1.5">
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
