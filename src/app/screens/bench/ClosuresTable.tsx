import { CircleAlert } from 'lucide-react';
import { useMemo } from 'react';
import { type Compared, compareClosures } from '../../../core/plan/compare.ts';
import { whyText } from '../../../core/why/why.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useLength, useUnits } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { useBench, usePlan } from './BenchContext.tsx';

type Made = Extract<Compared, { ok: true }>;
const HARD = ['easy', 'easy', 'middling', 'hard', 'very hard'];

/** What stands under its heading once it is opened. */
export default function ClosuresTable() {
  const view = usePlan();
  const { know } = useWorkshop();
  const rows = useMemo(() => (view ? compareClosures(view.planned, know) : []), [view, know]);
  const made = rows.filter((r): r is Made => r.ok);
  const refused = rows.filter((r) => !r.ok);
  const girth = view?.planned.wearer.girthMm ?? 0;
  const most = Math.max(girth, ...made.map((r) => r.openMm ?? r.closedMm));
  return (
    <div className="mt-2 overflow-x-auto">
      <table className="w-full min-w-[44rem] border-collapse text-[15px]">
        <thead>
          <tr className="border-rule border-b text-left text-ink-soft text-sm">
            <th className="py-1 font-medium">closure</th>
            <th className="font-medium">inside, closed to open</th>
            <th className="text-right font-medium">cord</th>
            <th className="text-right font-medium">time</th>
            <th className="pl-4 font-medium">dangles</th>
            <th className="pl-4 font-medium">tying it</th>
          </tr>
        </thead>
        <tbody>
          {made.map((row) => (
            <ClosureRow key={row.id} row={row} girth={girth} most={most} />
          ))}
        </tbody>
      </table>
      {refused.length > 0 && (
        <ul className="mt-2 flex flex-col gap-0.5 text-ink-soft text-sm">
          {refused.map((r) => (
            <li key={r.id}>
              <span className="font-semibold">{r.name}</span>: {!r.ok && r.reason}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function ClosureRow({
  row,
  girth,
  most,
}: {
  readonly row: Made;
  readonly girth: number;
  readonly most: number;
}) {
  const { dispatch } = useBench();
  const show = useLength();
  const units = useUnits();
  // Where it closes is what tells closures apart: the line starts a little below the body.
  const least = girth * 0.85;
  const share = (mm: number) => `${Math.max(0, Math.min(100, ((mm - least) / (most - least)) * 100))}%`;
  const [first, ...more] = row.failed;
  return (
    <tr className="border-rule border-b align-top" data-testid={`closure-${row.id}`}>
      <td className="py-1.5 pr-3">
        <button
          type="button"
          aria-pressed={row.isChosen}
          onClick={() => dispatch({ type: 'become', design: row.design })}
          className="rounded px-1.5 py-0.5 text-left font-semibold hover:bg-rule/60 aria-pressed:bg-amber-pale"
        >
          {row.name}
        </button>
        {first && (
          <span className="flex items-start gap-1 pl-1.5 text-bad text-sm">
            <CircleAlert size={15} className="mt-0.5 shrink-0" aria-hidden />
            {whyText(first.message, units)}
            {more.length > 0 && ` (and ${more.length} more)`}
          </span>
        )}
      </td>
      <td className="w-64 py-2">
        <span className="relative block h-3 rounded-sm bg-rule/60">
          <span
            className="absolute inset-y-0 rounded-sm bg-mat"
            style={{
              left: share(row.closedMm),
              right: row.openMm === undefined ? 0 : `calc(100% - ${share(row.openMm)} - 3px)`,
            }}
          />
          <span className="absolute -inset-y-0.5 w-0.5 bg-amber-ink" style={{ left: share(girth) }} />
        </span>
        <span className="figure text-sm">
          {show(row.closedMm)} {row.openMm === undefined ? '· opens right up' : `to ${show(row.openMm)}`}
        </span>
      </td>
      <td className="whitespace-nowrap py-1.5 pl-3 text-right">
        <WhyNumber
          label={`Cord in all, ${row.name}`}
          value={show(row.cordMm, { kind: 'cut', rounding: 'up' })}
          why={row.cordWhy}
        />
      </td>
      <td className="whitespace-nowrap py-1.5 pl-3 text-right">
        <WhyNumber
          label={`Time, ${row.name}`}
          value={`${Math.round(row.minutes)} min`}
          why={row.minutesWhy}
        />
      </td>
      <td className="py-1.5 pl-4">
        {row.dangles ? `${show(row.danglesMm, { kind: 'small' })}: ${row.dangles}` : 'nothing'}
      </td>
      <td className="py-1.5 pl-4">{HARD[row.difficulty - 1]}</td>
    </tr>
  );
}
