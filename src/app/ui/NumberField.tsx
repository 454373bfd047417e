import { onlyDigits } from './keys.ts';

interface Props {
  readonly label: string;
  readonly value: number | undefined;
  readonly least: number;
  readonly most?: number;
  /** A whole number within its limits; nothing once the field is emptied. */
  readonly onChange: (value: number | undefined) => void;
  readonly className?: string;
}

/** A count: whole, and never outside its limits. */
export function NumberField({
  label,
  value,
  least,
  most = Number.POSITIVE_INFINITY,
  onChange,
  className = '',
}: Props) {
  return (
    <input
      type="number"
      aria-label={label}
      onKeyDown={onlyDigits}
      min={least}
      max={Number.isFinite(most) ? most : undefined}
      value={value ?? ''}
      onChange={(e) => {
        const typed = Math.round(Number(e.target.value));
        onChange(e.target.value === '' ? undefined : Math.max(least, Math.min(most, typed || least)));
      }}
      className={`figure rounded border border-ink-soft bg-card px-2 py-1.5 text-ink ${className}`}
    />
  );
}
