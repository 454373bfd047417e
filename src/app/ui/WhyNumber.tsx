import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import type { ReactNode } from 'react';
import { partText, type Why } from '../../core/why/why.ts';
import { useUnits } from './units.tsx';

interface Props {
  /** What the number is, for screen readers: “Cut length of Ember”. */
  readonly label: string;
  readonly value: ReactNode;
  readonly why: Why;
  readonly aside?: ReactNode;
  readonly className?: string;
  readonly testId?: string;
}

/** A number that answers “why?”: press it and its working appears. */
export function WhyNumber({ label, value, why, aside, className = '', testId }: Props) {
  return (
    <Popover className="relative inline-block">
      <PopoverButton
        className={`figure cursor-help underline decoration-current/40 decoration-dotted underline-offset-4 hover:decoration-current ${className}`}
        aria-label={`${label}: ${typeof value === 'string' ? value : ''}, why?`}
        data-testid={testId}
      >
        {value}
      </PopoverButton>
      <PopoverPanel
        anchor={{ to: 'bottom', gap: 8, padding: 12 }}
        className="z-40 w-max max-w-md rounded-lg bg-ink px-4 py-3 text-[15px] leading-relaxed text-white shadow-xl"
      >
        <p className="mb-1 text-sm text-white/75">{label}</p>
        <p data-testid="why">
          <WhyText why={why} />
        </p>
        {aside && <div className="mt-2 border-white/20 border-t pt-2 text-sm text-white/80">{aside}</div>}
      </PopoverPanel>
    </Popover>
  );
}

/** A working as text, quantities in figures. */
export function WhyText({ why }: { readonly why: Why }) {
  const system = useUnits();
  return why.map((part, i) =>
    typeof part === 'string' ? (
      part
    ) : (
      // biome-ignore lint/suspicious/noArrayIndexKey: parts have no identity but their place
      <span key={i} className="figure font-semibold">
        {partText(part, system)}
      </span>
    ),
  );
}
