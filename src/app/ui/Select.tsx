import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import { Check, ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';

export interface SelectChoice<T> {
  readonly value: T;
  readonly name: string;
  /** Shown before the name: a swatch, a small picture. */
  readonly picture?: ReactNode;
}

interface Props<T> {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly SelectChoice<T>[];
  readonly onChange: (value: T) => void;
  readonly by?: (a: T, b: T) => boolean;
  readonly className?: string;
  /** Where there is room: the list opens beside its button, not over the page, so that it works within pickers. */
  readonly opens?: 'down' | 'up';
}

/** One of a short list, folded away until it is wanted. */
export function Select<T>({ label, value, choices, onChange, by, className = '', opens = 'down' }: Props<T>) {
  const same = by ?? ((a: T, b: T) => a === b);
  const chosen = choices.find((c) => same(c.value, value));
  return (
    <Listbox
      as="div"
      className="relative min-w-0 max-w-full"
      value={value}
      onChange={onChange}
      {...(by ? { by: (a: T | null, b: T | null) => a !== null && b !== null && by(a, b) } : {})}
    >
      <ListboxButton
        aria-label={`${label}: ${chosen?.name ?? ''}`}
        className={`flex max-w-full items-center gap-2 rounded border border-ink-soft bg-white px-2 py-1 text-left hover:bg-rule/30 ${className}`}
      >
        {chosen?.picture}
        <span className="grow truncate">{chosen?.name ?? ''}</span>
        <ChevronDown size={16} className="shrink-0 text-ink-soft" aria-hidden />
      </ListboxButton>
      <ListboxOptions
        modal={false}
        aria-label={label}
        className={`absolute left-0 z-40 max-h-80 min-w-full w-max max-w-[calc(100vw-24px)] ${opens === 'up' ? 'bottom-full mb-1' : 'top-full mt-1'} overflow-y-auto rounded-lg border border-rule bg-card p-1 text-base shadow-xl`}
      >
        {choices.map((c) => (
          <ListboxOption
            key={c.name}
            value={c.value}
            className="flex cursor-pointer items-center gap-2 rounded px-2 py-1 data-focus:bg-amber-pale"
          >
            {({ selected }) => (
              <>
                {c.picture}
                <span className={`grow ${selected ? 'font-semibold' : ''}`}>{c.name}</span>
                {selected && <Check size={16} aria-hidden />}
              </>
            )}
          </ListboxOption>
        ))}
      </ListboxOptions>
    </Listbox>
  );
}
