import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { findPattern, PATTERNS } from '../../core/patterns/index.ts';
import type { UnitSystem } from '../../core/units/index.ts';
import { WORD_KEYS } from '../help/keys.ts';
import {
  ABOUT_PATH,
  BACKUP_PATH,
  designPath,
  OPEN_PATH,
  ringPath,
  START_PATH,
  WORDS_PATH,
  weavePath,
} from '../paths.ts';
import type { Bench } from '../state/bench.ts';
import { useWorkshop } from '../state/knowledge.tsx';
import { useLibrary } from '../state/library.ts';
import { useRingLibrary } from '../state/ringLibrary.ts';
import { finds } from '../ui/find.ts';
import { Sheet } from '../ui/Sheet.tsx';
import { useUnits } from '../ui/units.tsx';
import { type Command, girthIn } from './commands.ts';

interface Props {
  readonly bench: Bench | undefined;
  readonly onUnits: (units: UnitSystem) => void;
  readonly onClose: () => void;
}

/** More than these are not listed at once. */
const MOST_SHOWN = 40;

/** Every action and place by its name, with its key; a girth typed here is set at once. */
export default function CommandBox({ bench, onUnits, onClose }: Props) {
  const [query, setQuery] = useState('');
  const units = useUnits();
  const commands = useCommands(bench, onUnits);
  const design = bench?.store.getState().history.present;
  const girth = design && girthIn(query, design, units);
  const setGirth: Command[] = girth
    ? [
        {
          id: 'set-girth',
          name: `Set ${girth.words}`,
          group: 'This design',
          run: () => bench!.dispatch({ type: 'girth', mm: girth.mm }),
        },
      ]
    : [];
  const found = [...setGirth, ...commands.filter((c) => finds(c, query))].slice(0, MOST_SHOWN);
  return (
    <Sheet title="Find anything" place="box" isTitleHidden close="none" onClose={onClose}>
      <Combobox<Command | null>
        value={null}
        onChange={(command) => {
          if (!command) return;
          onClose();
          // After the dialog is gone, so that what opens next can have the focus.
          setTimeout(command.run);
        }}
        immediate
      >
        <ComboboxInput
          autoFocus
          aria-label="What do you want to do?"
          placeholder="What do you want to do? A name, a place, or a size such as “wrist 17.5”"
          className="rounded border border-ink-soft bg-white px-3 py-2 text-lg"
          displayValue={() => query}
          onChange={(e) => setQuery(e.target.value)}
          autoComplete="off"
        />
        <ComboboxOptions
          static
          modal={false}
          aria-label="Found"
          className="mt-2 overflow-y-auto empty:hidden"
        >
          {found.map((c) => (
            <ComboboxOption
              key={c.id}
              value={c}
              className="flex cursor-pointer items-baseline gap-3 rounded px-3 py-1.5 data-focus:bg-amber-pale"
            >
              <span className="grow">{c.name}</span>
              <span className="text-ink-soft text-sm">{c.group}</span>
              {c.key && <kbd className="figure rounded border border-rule px-1.5 text-sm">{c.key}</kbd>}
            </ComboboxOption>
          ))}
        </ComboboxOptions>
        {found.length === 0 && (
          <p className="px-3 py-2">
            Nothing is called that. Try another word, or a size such as “wrist 17.5”.
          </p>
        )}
      </Combobox>
    </Sheet>
  );
}

/** Presses what is on the page, as its key would. */
const press = (selector: string) => () => {
  const target = document.querySelector<HTMLElement>(selector);
  target?.focus();
  target?.click();
};

