import type { Opened } from '../../state/bench.ts';
import { Bench } from './Bench.tsx';
import { Unopened } from './Unopened.tsx';

interface Props {
  readonly opened: Opened | undefined;
  /** Opens the design again, after it was repaired in the store. */
  readonly onRepaired: () => void;
}

/** The Bench with the design that is open, or why it cannot be opened. */
export default function BenchPage({ opened, onRepaired }: Props) {
  if (!opened) return <main className="p-8 text-ink-soft">Opening…</main>;
  if (opened.ok) return <Bench bench={opened.bench} />;
  return <Unopened issues={opened.issues} stored={opened.stored} onRepaired={onRepaired} />;
}
