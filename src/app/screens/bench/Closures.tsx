import { lazy, Suspense, useState } from 'react';

const ClosuresTable = lazy(() => import('./ClosuresTable.tsx'));

/** All closures for this design side by side; pressing one takes it. */
export function Closures() {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="Closures compared" className="min-w-0">
      <h2 className="font-bold font-title text-xl">
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="rounded px-1 text-left hover:bg-rule/60"
        >
          {open ? '▾' : '▸'} How could it close?{' '}
          <span className="font-normal font-sans text-ink-soft text-sm">
            every closure for this piece, side by side
          </span>
        </button>
      </h2>
      {open && (
        <Suspense>
          <ClosuresTable />
        </Suspense>
      )}
    </section>
  );
}
