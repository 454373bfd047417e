import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { Suspense } from 'react';
import { type Term, withTerms } from '../../core/glossary/terms.ts';
import { partText, type Why } from '../../core/why/why.ts';
import { lazily } from '../ui/lazily.ts';
import { useUnits } from '../ui/units.tsx';

const TermCard = lazily(() => import('./TermCard.tsx'));

/** What follows a word without a space stays on its line. */
const CLINGS = /^[,.;:!?)…’]+/;

/** A text in which the words of the craft open: what each means, with its picture. Those that were told before are left alone. */
export function Linked({
  text,
  told,
}: {
  readonly text: string;
  readonly told?: ReadonlySet<string> | undefined;
}) {
  const parts = withTerms(text, told);
  const clinging = (i: number): string => {
    const next = parts[i + 1];
    return (typeof next === 'string' && CLINGS.exec(next)?.[0]) || '';
  };
  return parts.map((part, i) =>
    typeof part === 'string' ? (
      i > 0 && typeof parts[i - 1] !== 'string' ? (
        part.replace(CLINGS, '')
      ) : (
        part
      )
    ) : (
      // biome-ignore lint/suspicious/noArrayIndexKey: parts have no identity but their place
      <span key={i} className="whitespace-nowrap">
        <TermLink term={part.term} text={part.text} />
        {clinging(i)}
      </span>
    ),
  );
}

/** An instruction as text, quantities in figures, words that open. */
export function LinkedWhy({
  why,
  told,
}: {
  readonly why: Why;
  readonly told?: ReadonlySet<string> | undefined;
}) {
  const system = useUnits();
  return why.map((part, i) =>
    typeof part === 'string' ? (
      // biome-ignore lint/suspicious/noArrayIndexKey: parts have no identity but their place
      <Linked key={i} text={part} told={told} />
    ) : (
      // biome-ignore lint/suspicious/noArrayIndexKey: parts have no identity but their place
      <span key={i} className="figure font-semibold">
        {partText(part, system)}
      </span>
    ),
  );
}

function TermLink({ term, text }: { readonly term: Term; readonly text: string }) {
  return (
    <Popover className="inline">
      <PopoverButton className="inline cursor-help underline decoration-dotted decoration-ink-soft/60 underline-offset-4 hover:bg-amber-pale data-open:bg-amber-pale">
        {text}
      </PopoverButton>
      <PopoverPanel
        focus
        role="dialog"
        aria-label={term.word}
        anchor={{ to: 'bottom', gap: 8, padding: 12 }}
        className="z-40 w-80 max-w-[calc(100vw-24px)] overflow-hidden rounded-xl border border-rule bg-card text-base text-ink shadow-xl"
      >
        <Suspense fallback={<p className="p-4">…</p>}>
          <TermCard term={term} />
        </Suspense>
      </PopoverPanel>
    </Popover>
  );
}
