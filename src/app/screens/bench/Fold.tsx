import { type ReactNode, Suspense, useState } from 'react';

interface Props {
  readonly label: string;
  readonly title: string;
  readonly note: string;
  readonly children: ReactNode;
}

/** A section that stays folded until it is wanted; what is in it is fetched and worked out only then. */
export function Fold({ label, title, note, children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label={label} className="min-w-0">
      <h2 className="font-bold font-title text-xl">
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="rounded px-1 text-left hover:bg-rule/60"
        >
          {open ? '▾' : '▸'} {title}{' '}
          <span className="font-normal font-sans text-ink-soft text-sm">{note}</span>
        </button>
      </h2>
      {open && <Suspense>{children}</Suspense>}
    </section>
  );
}
