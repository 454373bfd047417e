import { type ButtonHTMLAttributes, type MouseEvent, type Ref, useRef } from 'react';

const LOOKS = {
  // The border shows where the system chooses the colours.
  next: 'border border-transparent bg-amber text-[#1b211f] font-semibold hover:bg-[#f0b43a]',
  plain: 'border border-ink-soft/60 bg-card text-ink hover:border-ink',
  quiet: 'text-ink-soft hover:bg-rule/50 hover:text-ink',
} as const;

type Props = Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'onClick'> & {
  readonly look?: keyof typeof LOOKS;
  readonly ref?: Ref<HTMLButtonElement>;
  /** What it does. While a promise of it is on its way, pressing again does nothing: nothing is made twice by a double press. */
  readonly onClick?: ((event: MouseEvent<HTMLButtonElement>) => unknown) | undefined;
};

export function Button({ look = 'plain', className = '', onClick, ...rest }: Props) {
  const isBusy = useRef(false);
  function press(event: MouseEvent<HTMLButtonElement>) {
    if (isBusy.current) return;
    const done = onClick?.(event);
    if (!(done instanceof Promise)) return;
    isBusy.current = true;
    const free = () => {
      isBusy.current = false;
    };
    void done.finally(free);
  }
  return (
    <button
      type="button"
      className={`inline-flex items-center justify-center gap-2 rounded-md px-3 py-1.5 text-[15px] ${LOOKS[look]} disabled:opacity-50 ${className}`}
      {...rest}
      onClick={onClick && press}
    />
  );
}
