import type { Issue } from '../../../core/result.ts';
import type { Bench as BenchStore } from '../../state/bench.ts';
import { Bench } from './Bench.tsx';

interface Props {
  readonly bench: BenchStore | undefined;
  readonly issues: readonly Issue[] | undefined;
}

/** The Bench with the design that is open, or why it cannot be opened. */
export function BenchPage({ bench, issues }: Props) {
  if (bench) return <Bench bench={bench} />;
  if (!issues) return <main className="p-8 text-ink-soft">Opening…</main>;
  return (
    <main className="mx-auto max-w-xl p-8" role="alert">
      <h1 className="mb-2 font-bold font-title text-2xl">This design cannot be opened</h1>
      <ul className="list-disc pl-5">
        {issues.map((i) => (
          <li key={i.path + i.message}>
            {i.path && <code className="figure">{i.path}</code>} {i.message}
          </li>
        ))}
      </ul>
      <p className="mt-3 text-ink-soft">It was left untouched. Choose another under “Designs”.</p>
    </main>
  );
}
