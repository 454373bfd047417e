import { Radio, RadioGroup } from '@headlessui/react';
import type { ReactNode } from 'react';

interface Props<T extends string | boolean> {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly { readonly value: T; readonly name: ReactNode }[];
  readonly onChange: (value: T) => void;
}

/** One of a few, side by side; arrows move between them. */
export function Segments<T extends string | boolean>({ label, value, choices, onChange }: Props<T>) {
  return (
    <RadioGroup aria-label={label} value={value} onChange={onChange}>
      <span className="font-medium text-sm" aria-hidden>
        {label}
      </span>
      <div className="mt-1 flex flex-wrap gap-2">
        {choices.map((choice) => (
          <Radio
            key={String(choice.value)}
            value={choice.value}
            className="cursor-pointer rounded-md border border-ink-soft px-3 py-1.5 text-[15px] hover:bg-rule/50 data-checked:border-amber data-checked:bg-amber data-checked:font-semibold data-checked:text-[#1b211f]"
          >
            {choice.name}
          </Radio>
        ))}
      </div>
    </RadioGroup>
  );
}
