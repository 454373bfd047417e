import { ChevronDown, CircleAlert, CircleCheck, Info } from 'lucide-react';
import type { Why } from '../../core/why/why.ts';
import { plural } from '../../core/words.ts';
import { Disclosed } from './Disclosed.tsx';
import { WhyText } from './WhyNumber.tsx';

/** What is asked of a check to show it; `P` is what puts a failed one right. */
interface Shown<P> {
  readonly id: string;
  readonly ok: boolean;
  readonly isNote?: boolean;
  readonly message: Why;
  readonly fix?: { readonly label: Why; readonly patch: P };
}

interface Props<P> {
  readonly checks: readonly Shown<P>[];
  readonly onFix: (patch: P) => void;
}

/** Checks line by line, each with the button that puts it right. */
export function CheckList<P>({ checks, label, onFix }: Props<P> & { readonly label: string }) {
  if (checks.length === 0) return null;
  return (
    <ul aria-label={label} className="flex flex-col gap-1.5 text-[15px]">
      {checks.map((check) => (
        <CheckLine key={check.id} check={check} onFix={onFix} />
      ))}
    </ul>
  );
}

/** What is all right says so in one line, and why when asked. */
export function PassedChecks<P>({ checks, onFix }: Props<P>) {
  if (checks.length === 0) return null;
  return (
    <Disclosed
      labelClass="group flex items-center gap-2 rounded px-1 text-left hover:bg-rule/60"
      label={
        <>
          <CircleCheck className="shrink-0 text-good" size={18} aria-hidden />
          <span className="font-semibold">
            {checks.length} {plural(checks.length, 'check')} passed
          </span>
          <ChevronDown
            className="text-ink-soft transition-transform group-data-open:rotate-180"
            size={16}
            aria-hidden
          />
        </>
      }
    >
      <div className="mt-1.5">
        <CheckList label="Checks passed" checks={checks} onFix={onFix} />
      </div>
    </Disclosed>
  );
}

function CheckLine<P>({ check, onFix }: { readonly check: Shown<P>; readonly onFix: (patch: P) => void }) {
  const { fix } = check;
  return (
    <li className="flex items-start gap-2" data-testid={`check-${check.id}`} data-ok={check.ok}>
      {check.isNote ? (
        <Info className="mt-0.5 shrink-0 text-ink-soft" size={18} aria-label="note" />
      ) : check.ok ? (
        <CircleCheck className="mt-0.5 shrink-0 text-good" size={18} aria-label="passes" />
      ) : (
        <CircleAlert className="mt-0.5 shrink-0 text-bad" size={18} aria-label="look at this" />
      )}
      <span className={check.ok ? '' : 'font-semibold text-bad'}>
        <WhyText why={check.message} />
        {fix && (
          <button
            type="button"
            className="mt-1 block rounded border border-amber bg-amber-pale px-2 py-0.5 text-left font-semibold text-amber-ink hover:bg-amber/30"
            onClick={() => onFix(fix.patch)}
          >
            <WhyText why={fix.label} />
          </button>
        )}
      </span>
    </li>
  );
}
