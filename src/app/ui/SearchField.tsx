interface Props {
  readonly label: string;
  /** What can be typed, where that is more than the label says. */
  readonly example?: string;
  readonly value: string;
  readonly onChange: (sought: string) => void;
  readonly className?: string;
}

const MOST_CHARS = 100;

/** A field to find something by typing. */
export function SearchField({ label, example = label, value, onChange, className = '' }: Props) {
  return (
    <input
      type="search"
      aria-label={label}
      placeholder={example}
      value={value}
      maxLength={MOST_CHARS}
      onChange={(e) => onChange(e.target.value)}
      className={`rounded border border-ink-soft bg-white px-2 py-1.5 ${className}`}
    />
  );
}
