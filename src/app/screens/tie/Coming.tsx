import { comingUp } from '../../../core/steps/progress.ts';
import { useHere } from './TieContext.tsx';

const SOON_NAMES = ['next', 'after this row'];
const when = (rows: number): string => SOON_NAMES[rows] ?? `in ${rows} rows`;

/** What comes within the next three rows. */
export function Coming() {
  const { guide, index } = useHere();
  const coming = comingUp(guide.steps, index);
  if (coming.length === 0) return null;
  return (
    <ul className="flex flex-wrap gap-2" aria-label="Coming up" data-testid="coming">
      {coming.map((c) => (
        <li key={c.alert} className="rounded-full bg-amber-pale px-4 py-1 text-amber-ink text-xl">
          {when(c.inRows)}: {c.alert}
        </li>
      ))}
    </ul>
  );
}
