import {
  createColumnHelper,
  getCoreRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp, CircleAlert, CircleCheck } from 'lucide-react';
import { useMemo, useState } from 'react';
import { type Compared, compareClosures } from '../../../core/plan/compare.ts';
import { plural } from '../../../core/words.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { ClosurePicture } from '../../ui/ClosurePicture.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber, WhyText } from '../../ui/WhyNumber.tsx';
import { useBench, usePlan } from './BenchContext.tsx';

type Made = Extract<Compared, { ok: true }>;
const HARD_NAMES = ['easy', 'easy', 'medium', 'hard', 'very hard'];

const column = createColumnHelper<Made>();
/** What can be sorted by; a closure that opens flat opens wider than any other. */
const COLUMNS = [
  column.accessor('name', { header: 'closure' }),
  column.accessor((row) => row.openMm ?? Number.MAX_VALUE, { id: 'open', header: 'opens' }),
  column.accessor('cordMm', { header: 'cord' }),
  column.accessor('minutes', { header: 'time' }),
  column.accessor('danglesMm', { header: 'dangles' }),
  column.accessor('difficulty', { header: 'tying it' }),
  column.accessor((row) => row.failed.length, { id: 'checks', header: 'checks' }),
];
type ColumnId = 'name' | 'open' | 'cordMm' | 'minutes' | 'danglesMm' | 'difficulty' | 'checks';