/** Every action and place. Long because it is a list: one entry a command. */
function useCommands(bench: Bench | undefined, onUnits: (units: UnitSystem) => void): Command[] {
  const navigate = useNavigate();
  const library = useLibrary();
  const rings = useRingLibrary();
  const { know, own } = useWorkshop();
  const units = useUnits();
  return useMemo(() => {
    const to = (path: string) => () => void navigate(path);
    const place = (id: string, name: string, path: string): Command => ({
      id,
      name,
      group: 'Places',
      run: to(path),
    });
    const here: Command[] = bench
      ? [
          ...WORD_KEYS.filter(({ key }) => document.querySelector(`[data-word="${key}"]`)).map(
            ({ key, does, also }): Command => ({
              id: `word-${key}`,
              name: `Change the ${does}`,
              group: 'This design',
              key: key.toUpperCase(),
              ...(also ? { also } : {}),
              run: press(`[data-word="${key}"]`),
            }),
          ),
          {
            id: 'tie',
            name: 'Start tying',
            group: 'This design',
            also: 'piece table',
            run: press('[data-do="tie"]'),
          },
          {
            id: 'export',
            name: 'Export',
            group: 'This design',
            also: 'save file svg csv json',
            run: press('[data-do="export"]'),
          },
          {
            id: 'print',
            name: 'Print the card',
            group: 'This design',
            also: 'paper pdf',
            run: () => window.print(),
          },
          { id: 'undo', name: 'Undo', group: 'This design', key: 'Ctrl Z', run: bench.undo },
          { id: 'redo', name: 'Redo', group: 'This design', key: 'Ctrl Shift Z', run: bench.redo },
        ]
      : [];
    const recent = library.records
      .toSorted((a, b) => b.updatedAt - a.updatedAt)
      .map(
        (r): Command => ({
          id: `design-${r.id}`,
          name: r.name,
          group: 'Designs',
          also: 'open design',
          run: to(designPath(r.id)),
        }),
      );
    const weaves = [...own.map((w) => w.id), ...PATTERNS.map((w) => w.id)].map(
      (id): Command => ({
        id: `weave-${id}`,
        name: know.name(id) ?? id,
        group: 'Weaves',
        also: findPattern(id)?.also ?? '',
        run: to(weavePath(id)),
      }),
    );
    return [
      ...here,
      { id: 'new', name: 'New design', group: 'Designs', run: () => void library.create() },
      ...recent,
      place('bench', 'Bench', '/'),
      place('rings', 'Rings', '/rings'),
      ...rings.records.map(
        (r): Command => ({
          id: `ring-${r.id}`,
          name: r.name,
          group: 'Rings',
          also: 'turk’s head gaucho',
          run: to(ringPath(r.id)),
        }),
      ),
      { id: 'new-ring', name: 'New ring', group: 'Rings', run: () => void rings.create() },
      place('table', 'Tie', '/tie'),
      place('weaves', 'Weaves', '/weaves'),
      place('stash', 'Stash', '/stash'),
      place('orders', 'Orders', '/orders'),
      place('log', 'Log', '/log'),
      place('practice', 'Practice', '/practice'),
      place('start', 'Start: three ways in', START_PATH),
      { ...place('backup', 'Backup: everything in one file', BACKUP_PATH), also: 'save restore zip copy' },
      {
        ...place('about', 'This browser: what is kept, and a self-test', ABOUT_PATH),
        also: 'diagnostics storage erase version bug report',
      },
      {
        ...place('codes', 'Open a design from another device', OPEN_PATH),
        also: 'qr codes camera photo link',
      },
      { id: 'designs', name: 'All designs', group: 'Places', key: 'O', run: press('[data-key="o"]') },
      {
        id: 'units',
        name: units === 'metric' ? 'Show inches' : 'Show centimetres',
        group: 'Settings',
        key: 'U',
        also: 'units metric imperial',
        run: () => onUnits(units === 'metric' ? 'imperial' : 'metric'),
      },
      {
        id: 'words',
        name: 'Words, with pictures',
        group: 'Help',
        also: 'glossary meaning term bight core',
        run: () => void navigate(WORDS_PATH),
      },
      {
        id: 'keys',
        name: 'Help and keys',
        group: 'Help',
        key: '?',
        also: 'shortcuts keyboard help',
        run: press('[data-key="?"]'),
      },
      ...weaves,
    ];
  }, [bench, library, rings, know, own, units, onUnits, navigate]);
}
