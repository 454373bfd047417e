import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { type ReactNode, useState } from 'react';
import { finds, nameFirst } from './find.ts';

interface PictureChoice {
  readonly value: string;
  readonly name: string;
  readonly note?: ReactNode;
  /** Drawn only once the choice comes into view. */
  readonly picture: ReactNode;
  /** Other words that find it. */
  readonly also?: string;
  /** Listed, but cannot be chosen; its note says why. */
  readonly isOff?: boolean;
}

interface Props {
  readonly label: string;
  readonly value: string;
  readonly choices: readonly PictureChoice[];
  readonly onChange: (value: string) => void;
  /** Choices that were used lately, the last first: they lead the list. */
  readonly recent?: readonly string[];
  /** Escape: the list itself never closes, so what it lies in must. */
  readonly onLeave: () => void;
}

/** Things picked by their looks: type to find, arrows to move, Enter or a click to choose. */
export function PicturePicker({ label, value, choices, onChange, recent = [], onLeave }: Props) {
  const [query, setQuery] = useState('');
  const found = nameFirst(
    recentFirst(choices, recent).filter((c) => finds(c, query)),
    query,
  );
  return (
    <Combobox
      value={value}
      onChange={(next) => next !== null && onChange(next)}
      // The field is for finding, not for the value: it stays as typed.
      immediate
    >
      <div
        className="flex flex-col gap-2"
        data-keeps-open
        onKeyDownCapture={(e) => {
          if (e.key !== 'Escape') return;
          e.preventDefault();
          e.stopPropagation();
          if (query === '') onLeave();
          else setQuery('');
        }}
      >
        <span className="text-ink-soft text-sm" aria-hidden="true">
          {label}
        </span>
        <ComboboxInput
          aria-label={label}
          className="rounded border border-ink-soft bg-white px-2 py-1.5"
          // The list may be fetched first: by then the popover has handed the focus out.
          autoFocus
          placeholder="Type to find"
          displayValue={() => query}
          onChange={(e) => setQuery(e.target.value)}
          autoComplete="off"
        />
        <ComboboxOptions
          static
          modal={false}
          aria-label={label}
          className="grid max-h-[min(26rem,52vh)] grid-cols-1 gap-1.5 overflow-y-auto pr-1 sm:grid-cols-2"
        >
          {found.map((c) => (
            <ComboboxOption
              key={c.value}
              value={c.value}
              disabled={c.isOff ?? false}
              className="flex cursor-pointer flex-col gap-1 rounded-lg border border-rule bg-card p-2 [contain-intrinsic-size:auto_7rem] [content-visibility:auto] data-disabled:cursor-not-allowed data-selected:border-amber data-focus:bg-amber-pale data-selected:bg-amber-pale"
            >
              {c.picture}
              <span className={c.isOff ? 'line-through' : 'font-semibold'}>{c.name}</span>
              {c.note && <span className="text-ink-soft text-sm leading-snug">{c.note}</span>}
            </ComboboxOption>
          ))}
        </ComboboxOptions>
        {found.length === 0 && <p className="py-2">Nothing is called that.</p>}
      </div>
    </Combobox>
  );
}

function recentFirst(choices: readonly PictureChoice[], recent: readonly string[]): PictureChoice[] {
  const place = (choice: PictureChoice) => {
    const at = recent.indexOf(choice.value);
    return at < 0 ? recent.length : at;
  };
  return choices.toSorted((a, b) => place(a) - place(b));
}
