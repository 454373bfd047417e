import { useId, useState } from 'react';
import { parseLength } from '../../core/units/index.ts';
import { onlyLength } from './keys.ts';
import { useLength, useUnits } from './units.tsx';

interface Props {
  readonly label: string;
  readonly valueMm: number | undefined;
  readonly onChange: (mm: number) => void;
  /** Given where the length may be missing: the field was emptied. */
  readonly onClear?: () => void;
  /** Given where nothing may be done with the length before, while the field shows one that cannot be. */
  readonly onWrong?: () => void;
  readonly leastMm: number;
  readonly mostMm: number;
  readonly kind?: 'body' | 'small';
  readonly hint?: string;
  readonly autoFocus?: boolean;
}

/** A length as people type it, in any unit. What cannot be right stays in the field with a plain message. */
export function LengthField({
  label,
  valueMm,
  onChange,
  onClear,
  onWrong,
  leastMm,
  mostMm,
  kind = 'body',
  hint,
  autoFocus,
}: Props) {
  const units = useUnits();
  const show = useLength();
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const shown = typed ?? (valueMm === undefined ? '' : show(valueMm, { kind }));
  const problem = typed === undefined ? undefined : problemOf(typed);

  function problemOf(
    text: string,
  ): { message: string; span?: readonly [number, number] | undefined } | undefined {
    if (onClear && text.trim() === '') return undefined;
    const read = parseLength(text, units === 'imperial' ? 'in' : 'mm');
    if (!read.ok) return read.issues[0]!;
    if (read.value >= leastMm && read.value <= mostMm) return undefined;
    return {
      message: `${show(read.value)} is out of range: choose a length between ${show(leastMm)} and ${show(mostMm)}.`,
    };
  }

  function change(text: string) {
    setTyped(text);
    if (problemOf(text)) return onWrong?.();
    if (text.trim() === '') return onClear?.();
    const read = parseLength(text, units === 'imperial' ? 'in' : 'mm');
    if (read.ok) onChange(read.value);
  }

  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-medium text-sm">
        {label}
      </label>
      <input
        id={id}
        data-autofocus={autoFocus || undefined}
        className="figure w-full rounded border border-ink-soft bg-card px-2 py-1.5 text-lg aria-invalid:border-bad aria-invalid:bg-bad-pale"
        value={shown}
        inputMode="text"
        autoComplete="off"
        aria-invalid={problem ? true : undefined}
        aria-describedby={`${id}-note`}
        onKeyDown={onlyLength}
        onChange={(e) => change(e.target.value)}
        onFocus={(e) => e.target.select()}
        onBlur={() => {
          if (!problem) setTyped(undefined);
        }}
      />
      <p
        id={`${id}-note`}
        className={`text-sm ${problem ? 'text-bad' : 'text-ink-soft'}`}
        role={problem ? 'alert' : undefined}
      >
        {problem ? (
          <>
            {problem.message}
            {typed && problem.span && problem.span[1] > problem.span[0] && (
              <span className="mt-1 block">
                Here: {typed.slice(0, problem.span[0])}
                <mark className="bg-bad px-0.5 text-white">{typed.slice(...problem.span)}</mark>
                {typed.slice(problem.span[1])}
              </span>
            )}
          </>
        ) : (
          (hint ?? 'Any unit: 16.5 cm, 165 mm, 6 1/2 in')
        )}
      </p>
    </div>
  );
}
