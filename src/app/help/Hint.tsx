import { Lightbulb, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { type HintId, useHints } from '../state/hints.ts';

interface Props {
  readonly id: HintId;
  readonly className?: string;
  readonly children: ReactNode;
}

/** A line for whoever is new here, until it is dismissed for good. */
export function Hint({ id, className = '', children }: Props) {
  const { isDue, dismiss } = useHints();
  if (!isDue(id)) return null;
  return (
    <aside
      aria-label="Hint"
      className={`flex items-center gap-2 rounded-lg bg-amber-pale py-0.5 pr-1 pl-3 text-[15px] text-amber-ink print:hidden ${className}`}
    >
      <Lightbulb size={18} aria-hidden className="shrink-0" />
      <span className="py-1">{children}</span>
      <button
        type="button"
        aria-label="Don’t show this hint again"
        title="Don’t show this again"
        className="ml-auto rounded p-2 hover:bg-amber/30"
        onClick={() => dismiss(id)}
      >
        <X size={18} aria-hidden />
      </button>
    </aside>
  );
}