/** Every closure that this piece can have, side by side: what all have in common is said once, the rest can be sorted. */
export default function ClosuresTable() {
  const view = usePlan();
  const { know } = useWorkshop();
  const rows = useMemo(() => (view ? compareClosures(view.planned, know) : []), [view, know]);
  const made = useMemo(() => rows.filter((r): r is Made => r.ok), [rows]);
  const [sorting, setSorting] = useState<SortingState>([]);
  const common = useMemo(() => commonOf(made), [made]);
  const table = useReactTable({
    data: made,
    columns: COLUMNS,
    state: { sorting, columnVisibility: { danglesMm: common.dangles } },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return (
    <div>
      <Heading common={common} />
      <div className="overflow-x-auto">
        <table className="w-full min-w-[40rem] border-collapse text-[15px]">
          <thead>
            <tr className="border-rule border-b text-left text-ink-soft text-sm">
              {table.getHeaderGroups()[0]!.headers.map(({ id, column: c }) => (
                <th
                  key={id}
                  aria-sort={
                    c.getIsSorted() === false
                      ? 'none'
                      : c.getIsSorted() === 'asc'
                        ? 'ascending'
                        : 'descending'
                  }
                  className="py-1 pr-3 font-medium"
                >
                  <button
                    type="button"
                    onClick={c.getToggleSortingHandler()}
                    className="flex items-center gap-1 rounded px-1 hover:bg-rule/60"
                  >
                    {c.columnDef.header as string}
                    {c.getIsSorted() === 'asc' && <ArrowUp size={14} aria-hidden />}
                    {c.getIsSorted() === 'desc' && <ArrowDown size={14} aria-hidden />}
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.getRowModel().rows.map(({ id, original, getVisibleCells }) => (
              <tr
                key={id}
                className="border-rule border-b align-middle"
                data-testid={`closure-${original.id}`}
              >
                {getVisibleCells().map((cell) => (
                  <td key={cell.id} className="py-1.5 pr-3 pl-1">
                    <Cell id={cell.column.id as ColumnId} row={original} usualMm={common.closedMm} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Refused rows={rows} />
    </div>
  );
}

interface Common {
  /** What most of them measure inside once closed. */
  readonly closedMm: number;
  /** Some leave something dangling. */
  readonly dangles: boolean;
}

/** Below what a tape can tell, sizes are the same. */
const SAME_MM = 0.5;

function commonOf(made: readonly Made[]): Common {
  const sameAs = (mm: number) => made.filter((r) => Math.abs(r.closedMm - mm) < SAME_MM).length;
  const [usual] = made.map((r) => r.closedMm).sort((a, b) => sameAs(b) - sameAs(a));
  return { closedMm: usual ?? 0, dangles: made.some((r) => r.danglesMm >= SAME_MM) };
}

function Heading({ common }: { readonly common: Common }) {
  const show = useLength();
  return (
    <p className="mb-2 text-ink-soft text-sm">
      Closed, each measures {show(common.closedMm)} inside unless it says otherwise. Press a heading to sort,
      a name to use it.
    </p>
  );
}

/** One fact of one closure. */
function Cell({ id, row, usualMm }: { readonly id: ColumnId; readonly row: Made; readonly usualMm: number }) {
  const show = useLength();
  switch (id) {
    case 'name':
      return <Name row={row} usualMm={usualMm} />;
    case 'open':
      return (
        <span className="whitespace-nowrap">
          {row.openMm === undefined ? 'flat' : `to ${show(row.openMm)}`}
        </span>
      );
    case 'cordMm':
      return (
        <WhyNumber
          label={`Cord in all, ${row.name}`}
          value={show(row.cordMm, { kind: 'cut', rounding: 'up' })}
          why={row.cordWhy}
        />
      );
    case 'minutes':
      return (
        <WhyNumber
          label={`Time, ${row.name}`}
          value={`${Math.round(row.minutes)} min`}
          why={row.minutesWhy}
        />
      );
    case 'danglesMm':
      return row.dangles && row.danglesMm >= SAME_MM
        ? `${show(row.danglesMm, { kind: 'small' })}: ${row.dangles}`
        : '';
    case 'difficulty':
      return HARD_NAMES[row.difficulty - 1];
    case 'checks':
      return <Checks row={row} />;
    default:
      return id satisfies never;
  }
}

function Name({ row, usualMm }: { readonly row: Made; readonly usualMm: number }) {
  const show = useLength();
  const { dispatch } = useBench();
  return (
    <button
      type="button"
      aria-pressed={row.isChosen}
      onClick={() => dispatch({ type: 'become', design: row.design })}
      className="flex w-full items-center gap-2 rounded px-1.5 py-0.5 text-left font-semibold hover:bg-rule/60 aria-pressed:bg-amber-pale"
    >
      <ClosurePicture
        plan={row.plan}
        patternId={row.design.pattern.id}
        className="h-9 w-32 shrink-0 justify-between"
      />
      <span>
        {row.name}
        {Math.abs(row.closedMm - usualMm) >= SAME_MM && (
          <span className="block font-normal text-ink-soft text-sm">{show(row.closedMm)} inside, closed</span>
        )}
      </span>
    </button>
  );
}

function Checks({ row }: { readonly row: Made }) {
  const [first] = row.failed;
  if (!first) return <CircleCheck className="text-good" size={18} aria-label="all checks passed" />;
  return (
    <span className="flex items-start gap-1 text-bad text-sm">
      <CircleAlert size={15} className="mt-0.5 shrink-0" aria-hidden />
      <span>
        <WhyText why={first.message} />
        {row.failed.length > 1 && ` (and ${row.failed.length - 1} more)`}
      </span>
    </span>
  );
}

/** Closures that this piece cannot have, by reason: each reason once. */
function Refused({ rows }: { readonly rows: readonly Compared[] }) {
  const byReason = new Map<string, string[]>();
  for (const row of rows)
    if (!row.ok) byReason.set(row.reason, [...(byReason.get(row.reason) ?? []), row.name]);
  if (byReason.size === 0) return null;
  const count = [...byReason.values()].flat().length;
  return (
    <div className="mt-3 text-ink-soft text-sm">
      <p>
        {count} {plural(count, 'closure')} not possible here:
      </p>
      <ul className="mt-0.5 flex flex-col gap-0.5">
        {[...byReason].map(([reason, names]) => (
          <li key={reason}>
            <span className="font-semibold">{names.join(', ')}</span>: {reason}
          </li>
        ))}
      </ul>
    </div>
  );
}
