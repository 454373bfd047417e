import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type SortingState,
  type Row as TableRow,
  useReactTable,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { format } from 'date-fns';
import { useMemo, useRef, useState } from 'react';
import { readDesign } from '../../../core/formats/design.ts';
import { FITS } from '../../ui/fits.ts';
import { SearchField } from '../../ui/SearchField.tsx';
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

const column = createColumnHelper<Row>();

/** From so many rows on only those in sight are drawn; each is so high, in px. */
const LONG = 100;
const ROW_PX = 36;
const BEYOND = 12;

interface Props {
  readonly view: LogView;
  readonly chosen: string | undefined;
  readonly onChoose: (id: string) => void;
}

/** Every finished piece, to find, sort, open, and leave out. */
export function MakesTable({ view, chosen, onChoose }: Props) {
  const show = useLength();
  const [sorting, setSorting] = useState<SortingState>([{ id: 'at', desc: true }]);
  const [find, setFind] = useState('');
  const { makes, leftOut, know } = view;
  // biome-ignore lint/correctness/useExhaustiveDependencies: each render makes a new set; its ids tell whether it changed
  const data = useMemo(() => tableRows(view), [makes, know, [...leftOut].join()]);
  const columns = [
    column.accessor('at', { header: 'Finished', cell: (c) => format(c.getValue(), 'd MMM yyyy') }),
    column.accessor('name', {
      header: 'Piece',
      cell: (c) => (
        <button
          type="button"
          aria-expanded={c.row.original.id === chosen}
          onClick={() => onChoose(c.row.original.id)}
          className="text-left font-bold underline decoration-current/40 underline-offset-4 hover:decoration-current"
        >
          {c.getValue()}
        </button>
      ),
    }),
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
    column.accessor((r) => FITS.find((f) => f.value === r.fit)!.name, { id: 'fit', header: 'Fit' }),
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
  const box = useRef<HTMLDivElement>(null);
  const { rows } = table.getRowModel();
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW_PX,
    overscan: BEYOND,
  });
  // A short table is simply there.
  const shown =
    rows.length > LONG
      ? virtual.getVirtualItems()
      : rows.map((_, index) => ({ index, start: 0, end: virtual.getTotalSize() }));
  return (
    <section aria-label="Finished pieces" className="flex flex-col gap-2">
      <SearchField
        label="Find a finished piece"
        example="Find a piece, weave or wearer"
        value={find}
        onChange={setFind}
        className="w-72"
      />
      <div ref={box} className="max-h-[75vh] overflow-auto rounded-xl border border-rule bg-card">
        <table className="w-full text-left text-[15px]" data-testid="log-table">
          <thead className="sticky top-0 z-10 border-rule border-b bg-card">
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
            <Gap px={shown[0]?.start ?? 0} />
            {shown.map(({ index }) => (
              <MakeLine key={rows[index]!.id} row={rows[index]!} isChosen={rows[index]!.id === chosen} />
            ))}
            <Gap px={virtual.getTotalSize() - (shown.at(-1)?.end ?? 0)} />
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** Fills the room of rows that are out of sight. */
function Gap({ px }: { readonly px: number }) {
  return px > 0 ? (
    <tr aria-hidden>
      <td style={{ height: px }} />
    </tr>
  ) : null;
}

function MakeLine({ row, isChosen }: { readonly row: TableRow<Row>; readonly isChosen: boolean }) {
  return (
    <tr
      className={`border-rule/60 border-b last:border-0 ${row.original.counts ? '' : 'text-ink-soft'} ${isChosen ? 'bg-amber-pale/60' : ''}`}
    >
      {row.getVisibleCells().map((cell) => (
        <td key={cell.id} className="px-3 py-1.5">
          {flexRender(cell.column.columnDef.cell, cell.getContext())}
        </td>
      ))}
    </tr>
  );
}
