import { useState } from 'react';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly digits: number;
  readonly least?: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
}

/** A number in the middle of a sentence. What is no number within its limits is not kept, and the field says so. */
export function InlineNumber({ label, value, digits, least = 0, most, onChange }: Props) {
  const [typed, setTyped] = useState<string>();
  const shown = typed ?? value.toFixed(digits);
  const read = Number(shown.replace(',', '.'));
  const isBad = shown.trim() === '' || !(read >= least && read <= most);
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      title={isBad ? `From ${least} to ${most}` : undefined}
      aria-invalid={isBad ? true : undefined}
      value={shown}
      size={Math.max(4, shown.length)}
      onFocus={(e) => e.target.select()}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={() => {
        if (!isBad && read !== value) onChange(read);
        setTyped(undefined);
      }}
      onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      className="figure rounded border-ink-soft border-b-2 bg-amber-pale/50 px-1 py-0.5 text-center font-semibold aria-invalid:border-bad aria-invalid:bg-bad-pale"
    />
  );
}
