import { Description, Label, Radio, RadioGroup } from '@headlessui/react';
import type { ReactNode } from 'react';

export interface Choice<T> {
  readonly value: T;
  readonly name: string;
  readonly note?: ReactNode;
  readonly swatch?: ReactNode;
  /** Listed, but cannot be taken; its note says why. */
  readonly isOff?: boolean;
}

interface Props<T> {
  readonly label: string;
  readonly choices: readonly Choice<T>[];
  readonly value: T;
  readonly by?: (a: T, b: T) => boolean;
  readonly onChange: (value: T) => void;
}

/** A short list to pick from; arrow keys try each on, so that the Beam shows it at once. */
export function Choices<T>({ label, choices, value, by, onChange }: Props<T>) {
  return (
    <RadioGroup
      value={value}
      onChange={onChange}
      {...(by ? { by: (a: T | null, b: T | null) => a !== null && b !== null && by(a, b) } : {})}
    >
      <Label className="mb-1 block text-ink-soft text-sm">{label}</Label>
      <div className="flex max-h-[min(24rem,50vh)] min-h-0 flex-col overflow-y-auto">
        {choices.map((choice) => (
          <Radio
            key={choice.name}
            value={choice.value}
            disabled={choice.isOff ?? false}
            className="flex cursor-pointer items-center gap-3 rounded px-2 py-1.5 hover:bg-paper data-checked:bg-amber-pale data-disabled:cursor-not-allowed"
          >
            {choice.swatch}
            <span className="flex grow flex-col">
              <Label className={choice.isOff ? 'line-through' : 'cursor-pointer font-semibold'}>
                {choice.name}
              </Label>
              {choice.note && <Description className="text-ink-soft text-sm">{choice.note}</Description>}
            </span>
          </Radio>
        ))}
      </div>
    </RadioGroup>
  );
}
