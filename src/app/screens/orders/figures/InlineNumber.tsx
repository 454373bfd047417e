import { useState } from 'react';

interface Props {
  readonly label: string;
  readonly value: number | undefined;
  readonly digits: number;
  readonly least?: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
  /** Given where the number may be missing: the field was emptied. */
  readonly onClear?: () => void;
}

/** A number in the middle of a sentence or table. What is no number within its limits stays in the field with a plain message, and is not kept; Escape brings the number back. */
export function InlineNumber({ label, value, digits, least = 0, most, onChange, onClear }: Props) {
  const [typed, setTyped] = useState<string>();
  const shown = typed ?? value?.toFixed(digits) ?? '';
  const text = shown.trim();
  const read = Number(text.replace(',', '.'));
  const problem = typed === undefined ? undefined : problemOf();

  function problemOf(): string | undefined {
    const limits = `choose one from ${least} to ${most}`;
    if (text === '') return onClear ? undefined : `A number is needed: ${limits}.`;
    if (!Number.isFinite(read)) return `“${text}” isn’t a number: ${limits}.`;
    return read >= least && read <= most ? undefined : `${text} is out of range: ${limits}.`;
  }

  function done() {
    if (typed === undefined || problem) return;
    if (text === '') onClear?.();
    else if (read !== value) onChange(read);
    setTyped(undefined);
  }

  return (
    <span className="relative inline-block">
      <input
        aria-label={label}
        inputMode="decimal"
        aria-invalid={problem ? true : undefined}
        value={shown}
        size={Math.max(4, shown.length)}
        onFocus={(e) => e.target.select()}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={done}
        onKeyDown={(e) => {
          if (e.key === 'Enter') done();
          if (e.key === 'Escape') setTyped(undefined);
        }}
        className="figure rounded border-ink-soft border-b-2 bg-amber-pale/50 px-1 py-0.5 text-center font-semibold aria-invalid:border-bad aria-invalid:bg-bad-pale"
      />
      {problem && (
        <span
          role="alert"
          className="absolute top-full left-0 z-10 whitespace-nowrap rounded border border-bad bg-bad-pale px-1.5 text-[14px] text-bad"
        >
          {problem}
        </span>
      )}
    </span>
  );
}
