import type { InputHTMLAttributes, Ref } from 'react';
import { Problem } from './Problem.tsx';

interface Props extends InputHTMLAttributes<HTMLInputElement> {
  readonly label: string;
  readonly problem?: string | undefined;
  /** The figures' typeface, for what is counted. */
  readonly isFigure?: boolean;
  readonly ref?: Ref<HTMLInputElement>;
}

/** A line of text with its name, and room for what is wrong with it. */
export function TextField({ label, problem, isFigure, ...input }: Props) {
  return (
    <label className="flex min-w-0 grow flex-col gap-1">
      <span className="font-medium text-sm">{label}</span>
      <input
        className={`w-full rounded border border-ink-soft bg-white px-2 py-1.5 aria-invalid:border-bad aria-invalid:bg-bad-pale ${isFigure ? 'figure text-lg' : ''}`}
        autoComplete="off"
        aria-invalid={problem ? true : undefined}
        {...input}
      />
      <Problem>{problem}</Problem>
    </label>
  );
}
