import type { ReactNode } from 'react';

interface Props {
  /** What will be here, drawn from a sample. */
  readonly picture: ReactNode;
  /** What is done, in its order. */
  readonly steps: readonly ReactNode[];
  /** Where to begin. */
  readonly children?: ReactNode;
}

/** A place with nothing in it yet: what it is for at a glance, and how one gets there. */
export function EmptyState({ picture, steps, children }: Props) {
  return (
    <section
      aria-label="How it begins"
      className="mt-4 grid max-w-5xl items-stretch gap-x-6 gap-y-4 rounded-xl border border-rule bg-card p-4 md:grid-cols-2"
    >
      <div className="on-mat flex min-h-56 flex-col items-center justify-center gap-3 overflow-hidden rounded-lg bg-mat p-4 text-white">
        {picture}
      </div>
      <div className="flex flex-col justify-center gap-4">
        <ol className="flex list-decimal flex-col gap-2 pl-6 text-lg">
          {steps.map((step, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps never change
            <li key={i}>{step}</li>
          ))}
        </ol>
        {children && <div className="flex flex-wrap items-center gap-3">{children}</div>}
      </div>
    </section>
  );
}
