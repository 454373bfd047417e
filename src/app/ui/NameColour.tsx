import { PALETTE } from '../../core/colour/palette.ts';
import { Select } from './Select.tsx';

interface Props {
  /** What the maker or a shop calls it. */
  readonly word: string;
  readonly label: string;
  readonly onName: (colour: string) => void;
}

/** A word for a colour that nobody knows: which of the maker's colours it is. */
export function NameColour({ word, label, onName }: Props) {
  return (
    <span className="flex items-center gap-2 text-[15px]">
      “{word}” is
      <Select
        label={label}
        value=""
        choices={[
          { value: '', name: 'choose a colour' },
          ...PALETTE.map((c) => ({ value: c.id, name: c.name })),
        ]}
        onChange={(colour) => colour && onName(colour)}
      />
    </span>
  );
}
