import type { ButtonHTMLAttributes, Ref } from 'react';

const LOOKS = {
  // The border shows where the system chooses the colours.
  next: 'border border-transparent bg-amber text-[#1b211f] font-semibold hover:bg-[#f0b43a]',
  plain: 'border border-ink-soft/60 bg-card text-ink hover:border-ink',
  quiet: 'text-ink-soft hover:bg-rule/50 hover:text-ink',
} as const;

export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & {
  readonly look?: keyof typeof LOOKS;
  readonly ref?: Ref<HTMLButtonElement>;
}) {
  return (
    <button
      type="button"
      className={`inline-flex items-center justify-center gap-2 rounded-md px-3 py-1.5 text-[15px] ${LOOKS[look]} disabled:opacity-50 ${className}`}
      {...rest}
    />
  );
}
