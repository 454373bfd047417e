import { CircleAlert } from 'lucide-react';
import { useBench, usePlan } from './BenchContext.tsx';

/** What keeps the design from being planned, in plain words; the last plan that worked stays on the mat. */
export function Issues() {
  const { issues } = useBench();
  const shown = usePlan();
  if (issues.length === 0) return null;
  return (
    <div role="alert" className="mx-5 mb-3 rounded-lg border border-bad bg-bad-pale px-4 py-2 text-bad">
      <ul className="flex flex-col gap-1">
        {issues.map((issue) => (
          <li key={issue.path + issue.message} className="flex items-start gap-2">
            <CircleAlert size={18} className="mt-0.5 shrink-0" aria-hidden />
            <span>{issue.message}</span>
          </li>
        ))}
      </ul>
      {shown && <p className="mt-1 text-ink-soft text-sm">Below is the last plan that worked.</p>}
    </div>
  );
}
