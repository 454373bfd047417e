import { lazy, Suspense, useState } from 'react';

const TriedOnEntry = lazy(() => import('./TriedOnEntry.tsx'));

/** The piece was tried on and is off by so much: what to do now, and what cord that leaves. */
export function TriedOn() {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="Tried it on" className="min-w-0">
      <h2 className="font-bold font-title text-xl">
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="rounded px-1 text-left hover:bg-rule/60"
        >
          {open ? '▾' : '▸'} Tried it on?{' '}
          <span className="font-normal font-sans text-ink-soft text-sm">
            say how it sits, and what to do now is here
          </span>
        </button>
      </h2>
      {open && (
        <Suspense>
          <TriedOnEntry />
        </Suspense>
      )}
    </section>
  );
}
