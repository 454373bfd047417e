import { FolderOpen, Redo2, Search, Undo2 } from 'lucide-react';
import { Suspense, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { useStore } from 'zustand';
import { LIMITS } from '../../core/formats/limits.gen.ts';
import type { UnitSystem } from '../../core/units/index.ts';
import { HelpButton } from '../help/HelpButton.tsx';
import type { NamedDocument } from '../state/document.ts';
import { Boundary } from '../ui/Boundary.tsx';
import { Button } from '../ui/Button.tsx';
import { lazily } from '../ui/lazily.ts';
import { useUnits } from '../ui/units.tsx';
import { PLACES } from './places.ts';
import { SaveMark } from './SaveMark.tsx';

const DesignsDrawer = lazily(() => import('./DesignsDrawer.tsx'));

interface Props {
  readonly bench: NamedDocument | undefined;
  readonly onUnits: (units: UnitSystem) => void;
  readonly onCommands: () => void;
}

export function Header({ bench, onUnits, onCommands }: Props) {
  const [listing, setListing] = useState(false);
  const id = bench?.store.getState().id;
  const { pathname } = useLocation();
  return (
    <header className="flex flex-wrap items-center gap-x-5 gap-y-1 border-rule border-b bg-card px-5 py-1.5 max-sm:gap-x-2 max-sm:px-3 print:hidden">
      <p className="font-bold font-title text-2xl tracking-tight">Warp Beam</p>
      <nav aria-label="Places" className="flex grow basis-72 flex-wrap gap-x-4 text-[17px] max-sm:hidden">
        {PLACES.map((place) => (
          <Link
            key={place.to}
            to={place.to}
            aria-current={place.isHere(pathname) ? 'page' : undefined}
            className="border-transparent border-b-4 py-1 aria-[current]:border-amber aria-[current]:font-semibold"
          >
            {place.name}
          </Link>
        ))}
      </nav>
      <div className="ml-auto flex flex-wrap items-center justify-end gap-2 max-sm:gap-1">
        <Button
          onClick={() => setListing(true)}
          aria-label="Designs"
          aria-keyshortcuts="o"
          data-key="o"
          className="max-sm:px-2"
        >
          <FolderOpen size={18} aria-hidden /> <span className="max-sm:hidden">Designs</span>
        </Button>
        <UnitsSwitch onUnits={onUnits} />
        <Button
          aria-label="Find anything"
          title="Find anything (Ctrl K)"
          aria-keyshortcuts="Control+k"
          onClick={onCommands}
          className="max-sm:px-2"
        >
          <Search size={18} aria-hidden />
        </Button>
        <HelpButton />
      </div>
      {bench && <OnTheBench bench={bench} />}
      {listing && (
        <Boundary name="The list of designs" keys={[listing]}>
          <Suspense>
            <DesignsDrawer currentId={id} onClose={() => setListing(false)} />
          </Suspense>
        </Boundary>
      )}
    </header>
  );
}

/** What is open, in a row of its own: when it comes, no button moves from under the finger. */
function OnTheBench({ bench }: { readonly bench: NamedDocument }) {
  return (
    <div className="flex basis-full flex-wrap items-center gap-x-2">
      <NameField bench={bench} />
      <SaveMark bench={bench} />
      <UndoRedo bench={bench} />
    </div>
  );
}

function NameField({ bench }: { readonly bench: NamedDocument }) {
  const name = useStore(bench.store, (s) => s.history.present.name);
  return (
    <input
      aria-label="Name of this design"
      className="-ml-2 min-w-0 max-w-56 grow basis-32 rounded border border-transparent bg-transparent px-2 py-1 text-ink-soft hover:border-rule focus:border-ink-soft focus:bg-white focus:text-ink"
      defaultValue={name}
      key={name}
      maxLength={LIMITS.design['/name']}
      autoComplete="off"
      onBlur={(e) => {
        const next = e.target.value.trim();
        if (next && next !== name) bench.dispatch({ type: 'rename', name: next });
        else e.target.value = name;
      }}
      onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
    />
  );
}

function UndoRedo({ bench }: { readonly bench: NamedDocument }) {
  const past = useStore(bench.store, (s) => s.history.past.length);
  const future = useStore(bench.store, (s) => s.history.future.length);
  return (
    <span className="flex">
      <Button look="quiet" aria-label="Undo" title="Undo (Ctrl+Z)" disabled={past === 0} onClick={bench.undo}>
        <Undo2 size={20} aria-hidden />
      </Button>
      <Button
        look="quiet"
        aria-label="Redo"
        title="Redo (Ctrl+Shift+Z)"
        disabled={future === 0}
        onClick={bench.redo}
      >
        <Redo2 size={20} aria-hidden />
      </Button>
    </span>
  );
}

const UNITS = [
  { system: 'metric', name: 'cm' },
  { system: 'imperial', name: 'in' },
] as const;

function UnitsSwitch({ onUnits }: { readonly onUnits: (units: UnitSystem) => void }) {
  const units = useUnits();
  return (
    <fieldset className="flex overflow-hidden rounded-md border border-ink-soft/60">
      <legend className="sr-only">Units</legend>
      {UNITS.map(({ system, name }) => (
        <button
          key={system}
          type="button"
          aria-pressed={units === system}
          aria-label={system === 'metric' ? 'Centimetres' : 'Inches'}
          onClick={() => onUnits(system)}
          className="px-2.5 py-1.5 text-[15px] aria-pressed:bg-mat aria-pressed:font-semibold aria-pressed:text-white"
        >
          {name}
        </button>
      ))}
    </fieldset>
  );
}
